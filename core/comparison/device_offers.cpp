#include "comparison/device_offers.h"

#include <fmt/format.h>

#include <algorithm>

#include "base/units/format.h"
#include "base/words/say.h"
#include "electrical/protection/suiting.h"
#include "physics/battery/pack.h"
#include "physics/network/filter.h"
#include "physics/parts/wire_size.h"
#include "wiring/item/item.h"
#include "wiring/item/item_joint.h"

namespace sangre {
namespace {

using Group = DeviceOffer::Group;
constexpr Hertz module_noise(200e3);  // where small switching modules switch, typical

/// The cheapest entry that passes, or null.
template <class Entry, class Fits>
const Entry* cheapest(const std::vector<Entry>& entries, Fits fits) {
    const Entry* best = nullptr;
    for (const auto& e : entries)
        if (fits(e) && (!best || e.cost < best->cost)) best = &e;
    return best;
}

class Offers {
  public:
    Offers(const Plan& plan, const Catalogue& catalogue, const Study& study, size_t feed)
        : plan_(plan),
          catalogue_(catalogue),
          feed_(plan.feeds()[feed]),
          worst_(study.worst.feeds[feed]),
          worsts_(study.worst),
          protection_(study.protection[feed]),
          behind_(study.solver->index().loads_behind(feed)),
          source_(study.solver->index().source_of(feed)),
          thickness_(lead_thickness(study.harness, feed)) {}

    std::vector<DeviceOffer> all() {
        protect();
        turn_off();
        quieten();
        watch();
        for (const auto& d : feed_.devices) offer_holder(d), offer_tap(d), offer_coil(d), offer_warmth(d);
        for (const auto& d : feed_.devices) {
            offers_.push_back({Group::take_out, item_name(catalogue_, d), "",
                               [id = d.id](const Plan& p) { return remove_device(p, id); }});
        }
        return std::move(offers_);
    }

