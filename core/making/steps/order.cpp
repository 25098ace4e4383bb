#include "making/steps/order.h"

#include <algorithm>
#include <numeric>
#include <queue>

#include "making/steps/steps.h"

namespace sangre {
namespace {

constexpr size_t kinds = static_cast<size_t>(Work::other) + 1;

constexpr size_t most_bytes = 32 << 20;  // of states that wait to be gone on from

/// A part of the steps by numbers of its own, without what waits for itself.
struct Graph {
    size_t n;
    std::vector<size_t> place;
    std::vector<Work> work;
    std::vector<std::vector<size_t>> before, frees;
    std::vector<size_t> circle{};  ///< never free, in their order
    std::vector<char> in_circle;

    Graph(const StepGraph& all, const std::vector<size_t>& part)
        : n(part.size()), place(n), work(n), before(n), frees(n), in_circle(n) {
        for (size_t i = 0; i < n; ++i) {
            work[i] = all.work(part[i]), place[i] = all.place(part[i]);
            for (const auto b : all.before(part[i])) {
                const auto found = std::lower_bound(part.begin(), part.end(), b);
                if (found == part.end() || *found != b) continue;
                before[i].push_back(static_cast<size_t>(found - part.begin()));
                frees[before[i].back()].push_back(i);
            }
        }
        std::vector<size_t> waits(n);
        std::vector<size_t> ready;
        for (size_t i = 0; i < n; ++i)
            if ((waits[i] = before[i].size()) == 0) ready.push_back(i);
        std::vector<char> freed(n);
        while (!ready.empty()) {
            const auto i = ready.back();
            ready.pop_back();
            freed[i] = 1;
            for (const auto f : frees[i])
                if (--waits[f] == 0) ready.push_back(f);
        }
        for (size_t i = 0; i < n; ++i)
            if (!freed[i]) circle.push_back(i), in_circle[i] = 1;
    }
    bool sooner(size_t a, size_t b) const { return place[a] < place[b]; }
};

/// For each step and kind of work how many runs of that kind a chain from it needs, at the least.
struct Needs {
    const Graph& g;
    std::vector<std::array<unsigned short, kinds>> of{};  ///< where a run of that kind is not under way

    explicit Needs(const Graph& graph) : g(graph), of(graph.n) {
        std::vector<std::array<unsigned short, kinds>> under(g.n);  // where one is, just before
        std::vector<size_t> order, waits(g.n);
        for (size_t i = 0; i < g.n; ++i) {
            waits[i] = g.frees[i].size();
            if (g.in_circle[i]) continue;
            waits[i] = static_cast<size_t>(std::count_if(g.frees[i].begin(), g.frees[i].end(),
                                                         [&](size_t f) { return !g.in_circle[f]; }));
            if (waits[i] == 0) order.push_back(i);
        }
        for (size_t k = 0; k < order.size(); ++k) {
            const auto i = order[k];
            for (size_t c = 0; c < kinds; ++c) {
                const bool mine = static_cast<size_t>(g.work[i]) == c;
                unsigned short on = 0;  // what follows, a run of c under way after this step, or not
                for (const auto f : g.frees[i])
                    if (!g.in_circle[f]) on = std::max(on, mine ? under[f][c] : of[f][c]);
                of[i][c] = static_cast<unsigned short>(on + (mine ? 1 : 0));
                under[i][c] = on;
            }
            for (const auto b : g.before[i])
                if (--waits[b] == 0) order.push_back(b);
        }
    }
};

/// Steps that are done, and what may be done next.
struct State {
    std::vector<char> done;
    std::vector<unsigned> waits;
    size_t left = 0, changes = 0;
    int last = -1;             ///< the kind of work of the run that ended
    std::vector<size_t> runs;  ///< their kinds, from the beginning
};

struct Search {
    const Graph& g;
    Needs needs{g};

