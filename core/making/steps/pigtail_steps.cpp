#include "making/steps/pigtail_steps.h"

#include <fmt/format.h>
#include <fmt/ranges.h>

#include <map>

#include "base/units/format.h"
#include "base/words/list.h"
#include "base/words/say.h"
#include "making/steps/joint_words.h"
#include "physics/parts/wire_size.h"
#include "wiring/joint/choose.h"
#include "wiring/joint/pigtail.h"

namespace sangre {
namespace {

/// "3 × 20 AWG and 18 AWG", thickest last.
Words wires_words(const Pigtail& p) {
    std::map<double, std::pair<Words, int>> by_area;
    for (const auto& e : p.ends) {
        auto& [size, n] = by_area[raw(e.wire->area)];
        size = size_words(*e.wire), n += e.conductors;
    }
    std::vector<Words> words;
    words.reserve(by_area.size());
    for (const auto& [area, of] : by_area)
        words.push_back(of.second > 1 ? compose("{} × {}", of.second, of.first) : of.first);
    return listed(words);
}

Words leads_words(const Plan& plan, const Pigtail& p) {
    std::vector<Words> names;
    for (const auto& e : p.ends) {
        const auto& feed = plan.feeds()[e.feed];
        names.push_back(name_of(plan, e.at_source ? feed.to : feed.from));
    }
    return joined(names, ", ");
}

}  // namespace

std::vector<Step> pigtail_steps(const Plan& plan, const Catalogue& catalogue) {
    std::vector<Step> steps;
    std::map<size_t, std::vector<Pigtail>> by_hub;
    for (auto& p : pigtails(plan, catalogue)) by_hub[p.hub].push_back(std::move(p));
    for (const auto& [h, both] : by_hub) {
        const auto& hub = plan.hubs[h];
        const auto& first = both.front();
        auto& s = add_step(steps, "pigtail/" + hub.id, StepKind::pigtail, say("Pigtail: {hub}", hub.name),
                           say("{wires_words} in one joint, {kind}", wires_words(first), first.kind->name));
        s.about = hub.id;
        for (const auto& p : both)
            s.actions.push_back(say("{minus|All − together|All + together}: to {leads_words}.", p.minus,
                                    leads_words(plan, p)));
        if (raw(first.tube_cut) > 0)
            s.actions.push_back(say("{count} × {cut} of {tube} on first, well back.", both.size(),
                                    format(first.tube_cut),
                                    first.tube ? first.tube->name : say("tube that fits")));
        JointWork work;
        work.kind = first.kind, work.size = first.size;
        tell_joint(s, work, plan.practices);
        if (first.tube)
            s.actions.push_back(say("Its open end pinched flat while it is hot: no copper looks out."));
        s.minutes = first.kind->minutes * 1.5 * static_cast<double>(both.size());
        for (const auto& e : first.ends) {
            const auto& feed = plan.feeds()[e.feed];
            for (const char* before : {"cut/", "thread/", "sleeve/", "cable/"})
                s.after.push_back(before + feed.id);
            for (const auto& d : feed.devices) s.after.push_back("item/" + d.id);
            if (find_part(plan, feed.from).kind == PartKind::converter) s.after.push_back("set/" + feed.from);
        }
        s.why.add(say(
            "When every wire of it is cut and has its items: a pigtail cannot be opened for another wire."));
        s.why.add(say("{copper} of copper together, {bared} across bared.", format(first.copper),
                      format(first.bared)));
    }
    return steps;
}

}  // namespace sangre
