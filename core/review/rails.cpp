#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <set>

#include "propose/propose.h"
#include "review/review.h"
#include "units/format.h"

namespace sangre {
namespace {

template <class Check>
void each_module(const Context& c, Check check) {
    for (size_t i = 0; i < c.plan.converters.size(); ++i)
        if (const auto* type = find(c.catalogue.converters, c.plan.converters[i].type))
            check(i, c.plan.converters[i], *type);
}

/// A fix that exchanges the module for the cheapest one that serves what this one does.
std::vector<Fix> exchange(const Context& c, size_t i) {
    const auto& k = c.plan.converters[i];
    const auto& x = c.figures.worst.converters[i];
    // The charger's voltage counts even where it was not part of a corner.
    const auto type = choose_converter(c.catalogue, {x.in_lowest, x.in_highest}, k.set, x.continuous, x.peak);
    if (!type || (*type)->id == k.type) return {};
    return {{"Use a " + (*type)->name,
             [id = k.id, to = (*type)->id](const Plan& p) { return set_converter_type(p, id, to); }}};
}

void unknown_module(const Context& c, std::vector<Finding>& out) {
    for (const auto& k : c.plan.converters)
        if (!find(c.catalogue.converters, k.type))
            out.push_back(
                {Severity::danger,
                 {},
                 {k.id},
                 fmt::format("{} names a module “{}” that the catalogue does not hold.", k.name, k.type),
                 {},
                 {}});
}

void loop(const Context& c, std::vector<Finding>& out) {
    for (const auto& k : c.plan.converters) {
        std::set<Id> seen;
        std::vector<Id> todo{k.id};
        while (!todo.empty()) {
            const Id at = todo.back();
            todo.pop_back();
            for (const auto f : c.index().from(at)) {
                const auto& to = c.plan.feeds[f].to;
                if (to == k.id) {
                    out.push_back(
                        {Severity::danger,
                         {},
                         {k.id, c.plan.feeds[f].id},
                         fmt::format("{} is fed from its own output, through {}: a loop has no source.",
                                     k.name, c.index().feed_name(c.plan.feeds[f])),
                         {},
                         {}});
                    todo.clear();
                    break;
                }
                if (seen.insert(to).second) todo.push_back(to);
            }
        }
    }
}

void input_high(const Context& c, std::vector<Finding>& out) {
    each_module(c, [&](size_t i, const Converter& k, const ConverterType& t) {
        const Volt highest = c.figures.worst.converters[i].in_highest;
        const double spare = input_spare(t, highest);
        if (raw(highest) <= 0 || spare >= 0.25) return;
        Finding f{spare < 0.05 ? Severity::danger : Severity::caution,
                  {},
                  {k.id},
                  spare < 0 ? fmt::format("{} is fed up to {} and stands {}.", k.name, format(highest),
                                          format(t.in_max))
                            : fmt::format("{} is fed up to {} of its {}: {} spare, want 25 %.", k.name,
                                          format(highest), format(t.in_max), format_percent(spare)),
                  {},
                  exchange(c, i)};
        f.why.add(fmt::format("({} − {}) ÷ {} = {}", format(t.in_max), format(highest), format(highest),
                              format_percent(spare)));
        f.why.add("Modules die at their nameplate: ringing at plug-in goes above what the meter shows.");
        out.push_back(std::move(f));
    });
}

void drops_out(const Context& c, std::vector<Finding>& out) {
    each_module(c, [&](size_t i, const Converter& k, const ConverterType& t) {
        const auto& x = c.figures.worst.converters[i];
        if (!x.dropout || x.in_lowest - t.dropout >= k.set) return;
        out.push_back({Severity::caution,
                       {},
                       {k.id},
                       fmt::format("{} cannot hold {} on an empty pack: {} in less {} leaves {}.", k.name,
                                   format(k.set), format(x.in_lowest), format(t.dropout),
                                   format(x.in_lowest - t.dropout)),
                       {},
                       exchange(c, i)});
    });
}

void input_low(const Context& c, std::vector<Finding>& out) {
    each_module(c, [&](size_t i, const Converter& k, const ConverterType& t) {
        const auto& x = c.figures.worst.converters[i];
        if (raw(x.in_lowest) <= 0 || x.in_lowest >= t.in_min) return;
        out.push_back({Severity::danger,
                       {},
                       {k.id},
                       fmt::format("{} gets as little as {} and wants {}: it locks out.", k.name,
                                   format(x.in_lowest), format(t.in_min)),
                       {},
                       {}});
    });
}

void over_trusted(const Context& c, std::vector<Finding>& out) {
    each_module(c, [&](size_t i, const Converter& k, const ConverterType& t) {
        const auto& x = c.figures.worst.converters[i];
        const Ampere trusted = t.rated * t.trusted;
        if (x.continuous <= trusted * 1.005 && x.peak <= t.rated * 1.001 && !x.limiting) return;
        const bool beyond = x.continuous > t.rated || x.limiting;
        Finding f{beyond ? Severity::danger : Severity::caution,
                  {},
                  {k.id},
                  fmt::format("{} gives {} (peak {}); printed {}, trusted with {}.", k.name,
                              format(x.continuous), format(x.peak), format(t.rated), format(trusted)),
                  {},
                  exchange(c, i)};
        f.why.add(fmt::format("{} × {} = {}", format(t.rated), format_percent(t.trusted), format(trusted)));
        f.why.add("Small modules seldom carry their printed current for long.");
        out.push_back(std::move(f));
    });
}

void set_outside(const Context& c, std::vector<Finding>& out) {
    each_module(c, [&](size_t i, const Converter& k, const ConverterType&) {
        const auto& w = c.figures.windows[i];
        if (c.index().from(k.id).empty()) return;
        if (w.empty()) {
            out.push_back(
                {Severity::danger,
                 {},
                 {k.id},
                 fmt::format("{} has no voltage that suits all: {} wants at least {}, {} at most {}.", k.name,
                             c.index().name(w.low_by), format(w.low), c.index().name(w.high_by),
                             format(w.high)),
                 w.why,
                 {}});
            return;
        }
        if (k.set >= w.low - Volt(0.001) && k.set <= w.high + Volt(0.001)) return;
        const bool high = k.set > w.high;
        out.push_back({Severity::danger,
                       {},
                       {k.id},
                       fmt::format("{} is set to {}, {} than {} {}: window {} – {}.", k.name, format(k.set),
                                   high ? "more" : "less", c.index().name(high ? w.high_by : w.low_by),
                                   high ? "stands" : "needs", format(w.low), format(w.high)),
                       w.why,
                       {{"Set " + format(w.proposed), [id = k.id, v = w.proposed](const Plan& p) {
                             return set_converter_voltage(p, id, v);
                         }}}});
    });
}

void noise(const Context& c, std::vector<Finding>& out) {
    for (const auto& k : c.plan.converters) {
        const Load *loud = nullptr, *quiet = nullptr;
        for (const auto f : c.index().from(k.id)) {
            const auto ref = c.index().part(c.plan.feeds[f].to);
            if (ref.kind != PartKind::load) continue;
            const auto& l = c.plan.loads[ref.index];
            if (l.noisy && !loud) loud = &l;
            if (l.sensitive && !quiet) quiet = &l;
        }
        if (!loud || !quiet) continue;
        Finding f{Severity::caution,
                  {},
                  {k.id, loud->id, quiet->id},
                  fmt::format("{} shares {} with {}, which is sensitive.", loud->name, k.name, quiet->name),
                  {},
                  {}};
        f.why.add("Motors and pumps put their brush noise on everything they share a supply with.");
        f.why.schools = {
            {"Own module for the noisy one", "", "clean; one more part", false, {}},
            {"A filter in front of the sensitive one", "", "lighter; tunes out one band", false, {}},
            {"Ferrite beads on both leads", "", "cost nothing; help above a few MHz", false, {}}};
        f.fixes.push_back({"Give it a module of its own", [catalogue = &c.catalogue](const Plan& p) {
                               auto apart = p;
                               apart.practices.noise = NoiseSchool::own_converter;
                               const auto proposal = propose(apart, *catalogue);
                               return proposal ? proposal->plan : p;
                           }});
        out.push_back(std::move(f));
    }
}

}  // namespace

const std::vector<Rule> rules_of::rails{
    {"rail-unknown-module", "Every module is in the catalogue", unknown_module},
    {"rail-loop", "No module feeds itself", loop},
    {"rail-input-spare", "A module's input has 25 % spare above the full pack", input_high},
    {"rail-input-low", "A module's input stays above its least voltage", input_low},
    {"rail-dropout", "A module holds its output on an empty pack", drops_out},
    {"rail-over-trusted", "A module is not asked for more than it is trusted with", over_trusted},
    {"rail-set-voltage", "A rail is set inside the window its loads leave", set_outside},
    {"rail-noise", "Noisy and sensitive loads do not share a rail", noise},
};

}  // namespace sangre
