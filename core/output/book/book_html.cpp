#include <fmt/format.h>

#include <algorithm>

#include "base/units/format.h"
#include "base/words/say.h"
#include "making/cut_list.h"
#include "making/shopping.h"
#include "output/book/book.h"
#include "output/diagram/labels.h"
#include "output/diagram/step_drawing.h"
#include "output/files/diagram_svg.h"
#include "plan/plan_pictures.h"

namespace sangre {
namespace {

std::string html(const std::string& text) { return xml_escaped(text); }

/// An anchor for a step's key.
std::string anchor(const std::string& key) {
    std::string out = "s-";
    for (const char c : key) out += std::isalnum(static_cast<unsigned char>(c)) ? c : '-';
    return out;
}

constexpr const char* style = R"(
:root{--ink:#231F1C;--muted:#655D55;--card:#FFFDF9;--paper:#F6F2EC;--accent:#7A1E2C;--line:#DDD4C7}
*{box-sizing:border-box}body{margin:0 auto;max-width:60rem;padding:1rem;background:var(--paper);color:var(--ink);font:16px/1.45 B612,system-ui,sans-serif}
h1{margin:.2rem 0}h2{margin:2rem 0 .5rem;border-bottom:2px solid var(--accent)}h3{margin:.2rem 0}
nav a{margin-right:1rem;color:var(--accent)}section.step{background:var(--card);border:1px solid var(--line);border-radius:8px;padding:.8rem 1rem;margin:.7rem 0}
section.step.done{opacity:.55}.sub{color:var(--muted);margin:0}.caution{border-left:4px solid #B8720F;padding:.2rem .6rem;background:#FBF1DF}
label{display:block;padding:.3rem 0}input[type=checkbox]{width:1.2rem;height:1.2rem;margin-right:.6rem;vertical-align:middle}
img{max-width:100%;border-radius:6px}table{border-collapse:collapse;width:100%}td,th{border-bottom:1px solid var(--line);padding:.3rem .4rem;text-align:left;vertical-align:top}
svg{max-width:100%;height:auto}.muted{color:var(--muted)}a{color:var(--accent)}
@media print{section.step{break-inside:avoid}nav{display:none}body{background:#fff}}
)";

constexpr const char* script = R"(
const store='sangre:'+document.title;let ticks={};try{ticks=JSON.parse(localStorage.getItem(store)||'{}')}catch(e){}
for(const box of document.querySelectorAll('input[data-key]')){if(box.dataset.key in ticks)box.checked=ticks[box.dataset.key];
const show=()=>{const s=box.closest('section.step');if(s&&box.classList.contains('whole'))s.classList.toggle('done',box.checked)};show();
box.addEventListener('change',()=>{ticks[box.dataset.key]=box.checked;try{localStorage.setItem(store,JSON.stringify(ticks))}catch(e){}show()})}
)";

/// RFC 4648.
std::string base64(const std::string& bytes) {
    constexpr std::string_view digits = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/";
    std::string text;
    text.reserve((bytes.size() + 2) / 3 * 4);
    for (size_t i = 0; i < bytes.size(); i += 3) {
        unsigned three = 0;
        for (size_t k = 0; k < 3; ++k)
            three = three << 8U | (i + k < bytes.size() ? static_cast<unsigned char>(bytes[i + k]) : 0U);
        for (size_t k = 0; k < 4; ++k)
            text += i + k <= bytes.size() ? digits[three >> (18 - 6 * k) & 63U] : '=';
    }
    return text;
}

struct Page {
    const Plan& plan;
    const Catalogue& catalogue;
    const Study& s;
    const ReadPicture& read;
    std::string out{};

    /// The picture inside of the page; nothing where there is none.
    void picture(const std::string& name, const std::string& of) {
        const auto bytes = read && !name.empty() ? read(name) : std::nullopt;
        if (!bytes || bytes->size() > largest_picture) return;
        const char* type = bytes->starts_with("\xFF\xD8")  ? "jpeg"
                           : bytes->starts_with("\x89PNG") ? "png"
                                                           : nullptr;
        if (type)
            out += fmt::format("<img alt=\"{}\" src=\"data:image/{};base64,{}\">\n", html(of), type,
                               base64(*bytes));
    }

    void heading(const char* id, const std::string& words) {
        out += fmt::format("<h2 id=\"{}\">{}</h2>\n", id, html(words));
    }
    void row(const std::vector<std::string>& cells, const char* tag = "td") {
        out += "<tr>";
        for (const auto& c : cells) out += fmt::format("<{0}>{1}</{0}>", tag, c);
        out += "</tr>\n";
    }
    std::string box(const std::string& key, bool checked, const char* cls = "") const {
        return fmt::format("<input type=\"checkbox\" class=\"{}\" data-key=\"{}\"{}>", cls, html(key),
                           checked ? " checked" : "");
    }
    /// The words as a way to a step, where that is one of the plan's.
    std::string to_step(const std::string& key, const std::string& words) const {
        const bool there =
            std::any_of(s.steps().begin(), s.steps().end(), [&](const auto& one) { return one.key == key; });
        return there ? fmt::format("<a href=\"#{}\">{}</a>", anchor(key), words) : words;
    }
    void cautions() {
        heading("cautions", say("Cautions"));
        for (const auto& c : book_cautions(plan, catalogue, s.steps()))
            out += fmt::format("<p class=\"caution\">{}{}</p>\n", html(c.words),
                               c.step.empty() ? "" : fmt::format(" <a href=\"#{}\">→</a>", anchor(c.step)));
    }
    void buying() {
        const auto list = shopping(plan, catalogue, s);
        heading("buy", say("What to buy"));
        out += "<table>\n";
        row({"", html(say("what")), html(say("needed")), html(say("to buy")), html(say("used for"))}, "th");
        for (const auto& l : list.lines)
            row({box("buy:" + l.need.item, l.to_buy <= 0), html(l.need.item),
                 html(fmt::format("{} {}", format_number(l.need.amount), l.need.unit)),
                 l.to_buy > 0 ? html(fmt::format("{} {}", format_number(l.to_buy), l.need.unit))
                              : html(say("at hand")),
                 html(l.need.used_for)});
        out += "</table>\n";
    }
    void cutting() {
        heading("cut", say("What to cut"));
        for (const auto& g : cut_list(plan, catalogue, s).groups) {
            out += fmt::format("<h3>{}</h3>\n<table>\n", html(g.what));
            for (const auto& from : g.from) {
                for (const auto& p : from.pieces)
                    row({box("cut:" + p.step + p.mark, false), html(format(p.length)),
                         to_step(p.step, html(cut_words(p))),
                         html(from.of.empty() ? say("new")
                                              : say("from {of}, {length}: {left} left", from.of,
                                                    format(from.length), format(from.left)))});
            }
            out += "</table>\n";
        }
    }
    void step(const Step& one, size_t number) {
        const bool done = is_done(plan, one);
        out += fmt::format("<section class=\"step\" id=\"{}\">\n<h3><label>{}{} · {}</label></h3>\n",
                           anchor(one.key), box(one.key, done, "whole"), number, html(one.title));
        if (!one.subtitle.empty()) out += fmt::format("<p class=\"sub\">{}</p>\n", html(one.subtitle));
        if (const auto drawing = step_drawing(plan, catalogue, s, one); !drawing.shapes.empty())
            out += diagram_to_svg(drawing);
        picture(one.picture, one.title);
        picture(photo_of(plan, one.key), one.title);
        for (size_t i = 0; i < one.actions.size(); ++i)
            out += fmt::format("<label>{}{}</label>\n",
                               box(fmt::format("{}#{}", one.key, i), is_action_done(plan, one, i)),
                               html(one.actions[i]));
        if (!one.caution.empty()) out += fmt::format("<p class=\"caution\">{}</p>\n", html(one.caution));
        std::string tools;
        for (const auto& t : one.tools) tools += (tools.empty() ? "" : ", ") + said(t);
        out += fmt::format("<p class=\"muted\">{}</p>\n</section>\n",
                           html(say("about {minutes} min", format_number(one.minutes)) +
                                (tools.empty() ? "" : " · " + tools)));
    }
    void readings() {
        heading("readings", say("Readings to write in"));
        out += "<table>\n";
        row({html(say("what")), html(say("with")), html(say("should read")), html(say("reads"))}, "th");
        for (const auto& r : s.readings()) {
            const auto m = plan.measured.find(r.key);
            row({html(r.title), html(r.state), html(window_text(r)),
                 m == plan.measured.end() ? "" : html(value_text(r, m->second))});
        }
        out += "</table>\n";
    }
    void drawings() {
        heading("diagram", say("Wiring diagram"));
        for (const auto& sheet : draw_diagram(plan, catalogue, s.harness).sheets)
            out += diagram_to_svg(sheet);
        heading("labels", say("Labels"));
        out += "<table>\n";
        std::string last;
        for (const auto& l : wire_labels(plan, s.harness)) {
            if (l.title == last) continue;  // there are two of each
            last = l.title;
            row({to_step(cut_step_key(l.subject), "<b>" + html(l.title) + "</b>"), html(l.detail),
                 html(l.more)});
        }
        out += "</table>\n";
    }
    std::string write() {
        out = fmt::format(
            "<!DOCTYPE html>\n<html lang=\"{}\"><head><meta charset=\"utf-8\"><meta name=\"viewport\" "
            "content=\"width=device-width,initial-scale=1\">\n"
            "<title>{}</title><style>{}</style></head><body>\n<h1>{}</h1>\n<p class=\"muted\">{}</p>\n<nav>",
            html(say("en")),  // the language that is spoken, as BCP 47 calls it
            html(plan.name), style, html(plan.name),
            html(say("Build book: {count} steps, about {minutes_left} of handwork left.", s.steps().size(),
                     format(Second(minutes_left(plan, s.steps()) * 60)))));
        for (const auto& [id, words] : {std::pair{"cautions", say("Cautions")},
                                        {"buy", say("What to buy")},
                                        {"cut", say("What to cut")},
                                        {"steps", say("Steps")},
                                        {"readings", say("Readings to write in")},
                                        {"diagram", say("Wiring diagram")},
                                        {"labels", say("Labels")}})
            out += fmt::format("<a href=\"#{}\">{}</a>", id, html(words));
        out += "</nav>\n";
        cautions(), buying(), cutting();
        heading("steps", say("Steps"));
        size_t number = 0;
        for (const auto& one : s.steps()) step(one, ++number);
        readings(), drawings();
        return out + fmt::format("<script>{}</script></body></html>\n", script);
    }
};

}  // namespace

std::string book_html(const Plan& plan, const Catalogue& catalogue, const Study& s,
                      const ReadPicture& picture) {
    return Page{plan, catalogue, s, picture}.write();
}

}  // namespace sangre
