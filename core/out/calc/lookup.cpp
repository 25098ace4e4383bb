// Finding a catalogue entry from what was typed, and saying what is near where there is none.
#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "calc/calc.h"
#include "units/parse.h"
#include "words/say.h"

namespace sangre {
namespace {

constexpr size_t named = 5;  // nearest entries that an error lists

const char* word(Conductor c) {
    return c == Conductor::tinned                  ? "tinned"
           : c == Conductor::copper_clad_aluminium ? "copper-clad-aluminium"
                                                   : "copper";
}

}  // namespace

tl::expected<const WireType*, std::string> wire_of_size(const Catalogue& catalogue, const std::string& size,
                                                        const std::string& insulation,
                                                        const std::string& material, bool solid) {
    if (!find(catalogue.insulations, insulation)) {
        std::string known;
        for (const auto& i : catalogue.insulations) known += (known.empty() ? "" : ", ") + i.id;
        return tl::unexpected(say("insulation “{}” is not known: {} are", insulation, known));
    }
    const auto area = parse_wire_size(size);
    if (!area) return tl::unexpected(say("size “{}”: {}", size, area.error().message));
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
        return tl::unexpected(say("no {}{} wire with insulation {} is in the catalogue",
                                  solid ? say("solid ") : "", material, insulation));
    const auto distance = [&](const WireType* w) { return std::abs(std::log(raw(w->area) / raw(*area))); };
    std::sort(like.begin(), like.end(), [&](auto* a, auto* b) { return distance(a) < distance(b); });
    if (distance(like.front()) < 0.02) return like.front();
    like.resize(std::min(like.size(), named));
    std::sort(like.begin(), like.end(), [](auto* a, auto* b) { return a->area < b->area; });
    std::string nearest;
    for (const auto* w : like) nearest += (nearest.empty() ? "" : ", ") + w->size;
    return tl::unexpected(say("there is no {} with {}: nearest are {}", size, insulation, nearest));
}

}  // namespace sangre
