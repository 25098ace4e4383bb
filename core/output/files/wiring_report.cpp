#include "output/files/wiring_report.h"

#include <fmt/format.h>

#include <nlohmann/json.hpp>

#include "base/units/format.h"

namespace sangre {
namespace {

using Json = nlohmann::ordered_json;

const char* word_of(JointAt at) {
    switch (at) {
        case JointAt::source:
            return "source";
        case JointAt::end:
            return "end";
        case JointAt::item_in:
            return "item in";
        case JointAt::item_out:
            return "item out";
        case JointAt::frame:
            return "frame";
        case JointAt::other_return:
            return "another return";
    }
    return "";
}

const char* word_of(Pole pole) { return pole == Pole::plus ? "+" : pole == Pole::minus ? "−" : "out"; }

Json terminal_json(const Plan& plan, const Wiring& wiring, int at) {
    if (at < 0) return nullptr;
    const auto& t = wiring.terminals[static_cast<size_t>(at)];
    if (t.part.kind == PartKind::none) return at == wiring.frame ? "frame" : "reference";
    const auto& id = t.part.kind == PartKind::source      ? plan.sources[t.part.index].id
                     : t.part.kind == PartKind::hub       ? plan.hubs[t.part.index].id
                     : t.part.kind == PartKind::converter ? plan.converters[t.part.index].id
                                                          : plan.loads[t.part.index].id;
    return id + "/" + word_of(t.pole);
}

const char* role_word(WireRole role) {
    return role == WireRole::supply   ? "supply"
           : role == WireRole::back   ? "return"
           : role == WireRole::signal ? "signal"
                                      : "unused";
}

std::string joint_words(const Plan& plan, const Wiring& wiring, const WireJoint& joint) {
    if (joint.item >= 0) return joint_name(plan, wiring, joint);
    const auto made = joint.kind                          ? joint.kind->name.english()
                      : joint.at == JointAt::frame        ? "a bolt on bare metal"
                      : joint.at == JointAt::other_return ? "joined there"
                                                          : "no joint chosen";
    return fmt::format("{}: {}, {}", joint_name(plan, wiring, joint), made, format(joint.ohm));
}

}  // namespace

std::string wiring_words(const Plan& plan, const Catalogue& catalogue, const Harness& harness) {
    const auto& w = harness.wiring;
    std::string all;
    for (size_t f = 0; f < w.lead_count(); ++f) {
        const auto& lead = plan.leads[f];
        all += lead_name(plan, lead) + "\n";
        for (const auto& core : w.cores_of(f))
            all +=
                fmt::format("  {} {} {}, {}, cut {}\n", role_word(core.role), core_colour(plan, core),
                            core.wire ? core.wire->size : "no wire", format(core.length), format(core.cut));
        for (const auto& item : w.items_of(f))
            all += fmt::format("  {}{}\n", item_name(catalogue, lead.devices[item.device]),
                               item.at_said ? " at " + format(item.at) : "");
        for (const auto& joint : w.joints_of(f)) all += "    " + joint_words(plan, w, joint) + "\n";
    }
    return all;
}

std::string wiring_to_json(const Plan& plan, const Catalogue& catalogue, const Harness& harness) {
    const auto& w = harness.wiring;
    Json out{{"format", "sangre-wiring"}, {"version", 2}, {"plan", plan.name}};
    auto& cores = out["cores"] = Json::array();
    const auto key_of = [&](size_t joint) { return joint_key(plan, w, w.joints[joint]); };
    for (const auto& core : w.cores) {
        Json stretches = Json::array();
        for (size_t c = core.conductors_begin; c < core.conductors_end; ++c) {
            const auto& piece = w.conductors[c];
            stretches.push_back({{"from_m", raw(piece.from)},
                                 {"to_m", raw(piece.to)},
                                 {"joints", {key_of(piece.joint_a), key_of(piece.joint_b)}}});
        }
        cores.push_back({{"key", core_key(plan, core)},
                         {"lead", plan.leads[core.lead].id},
                         {"role", role_word(core.role)},
                         {"of", core.alike},
                         {"wire", core.wire ? Json(core.wire->id) : Json()},
                         {"colour", core_colour(plan, core)},
                         {"length_m", raw(core.length)},
                         {"cut_m", raw(core.cut)},
                         {"stretches", std::move(stretches)}});
    }
    auto& joints = out["joints"] = Json::array();
    for (size_t j = 0; j < w.joints.size(); ++j) {
        const auto& joint = w.joints[j];
        joints.push_back({{"key", key_of(j)},
                          {"name", joint_name(plan, w, joint)},
                          {"at", word_of(joint.at)},
                          {"kind", joint.kind ? Json(joint.kind->id) : Json()},
                          {"ohm", raw(joint.ohm)},
                          {"ends", ends_in(w, j)},
                          {"terminal", terminal_json(plan, w, joint.terminal)}});
    }
    auto& items = out["items"] = Json::array();
    for (const auto& item : w.items) {
        const auto& device = plan.leads[item.feed].devices[item.device];
        items.push_back({{"id", device.id},
                         {"name", item_name(catalogue, device)},
                         {"lead", plan.leads[item.feed].id},
                         {"at_m", item.at_said ? Json(raw(item.at)) : Json()},
                         {"supply_ohm", item.known ? Json(raw(item.values.supply)) : Json()},
                         {"return_ohm", item.known ? Json(raw(item.values.back)) : Json()},
                         {"mass_g", item.known ? Json(raw(item.values.mass)) : Json()}});
    }
    auto& terminals = out["terminals"] = Json::array();
    for (int t = 0; t < static_cast<int>(w.terminals.size()); ++t)
        terminals.push_back(terminal_json(plan, w, t));
    return out.dump(1, ' ', false, Json::error_handler_t::replace);
}

}  // namespace sangre
