#include "wiring/conductors/wiring.h"

#include "base/words/say.h"
#include "wiring/item/sign.h"

#include <fmt/format.h>

#include <algorithm>

namespace sangre {
namespace {

constexpr double no_frame_ohm = 1e7;  // a "frame return" in plastic, wood or carbon conducts nothing

/// Terminals of the parts: where those of each kind begin, and which of them is which.
class PartTerminals {
  public:
    PartTerminals(const Plan& plan, const PlanIndex& index, Wiring& wiring) : index_(index) {
        auto& all = wiring.terminals;
        const auto add = [&](PartKind kind, size_t count, std::initializer_list<Pole> poles) {
            begin_[static_cast<size_t>(kind)] = static_cast<int>(all.size());
            for (size_t i = 0; i < count; ++i)
                for (const auto pole : poles) all.push_back({{kind, i}, pole});
        };
        // What every voltage is measured against is the first: the first pack's minus.
        add(PartKind::source, plan.sources.size(), {Pole::minus, Pole::plus});
        if (plan.sources.empty()) all.push_back({});
        add(PartKind::hub, plan.hubs.size(), {Pole::plus, Pole::minus});
        add(PartKind::converter, plan.converters.size(), {Pole::plus, Pole::minus, Pole::out});
        add(PartKind::load, plan.loads.size(), {Pole::plus, Pole::minus});
        if (std::any_of(plan.feeds().begin(), plan.feeds().end(),
                        [](const auto& f) { return f.ret == Return::frame; })) {
            wiring.frame = static_cast<int>(all.size());
            all.push_back({{}, Pole::minus});
        }
    }
    /// As a source that feeds others from `out` where it has one.
    int plus(const Id& part, bool as_source) const {
        const auto ref = index_.part(part);
        const int begin = begin_[static_cast<size_t>(ref.kind)], i = static_cast<int>(ref.index);
        switch (ref.kind) {
            case PartKind::source:
                return begin + 2 * i + 1;
            case PartKind::hub:
            case PartKind::load:
                return begin + 2 * i;
            case PartKind::converter:
                return begin + 3 * i + (as_source ? 2 : 0);
            case PartKind::none:
                break;
        }
        return 0;
    }
    bool has(const Id& part) const { return index_.part(part).kind != PartKind::none; }
    int minus(const Id& part) const {
        const auto ref = index_.part(part);
        const int begin = begin_[static_cast<size_t>(ref.kind)], i = static_cast<int>(ref.index);
        switch (ref.kind) {
            case PartKind::source:
                return begin + 2 * i;
            case PartKind::hub:
            case PartKind::load:
                return begin + 2 * i + 1;
            case PartKind::converter:
                return begin + 3 * i + 1;
            case PartKind::none:
                break;
        }
        return 0;
    }

  private:
    const PlanIndex& index_;
    std::array<int, 8> begin_{};
};

/// Adds what one feed is made of.
class FeedMaker {
  public:
    FeedMaker(const Plan& plan, const Catalogue& catalogue, Wiring& wiring, const Lead& feed, Metre length,
              Metre cut)
        : plan_(plan),
          catalogue_(catalogue),
          wiring_(wiring),
          plan_feed_(feed),
          feed_(wiring.leads.size()),
          length_(length),
          cut_(cut) {}

    void make(const PartTerminals* terminals) {
        const auto& f = plan_feed_;
        auto& feed = wiring_.leads.emplace_back();
        feed.cores = wiring_.cores.size(), feed.conductors = wiring_.conductors.size();
        feed.joints = wiring_.joints.size(), feed.items = wiring_.items.size();
        terminals_ = terminals;
        if (terminals) end_at(feed, *terminals);
        place_items(f);
        const LeadWires at = feed;
        lay(WireRole::supply, cores_of_role(f, CoreRole::supply), at.from_plus, at.to_plus);
        if (f.ret == Return::own)
            lay(WireRole::back, cores_of_role(f, CoreRole::ground), at.from_minus, at.to_minus);
        else
            return_elsewhere(at);
        lay_rest(false);
    }

