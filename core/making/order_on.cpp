// In what order things go on, and what an order that was chosen runs into.
#include <algorithm>

#include "base/words/say.h"
#include "making/laid_straight.h"

namespace sangre {
namespace {

/// From the end that stays fixed: what is pulled through goes the other way.
double from_fixed(const LaidThing& t, bool pulled_by_load) { return pulled_by_load ? raw(t.at) : -raw(t.at); }

bool pulled_end(const LaidThing& t, bool pulled_by_load) {
    return t.what == LaidKind::end && t.source_side != pulled_by_load;
}

bool passes(const LaidThing& item, const LaidThing& opening) {
    return raw(opening.across) <= 0 || raw(item.across) <= 0 || item.across <= opening.across;
}

/// It is slid on along the lead.
bool slides(LaidKind kind) {
    return kind == LaidKind::tube || kind == LaidKind::braid || kind == LaidKind::slid ||
           kind == LaidKind::boot;
}

/// It covers an end, and is on before that is made.
bool covers_end(const LaidThing& t) { return t.what == LaidKind::tube || t.what == LaidKind::boot; }

/// The end that stays is bare until what covers it is on: that is slid on from there, past no opening.
bool from_bare_end(const LaidThing& t, bool pulled_by_load) {
    return covers_end(t) && t.source_side == pulled_by_load;
}

bool fixed_end(const LaidThing& t, bool pulled_by_load) {
    return t.what == LaidKind::end && t.source_side == pulled_by_load;
}

/// What is slid that far goes over that item.
bool goes_over(const LaidThing& slid, const LaidThing& item) {
    return raw(slid.across) <= 0 || raw(item.across) <= 0 || item.across < slid.across;
}

/// A nut, a ring or a seal of an item that is seated in a wall.
bool belongs_to(const LaidThing& slid, const LaidThing& item) {
    return slid.what == LaidKind::slid && item.what == LaidKind::item && slid.about == item.about;
}

/// True where `first` has to be on, or through, before `then`.
bool before(const LaidThing& first, const LaidThing& then, bool pulled_by_load) {
    const double a = from_fixed(first, pulled_by_load), b = from_fixed(then, pulled_by_load);
    const bool first_opens = first.what == LaidKind::opening, then_opens = then.what == LaidKind::opening;
    // Openings in the order in which the pulled end meets them.
    if (first_opens && then_opens) return a < b;
    // What covers a joint is on before the joint is made.
    if (covers_end(first) && then.what == LaidKind::end && first.source_side == then.source_side) return true;
    if (belongs_to(first, then)) return true;
    // The pulled end is made last, or the other one is.
    if (pulled_end(then, pulled_by_load))
        return !pulled_end(first, pulled_by_load) && !fixed_end(first, pulled_by_load);
    if (pulled_end(first, pulled_by_load)) return false;
    // What is slid on and lies before an opening is on before the end goes through it …
    if (slides(first.what) && then_opens) return a <= b && !from_bare_end(first, pulled_by_load);
    // … and what lies behind it comes after.
    if (first_opens && slides(then.what)) return a < b;
    // What does not go over an item further out is on before that is.
    if (first.what == LaidKind::slid && then.what == LaidKind::item) return a <= b && !goes_over(first, then);
    // So do items that do not pass it.
    if (first_opens && then.what == LaidKind::item) return a < b && !passes(then, first);
    return false;
}

/// What is worth doing first of what may be done, as the steps have it: threaded bare, then covered, then cut
/// for its items, then its ends.
int turn(const LaidThing& t) {
    switch (t.what) {
        case LaidKind::label:
            return 0;
        case LaidKind::slid:
        case LaidKind::braid:
            return 1;
        case LaidKind::opening:
        case LaidKind::hazard:
        case LaidKind::hold:
            return 2;
        case LaidKind::tube:
        case LaidKind::boot:
            return 3;
        case LaidKind::item:
            return 4;
        case LaidKind::end:
            return 5;
    }
    return 6;
}

}  // namespace

std::vector<size_t> order_on(const std::vector<LaidThing>& things, bool pulled_by_load) {
    std::vector<size_t> order;
    std::vector<bool> done(things.size());
    while (order.size() < things.size()) {
        size_t best = things.size();
        for (size_t i = 0; i < things.size(); ++i) {
            if (done[i]) continue;
            bool ready = true;
            for (size_t j = 0; j < things.size(); ++j)
                ready = ready && (done[j] || j == i || !before(things[j], things[i], pulled_by_load));
            if (!ready) continue;
            const auto rank = [&](size_t k) {
                return std::pair(turn(things[k]), from_fixed(things[k], pulled_by_load));
            };
            if (best == things.size() || rank(i) < rank(best)) best = i;
        }
        if (best == things.size()) break;  // cannot be: what comes before what has no circle
        done[best] = true;
        order.push_back(best);
    }
    return order;
}

Words why_not_so(const std::vector<LaidThing>& things, const std::vector<size_t>& order,
                 bool pulled_by_load) {
    std::vector<bool> there(things.size());
    for (const auto i : order) {
        if (i >= things.size() || there[i]) return say("something is put on twice");
        // What of the lead is already through, and what lies on it, as the hands would find it.
        const auto& t = things[i];
        const double here = from_fixed(t, pulled_by_load);
        for (size_t j = 0; j < things.size(); ++j) {
            const auto& o = things[j];
            const double other = from_fixed(o, pulled_by_load);
            const bool slid = slides(t.what);
            if (t.what == LaidKind::slid && o.what == LaidKind::item && there[j] && here <= other &&
                !goes_over(t, o))
                return say("{thing} can no longer be slid past {other}", t.name, o.name);
            if (belongs_to(o, t) && !there[j]) return say("{thing} is forgotten", o.name);
            const bool bare =
                from_bare_end(t, pulled_by_load) && std::none_of(order.begin(), order.end(), [&](size_t e) {
                    return e < things.size() && there[e] && fixed_end(things[e], pulled_by_load);
                });
            if (slid && !bare && o.what == LaidKind::opening && there[j] && here <= other)
                return say("{thing} can no longer be slid past {other}", t.name, o.name);
            if (slid && o.what == LaidKind::opening && !there[j] && here > other)
                return say("{thing} would be in the way at {opening}", t.name, o.name);
            if (t.what == LaidKind::opening && o.what == LaidKind::opening && there[j] && here < other)
                return say("{opening} comes before {other}", t.name, o.name);
            if (t.what == LaidKind::opening && o.what == LaidKind::item && there[j] && other > here &&
                !passes(o, t))
                return say("{thing} does not pass {opening}", o.name, t.name);
            if (t.what == LaidKind::end && covers_end(o) && o.source_side == t.source_side && !there[j])
                return say("{thing} is forgotten", o.name);
            if (pulled_end(o, pulled_by_load) && there[j] && !fixed_end(t, pulled_by_load))
                return say("{thing} comes after the last end", t.name);
        }
        there[i] = true;
    }
    return std::find(there.begin(), there.end(), false) == there.end() ? std::string()
                                                                       : say("something is left out");
}

size_t items_to_wait(const std::vector<LaidThing>& things, bool pulled_by_load) {
    return static_cast<size_t>(std::count_if(things.begin(), things.end(), [&](const auto& item) {
        return item.what == LaidKind::item && std::any_of(things.begin(), things.end(), [&](const auto& o) {
                   return o.what == LaidKind::opening && before(o, item, pulled_by_load);
               });
    }));
}

}  // namespace sangre
