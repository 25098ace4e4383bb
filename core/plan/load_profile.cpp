#include "plan/load_profile.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "base/units/format.h"
#include "base/words/say.h"

namespace sangre {
namespace {

constexpr size_t least_samples = 20;
constexpr double quiet_share = 0.6;  // of busy: below that quiet and busy are two states
constexpr double peak_over_typical = 1.1, start_over_typical = 1.5;

double percentile(std::vector<double> values, double share) {
    std::sort(values.begin(), values.end());
    return values[static_cast<size_t>(std::lround(share * static_cast<double>(values.size() - 1)))];
}

double mean(const std::vector<double>& values) {
    double sum = 0;
    for (const double v : values) sum += v;
    return values.empty() ? 0 : sum / static_cast<double>(values.size());
}

/// The longest time spent above a current without a break.
double longest_above(const std::vector<MeasuredSample>& log, double amps) {
    double longest = 0, since = -1;
    for (size_t i = 0; i < log.size(); ++i) {
        if (raw(log[i].amps) >= amps) {
            if (since < 0) since = raw(log[i].time);
            const double until = raw(log[std::min(i + 1, log.size() - 1)].time);
            longest = std::max(longest, until - since);
        } else
            since = -1;
    }
    return longest;
}

/// The largest current in the first tenth of each stretch that begins from quiet, and how long it takes to
/// fall half way back to typical.
void find_start(const std::vector<MeasuredSample>& log, double running, double typical, Load& load) {
    for (size_t i = 1; i < log.size(); ++i) {
        if (raw(log[i].amps) < running || raw(log[i - 1].amps) >= running) continue;
        size_t end = i;
        while (end < log.size() && raw(log[end].amps) >= running) ++end;
        const size_t first = i + std::max<size_t>((end - i) / 10, 2);
        for (size_t k = i; k < std::min(first, end); ++k) {
            const double surge = raw(log[k].amps);
            if (surge < start_over_typical * typical || surge <= raw(load.start)) continue;
            size_t back = k;
            while (back < end && raw(log[back].amps) > (surge + typical) / 2) ++back;
            load.start = Ampere(surge);
            load.start_time = log[std::min(back, log.size() - 1)].time - log[i - 1].time;
        }
    }
}

}  // namespace

tl::expected<LoadProfile, std::string> profile_from_log(const Load& load,
                                                        const std::vector<MeasuredSample>& log) {
    if (log.size() < least_samples)
        return tl::unexpected(
            say("the log has {count} samples; at least {least_samples} are needed to tell idle from peak",
                log.size(), least_samples));
    std::vector<double> amps, volts;
    for (const auto& s : log) amps.push_back(raw(s.amps)), volts.push_back(raw(s.volts));
    const double quiet = percentile(amps, 0.05), busy = percentile(amps, 0.95);
    if (busy <= 0)
        return tl::unexpected(
            std::string(say("the log shows no current; is the clamp the right way round?")));
    const bool two_states = quiet < quiet_share * busy;
    const double running = two_states ? (std::max(quiet, 0.0) + busy) / 2 : -1;
    std::vector<double> on, off;
    for (const double a : amps) (a >= running ? on : off).push_back(a);

    LoadProfile p{load, {}};
    auto& l = p.load;
    l.assumed = false;
    l.start = Ampere(0), l.start_time = Second(0);
    // Half of the time it runs with less: a few seconds of peak do not raise what is typical.
    const double typical = percentile(on, 0.5);
    l.typical = Ampere(typical);
    l.idle = Ampere(two_states ? std::max(mean(off), 0.0) : 0);
    find_start(log, running, typical, l);
    std::vector<double> calm;  // without the start-up
    for (const double a : on)
        if (raw(l.start) <= 0 || a < 0.9 * raw(l.start)) calm.push_back(a);
    const double peak = percentile(calm, 0.99);
    l.peak = Ampere(peak > peak_over_typical * typical ? peak : typical);
    l.peak_time = Second(peak > peak_over_typical * typical ? longest_above(log, (peak + typical) / 2) : 0);
    if (load.kind == LoadKind::power || load.kind == LoadKind::resistance) {
        // Such a load is kept by its current at nominal voltage.
        const double seen = mean(volts), nominal = raw(load.nominal);
        const double scale = seen <= 0 || nominal <= 0      ? 1
                             : load.kind == LoadKind::power ? seen / nominal
                                                            : nominal / seen;
        for (auto* a : {&l.typical, &l.idle, &l.peak, &l.start}) *a = *a * scale;
    }

    auto& why = p.why;
    why.title = say("{load}, measured", load.name);
    why.add(say("{count} samples over {time}.", log.size(), format(log.back().time - log.front().time)));
    why.add(say("Typical {typical}: half of the time it runs with less; was {typical_2}.", format(l.typical),
                format(load.typical)),
            Tone::good);
    if (two_states)
        why.add(say("Idle {idle}: the mean of what lies below {running}.", format(l.idle),
                    format(Ampere(running))));
    if (l.peak > l.typical)
        why.add(say("Peak {peak} for up to {peak_time}.", format(l.peak), format(l.peak_time)));
    if (raw(l.start) > 0)
        why.add(say("Start-up {start} for {start_time}.", format(l.start), format(l.start_time)));
    const auto [low, high] = std::minmax_element(volts.begin(), volts.end());
    const bool inside = *low >= raw(load.v_min) && *high <= raw(load.v_max);
    why.add(say("Its voltage was {low} – {high}{inside||, outside its {lowest} – {highest}}.",
                format(Volt(*low)), format(Volt(*high)), inside, format(load.v_min), format(load.v_max)),
            inside ? Tone::plain : Tone::caution);
    why.source = say("the log that was read");
    return p;
}

}  // namespace sangre
