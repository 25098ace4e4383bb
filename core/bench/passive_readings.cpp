#include "bench/passive_readings.h"

#include <fmt/format.h>

#include <limits>

#include "base/units/format.h"
#include "base/words/say.h"

namespace sangre {
namespace {

constexpr double closed_ohm = 2, nothing_but_air = 1e6;  // a clean contact with its lead; nothing but air
constexpr double winding_low = 0.02, winding_high = 50;  // of small motors, pair by pair
constexpr double said_share = 0.2;                 // tolerance of ohms that were said: typical of sensors
constexpr double lamp_low = 1.5, lamp_high = 3.6;  // V on diode test, red to blue

struct Probes {
    Words at, red, black;
};

/// The lead that ends at it, measured at its other end by the pins of its first two cores that are used.
Probes probes_of(const Plan& plan, const Passive& p, size_t first = 0, size_t second = 1) {
    for (const auto* lead : cabled_leads(plan)) {
        const bool from = lead->from == p.id;
        if (!from && lead->to != p.id) continue;
        std::vector<const Core*> used;
        for (const auto& c : lead->cores)
            if (c.role != CoreRole::unused) used.push_back(&c);
        if (used.size() <= second) break;
        const auto pin = [&](const Core& c) {
            return say("pin {to_pin}, {colour}", from ? c.to_pin : c.from_pin, said(c.colour));
        };
        return {say("at the end of its lead that goes to {part}, unplugged there",
                    name_of(plan, from ? lead->to : lead->from)),
                pin(*used[first]), pin(*used[second])};
    }
    static const char* const ends[] = {to_say("its first terminal"), to_say("its second terminal"),
                                       to_say("its third terminal")};
    return {say("at its own terminals, nothing on them"), ends[first], ends[second]};
}

Reading across(const Plan& plan, const Passive& p, const std::string& key, const Words& what,
               size_t first = 0, size_t second = 1) {
    Reading r;
    r.of = ReadingOf::passive;
    r.key = fmt::format("part/{}/{}", p.id, key);
    r.title = compose("{}: {}", p.name, what);
    const auto at = probes_of(plan, p, first, second);
    r.state = at.at, r.red = at.red, r.black = at.black;
    r.unit = ReadingUnit::ohm;
    r.about = p.id;
    r.why.title = r.title;
    return r;
}

void button(const Plan& plan, const Passive& p, std::vector<Reading>& all) {
    auto up = across(plan, p, "released", say("released"));
    up.low = nothing_but_air, up.high = std::numeric_limits<double>::infinity();
    up.why.add(say(
        "One that closes when pressed is open until then; one that opens shows these two the other way."));
    all.push_back(std::move(up));
    auto down = across(plan, p, "pressed", say("pressed"));
    down.high = closed_ohm;
    down.why.add(say("A clean contact and its lead: tenths of an ohm. It goes back when it is let go."));
    all.push_back(std::move(down));
}

void windings(const Plan& plan, const Passive& p, std::vector<Reading>& all) {
    // Three leads are three pairs that must be alike; two are one winding over brushes.
    bool three = false;
    for (const auto* lead : cabled_leads(plan))
        three = three || ((lead->from == p.id || lead->to == p.id) &&
                          cores_of_role(*lead, CoreRole::phase).size() == 3);
    const auto pair = [&](size_t first, size_t second, const std::string& key, const Words& what) {
        auto r = across(plan, p, key, what, first, second);
        r.low = winding_low, r.high = winding_high;
        if (raw(p.ohm) > 0)
            r.low = raw(p.ohm) * (1 - said_share), r.high = raw(p.ohm) * (1 + said_share) + closed_ohm;
        r.why.add(
            three
                ? say("All three pairs alike within a tenth: one that is higher is an open or a cold joint.")
                : say("A brushed winding jumps while the shaft is turned; infinite is a brush or a joint."));
        all.push_back(std::move(r));
    };
    if (!three) return pair(0, 1, "winding", say("its winding"));
    pair(0, 1, "winding-12", say("first winding")), pair(1, 2, "winding-23", say("second winding")),
        pair(0, 2, "winding-13", say("third winding"));
}

void said_ohms(const Plan& plan, const Passive& p, std::vector<Reading>& all) {
    if (raw(p.ohm) <= 0) return;
    auto r = across(plan, p, "ohms", say("across it"));
    r.low = raw(p.ohm) * (1 - said_share), r.high = raw(p.ohm) * (1 + said_share) + closed_ohm;
    r.why.add(say("{ohm} as said, a fifth either way, and its lead.", format(p.ohm)));
    all.push_back(std::move(r));
}

}  // namespace

std::vector<Reading> passive_readings(const Plan& plan) {
    std::vector<Reading> all;
    for (const auto& p : plan.passives) switch (p.kind) {
            case PassiveKind::button:
                button(plan, p, all);
                break;
            case PassiveKind::lamp: {
                auto r = across(plan, p, "lights", p.polar ? say("lights, + to +") : say("lights one way"));
                r.unit = ReadingUnit::volt;
                r.low = lamp_low, r.high = lamp_high;
                r.state = say("{state}; meter on diode test", r.state);
                r.why.add(say(
                    "A red one shows some 1.8 V and glows, a blue or white one 2.7 V or more; the other way "
                    "round open."));
                r.why.add(
                    say("One with a resistor for 12 V inside shows open on many meters and still may glow."));
                all.push_back(std::move(r));
                break;
            }
            case PassiveKind::aerial: {
                auto r = across(plan, p, "centre", say("centre to shield"));
                r.red = say("centre of its plug"), r.black = say("shield of its plug");
                r.low = nothing_but_air, r.high = std::numeric_limits<double>::infinity();
                r.why.add(say(
                    "A whip is open here; a loop or a patch with a shorting pin shows a short, as its sheet "
                    "says."));
                all.push_back(std::move(r));
                break;
            }
            case PassiveKind::motor:
                windings(plan, p, all);
                break;
            case PassiveKind::sensor:
            case PassiveKind::sounder:
                said_ohms(plan, p, all);
                break;
        }
    return all;
}

}  // namespace sangre
