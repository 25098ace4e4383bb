#include "files/plan_text.h"

#include <fmt/format.h>

#include <algorithm>
#include <set>

#include "enum_words.h"
#include "files/plan_file.h"
#include "line/clauses.h"
#include "line/line.h"

namespace sangre {
namespace {

constexpr std::string_view id_word = "id ", keeps_word = "keeps ", comment = "--";

const char* id_prefix(const LineKind& kind) {
    const std::string_view word = kind.word;
    return word == "converter" ? "rail" : kind.word;
}

/// The id that a thing gets where none is said.
template <class Thing>
Id usual_id(const Plan& so_far, const Thing& thing) {
    if constexpr (requires { thing.from; })
        return fresh_id(so_far, std::is_same_v<Thing, Lead> ? "feed" : id_prefix(line_kind(thing)),
                        thing.from + " " + thing.to);
    else if constexpr (requires { thing.name; })
        return fresh_id(so_far, id_prefix(line_kind(thing)), thing.name);
    else
        return fresh_id(so_far, id_prefix(line_kind(thing)), thing.title);
}
Id usual_item_id(const Lead& lead, DeviceKind kind) {
    const Id begin = lead.id + "-" + std::string(word_of(kind));
    for (int n = 1;; ++n)
        if (const Id id = n == 1 ? begin : begin + "-" + std::to_string(n); !by_id(lead.devices, id))
            return id;
}

class TextWriter {
  public:
    TextWriter(const Plan& plan, const Catalogue& catalogue) : plan_(plan), context_(plan, catalogue) {}

    std::string text() {
        line("plan", thing_line(context_, plan_), plan_.extra);
        if (const auto said = thing_line(context_, plan_.practices);
            !said.empty() || !plan_.practices.extra.empty())
            line("practices", said, plan_.practices.extra);
        gap();
        all(plan_.bodies, &Plan::bodies), all(plan_.places, &Plan::places);
        all(plan_.openings, &Plan::openings);
        for (const auto& w : plan_.ways) {
            thing(w, &Plan::ways);
            for (const auto& met : w.on_it) beneath(met);
        }
        gap();
        all(plan_.sources, &Plan::sources), all(plan_.hubs, &Plan::hubs);
        all(plan_.converters, &Plan::converters), all(plan_.loads, &Plan::loads);
        all(plan_.passives, &Plan::passives);
        for (const auto& [part, terminals] : plan_.terminals) {
            line("terminals", context_.names.said(ThingSort::part, part), {});
            for (const auto& t : terminals) beneath(t);
        }
        gap();
        for (const auto& l : plan_.feeds) lead(l, &Plan::feeds, "lead");
        for (const auto& l : plan_.cables) lead(l, &Plan::cables, "cable");
        gap();
        all(plan_.phases, &Plan::phases), all(plan_.own_steps, &Plan::own_steps);
        all(plan_.own_readings, &Plan::own_readings);
        gap();
        for (const auto& [key, when] : plan_.done)
            line("done", clause_text(key) + ", " + clause_text(when), {});
        for (const auto& [key, m] : plan_.measured)
            line("measured", clause_text(key) + ", " + thing_line(context_, m), {});
        for (const auto& entry : plan_.log) line("log", thing_line(context_, entry), {});
        return out_;
    }

