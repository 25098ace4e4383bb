// Lists of loads as people have them, proposed and held against what somebody who has built ten would accept:
// cells that suit, watt-hours, what runs straight from the pack (tests/reference/builder_lists.json), and
// rules of practice that hold for every machine. The figures of the rules are the trade's, written here anew.
#include <fstream>
#include <map>
#include <nlohmann/json.hpp>
#include <set>

#include "fixtures.h"
#include "output/files/plan_text.h"
#include "physics/wire/conductor.h"
#include "plan/source_text.h"
#include "random_plans.h"
#include "rules/mends.h"

using namespace sangre;
using test::parts;
using json = nlohmann::json;

namespace {

const json& lists() {
    static const json all = [] {
        std::ifstream in(SANGRE_REFERENCE "/builder_lists.json");
        return json::parse(in);
    }();
    return all;
}

/// "Chassis wiring" by gauge, A. Source: trade tables.
double carries(const WireType& wire, int conductors) {
    static const std::map<std::string, double> amps{
        {"30 AWG", .86}, {"28 AWG", 1.4}, {"26 AWG", 2.2},  {"24 AWG", 3.5},  {"22 AWG", 7},
        {"20 AWG", 11},  {"18 AWG", 16},  {"16 AWG", 22},   {"14 AWG", 32},   {"12 AWG", 41},
        {"10 AWG", 55},  {"8 AWG", 73},   {"6 AWG", 101},   {"4 AWG", 135},   {"3 AWG", 158},
        {"2 AWG", 181},  {"1 AWG", 211},  {"1/0 AWG", 245}, {"2/0 AWG", 283}, {"3/0 AWG", 328},
        {"4/0 AWG", 380}};
    const auto found = amps.find(wire.size);
    return (found == amps.end() ? 1e9 : found->second) * conductors;
}

double draws(const Load& l) { return std::max({raw(l.typical), raw(l.peak), raw(l.start)}); }

struct Proposed {
    Plan plan;
    QStringList wrong;
};

Proposed proposed(const json& list) {
    auto read = plan_from_text(list.at("text").get<std::string>(), parts());
    if (!read) return {{}, {QString::fromStdString("cannot be typed: " + error_text(read.error()))}};
    if (list.contains("source")) {
        auto source = parse_source(parts(), Source{}, list.at("source").get<std::string>());
        if (!source) return {{}, {QString::fromStdString(source.error().message)}};
        source->id = "source", source->name = "Source";
        read->sources = {*source};
    }
    const auto made = propose_and_mend(*read, parts());
    if (!made) return {{}, {QString::fromStdString("refused: " + made.error().front().reason)}};
    return {made->plan, {}};
}

void hold_pack(const json& list, const Plan& plan, QStringList& wrong) {
    if (list.at("cells").is_null()) return;
    const auto& b = plan.sources.front();
    const auto cells = b.chemistry + ":" + std::to_string(b.series);
    bool suits = false;
    for (const auto& one : list.at("cells")) suits = suits || one == cells;
    if (!suits) wrong << QString::fromStdString("pack " + cells);
    const double wh = raw(pack_energy(b, *find(parts().chemistries, b.chemistry)));
    if (wh < list.at("Wh")[0].get<double>() || wh > list.at("Wh")[1].get<double>())
        wrong << QString("pack of %1 Wh").arg(wh);
}

void hold_feeds(const json& list, const Plan& plan, QStringList& wrong) {
    std::set<Id> kinds;
    double biggest = 0;
    int fuses = 0;
    for (const auto& f : plan.feeds())
        if (const auto* fuse = device(f, DeviceKind::fuse))
            biggest = std::max(biggest, raw(fuse->rating)), ++fuses;
    if (fuses > list.value("fuses", 99)) wrong << QString("%1 fuses").arg(fuses);
    const PlanIndex index(plan);
    for (size_t f_at = 0; f_at < plan.feeds().size(); ++f_at) {
        const auto& f = plan.feeds()[f_at];
        const auto name = QString::fromStdString(f.id) + ": ";
        const auto& wire = *find(parts().wires, f.wire);
        const double amps = carries(wire, std::max(f.conductors, 1));
        const auto* load = by_id(plan.loads, f.to);
        if (const auto* fuse = device(f, DeviceKind::fuse)) {
            const double rating = raw(fuse->rating);
            if (rating > 1.2 * amps)
                wrong << name + QString("%1 A fuse on %2 A of wire").arg(rating).arg(amps);
            if (amps > 8 * std::max(rating, 3.5))
                wrong << name + QString("wire for %1 A behind %2 A").arg(amps).arg(rating);
            if (load && rating > std::max(3 * draws(*load), 2.0))
                wrong << name + QString("%1 A fuse before %2 A").arg(rating).arg(draws(*load));
            if (rating < biggest) kinds.insert(fuse->type);
            const auto mount = find(parts().fuses, fuse->type)->mount;
            if (mount == FuseMount::leads && biggest > 3) wrong << name + "a fuse to solder in";
        }
        // A wire without a fuse of its own is behind the next one upstream, up to what limits its output.
        if (!device(f, DeviceKind::fuse) && index.source_of(f_at).kind == PartKind::hub)
            for (const auto up : index.upstream(f.from)) {
                if (const auto* fuse = device(plan.feeds()[up], DeviceKind::fuse)) {
                    if (raw(fuse->rating) > 1.2 * amps)
                        wrong
                            << name +
                                   QString("%1 A upstream on %2 A of wire").arg(raw(fuse->rating)).arg(amps);
                    break;
                }
                if (index.source_of(up).kind == PartKind::converter) break;
            }
        if (const auto* s = device(f, DeviceKind::power_switch))
            if (find(parts().switches, s->type)->kind == SwitchKind::loop && (load || biggest <= 40))
                wrong << name + "a key to pull as its switch";
        if (list.contains("thickest_AWG"))
            if (raw(wire.area) > raw(awg_area(list["thickest_AWG"].get<int>())) * 1.01)
                wrong << name + QString::fromStdString(wire.size);
        if (list.value("unfused_rotors", false) && load && load->vital && load->kind == LoadKind::motor &&
            device(f, DeviceKind::fuse))
            wrong << name + "a fuse in a rotor's lead";
    }
    if (kinds.size() > 2) wrong << QString("%1 kinds of branch fuse").arg(kinds.size());
    for (const auto& h : plan.hubs)
        if (h.kind == HubKind::stud && biggest > 0 && biggest <= 7.5)
            wrong << QString("studs behind %1 A").arg(biggest);
    if (static_cast<int>(plan.hubs.size()) > list.value("hubs", 99)) wrong << "a hub for one load";
    if (static_cast<int>(plan.converters.size()) > list.value("modules", 99))
        wrong << QString("%1 modules").arg(plan.converters.size());
}

void hold_direct(const json& list, const Plan& plan, QStringList& wrong) {
    const PlanIndex index(plan);
    for (const auto& name : list.at("direct")) {
        const auto load =
            std::find_if(plan.loads.begin(), plan.loads.end(), [&](const auto& l) { return name == l.name; });
        if (load == plan.loads.end()) {
            wrong << "no load of that name";
            continue;
        }
        for (const auto f : index.upstream(load->id))
            if (index.source_of(f).kind == PartKind::converter)
                wrong << QString::fromStdString(load->name + " behind a module");
    }
}

/// What people have: motors, pumps, lamps, heaters at the machine's own voltage, electronics at 3.3 to 19 V.
std::string random_list(unsigned seed) {
    struct Kind {
        const char *name, *manner;
        bool big;  ///< at the machine's own voltage
        std::vector<double> volts;
        double least, most;  // A
    };
    static const std::vector<Kind> kinds{{"Motor", " motor noisy", true, {}, 0.3, 20},
                                         {"Pump", " motor noisy switched", true, {}, 1, 8},
                                         {"Lamp", " LED switched", false, {5, 12, 24}, 0.1, 5},
                                         {"Computer", " sensitive", false, {5, 12, 19}, 0.5, 3},
                                         {"Camera", " sensitive", false, {5, 12}, 0.1, 1},
                                         {"Radio", " transmitter", false, {3.3, 5, 12}, 0.05, 0.8},
                                         {"Servo", " noisy", false, {5, 6, 7.4}, 0.2, 2},
                                         {"Heater", " resistive", false, {5, 12, 24}, 0.3, 4},
                                         {"Sensor", " sensitive", false, {3.3, 5, 12}, 0.002, 0.1},
                                         {"Logger", " always on", false, {3.3, 5, 12}, 0.005, 0.2}};
    test::RandomPlans dice(9000 + seed);
    const double big = dice.any_of(std::vector<double>{6, 7.4, 11.1, 12, 12, 12, 14.8, 22.2, 24, 24, 36, 48});
    auto text = fmt::format(
        "plan L{}, up to {} °C, from {} °C, shaken {}{}\n", seed, dice.any_of(std::vector<int>{25, 30, 40}),
        dice.any_of(std::vector<int>{-10, 0, 10}),
        dice.any_of(std::vector<std::string>{"still", "moves", "hard"}), dice.one_in(7) ? ", flies" : "");
    std::string runs;
    const int count = dice.whole(1, 9);
    for (int i = 0; i < count; ++i) {
        const auto& kind = dice.any_of(kinds);
        double volts = big;
        if (!kind.big && !dice.one_in(3)) {
            std::vector<double> small;
            std::copy_if(kind.volts.begin(), kind.volts.end(), std::back_inserter(small),
                         [&](double v) { return v <= std::max(big, 5.0); });
            volts = small.empty() ? 5 : dice.any_of(small);
        }
        double amps = std::exp(dice.real(std::log(kind.least), std::log(kind.most)));
        // A motor of 20 A is none for 6 V.
        amps = std::min(amps, volts < 10 ? volts / 3 : volts);
        const auto name = fmt::format("{} {}", kind.name, i);
        text += fmt::format("load {} {:g} V {:.3g} A{}{}\n", name, volts, amps,
                            dice.one_in(3) ? fmt::format(" peak {:.3g} A 2 s", amps * dice.whole(2, 4)) : "",
                            kind.manner);
        runs += fmt::format(", runs {} typical", name);
    }
    return text + fmt::format("phase Work, {} min{}\n", dice.any_of(std::vector<int>{10, 30, 60, 120}), runs);
}

}  // namespace