    /// A lead that carries signals only.
    void make_signals() {
        auto& lead = wiring_.leads.emplace_back();
        lead.cores = wiring_.cores.size(), lead.conductors = wiring_.conductors.size();
        lead.joints = wiring_.joints.size(), lead.items = wiring_.items.size();
        place_items(plan_feed_);
        lay_rest(true);
    }

  private:
    void return_elsewhere(const LeadWires& at) {
        const auto& f = plan_feed_;
        const bool frame = f.ret == Return::frame;
        const double ohm = frame && !on_metal(plan_, f.to) ? no_frame_ohm : frame_bond_ohm;
        wiring_.joints.push_back({feed_, WireRole::back, frame ? JointAt::frame : JointAt::other_return,
                                  nullptr, Ohm(ohm), at.home, -1, -1});
    }

    void end_at(LeadWires& feed, const PartTerminals& terminals) const {
        const auto& f = plan_feed_;
        feed.from_plus = terminals.plus(f.from, true), feed.from_minus = terminals.minus(f.from);
        feed.to_plus = terminals.plus(f.to, false), feed.to_minus = terminals.minus(f.to);
        feed.home = feed.from_minus;
        if (f.ret == Return::frame) feed.home = wiring_.frame;
        if (f.ret == Return::shared)
            if (const auto* other = by_id(plan_.feeds(), f.shared_with))
                feed.home = terminals.minus(other->to);
    }

    /// A coil hangs before its own contact, or on the supply of the part that it was said to hang on.
    void hang_coil(WireItem& item, const Device& device) const {
        const auto& lead = wiring_.leads.back();
        const bool elsewhere = !device.coil_from.empty() && terminals_->has(device.coil_from);
        item.coil_plus = elsewhere ? terminals_->plus(device.coil_from, true) : lead.from_plus;
        item.coil_minus = elsewhere ? terminals_->minus(device.coil_from) : lead.from_minus;
    }

    void place_items(const Lead& f) {
        Metre reached(0);
        for (size_t d = 0; d < f.devices.size(); ++d) {
            const auto& device = f.devices[d];
            WireItem item{feed_, d, device.kind, false, {}, false, {}, device.at.has_value()};
            if (auto values = item_values(catalogue_, device)) item.known = true, item.values = *values;
            if (terminals_ && raw(item.values.coil) > 0) hang_coil(item, device);
            item.blocks = device.kind == DeviceKind::diode && device.reversed;
            // A fuse stands right at its source unless it was said where; what comes after it, somewhere on
            // the way.
            const auto left = static_cast<double>(f.devices.size() - d + 1);
            const Metre somewhere =
                device.kind == DeviceKind::fuse ? reached : reached + (length_ - reached) / left;
            item.at = std::clamp(device.at.value_or(somewhere), reached, std::max(length_, reached));
            reached = item.at;
            wiring_.items.push_back(item);
        }
    }

    /// Cores that carry signals or nothing, each with ends of its own; with `all`, supply and ground too.
    void lay_rest(bool all) {
        const auto* wire = find(catalogue_.wires, plan_feed_.wire);
        const auto* insulation = wire ? find(catalogue_.insulations, wire->insulation) : nullptr;
        for (size_t i = 0; i < plan_feed_.cores.size(); ++i) {
            const auto role = plan_feed_.cores[i].role;
            if (!all && (role == CoreRole::supply || role == CoreRole::ground)) continue;
            const bool used = role != CoreRole::unused;
            const size_t first = wiring_.joints.size(), core = wiring_.cores.size();
            const auto as = !used                      ? WireRole::unused
                            : role == CoreRole::supply ? WireRole::supply
                            : role == CoreRole::ground ? WireRole::back
                                                       : WireRole::signal;
            add_joint(as, JointAt::source, used ? plan_feed_.joint_from : Id(), -1, -1);
            add_joint(as, JointAt::end, used ? plan_feed_.joint_to : Id(), -1, -1);
            for (const size_t j : {first, first + 1}) wiring_.joints[j].of_cable = static_cast<int>(i);
            wiring_.conductors.push_back({core, Metre(0), length_, first, first + 1});
            wiring_.cores.push_back({feed_, as, 1, 1, wire, insulation, length_, cut_,
                                     wiring_.conductors.size() - 1, wiring_.conductors.size(),
                                     static_cast<int>(i)});
        }
    }