  private:
    void gap() {
        if (!out_.empty() && !out_.ends_with("\n\n")) out_ += '\n';
    }
    void line(const char* word, const std::string& said, const std::string& extra, const Id& id = {},
              const char* indent = "") {
        out_ += indent;
        out_ += word;
        if (!said.empty()) out_ += " " + said;
        if (!id.empty()) out_ += ", id " + clause_text(id);
        if (!extra.empty()) out_ += (said.empty() ? " keeps " : ", keeps ") + in_quotes(extra);
        out_ += '\n';
    }
    template <class Thing>
    void thing(const Thing& t, std::vector<Thing> Plan::*list, const char* word = nullptr) {
        const bool told = usual_id(so_far_, t) == t.id;
        line(word ? word : line_kind(t).word, thing_line(context_, t), t.extra, told ? Id() : t.id);
        (so_far_.*list).push_back(t);
    }
    template <class Thing>
    void all(const std::vector<Thing>& things, std::vector<Thing> Plan::*list) {
        for (const auto& t : things) thing(t, list);
    }
    template <class Thing>
    void beneath(const Thing& t) {
        std::string extra;
        if constexpr (requires { t.extra; }) extra = t.extra;
        line(line_kind(t).word, thing_line(context_, t), extra, {}, "  ");
    }
    void lead(const Lead& l, std::vector<Lead> Plan::*list, const char* word) {
        thing(l, list, word);
        Lead before;
        before.id = l.id;
        for (const auto& d : l.devices) {
            const bool told = usual_item_id(before, d.kind) == d.id;
            line(line_kind(d).word, thing_line(context_, d), d.extra, told ? Id() : d.id, "  ");
            before.devices.push_back(d);
        }
        for (const auto& core : l.cores) beneath(core);
    }
    const Plan& plan_;
    LineContext context_;
    Plan so_far_;
    std::string out_;
};

/// A line of the text without its word, its id and what it keeps.
struct TextLine {
    std::string word;
    std::string said;  ///< blanks where id and kept keys stood, so that places in it hold
    Id id;
    std::string extra;
    size_t number = 0, begin = 0, said_at = 0, end = 0;  ///< in the text
};

[[noreturn]] void fail(const TextLine& l, size_t begin, size_t end, const std::string& message) {
    throw TextError{l.number, begin, end, message};
}
[[noreturn]] void fail(const TextLine& l, const ParseError& error) {
    fail(l, l.said_at + error.begin, l.said_at + error.end, error.message);
}

std::vector<TextLine> lines_of(std::string_view text) {
    std::vector<TextLine> lines;
    size_t number = 0;
    for (size_t at = 0; at < text.size();) {
        const auto end = std::min(text.find('\n', at), text.size());
        ++number;
        auto from = at;
        while (from < end && (text[from] == ' ' || text[from] == '\t')) ++from;
        auto to = end;
        while (to > from && (text[to - 1] == ' ' || text[to - 1] == '\t' || text[to - 1] == '\r')) --to;
        at = end + 1;
        const auto whole = text.substr(from, to - from);
        if (whole.empty() || whole.starts_with(comment)) continue;
        TextLine l;
        l.number = number, l.begin = from, l.end = to;
        const auto blank = std::min(whole.find(' '), whole.size());
        l.word = lower(whole.substr(0, blank));
        l.said_at = from + std::min(blank + 1, whole.size());
        l.said = std::string(text.substr(l.said_at, to - l.said_at));
        const auto clauses = line_clauses(l.said);
        if (!clauses) fail(l, clauses.error());
        // The first is the head: a thing may be called “id 7”.
        const bool headed = l.word != "practices";
        for (size_t i = headed ? 1 : 0; i < clauses->size(); ++i) {
            const auto& c = (*clauses)[i];
            const bool id = c.text.starts_with(id_word) || c.text == "id",
                       keeps = c.text.starts_with(keeps_word);
            if (!id && !keeps) continue;
            const auto value =
                unquoted(c.text.substr(std::min(c.text.size(), id ? id_word.size() : keeps_word.size())));
            if (id && value.empty()) fail(l, l.said_at + c.begin, l.said_at + c.end, "an id is expected");
            (id ? l.id : l.extra) = value;
            std::fill(l.said.begin() + static_cast<std::ptrdiff_t>(c.begin),
                      l.said.begin() + static_cast<std::ptrdiff_t>(c.end), ' ');
        }
        lines.push_back(std::move(l));
    }
    return lines;
}

/// Goes through the lines twice: for what is called how, then for what is said of it.
class TextReader {
  public:
    TextReader(const Catalogue& catalogue, const Plan& onto) : catalogue_(catalogue), plan_(onto) {}

    Plan read(const std::vector<TextLine>& lines) {
        names(lines);
        const LineContext context(named_, catalogue_);
        context_ = &context;
        for (const auto& l : lines) take(l);
        return std::move(plan_);
    }

