#include "plan/machine_text.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>

#include "units/format.h"
#include "units/parse.h"

namespace sangre {
namespace {

constexpr double least_side_mm = 1, most_side_mm = 1e5;
constexpr double least_wall_mm = 0.1, most_wall_mm = 1000;
constexpr double least_bore_mm = 0.5, most_bore_mm = 1000;

/// What stands between two commas, without the blanks around it. A comma between digits is a decimal one.
struct Said {
    size_t begin = 0;
    std::string_view text;
    size_t end() const { return begin + text.size(); }
};

bool blank(char c) { return c == ' ' || c == '\t'; }

Said trimmed(std::string_view whole, size_t begin, size_t end) {
    while (begin < end && blank(whole[begin])) ++begin;
    while (end > begin && blank(whole[end - 1])) --end;
    return {begin, whole.substr(begin, end - begin)};
}

std::vector<Said> said_parts(std::string_view text) {
    std::vector<Said> parts;
    size_t begin = 0;
    for (size_t i = 0; i <= text.size(); ++i) {
        if (i < text.size() && text[i] != ',' && text[i] != ';') continue;
        const bool decimal =
            i > 0 && i + 1 < text.size() && text[i] == ',' && is_digit(text[i - 1]) && is_digit(text[i + 1]);
        if (decimal) continue;
        if (const auto part = trimmed(text, begin, i); !part.text.empty()) parts.push_back(part);
        begin = i + 1;
    }
    return parts;
}

tl::unexpected<ParseError> wrong(const Said& at, std::string message) {
    return tl::unexpected(ParseError{at.begin, at.end(), std::move(message)});
}

constexpr std::array materials{BodyMaterial::plastic, BodyMaterial::wood, BodyMaterial::metal,
                               BodyMaterial::fabric, BodyMaterial::foam};
constexpr std::array opening_kinds{OpeningKind::hole, OpeningKind::grommet, OpeningKind::gland};

template <class Kinds, class Word>
auto kind_of(const Kinds& kinds, Word word, std::string_view small) {
    using Kind = typename Kinds::value_type;
    for (const auto kind : kinds)
        if (small == word(kind)) return std::optional<Kind>(kind);
    return std::optional<Kind>();
}

/// The body of that name or id, whatever its case.
tl::expected<Id, ParseError> body_named(const Plan& plan, const Said& name) {
    const auto wanted = lower(name.text);
    std::string all;
    for (const auto& b : plan.bodies) {
        if (lower(b.name) == wanted || lower(b.id) == wanted) return b.id;
        all += (all.empty() ? "" : ", ") + b.name;
    }
    return wrong(name, fmt::format("There is no body “{}”; {}.", name.text,
                                   all.empty() ? "there are no bodies yet" : "bodies are " + all));
}

/// After “in” or “wall”: what else is said; nothing where it does not begin with that word.
std::optional<Said> after_word(const Said& part, std::string_view word) {
    if (part.text.size() <= word.size() || lower(part.text.substr(0, word.size())) != word ||
        !blank(part.text[word.size()]))
        return {};
    return trimmed(part.text, word.size(), part.text.size());
}

tl::expected<Millimetre, ParseError> length_of(const Said& at, double least, double most) {
    const auto metres = parse_value(at.text, Dimension::length, "mm");
    if (!metres)
        return tl::unexpected(ParseError{at.begin + metres.error().begin, at.begin + metres.error().end,
                                         metres.error().message});
    const double mm = *metres * 1e3;
    if (mm < least || mm > most)
        return wrong(at, fmt::format("{} to {} mm is expected here.", format_number(least, 6),
                                     format_number(most, 6)));
    return Millimetre(mm);
}

/// Three measures with × or x between them and a unit behind the last, or behind each.
tl::expected<std::array<Millimetre, 3>, ParseError> sides_of(const Said& part) {
    std::vector<Said> sides;
    std::string unit = "mm";
    size_t begin = 0;
    for (size_t i = 0; i <= part.text.size();) {
        const bool sign = part.text.substr(i, 2) == "×";
        const bool letter = i < part.text.size() && (part.text[i] == 'x' || part.text[i] == '*');
        if (i < part.text.size() && !sign && !letter) {
            ++i;
            continue;
        }
        auto side = trimmed(part.text, begin, i);
        side.begin += part.begin;
        sides.push_back(side);
        i += sign ? 2 : 1;
        begin = i;
    }
    if (sides.size() != 3) return wrong(part, "Length × width × height is expected: “220 × 140 × 80 mm”.");
    // "22 × 14 × 8 cm": the last one's unit is everyone's.
    const auto last = sides.back().text;
    const size_t letters = std::min(last.find_last_of("0123456789 ") + 1, last.size());
    const auto common = std::string(last.substr(letters));
    std::array<Millimetre, 3> all;
    for (size_t i = 0; i < 3; ++i) {
        auto side = sides[i];
        const bool bare = !side.text.empty() && is_digit(side.text.back());
        const auto text = std::string(side.text) + (bare && !common.empty() ? " " + common : "");
        const auto mm = length_of({side.begin, text}, least_side_mm, most_side_mm);
        if (!mm) return wrong(side, mm.error().message);
        all[i] = *mm;
    }
    return all;
}

}  // namespace

tl::expected<Body, ParseError> parse_body(const Plan& plan, const Body& like, std::string_view text) {
    const auto parts = said_parts(text);
    if (parts.empty())
        return wrong({0, text}, "A name is expected: “Deck box, plastic, sealed, 220 × 140 × 80 mm”.");
    Body b;
    b.id = like.id, b.extra = like.extra;
    b.name = parts.front().text;
    // "Metal tray" is one of metal unless something else is said of it.
    for (const auto m : materials)
        if (has_word(lower(b.name), material_word(m))) b.material = m;
    for (size_t i = 1; i < parts.size(); ++i) {
        const auto& part = parts[i];
        const auto small = lower(part.text);
        if (const auto material = kind_of(materials, material_word, small))
            b.material = *material;
        else if (small == "sealed" || small == "open")
            b.sealed = small == "sealed";
        else if (const auto around = after_word(part, "in")) {
            const auto id = body_named(plan, {part.begin + around->begin, around->text});
            if (!id) return tl::unexpected(id.error());
            if (*id == like.id) return wrong(part, fmt::format("{} cannot be inside itself.", b.name));
            b.in = *id;
        } else if (const auto wall = after_word(part, "wall")) {
            const auto mm = length_of({part.begin + wall->begin, wall->text}, least_wall_mm, most_wall_mm);
            if (!mm) return tl::unexpected(mm.error());
            b.wall = *mm;
        } else if (is_digit(part.text.front())) {
            const auto sides = sides_of(part);
            if (!sides) return tl::unexpected(sides.error());
            b.length = (*sides)[0], b.width = (*sides)[1], b.height = (*sides)[2];
        } else
            return wrong(part,
                         "A material (plastic, wood, metal, fabric, foam), “sealed”, “open”, a size, "
                         "“wall 3 mm” or “in” another body is expected here.");
    }
    // A ring of bodies would hold itself.
    for (const auto* around = by_id(plan.bodies, b.in); around; around = by_id(plan.bodies, around->in))
        if (!like.id.empty() && around->in == like.id)
            return wrong({0, text}, fmt::format("{} is inside {} already.", name_of(plan, b.in), b.name));
    return b;
}

std::string body_line(const Plan& plan, const Body& b) {
    auto line = fmt::format("{}, {}", b.name, material_word(b.material));
    if (b.sealed) line += ", sealed";
    if (raw(b.length) > 0)
        line += fmt::format(", {} × {} × {} mm", exact_number(raw(b.length)), exact_number(raw(b.width)),
                            exact_number(raw(b.height)));
    if (raw(b.wall) > 0) line += fmt::format(", wall {} mm", exact_number(raw(b.wall)));
    if (const auto* around = by_id(plan.bodies, b.in)) line += ", in " + around->name;
    return line;
}

tl::expected<Opening, ParseError> parse_opening(const Plan& plan, const Opening& like,
                                                std::string_view text) {
    Opening o;
    o.id = like.id, o.extra = like.extra, o.kind = like.kind;
    const auto parts = said_parts(text);
    for (size_t i = 0; i < parts.size(); ++i) {
        auto part = parts[i];
        if (const auto around = after_word(part, "in")) {
            const auto id = body_named(plan, {part.begin + around->begin, around->text});
            if (!id) return tl::unexpected(id.error());
            o.body = *id;
            continue;
        }
        // "12 mm gland": the word is the last one, the bore what stands before it.
        const auto space = part.text.find_last_of(" \t");
        const auto last = space == std::string_view::npos ? part.text : part.text.substr(space + 1);
        const auto kind = kind_of(opening_kinds, opening_word, lower(last));
        const auto before =
            kind ? trimmed(part.text, 0, space == std::string_view::npos ? 0 : space) : Said{0, part.text};
        if (!before.text.empty() && is_digit(before.text.front())) {
            const auto mm = length_of({part.begin + before.begin, before.text}, least_bore_mm, most_bore_mm);
            if (!mm) return tl::unexpected(mm.error());
            o.bore = *mm;
        } else if (i == 0 && !(kind && before.text.empty()))
            o.name = part.text;  // "Bow gland" is a name, and says what it is
        else if (!kind || !before.text.empty())
            return wrong(part, "A bore (“12 mm”), hole, grommet, gland or “in” a body is expected here.");
        if (kind) o.kind = *kind;
    }
    return o;
}

std::string opening_line(const Plan& plan, const Opening& o) {
    auto line = o.name.empty() ? std::string() : o.name + ", ";
    if (raw(o.bore) > 0) line += exact_number(raw(o.bore)) + " mm ";
    line += opening_word(o.kind);
    if (const auto* body = by_id(plan.bodies, o.body)) line += ", in " + body->name;
    return line;
}

}  // namespace sangre
