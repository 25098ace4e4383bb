// What may be put into a feed: in the size the feed asks for, and no worse plan for it. Packs as people type
// them.
#include "comparison/device_offers.h"
#include "fixtures.h"
#include "plan/pack_text.h"
#include "wiring/item/item.h"

using namespace sangre;
using test::parts;

namespace {

const DeviceOffer* offer_with(const std::vector<DeviceOffer>& offers, const char* words) {
    for (const auto& o : offers)
        if ((o.name + " " + o.purpose).str().find(words) != std::string::npos) return &o;
    return nullptr;
}

/// Dangers that are not about a load's or a rail's voltage.
size_t of_the_device(const Study& s) {
    return static_cast<size_t>(std::count_if(s.findings.begin(), s.findings.end(), [](const auto& f) {
        return f.severity == Severity::danger && !f.rule.starts_with("load-") && !f.rule.starts_with("rail-");
    }));
}

}  // namespace

class TestDeviceOffers : public QObject {
    Q_OBJECT
  private slots:
    void every_offer_of_every_feed_fits() {
        for (const char* name : {"orchard-frost-rover", "seed-hexacopter", "book-trike", "bat-detector",
                                 "apiary-trailer", "moss-wall"}) {
            const auto plan =
                propose(test::demo(name), parts())->plan;  // without what the demos leave to mend
            const auto s = test::studied(plan);
            const auto dangers = of_the_device(s);
            for (const auto& feed : plan.feeds())
                for (const auto& o : device_offers(plan, parts(), s, feed.id)) {
                    const auto what = std::string(name) + " " + feed.id + " " + o.name;
                    const auto next = o.edit(plan);
                    QVERIFY2(next != plan, what.str().c_str());
                    const auto* f = by_id(next.feeds(), feed.id);
                    if (o.group == DeviceOffer::Group::take_out) {
                        QCOMPARE(f->devices.size() + 1, feed.devices.size());
                        continue;
                    }
                    QCOMPARE(f->devices.size(),
                             feed.devices.size() + (o.group == DeviceOffer::Group::seat ? 0 : 1));
                    for (const auto& d : f->devices)
                        QVERIFY2(item_values(parts(), d).has_value(), what.str().c_str());
                    // It carries, breaks and stands what it is asked; what it drops may starve a load without
                    // spare.
                    QVERIFY2(of_the_device(test::studied(next)) <= dangers, what.str().c_str());
                }
        }
    }
    void a_hand_on_the_shelf_for_each_need() {
        const auto plan = test::demo();
        const auto s = test::studied(plan);
        const auto motor = device_offers(plan, parts(), s, "feed-hub-load-drive-left");
        for (const char* words : {"by hand", "from afar", "swapped", "both leads", "shows"})
            QVERIFY2(offer_with(motor, words), words);
        const auto radio =
            device_offers(plan, parts(), s, plan.feeds()[feeds_into(plan, "load-telemetry").front()].id);
        QVERIFY(offer_with(radio, "dB at"));
        // What must stay on is offered no switch.
        for (const auto& o : device_offers(plan, parts(), s, "feed-battery-hub-always"))
            QVERIFY2(o.group != DeviceOffer::Group::turn_off, o.name.str().c_str());
        QVERIFY(device_offers(plan, parts(), s, "no such feed").empty());
    }
    void pre_charge_takes_the_spark_away() {
        const auto plan = test::demo("seed-hexacopter");
        const auto s = test::studied(plan);
        QVERIFY(test::has(s, "connector-spark"));
        const auto& feed = plan.feeds()[feeds_from(plan, plan.sources[0].id).front()];
        const auto offers = device_offers(plan, parts(), s, feed.id);
        const auto* o = offer_with(offers, "instead of a spark");
        QVERIFY(o);
        const auto next = o->edit(plan);
        const auto after = test::studied(next);
        QVERIFY(!test::has(after, "connector-spark"));
        // It lies across the switch: nothing of it is in the supply's way.
        CLOSE(raw(after.now.sources[0].amps), raw(s.now.sources[0].amps), 1e-9);
        QVERIFY(after.cost > s.cost && after.mass > s.mass);
        QVERIFY(*plan_from_json(plan_to_json(next), "next") == next);
    }
    void a_filter_is_in_the_way_and_weighs() {
        const auto plan = test::one_feed(1.5);
        const auto s = test::studied(plan);
        const auto offers = device_offers(plan, parts(), s, "feed");
        const auto* o = offer_with(offers, "LC filter");
        QVERIFY(o);
        const auto after = test::studied(o->edit(plan));
        QVERIFY(after.now.loads[0].volts < s.now.loads[0].volts);
        QVERIFY(after.mass > s.mass);
    }
    void packs_as_people_type_them_data() {
        QTest::addColumn<QString>("typed");
        QTest::addColumn<QString>("chemistry");
        QTest::addColumn<int>("series");
        QTest::addColumn<int>("parallel");
        QTest::addColumn<double>("amp_hours");
        const auto row = [](const char* typed, const char* c, int s, int p, double ah) {
            QTest::newRow(typed) << typed << c << s << p << ah;
        };
        row("8S LFP 35 Ah", "lfp", 8, 1, 35);
        row("8s2p lfp 35Ah", "lfp", 8, 2, 35);
        row("6S 5000 mAh pouch", "lipo", 6, 1, 5);
        row("lipo 4S 1.3Ah", "lipo", 4, 1, 1.3);
        row("12 V AGM 20 Ah", "agm", 6, 1, 20);
        row("Li-ion power 7S 4P 10 Ah", "nmc-power", 7, 4, 10);
        row("20 Ah", "lfp", 4, 1, 20);
        row("3S", "lfp", 3, 1, 10);
    }
    void packs_as_people_type_them() {
        QFETCH(QString, typed);
        QFETCH(QString, chemistry);
        QFETCH(int, series);
        QFETCH(int, parallel);
        QFETCH(double, amp_hours);
        const auto like = test::one_feed().sources[0];
        const auto b = parse_pack(parts(), like, typed.toStdString());
        QVERIFY2(b.has_value(), b ? "" : b.error().message.str().c_str());
        QCOMPARE(QString::fromStdString(b->chemistry), chemistry);
        QCOMPARE(b->series, series);
        QCOMPARE(b->parallel, parallel);
        CLOSE(raw(b->cell_capacity) * b->parallel, amp_hours, 1e-9);
        QCOMPARE(b->id, like.id);
        // What the editor opens with reads back as the same pack.
        const auto again = parse_pack(parts(), like, pack_line(*b, *find(parts().chemistries, b->chemistry)));
        QVERIFY(again && *again == *b);
    }
    void what_is_no_pack_says_where() {
        const auto like = test::one_feed().sources[0];
        for (const char* typed :
             {"", "0S", "plutonium 4S", "4S -3 Ah", "13 V LFP 5 kg", "4S 1e9 Ah", "40 V AGM 5 W"}) {
            const auto b = parse_pack(parts(), like, typed);
            QVERIFY2(!b, typed);
            QVERIFY2(!b.error().message.empty() && b.error().end <= std::string(typed).size(), typed);
        }
    }
};

SANGRE_SUITE(TestDeviceOffers);
#include "test_device_offers.moc"
