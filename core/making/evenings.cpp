#include "making/evenings.h"

#include <fmt/format.h>

#include <algorithm>
#include <chrono>
#include <cmath>
#include <cstdint>
#include <limits>
#include <map>
#include <unordered_map>
#include <unordered_set>

#include "base/words/say.h"

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
std::string unit_of(const std::unordered_set<std::string_view>& leads, const Step& step) {
    switch (step.kind) {
        case StepKind::hold:
        case StepKind::close_up:
        case StepKind::last_fuse:
        case StepKind::own:
        case StepKind::undo:
            return step.key;
        default:
            return leads.contains(step.about) ? step.about : step.key;
    }
}

/// By feed, at the load and at the source: 0 not asked, 1 open, 2 made.
using Ends = std::map<size_t, std::array<int, 2>>;

void note_end(Ends& ends, const Step& step, bool done) {
    if (step.kind == StepKind::join && step.joint)
        ends[step.joint->feed][step.joint->at_source ? 1 : 0] = done ? 2 : 1;
}

std::vector<BareEnd> bare_of(const Plan& plan, const Ends& ends) {
    std::vector<BareEnd> bare;
    for (const auto& [feed, made] : ends)
        for (const bool source : {true, false})
            if (made[source ? 1 : 0] == 1 && made[source ? 0 : 1] == 2)
                bare.push_back({plan.feeds()[feed].id, source});
    return bare;
}

/// A lead, or a step alone: what is begun is ended.
struct Unit {
    std::vector<size_t> steps{};
    Id lead{};  ///< empty: none
};

struct Calendar {
    const Plan& plan;
    const std::vector<Step>& steps;
    StepGraph graph{steps};
    std::vector<char> done{};
    std::vector<double> minutes{minutes_of(plan, steps)};
    std::vector<Unit> units{};     ///< that are not done, in their order
    std::vector<int> free_from{};  ///< evening that a step may be done in at the earliest, by waits overnight