    /// The joints of one role, and between them the stretches of each of its wires.
    void lay(WireRole role, const std::vector<size_t>& cores, int from, int to) {
        const auto& f = plan_feed_;
        const size_t first = wiring_.joints.size();
        std::vector<Metre> stops{Metre(0)};
        add_joint(role, JointAt::source, f.joint_from, from, -1);
        for (size_t i = wiring_.leads.back().items; i < wiring_.items.size(); ++i) {
            const auto& item = wiring_.items[i];
            const bool parted = parts_the_wire(item.kind, item.values) &&
                                (role == WireRole::supply || sits_in_both(item.kind));
            if (!parted) continue;
            const auto& device = f.devices[item.device];
            add_joint(role, JointAt::item_in, device.joint_in, -1, static_cast<int>(i));
            add_joint(role, JointAt::item_out, device.joint_out, -1, static_cast<int>(i));
            stops.push_back(item.at);
        }
        add_joint(role, JointAt::end, f.joint_to, to, -1);
        stops.push_back(std::max(length_, stops.back()));
        const int alike = cores.empty() ? std::max(f.conductors, 1) : static_cast<int>(cores.size());
        const auto* wire = find(catalogue_.wires, f.wire);
        const auto* insulation = wire ? find(catalogue_.insulations, wire->insulation) : nullptr;
        for (int n = 1; n <= alike; ++n) {
            const size_t core = wiring_.cores.size(), begin = wiring_.conductors.size();
            for (size_t s = 0; s + 1 < stops.size(); ++s)
                wiring_.conductors.push_back(
                    {core, stops[s], stops[s + 1], first + 2 * s, first + 2 * s + 1});
            wiring_.cores.push_back(
                {feed_, role, n, alike, wire, insulation, length_, cut_, begin, wiring_.conductors.size(),
                 cores.empty() ? -1 : static_cast<int>(cores[static_cast<size_t>(n - 1)])});
        }
    }

    void add_joint(WireRole role, JointAt at, const Id& kind, int terminal, int item) {
        // What an item's own contacts take is its resistance; where the wire is joined to leads or lugs of
        // its own, and at the ends, the joint kind's comes to it.
        const auto* known = kind.empty() ? nullptr : find(catalogue_.joints, kind);
        wiring_.joints.push_back(
            {feed_, role, at, known, known ? known->resistance : Ohm(0), terminal, item, -1});
    }

