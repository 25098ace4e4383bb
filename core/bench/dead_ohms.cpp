#include "bench/dead_ohms.h"

#include <cmath>
#include <limits>

#include "base/units/format.h"
#include "base/words/list.h"
#include "base/words/say.h"
#include "bench/shorts.h"
#include "electrical/protection/fuse_order.h"
#include "plan/landing.h"
#include "wiring/conductors/resistances.h"

namespace sangre {
namespace {

constexpr double open_contact = 1e6;  // Ω
constexpr double lead_ohm = 0.3;      // the meter's own leads and contact

/// A return that is no wire of its own: bare metal, or another's lead.
void foreign_return(const Plan& plan, const PlanIndex& index, const WireJoint& joint,
                    std::vector<Reading>& out) {
    const bool frame = joint.at == JointAt::frame;
    if (!frame && joint.at != JointAt::other_return) return;
    const auto& feed = plan.feeds()[joint.lead];
    if (frame && !on_metal(plan, feed.to)) return;
    const auto* other = by_id(plan.feeds(), feed.shared_with);
    if (!frame && !other) return;
    Reading r;
    r.of = ReadingOf::lead;
    r.key = "beep/" + feed.id + "/return";
    r.title = frame ? say("{part} − to the frame", index.name(feed.to))
                    : say("{part} − to {other} −", index.name(feed.to), index.name(other->to));
    r.red = index.name(feed.to) + " −";
    r.black = frame ? say("bare metal of the frame, a hand away") : index.name(other->to) + " −";
    r.unit = ReadingUnit::ohm;
    r.high = std::ceil((raw(joint.ohm) + lead_ohm) * 1.2 * 10) / 10;
    r.about = feed.id;
    r.why.title = say("End to end");
    r.why.add(
        say("{frame|A sound bolted ring|The joint} is {ohm}; a cheap meter's own leads add up to {lead_ohm}. "
            "Anything more is paint or a loose bolt.",
            frame, format(joint.ohm), format(Ohm(lead_ohm))));
    out.push_back(std::move(r));
}

/// What must be closed by hand before the meter sees through the supply of a lead.
Words seen_through(const Catalogue& catalogue, const Lead& feed) {
    std::vector<Words> all;
    const auto also = [&](const Words& w) { all.push_back(w); };
    if (fitted_fuse(catalogue, feed)) also(say("a clip on its fuse holder"));
    for (const auto& d : feed.devices) {
        if (d.kind == DeviceKind::power_switch && !is_cut_out(catalogue, d)) also(closed_words(catalogue, d));
        if (d.kind == DeviceKind::diode) also(say("a clip across its diode"));
    }
    return joined(all, ", ");
}

}  // namespace

void continuity(const Plan& plan, const Catalogue& catalogue, const Figures& figures,
                std::vector<Reading>& out) {
    const auto& index = figures.solver->index();
    for (size_t f = 0; f < plan.feeds().size(); ++f) {
        const auto& feed = plan.feeds()[f];
        const auto ohms = feed_ohms(figures.harness.wiring, f);
        const double supply = raw(ohms.supply), back = raw(ohms.back);
        for (const bool is_return : {false, true}) {
            if (is_return && feed.ret != Return::own) continue;
            const auto from = index.name(feed.from) + " " + landing_sign(plan, feed, {true, is_return});
            const auto to = index.name(feed.to) + " " + landing_sign(plan, feed, {false, is_return});
            Reading r;
            r.of = ReadingOf::lead;
            r.key = "beep/" + feed.id + (is_return ? "/return" : "/supply");
            r.title = say("{from} to {to}", from, to);
            r.state = is_return ? "" : seen_through(catalogue, feed);
            r.red = to, r.black = from;
            r.unit = ReadingUnit::ohm;
            r.high = std::ceil(((is_return ? back : supply) + lead_ohm) * 1.2 * 10) / 10;
            r.about = feed.id;
            r.why.title = say("End to end");
            r.why.add(say("The lead is {back}; a cheap meter's own leads add up to {lead_ohm}.",
                          format(Ohm(is_return ? back : supply)), format(Ohm(lead_ohm))));
            out.push_back(std::move(r));
        }
        for (const auto& joint : figures.harness.wiring.joints_of(f)) foreign_return(plan, index, joint, out);
    }
}

void thermal_contacts(const Plan& plan, const Catalogue& catalogue, std::vector<Reading>& out) {
    for (const auto& feed : plan.feeds())
        for (const auto& d : feed.devices) {
            if (!is_thermal(catalogue, d)) continue;
            const auto& type = *find(catalogue.switches, d.type);
            const bool cut_out = type.opens_above.has_value();
            const auto at = cut_out ? type.opens_above : type.closes_above;
            if (!at) continue;
            for (const bool warm : {false, true}) {
                Reading r;
                r.of = ReadingOf::thermal;
                r.key = "thermal/" + d.id + (warm ? "/warm" : "/cold");
                const auto name = d.name.empty() ? Words(type.name) : Words(d.name);
                r.title = compose("{}: {}", name, warm ? say("warmed") : say("cold"));
                r.state =
                    say("its feed open at one end{warm|, hot air from a hand away until past {at}, slowly|}",
                        warm, format(*at));
                r.red = say("one contact of it"), r.black = say("the other");
                r.unit = ReadingUnit::ohm;
                r.about = feed.id;
                if (cut_out == warm)
                    r.low = open_contact, r.high = std::numeric_limits<double>::infinity();
                else
                    r.high = std::ceil((raw(type.contact) + lead_ohm) * 1.2 * 10) / 10;
                r.why.title = say("The two kinds look alike");
                r.why.add(say("{name} {cut_out|opens|closes} above {at}: {cut_out_2|open|closed} now.", name,
                              cut_out, format(*at), cut_out == warm));
                out.push_back(std::move(r));
            }
        }
}

void igniter_ohms(const Load& load, std::vector<Reading>& out) {
    if (!load.igniter) return;
    constexpr double spread = 0.3;  // of what is printed on one, typical
    const double ohm = raw(load.typical) > 0 ? raw(load.nominal) / raw(load.typical) : 0;
    if (ohm <= 0) return;
    Reading r;
    r.of = ReadingOf::igniter;
    r.key = "igniter/" + load.id;
    r.title = say("{load} alone", load.name);
    r.state = say("unplugged, away from everything; on the meter's ohms, no other range");
    r.red = say("one of its leads"), r.black = say("the other");
    r.unit = ReadingUnit::ohm;
    r.low = ohm * (1 - spread), r.high = ohm * (1 + spread) + lead_ohm;
    r.about = load.id;
    r.why.title = say("Expected window");
    r.why.add(compose("{} / {} = {}", format(load.nominal), format(load.typical), format(Ohm(ohm))));
    r.why.add(say("Give or take {spread} of what is printed; a cheap meter's own leads add up to {lead_ohm}.",
                  format_percent(spread), format(Ohm(lead_ohm))));
    r.why.caution =
        say("On its ohms range a meter sends some mA through it: know that current and the igniter's no-fire "
            "current.");
    out.push_back(std::move(r));
}

}  // namespace sangre
