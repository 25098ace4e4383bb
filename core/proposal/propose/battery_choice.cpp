#include "propose/battery_choice.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>

#include "battery/pack.h"
#include "mission/start_up.h"
#include "network/elements.h"
#include "propose/rails.h"
#include "units/format.h"
#include "words/say.h"

namespace sangre {
namespace {

constexpr Celsius flight_pack_air{10};
constexpr double losses_share = 1.1;  // of modules and wires, over what the loads take

struct Ask {
    double energy_wh = 0, peak_w = 0;
    double start_w = 0;      ///< of the hardest start, at nominal voltage
    double start_floor = 0;  ///< V that must stand meanwhile for what would restart, its wires included
    Celsius coldest{};
    std::vector<double> load_wh;
};

Ask ask_of(const Plan& plan) {
    Ask ask;
    ask.coldest = plan.coldest_air;
    ask.load_wh.assign(plan.loads.size(), 0);
    for (size_t l = 0; l < plan.loads.size(); ++l) {
        const auto& load = plan.loads[l];
        ask.peak_w += raw(load.nominal) * raw(draw(load, LoadState::peak));
        ask.start_w = std::max(ask.start_w, raw(load.nominal) * raw(start_current(load)));
        if (plan.phases.empty() && !load.starter) ask.load_wh[l] = raw(load.nominal) * raw(load.typical);
        for (const auto& p : plan.phases)
            if (!p.charging)
                ask.load_wh[l] += raw(load.nominal) * raw(draw_in(p, load)) * raw(p.duration) / 3600;
        ask.energy_wh += ask.load_wh[l];
    }
    return ask;
}

struct Scored {
    double score = 1e9;
    const Chemistry* chemistry = nullptr;
    int series = 0;
    size_t rails = 0;
    double direct = 0;
};

/// Counts of cells that packs are sold in and chargers are made for. Typical.
bool usual_count(const Chemistry& c, int series) {
    constexpr std::array lithium{1, 2, 3, 4, 6, 7, 8, 10, 12, 14};
    constexpr std::array iron{1, 4, 8, 16};
    const auto in = [&](const auto& counts) {
        return std::find(counts.begin(), counts.end(), series) != counts.end();
    };
    if (c.id == "lfp") return in(iron);
    if (c.id == "agm") return series % 6 == 0;
    return in(lithium);
}

/// What a pack has at the strongest second and in the hardest start, nearly empty and in the coldest air, and
/// what it must have.
struct Strain {
    double at_peak, peak_floor, at_start, start_floor;
    bool holds() const { return at_peak >= peak_floor && at_start >= start_floor; }
};

Strain strain(const Source& b, const Chemistry& c, const Ask& ask) {
    const double rest = raw(pack_rest_voltage(b, c, 0.1)), cutoff = raw(pack_cutoff_voltage(b, c));
    const double ohm = raw(pack_resistance(b, c, 0.1, ask.coldest));
    // What the modules and wires lose comes on top of what the loads take. A start of a moment meets the
    // ohmic part, and must leave what else runs its voltage.
    return {rest - ask.peak_w * 1.15 / cutoff * ohm, cutoff * 1.04,
            rest - ask.start_w / rest * ohmic_share * ohm, std::max(cutoff * 1.04, ask.start_floor)};
}

Scored score(const Plan& plan, const Catalogue& catalogue, const Ask& ask, const Chemistry& c, int series,
             double liking) {
    Scored s{1e9, &c, series, 0, 0};
    const SourceRange range{c.cutoff * series, c.charge * series};
    for (size_t l = 0; l < plan.loads.size(); ++l)
        if (accepts(plan.loads[l], range)) s.direct += ask.load_wh[l] / std::max(ask.energy_wh, 1e-9);
    const auto groups = group_rails(plan, range);
    for (const auto& g : groups) {
        const auto made = modules_for(plan, catalogue, range, g);
        if (!made) return s;
        s.rails += made->size();
    }
    const double volts = raw(c.nominal) * series;
    s.score = (usual_count(c, series) ? 0 : 5) + 4.0 * static_cast<double>(s.rails) + 12 * (1 - s.direct) +
              ask.peak_w / volts / 10 + liking + 0.15 * series;
    return s;
}

}  // namespace

tl::expected<BatteryChoice, std::string> choose_battery(const Plan& plan, const Catalogue& catalogue) {
    // Tame and long-lived first; pouches where nothing else gives the current.
    constexpr std::array<std::pair<std::string_view, double>, 5> liked{
        {{"lfp", 0}, {"nmc-power", 1}, {"nmc", 1.5}, {"lipo", 2.5}, {"agm", 3}}};
    Ask ask = ask_of(plan);
    const bool flies = plan.flies;
    // What flies warms its pack before it leaves the ground, and lifts what it chooses.
    if (flies) ask.coldest = std::max(ask.coldest, flight_pack_air);
    Scored best;
    int tried = 0;
    for (const auto& [id, liking] : liked) {
        const auto* chemistry = find(catalogue.chemistries, Id(id));
        for (int series = 1; chemistry && chemistry->charge * series < highest_voltage; ++series) {
            if (id == "agm" && series % 6 != 0) continue;  // sold as 12 V blocks
            if (flies && id != "lipo" && id != "nmc-power") continue;
            ++tried;
            if (const auto s = score(plan, catalogue, ask, *chemistry, series, liking); s.score < best.score)
                best = s;
        }
    }
    if (!best.chemistry || best.score >= 1e9)
        return tl::unexpected(
            std::string(say("no battery below 60 V lets every rail be made from the catalogue's modules")));
    const auto& c = *best.chemistry;
    const double volts = raw(c.nominal) * best.series;
    const double for_energy = ask.energy_wh * losses_share / 0.8 / volts,
                 for_peak = ask.peak_w / volts / (1.5 * c.max_c);
    constexpr std::array sizes{0.5,  1.0,  1.5,  2.2,  3.0,  5.0,   7.0,   10.0, 15.0,
                               20.0, 30.0, 40.0, 50.0, 75.0, 100.0, 150.0, 200.0};
    const SourceRange range{c.cutoff * best.series, c.charge * best.series};
    if (ask.start_w > 0)
        for (const auto& l : plan.loads)
            if (accepts(l, range) && restarts(l))
                ask.start_floor = std::max(ask.start_floor, raw(l.v_min) * 1.06);
    double capacity = 0;
    std::optional<std::pair<double, Strain>> too_weak;  // the largest that has the charge but not the voltage
    for (const double s : sizes) {
        if (s < std::max(for_energy, for_peak)) continue;
        const auto under = strain({"b", "", c.id, best.series, 1, AmpereHour(s), {}, {}}, c, ask);
        if (under.holds()) {
            capacity = s;
            break;
        }
        too_weak.emplace(s, under);
    }
    if (capacity == 0)
        return tl::unexpected(say(
            "the mission asks for {} at {} and a peak of {}, more than the largest battery listed (200 Ah)",
            format(AmpereHour(for_energy)), format(Volt(volts)), format(Watt(ask.peak_w))));
    BatteryChoice choice;
    choice.battery = {"battery", "Battery", c.id, best.series, 1, AmpereHour(capacity), {}, {}};
    auto& why = choice.why;
    why.title = say("Battery");
    why.add(say("{} chemistry and series combinations below 60 V compared.", tried));
    why.add(say("{}: {} {} to be made, {} of the energy needs no converter.", pack_summary(choice.battery, c),
                best.rails, best.rails == 1 ? say("rail") : say("rails"), format_percent(best.direct)),
            Tone::good);
    why.add(say("Mission {} × {} for what modules and wires lose ÷ 0.8 ÷ {} = {}",
                format(WattHour(ask.energy_wh)), losses_share, format(Volt(volts)),
                format(AmpereHour(for_energy))));
    why.add(say("Air {} – {}{}; the pack is chosen for {}.", format_number(raw(plan.coldest_air)),
                format(plan.hottest_air),
                plan.coldest_air == usual_coldest_air && plan.hottest_air == usual_hottest_air
                    ? say(", taken for granted (plan menu: Air it works in)")
                    : "",
                format(ask.coldest)));
    if (flies)
        why.add(say(
            "It flies: a pouch or power cells, as large as the flight and its currents ask and no larger."));
    why.add(say("Peak {} ÷ {} ÷ (1.5 × {} C) = {}", format(Watt(ask.peak_w)), format(Volt(volts)),
                format_number(c.max_c), format(AmpereHour(for_peak))));
    if (too_weak) {
        const auto& [size, under] = *too_weak;
        const bool peak = under.at_peak < under.peak_floor;
        why.add(say("{} would sag to {} {}, nearly empty at {}; {} must stand.", format(AmpereHour(size)),
                    format(Volt(std::max(0.0, peak ? under.at_peak : under.at_start))),
                    peak ? say("at its peak") : say("in the hardest start"), format(ask.coldest),
                    format(Volt(peak ? under.peak_floor : under.start_floor))));
    }
    why.caution = c.caution;
    why.source = c.source;
    return choice;
}

}  // namespace sangre
