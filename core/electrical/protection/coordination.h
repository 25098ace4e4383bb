#pragma once
// Fuse against wire: which ratings carry the load, which protect the wire, and whether the fitted one does
// both.
#include <optional>

#include "catalogue/catalogue.h"
#include "physics/protection/fuse_curve.h"
#include "physics/wire/thermal.h"

namespace sangre {

/// What a feed asks of its fuse.
struct FuseNeed {
    Ampere continuous{};
    Ampere peak{};
    Second peak_time{};
    Ampere start{};
    Second start_time{};
    Volt volts{};          ///< highest at the source
    Ampere prospective{};  ///< of a short right behind the fuse, its own resistance left out
    Celsius air{40};
    bool backed = false;         ///< a fuse before it breaks such a short, whatever this one can
    bool start_assumed = false;  ///< nobody has said it: it is what such motors usually draw at rest
    Ampere inrush{};             ///< the square pulse of the same I²t as capacitors charging
    Second inrush_time{};
};

/// True when a fuse of this rating carries the load for good and rides its peak and start-up. A start that
/// nobody has said is ridden by twice what flows, as builders take it.
bool carries(const FuseFamily& family, Ampere rating, const FuseNeed& need);
/// What a fuse of this rating has to break: the prospective current as its own cold resistance leaves it.
Ampere breaking_current(const FuseFamily& family, Ampere rating, const FuseNeed& need);
/// True when its voltage suffices, and its breaking capacity or that of a fuse before it.
bool suits(const FuseFamily& family, Ampere rating, const FuseNeed& need);

/// The temperature a conductor may reach in a fault that lasts so long, infinite where nothing opens.
Celsius allowed_for(const Insulation& insulation, Second lasts);

/// How long a wire that was at `start` withstands this current: up to 5 s adiabatically to the damage
/// temperature (IEC 60949; its non-adiabatic factor only adds), beyond that to 20 K above its continuous
/// maximum with the heat it loses. Infinite where it withstands it continuously.
Second damage_time(const WireThermal& thermal, const Insulation& insulation, Ampere current, Celsius start);

/// True when the slow edge lies left of the wire's damage everywhere from the first gate to `prospective`,
/// and the wire carries the rating continuously.
bool protects(const FuseFamily& family, Ampere rating, const WireThermal& thermal,
              const Insulation& insulation, Celsius start, Ampere prospective);

/// The current at which the slow edge first crosses the wire's damage curve, if it does.
std::optional<Ampere> first_crossing(const FuseFamily& family, Ampere rating, const WireThermal& thermal,
                                     const Insulation& insulation, Celsius start, Ampere prospective);

struct FuseChoice {
    const FuseFamily* family = nullptr;
    Ampere rating{};
};

/// Families of sufficient voltage: those of `prefer` in their order, then the others, cheapest first.
std::vector<const FuseFamily*> suitable_families(const Catalogue& catalogue, const FuseNeed& need,
                                                 const std::vector<Id>& prefer = {});
/// The smallest fuse that carries, of the first suitable family that has one.
/// `least`: not below this rating, so that it opens after those behind it.
std::optional<FuseChoice> smallest_that_carries(const Catalogue& catalogue, const FuseNeed& need,
                                                const std::vector<Id>& prefer = {}, Ampere least = Ampere(0));
/// The largest rating of this family that protects the wire.
std::optional<Ampere> largest_that_protects(const FuseFamily& family, const WireThermal& thermal,
                                            const Insulation& insulation, Celsius start, Ampere prospective);

}  // namespace sangre
