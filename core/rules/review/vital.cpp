// What must not fail: everything that alone can stop it, by name, and how each is kept from doing so.
#include <fmt/format.h>
#include <fmt/ranges.h>

#include <map>

#include "base/words/list.h"
#include "base/words/say.h"
#include "rules/review/review.h"
#include "wiring/conductors/single_points.h"

namespace sangre {
namespace {

Words keeps_it(SinglePointKind kind) {
    switch (kind) {
        case SinglePointKind::source:
            return say(
                "a second one through diodes, or its charge watched and an alarm well before it is empty");
        case SinglePointKind::module:
            return say("half as much again as it must give, air around it, or a second one");
        case SinglePointKind::fuse:
            return say(
                "well above its peaks, a blade rather than glass under vibration, inspected each season");
        case SinglePointKind::power_switch:
            return say("a guard, a lock, or a loop instead, so that it is not turned off by accident");
        case SinglePointKind::plug:
            return say("one that latches, and tied or taped; never held by friction alone");
        case SinglePointKind::hub:
            return say("locked nuts, marked with paint, tugged");
    }
    return "";
}

Words count_words(const std::map<SinglePointKind, size_t>& by_kind) {
    std::vector<Words> words;
    for (const auto& [kind, n] : by_kind) switch (kind) {
            case SinglePointKind::source:
                words.push_back(n == 1 ? say("its source") : say("{sources} sources", n));
                break;
            case SinglePointKind::module:
                words.push_back(n == 1 ? say("a module") : say("{modules} modules", n));
                break;
            case SinglePointKind::fuse:
                words.push_back(n == 1 ? say("a fuse") : say("{fuses} fuses", n));
                break;
            case SinglePointKind::power_switch:
                words.push_back(n == 1 ? say("a switch") : say("{switches} switches", n));
                break;
            case SinglePointKind::plug:
                words.push_back(n == 1 ? say("a plug") : say("{plugs} plugs", n));
                break;
            case SinglePointKind::hub:
                words.push_back(n == 1 ? say("a block") : say("{blocks} blocks", n));
                break;
        }
    return listed(words);
}

void alone(const Context& c, std::vector<Finding>& out) {
    for (size_t l = 0; l < c.plan.loads.size(); ++l) {
        const auto& load = c.plan.loads[l];
        if (!load.vital) continue;
        const auto points = single_points(c.plan, c.index(), l);
        if (points.empty()) continue;
        std::map<SinglePointKind, size_t> by_kind;
        for (const auto& p : points) ++by_kind[p.kind];
        Finding f{
            Severity::note,
            {},
            {load.id},
            say("{load} is vital, and {count_words} can stop it alone.", load.name, count_words(by_kind)),
            {},
            {}};
        for (const auto& p : points) f.why.add(compose("{}: {}.", p.name, keeps_it(p.kind)));
        f.why.add(say(
            "Every lead and joint on the way is tugged and tied by the build, and looked at a second time."));
        out.push_back(std::move(f));
    }
}

}  // namespace

const std::vector<Rule> rules_of::vital{
    {"vital-single-points", to_say("Each single point of failure of a vital load is named"), alone},
};

}  // namespace sangre
