// Leads that came with a part: the plug that stays on, what is cut off, what lengthens one that is too short.
#include "bench/readings.h"
#include "fixtures.h"
#include "making/cut_list.h"
#include "making/steps/bom.h"
#include "making/steps/done.h"
#include "making/steps/steps.h"
#include "output/files/plan_text.h"
#include "rules/review/review.h"
#include "wiring/cable/supplied.h"
#include "wiring/item/covers.h"
#include "wiring/item/item_joint.h"
#include "wiring/joint/choose.h"

using namespace sangre;
using test::parts;

namespace {

/// A kite winch: a drum in a box, a line sensor outside it with a lead of its own, through one opening.
std::string winch(const std::string& sensor, const std::string& opening = "6 mm gland") {
    return "plan Kite winch\nbody Box, plastic, sealed, 200 × 150 × 100 mm, wall 3 mm\n"
           "place Inside, in Box\nplace Outside\nopening Side, " +
           opening +
           ", in Box\n"
           "way Inside → Outside, 0.5 m\nmeets opening, at 0.1 m, through Side\n"
           "source Pack: 4S LFP 10 Ah, at Inside\nload Brain 11–14.6 V 0.4 A, at Inside\n"
           "part Line sensor, sensor, at Outside\n"
           "lead Pack → Brain, 20 AWG silicone, 0.2 m\nitem fuse, standard blade fuse, 3 A\n"
           "cable Brain → Line sensor, 24 AWG PVC, jacket sheath, across 5 mm, " +
           sensor +
           "\ncore sig, signal, pin 1, to pin 1, colour white\ncore GND, ground, colour black\n"
           "core \"\", unused, colour green\n"
           "phase Day, 2 h, runs Brain typical\n";
}
constexpr const char* plug = "plug that it came with";

struct Built {
    Plan plan;
    Study s;
    std::vector<Step> steps;
    explicit Built(const std::string& text) : Built(read(text)) {}
    explicit Built(Plan of) : plan(std::move(of)), s(study(plan, parts(), Conditions{})), steps(s.steps()) {}
    static Plan read(const std::string& text) {
        const auto plan = plan_from_text(text, parts());
        if (!plan) qFatal("%s", error_text(plan.error()).c_str());
        return *plan;
    }
    const Lead& sensor() const { return plan.signal_leads().front(); }
    const Step& step(const std::string& of) const {
        const auto key = of + "/" + sensor().id;
        for (const auto& x : steps)
            if (x.key == key) return x;
        qFatal("no step %s", key.c_str());
    }
    bool says(const std::string& of, const std::string& words) const {
        const auto& x = step(of);
        return std::any_of(x.actions.begin(), x.actions.end(),
                           [&](const auto& a) { return a.str().find(words) != std::string::npos; });
    }
    double bought(const std::string& item) const {
        double all = 0;
        for (const auto& l : bill_of_materials(plan, parts(), s.harness))
            if (l.item.str().find(item) != std::string::npos) all += l.amount;
        return all;
    }
    double needed() const { return raw(s.harness.routes.back().cut); }
};

}  // namespace

