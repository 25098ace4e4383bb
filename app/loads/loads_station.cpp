#include "loads/loads_station.h"

#include <QApplication>
#include <QClipboard>
#include <QKeyEvent>
#include <QMenu>
#include <QVBoxLayout>

#include "base/units/format.h"
#include "lines/csv.h"
#include "output/files/ready_loads.h"
#include "plan/load_text.h"
#include "plan/typed_words.h"
#include "shell/demos.h"
#include "shell/paste.h"
#include "widgets/heading.h"
#include "widgets/scrolled.h"
#include "widgets/words.h"

namespace sangre::app {

LoadsStation::LoadsStation(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(u(18), u(12), u(14), u(8));
    column->setSpacing(u(6));
    auto* heading =
        new Heading(tr("What must run"), tr("Type it the way you would say it. Enter adds the next."), this);
    heading->say_next(document_, Stage::loads);
    ready_ = new QPushButton(tr("Typical loads"), this);
    ready_->setToolTip(tr("Ready-made loads to start from, until you have measured yours"));
    ready_->setMenu(new QMenu(ready_));
    connect(ready_->menu(), &QMenu::aboutToShow, this, &LoadsStation::fill_ready_menu);
    heading->add(ready_);
    auto* copy = new QPushButton(tr("Copy table"), this);
    copy->setToolTip(tr("All loads as a table for a spreadsheet"));
    connect(copy, &QPushButton::clicked, this, [this] {
        QApplication::clipboard()->setText(QString::fromStdString(loads_to_csv(document_.plan().loads)));
        emit document_.said(tr("Copied; paste it into a spreadsheet."), false, false);
    });
    heading->add(copy);
    propose_ = new QPushButton(tr("Propose wiring"), this);
    propose_->setProperty("primary", true);
    propose_->setToolTip(tr("Battery, rails, fuses and wires for these loads, with reasons (Ctrl+Enter)"));
    connect(propose_, &QPushButton::clicked, this, [this] { document_.propose_wiring(); });
    heading->add(propose_);
    column->addWidget(heading);
    list_ = new LoadList(document_, this);
    list_->setObjectName("drawing");
    list_->installEventFilter(this);
    connect(list_, &LoadList::typing_asked, this, [this] { entry_->setFocus(); });
    connect(list_, &LoadList::demo_asked, this, [this] {
        QMenu menu(this);
        fill_demos_menu(document_, menu);
        menu.exec(list_->mapToGlobal(list_->spot_centre(QStringLiteral("begin:demo"))));
    });
    connect(list_, &LoadList::paste_asked, this, [this] { paste(QApplication::clipboard()->text()); });
    column->addWidget(scrolled(list_, this, true), 3);

    entry_ = new QLineEdit(this);
    entry_->setAccessibleName(tr("New load"));
    entry_->setPlaceholderText(tr("Siren 12V 2A peak 3,5A noisy"));
    entry_->setMinimumHeight(u(32));
    entry_->installEventFilter(this);
    column->addWidget(entry_);
    echo_ = new Paragraph(face(13), this);
    echo_->setMinimumHeight(u(20));
    column->addWidget(echo_);

    auto* day = new Heading(tr("The day"), tr("Drag borders for length, strips for what runs."), this, 15);
    repeats_ = new QPushButton(this);
    repeats_->setToolTip(tr("How often these phases are gone through before the next day"));
    repeats_->setMenu(new QMenu(repeats_));
    for (const int times : {1, 2, 3, 4, 6, 8, 12, 24})
        repeats_->menu()->addAction(
            times == 1 ? tr("once a day") : tell("{times} times a day", times), this, [this, times] {
                document_.apply([times](const Plan& p) { return set_repeats(p, times); },
                                tr("Repeat the phases"));
            });
    const auto count = [this] {
        const int times = document_.plan().repeats_per_day;
        repeats_->setText(times <= 1 ? tr("once a day") : tell("{times} times a day", times));
    };
    connect(&document_, &Document::changed, repeats_, count);
    count();
    day->add(repeats_);
    auto* phase = new QPushButton(tr("+ Phase"), this);
    phase->setToolTip(tr("Add a part of the day"));
    connect(phase, &QPushButton::clicked, this, &LoadsStation::add_phase);
    day->add(phase);
    column->addWidget(day);
    mission_ = new MissionStrip(document_, this);
    auto* day_area = scrolled(mission_, this, true);
    // The strip takes what it needs and no more; the list of loads gets the rest.
    const auto fit = [this, day_area] { day_area->setMaximumHeight(mission_->sizeHint().height() + 2); };
    connect(&document_, &Document::changed, day_area, fit);
    fit();
    column->addWidget(day_area, 3);

    connect(entry_, &QLineEdit::textChanged, this, &LoadsStation::show_reading);
    connect(entry_, &QLineEdit::returnPressed, this, &LoadsStation::add_typed);
    show_reading();
}

void LoadsStation::show_reading() {
    const auto typed = entry_->text().toStdString();
    const auto& t = theme();
    if (typed.empty())
        return echo_->say(
            tr("Understands 7–26V, 12 V ±10 %, 30 W, motor, LED, idle 80 mA, peak 35 A 2 s, start 14 A "
               "0.4 s, always on, vital, noisy, sensitive."),
            t.muted);
    const auto read = parse_load(typed);
    if (!read.complete()) {
        const auto& problem = read.problems.front();
        const auto message = QString::fromStdString(problem.message);
        if (problem.begin == 0 && problem.end >= typed.size()) return echo_->say(message, t.muted);
        const auto where = QString::fromStdString(
            typed.substr(problem.begin, std::min(problem.end, typed.size()) - problem.begin));
        const auto mark = QStringLiteral("! ");
        return echo_->say(
            mark + where + QStringLiteral(" — ") + message, t.danger,
            {static_cast<int>(mark.size()), static_cast<int>(where.size()), Apart::How::underlined});
    }
    QStringList words;
    for (const auto& c : read.chips) words << QString::fromStdString(chip_words(c));
    auto name = QString::fromStdString(read.load.name);
    if (read.how_many.count > 1) name = tell("{count} × {name}", read.how_many.count, name);
    const auto mark = QStringLiteral("✓ ");
    echo_->say(mark + name + QStringLiteral(": ") + words.join(QStringLiteral(" · ")), t.good,
               {static_cast<int>(mark.size()), static_cast<int>(name.size()), Apart::How::bold});
}

void LoadsStation::add_typed() {
    auto read = parse_load(entry_->text().toStdString());
    if (!read.complete()) {
        const auto& problem = read.problems.front();
        const auto before =
            QString::fromUtf8(entry_->text().toUtf8().left(static_cast<qsizetype>(problem.begin)));
        const auto all = QString::fromUtf8(entry_->text().toUtf8().left(static_cast<qsizetype>(problem.end)));
        entry_->setSelection(static_cast<int>(before.size()), static_cast<int>(all.size() - before.size()));
        return show_reading();
    }
    const auto first = fresh_id(document_.plan(), "load", read.each().front().name);
    const auto name = QString::fromStdString(read.load.name);
    document_.apply(
        [all = read.each()](const Plan& p) {
            auto next = p;
            for (const auto& load : all) next = add_load(std::move(next), load);
            return next;
        },
        read.how_many.count > 1 ? tell("Add {count} × {name}", read.how_many.count, name)
                                : tell("Add {name}", name));
    document_.select(first);
    entry_->clear();
}

void LoadsStation::paste(const QString& text) {
    if (add_lines(document_, text)) return;
    const auto loads = loads_from_csv(text.toStdString());
    if (!loads) {
        const auto& p = loads.error().front();
        emit document_.said(
            tell("Line {line}: {message} Nothing was pasted.", p.line, QString::fromStdString(p.message)),
            true, false);
        return;
    }
    document_.apply(
        [list = *loads](const Plan& p) {
            auto next = p;
            for (const auto& load : list) next = add_load(std::move(next), load);
            return next;
        },
        tr("Paste loads"));
    emit document_.said(tell("{loads} {loads|load|loads} pasted.", loads->size()), false, true);
}

bool LoadsStation::eventFilter(QObject* watched, QEvent* e) {
    // What is typed or pasted while the list has the keys is a new load too.
    if (watched == list_ && e->type() == QEvent::KeyPress) {
        auto* key = static_cast<QKeyEvent*>(e);
        const auto typed = key->text();
        const bool letter = !(key->modifiers() & ~Qt::ShiftModifier) && !typed.isEmpty() &&
                            typed[0].isPrint() && !typed[0].isSpace();
        if (letter || key->matches(QKeySequence::Paste)) {
            entry_->setFocus();
            return QApplication::sendEvent(entry_, e);
        }
    }
    // More than one line on the clipboard is a table, not a name.
    if (watched == entry_ && e->type() == QEvent::KeyPress &&
        static_cast<QKeyEvent*>(e)->matches(QKeySequence::Paste)) {
        const auto text = QApplication::clipboard()->text();
        if (text.trimmed().contains('\n')) {
            paste(text);
            return true;
        }
    }
    return QWidget::eventFilter(watched, e);
}

void LoadsStation::fill_ready_menu() {
    auto* menu = ready_->menu();
    if (!menu->isEmpty()) return;
    const auto groups = ready_loads(data_directory());
    if (!groups) {
        menu->addAction(menu_words(QString::fromStdString(groups.error())))->setEnabled(false);
        return;
    }
    for (const auto& group : *groups) {
        auto* sub = menu->addMenu(menu_words(QString::fromStdString(group.group)));
        for (const auto& line : group.lines) {
            const auto read = parse_load(line);
            QStringList chips;
            for (const auto& c : load_chips(read.load))
                if (c.text != "assumed") chips << QString::fromStdString(chip_words(c));
            sub->addAction(QStringLiteral("%1:  %2").arg(QString::fromStdString(read.load.name),
                                                         chips.join(QStringLiteral(" · "))),
                           this, [this, line] { start_from(QString::fromStdString(line)); });
        }
    }
}

void LoadsStation::start_from(const QString& line) {
    entry_->setText(line);
    entry_->setFocus();
    entry_->setCursorPosition(0);
}

void LoadsStation::add_phase() {
    document_.apply([](const Plan& p) { return sangre::add_phase(p); }, tr("Add a phase"));
}

}  // namespace sangre::app
