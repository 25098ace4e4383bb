#include "rules/mends.h"

#include <algorithm>
#include <cmath>

#include "base/units/format.h"
#include "base/words/say.h"
#include "electrical/protection/fuse_kinds.h"
#include "plan/edits.h"
#include "wiring/item/item_joint.h"

namespace sangre {
namespace {

bool same_matter(const Finding& a, const Finding& b) {
    return a.rule == b.rule && (a.about.empty() || b.about.empty() ? a.about.empty() == b.about.empty()
                                                                   : a.about.front() == b.about.front());
}

bool brings_worse(const Study& before, const Study& after, Severity mended) {
    for (const auto& f : after.findings) {
        if (f.severity == Severity::note) continue;
        const bool known = std::any_of(before.findings.begin(), before.findings.end(), [&](const auto& b) {
            return same_matter(b, f) && b.severity >= f.severity;
        });
        if (!known) return true;
    }
    for (const auto severity : {Severity::danger, Severity::caution})
        if (count(after.findings, severity) > count(before.findings, severity) && severity >= mended)
            return true;
    return mended == Severity::note && after.findings.size() >= before.findings.size();
}

/// What a builder would feel of it.
Words cost_of(const Study& before, const Study& after, bool same_packs) {
    constexpr double felt = 0.01;
    Words cost;
    const auto add = [&](const Words& words) { cost += (cost.empty() ? "" : ", ") + words; };
    const auto signed_words = [](double change, const Words& size) {
        return (change < 0 ? "−" : "+") + size;
    };
    const double grams = raw(after.mass) - raw(before.mass);
    if (std::abs(grams) > std::max(5.0, felt * raw(before.mass)))
        add(signed_words(grams, format(Gram(std::abs(grams)))));
    const double seconds = raw(after.mission.run_time) - raw(before.mission.run_time);
    if (!before.mission.run_time_capped && !after.mission.run_time_capped &&
        std::abs(seconds) > std::max(60.0, felt * raw(before.mission.run_time)))
        add(say("{signed_words} of run time", signed_words(seconds, format(Second(std::abs(seconds))))));
    const double money = after.cost - before.cost;
    // What packs cost is not in it.
    if (same_packs && std::abs(money) >= 1)
        add(say("cost {signed_words}", signed_words(money, format_number(std::abs(money)))));
    return cost;
}

}  // namespace

std::vector<Mend> tried_mends(const Plan& plan, const Catalogue& catalogue, const Study& before,
                              const Finding& finding, size_t most) {
    std::vector<Mend> mends;
    for (const auto& fix : finding.fixes) {
        if (mends.size() >= most) break;
        auto next = fix.edit(plan);
        if (next == plan) continue;
        if (std::any_of(mends.begin(), mends.end(), [&](const auto& m) { return m.plan == next; })) continue;
        const auto after = study(next, catalogue, before.conditions, before);
        const bool left = std::any_of(after.findings.begin(), after.findings.end(),
                                      [&](const auto& f) { return same_matter(f, finding); });
        if (left || brings_worse(before, after, finding.severity)) continue;
        mends.push_back({fix.label, cost_of(before, after, next.sources == plan.sources), std::move(next)});
    }
    return mends;
}

namespace {

/// What a lead's items were, put back into what a proposal chose for it.
struct Swap {
    Id device, type;
    Ampere rating{};
};

std::vector<Swap> swaps(const Plan& old, const Plan& made, const Study& judged) {
    std::vector<Swap> all;
    for (size_t f = 0; f < made.feeds().size(); ++f) {
        const auto* before = by_id(old.feeds(), made.feeds()[f].id);
        if (!before) continue;
        for (const auto& d : made.feeds()[f].devices) {
            const auto* was = by_id(before->devices, d.id);
            if (!was || was->kind != d.kind || was->holder != d.holder ||
                (was->type == d.type && was->rating == d.rating))
                continue;
            const auto& x = judged.worst.feeds[f];
            if (d.kind == DeviceKind::fuse &&
                was->rating > std::max({x.peak, x.continuous, Ampere(1)}) * fuse_over_draw)
                continue;
            all.push_back({d.id, was->type, was->rating});
        }
    }
    return all;
}

/// What is there is used first, and not replaced for price alone: each item that the plan had is put back
/// where nothing worse comes of it.
Plan with_items_there(Plan made, const Plan& old, const Catalogue& catalogue) {
    if (old.feeds().empty()) return made;
    auto judged = study(made, catalogue, usual_conditions(made));
    const auto put = [&](const std::vector<Swap>& some) {
        auto next = made;
        for (const auto& s : some)
            next = with_device(std::move(next), s.device,
                               [&](Device& d) { d.type = s.type, d.rating = s.rating; });
        next = fit_item_joints(std::move(next), catalogue);
        auto after = study(next, catalogue, judged.conditions, judged);
        if (brings_worse(judged, after, Severity::caution)) return false;
        made = std::move(next), judged = std::move(after);
        return true;
    };
    const auto all = swaps(old, made, judged);
    if (all.empty() || put(all)) return made;
    for (const auto& one : all) put({one});
    return made;
}

}  // namespace

tl::expected<Proposal, Refusals> propose_and_mend(const Plan& plan, const Catalogue& catalogue) {
    constexpr int most = 12;
    auto proposal = propose(plan, catalogue);
    if (proposal) proposal->plan = with_items_there(std::move(proposal->plan), plan, catalogue);
    for (int round = 0; proposal && round < most; ++round) {
        const auto judged = study(proposal->plan, catalogue, usual_conditions(proposal->plan));
        bool mended = false;
        for (const auto& f : judged.findings) {
            if (f.severity == Severity::note) break;
            auto mends = tried_mends(proposal->plan, catalogue, judged, f, 1);
            if (mends.empty()) continue;
            proposal->why.add(
                say("Found in it and mended: {sentence} {label}.", f.sentence, mends.front().label));
            proposal->plan = std::move(mends.front().plan);
            mended = true;
            break;
        }
        if (!mended) break;
    }
    return proposal;
}

}  // namespace sangre
