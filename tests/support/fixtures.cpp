#include "fixtures.h"

namespace sangre::test {

const Catalogue& parts() {
    static const Catalogue catalogue = [] {
        auto loaded = load_catalogue(data_directory(), {}, Shipped::checked);
        if (!loaded) qFatal("%s", loaded.error().c_str());
        return *loaded;
    }();
    return catalogue;
}

std::string demo_file(const std::string& name) {
    return (data_directory() / "demos" / (name + ".json")).string();
}

Plan demo(const QString& name) {
    auto plan = load_plan((data_directory() / "demos" / (name.toStdString() + ".json")).string());
    if (!plan) qFatal("%s", plan.error().c_str());
    return *plan;
}

void demo_rows() {
    QTest::addColumn<QString>("demo");
    for (const char* name : {"orchard-frost-rover", "seed-hexacopter", "book-trike", "bat-detector",
                             "apiary-trailer", "moss-wall"})
        QTest::newRow(name) << name;
}

Load simple_load(const Id& id, double volts, double amps) {
    Load l;
    l.id = id;
    l.name = id;
    l.v_min = Volt(volts * 0.9), l.v_max = Volt(volts * 1.1), l.nominal = Volt(volts);
    l.typical = l.peak = Ampere(amps);
    return l;
}

Plan one_feed(double amps) {
    Plan p;
    p.sources.push_back({"battery", "Battery", "lfp", 4, 1, AmpereHour(10), {}, {}});
    p.loads.push_back(simple_load("lamp", 12.8, amps));
    p.loads.back().v_min = Volt(10), p.loads.back().v_max = Volt(15);
    Lead f;
    f.id = "feed", f.from = "battery", f.to = "lamp", f.wire = "awg12-silicone", f.length = Metre(1);
    f.devices = {{"fuse", DeviceKind::fuse, "standard-blade", Ampere(10), {}, {}},
                 {"switch", DeviceKind::power_switch, "toggle-30a", Ampere(0), "Main", {}}};
    f.joint_from = "ring-crimp", f.joint_to = "lap-splice";
    p.add_feed(f);
    Phase on{"on", "On", Second(3600), false, {}, {{"lamp", LoadState::typical}}, {}, {}};
    p.phases.push_back(on);
    return p;
}

Plan star(size_t n) {
    Plan p = one_feed();
    p.hubs.push_back({"hub", "Hub", {}, {}});
    p.loads.clear();
    p.phases[0].states.clear();
    p.feeds()[0].to = "hub";
    for (size_t i = 0; i < n; ++i) {
        const Id id = "load" + std::to_string(i);
        p.loads.push_back(simple_load(id, 12.8, 1));
        p.phases[0].states[id] = LoadState::typical;
        Lead f;
        f.id = "feed" + std::to_string(i), f.from = "hub", f.to = id, f.wire = "awg18-silicone",
        f.length = Metre(0.5);
        p.add_feed(f);
    }
    return p;
}

Study studied(const Plan& plan) { return study(plan, parts(), {}); }

bool has(const Study& s, const std::string& rule, Severity at_least) {
    const auto* f = finding(s, rule);
    return f && f->severity >= at_least;
}

const Finding* finding(const Study& s, const std::string& rule) {
    for (const auto& f : s.findings)
        if (f.rule == rule) return &f;
    return nullptr;
}

double worst_kirchhoff(const Plan&, const Solver& solver, const OperatingPoint& p) {
    const auto& c = solver.circuit();
    std::vector<double> sum(c.nodes.size());
    const auto flow = [&](int from, int to, double amps) {
        sum[static_cast<size_t>(from)] -= amps;
        sum[static_cast<size_t>(to)] += amps;
    };
    for (size_t b = 0; b < c.branches.size(); ++b) flow(c.branches[b].a, c.branches[b].b, p.branch_amps[b]);
    for (size_t i = 0; i < c.sources.size(); ++i)
        flow(c.sources[i].negative, c.sources[i].positive, raw(p.sources[i].amps));
    for (size_t i = 0; i < c.loads.size(); ++i)
        flow(c.loads[i].positive, c.loads[i].negative, raw(p.loads[i].amps));
    for (size_t i = 0; i < c.converter_in.size(); ++i) {
        flow(c.converter_in[i].positive, c.converter_in[i].negative, raw(p.converters[i].in_amps));
        flow(c.converter_out[i].negative, c.converter_out[i].positive, raw(p.converters[i].out_amps));
    }
    for (size_t i = 0; i < c.coils.size(); ++i)
        flow(c.coils[i].across.positive, c.coils[i].across.negative, raw(p.coils[i]));
    double worst = 0;
    for (const double s : sum) worst = std::max(worst, std::abs(s));
    return worst / p.scale;
}

Id rail_of(const Plan& plan, const Id& load) { return plan.feeds()[feeds_into(plan, load).front()].from; }

}  // namespace sangre::test
