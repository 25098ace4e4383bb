#pragma once
// Proving, as one thing that goes from the last joint to the lid: its steps are made in the order of the
// work.
#include <algorithm>

#include "base/units/format.h"
#include "base/words/say.h"
#include "electrical/protection/fuse_order.h"
#include "making/steps/igniter_steps.h"
#include "making/steps/steps.h"

namespace sangre {

/// Something in it turns, grips or drives off once it has power.
bool turns(const Plan& plan);

struct Prover {
    const Plan& plan;
    const Catalogue& catalogue;
    const Figures& figures;
    const PlanIndex& index;
    std::vector<FuseFitting> fuses;
    std::vector<Step> steps;
    IgniterSteps igniters{};

    Step& add(std::string key, StepKind kind, Words title, Words subtitle = {}) {
        return add_step(steps, std::move(key), kind, std::move(title), std::move(subtitle));
    }
    /// "Fit Hub → Fog pump: 7.5 A", one for each fuse whose turn it is.
    std::vector<Words> fittings_of(size_t feed) const {
        std::vector<Words> all;
        for (const auto& d : plan.feeds()[feed].devices)
            if (d.kind == DeviceKind::fuse && fitted_last(catalogue, d))
                all.push_back(
                    say("Fit {lead}: {rating}", index.feed_name(plan.feeds()[feed]), format(d.rating)));
        return all;
    }
    std::vector<Words> fittings(FuseTurn turn, size_t converter = 0) const;

    void dead(const std::vector<std::string>& joints);
    /// What stands in for the source at first, so that a mistake costs nothing.
    Words test_supply() const;
    /// No larger than the fuse that it stands for.
    Ampere test_fuse() const {
        Ampere amps(2);
        for (size_t f = 0; f < plan.feeds().size(); ++f)
            if (const auto* fuse = device(plan.feeds()[f], DeviceKind::fuse);
                fuse && index.source_of(f).kind == PartKind::source && raw(fuse->rating) > 0)
                amps = std::min(amps, fuse->rating);
        return amps;
    }
    /// What a hand moves or pulls on any way.
    bool switched() const {
        return std::any_of(plan.feeds().begin(), plan.feeds().end(),
                           [&](const auto& f) { return hand_switch(catalogue, f) != nullptr; });
    }
    /// A fuse that is still out while all is measured dead.
    bool fused() const {
        return std::any_of(plan.feeds().begin(), plan.feeds().end(),
                           [&](const auto& f) { return fitted_fuse(catalogue, f) != nullptr; });
    }
    std::string ready_for_power();
    std::vector<std::string> rails();
    void direct(const std::vector<std::string>& after);
    /// The step that looks again at what alone stops a vital load; false where nothing is to be looked at.
    bool second_look();
    void close();
};

}  // namespace sangre