    Calendar(const Plan& p, const std::vector<Step>& all) : plan(p), steps(all) {
        std::unordered_map<std::string, size_t> unit_at;
        std::unordered_set<std::string_view> leads;
        for (const auto& lead : plan.leads) leads.insert(lead.id);
        for (size_t i = 0; i < steps.size(); ++i) {
            done.push_back(is_done(plan, steps[i]));
            const auto key = unit_of(leads, steps[i]);
            const auto [at, made] = unit_at.emplace(key, units.size());
            if (made) units.push_back({{}, key == steps[i].key ? Id() : key});
            units[at->second].steps.push_back(i);
        }
        free_from.assign(steps.size(), 0);
        drop_done();
    }
    void drop_done() {
        std::erase_if(units, [&](const Unit& u) {
            return std::all_of(u.steps.begin(), u.steps.end(), [&](size_t i) { return done[i] != 0; });
        });
    }
    /// The steps of an evening in the order of fewest changes, and how long they take.
    struct Timed {
        std::vector<size_t> order;
        double used = 0;
        size_t changes = 0, bound = 0;
    };
    /// What is chosen so far.
    struct Evening {
        std::vector<size_t> chosen{};  ///< ascending
        std::vector<char> in{};        ///< of all steps, whether it is
        double minutes = 0;            ///< of handwork
        Timed timed{};
    };
    bool ready(size_t i, const Evening& e, int evening) const {
        if (free_from[i] > evening) return false;
        return std::all_of(graph.before(i).begin(), graph.before(i).end(), [&](size_t b) {
            // What has to set overnight is not gone on with in the same evening.
            return done[b] || (e.in[b] && steps[b].wait_minutes < overnight_minutes);
        });
    }
    Timed timed(const std::vector<size_t>& chosen) const {
        const auto found = graph.order(chosen, plan.rather, 200);
        Timed t;
        t.changes = found.changes, t.bound = found.bound;
        double clock = static_cast<double>(found.changes) * change_minutes;
        std::unordered_map<size_t, double> set_at;
        for (const auto i : found.order) {
            double begin = clock;
            for (const auto b : graph.before(i))
                if (const auto s = set_at.find(b); s != set_at.end()) begin = std::max(begin, s->second);
            clock = begin + minutes[i];
            set_at[i] = clock + steps[i].wait_minutes;
        }
        t.order = found.order;
        t.used = clock;
        return t;
    }
    /// All of a unit that may be done, once what it waits for is in; nothing of it where it cannot be had
    /// whole, or in that time.
    std::vector<size_t> that_fits(const Unit& unit, Evening& e, double there, int evening) const {
        std::vector<size_t> added;
        double sum = e.minutes;
        // Changes of tools never get fewer by more work.
        const double most = there - static_cast<double>(e.timed.bound) * change_minutes;
        for (bool grew = true; grew && sum <= most;) {
            grew = false;
            for (const auto i : unit.steps)
                if (!done[i] && !e.in[i] && ready(i, e, evening))
                    e.in[i] = 1, added.push_back(i), sum += minutes[i], grew = true;
        }
        const bool whole =
            std::all_of(unit.steps.begin(), unit.steps.end(), [&](size_t i) { return done[i] || e.in[i]; });
        const bool bare = !whole && !unit.lead.empty() && leaves_bare(unit, e);
        for (const auto i : added) e.in[i] = 0;
        if (sum > most || bare) added.clear();
        return added;
    }
    bool take(Evening& e, const std::vector<size_t>& added, double most) const {
        auto with = e.chosen;
        with.insert(with.end(), added.begin(), added.end());
        std::sort(with.begin(), with.end());
        auto t = timed(with);
        if (t.used > most) return false;
        e.chosen = std::move(with), e.timed = std::move(t);
        for (const auto i : added) e.in[i] = 1, e.minutes += minutes[i];
        return true;
    }
    /// As many whole units as fit.
    EveningPlan fill(const std::string& date, double there, int evening) const {
        Evening e;
        e.in.resize(steps.size());
        for (bool more = there > 0; more;) {
            more = false;
            for (const auto& unit : units)
                if (const auto added = that_fits(unit, e, there, evening); !added.empty())
                    more = take(e, added, there) || more;
        }
        if (e.chosen.empty() && there > 0) begin_one(e, there, evening);
        EveningPlan out;
        out.date = date, out.there = there;
        out.steps = e.timed.order, out.used = e.timed.used;
        out.changes = e.timed.changes;
        for (const auto i : out.steps) {
            out.iron = out.iron || graph.work(i) == Work::iron;
            if (steps[i].wait_minutes >= overnight_minutes)
                out.overnight.push_back({steps[i].key, steps[i].wait_minutes});
        }
        return out;
    }
    bool leaves_bare(const Unit& unit, const Evening& e) const {
        Ends ends;
        for (const auto i : unit.steps) note_end(ends, steps[i], done[i] || e.in[i]);
        return !bare_of(plan, ends).empty();
    }
    /// Nothing whole fits: the first that may be done, as far as the evening goes, and one step at the least.
    void begin_one(Evening& e, double there, int evening) const {
        constexpr double any = std::numeric_limits<double>::infinity();
        for (const auto& unit : units)
            for (bool grew = true; grew;) {
                grew = false;
                for (const auto i : unit.steps) {
                    if (done[i] || e.in[i] || !ready(i, e, evening)) continue;
                    if (!take(e, {i}, e.chosen.empty() ? any : there)) return;
                    grew = true;
                }
                if (!grew && !e.chosen.empty()) return;
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
        if (static_cast<unsigned char>(c) >= 0x20 && c != 0x7F) out += c;
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

/// Tells one plan's events from another's, and is the same for the same plan tomorrow: of its name and its
/// first load (64-bit FNV-1a).
std::string plan_mark(const Plan& plan) {
    std::uint64_t mark = 14695981039346656037U;
    const auto mix = [&](const std::string& text) {
        for (const char c : text + '\n') mark = (mark ^ static_cast<unsigned char>(c)) * 1099511628211U;
    };
    mix(plan.name);
    if (!plan.loads.empty()) mix(plan.loads.front().id);
    return fmt::format("{:016x}", mark);
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

std::vector<double> minutes_of(const Plan& plan, const std::vector<Step>& steps) {
    std::map<Work, double> factors;
    std::vector<double> minutes;
    minutes.reserve(steps.size());
    for (const auto& step : steps) {
        const auto [factor, fresh] = factors.emplace(work_of(step), 1);
        if (fresh) factor->second = learned_factor(plan, steps, factor->first);
        minutes.push_back(step.minutes * factor->second);
    }
    return minutes;
}

std::vector<BareEnd> bare_ends(const Plan& plan, const std::vector<Step>& steps,
                               const std::vector<size_t>& also_done) {
    std::vector<char> done(steps.size());
    for (const auto i : also_done) done[i] = 1;
    Ends ends;
    for (size_t i = 0; i < steps.size(); ++i) note_end(ends, steps[i], done[i] != 0);
    return bare_of(plan, ends);
}

std::vector<EveningPlan> plan_evenings(const Plan& plan, const std::vector<Step>& steps,
                                       const std::string& today, const std::vector<HeldBack>& held) {
    Calendar calendar(plan, steps);
    for (const auto& h : held) {
        const auto day = day_of(h.until), from = day_of(today);
        const auto nights = day && from ? std::max<long>(0, (*day - *from).count()) : long{most_evenings};
        auto& free = calendar.free_from[h.step];
        free = std::max(free, static_cast<int>(std::min<long>(nights, most_evenings)));
    }
    std::vector<EveningPlan> all;
    double there = usual_evening;
    for (const auto& [date, minutes] : plan.evenings)
        if (date <= today) there = minutes;
    Ends ends;
    for (size_t i = 0; i < steps.size(); ++i) note_end(ends, steps[i], calendar.done[i] != 0);
    for (int evening = 0; !calendar.units.empty() && static_cast<size_t>(evening) < most_evenings;
         ++evening) {
        const auto date = days_after(today, evening);
        const auto said = plan.evenings.find(date);
        double minutes = said != plan.evenings.end() ? said->second : there;
        // The length of the last evening that was said goes on, but a free evening is one evening.
        if (said != plan.evenings.end() && said->second > 0) there = said->second;
        if (said == plan.evenings.end() && there <= 0) minutes = usual_evening;
        auto e = calendar.fill(date, minutes, evening);
        for (const auto i : e.steps) {
            calendar.done[i] = 1;
            note_end(ends, steps[i], true);
            if (steps[i].wait_minutes < overnight_minutes) continue;
            // As many nights as it takes.
            const int nights =
                std::max(1, static_cast<int>(std::ceil((steps[i].wait_minutes - 22 * 60) / (24 * 60))) + 1);
            for (const auto k : calendar.graph.frees(i))
                calendar.free_from[k] = std::max(calendar.free_from[k], evening + nights);
        }
        calendar.drop_done();
        e.bare = bare_of(plan, ends);
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
    const auto of = plan_mark(plan);
    const auto event = [&](const std::string& uid, const std::string& begin, const std::string& end,
                           const Words& summary, const std::string& description) {
        put_line(out, "BEGIN:VEVENT");
        put_line(out, "UID:" + uid + "-" + of + "@sangre");
        put_line(out, "DTSTAMP:" + stamp);
        put_line(out, "DTSTART:" + begin);
        put_line(out, "DTEND:" + end);
        put_line(out, "SUMMARY:" + escaped_ics(summary.str()));
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
        for (const auto i : e.steps) list += (list.empty() ? "" : "\n") + steps[i].title.str();
        auto compact = e.date;
        std::erase(compact, '-');
        event(compact + "-evening", moment(e.date, 0), moment(e.date, e.used),
              say("{plan}: {count} steps", plan.name, e.steps.size()), list);
        for (size_t w = 0; w < e.overnight.size(); ++w)
            for (const auto i : e.steps)
                if (steps[i].key == e.overnight[w].key)
                    event(fmt::format("{}-wait-{}", compact, w), moment(e.date, e.used),
                          moment(e.date, e.used + e.overnight[w].minutes),
                          say("{title}: it sets", steps[i].title), "");
    }
    put_line(out, "END:VCALENDAR");
    return out;
}

}  // namespace sangre