  private:
    /// Calls `with(list, empty thing)` for the kind of a line that makes a part, a place and the like.
    template <class With>
    bool with_list(const std::string& word, With with) {
        if (word == "body") return with(&Plan::bodies, Body{}), true;
        if (word == "place") return with(&Plan::places, Place{}), true;
        if (word == "opening") return with(&Plan::openings, Opening{}), true;
        if (word == "source") return with(&Plan::sources, Source{}), true;
        if (word == "hub") return with(&Plan::hubs, Hub{}), true;
        if (word == "converter") return with(&Plan::converters, Converter{}), true;
        if (word == "load") return with(&Plan::loads, Load{}), true;
        if (word == "part") return with(&Plan::passives, Passive{}), true;
        if (word == "phase") return with(&Plan::phases, Phase{}), true;
        if (word == "step") return with(&Plan::own_steps, OwnStep{}), true;
        if (word == "reading") return with(&Plan::own_readings, OwnReading{}), true;
        return false;
    }
    template <class With>
    bool with_joining_list(const std::string& word, With with) {
        if (word == "way") return with(&Plan::ways, Way{}), true;
        if (word == "lead") return with(&Plan::feeds, Lead{}), true;
        if (word == "cable") return with(&Plan::cables, Lead{}), true;
        return false;
    }
    /// The head alone, under the id that is said or follows.
    template <class Thing>
    Thing stub(const LineContext& context, const TextLine& l, const Thing& empty) {
        auto clauses = line_clauses(l.said);
        if (clauses->empty())
            fail(l, l.begin, l.end, fmt::format("what the {} is called is expected", l.word));
        const auto& head = clauses->front();
        auto read = read_thing(context, empty, std::string(head.begin, ' ') + std::string(head.text));
        if (!read) fail(l, read.error());
        // On top of another plan an id may be taken.
        read->id = l.id.empty() || taken_.contains(l.id) ? usual_id(named_, *read) : l.id;
        taken_.insert(read->id);
        ids_[l.number] = read->id;
        return *read;
    }
    void names(const std::vector<TextLine>& lines) {
        named_ = plan_;
        const auto take_ids = [&](const auto& list) {
            for (const auto& x : list) taken_.insert(x.id);
        };
        take_ids(plan_.bodies), take_ids(plan_.places), take_ids(plan_.openings), take_ids(plan_.ways);
        take_ids(plan_.sources), take_ids(plan_.hubs), take_ids(plan_.converters), take_ids(plan_.loads);
        take_ids(plan_.passives), take_ids(plan_.feeds), take_ids(plan_.cables), take_ids(plan_.phases);
        take_ids(plan_.own_steps), take_ids(plan_.own_readings);
        const Plan none;
        const LineContext nameless(none, catalogue_);
        for (const auto& l : lines)
            with_list(l.word, [&](auto list, const auto& empty) {
                (named_.*list).push_back(stub(nameless, l, empty));
            });
        const auto parts = named_;
        const LineContext context(parts, catalogue_);
        for (const auto& l : lines)
            with_joining_list(l.word, [&](auto list, const auto& empty) {
                (named_.*list).push_back(stub(context, l, empty));
            });
    }

    template <class Thing>
    Thing whole(const TextLine& l, Thing like) {
        if constexpr (requires { like.extra; }) like.extra = l.extra;
        auto read = read_thing(*context_, like, l.said);
        if (!read) fail(l, read.error());
        return std::move(*read);
    }
    void take(const TextLine& l) {
        const auto add = [&](auto list, auto thing) {
            thing.id = ids_.at(l.number);
            (plan_.*list).push_back(whole(l, std::move(thing)));
        };
        if (l.word != "item" && l.word != "core") lead_ = nullptr;
        if (l.word != "meets") way_ = nullptr;
        if (l.word != "terminal") terminals_ = nullptr;
        if (with_list(l.word, add)) return;
        if (with_joining_list(l.word, add)) {
            if (l.word == "way")
                way_ = &plan_.ways.back();
            else
                lead_ = l.word == "lead" ? &plan_.feeds.back() : &plan_.cables.back();
            return;
        }
        if (l.word == "plan") {
            const auto extra = l.extra.empty() ? plan_.extra : l.extra;
            plan_ = whole(l, plan_);
            plan_.extra = extra;
        } else if (l.word == "practices")
            plan_.practices = whole(l, plan_.practices);
        else if (l.word == "item")
            item(l);
        else if (l.word == "core")
            under(l, lead_, "a lead").cores.push_back(whole(l, Core{}));
        else if (l.word == "meets")
            under(l, way_, "a way").on_it.push_back(whole(l, OnWay{}));
        else if (l.word == "terminal")
            under(l, terminals_, "“terminals” and a part").push_back(whole(l, Terminal{}));
        else if (l.word == "terminals") {
            const auto part = context_->names.meant(ThingSort::part, first_of(l).text);
            if (!part) fail(l, l.said_at, l.end, fmt::format("there is no part “{}”", first_of(l).text));
            terminals_ = &plan_.terminals[*part];
        } else
            record(l);
    }
    template <class Thing>
    Thing& under(const TextLine& l, Thing* owner, const char* what) {
        if (!owner) fail(l, l.begin, l.end, fmt::format("“{}” belongs beneath {}", l.word, what));
        return *owner;
    }
    void item(const TextLine& l) {
        auto& lead = under(l, lead_, "a lead");
        auto device = whole(l, Device{});
        device.id = l.id.empty() || taken_.contains(l.id) ? usual_item_id(lead, device.kind) : l.id;
        taken_.insert(device.id);
        lead.devices.push_back(std::move(device));
    }
    Clause first_of(const TextLine& l) {
        const auto clauses = line_clauses(l.said);
        if (clauses->empty())
            fail(l, l.begin, l.end, fmt::format("something is expected behind “{}”", l.word));
        return clauses->front();
    }
    void record(const TextLine& l) {
        if (l.word == "log") {
            plan_.log.push_back(whole(l, LogEntry{}));
            return;
        }
        if (l.word != "done" && l.word != "measured")
            fail(l, l.begin, l.begin + l.word.size(),
                 fmt::format("“{}” begins no line; lines begin with {}", l.word, all_words_of_kinds()));
        const auto first = first_of(l);
        const auto key = unquoted(first.text);
        auto rest = l;
        std::fill(rest.said.begin(), rest.said.begin() + static_cast<std::ptrdiff_t>(first.end), ' ');
        if (l.word == "measured") {
            plan_.measured[key] = whole(rest, Measured{});
            return;
        }
        const auto clauses = line_clauses(rest.said);
        if (clauses->size() > 1)
            fail(l, l.said_at + (*clauses)[1].begin, l.end, "a step and when it was done");
        plan_.done[key] = clauses->empty() ? std::string() : unquoted(clauses->front().text);
    }
    static std::string all_words_of_kinds() {
        std::string all = "cable, done, terminals";
        for (const auto* kind : line_kinds()) all += std::string(", ") + kind->word;
        return all;
    }

