#include "comparison/schools.h"

#include <fmt/format.h>

#include <algorithm>

#include "base/words/say.h"
#include "comparison/feeding.h"
#include "proposal/propose.h"

namespace sangre {
namespace {

struct Way {
    Words name, purpose;
    std::function<void(Practices&)> follow;
};

struct Question {
    Words name, about;
    std::vector<Way> ways;
};

template <auto Field, class Value>
auto set(Value value) {
    return [value](Practices& p) { p.*Field = value; };
}

std::vector<Question> questions() {
    using P = Practices;
    return {
        {say("One pack or two"),
         say("Motor noise reaches sensitive loads through a shared pack; a second pack has to be charged and "
             "watched."),
         {{say("One pack"), say("one thing to charge and to watch"), set<&P::supply>(SupplySchool::one)},
          {say("Two packs"), say("quiet loads share no wire with motors"),
           set<&P::supply>(SupplySchool::two)}}},
        {say("Sized as computed or with margin"),
         say("A supply that is slightly too weak shows as a computer that resets at random; a stronger one "
             "is heavier and costs more."),
         {{say("Tightly"), say("modules and wires as computed"), set<&P::sizing>(SizingSchool::tight)},
          {say("Generously"), say("half as much again: cooler, with room for more"),
           set<&P::sizing>(SizingSchool::generous)}}},
        {say("Where a rail is set"),
         say("Set high, the far end keeps its voltage at full load; set to nominal, nothing is ever above "
             "it."),
         {{say("In the middle"), say("as far from both bounds"), set<&P::set>(SetSchool::middle)},
          {say("High"), say("to make up for the drop in thin wire"), set<&P::set>(SetSchool::high)},
          {say("At nominal"), say("what the nameplate says"), set<&P::set>(SetSchool::nominal)}}},
        {say("Noisy loads"),
         say("A motor on a camera's rail shows in the picture; a converter for each adds cost and mass."),
         {{say("A module of their own"), say("noise stays on its own side"),
           set<&P::noise>(NoiseSchool::own_converter)},
          {say("With the others"), say("fewer modules; a filter may do"),
           set<&P::noise>(NoiseSchool::together)}}},
        {say("One feed for many or each its own"),
         say("A block near the loads saves wire; what fails in its feed takes all of them."),
         {{say("Each its own"), say("one fuse, one load"), set<&P::feeds>(FeedSchool::own)},
          {say("One for those together"), say("less wire, one more block"),
           set<&P::feeds>(FeedSchool::grouped)}}},
    };
}

Id quietest(const Plan& plan) {
    const auto watts = [](const Load& l) { return raw(l.nominal) * raw(l.typical); };
    const auto least = std::min_element(plan.loads.begin(), plan.loads.end(),
                                        [&](const auto& a, const auto& b) { return watts(a) < watts(b); });
    return least == plan.loads.end() ? Id() : least->id;
}

/// Fills in what each way changes against the one that is followed.
void compare(SchoolQuestion& question, const Catalogue& catalogue) {
    const auto followed = std::find_if(question.ways.begin(), question.ways.end(),
                                       [](const auto& w) { return w.followed && w.refusal.empty(); });
    if (followed == question.ways.end()) return;
    const auto now = study(followed->plan, catalogue, {});
    for (auto& way : question.ways) {
        if (!way.refusal.empty()) continue;
        const auto then = way.followed ? now : study(way.plan, catalogue, {});
        way.figures = compare_variants(followed->plan, now, way.plan, then);
        way.told = way.followed ? "" : tell_change(way.figures);
    }
}

SchoolQuestion answered(const Question& asked, const Plan& plan, const Catalogue& catalogue) {
    SchoolQuestion q{asked.name, asked.about, {}};
    for (const auto& way : asked.ways) {
        auto with = plan;
        way.follow(with.practices);
        SchoolWay w{way.name, way.purpose, with.practices == plan.practices, {}, {}, {}, {}};
        if (const auto made = propose(with, catalogue))
            w.plan = made->plan;
        else
            w.refusal = made.error().front().reason;
        q.ways.push_back(std::move(w));
    }
    const auto& second = q.ways.back();
    if (asked.ways.size() == 2 && second.refusal.empty() && q.ways.front().refusal.empty() &&
        second.plan.leads == q.ways.front().plan.leads &&
        second.plan.converters == q.ways.front().plan.converters)
        for (auto& w : q.ways)
            if (!w.followed) w.refusal = say("it makes no difference with these loads");
    compare(q, catalogue);
    return q;
}

SchoolQuestion how_to_feed(const Plan& plan, const Catalogue& catalogue, const Id& load) {
    SchoolQuestion q{
        say("How {part} is fed", name_of(plan, load)),
        say("A small load may share a circuit whose fuse, wire and plug have room; strong ones get a line."),
        {}};
    q.ways.push_back(
        {say("As it is"), say("its own feed from where its voltage is"), true, {}, plan, {}, {}});
    const auto add = [&](const Words& name, const Words& purpose, tl::expected<Plan, Words> next) {
        SchoolWay w{name, purpose, false, {}, {}, {}, {}};
        if (next)
            w.plan = std::move(*next);
        else
            w.refusal = next.error();
        q.ways.push_back(std::move(w));
    };
    add(say("Its own line from the pack"), say("nothing else takes it along"),
        own_line(plan, catalogue, load));
    const auto now = study(plan, catalogue, {});
    const auto circuit = best_circuit_to_tap(plan, catalogue, now, load);
    if (circuit.empty())
        add(say("Tap a circuit"), say("least wire; two fuses, the old one and its own"),
            tl::unexpected(say("no circuit of its voltage has room for it")));
    else
        add(say("Tap the circuit of {part}", name_of(plan, circuit)),
            say("least wire; two fuses, the old one and its own"),
            tap_circuit(plan, catalogue, now, load, circuit));
    compare(q, catalogue);
    return q;
}

}  // namespace

SchoolStudy compare_schools(const Plan& plan, const Catalogue& catalogue, const Id& subject,
                            const std::function<bool(double)>& progress) {
    SchoolStudy study;
    if (plan.loads.empty() || !propose(plan, catalogue)) return study;
    const auto asked = questions();
    const double all = static_cast<double>(asked.size() + 1);
    for (const auto& q : asked) {
        if (!progress(static_cast<double>(study.questions.size()) / all)) return study;
        study.questions.push_back(answered(q, plan, catalogue));
    }
    if (!progress((all - 1) / all)) return study;
    if (!plan.feeds().empty())
        study.questions.push_back(
            how_to_feed(plan, catalogue, by_id(plan.loads, subject) ? subject : quietest(plan)));
    study.complete = true;
    progress(1);
    return study;
}

}  // namespace sangre
