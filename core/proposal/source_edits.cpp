#include "proposal/source_edits.h"

#include <fmt/format.h>

#include <algorithm>

#include "physics/battery/pack.h"
#include "plan/edits.h"
#include "plan/source.h"
#include "plan/source_text.h"
#include "proposal/sizing.h"

namespace sangre {
namespace {

constexpr double poor_day = 1, good_day = 4;  // hours of full sun, of the middle latitudes; typical

}  // namespace

std::vector<Source> source_offers(const Plan& plan, const Catalogue& catalogue) {
    Source pack;
    pack.name = "Second pack", pack.chemistry = "lfp", pack.series = 4, pack.cell_capacity = AmpereHour(10);
    Volt charge(14.4);
    for (const auto& s : plan.sources)
        if (const auto* chemistry = find(catalogue.chemistries, s.chemistry);
            chemistry && s.kind == SourceKind::pack) {
            pack.chemistry = s.chemistry, pack.series = s.series, pack.parallel = s.parallel;
            pack.cell_capacity = s.cell_capacity;
            charge = pack_charge_voltage(s, *chemistry);
            break;
        }
    const auto typed = [&](const char* name, const std::string& line) {
        auto s = parse_source(catalogue, Source{}, line).value_or(Source{});
        s.name = name;
        return s;
    };
    std::vector<Source> all{pack, typed("Vehicle circuit", "circuit 12 V 15 A fuse with the key")};
    for (const auto& t : catalogue.supplies) {
        Source s;
        s.name = t.panel ? "Panel" : "Supply";
        s.kind = t.panel ? SourceKind::panel : SourceKind::supply;
        s.v_min = t.panel ? charge : t.v_min, s.v_max = t.panel ? charge : t.v_max;
        s.rated = t.rated, s.power = t.power;
        if (t.panel) s.sun_low = poor_day, s.sun_high = good_day;
        all.push_back(s);
    }
    return all;
}

Plan add_source(Plan plan, const Catalogue& catalogue, Source source) {
    const auto wanted = source.name;
    for (int n = 2; std::any_of(plan.sources.begin(), plan.sources.end(),
                                [&](const auto& s) { return s.name == source.name; });
         ++n)
        source.name = wanted + " " + std::to_string(n);
    source.id = fresh_id(plan, source_word(source.kind), source.name);
    if (source.place.empty() && !plan.sources.empty()) source.place = plan.sources.front().place;
    const bool joins = !is_endless(source) && !plan.hubs.empty();
    const bool panel = source.kind == SourceKind::panel;
    const Id id = source.id, name = source.name;
    plan.sources.push_back(std::move(source));
    if (!joins) return plan;
    Lead feed;
    feed.id = fresh_id(plan, "feed", name);
    feed.from = id, feed.to = plan.hubs.front().id;
    // What hurts a panel's lead is the pack behind it: its fuse stands at that end.
    if (panel) std::swap(feed.from, feed.to);
    feed.devices.push_back(
        {feed.id + "-fuse", DeviceKind::fuse, "standard-blade", Ampere(5), {}, {}, {}, false});
    plan.add_feed(std::move(feed));
    return size_feeds(std::move(plan), catalogue);
}

}  // namespace sangre
