#include "plan/edits.h"

#include <algorithm>

#include "base/words/say.h"
#include "plan/lead_edits.h"
#include "plan/list_edits.h"

namespace sangre {
Plan put_load(Plan plan, Load load) {
    if (load.id.empty()) load.id = fresh_id(plan, "load", load.name);
    put(plan.loads, std::move(load));
    return plan;
}

void run_with_the_others(Plan& plan, const Id& load) {
    const auto others = static_cast<size_t>(
        std::count_if(plan.loads.begin(), plan.loads.end(), [&](const auto& l) { return l.id != load; }));
    std::vector<size_t> running(plan.phases.size());
    size_t most = 0;
    for (size_t i = 0; i < running.size(); ++i) {
        const auto& phase = plan.phases[i];
        if (phase.charging) continue;
        running[i] =
            static_cast<size_t>(std::count_if(plan.loads.begin(), plan.loads.end(), [&](const auto& l) {
                const auto state = state_in(phase, l);
                return l.id != load && (state == LoadState::typical || state == LoadState::peak);
            }));
        most = std::max(most, running[i]);
    }
    const size_t enough = std::min(most, (others + 1) / 2);
    for (size_t i = 0; i < running.size(); ++i)
        if (!plan.phases[i].charging && running[i] >= enough)
            plan.phases[i].states[load] = LoadState::typical;
}

Plan add_load(Plan plan, Load load) {
    load.id = fresh_id(plan, "load", load.name);
    plan.loads.push_back(std::move(load));
    run_with_the_others(plan, Id(plan.loads.back().id));
    return plan;
}

Plan add_phase(Plan plan) {
    Phase phase;
    phase.name = "Phase " + std::to_string(plan.phases.size() + 1);
    phase.duration = Second(1800);
    for (const auto& l : plan.loads) phase.states[l.id] = LoadState::typical;
    return put_phase(std::move(plan), std::move(phase));
}

Plan move_load(Plan plan, const Id& load, size_t index) {
    const auto from =
        std::find_if(plan.loads.begin(), plan.loads.end(), [&](const auto& l) { return l.id == load; });
    if (from == plan.loads.end()) return plan;
    auto moved = *from;
    plan.loads.erase(from);
    plan.loads.insert(plan.loads.begin() + static_cast<std::ptrdiff_t>(std::min(index, plan.loads.size())),
                      std::move(moved));
    return plan;
}

Plan put_source(Plan plan, Source source) {
    put(plan.sources, std::move(source));
    return plan;
}

Plan set_converter_voltage(Plan plan, const Id& converter, Volt set) {
    change(plan.converters, converter, [&](auto& c) { c.set = set; });
    return plan;
}

Plan set_converter_type(Plan plan, const Id& converter, const Id& type) {
    change(plan.converters, converter, [&](auto& c) { c.type = type; });
    return plan;
}

Plan set_fuse(Plan plan, const Id& feed, const Id& family, Ampere rating) {
    change(plan.leads, feed, [&](auto& f) {
        for (auto& d : f.devices)
            if (d.kind == DeviceKind::fuse) {
                d.type = family;
                d.rating = rating;
                return;
            }
        f.devices.insert(f.devices.begin(), Device{f.id + "-fuse", DeviceKind::fuse, family, rating, {}, {}});
    });
    return plan;
}

Plan add_switch(Plan plan, const Id& feed, const Id& type, const std::string& name) {
    change(plan.leads, feed, [&](auto& f) {
        f.devices.push_back(Device{f.id + "-switch", DeviceKind::power_switch, type, Ampere(0), name, {}});
    });
    return plan;
}

Plan add_device(Plan plan, const Id& feed, DeviceKind kind, const Id& type, const std::string& name) {
    auto* f = by_id(plan.feeds(), feed);
    if (!f) return plan;
    Id id = feed + "-" + type;
    for (int n = 2; by_id(f->devices, id); ++n) id = feed + "-" + type + "-" + std::to_string(n);
    f->devices.push_back({id, kind, type, Ampere(0), name, {}});
    return plan;
}

Plan remove_device(Plan plan, const Id& device) {
    for (auto& f : plan.feeds()) std::erase_if(f.devices, [&](const auto& d) { return d.id == device; });
    return plan;
}

Plan with_device(Plan plan, const Id& device, const std::function<void(Device&)>& change) {
    for (auto& feed : plan.feeds())
        if (auto* d = by_id(feed.devices, device)) change(*d);
    return plan;
}

Plan set_device_type(Plan plan, const Id& device, const Id& type) {
    for (auto& f : plan.feeds()) change(f.devices, device, [&](auto& d) { d.type = type; });
    return plan;
}

Plan set_wire(Plan plan, const Id& feed, const Id& wire) {
    change(plan.leads, feed, [&](auto& f) { f.wire = wire; });
    return plan;
}

Plan set_length(Plan plan, const Id& feed, std::optional<Metre> length) {
    change(plan.leads, feed, [&](auto& f) { f.length = length; });
    return plan;
}

Plan set_return(Plan plan, const Id& feed, Return ret) {
    change(plan.leads, feed, [&](auto& f) {
        f.ret = ret;
        if (ret != Return::shared) f.shared_with.clear();
    });
    return plan;
}

Plan set_joint(Plan plan, const Id& feed, bool at_source, const Id& kind) {
    change(plan.leads, feed, [&](auto& f) { (at_source ? f.joint_from : f.joint_to) = kind; });
    return plan;
}

tl::expected<Plan, std::string> reroute_feed(Plan plan, const Id& feed, const Id& new_source) {
    auto* moved = by_id(plan.feeds(), feed);
    if (!moved) return plan;
    const auto source = find_part(plan, new_source);
    if (source.kind == PartKind::none || source.kind == PartKind::load)
        return tl::unexpected(say("{source} has no outlet to feed {part} from.", name_of(plan, new_source),
                                  name_of(plan, moved->to)));
    Id at = new_source;
    for (size_t hops = 0; hops <= plan.feeds().size(); ++hops) {
        if (at == moved->to)
            return tl::unexpected(say("{source} is itself fed by {part}; that would be a loop.",
                                      name_of(plan, new_source), name_of(plan, moved->to)));
        const auto into = feeds_into(plan, at);
        if (into.empty()) break;
        at = plan.feeds()[into.front()].from;
    }
    moved->from = new_source;
    return plan;
}

Plan put_cable(Plan plan, Lead cable) {
    if (cable.id.empty()) cable.id = fresh_id(plan, "cable", cable.name);
    if (auto* now = by_id(plan.leads, cable.id)) {
        cable.carries = now->carries;
        *now = std::move(cable);
    } else
        plan.add_signal_lead(std::move(cable));
    return settle_leads(std::move(plan));
}

Plan set_phase_duration(Plan plan, const Id& phase, Second duration) {
    change(plan.phases, phase, [&](auto& p) { p.duration = std::max(duration, Second(0)); });
    return plan;
}

Plan set_state(Plan plan, const Id& phase, const Id& load, LoadState state) {
    change(plan.phases, phase, [&](auto& p) {
        p.shares.erase(load);
        if (state == LoadState::off)
            p.states.erase(load);
        else
            p.states[load] = state;
    });
    return plan;
}

Plan set_share(Plan plan, const Id& phase, const Id& load, double share) {
    const double held = std::clamp(share, 0.0, 1.0);
    plan = set_state(std::move(plan), phase, load, held > 0 ? LoadState::typical : LoadState::off);
    if (held > 0 && held < 1) change(plan.phases, phase, [&](auto& p) { p.shares[load] = held; });
    return plan;
}

Plan put_phase(Plan plan, Phase phase) {
    if (phase.id.empty()) phase.id = fresh_id(plan, "phase", phase.name);
    put(plan.phases, std::move(phase));
    return plan;
}

Plan set_repeats(Plan plan, int times_a_day) {
    plan.repeats_per_day = std::clamp(times_a_day, 1, 1000);
    return plan;
}

Plan put_passive(Plan plan, Passive passive) {
    if (passive.id.empty()) passive.id = fresh_id(plan, "part", passive.name);
    put(plan.passives, std::move(passive));
    return plan;
}

Plan put_own_step(Plan plan, OwnStep step) {
    put(plan.own_steps, std::move(step));
    return plan;
}

Plan put_at_hand(Plan plan, AtHand hand) {
    put(plan.at_hand, std::move(hand));
    return plan;
}

Plan set_evening(Plan plan, const std::string& date, double minutes) {
    plan.evenings[date] = minutes;
    return plan;
}

Plan set_in_tube(Plan plan, const Id& converter, bool in_tube) {
    change(plan.converters, converter, [&](auto& c) { c.in_tube = in_tube; });
    return plan;
}

Plan set_practices(Plan plan, Practices practices) {
    plan.practices = std::move(practices);
    return plan;
}

Plan set_flies(Plan plan, bool flies) {
    plan.flies = flies;
    return plan;
}

Plan mark_step(Plan plan, const std::string& key, const std::string& title, bool done,
               const std::string& when) {
    if (done)
        plan.done[key] = when;
    else
        plan.done.erase(key);
    plan.log.push_back({when, "step", key, (done ? "Done: " : "Not done after all: ") + title});
    return plan;
}

Plan record_reading(Plan plan, const std::string& key, Measured value, const std::string& log_text) {
    plan.log.push_back({value.when, "reading", key, log_text});
    plan.measured[key] = std::move(value);
    return plan;
}

Plan add_note(Plan plan, const std::string& about, const std::string& text, const std::string& when) {
    plan.log.push_back({when, "note", about, text});
    return plan;
}

}  // namespace sangre
