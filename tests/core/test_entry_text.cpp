// Entries of the catalogue as lines, and the builder's own files of them.
#include <QTemporaryDir>

#include "fixtures.h"
#include "output/files/entry_text.h"

using namespace sangre;
using sangre::test::parts;

class TestEntryText : public QObject {
    Q_OBJECT

  private slots:
    void every_shipped_entry_reads_back() {
        const auto data = data_directory();
        size_t n = 0;
        for (const auto& entry : catalogue_entries(data, {})) {
            const auto line = entry_line(data, entry);
            const auto read = read_entry(data, entry.kind, line);
            QVERIFY2(read.has_value(), (line + ": " + (read ? "" : read.error().message)).str().c_str());
            // What is no more than not said comes back as not said.
            auto was = entry.keys;
            for (auto it = was.begin(); it != was.end();)
                it = it->is_boolean() && !it->get<bool>() && !read->keys.contains(it.key()) ? was.erase(it)
                                                                                            : std::next(it);
            QVERIFY2(read->keys == was, (line + "\n" + read->keys.dump() + "\n" + was.dump()).c_str());
            ++n;
        }
        QVERIFY(n > 150);
    }
    void errors_point_data() {
        QTest::addColumn<QString>("line");
        QTest::addColumn<QString>("says");
        QTest::addColumn<QString>("at");
        const QString whole =
            "my toggle, kind switch, rated 10 A, breaks 32 V, contact 8 mΩ, mass g 12, cost 2";
        const auto row = [&](QString line, const char* says, const char* at) {
            QTest::newRow(says) << line << says << at;
        };
        row(QString(whole).replace("10 A", "10 V"), "This needs a current", "rated 10 V");
        row(QString(whole).replace("rated 10 A, ", ""), "“rated” is missing", "");
        row(QString(whole).replace("kind switch", "kind swich"), "none of switch", "");
        row(whole + ", colour blue", "“colour blue” is not understood", "colour blue");
        row(whole + ", rated 12 A", "said twice", "rated 12 A");
        row(QString(whole).replace("10 A", "-10 A"), "expected", "");
        row("", "called comes first", "");
    }
    void errors_point() {
        QFETCH(QString, line);
        QFETCH(QString, says);
        QFETCH(QString, at);
        const auto text = line.toStdString();
        const auto read = read_entry(data_directory(), "switch", text);
        QVERIFY(!read);
        QVERIFY2(QString::fromStdString(read.error().message).contains(says),
                 read.error().message.str().c_str());
        if (!at.isEmpty())
            QCOMPARE(QString::fromStdString(
                         text.substr(read.error().begin, read.error().end - read.error().begin)),
                     at);
    }
    void own_parts_are_kept_changed_and_dropped() {
        QTemporaryDir home;
        const std::filesystem::path own = home.filePath("own/catalogue").toStdString();
        const auto data = data_directory();
        auto mine = read_entry(
            data, "switch",
            "My toggle, kind switch, rated 10 A, breaks 32 V, contact 8 mΩ, mass g 12, cost 2, ends pad");
        QVERIFY2(mine.has_value(), mine ? "" : mine.error().message.str().c_str());
        QCOMPARE(mine->id(), std::string("my-toggle"));
        QVERIFY(keep_entry(own, *mine).has_value());
        auto catalogue = load_catalogue(data, own);
        QVERIFY(catalogue && catalogue->refused.empty());
        QCOMPARE(raw(find(catalogue->switches, "my-toggle")->rated), 10.0);
        mine->keys["rated_A"] = 12;
        QVERIFY(keep_entry(own, *mine).has_value());
        catalogue = load_catalogue(data, own);
        QCOMPARE(raw(find(catalogue->switches, "my-toggle")->rated), 12.0);
        QCOMPARE(catalogue_entries(data, own).size(), catalogue_entries(data, {}).size() + 1);
        QVERIFY(drop_entry(own, "switch", "my-toggle").has_value());
        QVERIFY(!find(load_catalogue(data, own)->switches, "my-toggle"));
        QVERIFY(!drop_entry(own, "switch", "my-toggle").has_value());
        // A file that is broken is not written over.
        QFile broken(home.filePath("own/catalogue/switch.json"));
        QVERIFY(broken.open(QIODevice::WriteOnly) && broken.write("{ not whole") > 0);
        broken.close();
        QVERIFY(!keep_entry(own, *mine).has_value());
        QVERIFY(broken.open(QIODevice::ReadOnly) && broken.readAll() == "{ not whole");
    }
};

SANGRE_SUITE(TestEntryText);
#include "test_entry_text.moc"
