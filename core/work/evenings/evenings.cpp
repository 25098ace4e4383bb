#include "evenings/evenings.h"

#include <fmt/format.h>

#include <algorithm>
#include <chrono>
#include <cmath>
#include <map>
#include <set>

#include "words/say.h"

namespace sangre {
namespace {

using std::chrono::sys_days;
using std::chrono::year_month_day;

constexpr size_t most_evenings = 400;
constexpr double overnight_minutes = 120;  // a longer wait is not sat through
constexpr double trust = 2;                // steps that the estimate counts for

std::optional<sys_days> day_of(const std::string& text) {
    if (text.size() != 10 || text[4] != '-' || text[7] != '-') return {};
    for (const size_t i : {0, 1, 2, 3, 5, 6, 8, 9})
        if (text[i] < '0' || text[i] > '9') return {};
    const year_month_day day{std::chrono::year(std::stoi(text.substr(0, 4))),
                             std::chrono::month(static_cast<unsigned>(std::stoi(text.substr(5, 2)))),
                             std::chrono::day(static_cast<unsigned>(std::stoi(text.substr(8, 2))))};
    if (!day.ok()) return {};
    return sys_days(day);
}

std::string text_of(sys_days day) {
    const year_month_day d(day);
    return fmt::format("{:04}-{:02}-{:02}", static_cast<int>(d.year()), static_cast<unsigned>(d.month()),
                       static_cast<unsigned>(d.day()));
}

/// What is done in one go: all of a lead, or a step alone.
std::string unit_of(const Plan& plan, const Step& step) {
    switch (step.kind) {
        case StepKind::hold:
        case StepKind::close_up:
        case StepKind::last_fuse:
        case StepKind::own:
        case StepKind::undo:
            return step.key;
        default:
            return find_lead(plan, step.about) ? step.about : step.key;
    }
}

struct Calendar {
    const Plan& plan;
    const std::vector<Step>& steps;
    std::map<std::string, size_t> at{};
    std::vector<char> done{};
    std::vector<double> minutes{};
    std::map<std::string, std::vector<size_t>> units{};
    std::vector<std::string> unit_order{};
    std::vector<int> free_from{};  ///< evening that a step may be done in at the earliest, by waits overnight

