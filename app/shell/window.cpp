#include "shell/window.h"

#include <QAction>
#include <QApplication>
#include <QClipboard>
#include <QCloseEvent>
#include <QDropEvent>
#include <QFileInfo>
#include <QMessageBox>
#include <QMimeData>
#include <QScreen>
#include <QSettings>
#include <QVBoxLayout>

#include "base/files/safe_write.h"
#include "bench/bench_station.h"
#include "build/build_station.h"
#include "loads/loads_station.h"
#include "log/log_station.h"
#include "power/power_station.h"
#include "routing/routing_station.h"
#include "shell/badges.h"
#include "shell/help_page.h"
#include "shell/line_bar.h"
#include "shell/palette.h"
#include "shell/parts_page.h"
#include "shell/paste.h"
#include "shell/settings.h"
#include "shell/settings_page.h"
#include "shell/tongue.h"
#include "shell/unfinished.h"
#include "shell/variant_bar.h"
#include "widgets/canvas_access.h"
#include "widgets/scrolled.h"
#include "widgets/words.h"
#include "wiring/wiring_station.h"

namespace sangre::app {

Window::Window(Document& document, QWidget* parent) : QMainWindow(parent), document_(document) {
    recall_look();
    apply_theme();
    const QSettings settings;
    qApp->installEventFilter(this);
    resize(1280, 800);
    if (settings.contains("geometry")) restoreGeometry(settings.value("geometry").toByteArray());
    stay_on_screen();
    why_shown_ = settings.value("why_shown", true).toBool();
    station_ = static_cast<Station>(std::clamp(settings.value("station", 0).toInt(), 0, station_count - 1));
    setAcceptDrops(true);
    make_actions();
    lay_out();
    connect(&document_, &Document::said, this, &Window::show_banner);
    document_.ask_before_losing([this](const QString& why) { return ask_lose(why); });
    // Its Undo is about the plan it was said of: with another one on screen it would take back something
    // else.
    connect(&document_, &Document::changed, this, [this] {
        if (undo_of_ && undo_of_ != document_.kept_plan()) banner_->hide(), undo_of_.reset();
    });
    connect(&document_, &Document::proposed, this, [this] { go(Station::power); });
    connect(&document_, &Document::file_changed, this, &Window::name_file);
    name_file();
}

/// Inside the screen it is on, whatever screen it was last on.
void Window::stay_on_screen() {
    const auto* screen = QGuiApplication::screenAt(geometry().center());
    const auto room = (screen ? screen : QGuiApplication::primaryScreen())->availableGeometry();
    auto frame = geometry();
    frame.setSize(frame.size().boundedTo(room.size()));
    frame.moveLeft(
        std::clamp(frame.left(), room.left(), std::max(room.left(), room.right() + 1 - frame.width())));
    frame.moveTop(
        std::clamp(frame.top(), room.top(), std::max(room.top(), room.bottom() + 1 - frame.height())));
    if (frame != geometry()) setGeometry(frame);
}

void Window::recall_look() {
    recall_settings();
    const QSettings settings;
    const auto desktop = system_appearance();
    const double letters = system_text_scale();
    const auto chosen = settings.value("appearance").toString();
    set_appearance(chosen == "dark" ? Appearance::dark : chosen == "light" ? Appearance::light : desktop);
    set_text_scale(settings.value("text_scale", letters).toDouble());
}

void Window::name_file() {
    setWindowTitle(tell("{plan}{unsaved| •|} — Sangre", QString::fromStdString(document_.plan().name),
                        document_.modified()));
    if (document_.file() == remembered_) return;
    remembered_ = document_.file();
    // Once there is time: it goes to disk.
    if (!remembered_.isEmpty()) QTimer::singleShot(200, this, [this, file = remembered_] { remember(file); });
}

void Window::lay_out() {
    loads_ = nullptr, power_ = nullptr, wiring_ = nullptr, routing_ = nullptr, build_ = nullptr;
    bench_ = nullptr, log_ = nullptr, help_ = nullptr, settings_ = nullptr, parts_ = nullptr;
    auto* page = new QWidget(this);
    page->setObjectName("window");
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    what_if_ = new WhatIfBar(document_, page);
    what_if_->setObjectName("whatif");
    what_if_->setAttribute(Qt::WA_StyledBackground);
    what_if_->setFixedHeight(u(46));
    connect(what_if_->plan_button(), &QPushButton::clicked, this, &Window::plan_menu);
    column->addWidget(what_if_);
    auto* row = new QHBoxLayout;
    row->setSpacing(0);
    bar_ = new StationBar(page);
    new Badges(document_, *bar_);
    connect(bar_, &StationBar::chosen, this, &Window::go);
    row->addWidget(bar_);
    auto* middle = new QVBoxLayout;
    middle->setSpacing(0);
    make_banner(*middle);
    middle->addWidget(variant_ = new VariantBar(document_, page));
    middle->addWidget(line_ = new LineBar(document_, page));
    stack_ = new QStackedWidget(page);
    middle->addWidget(stack_, 1);
    row->addLayout(middle, 1);
    why_ = new WhyPanel(document_, page);
    row->addWidget(why_);
    connect(why_->chips(), &LineChips::line_asked, this,
            [this](const QString& more) { line_->change(document_.selection(), more); });
    column->addLayout(row, 1);
    findings_ = new FindingsBar(document_, page);
    connect(findings_, &FindingsBar::finding_chosen, this, &Window::follow_finding);
    column->addWidget(findings_);
    setCentralWidget(page);
    delete palette_;
    palette_ = new Palette(this);
    adapt();
    go(station_);
}

void Window::adapt() {
    // Measured in text sizes: large text makes a window narrow as surely as a small screen does.
    const bool narrow = width() < u(1150);
    why_->setVisible(why_shown_ && !narrow);
}

void Window::resizeEvent(QResizeEvent* e) {
    QMainWindow::resizeEvent(e);
    adapt();
}

void Window::make_actions() {
    const auto act = [&](const QString& words, const QKeySequence& keys, auto f) {
        auto* a = new QAction(words, this);
        a->setShortcut(keys);
        a->setShortcutContext(Qt::WindowShortcut);
        connect(a, &QAction::triggered, this, f);
        addAction(a);
        return a;
    };
    for (int i = 0; i < station_count; ++i)
        act(StationBar::station_name(static_cast<Station>(i)), QKeySequence(Qt::ALT | (Qt::Key_1 + i)),
            [this, i] { go(static_cast<Station>(i)); });
    act(tr("Undo"), QKeySequence::Undo, [this] { document_.undo(); });
    // Named, not QKeySequence::Redo: on some platforms that is Ctrl+Y too, and neither would act.
    act(tr("Redo"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Z), [this] { document_.redo(); });
    act(tr("Redo"), QKeySequence(Qt::CTRL | Qt::Key_Y), [this] { document_.redo(); });
    act(tr("Propose"), QKeySequence(Qt::CTRL | Qt::Key_Return), [this] { document_.propose_wiring(); });
    act(tr("Print"), QKeySequence::Print, [this] { ask_print(); });
    act(tr("Keep as A"), QKeySequence(Qt::CTRL | Qt::Key_K), [this] { document_.keep_variant(); });
    act(tr("Save"), QKeySequence::Save, [this] { save(); });
    act(tr("Save as"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_S), [this] { ask_save_as(); });
    act(tr("Open"), QKeySequence::Open, [this] { ask_open(); });
    act(tr("New"), QKeySequence::New, [this] { begin_anew(); });
    act(tr("Quit"), QKeySequence(Qt::CTRL | Qt::Key_Q), [this] { close(); });
    act(tr("Close"), QKeySequence(Qt::CTRL | Qt::Key_W), [this] { close(); });
    act(tr("Plan menu"), QKeySequence(Qt::Key_F10), [this] { plan_menu(); });
    act(tr("Find anything"), QKeySequence::Find, [this] { find_anything(); });
    act(tr("Select all"), QKeySequence(Qt::CTRL | Qt::Key_A), [this] { select_all(); });
    act(tr("Plan menu"), QKeySequence(Qt::ALT | Qt::Key_M), [this] { plan_menu(); });
    act(tr("Why"), QKeySequence(Qt::Key_F9), [this] {
        why_shown_ = !why_->isVisible();
        why_->setVisible(why_shown_);
    });
    act(tr("Type its line"), QKeySequence(Qt::Key_F2), [this] { line_->change(document_.selection()); });
    act(tr("Help"), QKeySequence(Qt::Key_F1), [this] { show_help(); });
    act(tr("Settings"), QKeySequence(Qt::CTRL | Qt::Key_Comma), [this] { show_settings(); });
    act(tr("Parts of the catalogue"), QKeySequence(Qt::CTRL | Qt::Key_L), [this] { show_parts(); });
    act(tr("Find anything"), QKeySequence(Qt::CTRL | Qt::Key_Space), [this] { find_anything(); });
    act(tr("Duplicate"), QKeySequence(Qt::CTRL | Qt::Key_D), [this] {
        if (shows_plan()) duplicate_selected(document_);
    });
    act(tr("Add"), QKeySequence(Qt::Key_Insert), [this] { line_->add(); });
    act(tr("Next finding"), QKeySequence(Qt::Key_F8), [this] { findings_->next(); });
    act(tr("Larger text"), QKeySequence(Qt::CTRL | Qt::Key_Plus),
        [this] { restyle(appearance(), text_scale() + 0.25); });
    act(tr("Larger text"), QKeySequence(Qt::CTRL | Qt::Key_Equal),
        [this] { restyle(appearance(), text_scale() + 0.25); });
    act(tr("Smaller text"), QKeySequence(Qt::CTRL | Qt::Key_Minus),
        [this] { restyle(appearance(), text_scale() - 0.25); });
    act(tr("Full screen"), QKeySequence(Qt::Key_F11),
        [this] { isFullScreen() ? showNormal() : showFullScreen(); });
    act(tr("Light or dark"), QKeySequence(Qt::Key_F7), [this] {
        restyle(appearance() == Appearance::light ? Appearance::dark : Appearance::light, text_scale());
    });
}

void Window::restyle(Appearance wanted, double scale) {
    // What is chosen here holds from now on; what is not goes on following the desktop.
    QSettings settings;
    if (wanted != appearance())
        settings.setValue("appearance", wanted == Appearance::dark ? "dark" : "light");
    if (scale != text_scale()) settings.setValue("text_scale", std::clamp(scale, 1.0, 2.0));
    lay_out_anew(wanted, scale);
}

void Window::follow_desktop() {
    QSettings settings;
    settings.remove("appearance"), settings.remove("text_scale");
    lay_out_anew(system_appearance(), system_text_scale());
}

void Window::lay_out_anew(Appearance wanted, double scale) {
    const auto typed = unfinished(*centralWidget());
    const std::array<bool, station_count> there{loads_ != nullptr,   power_ != nullptr, wiring_ != nullptr,
                                                routing_ != nullptr, build_ != nullptr, bench_ != nullptr,
                                                log_ != nullptr};
    set_appearance(wanted);
    set_text_scale(scale);
    apply_theme();
    lay_out();
    for (int i = 0; i < station_count; ++i)
        if (there[static_cast<size_t>(i)]) widget_of(static_cast<Station>(i));
    take_up_again(*centralWidget(), typed);
}

bool Window::eventFilter(QObject* at, QEvent* e) {
    // With Ctrl held, what is clicked or entered joins what is selected.
    if (e->type() == QEvent::MouseButtonPress || e->type() == QEvent::KeyPress)
        document_.extend_selection(static_cast<QInputEvent*>(e)->modifiers() == Qt::ControlModifier);
    if (e->type() == QEvent::MouseButtonRelease || e->type() == QEvent::KeyRelease)
        document_.extend_selection(false);
    // Names are text: nothing in one is followed, loaded or laid out.
    if (e->type() == QEvent::Polish)
        if (auto* label = qobject_cast<QLabel*>(at)) label->setTextFormat(Qt::PlainText);
    // A field keeps Ctrl+Z for itself only while it has typing of its own to undo.
    if (e->type() == QEvent::ShortcutOverride)
        if (auto* field = qobject_cast<QLineEdit*>(at); field && field->window() == this) {
            auto* key = static_cast<QKeyEvent*>(e);
            if ((key->matches(QKeySequence::Undo) && !field->isUndoAvailable()) ||
                (key->matches(QKeySequence::Redo) && !field->isRedoAvailable())) {
                key->ignore();
                return true;
            }
        }
    return QMainWindow::eventFilter(at, e);
}

/// What nobody nearer took: things are copied, cut, pasted and removed anywhere.
void Window::keyPressEvent(QKeyEvent* e) {
    if (!shows_plan()) return QMainWindow::keyPressEvent(e);
    if (const auto* held = QApplication::clipboard()->mimeData();
        e->matches(QKeySequence::Paste) && held && held->hasImage() && !held->hasText()) {
        go(Station::routing);
        return routing()->map()->take_picture(qvariant_cast<QImage>(held->imageData()));
    }
    if (e->matches(QKeySequence::Paste) && add_lines(document_, QApplication::clipboard()->text())) return;
    if (e->matches(QKeySequence::Copy) && copy_selected(document_)) return;
    if (e->matches(QKeySequence::Cut) && cut_selected(document_)) return;
    if (e->matches(QKeySequence::Delete) && remove_selected(document_)) return;
    QMainWindow::keyPressEvent(e);
}

bool Window::event(QEvent* e) {
    if (e->type() == QEvent::WindowActivate) document_.check_disk();
    return QMainWindow::event(e);
}

template <class S>
S* Window::made(S*& station) {
    // What a station has no room for is scrolled to: no station makes the window larger than the screen.
    if (!station) {
        station = new S(document_, stack_);
        stack_->addWidget(scrolled_page(station, stack_));
    }
    return station;
}

LoadsStation* Window::loads() { return made(loads_); }
PowerStation* Window::power() { return made(power_); }
WiringStation* Window::wiring() { return made(wiring_); }
RoutingStation* Window::routing() { return made(routing_); }
BuildStation* Window::build() {
    const bool first = !build_;
    auto* b = made(build_);
    if (first)
        connect(b, &BuildStation::measure_asked, this, [this](const QString& reading) {
            go(Station::bench);
            if (!reading.isEmpty()) bench()->go_to(reading.toStdString());
        });
    return b;
}
BenchStation* Window::bench() { return made(bench_); }
LogStation* Window::log() { return made(log_); }

QWidget* Window::widget_of(Station station) {
    switch (station) {
        case Station::loads:
            return loads();
        case Station::power:
            return power();
        case Station::wiring:
            return wiring();
        case Station::routing:
            return routing();
        case Station::build:
            return build();
        case Station::bench:
            return bench();
        case Station::log:
            return log();
    }
    return loads();
}

/// What holds it among the pages.
QWidget* Window::page_of(QWidget* shown) const {
    while (shown->parentWidget() && shown->parentWidget() != stack_) shown = shown->parentWidget();
    return shown;
}

Canvas* Window::drawing() const {
    for (auto* canvas : stack_->currentWidget()->findChildren<Canvas*>(QStringLiteral("drawing")))
        if (canvas->isVisibleTo(stack_)) return canvas;
    return nullptr;
}

void Window::begin_anew() {
    const auto before = document_.opened();
    document_.new_plan();
    // A plan begins with what must run.
    if (document_.opened() != before) go(Station::loads);
}

/// Of the kind that the station is about.
void Window::select_all() {
    if (!shows_plan()) return;
    const auto& plan = document_.plan();
    std::vector<Id> all;
    const auto take = [&](const auto& list) {
        for (const auto& x : list) all.push_back(x.id);
    };
    switch (station_) {
        case Station::power:
            take(plan.sources), take(plan.hubs), take(plan.converters), take(plan.loads);
            break;
        case Station::wiring:
            take(plan.feeds()), take(plan.signal_leads());
            break;
        case Station::routing:
            take(plan.sources), take(plan.hubs), take(plan.converters), take(plan.loads), take(plan.passives);
            break;
        default:
            take(plan.loads);
    }
    document_.select_all(std::move(all));
}

void Window::go(Station station) {
    station_ = station;
    stack_->setCurrentWidget(page_of(widget_of(station)));
    bar_->set_current(station);
    // Where typing is the work, in the field for it; else in the drawing.
    if (station == Station::build)
        build()->setFocus();
    else if (station == Station::bench)
        bench()->field()->setFocus();
    else if (station == Station::loads)
        loads()->entry()->setFocus();
    else if (auto* main = drawing())
        main->setFocus(Qt::OtherFocusReason);
}

}  // namespace sangre::app
