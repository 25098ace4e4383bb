#include "making/fill_offcuts.h"

#include <algorithm>
#include <numeric>

namespace sangre {
namespace {

/// Offcuts one after the other, the shortest first: each holds some of the pieces that are left, or none.
struct Filler {
    std::vector<long> pieces;                 ///< longest first
    std::vector<long> offcuts;                ///< shortest first
    std::vector<size_t> piece_at, offcut_at;  ///< where they stood
    size_t most_tries;
    std::vector<int> now{}, best{};
    long best_packed = -1, best_left = 0;
    size_t tries = 0;
    bool all_tried = true;

    /// What the offcuts from `k` on can hold at the most of pieces that are not placed: no more than the
    /// room, no more than the pieces, and of each offcut no more than some of the pieces make up.
    long could_pack(size_t k) const {
        long open = 0, shortest = -1;
        for (size_t i = 0; i < pieces.size(); ++i)
            if (now[i] < 0) open += pieces[i], shortest = pieces[i];
        if (shortest < 0) return 0;
        long room = 0;
        for (size_t o = k; o < offcuts.size(); ++o) {
            if (offcuts[o] < shortest) continue;
            room += best_sum(offcuts[o]);
            if (room >= open) return open;
        }
        return std::min(room, open);
    }
    /// The longest that open pieces add up to within a length.
    long best_sum(long length) const {
        std::vector<char> reach(static_cast<size_t>(length / unit) + 1);
        reach[0] = 1;
        size_t top = 0;
        for (size_t i = 0; i < pieces.size(); ++i) {
            if (now[i] >= 0 || pieces[i] > length) continue;
            const auto p = static_cast<size_t>(pieces[i] / unit);
            for (size_t s = std::min(top, reach.size() - 1 - p) + 1; s-- > 0;)
                if (reach[s]) reach[s + p] = 1, top = std::max(top, s + p);
        }
        while (!reach[top]) --top;
        return static_cast<long>(top) * unit;
    }
    long unit = 1;  ///< that all pieces are multiples of

    void keep(long packed, long left) {
        if (packed < best_packed || (packed == best_packed && left >= best_left && best_packed >= 0)) return;
        best_packed = packed, best_left = left, best = now;
    }
    /// Fillings of offcut k, larger sums first, by taking or leaving each open piece in turn.
    void offcut(size_t k, long packed, long left) {
        if (tries > most_tries) {
            all_tried = false;
            return;
        }
        keep(packed, left);
        if (k == offcuts.size()) return;
        const long could = packed + could_pack(k);
        if (could < best_packed || (could == best_packed && left >= best_left)) return;
        // Of the same length as the one before and that left empty: so is this.
        fillings(k, 0, offcuts[k], packed, left, false);
        offcut(k + 1, packed, left);
    }
    void fillings(size_t k, size_t from, long room, long packed, long left, bool any) {
        if (++tries > most_tries) {
            all_tried = false;
            return;
        }
        bool fitted = false;
        long last = -1;
        for (size_t i = from; i < pieces.size(); ++i) {
            // Of pieces of one length the first alone is tried at a place.
            if (now[i] >= 0 || pieces[i] > room || pieces[i] == last) continue;
            last = pieces[i], fitted = true;
            now[i] = static_cast<int>(k);
            fillings(k, i + 1, room - pieces[i], packed + pieces[i], left, true);
            now[i] = -1;
            if (tries > most_tries) return;
        }
        // Only where nothing more goes in: to leave room that a piece would fill buys that piece.
        if (any && !fitted && !would_fit(room)) offcut(k + 1, packed, left + room);
    }
    bool would_fit(long room) const {
        for (size_t i = 0; i < pieces.size(); ++i)
            if (now[i] < 0 && pieces[i] <= room) return true;
        return false;
    }
    /// Longest first into the offcut that it fills best.
    void greedy() {
        std::vector<long> room = offcuts;
        long packed = 0;
        for (size_t i = 0; i < pieces.size(); ++i) {
            size_t found = room.size();
            for (size_t o = 0; o < room.size(); ++o)
                if (room[o] >= pieces[i] && (found == room.size() || room[o] < room[found])) found = o;
            if (found == room.size()) continue;
            room[found] -= pieces[i], now[i] = static_cast<int>(found), packed += pieces[i];
        }
        long left = 0;
        for (size_t o = 0; o < room.size(); ++o)
            if (room[o] != offcuts[o]) left += room[o];
        keep(packed, left);
        std::fill(now.begin(), now.end(), -1);
    }
};

std::vector<size_t> by_length(const std::vector<long>& lengths, bool longest_first) {
    std::vector<size_t> at(lengths.size());
    std::iota(at.begin(), at.end(), size_t{0});
    std::stable_sort(at.begin(), at.end(), [&](size_t a, size_t b) {
        return longest_first ? lengths[a] > lengths[b] : lengths[a] < lengths[b];
    });
    return at;
}

}  // namespace

OffcutFill fill_offcuts(const std::vector<long>& pieces, const std::vector<long>& offcuts,
                        size_t most_tries) {
    Filler f;
    f.most_tries = most_tries;
    f.piece_at = by_length(pieces, true), f.offcut_at = by_length(offcuts, false);
    for (const auto i : f.piece_at) f.pieces.push_back(pieces[i]);
    for (const auto i : f.offcut_at) f.offcuts.push_back(offcuts[i]);
    f.now.assign(pieces.size(), -1);
    for (const auto p : pieces) f.unit = f.unit == 1 ? p : std::gcd(f.unit, p);
    f.unit = std::max(f.unit, 1L);
    const long whole = std::accumulate(pieces.begin(), pieces.end(), 0L);
    f.greedy();
    const long at_the_most = f.could_pack(0);
    f.offcut(0, 0, 0);
    OffcutFill result;
    result.from.assign(pieces.size(), -1);
    for (size_t i = 0; i < f.best.size(); ++i)
        if (f.best[i] >= 0)
            result.from[f.piece_at[i]] = static_cast<int>(f.offcut_at[static_cast<size_t>(f.best[i])]);
    result.bought = whole - std::max(f.best_packed, 0L), result.left = f.best_left;
    result.least_bought = f.all_tried ? result.bought : whole - at_the_most;
    result.exact = f.all_tried;
    return result;
}

}  // namespace sangre