class TestSupplied : public QObject {
    Q_OBJECT
  private slots:
    void one_plug_stays_and_the_rest_goes_into_the_drawer() {
        const Built b(winch(std::string("supplied 2 m, plug 4 mm, begins with ") + plug +
                            ", ends with soldered lap splice"));
        const double left = 2 - b.needed();
        QVERIFY(left > 0.5);
        QVERIFY(b.says("cut", "from the plug at Brain, which stays on"));
        QCOMPARE(b.bought("cable,"), 0.0);
        // Nothing is made at the plug; the other end has its strip and its tubes.
        QVERIFY(b.says("cable", "At Brain its plug stays on"));
        QVERIFY(b.says("cable", "Each core at Line sensor"));
        QVERIFY(b.says("sleeve", "Line sensor") && !b.says("sleeve", "at Brain"));
        // Ticked, the rest is at hand, under the name that a cut list looks for; unticked, it is not.
        const auto done = tick_step(b.plan, b.step("cut"), true, "2026-11-03T20:00");
        QCOMPARE(done.at_hand.size(), size_t{1});
        QVERIFY(std::abs(raw(done.at_hand[0].length) - left) < 1e-9);
        QCOMPARE(done.at_hand[0].name, std::string("cable, 3 × 24 AWG"));
        QVERIFY(tick_step(done, b.step("cut"), false, "2026-11-03T20:01").at_hand.empty());
        // Ticked twice it is there once.
        QCOMPARE(tick_step(done, b.step("cut"), true, "2026-11-03T20:02").at_hand.size(), size_t{1});
        // The cut list has it, with its plug and what is left.
        bool listed = false;
        for (const auto& g : cut_list(b.plan, parts(), b.s).groups)
            for (const auto& from : g.from)
                if (from.of.str().find("came with") != std::string::npos) {
                    listed = true;
                    QVERIFY(from.pieces.size() == 1 && from.pieces[0].plug);
                    QVERIFY(std::abs(raw(from.left) - left) < 1e-9);
                }
        QVERIFY(listed);
        QVERIFY(!test::has(b.s, "plug-through-opening") && !test::has(b.s, "supplied-short"));
    }
    void both_plugs_stay_and_the_rest_is_coiled() {
        const Built b(
            winch(std::string("supplied 2 m, plug 9 mm, begins with ") + plug + ", ends with " + plug,
                  "12 mm hole"));
        QVERIFY(b.says("cut", "keeps both its plugs"));
        QVERIFY(b.says("cut", "coil it"));
        QVERIFY(!b.says("cut", "drawer"));
        QVERIFY(b.step("cut").leaves.empty());
        QCOMPARE(b.step("cable").title, std::string("Fit both plugs of Brain → Line sensor"));
        QVERIFY(b.says("cable", "until it latches") && !b.says("cable", "Cut green"));
        QVERIFY(b.says("thread", "one of its plugs through") && !b.says("thread", "bare"));
        QVERIFY(!test::has(b.s, "cable-unused-bare"));
        QVERIFY(!test::has(b.s, "plug-through-opening"));
        for (const auto& x : b.steps) QVERIFY(x.key != "sleeve/" + b.sensor().id);
        // No trim, no bared ends: what is needed is the way and its loop.
        const Built cut(
            winch("begins with crimped contact in a housing, ends with soldered lap splice", "12 mm hole"));
        QVERIFY(b.needed() < cut.needed() - 0.04);
    }
    void a_plug_that_does_not_pass_is_found_and_mended() {
        const auto sensor =
            std::string("supplied 2 m, plug 9 mm, begins with ") + plug + ", ends with " + plug;
        for (const auto& [opening, mends] :
             {std::pair{"6 mm gland", size_t{2}}, {"7 mm grommet", size_t{3}}}) {
            const Built b(winch(sensor, opening));
            const auto* f = test::finding(b.s, "plug-through-opening");
            QVERIFY(f != nullptr);
            QCOMPARE(f->fixes.size(), mends);
            for (const auto& fix : f->fixes) {
                const Built mended(fix.edit(b.plan));
                QVERIFY2(!test::has(mended.s, "plug-through-opening"), fix.label.str().c_str());
            }
            // With one plug off, the other end is threaded.
            const Built cut(f->fixes[0].edit(b.plan));
            QVERIFY(cut.says("cut", "from the plug at Brain"));
        }
    }
    void one_that_is_too_short_is_lengthened() {
        for (const char* ends : {"begins with plug that it came with, ends with soldered lap splice",
                                 "begins with crimped contact in a housing, ends with plug that it came with",
                                 "begins with plug that it came with, ends with plug that it came with"}) {
            const Built b(winch(std::string("supplied 0.4 m, plug 4 mm, ") + ends));
            const auto* f = test::finding(b.s, "supplied-short");
            QVERIFY(f && f->fixes.size() == 2);
            const Built longer(f->fixes[0].edit(b.plan));
            QVERIFY(!test::has(longer.s, "supplied-short"));
            const auto* splice = device(longer.sensor(), DeviceKind::splice);
            QVERIFY(splice && !splice->joint_in.empty() && splice->joint_out.empty());
            // What is bought and what it came with make what is needed.
            const auto use = use_of_supplied(parts(), longer.sensor(), Metre(longer.needed()));
            QVERIFY(std::abs(raw(use->used + use->bought) - longer.needed()) < 1e-9);
            QVERIFY(use->used <= Metre(0.4));
            QVERIFY(std::abs(longer.bought("cable,") - raw(use->bought)) < 0.011);
            // A joint for each core that is used, each in a tube of its own.
            std::string item;
            for (const auto& x : longer.steps)
                if (x.item == splice->id)
                    for (const auto& a : x.actions) item += a + "\n";
            QVERIFY2(item.find("2 × ") != std::string::npos, item.c_str());
            QVERIFY(item.find("different lengths") != std::string::npos);
            // One wide tube over all of it, on before the sheath is off, bought and in the cut list.
            const auto wide = splice_tube(longer.plan, parts(), longer.sensor(), *splice);
            QVERIFY(wide && wide->tube && wide->hold >= longer.sensor().across);
            QVERIFY(raw(wide->cut) >=
                    20 + 2 * raw(item_joint(longer.plan, parts(), longer.sensor(), *splice, true)->tube_cut) /
                             2);
            QVERIFY(item.starts_with("First the wide tube"));
            QVERIFY(item.find("of the sheath off") < item.find("different lengths"));
            QVERIFY(longer.bought(wide->tube->name.spoken()) * 1e3 >= raw(wide->cut));
            const Built fresh(f->fixes[1].edit(b.plan));
            QVERIFY(!fresh.sensor().supplied && !test::has(fresh.s, "supplied-short"));
            QVERIFY(!keeps_plug(parts(), fresh.sensor(), true) &&
                    !keeps_plug(parts(), fresh.sensor(), false));
            QVERIFY(std::abs(fresh.bought("cable,") - fresh.needed()) < 0.011);
        }
    }
    void a_splice_in_a_feed_parts_both_wires() {
        const char* feed =
            "plan Winch motor\nsource Pack: 4S LFP 10 Ah\nload Motor 11–14.6 V 2 A\n"
            "lead Pack → Motor, 20 AWG silicone, 1 m\nitem fuse, standard blade fuse, 5 A\n";
        const Built whole(feed);
        const Built spliced(std::string(feed) +
                            "item splice, at 0.5 m, joined before by soldered lap splice\n");
        const auto kind = find(parts().joints, Id("lap-splice"));
        const auto ohms = [](const Built& b) {
            double all = 0;
            for (const auto& j : b.s.harness.wiring.joints_of(0)) all += raw(j.ohm);
            return all;
        };
        QVERIFY(std::abs(ohms(spliced) - ohms(whole) - 2 * raw(kind->resistance)) < 1e-12);
        QVERIFY(!test::has(spliced.s, "item-joint"));
        // Both wires, but no sheath: a tube over both joints all the same.
        const auto& lead = spliced.plan.feeds()[0];
        QVERIFY(splice_tube(spliced.plan, parts(), lead, lead.devices.back()));
        QVERIFY(!splice_tube(spliced.plan, parts(), lead, lead.devices.front()));
    }
    void joints_of_signal_leads_are_chosen_by_what_they_land_on() {
        const auto ends = [](PassiveKind kind) {
            auto p = Built::read(winch("supplied 2 m, plug 4 mm"));
            p.passives[0].kind = kind;
            p.signal_leads()[0].joint_from.clear(), p.signal_leads()[0].joint_to.clear();
            p = fit_joints(p, parts());
            const auto end = [](const Id& id) { return find(parts().joints, id)->end; };
            return std::pair(end(p.signal_leads()[0].joint_from), end(p.signal_leads()[0].joint_to));
        };
        QCOMPARE(ends(PassiveKind::sensor), std::pair(JointEnd::housing, JointEnd::splice));
        QCOMPARE(ends(PassiveKind::button), std::pair(JointEnd::housing, JointEnd::lug));
        QCOMPARE(ends(PassiveKind::aerial), std::pair(JointEnd::housing, JointEnd::housing));
    }
    void a_cable_without_a_name_is_called_after_its_ends() {
        const Built b(winch("ends with soldered lap splice"));
        QCOMPARE(name_of(b.plan, b.sensor().id), std::string("Brain → Line sensor"));
        for (const auto& f : b.s.findings)
            QVERIFY2(!f.sentence.str().starts_with(":"), f.sentence.str().c_str());
        for (const auto& r : b.s.readings()) {
            QVERIFY2(r.title.str().find(": ") != 0, r.title.str().c_str());
            for (const auto& end : {r.red, r.black})
                QVERIFY2(!end.str().ends_with("pin ") && end.str().find("pin  ") == std::string::npos,
                         end.str().c_str());
        }
    }
};

SANGRE_SUITE(TestSupplied);
#include "test_supplied.moc"