    Calendar(const Plan& p, const std::vector<Step>& all) : plan(p), steps(all) {
        std::map<Work, double> factors;
        for (size_t i = 0; i < steps.size(); ++i) {
            at[steps[i].key] = i;
            done.push_back(is_done(plan, steps[i]));
            const auto work = work_of(steps[i]);
            if (!factors.contains(work)) factors[work] = learned_factor(plan, steps, work);
            minutes.push_back(steps[i].minutes * factors[work]);
            const auto unit = unit_of(plan, steps[i]);
            if (!units.contains(unit)) unit_order.push_back(unit);
            units[unit].push_back(i);
        }
        free_from.assign(steps.size(), 0);
    }
    bool ready(size_t i, const std::set<size_t>& with, int evening) const {
        if (free_from[i] > evening) return false;
        for (const auto& key : steps[i].after)
            if (const auto before = at.find(key);
                before != at.end() && before->second != i && !done[before->second]) {
                if (!with.contains(before->second)) return false;
                // What has to set overnight is not gone on with in the same evening.
                if (steps[before->second].wait_minutes >= overnight_minutes) return false;
            }
        return true;
    }
    /// The steps of an evening in the order of fewest changes, and how long they take.
    struct Timed {
        std::vector<size_t> order;
        double used = 0;
        size_t changes = 0;
    };
    Timed timed(const std::set<size_t>& chosen) const {
        std::vector<Step> part;
        const std::vector<size_t> index(chosen.begin(), chosen.end());
        for (const auto i : index) part.push_back(steps[i]);
        const auto found = least_changes(part, plan.rather, 200);
        Timed t;
        t.changes = found.changes;
        double clock = static_cast<double>(found.changes) * change_minutes;
        std::map<std::string, double> set_at;
        for (const auto k : found.order) {
            const auto i = index[k];
            double begin = clock;
            for (const auto& key : steps[i].after)
                if (const auto s = set_at.find(key); s != set_at.end()) begin = std::max(begin, s->second);
            clock = begin + minutes[i];
            set_at[steps[i].key] = clock + steps[i].wait_minutes;
            t.order.push_back(i);
        }
        t.used = clock;
        return t;
    }
    /// As many whole units as fit.
    EveningPlan fill(const std::string& date, double there, int evening) {
        EveningPlan e;
        e.date = date, e.there = there;
        std::set<size_t> chosen;
        Timed now;
        bool more = there > 0;
        while (more) {
            more = false;
            for (const auto& unit : unit_order) {
                auto with = chosen;
                // All of it that may be done, once what it waits for is in.
                bool any = false, whole = true;
                for (bool grew = true; grew;) {
                    grew = false;
                    for (const auto i : units.at(unit))
                        if (!done[i] && !with.contains(i) && ready(i, with, evening))
                            with.insert(i), grew = any = true;
                }
                for (const auto i : units.at(unit)) whole = whole && (done[i] || with.contains(i));
                if (!any || (!whole && find_lead(plan, unit) && leaves_bare(unit, with))) continue;
                auto t = timed(with);
                if (t.used > there) continue;
                chosen = std::move(with), now = std::move(t), more = true;
            }
        }
        if (chosen.empty() && there > 0) begin_one(chosen, now, there, evening);
        e.steps = now.order, e.used = now.used, e.changes = now.changes;
        for (const auto i : e.steps) {
            e.iron = e.iron || work_of(steps[i]) == Work::iron;
            if (steps[i].wait_minutes >= overnight_minutes)
                e.overnight.push_back({steps[i].key, steps[i].wait_minutes});
        }
        return e;
    }
    bool leaves_bare(const Id& unit, const std::set<size_t>& with) const {
        std::vector<size_t> also;
        for (size_t i = 0; i < steps.size(); ++i)
            if (done[i] || with.contains(i)) also.push_back(i);
        const auto bare = bare_ends(plan, steps, also);
        return std::any_of(bare.begin(), bare.end(), [&](const auto& b) { return b.lead == unit; });
    }
    /// Nothing whole fits: the first that may be done, as far as the evening goes, and one step at the least.
    void begin_one(std::set<size_t>& chosen, Timed& now, double there, int evening) const {
        for (const auto& unit : unit_order)
            for (bool grew = true; grew;) {
                grew = false;
                for (const auto i : units.at(unit)) {
                    if (done[i] || chosen.contains(i) || !ready(i, chosen, evening)) continue;
                    auto with = chosen;
                    with.insert(i);
                    auto t = timed(with);
                    if (!chosen.empty() && t.used > there) return;
                    chosen = std::move(with), now = std::move(t), grew = true;
                }
                if (!grew && !chosen.empty()) return;
            }
    }
};

std::string escaped_ics(const std::string& text) {
    std::string out;
    for (const char c : text) {
        if (c == '\n') {
            out += "\\n";
            continue;
        }
        if (c == ',' || c == ';' || c == '\\') out += '\\';
        if (static_cast<unsigned char>(c) >= 0x20) out += c;
    }
    return out;
}

/// Lines of no more than 75 bytes, none cut inside of a letter.
void put_line(std::string& out, const std::string& line) {
    size_t begin = 0, room = 75;
    while (line.size() - begin > room) {
        size_t end = begin + room;
        while ((static_cast<unsigned char>(line[end]) & 0xC0) == 0x80) --end;
        out += line.substr(begin, end - begin) + "\r\n ";
        begin = end, room = 74;
    }
    out += line.substr(begin) + "\r\n";
}

}  // namespace

std::optional<std::string> checked_date(const std::string& text) {
    const auto day = day_of(text);
    return day ? std::optional(text_of(*day)) : std::nullopt;
}

std::string days_after(const std::string& date, int days) {
    const auto day = day_of(date);
    return day ? text_of(*day + std::chrono::days(days)) : date;
}

double learned_factor(const Plan& plan, const std::vector<Step>& steps, Work work) {
    double sum = 0, weight = trust;
    for (const auto& s : steps) {
        if (work_of(s) != work || s.minutes <= 0) continue;
        const auto took = plan.took.find(s.key);
        if (took == plan.took.end() || took->second <= 0) continue;
        sum += std::log(std::clamp(took->second / s.minutes, 0.1, 10.0)), weight += 1;
    }
    return std::exp(sum / weight);
}

double minutes_of(const Plan& plan, const std::vector<Step>& steps, const Step& step) {
    return step.minutes * learned_factor(plan, steps, work_of(step));
}

std::vector<BareEnd> bare_ends(const Plan& plan, const std::vector<Step>& steps,
                               const std::vector<size_t>& also_done) {
    const std::set<size_t> done(also_done.begin(), also_done.end());
    std::map<size_t, std::array<int, 2>>
        ends;  // by feed: at the load, at the source: 0 not asked, 1 open, 2 made
    for (size_t i = 0; i < steps.size(); ++i)
        if (steps[i].kind == StepKind::join && steps[i].joint)
            ends[steps[i].joint->feed][steps[i].joint->at_source ? 1 : 0] = done.contains(i) ? 2 : 1;
    std::vector<BareEnd> bare;
    for (const auto& [feed, made] : ends)
        for (const bool source : {true, false})
            if (made[source ? 1 : 0] == 1 && made[source ? 0 : 1] == 2)
                bare.push_back({plan.feeds[feed].id, source});
    return bare;
}

std::vector<EveningPlan> plan_evenings(const Plan& plan, const std::vector<Step>& steps,
                                       const std::string& today) {
    Calendar calendar(plan, steps);
    std::vector<EveningPlan> all;
    double there = usual_evening;
    for (const auto& [date, minutes] : plan.evenings)
        if (date <= today) there = minutes;
    size_t left = static_cast<size_t>(std::count(calendar.done.begin(), calendar.done.end(), 0));
    for (int evening = 0; left > 0 && static_cast<size_t>(evening) < most_evenings; ++evening) {
        const auto date = days_after(today, evening);
        const auto said = plan.evenings.find(date);
        double minutes = said != plan.evenings.end() ? said->second : there;
        // The length of the last evening that was said goes on, but a free evening is one evening.
        if (said != plan.evenings.end() && said->second > 0) there = said->second;
        if (said == plan.evenings.end() && there <= 0) minutes = usual_evening;
        auto e = calendar.fill(date, minutes, evening);
        for (const auto i : e.steps) {
            calendar.done[i] = 1, --left;
            if (steps[i].wait_minutes < overnight_minutes) continue;
            // As many nights as it takes.
            const int nights =
                std::max(1, static_cast<int>(std::ceil((steps[i].wait_minutes - 22 * 60) / (24 * 60))) + 1);
            for (size_t k = 0; k < steps.size(); ++k)
                if (std::find(steps[k].after.begin(), steps[k].after.end(), steps[i].key) !=
                    steps[k].after.end())
                    calendar.free_from[k] = std::max(calendar.free_from[k], evening + nights);
        }
        std::vector<size_t> so_far;
        for (size_t i = 0; i < steps.size(); ++i)
            if (calendar.done[i]) so_far.push_back(i);
        e.bare = bare_ends(plan, steps, so_far);
        const bool waits = e.steps.empty() && minutes > 0;
        const bool stuck = waits && std::none_of(calendar.free_from.begin(), calendar.free_from.end(),
                                                 [&](int f) { return f > evening; });
        if (stuck) break;  // what is left waits for itself
        if (!e.steps.empty() || said != plan.evenings.end()) all.push_back(std::move(e));
    }
    return all;
}

std::string evenings_to_ics(const Plan& plan, const std::vector<Step>& steps,
                            const std::vector<EveningPlan>& evenings, const std::string& stamp) {
    std::string out;
    put_line(out, "BEGIN:VCALENDAR");
    put_line(out, "VERSION:2.0");
    put_line(out, "PRODID:-//Sangre//Evenings//EN");
    const auto event = [&](const std::string& uid, const std::string& begin, const std::string& end,
                           const std::string& summary, const std::string& description) {
        put_line(out, "BEGIN:VEVENT");
        put_line(out, "UID:" + uid + "@sangre");
        put_line(out, "DTSTAMP:" + stamp);
        put_line(out, "DTSTART:" + begin);
        put_line(out, "DTEND:" + end);
        put_line(out, "SUMMARY:" + escaped_ics(summary));
        if (!description.empty()) put_line(out, "DESCRIPTION:" + escaped_ics(description));
        put_line(out, "END:VEVENT");
    };
    const auto moment = [](const std::string& date, double minutes) {
        const auto day = day_of(date);
        const auto at = static_cast<long>(std::lround(19 * 60 + minutes));
        const auto shifted = *day + std::chrono::days(at / (24 * 60));
        auto text = text_of(shifted);
        std::erase(text, '-');
        return fmt::format("{}T{:02}{:02}00", text, at % (24 * 60) / 60, at % 60);
    };
    for (const auto& e : evenings) {
        if (e.steps.empty() || !day_of(e.date)) continue;
        std::string list;
        for (const auto i : e.steps) list += (list.empty() ? "" : "\n") + steps[i].title;
        auto compact = e.date;
        std::erase(compact, '-');
        event(compact + "-evening", moment(e.date, 0), moment(e.date, e.used),
              say("{}: {} steps", plan.name, e.steps.size()), list);
        for (size_t w = 0; w < e.overnight.size(); ++w)
            for (const auto i : e.steps)
                if (steps[i].key == e.overnight[w].key)
                    event(fmt::format("{}-wait-{}", compact, w), moment(e.date, e.used),
                          moment(e.date, e.used + e.overnight[w].minutes), say("{}: it sets", steps[i].title),
                          "");
    }
    put_line(out, "END:VCALENDAR");
    return out;
}

}  // namespace sangre
