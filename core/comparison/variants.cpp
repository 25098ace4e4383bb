#include "comparison/variants.h"

#include <fmt/format.h>

#include <cmath>

#include "base/units/format.h"
#include "base/words/say.h"

namespace sangre {
namespace {

constexpr double no_difference = 0.005;

struct Compared {
    Words name;
    double a, b;
    bool more_is_better;
    Words text_a, text_b;
    Words meaning;
    enum class Told { share, count, points } told = Told::share;  ///< how a difference is told
};

VariantFigure figure(const Compared& c) {
    VariantFigure f{c.name, c.text_a, c.text_b, {}, 0, c.meaning};
    const double difference = c.b - c.a, base = std::max(std::abs(c.a), std::abs(c.b));
    if (base == 0 || std::abs(difference) <= no_difference * base) return f;
    f.better = (difference > 0) == c.more_is_better ? 1 : -1;
    const char* sign = difference > 0 ? "+" : "−";
    const auto by = std::abs(difference);
    if (c.told == Compared::Told::points)
        f.change = say("{sign}{points} points", sign, format_number(by * 100, 2));
    else if (c.told == Compared::Told::count || c.a == 0)
        f.change = compose("{}{}", sign, format_number(by));
    else
        f.change = compose("{}{}", sign, format_percent(by / std::abs(c.a)));
    return f;
}

size_t parts(const Plan& plan) {
    size_t n = plan.sources.size() + plan.hubs.size() + plan.converters.size();
    for (const auto& f : plan.feeds()) n += f.devices.size();
    return n;
}

Words run_time(const Mission& m) { return m.run_time_capped ? say("over a year") : format(m.run_time); }

}  // namespace

WattHour lost_in_a_day(const Study& s) {
    WattHour taken(0);
    for (const auto& e : s.mission.load_energy) taken += e;
    return std::max(s.mission.day_energy - taken, WattHour(0));
}

std::vector<VariantFigure> compare_variants(const Plan& plan_a, const Study& a, const Plan& plan_b,
                                            const Study& b) {
    const auto number = [](auto n) { return static_cast<double>(n); };
    const auto whole = [&](const Words& name, size_t x, size_t y, const Words& meaning) {
        return Compared{name,
                        number(x),
                        number(y),
                        false,
                        std::to_string(x),
                        std::to_string(y),
                        meaning,
                        Compared::Told::count};
    };
    std::vector<VariantFigure> all;
    for (const auto& c : {
             Compared{say("runs"), raw(a.mission.run_time), raw(b.mission.run_time), true,
                      run_time(a.mission), run_time(b.mission), say("From full, without charging")},
             Compared{say("lowest"), a.mission.lowest_charge, b.mission.lowest_charge, true,
                      format_percent(a.mission.lowest_charge), format_percent(b.mission.lowest_charge),
                      say("Charge at the lowest point of the day"), Compared::Told::points},
             Compared{say("mass"), raw(a.mass), raw(b.mass), false, format(a.mass), format(b.mass),
                      say("Battery, wires, modules, fuses, switches and plugs")},
             Compared{say("cost"), a.cost, b.cost, false, format_number(std::round(a.cost)),
                      format_number(std::round(b.cost)),
                      say("Of the catalogue's parts, without the battery")},
             Compared{say("used per day"), raw(lost_in_a_day(a)), raw(lost_in_a_day(b)), false,
                      format(lost_in_a_day(a)), format(lost_in_a_day(b)),
                      say("Energy that leaves the packs and does not reach a load")},
             Compared{say("worst drop"), a.worst.worst_drop_share, b.worst.worst_drop_share, false,
                      format_percent(a.worst.worst_drop_share), format_percent(b.worst.worst_drop_share),
                      say("From a rail to the load that loses the most on the way"), Compared::Told::points},
             whole(say("parts"), parts(plan_a), parts(plan_b),
                   say("Packs, hubs, modules, fuses, switches and plugs")),
             whole(say("feeds"), plan_a.feeds().size(), plan_b.feeds().size(), say("Runs of wire to make")),
             whole(say("dangers"), count(a.findings, Severity::danger), count(b.findings, Severity::danger),
                   say("Dangers")),
             whole(say("cautions"), count(a.findings, Severity::caution),
                   count(b.findings, Severity::caution), say("Notes")),
         })
        all.push_back(figure(c));
    return all;
}

Words tell_change(const std::vector<VariantFigure>& figures) {
    Words better, worse;
    for (const auto& f : figures) {
        auto& list = f.better > 0 ? better : worse;
        if (f.better != 0) list += (list.empty() ? "" : ", ") + f.name + " " + f.change;
    }
    if (better.empty() && worse.empty()) return say("No figure changed.");
    if (worse.empty()) return say("better: {better}", better);
    if (better.empty()) return say("worse: {worse}", worse);
    return say("better: {better}; worse: {worse}", better, worse);
}

}  // namespace sangre
