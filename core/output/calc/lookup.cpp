// Finding a catalogue entry from what was typed, and saying what is near where there is none.
#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "base/units/parse.h"
#include "base/words/say.h"
#include "output/calc/calc.h"

namespace sangre {
namespace {

constexpr size_t named = 5;  // nearest entries that an error lists

const char* word(Conductor c) {
    return c == Conductor::tinned                  ? "tinned"
           : c == Conductor::copper_clad_aluminium ? "copper-clad-aluminium"
                                                   : "copper";
}

/// A wire that shops do not keep, made after the nearest that they do: copper by its area, wall as thick.
WireType of_that_copper(const WireType& like, const std::string& size, SquareMillimetre area) {
    auto made = like;
    const double times = raw(area) / raw(like.area);
    made.id.clear(), made.size = size, made.usual = false;
    made.area = area, made.ohm_per_m = like.ohm_per_m / times, made.gram_per_m = like.gram_per_m * times;
    const Millimetre walls = like.outer - like.conductor;
    made.conductor = like.conductor * std::sqrt(times), made.outer = made.conductor + walls;
    if (like.strands > 1) made.strands = std::max(7, static_cast<int>(std::lround(like.strands * times)));
    made.source = say("computed after {size}, the nearest of the catalogue", like.size);
    return made;
}

}  // namespace

tl::expected<WireType, std::string> wire_of_size(const Catalogue& catalogue, const std::string& size,
                                                 const std::string& insulation, const std::string& material,
                                                 bool solid) {
    if (!find(catalogue.insulations, insulation)) {
        std::string known;
        for (const auto& i : catalogue.insulations) known += (known.empty() ? "" : ", ") + i.id;
        return tl::unexpected(say("insulation “{insulation}” is not known: {known} are", insulation, known));
    }
    const auto area = parse_wire_size(size);
    if (!area) return tl::unexpected(say("size “{size}”: {message}", size, area.error().message));
    const bool metric = size.find("mm") != std::string::npos;
    std::vector<const WireType*> like;
    for (const auto& w : catalogue.wires)
        if (w.insulation == insulation && w.metric == metric && word(w.material) == material &&
            (w.strands == 1) == solid)
            like.push_back(&w);
    // PTFE wire is sold tinned: plain copper means that then.
    if (like.empty() && material == "copper" && !solid)
        return wire_of_size(catalogue, size, insulation, "tinned", false);
    if (like.empty())
        return tl::unexpected(
            say("no {solid|solid |}{material} wire with insulation {insulation} is in the catalogue", solid,
                material, insulation));
    const auto distance = [&](const WireType* w) { return std::abs(std::log(raw(w->area) / raw(*area))); };
    std::sort(like.begin(), like.end(), [&](auto* a, auto* b) { return distance(a) < distance(b); });
    if (distance(like.front()) < 0.02) return *like.front();
    constexpr double thinnest = 0.004, thickest = 600;  // mm²: 41 AWG to beyond 1000 kcmil
    if (raw(*area) >= thinnest && raw(*area) <= thickest) return of_that_copper(*like.front(), size, *area);
    like.resize(std::min(like.size(), named));
    std::sort(like.begin(), like.end(), [](auto* a, auto* b) { return a->area < b->area; });
    std::string nearest;
    for (const auto* w : like) nearest += (nearest.empty() ? "" : ", ") + w->size;
    return tl::unexpected(
        say("there is no {size} with {insulation}: nearest are {nearest}", size, insulation, nearest));
}

}  // namespace sangre
