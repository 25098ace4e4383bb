#include "physics/wire/warmth.h"

#include <array>
#include <cmath>

#include "base/kept.h"

namespace sangre {
namespace {

constexpr double cold_air = -40, hot_air = 80;

}  // namespace

WireWarmth::WireWarmth(const WireType& wire, const Insulation& insulation, int conductors)
    : cold_(thermal_of(wire, insulation, Celsius(cold_air), 1, conductors)),
      hot_(thermal_of(wire, insulation, Celsius(hot_air), 1, conductors)) {
    constexpr int steps = 400;
    const double most = 4 * raw(cold_->free_ampacity()) * conductors;
    per_amp_ = steps / most;
    for (int i = 0; i <= steps + 1; ++i) {
        const Ampere amps(i / per_amp_);
        table_.push_back({raw(cold_->steady(amps)) - cold_air, raw(hot_->steady(amps)) - hot_air});
    }
}

double WireWarmth::rise(double amps, double air_c) const {
    const double at = std::abs(amps) * per_amp_;
    if (!(at < static_cast<double>(table_.size() - 1))) return beyond(amps, air_c);
    const auto i = static_cast<size_t>(at);
    const double part = at - static_cast<double>(i), share = (air_c - cold_air) / (hot_air - cold_air);
    const auto &a = table_[i], &b = table_[i + 1];
    const double cold = a.cold + part * (b.cold - a.cold), hot = a.hot + part * (b.hot - a.hot);
    return cold + share * (hot - cold);
}

double WireWarmth::beyond(double amps, double air_c) const {
    const double at_cold = raw(cold_->steady(Ampere(amps))) - cold_air;
    const double at_hot = raw(hot_->steady(Ampere(amps))) - hot_air;
    return std::lerp(at_cold, at_hot, (air_c - cold_air) / (hot_air - cold_air));
}

std::shared_ptr<const WireWarmth> warmth_of(const WireType& wire, const Insulation& insulation,
                                            int conductors) {
    using Key = std::array<double, 8>;
    static Kept<Key, std::shared_ptr<const WireWarmth>> known(2000);
    return known(Key{wire.ohm_per_m, raw(wire.area), raw(wire.conductor), raw(wire.outer), wire.gram_per_m,
                     insulation.conductivity, raw(insulation.max), static_cast<double>(conductors)},
                 [&] { return std::make_shared<const WireWarmth>(wire, insulation, conductors); });
}

}  // namespace sangre