class TestBuilderLists : public QObject {
    Q_OBJECT
  private slots:
    void would_a_builder_build_it_data() {
        QTest::addColumn<QString>("name");
        QVERIFY(lists().size() >= 30);
        for (const auto& [name, list] : lists().items())
            QTest::newRow(name.c_str()) << QString::fromStdString(name);
    }
    void would_a_builder_build_it() {
        QFETCH(QString, name);
        const auto& list = lists().at(name.toStdString());
        auto [plan, wrong] = proposed(list);
        QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join("; ")));
        for (const auto& f : test::studied(plan).findings)
            if (f.severity != Severity::note) wrong << QString::fromStdString("its own: " + f.sentence);
        hold_pack(list, plan, wrong), hold_feeds(list, plan, wrong), hold_direct(list, plan, wrong);
        QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join("; ")));
        // What is proposed stays when it is proposed again.
        const auto again = propose_and_mend(plan, parts());
        QVERIFY(again && again->plan.sources == plan.sources);
        QCOMPARE(again->plan.feeds().size(), plan.feeds().size());
    }
    /// Three hundred lists by the number of their seed: a machine has one voltage for its big things and
    /// small rails beside. None is refused, none leaves a danger or a caution, and all keep the rules of
    /// practice.
    void three_hundred_lists() {
        QStringList all;
        for (unsigned seed = 0; seed < 300; ++seed) {
            const auto text = random_list(seed);
            auto [plan, wrong] = proposed({{"text", text}});
            if (wrong.isEmpty()) {
                for (const auto& f : test::studied(plan).findings)
                    if (f.severity != Severity::note) wrong << QString::fromStdString(f.sentence);
                hold_feeds({{"text", text}}, plan, wrong);
            }
            if (!wrong.isEmpty()) all << QString("seed %1: %2").arg(seed).arg(wrong.join("; "));
        }
        QVERIFY2(all.isEmpty(), qPrintable(all.join("\n")));
    }
    /// Nothing, next to nothing, far too much: each is answered with what would do.
    void lists_that_hardly_are_any() {
        QVERIFY(!propose(Plan{}, parts()));
        Plan many;
        for (int i = 0; i < 200; ++i) {
            auto l = parse_load("Probe " + std::to_string(i) + " 3.3 V 2 mA").load;
            l.id = "probe-" + std::to_string(i);
            many.loads.push_back(l);
        }
        const auto small = propose(many, parts());
        QVERIFY(small.has_value());
        QCOMPARE(small->plan.sources.front().series, 1);
        Plan heavy;
        heavy.loads = {parse_load("Winch 48 V 3 kW motor").load};
        heavy.loads[0].id = "winch";
        const auto large = propose(heavy, parts());
        QVERIFY(large.has_value());
        QVERIFY(large->plan.converters.empty());
        Plan beyond = heavy;
        beyond.loads[0] = parse_load("Furnace 48 V 3 kW, resistive").load;
        beyond.loads[0].id = "furnace";
        beyond.phases = {
            {"melt", "Melt", Second(200 * 3600), false, {}, {{"furnace", LoadState::typical}}, {}, {}}};
        const auto refused = propose(beyond, parts());
        QVERIFY(!refused);
        QVERIFY2(refused.error().front().reason.str().find("Wh") != std::string::npos,
                 refused.error().front().reason.str().c_str());
    }
};

SANGRE_SUITE(TestBuilderLists);
#include "test_builder_lists.moc"