    const Plan& plan_;
    const Catalogue& catalogue_;
    Wiring& wiring_;
    const Lead& plan_feed_;
    const PartTerminals* terminals_ = nullptr;  ///< null: one feed alone, its terminals left out
    size_t feed_;
    Metre length_, cut_;
};

void close(Wiring& w) {
    auto& end = w.leads.emplace_back();
    end.cores = w.cores.size(), end.conductors = w.conductors.size();
    end.joints = w.joints.size(), end.items = w.items.size();
}

const char* sign(WireRole role) {
    return role == WireRole::supply   ? "+"
           : role == WireRole::back   ? "−"
           : role == WireRole::signal ? "~"
                                      : "unused";
}

/// "+", "−"; of a core of a cable with ends of its own its pin and its place, "3#2".
std::string core_word(const Lead& lead, WireRole role, int of_cable, bool feeds) {
    if (of_cable < 0 || (feeds && (role == WireRole::supply || role == WireRole::back))) return sign(role);
    const auto i = static_cast<size_t>(of_cable);
    return fmt::format("{}{}", lead.cores[i].from_pin, "#" + std::to_string(i + 1));
}

}  // namespace

Wiring wire_up(const Plan& plan, const PlanIndex& index, const Catalogue& catalogue,
               const std::vector<Metre>& lengths, const std::vector<Metre>& cuts) {
    Wiring w;
    const PartTerminals terminals(plan, index, w);
    const size_t n = plan.feeds().size();
    w.feeds = n;
    w.leads.reserve(n + plan.signal_leads().size() + 1), w.cores.reserve(2 * n), w.joints.reserve(6 * n),
        w.conductors.reserve(4 * n);
    for (size_t f = 0; f < n; ++f)
        FeedMaker(plan, catalogue, w, plan.feeds()[f], std::max(lengths[f], Metre(0)),
                  f < cuts.size() ? cuts[f] : Metre(0))
            .make(&terminals);
    for (size_t c = 0; c < plan.signal_leads().size() && n + c < lengths.size(); ++c)
        FeedMaker(plan, catalogue, w, plan.signal_leads()[c], std::max(lengths[n + c], Metre(0)),
                  n + c < cuts.size() ? cuts[n + c] : Metre(0))
            .make_signals();
    close(w);
    return w;
}

Wiring wire_up_feed(const Plan& plan, const Catalogue& catalogue, const Lead& feed, Metre length) {
    Wiring w;
    w.feeds = 1;
    FeedMaker(plan, catalogue, w, feed, std::max(length, Metre(0)), Metre(0)).make(nullptr);
    close(w);
    return w;
}

std::string core_key(const Plan& plan, const WireCore& core) {
    const auto& lead = plan.leads[core.lead];
    auto key = lead.id + "/" + core_word(lead, core.role, core.of_cable, core.lead < plan.feeds().size());
    if (core.number > 1) key += "/" + std::to_string(core.number);
    return key;
}

std::string joint_key(const Plan& plan, const Wiring& wiring, const WireJoint& joint) {
    const auto& lead = plan.leads[joint.lead];
    if (joint.item >= 0) {
        const auto& device = lead.devices[wiring.items[static_cast<size_t>(joint.item)].device];
        return device.id + (joint.at == JointAt::item_in ? "/in" : "/out") +
               (joint.role == WireRole::supply ? "" : "−");
    }
    const char* at = joint.at == JointAt::source  ? "@source"
                     : joint.at == JointAt::end   ? "@end"
                     : joint.at == JointAt::frame ? "@frame"
                                                  : "@shared";
    return lead.id + "/" + core_word(lead, joint.role, joint.of_cable, joint.lead < plan.feeds().size()) + at;
}

Words joint_name(const Plan& plan, const Wiring& wiring, const WireJoint& joint) {
    const auto& feed = plan.leads[joint.lead];
    const auto whole = feed.name.empty() ? say("{part} lead", name_of(plan, feed.to)) : feed.name;
    const auto lead = whole + ", " +
                      (joint.of_cable < 0 ? std::string(sign(joint.role))
                                          : feed.cores[static_cast<size_t>(joint.of_cable)].colour);
    if (joint.item >= 0) {
        const auto kind = wiring.items[static_cast<size_t>(joint.item)].kind;
        return say("{lead}, {before|before|behind} its {item}", lead, joint.at == JointAt::item_in,
                   said(kind_word(kind)));
    }
    if (joint.at == JointAt::frame) return say("{lead}, at the frame", lead);
    if (joint.at == JointAt::other_return) return say("{lead}, at the return it shares", lead);
    return say("{lead}, {unused|cut back at|at} {part}", lead, joint.role == WireRole::unused,
               name_of(plan, joint.at == JointAt::source ? feed.from : feed.to));
}

const std::string& core_colour(const Plan& plan, const WireCore& core) {
    const auto& lead = plan.leads[core.lead];
    if (core.of_cable >= 0) return lead.cores[static_cast<size_t>(core.of_cable)].colour;
    return core.role == WireRole::supply ? lead.supply_colour : lead.return_colour;
}

size_t ends_in(const Wiring& wiring, size_t joint) {
    size_t ends = 0;
    for (const auto& c : wiring.conductors_of(wiring.joints[joint].lead))
        ends += (c.joint_a == joint) + (c.joint_b == joint);
    return ends;
}

}  // namespace sangre
