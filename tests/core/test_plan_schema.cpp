// The schema of a plan is made from its fields: what is written fits it, what is no field is not in it.
#include <QFile>

#include <nlohmann/json.hpp>

#include "fixtures.h"
#include "output/files/plan_schema.h"
#include "random_plans.h"

using namespace sangre;
using nlohmann::json;

namespace {

/// Every key of a value that its schema does not describe.
void undescribed(const json& value, const json& schema, const std::string& at, QStringList& out) {
    if (value.is_array()) {
        for (const auto& one : value) undescribed(one, schema.value("items", json::object()), at + "[]", out);
        return;
    }
    if (!value.is_object()) return;
    if (schema.contains("additionalProperties")) {
        for (const auto& [key, one] : value.items())
            undescribed(one, schema["additionalProperties"], at + "/*", out);
        return;
    }
    for (const auto& [key, one] : value.items()) {
        const auto path = at + "/" + key;
        if (!schema.contains("properties") || !schema["properties"].contains(key))
            out << QString::fromStdString(path);
        else
            undescribed(one, schema["properties"][key], path, out);
    }
}

}  // namespace

class TestPlanSchema : public QObject {
    Q_OBJECT
  private slots:
    void the_shipped_one_is_what_the_fields_make() {
        const auto made = plan_schema();
        QVERIFY2(made.has_value(), made ? "" : made.error().c_str());
        QFile shipped(QString::fromStdString((data_directory() / "schema" / "plan.schema.json").string()));
        QVERIFY(shipped.open(QIODevice::ReadOnly));
        QVERIFY2(shipped.readAll() == QByteArray::fromStdString(*made),
                 "run: sangre-cli schema > data/schema/plan.schema.json");
    }
    void every_key_that_is_written_is_described() {
        const auto schema = json::parse(*plan_schema());
        QStringList missing;
        const auto look = [&](const Plan& plan) {
            undescribed(json::parse(plan_to_json(plan)), schema, "", missing);
        };
        for (unsigned seed = 0; seed < 60; ++seed) look(test::RandomPlans(seed).built());
        for (const char* name : {"orchard-frost-rover", "moss-wall", "apiary-trailer", "seed-hexacopter"})
            look(test::demo(name));
        missing.removeDuplicates();
        QVERIFY2(missing.isEmpty(), qPrintable(missing.join(", ")));
    }
    void kinds_and_ranges_are_both_in_it() {
        const auto schema = json::parse(*plan_schema());
        const auto& load = schema["properties"]["loads"]["items"];
        QCOMPARE(load["properties"]["kind"]["enum"].size(), size_t{5});
        QVERIFY(load["required"].size() >= 3);
        QCOMPARE(load["properties"]["bridge_ohm"]["maximum"].get<double>(), 1000.0);
        QVERIFY(load["properties"].contains("lead"));
        // Keys of every kind of source, whichever a plan has.
        const auto& source = schema["properties"]["sources"]["items"]["properties"];
        for (const char* key : {"series", "fuse_A", "power_W", "charger_V"})
            QVERIFY2(source.contains(key), key);
    }
};

SANGRE_SUITE(TestPlanSchema);
#include "test_plan_schema.moc"
