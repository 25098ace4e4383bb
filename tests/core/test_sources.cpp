// Sources that are no packs: what is typed, what they give, what the day and the sun make of them.
#include <set>

#include "bench/shorts.h"
#include "electrical/mission/tolerance.h"
#include "fixtures.h"
#include "physics/network/sources.h"
#include "plan/edits.h"
#include "plan/source.h"
#include "plan/source_text.h"
#include "proposal/source_edits.h"

using namespace sangre;
using test::parts;

namespace {

Source typed(const char* line) {
    const auto s = parse_source(parts(), Source{}, line);
    if (!s) qFatal("%s: %s", line, s.error().message.str().c_str());
    auto source = *s;
    source.id = "source", source.name = "Source";
    return source;
}

/// A lamp of so many amperes at 12 V on that source, over a metre.
Plan lit_from(const Source& source, double amps) {
    auto plan = test::one_feed();
    plan.sources = {source};
    plan.feeds()[0].from = source.id;
    auto& l = plan.loads[0];
    l.kind = LoadKind::current, l.nominal = Volt(12), l.v_min = Volt(9), l.v_max = Volt(15);
    l.typical = l.peak = Ampere(amps), l.start = Ampere(0), l.capacitance = Farad(0);
    plan.phases.clear();
    Phase p;
    p.id = "p", p.name = "On", p.duration = Second(3600), p.states[l.id] = LoadState::typical;
    plan.phases.push_back(p);
    return plan;
}

}  // namespace