    /// Runs that what is left needs at the least.
    size_t at_least(const State& s) const {
        std::array<unsigned short, kinds> most{};
        for (size_t i = 0; i < g.n; ++i) {
            if (s.done[i] || s.waits[i] > 0 || g.in_circle[i]) continue;
            for (size_t c = 0; c < kinds; ++c) most[c] = std::max(most[c], needs.of[i][c]);
        }
        size_t sum = 0;
        for (const auto m : most) sum += m;
        return sum;
    }
    /// Everything of that kind that can be done without another.
    void run(State& s, size_t kind, std::vector<size_t>* order = nullptr) const {
        const auto later = [&](size_t a, size_t b) { return g.sooner(b, a); };
        std::priority_queue<size_t, std::vector<size_t>, decltype(later)> ready(later);
        for (size_t i = 0; i < g.n; ++i)
            if (!s.done[i] && s.waits[i] == 0 && !g.in_circle[i] && static_cast<size_t>(g.work[i]) == kind)
                ready.push(i);
        while (!ready.empty()) {
            const auto i = ready.top();
            ready.pop();
            s.done[i] = 1, --s.left;
            if (order) order->push_back(i);
            for (const auto f : g.frees[i])
                if (--s.waits[f] == 0 && !g.in_circle[f] && !s.done[f] &&
                    static_cast<size_t>(g.work[f]) == kind)
                    ready.push(f);
        }
        if (s.last >= 0 && s.last != static_cast<int>(kind)) ++s.changes;
        s.last = static_cast<int>(kind);
        s.runs.push_back(kind);
    }
    std::vector<size_t> kinds_ready(const State& s) const {
        // In the order in which what is ready would come.
        std::array<size_t, kinds> first;
        first.fill(g.n);
        for (size_t i = 0; i < g.n; ++i)
            if (!s.done[i] && s.waits[i] == 0 && !g.in_circle[i]) {
                auto& f = first[static_cast<size_t>(g.work[i])];
                if (f == g.n || g.sooner(i, f)) f = i;
            }
        std::vector<size_t> all;
        for (size_t c = 0; c < kinds; ++c)
            if (first[c] < g.n) all.push_back(c);
        std::sort(all.begin(), all.end(), [&](size_t a, size_t b) { return g.sooner(first[a], first[b]); });
        return all;
    }
    /// From a state on by the kind that leaves least to do.
    State greedy(State s) const {
        while (s.left > 0) {
            const auto ready = kinds_ready(s);
            if (ready.empty()) break;
            std::optional<State> best;
            size_t least = 0;
            for (const auto c : ready) {
                auto next = s;
                run(next, c);
                if (const auto cost = next.changes + at_least(next); !best || cost < least)
                    best = std::move(next), least = cost;
            }
            s = std::move(*best);
        }
        return s;
    }
    StepOrder solve(State start, size_t most_states) const {
        StepOrder result;
        const auto worth = [&](const State& s) {
            // Each run but the first begins with a change.
            const auto need = at_least(s);
            return s.changes + (s.last < 0 && need > 0 ? need - 1 : need);
        };
        struct Open {
            size_t worth, number;
            State state;
        };
        const auto worse = [](const Open& a, const Open& b) {
            return a.worth != b.worth ? a.worth > b.worth : a.number > b.number;
        };
        std::priority_queue<Open, std::vector<Open>, decltype(worse)> open(worse);
        std::unordered_map<std::string, size_t> seen;
        auto best = greedy(start);
        size_t number = 0, states = 0;
        const size_t bytes = g.n * (sizeof(unsigned) + 2);  // a state and its key
        result.bound = worth(start);
        open.push({result.bound, number++, std::move(start)});
        while (!open.empty() && result.bound < best.changes) {
            auto top = open.top();
            open.pop();
            result.bound = std::max(result.bound, top.worth);
            if (result.bound >= best.changes) break;
            if (top.state.left == 0) {
                best = std::move(top.state);
                break;
            }
            if (++states > most_states || number * bytes > most_bytes) break;
            for (const auto c : kinds_ready(top.state)) {
                auto next = top.state;
                run(next, c);
                const auto w = worth(next);
                if (w >= best.changes) continue;
                auto key = std::string(next.done.begin(), next.done.end()) + static_cast<char>(next.last);
                if (const auto [at, made] = seen.emplace(std::move(key), next.changes); !made) {
                    if (at->second <= next.changes) continue;
                    at->second = next.changes;
                }
                open.push({w, number++, std::move(next)});
            }
        }
        if (open.empty()) result.bound = best.changes;
        result.changes = best.changes;
        result.bound = std::min(result.bound, best.changes);
        result.exact = result.bound == result.changes;
        for (const auto r : best.runs) result.order.push_back(r);  // the kinds, for now
        return result;
    }
};

State beginning(const Graph& g) {
    State s;
    s.done.assign(g.n, 0), s.waits.resize(g.n);
    for (size_t i = 0; i < g.n; ++i)
        s.waits[i] = static_cast<unsigned>(g.before[i].size()), s.left += !g.in_circle[i];
    return s;
}

}  // namespace

const char* work_word(Work work) {
    switch (work) {
        case Work::prepare:
            return to_say("getting ready");
        case Work::meter:
            return to_say("at the meter");
        case Work::cut:
            return to_say("cutting");
        case Work::machine:
            return to_say("at the machine");
        case Work::drill:
            return to_say("drilling");
        case Work::tube:
            return to_say("sliding on");
        case Work::iron:
            return to_say("at the iron");
        case Work::crimp:
            return to_say("crimping");
        case Work::screw:
            return to_say("screwing");
        case Work::strip:
            return to_say("stripping");
        case Work::glue:
            return to_say("gluing");
        case Work::power:
            return to_say("under power");
        case Work::hold:
            return to_say("tying");
        case Work::other:
            return to_say("by hand");
    }
    return "";
}

Work work_of(const Step& step) {
    // By what is put down last among what the step lists: who solders holds the strippers too.
    static constexpr std::array<std::pair<std::string_view, Work>, 14> by_tool{{{"iron", Work::iron},
                                                                                {"crimp", Work::crimp},
                                                                                {"ferrule", Work::screw},
                                                                                {"drill", Work::drill},
                                                                                {"glue", Work::glue},
                                                                                {"ties", Work::hold},
                                                                                {"tube", Work::tube},
                                                                                {"meter", Work::meter},
                                                                                {"screwdriver", Work::screw},
                                                                                {"spanner", Work::screw},
                                                                                {"strippers", Work::strip},
                                                                                {"cutters", Work::cut},
                                                                                {"scissors", Work::tube},
                                                                                {"lamp", Work::meter}}};
    for (const auto& [word, work] : by_tool)
        if (std::any_of(step.tools.begin(), step.tools.end(),
                        [&](const auto& t) { return t.find(word) != std::string::npos; }))
            return work;
    // By bare hands: before the tools come out, at the machine, or under power.
    switch (step.kind) {
        case StepKind::prepare:
        case StepKind::own:
        case StepKind::undo:
            return Work::prepare;
        case StepKind::thread:
            return Work::machine;
        case StepKind::hold:
            return Work::hold;
        case StepKind::first_power:
        case StepKind::prove:
        case StepKind::find_source:
            return Work::power;
        default:
            return Work::other;
    }
}

size_t changes_in(const std::vector<Step>& steps, const std::vector<size_t>& order) {
    size_t changes = 0;
    for (size_t i = 1; i < order.size(); ++i)
        changes += work_of(steps[order[i]]) != work_of(steps[order[i - 1]]);
    return changes;
}

StepGraph::StepGraph(const std::vector<Step>& steps)
    : before_(steps.size()), frees_(steps.size()), place_(steps.size()) {
    const size_t n = steps.size();
    at_.reserve(n), work_.reserve(n);
    for (size_t i = 0; i < n; ++i) at_.emplace(steps[i].key, i), work_.push_back(work_of(steps[i]));
    for (size_t i = 0; i < n; ++i) {
        for (const auto& key : steps[i].after)
            if (const auto found = at_.find(key); found != at_.end() && found->second != i)
                before_[i].push_back(found->second);
        std::sort(before_[i].begin(), before_[i].end());
        before_[i].erase(std::unique(before_[i].begin(), before_[i].end()), before_[i].end());
        for (const auto b : before_[i]) frees_[b].push_back(i);
    }
    std::vector<size_t> sorted(n);
    std::iota(sorted.begin(), sorted.end(), size_t{0});
    std::sort(sorted.begin(), sorted.end(), [&](size_t a, size_t b) {
        const auto &x = steps[a], &y = steps[b];
        if (x.depth != y.depth) return x.depth > y.depth;
        if (x.rank != y.rank) return x.rank < y.rank;
        if (x.key != y.key) return x.key < y.key;
        return a < b;
    });
    for (size_t k = 0; k < n; ++k) place_[sorted[k]] = k;
}

std::optional<size_t> StepGraph::find(std::string_view key) const {
    const auto found = at_.find(key);
    return found == at_.end() ? std::nullopt : std::optional(found->second);
}

StepOrder StepGraph::order(const std::vector<size_t>& part, const std::vector<std::string>& rather,
                           size_t most_states) const {
    const Graph g(*this, part);
    const Search search{g};
    auto state = beginning(g);
    std::vector<size_t> ordered;
    const auto local = [&](size_t step) -> std::optional<size_t> {
        const auto found = std::lower_bound(part.begin(), part.end(), step);
        if (found == part.end() || *found != step) return {};
        return static_cast<size_t>(found - part.begin());
    };
    // Each wish with all that it waits for, in as few changes as that takes.
    for (const auto& key : rather) {
        const auto wish = find(key);
        const auto first = wish ? local(*wish) : std::nullopt;
        if (!first || state.done[*first] || g.in_circle[*first]) continue;
        std::vector<size_t> closure{*first};
        std::vector<char> wanted(g.n);
        wanted[*first] = 1;
        for (size_t k = 0; k < closure.size(); ++k)
            for (const auto b : g.before[closure[k]])
                if (!state.done[b] && !wanted[b]) closure.push_back(b), wanted[b] = 1;
        for (auto& i : closure) i = part[i];
        std::sort(closure.begin(), closure.end());
        for (const auto i : order(closure, {}, most_states).order) {
            const auto step = *local(i);
            state.done[step] = 1, --state.left;
            for (const auto f : g.frees[step]) --state.waits[f];
            if (const auto kind = static_cast<int>(g.work[step]); state.last != kind)
                state.changes += state.last >= 0, state.last = kind;
            ordered.push_back(step);
        }
    }
    auto result = search.solve(state, most_states);
    for (const auto kind : result.order) search.run(state, kind, &ordered);
    ordered.insert(ordered.end(), g.circle.begin(), g.circle.end());
    for (auto& i : ordered) i = part[i];
    result.order = std::move(ordered);
    return result;
}

StepOrder least_changes(const std::vector<Step>& steps, const std::vector<std::string>& rather,
                        size_t most_states) {
    std::vector<size_t> all(steps.size());
    std::iota(all.begin(), all.end(), size_t{0});
    return StepGraph(steps).order(all, rather, most_states);
}

}  // namespace sangre