  private:
    bool has(DeviceKind kind) const { return device(feed_, kind) != nullptr; }
    void offer(Group group, DeviceKind kind, const Id& type, const Words& name, Words purpose,
               const std::string& called = {}) {
        offers_.push_back({group, name, std::move(purpose),
                           [this_catalogue = &catalogue_, id = feed_.id, kind, type, called](const Plan& p) {
                               return fit_item_joints(add_device(p, id, kind, type, called), *this_catalogue,
                                                      id);
                           }});
    }
    const InlinePart* cheapest_inline(InlineKind kind) const {
        return cheapest(catalogue_.inlines, [&](const InlinePart& t) {
            return t.kind == kind && t.rated >= worst_.continuous && t.voltage >= worst_.highest_end &&
                   (raw(t.saturation) <= 0 || t.saturation >= worst_.peak);
        });
    }
    void protect() {
        // The smallest that carries, unless its wire stands less.
        if (!has(DeviceKind::fuse) && protection_.smallest && protection_.largest &&
            protection_.smallest->rating <= *protection_.largest) {
            const auto [family, rating] = *protection_.smallest;
            offers_.push_back({Group::protect, compose("{} {}", format(rating), family->name),
                               say("the smallest that carries this lead's current"),
                               [id = feed_.id, type = family->id, amps = rating](const Plan& p) {
                                   return set_fuse(p, id, type, amps);
                               }});
        }
        if (const auto* t = cheapest_inline(InlineKind::diode); t && !has(DeviceKind::diode))
            offer(Group::protect, DeviceKind::diode, t->id, t->name,
                  say("saves what is behind when plus and minus are swapped; takes {forward} = {heat}",
                      format(t->forward), format(Watt(raw(t->forward) * raw(worst_.continuous)))));
        offer_precharge();
    }
    void offer_holder(const Device& fuse) {
        const auto* family = fuse.kind == DeviceKind::fuse ? find(catalogue_.fuses, fuse.type) : nullptr;
        const auto* holder =
            family ? suiting_holder(catalogue_, *family, fuse.rating, plan_.hottest_air) : nullptr;
        const auto* wire = holder ? find(catalogue_.wires, holder->lead) : nullptr;
        if (!wire || fuse.holder == holder->id) return;
        offers_.push_back({Group::seat, holder->name,
                           say("for the {rating} fuse: two leads of {wire} to join, {lead_length} each",
                               format(fuse.rating), size_words(*wire), format(holder->lead_length)),
                           [this_catalogue = &catalogue_, id = fuse.id, to = holder->id](const Plan& p) {
                               return set_holder(p, *this_catalogue, id, to);
                           }});
    }
    /// Into the slot of the circuit's own fuse.
    void offer_tap(const Device& fuse) {
        const auto* source = by_id(plan_.sources, feed_.from);
        if (fuse.kind != DeviceKind::fuse || !source || source->kind != SourceKind::circuit) return;
        const auto* family =
            find(catalogue_.fuses, source->fuse_type.empty() ? fuse.type : source->fuse_type);
        const auto* tap = family ? suiting_tap(catalogue_, *family, fuse.rating, plan_.hottest_air) : nullptr;
        if (!tap || fuse.holder == tap->id) return;
        offers_.push_back({Group::seat, tap->name,
                           say("in the slot of {source}: its fuse and the {rating} one side by side",
                               source->name, format(fuse.rating)),
                           [this_catalogue = &catalogue_, id = fuse.id, to = tap->id](const Plan& p) {
                               return set_holder(p, *this_catalogue, id, to);
                           }});
    }
    /// What a relay's coil may hang on, and what may close it.
    void offer_coil(const Device& relay) {
        const auto* type =
            relay.kind == DeviceKind::power_switch ? find(catalogue_.switches, relay.type) : nullptr;
        if (!type || raw(type->coil) <= 0) return;
        const auto hung = [&](Words name, Words purpose, Id Device::*which, const Id& to) {
            if (relay.*which == to) return;
            offers_.push_back(
                {Group::coil, std::move(name), std::move(purpose), [id = relay.id, which, to](const Plan& p) {
                     return with_device(p, id, [&](Device& d) { d.*which = to; });
                 }});
        };
        hung(say("coil on this feed's own supply"), say("before its contact"), &Device::coil_from, {});
        const auto hang = [&](const auto& parts) {
            for (const auto& part : parts)
                if (part.id != feed_.from)
                    hung(say("coil on {part}", part.name), say("wound for {coil}", format(type->coil)),
                         &Device::coil_from, part.id);
        };
        hang(plan_.hubs), hang(plan_.converters);
        hung(say("closed by nothing named"), "", &Device::control, {});
        for (const auto& p : plan_.passives)
            if (p.kind == PassiveKind::button || p.kind == PassiveKind::sensor)
                hung(say("closed by {part}", p.name), say("in the coil's return"), &Device::control, p.id);
        for (const auto& l : plan_.loads)
            if (l.id != feed_.to && l.kind != LoadKind::motor && l.kind != LoadKind::led)
                hung(say("closed by {part}", l.name), say("an output of it, with a transistor"),
                     &Device::control, l.id);
    }
    /// What a thermal switch may sit on.
    void offer_warmth(const Device& d) {
        if (!is_thermal(catalogue_, d)) return;
        const auto sits = [&](const Id& on, Words name, Words purpose) {
            if (d.sits_on != on)
                offers_.push_back(
                    {Group::warmth, std::move(name), std::move(purpose), [id = d.id, on](const Plan& p) {
                         return with_device(p, id, [&](Device& x) { x.sits_on = on, x.warmer_k.reset(); });
                     }});
        };
        sits({}, say("in the air around it"), say("up to {hottest}", format(plan_.hottest_air)));
        for (size_t c = 0; c < plan_.converters.size(); ++c)
            if (const auto* type = find(catalogue_.converters, plan_.converters[c].type))
                sits(plan_.converters[c].id, say("on {part}", plan_.converters[c].name),
                     say("up to {hottest}",
                         format(Celsius(raw(plan_.hottest_air) +
                                        temperature_rise(*type, worsts_.converters[c].heat)))));
        for (const auto& load : plan_.loads)
            sits(load.id, say("on {part}", load.name), say("then say how much warmer than the air it gets"));
    }
    void offer_precharge() {
        const double farad = raw(protection_.charging.capacitance);
        if (farad <= 0 || has(DeviceKind::precharge) || source_.kind != PartKind::source) return;
        const auto* best = suiting_precharge(catalogue_, worst_.highest_end, Farad(farad));
        if (best)
            offer(Group::protect, DeviceKind::precharge, best->id, best->name,
                  say("hold the button {time} before you plug or switch on: {current} instead of a "
                      "spark",
                      format(Second(5 * raw(best->resistance) * farad)),
                      format(Ampere(raw(worst_.highest_end) / raw(best->resistance)))));
    }
    void turn_off() {
        // What must stay on branches before every switch.
        const bool always =
            std::any_of(behind_.begin(), behind_.end(), [&](size_t l) { return plan_.loads[l].always_on; });
        if (has(DeviceKind::power_switch) || always) return;
        const auto pick = [&](auto kind_fits) {
            return cheapest(catalogue_.switches, [&](const SwitchType& t) {
                return kind_fits(t) && t.rated >= worst_.continuous * 1.25 && t.rated * 1.5 >= worst_.peak &&
                       t.breaks >= worst_.highest_end;
            });
        };
        const auto put = [&](const SwitchType* t, const Words& purpose) {
            if (t)
                offer(Group::turn_off, DeviceKind::power_switch, t->id, t->name, purpose,
                      name_of(plan_, feed_.to));
        };
        put(pick([](const auto& t) { return t.kind == SwitchKind::manual; }), say("by hand"));
        put(pick([](const auto& t) { return t.kind == SwitchKind::electronic; }),
            say("from afar: a thin wire to a small button or a receiver turns it on"));
        put(pick([&](const auto& t) {
                return t.kind == SwitchKind::relay && raw(t.coil) > 0 &&
                       std::abs(raw(t.coil) / std::max(raw(worst_.highest_end), 0.1) - 1) < 0.3;
            }),
            say("from afar, by a coil of this feed's voltage"));
        put(pick([](const auto& t) { return t.kind == SwitchKind::thermal && t.closes_above.has_value(); }),
            say("closes when it is warm: a fan runs only when needed. Its case may be live: insulate it"));
        put(pick([](const auto& t) { return t.kind == SwitchKind::thermal && t.opens_above.has_value(); }),
            say("opens when it is hot: saves what it is fixed to. Its case may be live: insulate it"));
    }
    void quieten() {
        if (has(DeviceKind::filter)) return;
        const auto* lc = cheapest(catalogue_.inlines, [&](const InlinePart& t) {
            return t.kind == InlineKind::filter && raw(t.capacitance) > 0 && t.rated >= worst_.continuous &&
                   t.voltage >= worst_.highest_end && t.saturation >= worst_.peak;
        });
        if (lc) {
            FilterNeed need;
            need.inductance = lc->inductance, need.capacitance = lc->capacitance,
            need.resistance = lc->resistance;
            need.saturation = lc->saturation, need.current = worst_.continuous, need.peak = worst_.peak;
            need.noise = module_noise;
            const auto check = check_filter(need);
            offer(Group::quieten, DeviceKind::filter, lc->id, lc->name,
                  say("works from {resonance} up: {attenuation} dB at {module_noise}; drops {drop}",
                      format(check.resonance), format_number(check.attenuation, 2), format(module_noise),
                      format(check.drop)));
        }
        if (const auto* ferrite = cheapest(catalogue_.inlines, [&](const InlinePart& t) {
                return t.kind == InlineKind::filter && raw(t.capacitance) <= 0 &&
                       t.rated >= worst_.continuous && (raw(t.bore) <= 0 || t.bore >= thickness_);
            }))
            offer(Group::quieten, DeviceKind::filter, ferrite->id, ferrite->name,
                  say("both leads through it, close to what is noisy; costs nothing worth naming"));
    }
    void watch() {
        if (has(DeviceKind::shunt)) return;
        const auto* meter = cheapest(catalogue_.inlines, [&](const InlinePart& t) {
            return t.kind == InlineKind::meter && t.rated >= worst_.peak && t.voltage >= worst_.highest_end;
        });
        if (meter)
            offer(Group::watch, DeviceKind::shunt, meter->id, meter->name,
                  say("shows {volts} and {current} here; drops {drop}", format(worst_.highest_end),
                      format(worst_.continuous),
                      format(Volt(raw(meter->resistance) * raw(worst_.continuous)))));
    }

    const Plan& plan_;
    const Catalogue& catalogue_;
    const Lead& feed_;
    const FeedExtremes& worst_;
    const WorstCase& worsts_;
    const FeedProtection& protection_;
    const std::vector<size_t>& behind_;
    PartRef source_;
    Millimetre thickness_;  ///< of the lead, all its wires together
    std::vector<DeviceOffer> offers_;
};

}  // namespace

std::vector<DeviceOffer> device_offers(const Plan& plan, const Catalogue& catalogue, const Study& study,
                                       const Id& feed) {
    const auto* f = by_id(plan.feeds(), feed);
    if (!f) return {};
    return Offers(plan, catalogue, study, static_cast<size_t>(f - plan.feeds().data())).all();
}

}  // namespace sangre