    const Catalogue& catalogue_;
    Plan plan_, named_;
    const LineContext* context_ = nullptr;
    std::set<Id> taken_;
    std::map<size_t, Id> ids_;  ///< by number of the line
    Lead* lead_ = nullptr;
    Way* way_ = nullptr;
    std::vector<Terminal>* terminals_ = nullptr;
};

}  // namespace

std::string plan_to_text(const Plan& plan, const Catalogue& catalogue) {
    return TextWriter(plan, catalogue).text();
}

std::string error_text(const TextError& error) {
    return error.line > 0 ? fmt::format("line {}: {}", error.line, error.message) : error.message;
}

tl::expected<Plan, TextError> plan_from_text(std::string_view text, const Catalogue& catalogue,
                                             const Plan& onto) {
    try {
        auto plan = TextReader(catalogue, onto).read(lines_of(text));
        // What a file may not hold, a text may not say.
        auto checked = plan_from_json(plan_to_json(plan), "the text");
        if (!checked) return tl::unexpected(TextError{0, 0, text.size(), checked.error()});
        return std::move(*checked);
    } catch (const TextError& error) {
        return tl::unexpected(error);
    }
}

bool looks_like_plan_text(std::string_view text) {
    std::set<std::string> words{"cable", "done", "terminals"};
    for (const auto* kind : line_kinds()) words.insert(kind->word);
    size_t lines = 0, known = 0;
    for (size_t at = 0; at < text.size();) {
        const auto end = std::min(text.find('\n', at), text.size());
        const auto line = text.substr(at, end - at);
        at = end + 1;
        const auto from = line.find_first_not_of(" \t");
        if (from == std::string_view::npos) continue;
        ++lines;
        const auto rest = line.substr(from);
        known += rest.starts_with(comment) || words.contains(lower(rest.substr(0, rest.find(' '))));
    }
    return lines > 0 && known * 2 > lines;
}

std::string lines_handbook() {
    std::string out =
        "# Lines\n\nEvery thing of a plan is a line: a word that says what it is, what it is called, then "
        "facts parted by commas, in any order.\nWhat is left out is as usual. A name with a comma stands "
        "in quotes; `#id` names what two things are called alike.\nLines beneath a lead, a way or "
        "terminals are indented; a line that begins with `--` says nothing.\n";
    for (const auto* kind : line_kinds()) {
        out += fmt::format("\n## {}\n\n{}\n\n| word | what it says |\n|---|---|\n", kind->word, kind->what);
        for (const auto& f : kind->facts) {
            if (f.form == FactForm::unsaid || (f.form == FactForm::head && *f.help == 0)) continue;
            out += fmt::format("| {} | {}{} |\n",
                               f.form == FactForm::head ? "*first*" : std::string("`") + f.word + "`",
                               f.values ? fmt::format("{}: {}", f.help, fmt::join(f.values(), ", ")) : f.help,
                               f.bare ? "; the word may be left out" : "");
        }
    }
    return out;
}

}  // namespace sangre
