// Laws that every entry of the catalogue obeys, whatever its figures.
#include <set>

#include "base/units/format.h"
#include "base/words/reader.h"
#include "electrical/protection/coordination.h"
#include "fixtures.h"
#include "physics/battery/pack.h"
#include "physics/network/elements.h"
#include "physics/parts/wire_size.h"
#include "physics/wire/conductor.h"
#include "physics/wire/rules_of_thumb.h"
#include "plan/wire_choice.h"
#include "wiring/joint/joint.h"

using namespace sangre;
using test::parts;

namespace {

const Insulation& insulation_of(const WireType& w) { return *find(parts().insulations, w.insulation); }
Source pack(const Chemistry& c, int series, int parallel, double amp_hours) {
    Source b;
    b.chemistry = c.id, b.series = series, b.parallel = parallel, b.cell_capacity = AmpereHour(amp_hours);
    return b;
}

}  // namespace

class TestCatalogueLaws : public QObject {
    Q_OBJECT
  private slots:
    void sizes_are_said_both_ways_where_that_is_set() {
        size_t seen = 0;
        for (const auto& w : parts().wires) {
            QCOMPARE(size_words(w), w.size);
            set_presentation({'.', false, true});
            const auto both = size_words(w);
            QVERIFY(both.str().starts_with(w.size + " · "));
            // The gauge nearest to the copper of a gauge is that gauge.
            if (!w.metric && w.size.find("/0") == std::string::npos) {
                auto metric = w;
                metric.metric = true, metric.size = "metric";
                QVERIFY2(size_words(metric) == "metric · " + w.size,
                         (w.size + " " + size_words(metric)).str().c_str());
                ++seen;
            }
            set_presentation({});
        }
        QVERIFY(seen > 10);
    }
    void thicker_wire_carries_more() {
        for (const auto& a : parts().wires)
            for (const auto& b : parts().wires) {
                if (&a == &b || a.insulation != b.insulation || a.material != b.material ||
                    (a.strands == 1) != (b.strands == 1) || raw(b.area) < raw(a.area) * 1.15)
                    continue;
                QVERIFY2(b.ohm_per_m < a.ohm_per_m, (a.id + " " + b.id).c_str());
                QVERIFY2(b.gram_per_m > a.gram_per_m, (a.id + " " + b.id).c_str());
                QVERIFY2(cautious_current(b.area) > cautious_current(a.area) &&
                             bold_current(b.area) >= bold_current(a.area),
                         (a.id + " " + b.id).c_str());
            }
        std::map<std::string, std::pair<double, double>> last;  // by kind: area and ampacity
        for (const auto& w : parts().wires) {
            const auto kind =
                w.insulation + std::to_string(static_cast<int>(w.material)) + (w.strands == 1 ? "s" : "f");
            const double carries = raw(ampacity(w, insulation_of(w), Celsius(30)));
            QVERIFY2(carries > 0 && std::isfinite(carries), w.id.c_str());
            auto& [area, amps] = last[kind];
            if (raw(w.area) > area * 1.15) QVERIFY2(carries > amps, w.id.c_str());
            area = raw(w.area), amps = carries;
        }
    }
    void a_wire_at_its_ampacity_is_as_warm_as_it_may_be() {
        for (const auto& w : parts().wires) {
            const auto& i = insulation_of(w);
            const auto carries = ampacity(w, i, Celsius(35));
            const WireThermal thermal(w, i, Celsius(35));
            QVERIFY2(std::abs(raw(thermal.steady(carries)) - raw(i.max)) < 1.5, w.id.c_str());
            QVERIFY2(raw(ampacity(w, i, Celsius(60))) < raw(carries), w.id.c_str());
            QVERIFY(thermal.after(carries, Second(1e6), Celsius(35)) <=
                    thermal.steady(carries) + units::temperature::celsius_t(0.5));
        }
    }
    void heating_is_slower_than_nothing_and_faster_with_current() {
        for (size_t k = 0; k < parts().wires.size(); k += 5) {
            const auto& w = parts().wires[k];
            const auto& i = insulation_of(w);
            const WireThermal thermal(w, i, Celsius(30));
            const double amps = raw(ampacity(w, i, Celsius(30)));
            double before = std::numeric_limits<double>::infinity();
            for (const double times : {1.5, 2.0, 4.0, 10.0, 40.0}) {
                const double t = raw(thermal.time_to(Ampere(amps * times), i.damage, Celsius(30)));
                QVERIFY2(t > 0 && t <= before, w.id.c_str());
                before = std::min(t, before);
                double warm = 30;
                for (const double share : {0.1, 0.4, 0.8}) {
                    const double at = raw(
                        thermal.after(Ampere(amps * times), Second(std::min(t, 1e4) * share), Celsius(30)));
                    QVERIFY2(at >= warm - 0.5, w.id.c_str());
                    warm = at;
                }
            }
            // Much current for an instant: nothing leaves, and the heat stays in the copper and its skin.
            const double brief = raw(thermal.time_to(Ampere(amps * 40), i.damage, Celsius(30)));
            const double adiabatic =
                std::pow(adiabatic_k(Celsius(30), i.damage) * raw(w.area) / (amps * 40), 2);
            if (w.material == Conductor::copper) QVERIFY2(brief > adiabatic * 0.85, w.id.c_str());
        }
    }
    void a_fuse_is_never_slower_at_its_fast_edge() {
        for (const auto& f : parts().fuses)
            for (const auto rating : f.ratings) {
                constexpr double never = std::numeric_limits<double>::infinity();
                double slow_before = never, fast_before = never;
                for (double multiple = 0.5; multiple < 60; multiple *= 1.07) {
                    const double slow = raw(slow_edge(f, rating, rating * multiple)),
                                 fast = raw(fast_edge(f, rating, rating * multiple));
                    QVERIFY2(fast <= slow, f.id.c_str());
                    QVERIFY2(slow <= slow_before * (1 + 1e-9) && fast <= fast_before * (1 + 1e-9),
                             f.id.c_str());
                    if (std::isfinite(slow)) slow_before = slow;
                    if (std::isfinite(fast)) fast_before = fast;
                }
                QVERIFY2(std::isinf(raw(slow_edge(f, rating, rating))),
                         f.id.c_str());  // its rating it carries
                QVERIFY(continuous_limit(f, rating, Celsius(23)) <= rating);
                QVERIFY(continuous_limit(f, rating, Celsius(80)) < continuous_limit(f, rating, Celsius(30)));
            }
    }
    void pulses_are_ridden_in_order() {
        for (const auto& f : parts().fuses) {
            const auto rating = f.ratings.back();
            for (const double seconds : {0.01, 0.1, 1.0, 10.0}) {
                bool ridden = true;
                for (double multiple = 0.2; multiple < 40; multiple *= 1.3) {
                    const bool now = rides(f, rating, rating * multiple, Second(seconds));
                    QVERIFY2(ridden || !now, f.id.c_str());  // once lost, lost for every larger one
                    ridden = now;
                }
                QVERIFY2(!ridden, f.id.c_str());
            }
        }
    }
    void a_wire_is_protected_by_smaller_fuses_too() {
        for (const char* id : {"awg22-pvc", "awg18-silicone", "awg14-pvc", "mm2_5-pvc"}) {
            const auto& w = *find(parts().wires, Id(id));
            const auto& i = insulation_of(w);
            const WireThermal thermal(w, i, Celsius(40));
            for (const auto& f : parts().fuses) {
                bool before = true;
                for (const auto rating : f.ratings) {
                    const bool now = protects(f, rating, thermal, i, Celsius(45), Ampere(400));
                    if (now) QVERIFY2(before, (f.id + " on " + id).c_str());
                    before = now;
                }
                const auto largest = largest_that_protects(f, thermal, i, Celsius(45), Ampere(400));
                if (largest) QVERIFY(protects(f, *largest, thermal, i, Celsius(45), Ampere(400)));
            }
        }
    }
    void chemistries_keep_their_order() {
        for (const auto& c : parts().chemistries) {
            QVERIFY2(c.cutoff < c.nominal && c.nominal < c.full && c.charge >= c.full * 0.98, c.id.c_str());
            const auto one = pack(c, 1, 1, 10), many = pack(c, 5, 3, 10);
            double before = 0;
            for (double q = 0; q <= 1.0001; q += 0.02) {
                const double v = raw(pack_rest_voltage(one, c, q));
                QVERIFY2(v >= before - 1e-12, c.id.c_str());
                before = v;
                CLOSE(raw(pack_rest_voltage(many, c, q)), 5 * v, 1e-9);
                CLOSE(raw(pack_resistance(many, c, q, Celsius(20))),
                      raw(pack_resistance(one, c, q, Celsius(20))) * 5 / 3, 1e-9);
            }
            for (double t = 20; t > -30; t -= 5) {
                QVERIFY2(
                    pack_resistance(one, c, 0.5, Celsius(t - 5)) > pack_resistance(one, c, 0.5, Celsius(t)),
                    c.id.c_str());
                QVERIFY2(pack_capacity(one, c, Celsius(t - 5)) <= pack_capacity(one, c, Celsius(t)),
                         c.id.c_str());
            }
            CLOSE(raw(pack_energy(many, c)), 15 * raw(pack_energy(one, c)), 1e-9);
            CLOSE(raw(pack_max_current(many, c)), 3 * raw(pack_max_current(one, c)), 1e-9);
            double factor = 1;
            for (double amps = 0.1; amps < 100; amps *= 2) {
                const double now = peukert_factor(c, AmpereHour(10), Ampere(amps));
                QVERIFY2(now >= factor, c.id.c_str());
                factor = now;
            }
        }
    }
    void cells_are_what_their_chemistry_says() {
        std::set<Id> seen;
        for (const auto& c : parts().cells) {
            QVERIFY2(seen.insert(c.id).second, c.id.c_str());
            const auto* k = find(parts().chemistries, c.chemistry);
            QVERIFY2(k, c.id.c_str());
            const double rate = raw(c.max) / raw(c.capacity),
                         wh_per_kg = raw(c.capacity) * raw(k->nominal) * c.series / raw(c.mass) * 1e3;
            QVERIFY2(rate > 0.1 && rate < 60, c.id.c_str());
            QVERIFY2(wh_per_kg > 20 && wh_per_kg < 300, c.id.c_str());
            const double sag = raw(c.max) * raw(c.resistance) / (raw(k->nominal) * c.series);
            QVERIFY2(sag < 0.35, (c.id + " sags " + std::to_string(sag)).c_str());
        }
    }
    void modules_make_no_energy() {
        for (const auto& t : parts().converters) {
            const double v_in = raw(t.in_max) * 0.9;
            const double set =
                std::min(raw(t.out_max),
                         t.kind == ConverterKind::boost ? raw(t.out_max) : v_in - raw(t.dropout) - 0.5);
            if (set < raw(t.out_min) || (t.kind == ConverterKind::boost && set < v_in)) continue;
            for (double share = 0; share <= 1.001; share += 0.1) {
                const double v_out = set - 0.004 * share * raw(t.rated);
                const auto k = converter_currents(t, set, v_in, v_out);
                QVERIFY2(v_in * k.in.value >= v_out * k.out.value - 1e-6, t.id.c_str());
                QVERIFY2(!k.limiting && !k.locked_out, t.id.c_str());
            }
            const auto dead = converter_currents(t, set, raw(t.in_min) * 0.5, 0);
            QVERIFY2(dead.locked_out, t.id.c_str());
            // Asleep, a boost still passes its input by its choke and diode; nothing else passes anything.
            if (t.kind == ConverterKind::boost)
                QVERIFY2(dead.passing && dead.out.value > raw(t.rated) &&
                             std::abs(dead.in.value - dead.out.value) < 1e-6,
                         t.id.c_str());
            else
                QVERIFY2(std::abs(dead.out.value) < 1e-6, t.id.c_str());
        }
    }
    void contacts_stay_cool_enough() {
        for (const auto& c : parts().connectors) {
            QVERIFY2(c.smallest < c.largest && c.poles >= 1 && c.mating_cycles >= 1, c.id.c_str());
            QVERIFY2(raw(c.rated) * raw(c.rated) * raw(c.contact) < 8, c.id.c_str());
            QVERIFY2(c.voltage <= Volt(60), c.id.c_str());
        }
        for (const auto& s : parts().switches) {
            QVERIFY2(raw(s.rated) * raw(s.rated) * raw(s.contact) < 25, s.id.c_str());
            QVERIFY2(s.breaks <= Volt(60) && (s.kind != SwitchKind::relay || raw(s.coil) > 0), s.id.c_str());
            QVERIFY2((s.kind == SwitchKind::thermal) == (s.opens_above || s.closes_above), s.id.c_str());
        }
        for (const auto& p : parts().inlines) {
            QVERIFY2((p.kind == InlineKind::diode) == (raw(p.forward) > 0), p.id.c_str());
            QVERIFY2(p.kind != InlineKind::filter || raw(p.inductance) > 0, p.id.c_str());
        }
    }
    void tubes_shrink_onto_what_they_passed() {
        for (const auto& t : parts().tubes) {
            const double ratio = t.expanded / t.recovered;
            QVERIFY2(ratio > 1.5 && ratio < 4.5, t.id.c_str());
        }
        for (double wide = 1; wide < 20; wide *= 1.4)
            for (double narrow = wide * 0.6; narrow <= wide; narrow += wide * 0.1)
                for (const bool glue : {false, true})
                    if (const auto* t = choose_tube(parts(), Millimetre(wide), Millimetre(narrow), glue)) {
                        QVERIFY(raw(t->expanded) >= 1.1 * wide - 1e-9 &&
                                raw(t->recovered) <= 0.9 * narrow + 1e-9);
                        QCOMPARE(t->adhesive, glue);
                    }
    }
    void joints_can_be_made_on_wires_they_are_for() {
        for (const auto& k : parts().joints) {
            // A plug that is on already is made with nothing.
            const bool made = k.method != JointMethod::plugged;
            QVERIFY2(!k.actions.empty() && k.tools.empty() != made && k.minutes > 0, k.id.c_str());
            QVERIFY2(k.method != JointMethod::solder || raw(k.dwell) > 0, k.id.c_str());
            for (const char* id : {"awg24-silicone", "awg18-pvc", "awg12-silicone", "mm1_5-pvc"}) {
                const auto& w = *find(parts().wires, Id(id));
                for (const auto school : {InsulationSchool::adhesive_tube, InsulationSchool::plain_tube,
                                          InsulationSchool::tape}) {
                    const auto work = work_joint(parts(), k, {&w}, school);
                    QVERIFY2(work.widest >= w.outer * 0.99 || !k.tube, (k.id + " " + id).c_str());
                    QVERIFY2(!(work.tube && work.tape), k.id.c_str());
                    if (work.tube) QVERIFY2(work.tube_cut > work.joint_length, (k.id + " " + id).c_str());
                    if (work.tube && raw(k.iron) > 0) QVERIFY2(work.parking > Millimetre(10), k.id.c_str());
                    QVERIFY2(std::isfinite(work.size.tug_newton) && work.size.tug_newton >= 0, k.id.c_str());
                    QVERIFY2(!work.why.lines.empty(), k.id.c_str());
                }
            }
        }
    }
    void every_fuse_family_can_be_asked_for() {
        FuseNeed need;
        need.volts = Volt(14), need.prospective = Ampere(200), need.air = Celsius(40);
        for (const auto& f : parts().fuses) {
            Ampere before(0);
            for (double share = 0.05; share < 0.7; share += 0.05) {
                need.continuous = f.ratings.back() * share;
                need.prospective = Ampere(30);
                const auto choice = smallest_that_carries(parts(), need, {f.id});
                QVERIFY2(choice, f.id.c_str());
                QVERIFY2(choice->family->voltage >= need.volts, f.id.c_str());
                QVERIFY2(carries(*choice->family, choice->rating, need), f.id.c_str());
                if (choice->family->id != f.id) continue;
                QVERIFY2(choice->rating >= before, f.id.c_str());
                before = choice->rating;
                for (const auto smaller : f.ratings)
                    if (smaller < choice->rating)
                        QVERIFY2(!carries(f, smaller, need) || !suits(f, smaller, need), f.id.c_str());
            }
            QVERIFY2(raw(before) > 0, f.id.c_str());
        }
        // Nothing that closes again or heals is fitted without being asked for.
        need.continuous = Ampere(4);
        QVERIFY(smallest_that_carries(parts(), need)->family->action == FuseAction::fuse);
        need.volts = Volt(59);
        QVERIFY(smallest_that_carries(parts(), need)->family->voltage >= Volt(59));
    }
    void schools_choose_in_order() {
        WireNeed need;
        need.volts = Volt(24), need.length = Metre(1.5), need.insulation = "silicone-200";
        for (const bool metric : {false, true})
            for (const auto school :
                 {WireSchool::temperature, WireSchool::drop, WireSchool::cautious, WireSchool::bold}) {
                need.metric = metric;
                double before = 0;
                for (double amps = 0.2; amps < 80; amps *= 1.5) {
                    need.continuous = Ampere(amps);
                    const auto* w = choose_wire(parts(), need, school);
                    if (!w) break;
                    QVERIFY2(w->usual && w->metric == metric && w->insulation == need.insulation,
                             w->id.c_str());
                    QVERIFY2(raw(w->area) >= before, w->id.c_str());
                    before = raw(w->area);
                    if (school == WireSchool::drop) {
                        QVERIFY(wire_drop_share(parts(), *w, need) <= need.drop_limit);
                        auto strict = need;
                        strict.drop_limit = need.drop_limit / 3;
                        const auto* thicker = choose_wire(parts(), strict, school);
                        QVERIFY(!thicker || thicker->area >= w->area);
                    }
                    if (const auto* next = next_thicker(parts(), *w))
                        QVERIFY(next->usual && next->area > w->area);
                }
                QVERIFY(before > 1);
            }
    }
};

SANGRE_SUITE(TestCatalogueLaws);
#include "test_catalogue_laws.moc"
