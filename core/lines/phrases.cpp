#include "lines/phrases.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <tuple>

#include "base/units/number.h"
#include "base/units/parse.h"
#include "base/units/words.h"
#include "plan/load_text.h"
#include "plan/machine_text.h"
#include "plan/passive_text.h"
#include "plan/terminal_text.h"
#include "plan/typed_words.h"

namespace sangre {
namespace {

/// Takes a field over where the phrase has made it another than it was without.
template <class Thing, class... Fields>
void take_changed(const Thing& with, const Thing& without, Thing& into, Fields... fields) {
    const auto one = [&](auto field) {
        if (!(with.*field == without.*field)) into.*field = with.*field;
    };
    (one(fields), ...);
}

bool holds_digit(std::string_view text) { return std::any_of(text.begin(), text.end(), is_digit); }

}  // namespace

Phrase take_phrase(const Plan& plan, const Catalogue&, std::string_view text, Body& into) {
    const auto with = parse_body(plan, Body{}, "x, " + std::string(text)),
               without = parse_body(plan, Body{}, "x");
    if (!with && holds_digit(text)) return tl::unexpected(with.error().message);
    if (!with || !without || *with == *without) return false;
    take_changed(*with, *without, into, &Body::material, &Body::sealed, &Body::open, &Body::length,
                 &Body::width, &Body::height, &Body::wall, &Body::in);
    return true;
}

Phrase take_phrase(const Plan& plan, const Catalogue& catalogue, std::string_view text, Opening& into) {
    const auto with = parse_opening(plan, catalogue, Opening{}, "x, " + std::string(text)),
               without = parse_opening(plan, catalogue, Opening{}, "x");
    if (!with && holds_digit(text)) return tl::unexpected(with.error().message);
    if (!with || !without || *with == *without) return false;
    take_changed(*with, *without, into, &Opening::bore, &Opening::kind, &Opening::body, &Opening::already,
                 &Opening::later);
    return true;
}

Phrase take_phrase(const Plan&, const Catalogue&, std::string_view text, Load& into) {
    // Amounts are facts with names; what says how it is may stand as the load's own line has it.
    if (holds_digit(text)) return false;
    const auto with = parse_load("x 12 V 1 A " + std::string(text)), without = parse_load("x 12 V 1 A");
    if (!with.complete() || with.load == without.load || with.load.name != "x") return false;
    take_changed(with.load, without.load, into, &Load::kind, &Load::always_on, &Load::vital, &Load::noisy,
                 &Load::sensitive, &Load::transmitter, &Load::own_switch, &Load::starter, &Load::igniter,
                 &Load::heat_elsewhere, &Load::assumed);
    return true;
}

Phrase take_phrase(const Plan& plan, const Catalogue&, std::string_view text, Passive& into) {
    const auto with = parse_passive(plan, Passive{}, "x lamp, " + std::string(text)),
               without = parse_passive(plan, Passive{}, "x lamp");
    if (!with && holds_digit(text)) return tl::unexpected(with.error().message);
    if (!with || !without || *with == *without || with->name != without->name) return false;
    take_changed(*with, *without, into, &Passive::place, &Passive::ohm, &Passive::polar, &Passive::seat);
    return true;
}

Phrase take_phrase(const Plan&, const Catalogue&, std::string_view text, Terminal& into) {
    // Where it is stands alone, as in "V+ screw 2.5 mm, left".
    static constexpr std::array sides{"left", "right", "top",    "bottom", "front",  "rear",
                                      "back", "side",  "middle", "upper",  "centre", "corner"};
    const auto words = split_words(text);
    if (std::any_of(words.begin(), words.end(), [&](const auto& w) {
            return std::find(sides.begin(), sides.end(), lower(w.text)) != sides.end();
        })) {
        into.where = std::string(text);
        return true;
    }
    const auto with = parse_terminals("x + " + std::string(text)), without = parse_terminals("x +");
    if (!with && holds_digit(text)) return tl::unexpected(with.error().message);
    if (!with || with->size() != 1 || with->front() == without->front()) return false;
    take_changed(with->front(), without->front(), into, &Terminal::takes, &Terminal::size, &Terminal::along,
                 &Terminal::wires);
    return true;
}

bool take_wire_at_hand(const Catalogue& catalogue, const Practices& practices, std::string_view text,
                       AtHand& into) {
    const auto& colours = wire_colours();
    const auto words = split_words(text);
    const auto run = [&](size_t from, size_t to) {
        return text.substr(words[from].begin, words[to - 1].end - words[from].begin);
    };
    auto taken = into;
    std::vector<bool> used(words.size());
    const auto use = [&](size_t from, size_t to) { std::fill(used.begin() + from, used.begin() + to, true); };
    for (size_t from = 0; from < words.size() && taken.wire.empty(); ++from)
        for (size_t to = std::min(words.size(), from + 4); to > from && taken.wire.empty(); --to)
            if (const auto wire = wire_said(catalogue, practices, run(from, to)))
                taken.wire = *wire, taken.name = std::string(run(from, to)), use(from, to);
    if (taken.wire.empty()) return false;
    for (size_t i = 0; i < words.size(); ++i) {
        if (used[i]) continue;
        const auto word = colour_in_english(lower(words[i].text));
        if (std::find(colours.begin(), colours.end(), word) != colours.end()) {
            taken.colour = word, use(i, i + 1);
            continue;
        }
        for (const size_t n : {size_t{2}, size_t{1}})
            if (i + n <= words.size() && !used[i])
                if (const auto metres = parse_value(run(i, i + n), Dimension::length); metres && *metres > 0)
                    taken.length = Metre(*metres), use(i, i + n);
    }
    if (std::find(used.begin(), used.end(), false) != used.end()) return false;
    into = std::move(taken);
    return true;
}

std::optional<Id> wire_said(const Catalogue& catalogue, const Practices& practices, std::string_view text) {
    const auto words = split_words(text);
    // The size is its first word or its first two: "18AWG", "18 AWG", "0.25 mm²".
    for (const size_t n : {size_t{2}, size_t{1}}) {
        if (words.size() < n || words.empty()) continue;
        const auto size = text.substr(words[0].begin, words[n - 1].end - words[0].begin);
        const auto small = lower(std::string(size));
        const bool metric = small.find("mm") != std::string::npos;
        if (!metric && small.find("awg") == std::string::npos) continue;
        const auto area = parse_wire_size(size);
        if (!area) continue;
        bool solid = false;
        std::vector<std::string> of;
        for (size_t i = n; i < words.size(); ++i) {
            const auto word = lower(words[i].text);
            if (word == "solid")
                solid = true;
            else if (word != "stranded" && word != "wire")
                of.push_back(word);
        }
        const WireType* best = nullptr;
        std::tuple<bool, bool> rank;
        for (const auto& w : catalogue.wires) {
            if (w.metric != metric || std::abs(raw(w.area) / raw(*area) - 1) > 0.03 ||
                (w.strands == 1) != solid)
                continue;
            const auto* insulation = find(catalogue.insulations, w.insulation);
            const auto name = insulation ? lower(insulation->name.english() + " " + insulation->name.spoken())
                                         : std::string();
            if (!std::all_of(of.begin(), of.end(),
                             [&](const auto& word) { return name.find(word) != std::string::npos; }))
                continue;
            const std::tuple now{w.insulation != practices.wire_insulation, !w.usual};
            if (!best || now < rank) best = &w, rank = now;
        }
        if (best) return best->id;
    }
    return {};
}

}  // namespace sangre