class TestSources : public QObject {
    Q_OBJECT
  private slots:
    void typed_and_said_back_data() {
        QTest::addColumn<QString>("line");
        QTest::addColumn<int>("kind");
        QTest::addColumn<double>("low");
        QTest::addColumn<double>("high");
        QTest::addColumn<double>("amps");
        const auto row = [](const char* line, SourceKind kind, double low, double high, double amps) {
            QTest::newRow(line) << line << static_cast<int>(kind) << low << high << amps;
        };
        row("brick 12 V 5 A", SourceKind::supply, 11.4, 12.6, 5);
        row("supply 5–5.25 V 3 A already 500 mA", SourceKind::supply, 5, 5.25, 3);
        row("adapter 24V±10% 2.5A", SourceKind::supply, 21.6, 26.4, 2.5);
        row("brick 19 V 65 W", SourceKind::supply, 18.05, 19.95, 65 / 19.0);
        row("circuit 12 V 15 A fuse with the key", SourceKind::circuit, 11.5, 14.6, 15);
        row("tap 11–14.6 V fuse 10 A already 2 A 1.5 mm² 2.5 m always", SourceKind::circuit, 11, 14.6, 10);
        row("socket 24 V 15 A 16 AWG", SourceKind::circuit, 23, 29.2, 15);
        row("panel 20 W 2–5 h 14.4 V", SourceKind::panel, 14.4, 14.4, 0);
        row("solar 50W", SourceKind::panel, 14.4, 14.4, 0);
    }
    void typed_and_said_back() {
        QFETCH(QString, line);
        QFETCH(int, kind);
        QFETCH(double, low);
        QFETCH(double, high);
        QFETCH(double, amps);
        const auto s = typed(qPrintable(line));
        QCOMPARE(static_cast<int>(s.kind), kind);
        CLOSE(raw(s.v_min), low, 1e-9);
        CLOSE(raw(s.v_max), high, 1e-9);
        CLOSE(raw(s.kind == SourceKind::circuit ? s.fuse : s.rated) + 1, amps + 1, 1e-9);
        const auto back = source_line(s, parts());
        const auto again = parse_source(parts(), Source{}, back);
        QVERIFY2(again.has_value(), back.c_str());
        QCOMPARE(source_line(*again, parts()), back);
        CLOSE(raw(again->v_min), low, 1e-9);
        CLOSE(raw(again->already) + 1, raw(s.already) + 1, 1e-9);
        CLOSE(raw(again->wire_area) + 1, raw(s.wire_area) + 1, 1e-9);
        QCOMPARE(again->with_key, s.with_key);
    }
    void nonsense_is_refused_where_it_stands() {
        for (const auto& [line, word] : {std::pair{"brick", "volts"},
                                         {"brick 12 V", "amperes"},
                                         {"brick 12 V 5 A banana", "banana"},
                                         {"brick 230 V 5 A", "60"},
                                         {"panel 5 A", "watts"},
                                         {"panel", "watts"},
                                         {"panel already 2 A", "panel"},
                                         {"circuit 12 V -3 A fuse", ""},
                                         {"circuit 12 V 1e9 A fuse", "1000"},
                                         {"brick 12 V 5 A circuit", "already"},
                                         {"brick 12 V 2-3 A", ""},
                                         {"", "type"}}) {
            const auto s = parse_source(parts(), Source{}, line);
            QVERIFY2(!s, line);
            QVERIFY2(s.error().message.str().find(word) != std::string::npos,
                     s.error().message.str().c_str());
            QVERIFY(s.error().end <= std::max<size_t>(std::string(line).size(), 1));
        }
    }
    void cells_are_still_typed_as_before() {
        for (const char* line : {"8S LFP 35 Ah", "pack 8S LFP 35 Ah", "8S battery LFP 35 Ah"}) {
            const auto s = typed(line);
            QVERIFY(s.kind == SourceKind::pack && s.series == 8 && s.chemistry == "lfp");
            CLOSE(raw(s.cell_capacity), 35, 1e-9);
        }
    }
    /// 12.6 V less 2 % at 5 A print: 1 A drops 0.0504 V inside.
    void a_supply_holds_its_volts_and_lets_go_beyond_its_print() {
        const auto s = typed("brick 12 V 5 A");
        Demand d;
        const auto law = source_law(s, nullptr, d);
        CLOSE(law.volts, 12.6, 1e-9);
        CLOSE(law.ohms, 0.02 * 12.6 / 5, 1e-9);
        CLOSE(law.limit, 6, 1e-9);
        CLOSE(source_current(law, 12.6 - law.ohms).amps, 1, 1e-5);
        CLOSE(source_current(law, 3).amps, 6, 0.02);
        QVERIFY(std::abs(source_current(law, 14).amps) < 1e-3);  // it takes nothing back
        for (double v = -1; v < 15; v += 0.01) {
            const auto at = source_current(law, v), next = source_current(law, v + 1e-6);
            QVERIFY(at.slope <= 0);
            QVERIFY(std::abs((next.amps - at.amps) / 1e-6 - at.slope) <
                    1e-2 * std::max(1.0, std::abs(at.slope)));
        }
        auto used = s;
        used.already = Ampere(2);
        CLOSE(source_law(used, nullptr, d).limit, 4, 1e-9);
    }
    void what_hangs_on_it_is_solved() {
        const auto plan = lit_from(typed("brick 12 V 5 A"), 2);
        const auto s = test::studied(plan);
        QVERIFY(s.now.found);
        CLOSE(raw(s.now.sources[0].amps), 2, 1e-6);
        QVERIFY(!s.now.sources[0].limiting && s.now.brown_outs.empty());
        QVERIFY(test::has(test::studied(lit_from(typed("brick 12 V 5 A"), 5.5)), "source-supply-asked"));
        QVERIFY(!test::has(s, "source-supply-asked"));
        // Asked for twice its print it folds back, and the lamp gets what is left.
        const auto over = test::studied(lit_from(typed("brick 12 V 5 A"), 10));
        QVERIFY(over.now.found && over.now.sources[0].limiting && !over.now.brown_outs.empty());
        CLOSE(raw(over.now.sources[0].amps), 6, 0.02);
        QVERIFY(count(over.findings, Severity::danger) > 0);
    }
    void it_never_runs_empty() {
        const auto s = test::studied(lit_from(typed("brick 12 V 5 A"), 2));
        QVERIFY(s.mission.lasts && s.mission.run_time_capped);
        CLOSE(raw(s.mission.day_energy), 2 * raw(s.now.sources[0].volts), 0.05);
        for (const auto& p : s.mission.points) QCOMPARE(p.charge, 1.0);
        for (const auto& l : s.mission.why.lines)
            QVERIFY2(l.text.str().find("inf") == std::string::npos &&
                         l.text.str().find("nan") == std::string::npos,
                     l.text.str().c_str());
    }
    /// 0.3 V at the fuse's rating where nothing more is said; its wire out and back and 10 mΩ where it is.
    void a_circuit_is_as_soft_as_its_wire() {
        CLOSE(raw(circuit_resistance(typed("circuit 12 V 15 A fuse"))), 0.02, 1e-9);
        CLOSE(raw(circuit_resistance(typed("circuit 12 V 15 A fuse 1.5 mm² 2.5 m"))),
              0.01 + 2 * 0.0175 * 2.5 / 1.5, 1e-9);
        CLOSE(raw(circuit_resistance(typed("circuit 12 V"))), 0.05, 1e-9);
        CLOSE(raw(*left_for_good(typed("circuit 12 V 10 A fuse already 2 A"))), 5.5, 1e-9);
        CLOSE(raw(*left_for_good(typed("brick 12 V 5 A already 1 A"))), 3, 1e-9);
    }
    void a_tapped_circuits_fuse_protects_what_hangs_on_it() {
        auto plan = lit_from(typed("circuit 12 V 15 A fuse"), 3);
        std::erase_if(plan.feeds()[0].devices, [](const auto& d) { return d.kind == DeviceKind::fuse; });
        auto s = test::studied(plan);
        QVERIFY(s.protection[0].of_circuit && !s.protection[0].inherited);
        CLOSE(raw(s.protection[0].rating), 15, 1e-9);
        // A wire that its 15 A do not protect.
        plan.feeds()[0].wire = "awg26-pvc";
        s = test::studied(plan);
        QVERIFY(!s.protection[0].protects);
    }
    /// What is proposed behind a tap never has a larger fuse than the circuit, whatever it would ask for.
    void a_proposed_taps_fuse_is_capped() {
        for (const double fuse : {5.0, 10.0, 15.0}) {
            auto plan = test::demo();
            plan.replace_feeds({}), plan.hubs.clear(), plan.converters.clear(), plan.replace_signal_leads({});
            std::erase_if(plan.loads, [](const auto& l) { return l.id != "load-fog-pump"; });
            plan.loads[0].v_min = Volt(9), plan.loads[0].v_max = Volt(16);
            plan.loads[0].typical = Ampere(12), plan.loads[0].peak = Ampere(14);
            plan.sources = {typed("circuit 12 V 15 A fuse with the key")};
            plan.sources[0].fuse = Ampere(fuse);
            const auto made = propose(plan, parts());
            QVERIFY(made.has_value());
            size_t fuses = 0;
            for (const auto& f : made->plan.feeds())
                if (const auto* d = device(f, DeviceKind::fuse); d && f.from == "source") {
                    QVERIFY2(raw(d->rating) <= fuse, qPrintable(QString::number(raw(d->rating))));
                    ++fuses;
                }
            QCOMPARE(fuses, size_t{1});
            QVERIFY(!test::has(test::studied(made->plan), "source-tap-fuse"));
        }
    }
    /// A wrong reading means something else at a tap, at a brick and at a pack.
    void suspects_know_the_source() {
        const auto first = [](const Plan& plan, const char* key, Verdict verdict) {
            for (const auto& r : test::studied(plan).readings())
                if (r.key == key) return suspects(plan, parts(), r, verdict).at(0).str();
            return std::string("no such reading");
        };
        const auto tap = lit_from(typed("circuit 12 V 15 A fuse with the key"), 2),
                   brick = lit_from(typed("brick 12 V 5 A"), 2), pack = lit_from(typed("4S LFP 10 Ah"), 2);
        QVERIFY(first(tap, "rest/source", Verdict::low).find("live side") != std::string::npos);
        QVERIFY(first(tap, "rest/source/key-off", Verdict::high).find("live without the key") !=
                std::string::npos);
        QVERIFY(first(brick, "rest/source", Verdict::low).find("plugged in") != std::string::npos);
        QVERIFY(first(pack, "rest/source", Verdict::low).find("pack is empty") != std::string::npos);
        // Nobody charges alkaline cells, and a panel is never flat.
        const auto cells = lit_from(typed("8S alkaline 2.4 Ah"), 0.2);
        size_t judged = 0;
        for (const auto& r : test::studied(cells).readings())
            for (const auto verdict : {Verdict::low, Verdict::high})
                for (const auto& s : suspects(cells, parts(), r, verdict)) {
                    ++judged;
                    QVERIFY2(s.str().find("charge") == std::string::npos &&
                                 s.str().find("flat") == std::string::npos,
                             (r.key + ": " + s).str().c_str());
                }
        QVERIFY(judged > 6);
        for (const auto& r : test::studied(brick).readings())
            for (const auto& s : suspects(brick, parts(), r, Verdict::low))
                QVERIFY2(s.str().find("pack") == std::string::npos, (r.key + ": " + s).str().c_str());
    }
    /// Hours are told of packs alone; beside a brick, of the pack's own current.
    void how_sure_is_told_of_what_runs_empty() {
        const auto why = [](const Plan& plan, const Id& subject) {
            const auto t =
                study_tolerance(plan, parts(), feed_lengths(lay_harness(plan, parts())), plan.phases[0], 60);
            std::string all;
            for (const auto& l : explain_tolerance(plan, t, plan.phases[0], subject).lines)
                all += l.text + "\n";
            return all;
        };
        const auto brick = lit_from(typed("brick 12 V 5 A"), 2);
        QVERIFY(why(brick, "source").find("could last") == std::string::npos);
        QVERIFY(why(brick, "source").find("It gives") != std::string::npos);
        const auto both = test::demo("moss-wall");
        QVERIFY2(why(both, "roof-source").find("could last") != std::string::npos,
                 why(both, "roof-source").c_str());
        QVERIFY(why(both, "source").empty());
        const auto s = test::studied(both);
        QVERIFY(s.mission.points.front().volts < Volt(20));  // the chart is the pack's, which can run empty
    }
    void another_source_fits_what_is_there() {
        const auto plan = test::demo();
        const auto offers = source_offers(plan, parts());
        QCOMPARE(offers.size(), 2 + parts().supplies.size());  // a pack, a circuit, and what is bought
        auto next = plan;
        std::string names_seen;
        for (const auto& offer : offers) {
            if (offer.kind == SourceKind::panel) CLOSE(raw(offer.v_max), 29.2, 1e-6);
            if (offer.kind == SourceKind::pack) QCOMPARE(offer.series, plan.sources[0].series);
            if (offer.name != names_seen) next = add_source(add_source(next, parts(), offer), parts(), offer);
            names_seen = offer.name;  // the first brick and the first panel are enough
        }
        std::set<std::string> names;
        for (const auto& source : next.sources)
            QVERIFY2(names.insert(source.name).second, source.name.c_str());
        QVERIFY(plan_from_json(plan_to_json(next), "x").has_value());
    }
    void sun_is_added_up() {
        const auto s = typed("panel 20 W 2–5 h");
        CLOSE(raw(sun_day(s).poor), 20 * 2 * 0.75 * 0.9, 1e-9);
        CLOSE(raw(sun_day(s).good), 20 * 5 * 0.75 * 0.9, 1e-9);
        auto plan = lit_from(typed("4S LFP 20 Ah"), 0.5);
        plan.hubs.push_back({"hub", "Hub", {}, {}});
        plan.feeds()[0].from = "hub";
        auto trunk = plan.feeds()[0];
        trunk.id = "trunk", trunk.from = "source", trunk.to = "hub";
        for (auto& d : trunk.devices) d.id += "-trunk";
        plan.add_feed(trunk);
        auto panel = s;
        panel.name = "Panel";
        plan = add_source(plan, parts(), panel);
        QCOMPARE(plan.sources.size(), size_t{2});
        QCOMPARE(plan.feeds().back().to, plan.sources.back().id);
        const auto studied = test::studied(plan);
        QVERIFY(studied.mission.packs.size() == 1 && studied.mission.packs[0].has_sun);
        // An hour of half an ampere at some 13 V: a poor day brings more than that.
        QVERIFY(!test::has(studied, "source-sun"));
        CLOSE(studied.mission.packs[0].grey_days, 20 * 12.8 / raw(studied.mission.day_energy), 0.15);
        // Weeks of poor days empty it by what they lack, weeks of good ones fill it by what they leave.
        const auto& day = studied.mission.packs[0];
        const double usable = day.grey_days * raw(day.used);
        if (day.sun.poor < day.used)
            CLOSE(day.poor_days, usable / raw(day.used - day.sun.poor), 1e-9);
        else
            QVERIFY(std::isinf(day.poor_days));
        if (day.sun.good > day.used)
            CLOSE(day.good_days, usable / raw(day.sun.good - day.used), 1e-9);
        else
            QVERIFY(std::isinf(day.good_days));
        QVERIFY(!weeks_words(day).empty());
        // A hundredth of that panel brings less than goes out, on any day.
        auto weak = plan;
        weak.sources.back().power = weak.sources.back().power / 100;
        const auto short_of = test::studied(weak).mission.packs[0];
        QVERIFY(short_of.sun.poor < short_of.used);
        CLOSE(short_of.poor_days,
              short_of.grey_days * raw(short_of.used) / raw(short_of.used - short_of.sun.poor), 1e-9);
        QVERIFY(short_of.poor_days > short_of.grey_days);
        // In full sun its lead carries its watts.
        const auto f = plan.feeds().size() - 1;
        CLOSE(raw(studied.worst.feeds[f].continuous), 20 / 14.4, 0.05);
        plan.sources.back().power = Watt(1);
        QVERIFY(test::has(test::studied(plan), "source-sun"));
    }
    void a_source_goes_with_its_leads() {
        const auto plan = lit_from(typed("brick 12 V 5 A"), 2);
        const auto gone = remove_source(plan, "source");
        QVERIFY(gone.sources.empty() && gone.feeds().empty());
        QVERIFY(plan_from_json(plan_to_json(gone), "x").has_value());
        QVERIFY(remove_source(plan, "nobody") == plan);
    }
    void kept_in_a_file() {
        for (const char* line :
             {"brick 12 V 5 A already 1 A", "circuit 12 V 15 A fuse 1.5 mm² 2.5 m with the key",
              "panel 20 W 2–5 h 14.4 V", "8S LFP 35 Ah"}) {
            const auto plan = lit_from(typed(line), 1);
            const auto again = plan_from_json(plan_to_json(plan), "x");
            QVERIFY2(again.has_value(), again ? "" : again.error().c_str());
            QVERIFY2(*again == plan, line);
        }
        for (const auto& [key, place] : {std::pair{"rated_A", "/sources/0"}, {"min_V", "/sources/0"}}) {
            auto text = plan_to_json(lit_from(typed("brick 12 V 5 A"), 1));
            const auto at = text.find(std::string("\"") + key);
            text.replace(at, std::string(key).size() + 1, "\"nothing");
            const auto read = plan_from_json(text, "x");
            QVERIFY2(!read && read.error().find(place) != std::string::npos, text.c_str());
        }
    }
    /// Found with a meter before a wire is cut, tapped in last of all.
    void the_build_begins_at_the_circuit() {
        const auto s = test::studied(lit_from(typed("circuit 12 V 15 A fuse with the key"), 2));
        size_t found = SIZE_MAX, first = SIZE_MAX, last = 0;
        for (size_t i = 0; i < s.steps().size(); ++i) {
            const auto& step = s.steps()[i];
            if (step.key == "find/source") found = i;
            if (step.key == "test/first-power") first = i;
            if (step.key.starts_with("fit/battery-fuse")) last = i;
        }
        QVERIFY(found < first && first < last && last == s.steps().size() - 1);
        const auto& step = s.steps()[found];
        QVERIFY(!step.caution.empty());
        QVERIFY(std::any_of(step.actions.begin(), step.actions.end(),
                            [](const auto& a) { return a == "Key off: nothing. Key on: 11.5 – 14.6 V."; }));
        bool off = false;
        for (const auto& r : s.readings()) off = off || (r.key == "rest/source/key-off" && r.high < 1);
        QVERIFY(off);
    }
    void proposed_from_what_there_is() {
        auto plan = test::demo();
        plan.sources.clear(), plan.replace_feeds({}), plan.hubs.clear(), plan.converters.clear(),
            plan.replace_signal_leads({});
        std::erase_if(plan.loads,
                      [](const auto& l) { return l.id != "load-night-camera" && l.id != "load-computer"; });
        plan.sources = {typed("brick 24 V 5 A")};
        const auto made = propose(plan, parts());
        QVERIFY(made.has_value());
        QVERIFY(made->plan.sources.size() == 1 && made->plan.sources[0].kind == SourceKind::supply);
        const auto s = test::studied(made->plan);
        for (const auto& f : s.findings) QVERIFY2(f.severity != Severity::danger, f.sentence.str().c_str());
    }
};

SANGRE_SUITE(TestSources);
#include "test_sources.moc"
