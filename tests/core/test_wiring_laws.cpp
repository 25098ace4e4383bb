// What there will physically be: laws of the wiring over plans as builders wire them, and over tangled
// networks.
#include <set>

#include "fixtures.h"
#include "making/steps/bom.h"
#include "output/diagram/labels.h"
#include "random_plans.h"
#include "wiring/conductors/resistances.h"

using namespace sangre;
using test::parts;

class TestWiringLaws : public QObject {
    Q_OBJECT
    /// Calls `check` with each plan and its harness.
    template <class Check>
    static void over_plans(Check check) {
        for (unsigned seed = 0; seed < 120; ++seed) {
            const auto plan = seed % 3 ? test::RandomPlans(seed).built() : test::RandomPlans(seed).network();
            check(plan, lay_harness(plan, parts()));
        }
        for (const char* name : {"orchard-frost-rover", "seed-hexacopter", "book-trike", "bat-detector",
                                 "apiary-trailer", "moss-wall"}) {
            const auto plan = test::demo(name);
            check(plan, lay_harness(plan, parts()));
        }
    }
    static Wiring wired(const Plan& plan) { return lay_harness(plan, parts()).wiring; }

  private slots:
    void every_end_is_in_one_joint() {
        over_plans([](const Plan&, const Harness& h) {
            const auto& w = h.wiring;
            size_t ends = 0;
            for (size_t j = 0; j < w.joints.size(); ++j) {
                const auto& joint = w.joints[j];
                const bool foreign = joint.at == JointAt::frame || joint.at == JointAt::other_return;
                const size_t here = ends_in(w, j);
                ends += here;
                // Those in parallel are made as one; what meets the frame or another return is no end of a
                // wire here.
                size_t alike = 1;
                for (const auto& c : w.cores_of(joint.lead))
                    if (c.role == joint.role) alike = static_cast<size_t>(c.alike);
                QCOMPARE(here, foreign ? size_t{0} : alike);
                // What carries a signal ends at a pin, which is no point of the network.
                QVERIFY(joint.of_cable >= 0 || (joint.terminal >= 0) != (joint.item >= 0));
                QVERIFY(joint.terminal < static_cast<int>(w.terminals.size()));
            }
            QCOMPARE(ends, 2 * w.conductors.size());
            for (const auto& c : w.conductors) {
                const auto &a = w.joints[c.joint_a], &b = w.joints[c.joint_b];
                QVERIFY(c.joint_a != c.joint_b && a.lead == b.lead && a.role == b.role);
                QVERIFY(a.role == w.cores[c.core].role);
            }
        });
    }
    void stretches_add_up_to_their_wire() {
        over_plans([](const Plan& plan, const Harness& h) {
            for (const auto& core : h.wiring.cores) {
                Metre reached(0);
                for (size_t c = core.conductors_begin; c < core.conductors_end; ++c) {
                    const auto& piece = h.wiring.conductors[c];
                    QCOMPARE(raw(piece.from), raw(reached));
                    QVERIFY(piece.to >= piece.from);
                    reached = piece.to;
                }
                CLOSE(raw(reached), raw(core.length), 1e-12);
                QCOMPARE(raw(core.length), raw(h.routes[core.lead].length));
                // As many stretches as items part it, and one.
                size_t parted = 0;
                for (const auto& item : h.wiring.items_of(core.lead))
                    parted += parts_the_wire(item.kind, item.values) &&
                              (core.role == WireRole::supply || item.kind == DeviceKind::connector);
                QCOMPARE(core.conductors_end - core.conductors_begin, parted + 1);
                if (core.lead < plan.feeds().size() && core.of_cable < 0)
                    QCOMPARE(core.alike, std::max(plan.feeds()[core.lead].conductors, 1));
            }
        });
    }
    void stretches_end_at_their_items() {
        int seen = 0;
        over_plans([&](const Plan&, const Harness& h) {
            const auto& w = h.wiring;
            for (const auto& c : w.conductors) {
                const auto &a = w.joints[c.joint_a], &b = w.joints[c.joint_b];
                if (b.item >= 0) {
                    QCOMPARE(raw(c.to), raw(w.items[static_cast<size_t>(b.item)].at));
                    ++seen;
                }
                if (a.item >= 0) QCOMPARE(raw(c.from), raw(w.items[static_cast<size_t>(a.item)].at));
            }
        });
        QVERIFY(seen > 200);
        auto p = test::one_feed();  // fuse and switch over a metre
        p.feeds()[0].devices[0].at = Metre(0.06);
        const auto w = wired(p);
        QCOMPARE(raw(w.conductors[0].to), 0.06);
        QVERIFY(w.conductors[1].to > Metre(0.06) && w.conductors[1].to < Metre(1));
    }
    /// A milliohm at the load's bolt and one at the pack's; in wood nothing flows.
    void a_frame_return_is_two_bolts() {
        auto p = test::one_feed();
        p.feeds()[0].ret = Return::frame, p.metal_frame = true;
        const Solver metal(p, parts(), std::vector<Metre>{Metre(1)});
        QCOMPARE(metal.circuit().branches.size(), size_t{3});
        QCOMPARE(metal.circuit().branches[1].ohm, 0.001);
        QCOMPARE(metal.circuit().branches[2].ohm, 0.001);
        p.metal_frame = false;
        const Solver wood(p, parts(), std::vector<Metre>{Metre(1)});
        QVERIFY(wood.circuit().branches[1].ohm > 1e6);
    }
    void keys_are_unique_and_names_say_where() {
        over_plans([](const Plan& plan, const Harness& h) {
            std::set<std::string> keys;
            for (const auto& c : h.wiring.cores)
                QVERIFY2(keys.insert(core_key(plan, c)).second, core_key(plan, c).c_str());
            for (const auto& j : h.wiring.joints) {
                const auto key = joint_key(plan, h.wiring, j);
                QVERIFY2(keys.insert(key).second, key.c_str());
                const auto& lead = plan.leads[j.lead];
                const auto name = lead.name.empty() ? name_of(plan, lead.to) : lead.name;
                QVERIFY(joint_name(plan, h.wiring, j).str().starts_with(name));
            }
        });
        const auto p = test::one_feed();
        const auto w = wired(p);
        QCOMPARE(joint_name(p, w, w.joints[0]),
                 std::string("Lamp lead, +, at Battery").replace(0, 4, p.loads[0].name));
        QCOMPARE(joint_key(p, w, w.joints[0]), std::string("feed/+@source"));
        QCOMPARE(joint_key(p, w, w.joints[1]), std::string("fuse/in"));
        QCOMPARE(joint_key(p, w, w.joints[4]), std::string("switch/out"));
    }
    /// Mass, cost, cuts, list, labels, holes and the network count the same wires and items.
    void everything_counts_the_same() {
        over_plans([](const Plan& plan, const Harness& h) {
            const auto& w = h.wiring;
            double metres = 0, rounding = 0;
            size_t plain = 0;
            for (const auto& c : w.cores)
                if (c.of_cable < 0) metres += c.wire ? raw(c.cut) : 0, ++plain;
            double listed = 0;
            for (const auto& l : bill_of_materials(plan, parts(), h))
                if (l.item.str().starts_with("wire ")) listed += l.amount, rounding += 0.01;
            QVERIFY2(listed >= metres - 1e-9 && listed <= metres + rounding,
                     qPrintable(QString::number(listed - metres)));
            QCOMPARE(wire_labels(plan, h).size(), 2 * (plain + cabled_leads(plan).size()));
            for (const auto& hole : h.holes) {
                size_t through = 0;
                for (const auto f : hole.leads)
                    for (const auto& c : w.cores_of(f)) through += c.wire != nullptr;
                QCOMPARE(hole.wires.size(), through);
            }
            const Solver solver(plan, parts(), feed_lengths(h));
            for (size_t f = 0; f < plan.feeds().size(); ++f) {
                double supply = 0, back = 0, in_parallel = 0;
                for (const auto& c : w.cores_of(f))
                    if (c.role == WireRole::supply && c.wire && raw(c.length) > 0)
                        in_parallel += 1 / (c.wire->ohm_per_m * raw(c.length));
                supply += in_parallel > 0 ? 1 / in_parallel : 0;
                if (w.has_own_return(f)) back += in_parallel > 0 ? 1 / in_parallel : 0;
                for (const auto& j : w.joints_of(f))
                    if (j.role == WireRole::supply || j.role == WireRole::back)
                        (j.role == WireRole::supply ? supply : back) += raw(j.ohm);
                bool blocks = false;
                for (const auto& i : w.items_of(f))
                    supply += raw(i.values.supply), back += raw(i.values.back), blocks = blocks || i.blocks;
                const auto& branches = solver.circuit().branches;
                if (!blocks) CLOSE(branches[2 * f].ohm, std::max(supply, 1e-5), 1e-9);
                CLOSE(branches[2 * f + 1].ohm, std::max(back, 1e-5), 1e-9);
            }
        });
        for (unsigned seed = 0; seed < 40; ++seed) {
            const auto plan = test::RandomPlans(seed).built();
            const auto s = test::studied(plan);
            auto bare = plan;
            bare.replace_feeds({}), bare.replace_signal_leads({});
            double grams = raw(test::studied(bare).mass), cost = test::studied(bare).cost;
            for (const auto& c : s.harness.wiring.cores)
                grams += c.wire ? c.wire->gram_per_m * raw(c.cut) : 0;
            for (const auto& i : s.harness.wiring.items) grams += raw(i.values.mass), cost += i.values.cost;
            CLOSE(raw(s.mass), grams, 1e-9);
            CLOSE(s.cost + 1, cost + 1, 1e-9);
        }
    }
    void an_item_taken_out_and_put_back_changes_nothing() {
        int tried = 0;
        for (unsigned seed = 0; seed < 60; ++seed) {
            const auto plan = test::RandomPlans(seed).built();
            for (size_t f = 0; f < plan.feeds().size(); ++f) {
                if (plan.feeds()[f].devices.empty()) continue;
                auto without = plan;
                const auto taken = without.feeds()[f].devices.back();
                without.feeds()[f].devices.pop_back();
                auto again = without;
                again.feeds()[f].devices.push_back(taken);
                const auto a = wired(plan), b = wired(without), c = wired(again);
                QVERIFY(a == c && b.items.size() + 1 == a.items.size());
                if (parts_the_wire(taken.kind, item_values(parts(), taken).value_or(ItemValues{}))) {
                    const size_t each = static_cast<size_t>(std::max(plan.feeds()[f].conductors, 1));
                    const bool both =
                        taken.kind == DeviceKind::connector && plan.feeds()[f].ret == Return::own;
                    QCOMPARE(a.conductors.size(), b.conductors.size() + each * (both ? 2 : 1));
                    QCOMPARE(a.joints.size(), b.joints.size() + 2 * (both ? 2 : 1));
                }
                ++tried;
            }
        }
        QVERIFY(tried > 100);
    }
    void the_order_of_the_lists_does_not_matter() {
        for (unsigned seed = 0; seed < 20; ++seed) {
            auto plan = test::RandomPlans(seed).built();
            const auto before = test::studied(plan);
            auto turned = plan;
            std::reverse(turned.feeds().begin(), turned.feeds().end());
            std::reverse(turned.loads.begin(), turned.loads.end());
            std::reverse(turned.hubs.begin(), turned.hubs.end());
            std::reverse(turned.converters.begin(), turned.converters.end());
            const auto after = test::studied(turned);
            CLOSE(raw(after.mass), raw(before.mass), 1e-9);
            QCOMPARE(after.findings.size(), before.findings.size());
            const size_t n = plan.feeds().size();
            for (size_t f = 0; f < n; ++f) {
                const double was = raw(before.worst.feeds[f].continuous),
                             is = raw(after.worst.feeds[n - 1 - f].continuous);
                QVERIFY2(std::abs(was - is) <= 1e-6 * std::max(1.0, std::abs(was)),
                         qPrintable(QString("%1 %2 %3").arg(seed).arg(was).arg(is)));
            }
        }
    }
    /// Whatever the catalogue holds is joined, listed and in the drawing of its feed.
    void every_item_of_the_catalogue_can_be_wired() {
        std::vector<Device> all;
        const auto add = [&](DeviceKind kind, const Id& type, Ampere rating = Ampere(0)) {
            all.push_back({"item", kind, type, rating, {}, {}});
        };
        for (const auto& t : parts().fuses) add(DeviceKind::fuse, t.id, t.ratings.front());
        for (const auto& t : parts().switches) add(DeviceKind::power_switch, t.id);
        for (const auto& t : parts().connectors) add(DeviceKind::connector, t.id);
        for (const auto& t : parts().inlines)
            add(t.kind == InlineKind::diode       ? DeviceKind::diode
                : t.kind == InlineKind::filter    ? DeviceKind::filter
                : t.kind == InlineKind::precharge ? DeviceKind::precharge
                                                  : DeviceKind::shunt,
                t.id);
        for (const auto& d : all) {
            auto p = test::one_feed();
            p.feeds()[0].devices = {d};
            const auto h = lay_harness(p, parts());
            const auto name = item_name(parts(), d);
            QVERIFY2(h.wiring.items.size() == 1 && h.wiring.items[0].known, d.type.c_str());
            size_t joints = 0;
            for (const auto& j : h.wiring.joints) joints += j.item == 0;
            QCOMPARE(joints, size_t{!parts_the_wire(d.kind, *item_values(parts(), d)) ? 0u
                                    : d.kind == DeviceKind::connector                 ? 4u
                                                                                      : 2u});
            const auto bill = bill_of_materials(p, parts(), h);
            QVERIFY2(std::any_of(bill.begin(), bill.end(),
                                 [&](const auto& l) { return l.item.str().starts_with(name.str()); }),
                     name.str().c_str());
            QVERIFY(h.wiring.items[0].values.mass >= Gram(0) && h.wiring.items[0].values.supply >= Ohm(0));
        }
        QVERIFY(all.size() > 80);
    }
};

SANGRE_SUITE(TestWiringLaws);
#include "test_wiring_laws.moc"
