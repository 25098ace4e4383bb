// The builder's own steps stand where they were put.
#include "making/steps/own_steps.h"

#include <algorithm>

#include "base/units/number.h"
#include "base/units/words.h"
#include "base/words/say.h"
#include "rules/review/review.h"

namespace sangre {
namespace {

/// The step whose title is written most like that.
const Step* nearest_step(const std::vector<Step>& steps, const std::string& name) {
    const auto wanted = lower(name);
    const Step* best = nullptr;
    size_t least = 0;
    for (const auto& s : steps) {
        const auto far = letters_apart(wanted, lower(s.title.english()));
        if (!best || far < least) best = &s, least = far;
    }
    return best;
}

/// A word for a step that is none would count as met without a word.
void unknown_steps(const Context& c, std::vector<Finding>& out) {
    if (std::all_of(c.plan.own_steps.begin(), c.plan.own_steps.end(),
                    [](const auto& s) { return s.after.empty() && s.before.empty(); }))
        return;
    const auto steps = build_steps(c.plan, c.catalogue, c.figures);
    const StepNames names(c.plan, steps);
    for (const auto& own : c.plan.own_steps)
        for (const bool after : {true, false})
            for (const auto& name : after ? own.after : own.before) {
                if (names.key(name)) continue;
                Finding f{Severity::caution,
                          {},
                          {own.id},
                          after ? say("“{title}” is to come after “{name}”, and there is no such step.",
                                      own.title, name)
                                : say("“{title}” is to come before “{name}”, and there is no such step.",
                                      own.title, name),
                          {},
                          {}};
                f.why.add(say("It counts as met, wherever the step stands."));
                if (const auto* near = nearest_step(steps, name)) {
                    f.why.add(say("The nearest is “{title}”.", near->title));
                    f.fixes.push_back({say("“{title}” is meant", near->title),
                                       [id = own.id, name, after, key = near->key](const Plan& p) {
                                           auto next = p;
                                           if (auto* s = by_id(next.own_steps, id))
                                               for (auto& one : after ? s->after : s->before)
                                                   if (one == name) one = key;
                                           return next;
                                       }});
                }
                out.push_back(std::move(f));
            }
}

}  // namespace

const std::vector<Rule> rules_of::own_steps{
    {"own-step-unknown", to_say("Own steps refer to steps that exist"), unknown_steps},
};

}  // namespace sangre
