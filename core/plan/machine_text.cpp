#include "plan/machine_text.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>

#include "base/enum_words.h"
#include "base/units/format.h"
#include "base/units/parse.h"
#include "base/units/words.h"
#include "base/words/say.h"

namespace sangre {
namespace {

constexpr double least_side_mm = 1, most_side_mm = 1e5;
constexpr double least_wall_mm = 0.1, most_wall_mm = 1000;
constexpr double least_bore_mm = 0.5, most_bore_mm = 1000;

tl::unexpected<ParseError> wrong(const TextWord& at, std::string message) {
    return tl::unexpected(ParseError{at.begin, at.end, std::move(message)});
}

/// The body of that name or id, whatever its case.
tl::expected<Id, ParseError> body_named(const Plan& plan, const TextWord& name) {
    const auto wanted = lower(name.text);
    std::string all;
    for (const auto& b : plan.bodies) {
        if (lower(b.name) == wanted || lower(b.id) == wanted) return b.id;
        all += (all.empty() ? "" : ", ") + b.name;
    }
    return wrong(name, say("There is no body “{name}”; {bodies}.", name.text,
                           all.empty() ? say("there are no bodies yet") : say("bodies are {all}", all)));
}

/// A stretch of a clause, trimmed, placed as the clause is.
TextWord within(const TextWord& clause, size_t begin, size_t end) {
    auto part = trimmed(clause.text, begin, end);
    part.begin += clause.begin, part.end += clause.begin;
    return part;
}

/// After “in” or “wall”: what else is said; nothing where it does not begin with that word.
std::optional<TextWord> after_word(const TextWord& part, std::string_view word) {
    const auto words = split_words(part.text);
    if (words.size() < 2 || lower(words.front().text) != word) return {};
    return within(part, words[1].begin, part.text.size());
}

tl::expected<Millimetre, ParseError> length_of(const TextWord& at, double least, double most) {
    const auto metres = parse_value(at.text, Dimension::length, "mm");
    if (!metres)
        return tl::unexpected(ParseError{at.begin + metres.error().begin, at.begin + metres.error().end,
                                         metres.error().message});
    const double mm = *metres * 1e3;
    if (mm < least || mm > most)
        return wrong(at, say("{least} to {most} mm is expected here.", format_number(least, 6),
                             format_number(most, 6)));
    return Millimetre(mm);
}

/// Three measures with × or x between them and a unit behind the last, or behind each.
tl::expected<std::array<Millimetre, 3>, ParseError> sides_of(const TextWord& part) {
    std::vector<TextWord> sides;
    size_t begin = 0;
    for (size_t i = 0; i <= part.text.size();) {
        const bool sign = part.text.substr(i, 2) == "×";
        const bool letter = i < part.text.size() && (part.text[i] == 'x' || part.text[i] == '*');
        if (i < part.text.size() && !sign && !letter) {
            ++i;
            continue;
        }
        sides.push_back(within(part, begin, i));
        i += sign ? 2 : 1;
        begin = i;
    }
    if (sides.size() != 3)
        return wrong(part, say("Length × width × height is expected: “220 × 140 × 80 mm”."));
    // "22 × 14 × 8 cm": the last one's unit is everyone's.
    const auto last = sides.back().text;
    const size_t letters = std::min(last.find_last_of("0123456789 ") + 1, last.size());
    const auto common = std::string(last.substr(letters));
    std::array<Millimetre, 3> all;
    for (size_t i = 0; i < 3; ++i) {
        const auto& side = sides[i];
        const bool bare = !side.text.empty() && is_digit(side.text.back());
        const auto text = std::string(side.text) + (bare && !common.empty() ? " " + common : "");
        const auto mm = length_of({text, side.begin, side.end}, least_side_mm, most_side_mm);
        if (!mm) return wrong(side, mm.error().message);
        all[i] = *mm;
    }
    return all;
}

}  // namespace

tl::expected<Body, ParseError> parse_body(const Plan& plan, const Body& like, std::string_view text) {
    const auto parts = split_clauses(text);
    if (parts.empty())
        return wrong({text, 0, text.size()},
                     say("A name is expected: “Deck box, plastic, sealed, 220 × 140 × 80 mm”."));
    Body b;
    b.id = like.id, b.extra = like.extra;
    // What this short line does not say stays as it was.
    b.sun = like.sun, b.vents = like.vents, b.fan = like.fan;
    b.name = parts.front().text;
    // "Metal tray" is one of metal unless something else is said of it.
    for (const auto& [material, word] : names(BodyMaterial{}))
        if (has_word(lower(b.name), word)) b.material = material;
    for (size_t i = 1; i < parts.size(); ++i) {
        const auto& part = parts[i];
        const auto small = lower(part.text);
        if (const auto material = by_word<BodyMaterial>(small))
            b.material = *material;
        else if (small == "sealed" || small == "open")
            b.sealed = small == "sealed";
        else if (const auto around = after_word(part, "in")) {
            const auto id = body_named(plan, *around);
            if (!id) return tl::unexpected(id.error());
            if (*id == like.id) return wrong(part, say("{body} cannot be inside itself.", b.name));
            b.in = *id;
        } else if (const auto wall = after_word(part, "wall")) {
            const auto mm = length_of(*wall, least_wall_mm, most_wall_mm);
            if (!mm) return tl::unexpected(mm.error());
            b.wall = *mm;
        } else if (is_digit(part.text.front())) {
            const auto sides = sides_of(part);
            if (!sides) return tl::unexpected(sides.error());
            b.length = (*sides)[0], b.width = (*sides)[1], b.height = (*sides)[2];
        } else
            return wrong(part,
                         say("A material (plastic, wood, metal, fabric, foam), “sealed”, “open”, a size, "
                             "“wall 3 mm” or “in” another body is expected here."));
    }
    // A ring of bodies would hold itself.
    for (const auto* around = by_id(plan.bodies, b.in); around; around = by_id(plan.bodies, around->in))
        if (!like.id.empty() && around->in == like.id)
            return wrong({text, 0, text.size()},
                         say("{part} is inside {body} already.", name_of(plan, b.in), b.name));
    return b;
}

std::string body_line(const Plan& plan, const Body& b) {
    auto line = fmt::format("{}, {}", b.name, word_of(b.material));
    if (b.sealed) line += ", sealed";
    if (raw(b.length) > 0)
        line += fmt::format(", {} × {} × {} mm", exact_number(raw(b.length)), exact_number(raw(b.width)),
                            exact_number(raw(b.height)));
    if (raw(b.wall) > 0) line += fmt::format(", wall {} mm", exact_number(raw(b.wall)));
    if (const auto* around = by_id(plan.bodies, b.in)) line += ", in " + around->name;
    return line;
}

namespace {
/// The metric thread of "M20 gland" or "gland M20"; 0 for anything else.
Millimetre thread_said(std::string_view text) {
    const auto words = split_words(text);
    if (words.size() != 2) return {};
    const auto first = lower(words[0].text), second = lower(words[1].text);
    const auto& thread = second == "gland" ? first : second;
    if ((first != "gland" && second != "gland") || !thread.starts_with('m') ||
        !std::all_of(thread.begin() + 1, thread.end(), is_digit))
        return {};
    return Millimetre(plain_number(thread.substr(1)).value_or(0));
}

/// What the gland of that thread lets through, by the catalogue; 0 where it holds none of it.
Millimetre passes_thread(const Catalogue& catalogue, Millimetre thread) {
    for (const auto& f : catalogue.fittings)
        if (f.kind == FittingKind::gland && f.thread == thread) return f.most;
    return {};
}
}  // namespace

tl::expected<Opening, ParseError> parse_opening(const Plan& plan, const Catalogue& catalogue,
                                                const Opening& like, std::string_view text) {
    Opening o;
    o.id = like.id, o.extra = like.extra, o.kind = like.kind;
    const auto parts = split_clauses(text);
    for (size_t i = 0; i < parts.size(); ++i) {
        const auto& part = parts[i];
        if (const auto around = after_word(part, "in")) {
            const auto id = body_named(plan, *around);
            if (!id) return tl::unexpected(id.error());
            o.body = *id;
            continue;
        }
        bool beside = false;
        for (const auto& [word, list] : {std::pair("already", &o.already), std::pair("later", &o.later)})
            if (const auto across = after_word(part, word)) {
                const auto mm = length_of(*across, least_bore_mm, most_bore_mm);
                if (!mm) return tl::unexpected(mm.error());
                list->push_back(*mm), beside = true;
            }
        if (beside) continue;
        // "M20 gland": by the thread; its bore is what such a gland lets through.
        if (const auto thread = thread_said(part.text); raw(thread) > 0)
            if (const auto bore = passes_thread(catalogue, thread); raw(bore) > 0) {
                o.bore = bore, o.kind = OpeningKind::gland;
                continue;
            }
        // "12 mm gland": the word is the last one, the bore what stands before it.
        const auto words = split_words(part.text);
        const auto kind = by_word<OpeningKind>(lower(words.back().text));
        const auto before = within(part, 0, kind ? words.back().begin : part.text.size());
        if (!before.text.empty() && is_digit(before.text.front())) {
            const auto mm = length_of(before, least_bore_mm, most_bore_mm);
            if (!mm) return tl::unexpected(mm.error());
            o.bore = *mm;
        } else if (i == 0 && !(kind && before.text.empty()))
            o.name = part.text;  // "Bow gland" is a name, and says what it is
        else if (!kind || !before.text.empty())
            return wrong(
                part,
                say("A bore (“12 mm”), hole, grommet, gland, “in” a body, “already 5 mm” or “later 5 mm” is "
                    "expected here."));
        if (kind) o.kind = *kind;
    }
    return o;
}

std::string opening_line(const Plan& plan, const Opening& o) {
    auto line = o.name.empty() ? std::string() : o.name + ", ";
    if (raw(o.bore) > 0) line += exact_number(raw(o.bore)) + " mm ";
    line += word_of(o.kind);
    if (const auto* body = by_id(plan.bodies, o.body)) line += ", in " + body->name;
    for (const auto across : o.already) line += fmt::format(", already {} mm", exact_number(raw(across)));
    for (const auto across : o.later) line += fmt::format(", later {} mm", exact_number(raw(across)));
    return line;
}

}  // namespace sangre
