#include "wiring/cable/supplied.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <algorithm>

#include "base/units/format.h"
#include "base/words/list.h"
#include "base/words/say.h"

namespace sangre {

bool keeps_plug(const Catalogue& catalogue, const Lead& lead, bool at_source) {
    const auto* kind = find(catalogue.joints, at_source ? lead.joint_from : lead.joint_to);
    return kind && kind->method == JointMethod::plugged;
}

bool keeps_both_plugs(const Catalogue& catalogue, const Lead& lead) {
    return keeps_plug(catalogue, lead, true) && keeps_plug(catalogue, lead, false);
}

Words supplied_words(const Plan& plan, const Catalogue& catalogue, const Lead& lead) {
    std::vector<Words> all;
    if (lead.supplied) all.push_back(say("came with {supplied}", format(*lead.supplied)));
    if (keeps_both_plugs(catalogue, lead))
        all.push_back(say("keeps both its plugs"));
    else
        for (const bool source : {true, false})
            if (keeps_plug(catalogue, lead, source))
                all.push_back(say("keeps its plug at {part}", name_of(plan, source ? lead.from : lead.to)));
    for (const auto& d : lead.devices)
        if (d.kind == DeviceKind::splice)
            all.push_back(d.at ? say("spliced at {at}", format(*d.at)) : say("spliced"));
    return joined(all, " · ");
}

std::optional<SuppliedUse> use_of_supplied(const Catalogue& catalogue, const Lead& lead, Metre needed) {
    if (!lead.supplied) return {};
    const Metre there = *lead.supplied;
    SuppliedUse use;
    if (const auto* splice = device(lead, DeviceKind::splice)) {
        const Metre at = std::clamp(splice->at.value_or(needed / 2), Metre(0), needed);
        const bool last = keeps_plug(catalogue, lead, false) && !keeps_plug(catalogue, lead, true);
        use.used = std::min(last ? needed - at : at, there);
        use.bought = needed - use.used;
        use.left = there - use.used;
        return use;
    }
    use.reaches = there >= needed;
    use.is_cut = !keeps_both_plugs(catalogue, lead);
    use.used = use.is_cut ? std::min(there, needed) : there;
    if (use.is_cut)
        use.left = there - use.used;
    else
        use.spare = std::max(there - needed, Metre(0));
    return use;
}

}  // namespace sangre
