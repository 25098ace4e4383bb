// What must hold of every proposal, whatever is asked of it: on random lists of loads, by every school.
#include <QTest>
#include <random>
#include <set>

#include "fixtures.h"
#include "output/files/plan_file.h"
#include "plan/edits.h"
#include "proposal/rails.h"
#include "proposal/sides.h"
#include "proposal/source_edits.h"
#include "wiring/index/index.h"
#include "wiring/joint/choose.h"

using namespace sangre;
using test::parts;

namespace {

/// Loads as a builder might list them: usual voltages, windows narrow and wide, some noisy, some sensitive,
/// some that never sleep.
Plan random_wishes(unsigned seed) {
    std::mt19937 random(seed);
    const auto pick = [&](auto... of) {
        const std::array all{of...};
        return all[std::uniform_int_distribution<size_t>(0, all.size() - 1)(random)];
    };
    const auto chance = [&](double p) { return std::bernoulli_distribution(p)(random); };
    Plan p;
    p.places = {{"bay", "Bay", 0.2, 0.5, {}}, {"nose", "Nose", 0.8, 0.4, {}}, {"mast", "Mast", 0.6, 0.9, {}}};
    p.ways = {{"bay-nose", "bay", "nose", Metre(0.6)},
              {"bay-mast", "bay", "mast", Metre(0.9), {{OnWayKind::opening, {}, "mast-hole"}}}};
    p.openings = {{"mast-hole", {}, {}, OpeningKind::grommet, Millimetre(25)}};
    const int n = std::uniform_int_distribution<int>(2, 14)(random);
    for (int i = 0; i < n; ++i) {
        const double volts = pick(3.3, 5.0, 5.0, 6.0, 9.0, 12.0, 12.0, 12.0, 24.0);
        auto l = test::simple_load("load-" + std::to_string(i), volts,
                                   std::uniform_real_distribution<double>(0.05, 2.5)(random));
        const double wide = pick(0.05, 0.1, 0.2, 0.4);
        l.v_min = Volt(volts * (1 - wide)), l.v_max = Volt(volts * (1 + wide));
        if (chance(0.3)) l.peak = l.typical * 2.0, l.peak_time = Second(2);
        l.idle = l.typical * 0.1;
        l.noisy = chance(0.2), l.sensitive = !l.noisy && chance(0.3), l.always_on = chance(0.1);
        l.place = Id(pick("bay", "nose", "mast"));
        p.loads.push_back(l);
    }
    auto& ways = p.practices;
    ways.wire = pick(WireSchool::drop, WireSchool::temperature, WireSchool::cautious);
    ways.fuse = pick(FuseSchool::smallest_that_carries, FuseSchool::largest_that_protects);
    ways.set = pick(SetSchool::middle, SetSchool::high, SetSchool::nominal);
    ways.joint = pick(JointSchool::by_place, JointSchool::solder, JointSchool::crimp,
                      JointSchool::crimp_and_solder, JointSchool::no_solder);
    ways.terminal = pick(TerminalSchool::ferrule, TerminalSchool::twist, TerminalSchool::tin);
    ways.noise = pick(NoiseSchool::own_converter, NoiseSchool::together);
    ways.sizing = pick(SizingSchool::tight, SizingSchool::generous);
    ways.feeds = pick(FeedSchool::own, FeedSchool::grouped);
    ways.metric = chance(0.3);
    Phase work{"work", "Work", Second(3600), false, {}, {}, {}, {}};
    for (const auto& l : p.loads)
        if (chance(0.8)) work.states[l.id] = LoadState::typical;
    p.phases.push_back(work);
    return p;
}

}  // namespace

