// What a plan gives beside the bench: shopping, drawings of steps, the book.
#include <algorithm>
#include <cmath>
#include <set>

#include "fixtures.h"
#include "harness/room.h"
#include "making/shopping.h"
#include "output/book/book.h"
#include "output/diagram/lead_sheets.h"
#include "output/diagram/machine_sheets.h"
#include "output/diagram/paper_room.h"
#include "output/diagram/step_drawing.h"
#include "output/files/diagram_svg.h"
#include "output/files/sheets_pdf.h"
#include "random_plans.h"

using namespace sangre;
using test::parts;

namespace {

const char* book_demos[] = {"orchard-frost-rover", "seed-hexacopter", "book-trike",
                            "bat-detector",        "apiary-trailer",  "moss-wall"};

size_t count_of(const std::string& text, const std::string& what) {
    size_t n = 0;
    for (auto at = text.find(what); at != std::string::npos; at = text.find(what, at + 1)) ++n;
    return n;
}

}  // namespace

class TestBook : public QObject {
    Q_OBJECT

  private slots:
    void every_step_of_the_demos_has_its_drawing() {
        for (const auto* demo : book_demos) {
            const auto plan = test::demo(demo);
            const auto s = test::studied(plan);
            for (const auto& step : s.steps()) {
                const auto sheet = step_drawing(plan, parts(), s, step);
                QVERIFY2(sheet.shapes.size() > 1, (std::string(demo) + " " + step.key).c_str());
                for (const auto& shape : sheet.shapes)
                    for (const auto& p : shape.points)
                        QVERIFY2(std::isfinite(p.x) && std::isfinite(p.y) && p.x > -60 && p.x < 220 &&
                                     p.y > -40 && p.y < 100,
                                 step.key.c_str());
            }
        }
    }
    void two_steps_of_one_kind_are_drawn_by_their_own_figures() {
        const auto plan = test::demo();
        const auto s = test::studied(plan);
        const auto words = [&](const std::string& key) {
            for (const auto& step : s.steps())
                if (step.key == key) {
                    std::string all;
                    for (const auto& shape : step_drawing(plan, parts(), s, step).shapes)
                        all += shape.text + "\n";
                    return all;
                }
            return std::string();
        };
        QVERIFY(words("cut/feed-hub-load-drive-left").find("1.15 m") != std::string::npos);
        QVERIFY(words("cut/feed-hub-load-drive-left").find("W3+") != std::string::npos);
        QVERIFY(words("join/feed-hub-load-drive-left/load").find("overlap 9 mm") != std::string::npos);
        QVERIFY(words("hold/way-hub-left").find("0.75 m") != std::string::npos);
    }
    /// As many as the step says, to one scale; of more than nine the rest is said.
    void the_holes_to_drill_are_all_drawn() {
        auto plan = test::demo();
        const auto drawn = [&] {
            const auto s = test::studied(plan);
            for (const auto& step : s.steps())
                if (step.kind == StepKind::drill) return step_drawing(plan, parts(), s, step);
            return DiagramSheet();
        };
        const auto counted = [](const DiagramSheet& sheet) {
            std::set<std::string> texts;
            std::vector<double> radii;
            for (const auto& shape : sheet.shapes) {
                texts.insert(shape.text);
                if (shape.kind == ShapeKind::circle)
                    radii.push_back(std::hypot(shape.points[1].x - shape.points[0].x,
                                               shape.points[1].y - shape.points[0].y));
                for (const auto& p : shape.points)
                    if (p.x < 0 || p.x > sheet.width || p.y < 0 || p.y > sheet.height) radii.clear();
            }
            return std::pair{radii, texts};
        };
        const auto [radii, texts] = counted(drawn());
        QCOMPARE(radii.size(), size_t{6});
        QVERIFY(texts.contains("Deck, mast") && texts.contains("16 mm"));
        const auto [least, most] = std::minmax_element(radii.begin(), radii.end());
        QVERIFY(std::abs(*most / *least - 16.0 / 11) < 1e-9);
        for (int i = 0; i < 8; ++i) {
            auto another = plan.openings.back();
            another.id = "more-" + std::to_string(i);
            plan.openings.push_back(another);
        }
        const auto [many, said] = counted(drawn());
        QCOMPARE(many.size(), size_t{8});
        QVERIFY(said.contains("and 6 more"));
    }
    void random_plans_can_be_drawn_and_bound() {
        test::RandomPlans dice(41);
        for (int i = 0; i < 12; ++i) {
            const auto plan = dice.built();
            const auto s = test::studied(plan);
            const auto html = book_html(plan, parts(), s);
            QVERIFY(html.find("nan") == std::string::npos || html.find(">nan") == std::string::npos);
            QCOMPARE(count_of(html, "<section class=\"step\""), s.steps().size());
            for (const auto& sheet : book_sheets(plan, parts(), s))
                for (const auto& shape : sheet.shapes) QVERIFY(shape.text.find("nan") == std::string::npos);
            machine_sheets(plan, s), section_sheets(plan, parts(), s), lead_sheets(plan, parts(), s);
        }
    }
    void the_book_holds_everything_and_leads_back() {
        const auto plan = test::demo();
        const auto s = test::studied(plan);
        const auto html = book_html(plan, parts(), s);
        for (const auto& step : s.steps()) QVERIFY(html.find(xml_escaped(step.title)) != std::string::npos);
        for (const auto& r : s.readings()) QVERIFY(html.find(xml_escaped(r.title)) != std::string::npos);
        // Every mark leads to a step that is there.
        for (auto at = html.find("href=\"#s-"); at != std::string::npos;
             at = html.find("href=\"#s-", at + 1)) {
            const auto id = html.substr(at + 7, html.find('"', at + 7) - at - 7);
            QVERIFY2(html.find("id=\"" + id + "\"") != std::string::npos, id.c_str());
        }
        QCOMPARE(html.find("http://"), html.find("http://www.w3.org"));  // nothing from elsewhere
        const auto cautions = book_cautions(plan, parts(), s.steps());
        std::set<std::string> once;
        for (const auto& c : cautions) QVERIFY(once.insert(c.words).second);
        QVERIFY(cautions.front().words.find("60 V") != std::string::npos);
    }
    void propellers_are_cautioned_of_where_it_flies() {
        for (const bool flies : {true, false}) {
            auto plan = test::demo();
            plan.flies = flies;
            const auto all = book_cautions(plan, parts(), {});
            QCOMPARE(std::any_of(all.begin(), all.end(),
                                 [](const auto& c) { return c.words.starts_with("Propellers off"); }),
                     flies);
        }
    }
    void hostile_names_stay_text() {
        auto plan = test::demo();
        plan.name = "<script>alert(1)</script> & \"quotes\"";
        by_id(plan.loads, Id("load-fog-pump"))->name = "</td><img src=x>";
        const auto html = book_html(plan, parts(), test::studied(plan));
        QVERIFY(html.find("<script>alert") == std::string::npos && html.find("<img") == std::string::npos);
    }
    void the_pdf_has_a_page_a_sheet() {
        const auto plan = test::demo();
        const auto s = test::studied(plan);
        const auto sheets = book_sheets(plan, parts(), s);
        const auto pdf = sheets_to_pdf(sheets, plan.name, data_directory());
        QVERIFY(pdf && pdf->starts_with("%PDF-"));
        QVERIFY(sheets.size() > 20);
        const auto none = sheets_to_pdf({}, plan.name, "/nowhere");
        QVERIFY(none.has_value());
    }
    void what_lies_in_a_drawer_is_not_bought() {
        auto plan = test::demo();
        plan.at_hand.clear();
        const auto before = shopping(plan, parts(), test::studied(plan));
        const auto line = [](const Shopping& list, const char* item) {
            return *std::find_if(list.lines.begin(), list.lines.end(), [&](const auto& l) {
                return l.need.item.str().find(item) != std::string::npos;
            });
        };
        const auto ties = line(before, "cable tie");
        QVERIFY(ties.to_buy >= ties.need.amount && std::fmod(ties.to_buy, ties.pack) == 0);
        plan.at_hand = {{"t", ties.need.item, {}, {}, Metre(0), 100, {}}};
        const auto after = shopping(plan, parts(), test::studied(plan));
        QCOMPARE(line(after, "cable tie").to_buy, 0.0);
        QCOMPARE(after.to_buy + 1, before.to_buy);
        // What has arrived is at hand.
        const auto module = line(before, "buck module 5 A");
        plan = set_order(plan, module.need.item, OrderState::arrived);
        QCOMPARE(line(shopping(plan, parts(), test::studied(plan)), "buck module 5 A").to_buy, 0.0);
    }
    void fuses_and_tube_get_spares_and_unknown_prices_stay_unknown() {
        const auto list = shopping(test::demo(), parts(), test::studied(test::demo()));
        double price = 0;
        size_t unpriced = 0;
        for (const auto& l : list.lines) {
            // Two in spare; of a bolted link, which is dear, one.
            if (l.need.goods == Goods::fuse && l.to_buy > 0)
                CLOSE(l.to_buy, l.need.amount - l.at_hand + (l.need.each > 2 ? 1 : 2), 1e-9);
            if (l.to_buy > 0) {
                if (l.price)
                    price += *l.price;
                else
                    ++unpriced;
            }
            if (!l.cheaper.empty()) QVERIFY(l.cheaper_each < l.need.each);
            // What every builder buys has a typical price.
            if (l.to_buy > 0 && (l.need.goods == Goods::wire || l.need.goods == Goods::tube ||
                                 l.need.goods == Goods::cable || l.need.goods == Goods::fuse))
                QVERIFY2(l.price && *l.price > 0, l.need.item.str().c_str());
        }
        CLOSE(list.price, price, 1e-9);
        QCOMPARE(list.unpriced, unpriced);
    }
    void room_for_one_more_is_room_and_for_another_is_none() {
        const auto plan = test::demo();
        const auto s = test::studied(plan);
        for (const auto& fill : s.harness.holes) {
            const auto& opening = plan.openings[fill.opening];
            const auto left = room_left(opening, fill);
            if (!left || fill.wires.empty()) continue;
            const auto needs = [&](size_t more, double radius) {
                std::vector<double> radii;
                for (const auto& r : fill.rounds) radii.push_back(r.at.radius);
                radii.insert(radii.end(), more, radius);
                return 2 * enclosing_radius(pack_circles(radii));
            };
            QVERIFY(needs(1, raw(left->one) / 2) <= raw(opening.bore) + 1e-9);
            QVERIFY(needs(1, raw(left->one) / 2 + 0.1) > raw(opening.bore));
            if (left->more_alike > 0)
                QVERIFY(needs(left->more_alike, raw(left->alike) / 2) <= raw(opening.bore) + 1e-9);
        }
    }
    void labels_find_free_room() {
        PaperRoom room({0, 0, 100, 100});
        room.take({0, 0, 50, 50});
        const std::vector<PaperBox> where{{10, 10, 20, 20}, {60, 60, 70, 70}};
        QCOMPARE(room.find(where), size_t{1});
        QCOMPARE(room.find(where), size_t{0});  // now both are crowded: the one that is less so
        QCOMPARE(room.find({}), size_t{0});
    }
};

SANGRE_SUITE(TestBook);
#include "test_book.moc"
