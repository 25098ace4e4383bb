#include "plan/passive_text.h"

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

constexpr double least_cutout_mm = 0.5, most_cutout_mm = 200;
constexpr double least_ohm = 0.01, most_ohm = 1e7;

constexpr auto kind_words =
    std::to_array<std::pair<std::string_view, PassiveKind>>({{"button", PassiveKind::button},
                                                             {"switch", PassiveKind::button},
                                                             {"lamp", PassiveKind::lamp},
                                                             {"led", PassiveKind::lamp},
                                                             {"light", PassiveKind::lamp},
                                                             {"aerial", PassiveKind::aerial},
                                                             {"antenna", PassiveKind::aerial},
                                                             {"sensor", PassiveKind::sensor},
                                                             {"probe", PassiveKind::sensor},
                                                             {"motor", PassiveKind::motor},
                                                             {"sounder", PassiveKind::sounder},
                                                             {"speaker", PassiveKind::sounder},
                                                             {"buzzer", PassiveKind::sounder}});

std::optional<PassiveKind> passive_kind(const std::string& word) {
    for (const auto& [name, kind] : kind_words)
        if (word == name) return kind;
    return {};
}

/// The place of that name or id, whatever its case.
const Place* place_named(const Plan& plan, std::string_view name) {
    const auto wanted = lower(name);
    for (const auto& p : plan.places)
        if (lower(p.name) == wanted || lower(p.id) == wanted) return &p;
    return nullptr;
}

std::string place_names(const Plan& plan) {
    std::string all;
    for (const auto& p : plan.places) all += (all.empty() ? "" : ", ") + p.name;
    return all.empty() ? say("there are no places yet") : say("places are {all}", all);
}

/// Takes the amount that begins there, and says where it ends; at its begin where there is none. `end` is the
/// word's, `next` the next one's, where the unit of a fraction stands.
tl::expected<size_t, ParseError> take_amount(Passive& p, std::string_view text, size_t begin, size_t end,
                                             size_t next) {
    const auto wrong = [&](size_t to, std::string message) {
        return tl::unexpected(ParseError{begin, to, std::move(message)});
    };
    std::optional<Amount> amount;
    if (text.substr(begin, end - begin).find('/') != std::string_view::npos) {
        for (const size_t to : {end, next})
            if (const auto metres = parse_value(text.substr(begin, to - begin), Dimension::length);
                metres && !amount)
                amount = Amount{*metres, *metres, Dimension::length, {}, to};
        if (!amount) return wrong(next, say("A fraction needs its unit: “5/16 in”."));
    } else if (const auto read = read_amount(text, begin))
        amount = *read;
    if (!amount) return begin;
    if (amount->dimension != Dimension::length && amount->dimension != Dimension::resistance)
        return wrong(
            amount->end,
            say("What draws nothing has an opening in mm and perhaps ohms; what has volts and amperes is a "
                "load."));
    if (amount->is_range()) return wrong(amount->end, say("One value is expected here."));
    if (amount->dimension == Dimension::length) {
        p.seat.cutout = Millimetre(amount->low * 1e3);
        if (raw(p.seat.cutout) < least_cutout_mm || raw(p.seat.cutout) > most_cutout_mm)
            return wrong(amount->end, say("An opening is 0.5 to 200 mm wide."));
    } else {
        p.ohm = Ohm(amount->low);
        if (raw(p.ohm) < least_ohm || raw(p.ohm) > most_ohm)
            return wrong(amount->end, say("0.01 Ω to 10 MΩ is expected here."));
    }
    return amount->end;
}

}  // namespace

tl::expected<Passive, ParseError> parse_passive(const Plan& plan, const Passive& like,
                                                std::string_view text) {
    const auto wrong = [](size_t begin, size_t end, std::string message) {
        return tl::unexpected(ParseError{begin, end, std::move(message)});
    };
    Passive p;
    p.id = like.id, p.extra = like.extra;
    std::optional<PassiveKind> in_name, said;
    std::string name;
    // What comes after a comma is said about it, not part of its name: "Bow eye, lamp".
    const size_t comma = std::min(find_comma(text), text.size());
    const auto words = split_words(text, ",;");
    for (size_t i = 0; i < words.size(); ++i) {
        const auto begin = words[i].begin, end = words[i].end;
        const auto word = std::string(text.substr(begin, end - begin)), small = lower(word);
        if (small == "at" && i + 1 < words.size()) {
            const size_t from = words[i + 1].begin,
                         to = std::min(text.find_first_of(",;", from), text.size());
            auto where = text.substr(from, to - from);
            while (!where.empty() && where.back() == ' ') where.remove_suffix(1);
            const auto* place = place_named(plan, where);
            if (!place)
                return wrong(from, to,
                             say("There is no place “{where}”; {place_names}.", where, place_names(plan)));
            p.place = place->id;
            while (i + 1 < words.size() && words[i + 1].begin < to) ++i;
            continue;
        }
        if (small == "polarised" || small == "polarized" || small == "polar") {
            p.polar = true;
            continue;
        }
        if ((small == "hole" || small == "cut-out" || small == "opening") && raw(p.seat.cutout) > 0) continue;
        if (std::isdigit(static_cast<unsigned char>(word[0]))) {
            const size_t next = i + 1 < words.size() ? words[i + 1].end : end;
            const auto taken = take_amount(p, text, begin, end, next);
            if (!taken) return tl::unexpected(taken.error());
            if (*taken > begin) {
                while (i + 1 < words.size() && words[i + 1].begin < *taken) ++i;
                continue;
            }
        }
        if (const auto kind = passive_kind(small)) {
            if (begin > comma) {
                said = kind;
                continue;
            }
            in_name = kind;
        }
        name += (name.empty() ? "" : " ") + word;
    }
    if (name.empty()) return wrong(0, text.size(), say("A name is expected: “Arm button 16 mm hole”."));
    if (!said && !in_name)
        return wrong(0, text.size(),
                     say("One of button, lamp, aerial, sensor, motor or sounder is expected."));
    p.name = std::move(name), p.kind = said ? *said : *in_name;
    return p;
}

std::string passive_line(const Plan& plan, const Passive& p) {
    auto line = p.name;
    line += fmt::format(", {}", word_of(p.kind));
    if (raw(p.seat.cutout) > 0) line += ", " + format_number(raw(p.seat.cutout), 6) + " mm hole";
    if (raw(p.ohm) > 0) line += ", " + format_number(raw(p.ohm), 6) + " Ω";
    if (p.polar) line += ", polarised";
    if (const auto* place = by_id(plan.places, p.place)) line += ", at " + place->name;
    return line;
}

}  // namespace sangre
