// Pieces out of offcuts, held to every way of cutting that there is.
#include <algorithm>
#include <functional>
#include <numeric>
#include <random>

#include "fixtures.h"
#include "making/cut_list.h"
#include "making/fill_offcuts.h"

using namespace sangre;
using test::parts;

namespace {

/// The least bought, and of all that buy that the least left, by trying each piece in each offcut.
std::pair<long, long> by_trying(const std::vector<long>& pieces, const std::vector<long>& offcuts) {
    std::pair<long, long> best{std::accumulate(pieces.begin(), pieces.end(), 0L) + 1, 0};
    auto room = offcuts;
    const std::function<void(size_t, long)> go = [&](size_t i, long bought) {
        if (i == pieces.size()) {
            long left = 0;
            for (size_t o = 0; o < room.size(); ++o)
                if (room[o] != offcuts[o]) left += room[o];
            best = std::min(best, {bought, left});
            return;
        }
        for (auto& r : room)
            if (r >= pieces[i]) {
                r -= pieces[i];
                go(i + 1, bought);
                r += pieces[i];
            }
        go(i + 1, bought + pieces[i]);
    };
    go(0, 0);
    return best;
}

}  // namespace

class TestCutting : public QObject {
    Q_OBJECT

  private slots:
    void no_way_of_cutting_buys_or_leaves_less() {
        std::mt19937 dice(3);
        size_t bought = 0;
        for (int trial = 0; trial < 400; ++trial) {
            std::vector<long> pieces(1 + dice() % 6), offcuts(dice() % 4);
            for (auto& p : pieces) p = 10 * (10 + static_cast<long>(dice() % 60));
            for (auto& o : offcuts) o = 10 * (5 + static_cast<long>(dice() % 150));
            const auto found = fill_offcuts(pieces, offcuts);
            const auto best = by_trying(pieces, offcuts);
            QVERIFY(found.exact);
            QCOMPARE(found.bought, best.first);
            QCOMPARE(found.left, best.second);
            QCOMPARE(found.least_bought, found.bought);
            // What it says is what it does.
            auto room = offcuts;
            long buys = 0;
            for (size_t i = 0; i < pieces.size(); ++i)
                if (found.from[i] < 0)
                    buys += pieces[i];
                else
                    room.at(static_cast<size_t>(found.from[i])) -= pieces[i];
            QCOMPARE(buys, found.bought);
            for (const auto r : room) QVERIFY(r >= 0);
            bought += found.bought > 0;
        }
        QVERIFY(bought > 50);
    }
    void sixty_pieces_from_forty_offcuts_have_a_bound() {
        std::mt19937 dice(4);
        for (int trial = 0; trial < 5; ++trial) {
            std::vector<long> pieces(60), offcuts(40);
            for (auto& p : pieces) p = 10 * (10 + static_cast<long>(dice() % 120));
            for (auto& o : offcuts) o = 10 * (5 + static_cast<long>(dice() % 150));
            const auto found = fill_offcuts(pieces, offcuts);
            QVERIFY(found.least_bought <= found.bought);
            // No further from it than a twentieth of all that is cut.
            const auto whole = std::accumulate(pieces.begin(), pieces.end(), 0L);
            QVERIFY2(found.bought - found.least_bought <= whole / 20,
                     qPrintable(QString::number(found.bought - found.least_bought)));
        }
    }
    void the_list_of_the_demo_cuts_every_conductor_once() {
        for (const char* name : {"orchard-frost-rover", "seed-hexacopter", "book-trike"}) {
            const auto plan = test::demo(name);
            const auto s = test::studied(plan);
            double wanted = 0, cut = 0;
            for (const auto& core : s.harness.wiring.cores)
                if (core.wire && core.of_cable < 0) wanted += raw(core.cut);
            for (const auto& g : cut_list(plan, parts(), s).groups) {
                if (g.kind != CutKind::wire) continue;
                for (const auto& from : g.from)
                    for (const auto& piece : from.pieces) cut += raw(piece.length);
            }
            CLOSE(cut, wanted, 1e-9);
        }
    }
    void tube_is_cut_for_the_wires_that_are_there() {
        auto plan = test::demo();
        const auto of_joints = [](const Plan& p, const Lead& lead) {
            size_t pieces = 0;
            for (const auto& g : cut_list(p, parts(), test::studied(p)).groups)
                for (const auto& from : g.from)
                    for (const auto& piece : from.pieces)
                        pieces += g.kind == CutKind::tube && piece.lead == lead.id &&
                                  piece.step == "sleeve/" + lead.id;
            return pieces;
        };
        size_t seen = 0;
        for (size_t f = 0; f < plan.feeds().size() && seen < 2; ++f) {
            const auto lead = plan.feeds()[f];
            const auto own = of_joints(plan, lead);
            if (lead.ret != Return::own || !lead.cores.empty() || own == 0) continue;
            auto framed = plan;
            framed.feeds()[f].ret = Return::frame;
            QCOMPARE(of_joints(framed, lead) * 2, own);
            ++seen;
        }
        QCOMPARE(seen, size_t{2});
    }
    void offcuts_at_hand_are_cut_first() {
        auto plan = test::demo();
        plan.at_hand.clear();
        const auto s = test::studied(plan);
        const auto before = cut_list(plan, parts(), s);
        const auto red = std::find_if(before.groups.begin(), before.groups.end(), [](const auto& g) {
            return g.wire == "awg12-silicone" && g.colour == "red";
        });
        QVERIFY(red != before.groups.end());
        QCOMPARE(red->from.size(), size_t{1});
        CLOSE(raw(red->bought), 2.30, 1e-9);
        plan.at_hand = {{"o", "Red offcut", "awg12-silicone", "red", Metre(1.2), 1, {}}};
        const auto after = cut_list(plan, parts(), test::studied(plan));
        for (const auto& g : after.groups)
            if (g.wire == "awg12-silicone" && g.colour == "red") {
                CLOSE(raw(g.bought), 1.15, 1e-9);
                CLOSE(raw(g.left), 0.05, 1e-6);
                QVERIFY(g.exact && g.from.size() == 2);
                QCOMPARE(g.from.front().at_hand, Id("o"));
            }
        // Of another colour, or another wire, it is none.
        plan.at_hand[0].colour = "black";
        for (const auto& g : cut_list(plan, parts(), test::studied(plan)).groups)
            if (g.wire == "awg12-silicone" && g.colour == "red") CLOSE(raw(g.bought), 2.30, 1e-9);
    }
};

SANGRE_SUITE(TestCutting);
#include "test_cutting.moc"
