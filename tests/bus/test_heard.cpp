// What goes out on the desktop's bus for assistive programs: this is a listener on it, as a screen reader is
// one. Runs under a session bus and a display of its own.
#include <QAccessible>
#include <QDBusConnection>
#include <QDBusInterface>
#include <QDBusMessage>
#include <QDBusPendingCallWatcher>
#include <QDBusPendingReply>
#include <QDBusReply>
#include <QFile>
#include <QRegularExpression>
#include <QSettings>
#include <QTemporaryDir>
#include <QTest>

#include "app/desk.h"
#include "build/step_card.h"
#include "shell/findings_bar.h"
#include "shell/station_bar.h"
#include "theme/theme.h"
#include "wiring/feed_list.h"
#include "wiring/wiring_station.h"

using namespace sangre;
using namespace sangre::app;
using sangre::test::Desk;

namespace {

constexpr const char* listener = "listener";

/// "member detail value" of every event that the bus brought.
class Listener : public QObject {
    Q_OBJECT
  public:
    QStringList heard;
    /// Connects to the accessibility bus and asks for every event of objects, as the registry wants it.
    bool begin() {
        QDBusInterface bus("org.a11y.Bus", "/org/a11y/bus", "org.a11y.Bus");
        const QDBusReply<QString> address = bus.call("GetAddress");
        if (!address.isValid()) return false;
        auto connection = QDBusConnection::connectToBus(address.value(), listener);
        if (!connection.isConnected()) return false;
        for (const char* event : {"object", "focus"}) {
            auto ask = QDBusMessage::createMethodCall("org.a11y.atspi.Registry", "/org/a11y/atspi/registry",
                                                      "org.a11y.atspi.Registry", "RegisterEvent");
            ask << QString(event) + ":";
            if (connection.call(ask).type() == QDBusMessage::ErrorMessage) return false;
        }
        bool all = true;
        for (const char* interface : {"org.a11y.atspi.Event.Object", "org.a11y.atspi.Event.Focus"})
            all = connection.connect({}, {}, interface, {}, this, SLOT(take(QDBusMessage))) && all;
        return all;
    }
    /// Waits until an event of that member holds those words.
    bool hears(const QString& member, const QString& words) {
        return QTest::qWaitFor(
            [&] {
                return std::any_of(heard.begin(), heard.end(), [&](const QString& h) {
                    return h.startsWith(member + ' ') && h.contains(words);
                });
            },
            4000);
    }
  private slots:
    /// A change of a property names it alone: what it is now is asked for, as a reader does.
    void take(const QDBusMessage& message) {
        const auto detail = message.arguments().value(0).toString();
        const auto said = message.member() + ' ' + detail + ' ' + message.arguments().value(1).toString();
        if (message.member() != "PropertyChange") {
            heard << said;
            return;
        }
        auto ask = QDBusMessage::createMethodCall(message.service(), message.path(),
                                                  "org.freedesktop.DBus.Properties", "Get");
        ask << QString("org.a11y.atspi.Accessible")
            << QString(detail == "accessible-name" ? "Name" : "Description");
        auto* wait = new QDBusPendingCallWatcher(QDBusConnection(listener).asyncCall(ask), this);
        connect(wait, &QDBusPendingCallWatcher::finished, this, [this, said, wait] {
            const QDBusPendingReply<QDBusVariant> reply = *wait;
            heard << said + ' ' + (reply.isError() ? QString() : reply.value().variant().toString());
            wait->deleteLater();
        });
    }
};

QString role_word(QAccessible::Role role) {
    switch (role) {
        case QAccessible::Button:
            return "button";
        case QAccessible::CheckBox:
            return "check box";
        case QAccessible::ListItem:
            return "list item";
        case QAccessible::EditableText:
            return "text field";
        case QAccessible::ComboBox:
            return "combo box";
        case QAccessible::Grouping:
            return "drawing";
        case QAccessible::StaticText:
            return "label";
        default:
            return {};
    }
}

/// What a reader says of one object: what it is, its name, its state, what describes it.
QString spoken(QAccessibleInterface* node) {
    const auto role = role_word(node->role());
    const auto name = node->text(QAccessible::Name).simplified();
    if (role.isEmpty() || name.isEmpty()) return {};
    const auto state = node->state();
    auto line = name + ", " + role;
    if (state.checkable) line += state.checked ? ", checked" : ", not checked";
    if (state.selected) line += ", selected";
    if (state.disabled) line += ", unavailable";
    if (const auto more = node->text(QAccessible::Description).simplified(); !more.isEmpty())
        line += ": " + more;
    return line;
}

void walk(QAccessibleInterface* node, QStringList& lines, int depth = 0) {
    if (!node || depth > 40 || node->state().invisible) return;
    if (const auto line = spoken(node); !line.isEmpty()) lines << line;
    for (int i = 0; i < node->childCount(); ++i) walk(node->child(i), lines, depth + 1);
}

}  // namespace

