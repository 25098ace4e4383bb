// What alone can stop a load, against taking each thing out and asking the network.
#include <set>

#include "fixtures.h"
#include "random_plans.h"
#include "wiring/conductors/single_points.h"

using namespace sangre;
using test::parts;

namespace {

/// True where the load is dark with that part or item gone: nothing feeds it over what is left, by the
/// solver.
bool dark_without(const Plan& plan, size_t load, const Id& gone) {
    auto cut = plan;
    for (auto& f : cut.feeds())
        for (const auto& d : f.devices)
            if (d.id == gone) f.from = "nowhere", f.to = "nowhere-else";
    cut.erase_feeds([&](const auto& f) { return f.from == "nowhere" || f.from == gone || f.to == gone; });
    const auto& id = cut.loads[load].id;
    std::set<Id> live;
    for (const auto& s : cut.sources)
        if (s.id != gone && s.kind != SourceKind::panel) live.insert(s.id);
    for (size_t round = 0; round <= cut.feeds().size(); ++round)
        for (const auto& f : cut.feeds())
            if (live.contains(f.from)) live.insert(f.to);
    return !live.contains(id);
}

}  // namespace

class TestSinglePoints : public QObject {
    Q_OBJECT
  private slots:
    void each_alone_makes_it_dark_and_nothing_else_does() {
        size_t seen = 0, spared = 0;
        for (unsigned seed = 0; seed < 40; ++seed) {
            const auto plan = seed % 2 ? test::RandomPlans(seed).network() : test::RandomPlans(seed).built();
            const PlanIndex index(plan);
            for (size_t l = 0; l < plan.loads.size(); ++l) {
                const auto points = single_points(plan, index, l);
                std::set<Id> named;
                for (const auto& p : points) {
                    QVERIFY2(named.insert(p.id).second, p.id.c_str());
                    QVERIFY(!p.name.empty());
                    QVERIFY2(dark_without(plan, l, p.id), p.name.str().c_str());
                    ++seen;
                }
                if (dark_without(plan, l, "nobody")) {
                    QVERIFY(points.empty());
                    continue;
                }
                for (const auto& f : plan.feeds())
                    for (const auto& d : f.devices) {
                        const bool counts = d.kind == DeviceKind::fuse ||
                                            d.kind == DeviceKind::power_switch ||
                                            d.kind == DeviceKind::connector;
                        if (!counts || named.contains(d.id)) continue;
                        QVERIFY2(!dark_without(plan, l, d.id), d.id.c_str());
                        ++spared;
                    }
            }
        }
        QVERIFY(seen > 200 && spared > 200);
    }
    void a_second_way_takes_the_first_off_the_list() {
        auto plan = test::demo();
        const auto load = static_cast<size_t>(by_id(plan.loads, Id("load-fog-pump")) - plan.loads.data());
        const auto before = single_points(plan, PlanIndex(plan), load);
        auto second = plan.feeds()[feeds_into(plan, "load-fog-pump").front()];
        second.id = "feed-second";
        for (auto& d : second.devices) d.id += "-second";
        plan.add_feed(second);
        const auto after = single_points(plan, PlanIndex(plan), load);
        QVERIFY(after.size() < before.size());
        for (const auto& p : after) QVERIFY(p.id.find("load-fog-pump") == std::string::npos);
    }
    void a_panel_is_no_second_source() {
        auto plan = test::demo();
        const auto before = single_points(plan, PlanIndex(plan), 0);
        auto panel = plan.sources[0];
        panel.id = "sun", panel.kind = SourceKind::panel;
        plan.sources.push_back(panel);
        auto lead = plan.feeds()[feeds_from(plan, plan.sources[0].id).front()];
        lead.id = "feed-sun", lead.from = "sun";
        for (auto& d : lead.devices) d.id += "-sun";
        plan.add_feed(lead);
        QVERIFY(single_points(plan, PlanIndex(plan), 0) == before);
    }
    void the_build_looks_a_second_time_before_the_last_fuse() {
        const auto plan = test::demo("orchard-frost-rover");
        const auto s = test::studied(plan);
        QVERIFY(test::has(s, "vital-single-points"));
        size_t look = 0, fuse = 0;
        for (size_t i = 0; i < s.steps().size(); ++i) {
            if (s.steps()[i].key == "check/vital") look = i + 1;
            if (s.steps()[i].key.starts_with("fit/battery-fuse")) fuse = i + 1;
        }
        QVERIFY(look > 0 && fuse > look);
        // Without anything vital there is none.
        auto calm = plan;
        for (auto& l : calm.loads) l.vital = false;
        for (const auto& step : test::studied(calm).steps()) QVERIFY(step.key != "check/vital");
    }
};

SANGRE_SUITE(TestSinglePoints);
#include "test_single_points.moc"