class TestProposalLaws : public QObject {
    Q_OBJECT
    static void seeds(int n) {
        QTest::addColumn<unsigned>("seed");
        for (int i = 1; i <= n; ++i) QTest::addRow("seed %d", i) << static_cast<unsigned>(i);
    }
  private slots:
    void served_or_refused_by_name_data() { seeds(40); }
    void served_or_refused_by_name() {
        QFETCH(unsigned, seed);
        const auto wishes = random_wishes(seed);
        const auto made = propose(wishes, parts());
        if (!made) {
            QVERIFY(!made.error().empty());
            for (const auto& r : made.error()) {
                QVERIFY(!r.reason.empty());
                QVERIFY(r.load.empty() || by_id(wishes.loads, r.load));
            }
            return;
        }
        const auto& plan = made->plan;
        QVERIFY(!made->why.lines.empty());
        // Loads, places and practices are the builder's.
        QVERIFY(plan.loads == wishes.loads && plan.places == wishes.places &&
                plan.practices == wishes.practices);
        for (const auto& l : plan.loads) QCOMPARE(feeds_into(plan, l.id).size(), size_t{1});
        for (const auto& f : plan.feeds()) {
            QVERIFY2(find_part(plan, f.from).kind != PartKind::none, f.id.c_str());
            const auto* wire = find(parts().wires, f.wire);
            QVERIFY2(wire && wire->metric == plan.practices.metric, f.id.c_str());
            for (const auto& id : {f.joint_from, f.joint_to}) {
                const auto* kind = find(parts().joints, id);
                QVERIFY2(kind && takes(*kind, lead_copper(parts(), f)), (f.id + " " + id).c_str());
            }
        }
    }
    void no_danger_is_left_data() { seeds(60); }
    void no_danger_is_left() {
        QFETCH(unsigned, seed);
        const auto made = propose(random_wishes(seed), parts());
        if (!made) QSKIP("refused");
        for (const auto& f : test::studied(made->plan).findings)
            QVERIFY2(f.severity != Severity::danger, f.sentence.str().c_str());
    }
    void proposed_again_it_stays_data() { seeds(60); }
    void proposed_again_it_stays() {
        QFETCH(unsigned, seed);
        const auto once = propose(random_wishes(seed), parts());
        if (!once) QSKIP("refused");
        const auto twice = propose(once->plan, parts());
        QVERIFY(twice.has_value());
        QCOMPARE(twice->plan.feeds().size(), once->plan.feeds().size());
        for (size_t f = 0; f < once->plan.feeds().size(); ++f) {
            QCOMPARE(twice->plan.feeds()[f].id, once->plan.feeds()[f].id);
            QCOMPARE(twice->plan.feeds()[f].wire, once->plan.feeds()[f].wire);
        }
        QVERIFY(twice->plan.converters == once->plan.converters);
    }
    void every_rail_suits_its_loads_data() { seeds(40); }
    void every_rail_suits_its_loads() {
        QFETCH(unsigned, seed);
        const auto wishes = random_wishes(seed);
        const SourceRange source{Volt(20), Volt(29.2)};
        std::vector<int> seen(wishes.loads.size());
        for (const auto& group : group_rails(wishes, source)) {
            QVERIFY(!group.loads.empty());
            bool noisy = false, sensitive = false;
            for (const auto l : group.loads) {
                const auto& load = wishes.loads[l];
                ++seen[l];
                QVERIFY2(group.volts >= load.v_min && group.volts <= load.v_max, load.name.c_str());
                QCOMPARE(load.always_on, group.always_on);
                noisy = noisy || load.noisy, sensitive = sensitive || load.sensitive;
            }
            if (wishes.practices.noise == NoiseSchool::own_converter) QVERIFY(!(noisy && sensitive));
            const auto current = rail_current(wishes, group);
            QVERIFY(raw(current.typical) > 0 && current.peak >= current.typical);
            const auto modules = modules_for(wishes, parts(), source, group);
            if (!modules) continue;
            size_t carried = 0;
            for (const auto& m : *modules) {
                carried += m.group.loads.size();
                QVERIFY(m.type && m.type->in_max >= source.high && m.type->in_min <= source.low);
                QVERIFY(m.type->rated * m.type->trusted >= rail_current(wishes, m.group).typical);
            }
            QCOMPARE(carried, group.loads.size());
        }
        for (size_t l = 0; l < seen.size(); ++l) QCOMPARE(seen[l], accepts(wishes.loads[l], source) ? 0 : 1);
    }
    void more_of_the_same_never_gets_a_thinner_trunk() {
        double before = 0;
        for (int n = 1; n <= 12; ++n) {
            Plan p;
            for (int i = 0; i < n; ++i)
                p.loads.push_back(test::simple_load("lamp-" + std::to_string(i), 12.8, 2));
            for (auto& l : p.loads) l.v_min = Volt(9), l.v_max = Volt(16);
            p.sources.push_back({"battery", "Battery", "lfp", 4, 1, AmpereHour(60), {}, {}});
            const auto made = propose(p, parts());
            QVERIFY(made.has_value());
            const auto area = raw(find(parts().wires, made->plan.feeds()[0].wire)->area);
            QVERIFY(area >= before);
            before = area;
        }
    }
    /// Each source goes on feeding what it fed, however many there are; proposed again, nothing changes.
    void every_source_goes_on_feeding_data() { seeds(20); }
    void every_source_goes_on_feeding() {
        QFETCH(unsigned, seed);
        auto one = propose(random_wishes(seed), parts()), two = propose(random_wishes(seed + 100), parts());
        if (!one || !two) QSKIP("one of the lists cannot be served");
        // Two plans of their own, drawn into one under other ids, a panel and a second pack beside.
        auto plan = one->plan, far = two->plan;
        for (auto& l : far.loads) {
            const Id was = l.id;
            l.id = "far-" + was;
            for (auto& f : far.feeds()) {
                if (f.to == was) f.to = l.id;
                if (f.from == was) f.from = l.id;
            }
        }
        rename_parts(far, [](const Id& id) { return "far-" + id; });
        const auto append = [](auto& all, const auto& more) {
            all.insert(all.end(), more.begin(), more.end());
        };
        append(plan.sources, far.sources), append(plan.hubs, far.hubs), append(plan.loads, far.loads);
        append(plan.converters, far.converters);
        for (const auto& f : far.feeds()) plan.add_feed(f);
        for (const auto& l : far.loads) plan.phases[0].states[l.id] = LoadState::typical;
        Source sun;
        sun.kind = SourceKind::panel, sun.name = "Sun", sun.power = Watt(20),
        sun.v_min = sun.v_max = Volt(14);
        plan = add_source(plan, parts(), sun);
        auto second = plan.sources.front();
        second.name = "Second pack";
        plan = add_source(plan, parts(), second);
        const auto made = propose(plan, parts());
        QVERIFY(made);
        const auto& next = made->plan;
        QCOMPARE(next.sources.size(), plan.sources.size());
        const PlanIndex before(plan), after(next);
        for (size_t i = 0; i < plan.sources.size(); ++i) {
            QCOMPARE(next.sources[i].id, plan.sources[i].id);
            const auto& id = plan.sources[i].id;
            QVERIFY2(!after.from(id).empty() || !after.into(id).empty(), id.c_str());
        }
        std::set<Id> ids;
        for (const auto& f : next.feeds()) {
            QVERIFY2(ids.insert(f.id).second, f.id.c_str());
            for (const auto& d : f.devices) QVERIFY2(ids.insert(d.id).second, d.id.c_str());
            QVERIFY(find_part(next, f.from).kind != PartKind::none);
            QVERIFY(find_part(next, f.to).kind != PartKind::none);
        }
        for (const auto& l : next.loads) {
            const auto up = after.upstream(l.id);
            QVERIFY2(!up.empty(), l.id.c_str());
            const bool far_side = l.id.starts_with("far-");
            QCOMPARE(next.feeds()[up.back()].from.starts_with("far-"), far_side);
        }
        QVERIFY(plan_to_json(next) == plan_to_json(propose(next, parts())->plan));
    }
    void what_is_never_on_is_wired_as_if_it_were() {
        // Of two plans that differ in the day alone, the wiring is the same.
        auto plan = random_wishes(3);
        plan.practices.feeds = FeedSchool::own;
        for (const auto& l : plan.loads) plan.phases[0].states[l.id] = LoadState::typical;
        auto idle = plan;
        idle.phases[0].states.erase(plan.loads[0].id);
        auto rarely = plan;
        rarely.phases[0].shares[plan.loads[0].id] = 0.01;
        auto idling = plan;
        idling.phases[0].states[plan.loads[0].id] = LoadState::idle;
        const auto battery = propose(plan, parts())->plan.sources;
        plan.sources = idle.sources = rarely.sources = idling.sources = battery;
        const auto always = propose(plan, parts());
        for (const auto& other :
             {propose(idle, parts()), propose(rarely, parts()), propose(idling, parts())}) {
            QVERIFY(always && other);
            for (size_t f = 0; f < always->plan.feeds().size(); ++f) {
                QCOMPARE(other->plan.feeds()[f].wire, always->plan.feeds()[f].wire);
                QVERIFY(other->plan.feeds()[f].devices == always->plan.feeds()[f].devices);
            }
        }
    }
};

SANGRE_SUITE(TestProposalLaws);
#include "test_proposal_laws.moc"
