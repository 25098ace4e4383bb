// Steps used again: sets, the work on a board, and what waits for parts on order.
#include <set>

#include "base/words/reader.h"
#include "base/words/say.h"
#include "fixtures.h"
#include "making/cut_list.h"
#include "making/shopping.h"
#include "making/steps/step_templates.h"
#include "other_words.h"
#include "output/book/book.h"
#include "plan/plan_pictures.h"

using namespace sangre;
using test::parts;

namespace {

size_t place(const std::vector<Step>& steps, const std::string& key) {
    return static_cast<size_t>(
        std::find_if(steps.begin(), steps.end(), [&](const auto& s) { return s.key == key; }) -
        steps.begin());
}
const ShoppingLine& line_of(const Shopping& list, const std::string& id) {
    return *std::find_if(list.lines.begin(), list.lines.end(), [&](const auto& l) {
        return std::find(l.need.of.begin(), l.need.of.end(), id) != l.need.of.end();
    });
}

}  // namespace

class TestStepTemplates : public QObject {
    Q_OBJECT

  private slots:
    void low_parts_come_before_tall_ones() {
        const auto all = board_parts("electrolytic 470 µF, LED green, resistor 10k, widget, pin headers");
        std::vector<std::string> words;
        for (const auto& p : all) words.push_back(p.words);
        QCOMPARE(words, (std::vector<std::string>{"resistor 10k", "widget", "LED green", "pin headers",
                                                  "electrolytic 470 µF"}));
        QVERIFY(all[0].polarity.empty() && all[0].known);
        QVERIFY(!all[1].known);
        QVERIFY(all[2].polarity.find("flat side") != std::string::npos);
        QVERIFY(all[4].polarity.find("stripe is minus") != std::string::npos);
        QVERIFY(board_parts("").empty() && board_parts(" , ,").empty());
        // A photodiode is no diode, and "slide" holds no "led".
        QVERIFY(board_parts("photodiode")[0].polarity.find("sheet") != std::string::npos);
        QVERIFY(!board_parts("sledge")[0].known);
    }
    void a_board_is_built_in_one_row() {
        auto plan = test::demo();
        const auto before = plan.own_steps.size();
        plan = with_board(plan, "Lamp board", "header, resistor 1k, resistor 2k, LED", "test/shorts");
        // Laid out, two resistors at once, lamp, header, looked over.
        QCOMPARE(plan.own_steps.size(), before + 5);
        QVERIFY(plan.own_steps[before + 1].title.find("resistor 1k, resistor 2k") != std::string::npos);
        const auto s = test::studied(plan);
        for (size_t i = before; i + 1 < plan.own_steps.size(); ++i)
            QVERIFY(place(s.steps(), own_step_key(plan.own_steps[i].id)) <
                    place(s.steps(), own_step_key(plan.own_steps[i + 1].id)));
        QVERIFY(place(s.steps(), own_step_key(plan.own_steps.back().id)) < place(s.steps(), "test/shorts"));
        QCOMPARE(with_board(plan, "Empty", "", "test/shorts"), plan);
    }
    void sets_come_under_ids_of_their_own() {
        auto plan = test::demo();
        plan.own_steps.clear();
        for (const auto& set : shipped_templates()) {
            QVERIFY(!set.name.empty() && set.own_steps.size() >= 2);
            plan = with_template(plan, set, "test/shorts");
            plan = with_template(plan, set, "test/shorts");  // and once more
        }
        std::set<Id> ids;
        for (const auto& own : plan.own_steps) QVERIFY(ids.insert(own.id).second);
        for (const auto& own : plan.own_steps)
            if (!own.undoes.empty()) QVERIFY(ids.contains(own.undoes));
        const auto s = test::studied(plan);
        for (const auto& own : plan.own_steps) {
            const auto here = place(s.steps(), own_step_key(own.id));
            QVERIFY(here < s.steps().size());
            if (!own.undoes.empty()) QVERIFY(place(s.steps(), own_step_key(own.undoes)) < here);
        }
    }
    void a_set_keeps_only_what_means_something_elsewhere() {
        auto plan = test::demo();
        plan.own_steps.clear();
        plan = with_board(plan, "Lamp board", "resistor", "test/shorts");
        plan.own_steps[0].picture = "lamp.jpg";
        const auto set = template_of(plan, "Lamps");
        QCOMPARE(set.own_steps.size(), plan.own_steps.size());
        QVERIFY(set.loads.empty() && set.feeds().empty());
        for (const auto& own : set.own_steps) QVERIFY(own.before.empty() && own.picture.empty());
        QCOMPARE(set.own_steps[1].after, std::vector<std::string>{own_step_key(set.own_steps[0].id)});
        const auto back = with_template(Plan{}, set, "");
        QCOMPARE(back.own_steps.size(), set.own_steps.size());
    }
    void of_several_that_are_awaited_the_last_counts_in_any_language() {
        auto plan = test::demo();
        plan.evenings.clear(), plan.done.clear(), plan.orders.clear(), plan.arrives.clear();
        const auto s = test::studied(plan);
        const auto lines = bill_of_materials(plan, parts(), s.harness);
        size_t pairs = 0;
        for (const auto& a : lines)
            for (const auto& b : lines) {
                if (a.key >= b.key || a.of.empty() || b.of.empty() || a.of.front() != b.of.front()) continue;
                for (const bool a_first : {true, false}) {
                    auto both = *set_arrival(plan, a.key, a_first ? "2026-12-05" : "2026-12-20");
                    both = *set_arrival(both, b.key, a_first ? "2026-12-20" : "2026-12-05");
                    for (const Tongue tongue : {Tongue(nullptr), Tongue(test::circled)}) {
                        speak(tongue);
                        const auto held = held_back(both, parts(), s, s.steps());
                        speak(nullptr);
                        for (const auto& h : held)
                            if (s.steps()[h.step].about == a.of.front()) {
                                QCOMPARE(h.until, std::string("2026-12-20"));
                                ++pairs;
                            }
                    }
                }
            }
        QVERIFY(pairs > 3);
    }
    void what_waits_for_a_part_is_held_back() {
        auto plan = test::demo();
        plan.evenings.clear(), plan.done.clear();
        const auto s = test::studied(plan);
        const auto& module = plan.converters.front().id;
        const auto item = line_of(shopping(plan, parts(), s), module).need.item;
        QVERIFY(held_back(plan, parts(), s, s.steps()).empty());
        const auto when = [&](const Plan& p, const std::string& key) {
            const auto days = plan_evenings(p, s.steps(), "2026-11-28", held_back(p, parts(), s, s.steps()));
            for (const auto& e : days)
                for (const auto i : e.steps)
                    if (s.steps()[i].key == key) return e.date;
            return std::string("never");
        };
        QVERIFY(when(plan, "set/" + module) < "2026-12-20");
        // Ordered, nobody says when: in no evening. On a day: not before that.
        auto ordered = set_order(plan, item, OrderState::ordered);
        QCOMPARE(when(ordered, "set/" + module), std::string("never"));
        QCOMPARE(when(ordered, "test/shorts"), std::string("never"));  // and what waits for it
        QVERIFY(when(ordered, "prepare") == "2026-11-28");
        const auto expected = *set_arrival(ordered, item, "2026-12-20");
        QVERIFY(when(expected, "set/" + module) >= "2026-12-20" &&
                when(expected, "set/" + module) != "never");
        // Its joints wait with it, not those at the other ends of its leads.
        const auto held = held_back(ordered, parts(), s, s.steps());
        const auto is_held = [&](const std::string& key) {
            return std::any_of(held.begin(), held.end(),
                               [&](const auto& h) { return s.steps()[h.step].key == key; });
        };
        size_t joints = 0;
        for (const auto& step : s.steps())
            if (step.kind == StepKind::join && step.joint) {
                const auto& feed = plan.feeds()[step.joint->feed];
                const bool here_end = (step.joint->at_source ? feed.from : feed.to) == module;
                QCOMPARE(is_held(step.key), here_end);
                joints += here_end;
            }
        QVERIFY(joints >= 2);
        // Here: as if it had never been away, and no day is left over.
        const auto here = set_order(expected, item, OrderState::arrived);
        QCOMPARE(when(here, "set/" + module), when(plan, "set/" + module));
        QVERIFY(here.arrives.empty());
        QVERIFY(!set_arrival(plan, item, "2026-02-30") && !set_arrival(plan, item, "soon"));
    }
    void wire_on_order_holds_its_leads() {
        auto plan = test::demo();
        plan.done.clear();
        const auto s = test::studied(plan);
        const Id lead = "feed-hub-load-drive-left";
        const auto item = line_of(shopping(plan, parts(), s), lead).need.item;
        const auto held = held_back(set_order(plan, item, OrderState::on_its_way), parts(), s, s.steps());
        QVERIFY(std::any_of(held.begin(), held.end(),
                            [&](const auto& h) { return s.steps()[h.step].key == "cut/" + lead; }));
        for (const auto& h : held) QCOMPARE(h.item, item);
        // What was cut already waits for nothing.
        for (const auto& h : held) plan = tick_step(plan, s.steps()[h.step], true, "2026-11-28T19:00");
        QVERIFY(held_back(set_order(plan, item, OrderState::on_its_way), parts(), s, s.steps()).empty());
    }
    void a_lead_cut_in_half_keeps_its_plugs() {
        auto plan = test::demo();
        const auto s = test::studied(plan);
        const auto before = cut_list(plan, parts(), s);
        const auto cable = std::find_if(before.groups.begin(), before.groups.end(), [](const auto& g) {
            return g.kind == CutKind::cable && g.from.back().pieces.size() >= 2;
        });
        QVERIFY(cable != before.groups.end());
        AtHand lead{"supplied", cable->what};
        lead.length = Metre(20), lead.plugs = 2;
        plan.at_hand = {lead};
        for (const auto& g : cut_list(plan, parts(), test::studied(plan)).groups) {
            if (g.what != cable->what) continue;
            const auto& pieces = g.from.front().pieces;
            QVERIFY(pieces.front().plug && pieces.back().plug);
            QCOMPARE(std::count_if(pieces.begin(), pieces.end(), [](const auto& p) { return p.plug; }), 2);
            QVERIFY(cut_words(pieces.front()).str().ends_with("with its plug"));
        }
    }
    void photographs_are_in_the_page() {
        auto plan = test::demo();
        const auto key = test::studied(plan).steps().front().key;
        plan = add_photo(plan, key, "bench.png", "2026-11-28T19:00:00");
        const auto s = test::studied(plan);
        const auto with = [&](const std::string& bytes) {
            return book_html(plan, parts(), s, [&](const std::string& name) -> std::optional<std::string> {
                return name == "bench.png" ? std::optional(bytes) : std::nullopt;
            });
        };
        // RFC 4648: ends of one, two and no bytes over.
        QVERIFY(with("\x89PNG").find("data:image/png;base64,iVBORw==") != std::string::npos);
        QVERIFY(with("\x89PNGa").find("base64,iVBOR2E=\"") != std::string::npos);
        QVERIFY(with("\x89PNGab").find("base64,iVBOR2Fi\"") != std::string::npos);
        QVERIFY(with("no picture").find("data:image") == std::string::npos);
        QVERIFY(book_html(plan, parts(), s).find("data:image") == std::string::npos);
    }
};

SANGRE_SUITE(TestStepTemplates);
#include "test_step_templates.moc"