class TestHeard : public QObject {
    Q_OBJECT
    QTemporaryDir home_;
    std::unique_ptr<Listener> bus_;
    std::unique_ptr<Desk> desk_;

  private slots:
    void initTestCase() {
        QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, home_.path());
        bus_ = std::make_unique<Listener>();
        QVERIFY2(bus_->begin(), "no accessibility bus: at-spi2-core and dbus are needed");
        desk_ = std::make_unique<Desk>();
        QVERIFY2(QTest::qWaitFor([] { return QAccessible::isActive(); }, 8000), "the bridge did not come up");
        Desk::settle();
    }
    void init() { bus_->heard.clear(); }
    void cleanupTestCase() { desk_.reset(), bus_.reset(), QDBusConnection::disconnectFromBus(listener); }

    /// docs/heard.md: `SANGRE_HEARD=docs/heard.md` before this test writes it anew.
    void every_station_is_walked() {
        QFile file(qEnvironmentVariable("SANGRE_HEARD"));
        const bool kept = !file.fileName().isEmpty() && file.open(QFile::WriteOnly);
        if (kept)
            file.write(
                "# Heard\n\nWhat a screen reader says of each station of the demo, object by object, as it "
                "goes out on the bus:\nname, role, state, then what describes it.\n");
        for (int i = 0; i < station_count; ++i) {
            desk_->window.go(static_cast<Station>(i));
            Desk::settle();
            for (auto* c : desk_->canvases()) c->repaint();
            QStringList lines;
            walk(QAccessible::queryAccessibleInterface(&desk_->window), lines);
            QVERIFY(lines.size() > 15);
            for (const auto& line : lines)
                QVERIFY2(!line.contains(QRegularExpression(": *, |\\(\\)|  ")), qPrintable(line));
            if (kept)
                file.write(("\n## " + StationBar::station_name(static_cast<Station>(i)) + "\n\n- " +
                            lines.join("\n- ") + "\n")
                               .toUtf8());
        }
    }
    void the_next_finding_is_said() {
        auto* bar = desk_->window.findChild<FindingsBar*>();
        bar->next();
        bar->next();
        const auto& findings = desk_->document.study().findings;
        QVERIFY(!bar->accessibleDescription().isEmpty());
        QVERIFY(std::any_of(findings.begin(), findings.end(), [&](const auto& f) {
            return QString::fromStdString(f.sentence) == bar->accessibleDescription();
        }));
        QVERIFY2(bus_->hears("PropertyChange", bar->accessibleDescription()),
                 qPrintable(bus_->heard.join('\n')));
    }
    void the_banner_is_said() {
        desk_->window.show_banner("A plan of an earlier version", false, false);
        QVERIFY2(bus_->hears("PropertyChange", "A plan of an earlier version"),
                 qPrintable(bus_->heard.join('\n')));
    }
    void a_step_is_said_with_its_tools_and_caution() {
        // A finding may have led there already.
        desk_->window.go(Station::loads);
        Desk::settle();
        bus_->heard.clear();
        desk_->window.go(Station::build);
        Desk::settle();
        auto* card = desk_->window.findChild<StepCard*>();
        QVERIFY(card);
        const auto& steps = desk_->document.study().steps();
        const auto shown = std::find_if(steps.begin(), steps.end(), [&](const auto& s) {
            return card->accessibleDescription().startsWith(QString::fromStdString(s.title));
        });
        QVERIFY(shown != steps.end());
        QVERIFY2(bus_->hears("PropertyChange", QString::fromStdString(shown->title)),
                 qPrintable(bus_->heard.join('\n')));
        for (const auto& tool : shown->tools)
            QVERIFY(card->accessibleDescription().contains(QString::fromStdString(sangre::said(tool))));
        auto caution = QString::fromStdString(shown->caution);
        if (caution.endsWith('.')) caution.chop(1);
        QVERIFY(card->accessibleDescription().contains(caution));
    }
    void a_move_of_the_keys_is_a_move_of_focus() {
        desk_->window.go(Station::wiring);
        Desk::settle();
        auto* list = desk_->window.wiring()->list();
        list->setFocus(Qt::TabFocusReason);
        list->repaint();
        bus_->heard.clear();
        QTest::keyClick(list, Qt::Key_Down);
        Desk::settle();
        QVERIFY2(bus_->hears("StateChanged", "focused"), qPrintable(bus_->heard.join('\n')));
    }
    void a_selection_is_a_change_of_state() {
        auto* list = desk_->window.wiring()->list();
        list->repaint();
        bus_->heard.clear();
        desk_->document.select(desk_->document.plan().feeds()[2].id);
        list->repaint();
        QVERIFY2(bus_->hears("StateChanged", "selected 1"), qPrintable(bus_->heard.join('\n')));
    }
};

int main(int argc, char** argv) {
    prepare_fonts();
    QApplication app(argc, argv);
    QApplication::setOrganizationName("sangre-test");
    QApplication::setStyle(QStringLiteral("Fusion"));
    TestHeard test;
    return QTest::qExec(&test, argc, argv);
}
#include "test_heard.moc"
