#include "network/device_part.h"

#include "protection/fuse_curve.h"
#include "units/format.h"

namespace sangre {

std::optional<DevicePart> device_part(const Catalogue& catalogue, const Device& d) {
    switch (d.kind) {
        case DeviceKind::fuse:
            if (const auto* t = find(catalogue.fuses, d.type))
                return DevicePart{t->name + ", " + format(d.rating), t->mass,    t->cost,
                                  fuse_resistance(*t, d.rating),     t->voltage, d.rating};
            break;
        case DeviceKind::power_switch:
            if (const auto* t = find(catalogue.switches, d.type))
                return DevicePart{t->name, t->mass, t->cost, t->contact, t->breaks, t->rated};
            break;
        case DeviceKind::connector:
            if (const auto* t = find(catalogue.connectors, d.type))
                return DevicePart{t->name, t->mass, t->cost, t->contact, t->voltage, t->rated};
            break;
        case DeviceKind::diode:
        case DeviceKind::filter:
        case DeviceKind::shunt:
        case DeviceKind::precharge:
            if (const auto* t = find(catalogue.inlines, d.type))
                return DevicePart{t->name,    t->mass,
                                  t->cost,    d.kind == DeviceKind::precharge ? Ohm(0) : t->resistance,
                                  t->voltage, t->rated};
            break;
    }
    return {};
}

}  // namespace sangre
