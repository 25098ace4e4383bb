#include "making/steps/jacket_words.h"

#include <fmt/format.h>

#include "base/enum_words.h"
#include "base/units/format.h"
#include "base/words/say.h"
#include "harness/fittings.h"

namespace sangre {

Words jacket_action(const Plan& plan, const Catalogue& catalogue, const Figures& figures, size_t lead) {
    const auto& l = plan.leads[lead];
    const auto& route = figures.harness.routes[lead];
    const auto length = format(jacket_length(l, route));
    switch (l.jacket) {
        case Jacket::none:
            return {};
        case Jacket::sheath:
            return say(
                "Ring the sheath {end_from} from one end and {end_to} from the other, bend it there and pull "
                "it off: "
                "never cut through to the cores.",
                format(route.end_from), format(route.end_to));
        case Jacket::braid: {
            const auto* braid = jacket_braid(catalogue, l);
            return say(
                "Slide {length} of {braid} over all of it, its ends singed, and hold each with a short tube, "
                "half on "
                "the braid.",
                length, braid ? braid->name : say("braid that fits"));
        }
        case Jacket::tube: {
            const auto* tube = jacket_tube(catalogue, l);
            return say("Slide {length} of {tube} over all of it and shrink it from the middle outwards.",
                       length, tube ? tube->name : say("tube that fits"));
        }
    }
    return {};
}

std::string jacket_stamp(const Lead& lead) {
    return lead.jacket == Jacket::none ? std::string() : fmt::format(" {}", word_of(lead.jacket));
}

}  // namespace sangre
