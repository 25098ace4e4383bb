// sangre-cli as a script would use it.
#include <QDir>
#include <QFileInfo>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QProcess>
#include <nlohmann/json.hpp>
#include <set>

#include "fixtures.h"

using json = nlohmann::json;
using namespace sangre;

namespace {

struct Run {
    int code = -1;
    QString out, err;
};

Run cli(const QStringList& arguments) {
    QProcess p;
    p.start(QStringLiteral(SANGRE_CLI), arguments);
    p.waitForFinished(60000);
    return {p.exitStatus() == QProcess::NormalExit ? p.exitCode() : -99,
            QString::fromUtf8(p.readAllStandardOutput()), QString::fromUtf8(p.readAllStandardError())};
}

}  // namespace

class TestCli : public QObject {
    Q_OBJECT
    QTemporaryDir folder_;
    const QString demo_ = QString::fromStdString(test::demo_file());
    QString file(const char* name, const QByteArray& text) {
        const auto path = folder_.filePath(name);
        QFile f(path);
        if (f.open(QIODevice::WriteOnly)) f.write(text);
        return path;
    }
  private slots:
    void study_obeys_kirchhoff_from_outside() {
        for (const auto& arguments : {QStringList{},
                                      {"--phase", "Fog", "--charge", "68%", "--ambient", "-5 °C"},
                                      {"--worst"},
                                      {"--phase", "Parked"}}) {
            const auto run = cli(QStringList{"study", demo_, "--json"} + arguments);
            QCOMPARE(run.code, 0);
            const auto j = json::parse(run.out.toStdString());
            const auto& n = j.at("network");
            QVERIFY(n.at("found"));
            std::vector<double> sum(n.at("nodes").size());
            for (const auto& e : n.at("elements")) {
                sum[e.at("from").get<size_t>()] -= e.at("A").get<double>();
                sum[e.at("to").get<size_t>()] += e.at("A").get<double>();
            }
            for (const double s : sum) QVERIFY(std::abs(s) <= 1e-9 * n.at("scale_A").get<double>());
            QVERIFY(run.out.toLower().indexOf("nan") < 0);
        }
    }
    void wiring_lists_what_there_will_be() {
        const auto run = cli({"wiring", demo_, "--json"});
        QCOMPARE(run.code, 0);
        const auto j = json::parse(run.out.toStdString());
        const auto plan = test::demo();
        std::set<std::string> joints;
        for (const auto& joint : j.at("joints")) {
            QVERIFY(joints.insert(joint.at("key").get<std::string>()).second);
            QVERIFY(!joint.at("name").get<std::string>().empty());
        }
        size_t devices = 0;
        for (const auto& f : plan.feeds()) devices += f.devices.size();
        QCOMPARE(j.at("items").size(), devices);
        for (const auto& core : j.at("cores")) {
            double reached = 0;
            for (const auto& piece : core.at("stretches")) {
                QCOMPARE(piece.at("from_m").get<double>(), reached);
                reached = piece.at("to_m").get<double>();
                for (const auto& joint : piece.at("joints"))
                    QVERIFY(joints.contains(joint.get<std::string>()));
            }
            QVERIFY(std::abs(reached - core.at("length_m").get<double>()) < 1e-9);
        }
        const auto words = cli({"wiring", demo_});
        QCOMPARE(words.code, 0);
        for (const auto& f : plan.feeds())
            QVERIFY(words.out.contains(QString::fromStdString(name_of(plan, f.to)) + " lead, +, at "));
        QCOMPARE(cli({"wiring", "/nowhere.json"}).code, 2);
    }
    void tolerance_says_how_sure_the_numbers_are() {
        const QStringList ask{"tolerance", demo_, "--phase", "Fog", "--draws", "200", "--json"};
        const auto run = cli(ask), again = cli(ask);
        QCOMPARE(run.code, 0);
        QCOMPARE(run.out, again.out);  // seeded
        const auto j = json::parse(run.out.toStdString());
        QCOMPARE(j.at("draws").get<int>(), 200);
        QCOMPARE(j.at("loads").size(), test::demo().loads.size());
        for (const auto& l : j.at("loads")) {
            QVERIFY(l.at("V").at("p5") <= l.at("V").at("p50") && l.at("V").at("p50") <= l.at("V").at("p95"));
            QVERIFY(!l.at("V").at("moved_most_by").get<std::string>().empty());
        }
        const auto words = cli({"tolerance", demo_, "--draws", "50", "--seed", "3"});
        QCOMPARE(words.code, 0);
        QVERIFY(words.out.contains("moved most by"));
        QCOMPARE(cli({"tolerance", demo_, "--draws", "1"}).code, 2);
        QCOMPARE(cli({"tolerance", demo_, "--phase", "Lunch"}).code, 2);
    }
    void the_list_of_rules_is_current() {
        QFile f(QStringLiteral(SANGRE_SOURCE_DATA "/../docs/rules.md"));
        QVERIFY(f.open(QIODevice::ReadOnly));
        QCOMPARE(QString::fromUtf8(f.readAll()), cli({"rules"}).out);
        QVERIFY(rules().size() >= 60);
    }
    void it_speaks_the_language_that_is_asked_for() {
        const auto english = cli({"steps", demo_});
        for (const auto& where :
             {QStringList{"steps", demo_, "--language", "de"}, {"--language=de", "steps", demo_}}) {
            const auto german = cli(where);
            QCOMPARE(german.code, english.code);
            QVERIFY2(german.out.contains("Vorsicht") || german.out.contains("Sicherung"),
                     qPrintable(german.out));
            QVERIFY(!german.out.contains("Lay everything out"));
            QCOMPARE(german.out.count('\n'), english.out.count('\n'));
        }
        // The same work in the same order, in any language.
        QJsonArray keys[2];
        for (const int i : {0, 1}) {
            const auto run = cli({"steps", demo_, "--json", "--language", i == 0 ? "en" : "de"});
            for (const auto step : QJsonDocument::fromJson(run.out.toUtf8()).object()["steps"].toArray())
                keys[i] << QJsonArray{step.toObject()["key"], step.toObject()["actions"].toArray().size(),
                                      step.toObject()["tools"]};
        }
        QVERIFY(keys[0].size() > 50);
        QCOMPARE(keys[0], keys[1]);
        // What scripts read is as it was, and a plan's lines stay as they are typed.
        QCOMPARE(cli({"steps", demo_, "--language", "en"}).out, english.out);
        QCOMPARE(cli({"text", demo_, "--language", "de"}).out, cli({"text", demo_}).out);
        const auto unknown = cli({"steps", demo_, "--language", "xx"});
        QCOMPARE(unknown.code, 2);
        QVERIFY2(unknown.err.contains("de") && unknown.err.contains("xx"), qPrintable(unknown.err));
    }
    void a_plan_is_text_and_back() {
        const auto text = cli({"text", demo_});
        QCOMPARE(text.code, 0);
        QVERIFY(text.out.startsWith("plan Orchard frost rover"));
        const QTemporaryDir folder;
        QFile file(folder.filePath("plan.txt"));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(text.out.toUtf8());
        file.close();
        const auto made = folder.filePath("plan.json");
        QCOMPARE(cli({"plan", file.fileName(), "-o", made}).code, 0);
        const auto plan = load_plan(made.toStdString());
        QVERIFY(plan.has_value());
        QVERIFY(plan_to_json(*plan) == plan_to_json(test::demo()));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write("hub X\nhub Y, at Nowhere\n");
        file.close();
        const auto wrong = cli({"plan", file.fileName(), "-o", made});
        QCOMPARE(wrong.code, 2);
        QVERIFY2(wrong.err.contains("line 2: there is no place “Nowhere”"), qPrintable(wrong.err));
        QCOMPARE(cli({"plan", folder.filePath("none.txt"), "-o", made}).code, 2);
        QVERIFY(cli({"lines"}).out.startsWith("# Lines"));
    }
    void calc_answers_first() {
        auto run = cli({"calc", "wire", "--size", "14 AWG", "--insulation", "pvc-80", "--ambient", "30",
                        "--current", "20", "--length", "2m", "--bunch", "3"});
        QCOMPARE(run.code, 0);
        QVERIFY(run.out.startsWith("14 AWG PVC, 80 °C carries 21"));
        QVERIFY(run.out.contains("source: "));
        run = cli({"calc", "fuse", "--rating", "10", "--current", "20", "--json"});
        QCOMPARE(run.code, 0);
        QCOMPARE(json::parse(run.out.toStdString()).at("values").at("fastest_s").get<double>(), 0.15);
        run = cli({"calc", "filter", "--inductance", "47uH", "--capacitance", "1000 µF", "--noise", "300kHz",
                   "--json"});
        QVERIFY(json::parse(run.out.toStdString()).at("values").at("attenuation_dB").get<double>() > 80);
        QVERIFY(cli({"calc", "hole", "3x2.1mm", "1x4.8mm"}).out.contains("mm across"));
        QVERIFY(cli({"calc", "tube", "--pass", "5", "--hold", "3"}).out.contains("tube"));
        QVERIFY(cli({"calc", "battery", "--chemistry", "lfp", "--series", "8", "--capacity", "20",
                     "--current", "5"})
                    .out.contains("4 h"));
        QVERIFY(cli({"calc", "short", "--volts", "13", "--source", "30mΩ", "--size", "18 AWG", "--length",
                     "1.5", "--rating", "10"})
                    .out.contains("protected"));
        QVERIFY(cli({"calc", "precharge", "--volts", "25", "--capacitance", "2200uF"})
                    .out.contains("pre-charge"));
    }
    void calc_says_what_was_asked_wrongly_data() {
        QTest::addColumn<QStringList>("arguments");
        QTest::addColumn<QString>("reason");
        QTest::newRow("no size") << QStringList{"wire", "--size", "0.003 mm2"} << "nearest are";
        QTest::newRow("no number") << QStringList{"wire", "--size", "14 AWG", "--current", "lots"}
                                   << "--current lots";
        QTest::newRow("another unit")
            << QStringList{"wire", "--size", "14 AWG", "--length", "3 V"} << "--length 3 V";
        QTest::newRow("no rating") << QStringList{"fuse", "--rating", "11", "--current", "3"}
                                   << "7.5 A, 10 A, 15 A";
        QTest::newRow("no prefix") << QStringList{"filter", "--inductance", "3 qH"} << "100 µH";
        QTest::newRow("nothing") << QStringList{"filter"} << "must be above 0";
        QTest::newRow("no such question") << QStringList{"luck"} << "subcommand";
    }
    void calc_says_what_was_asked_wrongly() {
        QFETCH(QStringList, arguments);
        QFETCH(QString, reason);
        const auto run = cli(QStringList{"calc"} + arguments);
        QCOMPARE(run.code, 2);
        QVERIFY2((run.err + run.out).contains(reason), qPrintable(run.err));
    }
    void a_bad_entry_of_ones_own_is_named_and_left_out() {
        const QString home = folder_.filePath("home");
        QDir().mkpath(home + "/sangre/catalogue");
        QFile f(home + "/sangre/catalogue/mine.json");
        QVERIFY(f.open(QIODevice::WriteOnly));
        f.write(
            R"({"format": "sangre-catalogue", "version": 1, "kind": "tube", "entries": [{"id": "x", "source": "s"}]})");
        f.close();
        qputenv("XDG_DATA_HOME", home.toUtf8());
        const auto run = cli({"findings", demo_});
        qunsetenv("XDG_DATA_HOME");
        QCOMPARE(run.code, 1);
        QVERIFY2(run.err.contains("left out") && run.err.contains("mine.json: /entries/0"),
                 qPrintable(run.err));
    }
    void findings_tell_by_exit_code() {
        auto run = cli({"findings", demo_});
        QCOMPARE(run.code, 1);
        QVERIFY(run.out.contains("danger: ") && run.out.contains("mend 1: "));
        const auto wired = folder_.filePath("wired.json");
        QCOMPARE(cli({"propose", demo_, "-o", wired}).code, 0);
        run = cli({"findings", wired});
        QCOMPARE(run.code, 0);
        QVERIFY(!run.out.contains("danger"));
    }
    void broken_input_is_exit_2_with_file_path_and_reason() {
        const auto bad = file(
            "bad.json",
            R"({"format":"sangre-plan","version":2,"loads":[{"id":"x","min_V":1,"max_V":2,"typical_A":"much"}]})");
        for (const char* command :
             {"study", "findings", "steps", "readings", "straight", "bom", "cutlist", "shopping"}) {
            const auto run = cli({command, bad});
            QCOMPARE(run.code, 2);
            QVERIFY2(run.err.contains("bad.json: /loads/0/typical_A: "), qPrintable(run.err));
            QVERIFY(run.out.isEmpty());
        }
        QCOMPARE(cli({"study", "/no/such.json"}).code, 2);
        QCOMPARE(cli({"study", demo_, "--phase", "Holiday"}).code, 2);
        QVERIFY(cli({"study", demo_, "--phase", "Holiday"}).err.contains("Patrol"));
        QCOMPARE(cli({"study", demo_, "--charge", "150 %"}).code, 2);
        QCOMPARE(cli({"study", demo_, "--ambient", "warm"}).code, 2);
        QCOMPARE(cli({}).code, 2);
        QCOMPARE(cli({"fly"}).code, 2);
    }
    void propose_from_a_table() {
        const auto table = file("loads.csv",
                                "name,voltage,current,peak,peak time,manner\nMotor,20-30 V,3 A,12 A,2 "
                                "s,noisy\nComputer,5 V,2 A,,,vital\nBeacon,9-15 V,50 mA,,,always on\n");
        const auto out = folder_.filePath("made.json");
        auto run = cli({"propose", table, "-o", out});
        QCOMPARE(run.code, 0);
        const auto plan = load_plan(out.toStdString());
        QVERIFY(plan);
        QCOMPARE(plan->loads.size(), size_t{3});
        QCOMPARE(cli({"findings", out}).code, 0);
        const auto hopeless = file("hopeless.csv", "Kiln 12V 400A\n");
        run = cli({"propose", hopeless, "-o", folder_.filePath("no.json")});
        QCOMPARE(run.code, 1);
        QVERIFY(run.err.contains("Kiln"));
        QVERIFY(!QFile::exists(folder_.filePath("no.json")));
        const auto broken = file("broken.csv", "Lamp 12V 1A\nFan 26-7V 1A\n");
        run = cli({"propose", broken, "-o", out});
        QCOMPARE(run.code, 2);
        QVERIFY2(run.err.contains("broken.csv:2: "), qPrintable(run.err));
        QCOMPARE(cli({"propose", table, "-o", "/no/such/folder/x.json"}).code, 2);
    }
    void steps_readings_and_bom() {
        auto run = cli({"steps", demo_});
        QCOMPARE(run.code, 0);
        QVERIFY(run.out.contains("[x] Lay everything out") && run.out.contains("last of all"));
        run = cli({"readings", demo_});
        QVERIFY(run.out.contains("dead  Pack plug") && run.out.contains("live  "));
        run = cli({"readings", demo_, "--csv"});
        QVERIFY(run.out.startsWith("reading,state,red on,black on,least,most,unit,measured,when,verdict\n"));
        run = cli({"straight", demo_});
        QCOMPARE(run.code, 0);
        QVERIFY(run.out.contains("Hub → Drive left, cut 1.15 m") && run.out.contains("Through the "));
        run = cli({"bom", demo_, "--csv"});
        QVERIFY(run.out.startsWith("item,amount,unit,used for\n") && run.out.contains("wire 12 AWG red"));
    }
    void diagram_and_labels_are_pictures() {
        const auto read = [&](const char* name) {
            QFile f(folder_.filePath(name));
            return f.open(QIODevice::ReadOnly) ? QString::fromUtf8(f.readAll()) : QString();
        };
        auto run = cli({"diagram", demo_, "-o", folder_.filePath("wiring.svg")});
        QVERIFY2(run.code == 0, qPrintable(run.err));
        const auto svg = read("wiring-1.svg"), cables = read("wiring-2.svg");
        QVERIFY(svg.startsWith("<svg") && svg.trimmed().endsWith("</svg>"));
        QVERIFY(svg.contains("Work lamp") && svg.contains("22 AWG"));
        QVERIFY(cables.contains("Mast data") && cables.contains("twisted 1"));
        run = cli({"labels", demo_, "-o", folder_.filePath("labels.svg")});
        QVERIFY2(run.code == 0, qPrintable(run.err));
        // More than fit a sheet go on on the next.
        QVERIFY(read("labels-1.svg").contains("W1+") || read("labels.svg").contains("W1+"));
        QCOMPARE(cli({"diagram", demo_, "-o", "/no/such/folder/x.svg"}).code, 2);
        QCOMPARE(cli({"labels", "/no/such/plan.json", "-o", folder_.filePath("l.svg")}).code, 2);
        QVERIFY(!cli({"diagram", demo_}).err.isEmpty());
    }
    void an_evening_a_cut_list_and_a_shopping_list() {
        auto run = cli({"steps", demo_, "--tonight", "90min", "--date", "2026-11-28"});
        QCOMPARE(run.code, 0);
        QVERIFY(run.out.startsWith("2026-11-28: ") && run.out.contains(" of 90 min") &&
                run.out.contains("Safe to stop"));
        run = cli({"steps", demo_, "--json", "--date", "2026-11-28"});
        QCOMPARE(run.code, 0);
        const auto answer = QJsonDocument::fromJson(run.out.toUtf8()).object();
        QVERIFY(answer["steps"].toArray().size() > 80 && answer["evenings"].toArray().size() > 3);
        QCOMPARE(answer["changes_of_tools"].toInt(), answer["fewest_possible"].toInt());
        QVERIFY(cli({"steps", demo_, "--ics"}).out.startsWith("BEGIN:VCALENDAR"));
        for (const auto& wrong : std::vector<QStringList>{{"--tonight", "0min"},
                                                          {"--tonight", "soon"},
                                                          {"--tonight", "30h"},
                                                          {"--date", "2026-02-30"}})
            QCOMPARE(cli(QStringList{"steps", demo_} + wrong).code, 2);
        run = cli({"cutlist", demo_});
        QVERIFY(run.code == 0 && run.out.contains("W3+") && run.out.contains("pieces from"));
        QVERIFY(cli({"cutlist", demo_, "--csv"}).out.startsWith("what,cut from,length m,mark,for,left m\n"));
        run = cli({"shopping", demo_});
        QVERIFY(run.code == 0 && run.out.contains("things to buy, "));
        QVERIFY(QRegularExpression("\\d × .*  \\d+\\.\\d\\d\n").match(run.out).hasMatch());
        QVERIFY(cli({"shopping", demo_, "--csv"}).out.startsWith("item,needed,at hand,"));
    }
    void a_book_is_read_by_others() {
        const auto pdf = folder_.filePath("book.pdf"), html = folder_.filePath("book.html");
        QCOMPARE(cli({"book", demo_, "-o", pdf}).code, 0);
        QProcess text;
        text.start("pdftotext", {pdf, "-"});
        QVERIFY(text.waitForFinished(30000));
        const auto words = QString::fromUtf8(text.readAllStandardOutput());
        for (const char* wanted : {"Orchard frost rover", "Build book", "What to cut",
                                   "Join the lead at Drive left", "strip 10 mm each", "last of all"})
            QVERIFY2(words.contains(wanted), wanted);
        QCOMPARE(cli({"book", demo_, "-o", html}).code, 0);
        QFile page(html);
        QVERIFY(page.open(QIODevice::ReadOnly) && page.readAll().startsWith("<!DOCTYPE html>"));
        QCOMPARE(cli({"book", demo_, "-o", folder_.filePath("book.docx")}).code, 2);
        QCOMPARE(cli({"book", demo_, "-o", "/no/such/folder/book.pdf"}).code, 2);
        for (const char* command : {"machine", "sections", "cards", "template"}) {
            const auto sheet = folder_.filePath(QString(command) + ".pdf");
            QVERIFY2(cli({command, demo_, "-o", sheet}).code == 0, command);
            QVERIFY2(QFileInfo(sheet).size() > 3000, command);
        }
    }
    void a_plan_of_nothing() {
        const auto empty = file("empty.json", R"({"format":"sangre-plan","version":2})");
        for (const char* command :
             {"study", "findings", "steps", "readings", "straight", "bom", "cutlist", "shopping"})
            QCOMPARE(cli({command, empty}).code, 0);
        QCOMPARE(cli({"propose", empty, "-o", folder_.filePath("e.json")}).code, 1);
    }
    void output_goes_where_it_may() {
        const auto plan = folder_.filePath("s.json"), text = folder_.filePath("t.txt");
        QVERIFY(QFile::copy(demo_, plan));
        const auto bytes = [](const QString& name) {
            QFile f(name);
            return f.open(QIODevice::ReadOnly) ? f.readAll() : QByteArray();
        };
        const auto before = bytes(plan);
        file("t.txt", "load A 12 V 1 A\n");
        for (const auto& [asked, wanted] :
             {std::pair{QStringList{"diagram", plan, "-o", folder_.filePath("x.png")}, ".svg or .pdf"},
              {QStringList{"labels", plan, "-o", ""}, "name of a file"},
              {QStringList{"labels", plan, "-o", plan}, ".svg or .pdf"},
              {QStringList{"book", plan, "-o", plan}, ".pdf"},
              {QStringList{"plan", text, "-o", text}, "another name"}}) {
            const auto run = cli(asked);
            QCOMPARE(run.code, 2);
            QVERIFY2(run.err.contains(wanted), qPrintable(run.err));
        }
        QCOMPARE(bytes(plan), before);
        QCOMPARE(bytes(text), QByteArray("load A 12 V 1 A\n"));
        QVERIFY(!QFile::exists(folder_.filePath("x.png")) && !QFile::exists("-1"));
    }
    void mends_are_numbered_and_applied() {
        const auto run = cli({"findings", demo_, "--json"});
        const auto found = json::parse(run.out.toStdString());
        QVERIFY(found.is_array() && found.size() > 2);
        size_t number = 0;
        for (const auto& f : found) {
            QVERIFY(!f.at("rule").get<std::string>().empty() && !f.at("severity").get<std::string>().empty());
            for (const auto& m : f.at("mends")) QCOMPARE(m.at("number").get<size_t>(), ++number);
        }
        QVERIFY(number >= 2);
        const auto mended = folder_.filePath("mended.json");
        QCOMPARE(cli({"mend", demo_, "1", "-o", mended}).code, 0);
        const auto after = json::parse(cli({"findings", mended, "--json"}).out.toStdString());
        for (const auto& f : after)
            QVERIFY(f.at("rule") != found[0].at("rule") || f.at("about") != found[0].at("about"));
        const auto beyond = cli({"mend", demo_, "999", "-o", mended});
        QCOMPARE(beyond.code, 2);
        QVERIFY(beyond.err.contains(QString::number(number)));
    }
    /// A file of two names on a disk with no room for what is written: whole before, whole after.
    void a_full_disk_leaves_a_linked_file_whole() {
        QTemporaryDir disk;
        const auto shell = [](const QString& command) {
            return QProcess::execute("sh", {"-c", command + " 2>/dev/null"});
        };
        if (shell("mount -t tmpfs -o size=100k tmpfs " + disk.path()) != 0)
            QSKIP("a small disk cannot be mounted here");
        const auto a = disk.filePath("a"), b = disk.filePath("b");
        QVERIFY(QFile::copy(QString::fromStdString(test::demo_file("apiary-trailer")), a));
        shell("ln " + a + " " + b + "; head -c 45056 /dev/zero > " + disk.filePath("fill"));
        const auto run = cli({"upgrade", demo_, "-o", a});
        const auto whole = cli({"findings", b});
        shell("umount " + disk.path());
        QCOMPARE(run.code, 2);
        QVERIFY2(run.err.contains("as it was"), qPrintable(run.err));
        QVERIFY2(whole.code <= 1, qPrintable(whole.err));
    }
    void two_plans_do_not_share_a_calendar() {
        const auto uid = [](const QString& plan) {
            const auto out = cli({"steps", plan, "--ics", "--date", "2026-12-01"}).out;
            const auto at = out.indexOf("UID:");
            return out.mid(at, out.indexOf('\r', at) - at);
        };
        const auto one = uid(demo_), other = uid(QString::fromStdString(test::demo_file("book-trike")));
        QVERIFY(one.startsWith("UID:20261201") && one != other);
        QCOMPARE(uid(demo_), one);
    }
};

SANGRE_SUITE(TestCli);
#include "test_cli.moc"
