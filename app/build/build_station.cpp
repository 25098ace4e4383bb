#include "build/build_station.h"

#include <QApplication>
#include <QClipboard>
#include <QDir>
#include <QFileDialog>
#include <QInputDialog>
#include <QKeyEvent>
#include <QMenu>
#include <QStandardPaths>
#include <QStyle>
#include <QVBoxLayout>

#include "making/steps/own_steps.h"
#include "making/steps/step_reading.h"
#include "plan/edits.h"
#include "plan/plan_pictures.h"
#include "plan/removal.h"
#include "shell/findings_bar.h"
#include "shell/pictures.h"
#include "widgets/dates.h"
#include "widgets/heading.h"
#include "widgets/scrolled.h"
#include "widgets/words.h"

namespace sangre::app {
namespace {

/// The newest picture of the folder that a camera's or phone's pictures are put in.
QString newest_picture() {
    const QDir folder(QStandardPaths::writableLocation(QStandardPaths::PicturesLocation));
    const auto files = folder.entryInfoList({"*.jpg", "*.jpeg", "*.png"}, QDir::Files, QDir::Time);
    return files.isEmpty() ? QString() : files.front().absoluteFilePath();
}

}  // namespace

BuildStation::BuildStation(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(u(18), u(12), u(14), u(8));
    column->setSpacing(u(6));
    auto* heading = new Heading(tr("Tonight"), {}, this);
    heading->say_next(document_, Stage::build);
    column->addWidget(heading);
    summary_ = new QLabel(this);
    summary_->setWordWrap(true);
    summary_->setStyleSheet(QStringLiteral("color:%1;font-size:%2px").arg(theme().muted.name()).arg(u(13)));
    cuts_button_ = new QPushButton(tr("Cut list"), this);
    shop_button_ = new QPushButton(tr("Shopping"), this);
    for (auto* b : {cuts_button_, shop_button_}) {
        b->setCheckable(true);
        heading->add(b);
    }
    auto* own = new QPushButton(tr("+ Step of your own"), this);
    own->setToolTip(tr("Taking apart, programming, waiting for parts: before the step that is shown"));
    auto* offers = new QMenu(own);
    connect(offers, &QMenu::aboutToShow, this, [this, offers] { fill_own_menu(*offers); });
    own->setMenu(offers);
    heading->add(own);
    strip_ = new EveningStrip(document_, this);
    column->addWidget(strip_);
    auto* row = new QHBoxLayout;
    row->setSpacing(u(10));
    pages_ = new QStackedWidget(this);
    pages_->addWidget(make_left());
    cuts_ = new CutView(document_, this);
    pages_->addWidget(scrolled(cuts_, this));
    shop_ = new ShoppingView(document_, this);
    pages_->addWidget(scrolled(shop_, this, true));
    row->addWidget(pages_, 3);
    auto* right = new QVBoxLayout;
    right->setContentsMargins(0, 0, 0, 0);
    right->setSpacing(u(8));
    list_ = new StepList(document_, this);
    area_ = scrolled(list_, this, true);
    right->addWidget(summary_);
    right->addWidget(area_, 1);
    side_ = new QWidget(this);
    side_->setLayout(right);
    row->addWidget(side_, 2);
    column->addLayout(row, 1);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Build"));
    connect(cuts_button_, &QPushButton::clicked, this,
            [this](bool on) { show_page(on ? Page::cuts : Page::steps); });
    connect(shop_button_, &QPushButton::clicked, this,
            [this](bool on) { show_page(on ? Page::shop : Page::steps); });
    connect(list_, &StepList::menu_wanted, this, [this](const QString& key, const QPoint& where) {
        step_menu(key.toStdString(), list_->mapToGlobal(where));
    });
    const auto choose = [this](const QString& key) {
        show_page(Page::steps);
        go_to(key.toStdString());
    };
    connect(list_, &StepList::chosen, this, choose);
    connect(strip_, &EveningStrip::chosen, this, choose);
    connect(cuts_, &CutView::chosen, this, choose);
    const auto renew = [this] {
        if (isVisible()) refresh();
    };
    connect(&document_, &Document::changed, this, renew);
    connect(&document_, &Document::file_changed, this, renew);
}

QWidget* BuildStation::make_left() {
    auto* page = new QWidget(this);
    auto* left = new QVBoxLayout(page);
    left->setContentsMargins(0, 0, 0, 0);
    left->setSpacing(u(8));
    card_ = new StepCard(document_, page);
    card_->setObjectName("drawing");
    left->addWidget(scrolled(card_, page), 1);
    note_ = new QLineEdit(page);
    note_->setPlaceholderText(tr("What should be remembered about this step? Enter keeps it."));
    note_->setAccessibleName(tr("Note on this step"));
    note_->hide();
    left->addWidget(note_);
    auto* buttons = new QHBoxLayout;
    done_ = new QPushButton(tr("Done  (Space)"), page);
    done_->setProperty("primary", true);
    measure_ = new QPushButton(tr("Measure  (M)"), page);
    note_button_ = new QPushButton(tr("Note  (N)"), page);
    photo_ = new QPushButton(tr("Photo  (P)"), page);
    for (auto* b : {done_, measure_, note_button_, photo_}) {
        b->setMinimumHeight(u(38));
        buttons->addWidget(b, 1);
    }
    left->addLayout(buttons);
    connect(done_, &QPushButton::clicked, this, &BuildStation::toggle_done);
    connect(measure_, &QPushButton::clicked, this, &BuildStation::measure);
    connect(note_button_, &QPushButton::clicked, this, &BuildStation::take_note);
    connect(photo_, &QPushButton::clicked, this, &BuildStation::take_photo);
    connect(note_, &QLineEdit::returnPressed, this, [this] {
        const auto text = note_->text().trimmed().toStdString();
        if (!text.empty())
            document_.apply([key = key_, text,
                             when = Document::now()](const Plan& p) { return add_note(p, key, text, when); },
                            tr("Note"));
        note_->clear();
        note_->hide();
        setFocus();
    });
    return page;
}

void BuildStation::show_page(Page page) {
    pages_->setCurrentIndex(static_cast<int>(page));
    side_->setVisible(page == Page::steps);  // the lists want its room
    cuts_button_->setChecked(page == Page::cuts);
    shop_button_->setChecked(page == Page::shop);
    // The list that is open is the one that stands out.
    for (auto* b : {cuts_button_, shop_button_}) {
        b->setProperty("primary", b->isChecked());
        b->style()->unpolish(b);
        b->style()->polish(b);
    }
}

void BuildStation::showEvent(QShowEvent* e) {
    QWidget::showEvent(e);
    refresh();
}

const Step* BuildStation::current() const {
    for (const auto& s : document_.study().steps())
        if (s.key == key_) return &s;
    return nullptr;
}

void BuildStation::plan_anew() {
    const auto& steps = document_.study().steps();
    const auto date = today();
    if (planned_plan_ == document_.kept_plan() && &planned_steps_() == &steps && planned_on_ == date) return;
    planned_plan_ = document_.kept_plan(), planned_steps_ = document_.study().steps, planned_on_ = date;
    held_ = held_back(document_.plan(), document_.catalogue(), document_.study(), steps);
    evenings_ = plan_evenings(document_.plan(), steps, date, held_);
}

void BuildStation::refresh() {
    const auto& steps = document_.study().steps();
    plan_anew();
    list_->show_evenings(evenings_, held_);
    // In a window made anew, for another theme or size of letters, the step that was looked at.
    if (!current()) key_ = document_.selection();
    if (!current()) {
        key_.clear();
        for (const auto& e : evenings_)
            if (key_.empty() && !e.steps.empty()) key_ = steps[e.steps.front()].key;
        if (key_.empty() && !steps.empty()) key_ = steps.back().key;
    }
    const size_t done = steps_done(document_.plan(), steps);
    const auto& keys = list_->keys();
    const auto at = static_cast<size_t>(std::find(keys.begin(), keys.end(), key_) - keys.begin());
    card_->show_step(current(), at + 1, steps.size());
    list_->set_current(key_);
    strip_->show_evenings(evenings_, key_);
    area_->ensureVisible(0, static_cast<int>(list_->row_top(key_)) + u(60), 0, u(90));
    const bool any = !steps.empty();
    for (auto* b : {done_, measure_, note_button_, photo_}) b->setEnabled(any);
    const auto* step = current();
    done_->setText(step && is_done(document_.plan(), *step) ? tr("Not done  (Space)") : tr("Done  (Space)"));
    const auto touched = touched_work(document_.plan(), steps).size();
    summary_->setText(
        !any ? QString()
        : touched > 0
            ? tell("{done} of {count} done · {touched} touched by edits since", done, steps.size(), touched)
            : tell("{done} of {count} done · about {minutes_left} of handwork left", done, steps.size(),
                   QString::fromStdString(format(Second(minutes_left(document_.plan(), steps) * 60)))));
}

void BuildStation::go_to(const std::string& key) {
    key_ = key;
    document_.select(key);
    refresh();
}

void BuildStation::go_by(int rows) {
    const auto& keys = list_->keys();
    const auto at = std::find(keys.begin(), keys.end(), key_) - keys.begin() + rows;
    if (at >= 0 && at < static_cast<std::ptrdiff_t>(keys.size())) go_to(keys[static_cast<size_t>(at)]);
}

void BuildStation::toggle_done() {
    const auto* step = current();
    if (!step) return;
    const bool done = !is_done(document_.plan(), *step);
    // On to what comes next in the evening: a step ticked earlier is not gone over again. Past the last, to
    // what was left out before it.
    const auto& keys = list_->keys();
    const auto here = static_cast<size_t>(std::find(keys.begin(), keys.end(), key_) - keys.begin());
    std::string next = step->key;
    for (size_t i = 1; done && i < keys.size() && next == step->key; ++i) {
        const auto& key = keys[(here + i) % keys.size()];
        if (can_be_next(document_.plan(), document_.study().steps(), key, step->key)) next = key;
    }
    const double took = taken(*step, card_->minutes_shown());
    document_.apply([done, took, step = *step,
                     when = Document::now()](const Plan& p) { return tick_step(p, step, done, when, took); },
                    done ? tr("Tick a step") : tr("Untick a step"));
    go_to(next);
}

void BuildStation::take_note() {
    note_->show();
    note_->setFocus();
}

void BuildStation::keep_photo(const QImage& picture) {
    if (const auto* step = current()) keep_photo_of(step->key, picture);
}

void BuildStation::keep_photo_of(const std::string& key, const QImage& picture) {
    const auto kept = keep_picture(picture, document_.pictures_pool());
    if (!kept) {
        emit document_.said(kept.error(), true, false);
        return;
    }
    document_.apply([key, file = kept->toStdString(),
                     when = Document::now()](const Plan& p) { return add_photo(p, key, file, when); },
                    tr("Photograph of a step"));
}

void BuildStation::take_photo() {
    if (!current()) return;
    QMenu menu(this);
    // Of the step that is shown now, whichever is when it has been read.
    const auto from_file = [this, key = key_](const QString& file) {
        pictures_.read(file, [this, key](const QImage& picture) { keep_photo_of(key, picture); });
    };
    const auto image = QApplication::clipboard()->image();
    auto* clipboard = menu.addAction(tr("From the clipboard"), this, [this, image] { keep_photo(image); });
    clipboard->setEnabled(!image.isNull());
    const auto newest = newest_picture();
    auto* camera = menu.addAction(newest.isEmpty() ? tr("The newest of the pictures folder: none is there")
                                                   : tell("The newest of the pictures folder: {fileName}",
                                                          QFileInfo(newest).fileName()),
                                  this, [from_file, newest] { from_file(newest); });
    camera->setEnabled(!newest.isEmpty());
    menu.addAction(tr("From a file…"), this, [this, from_file] {
        const auto file = QFileDialog::getOpenFileName(
            this, tr("A photograph of this step"), document_.folder(), tr("Pictures (*.png *.jpg *.jpeg)"));
        if (!file.isEmpty()) from_file(file);
    });
    menu.exec(photo_->mapToGlobal(QPoint(0, -menu.sizeHint().height())));
}

void BuildStation::add_own_step() {
    bool ok = false;
    const auto title =
        QInputDialog::getText(this, tr("A step of your own"),
                              tr("What is done, such as: Lid off, six screws"), QLineEdit::Normal, {}, &ok)
            .trimmed();
    if (!ok || title.isEmpty()) return;
    OwnStep step;
    step.title = title.toStdString();
    step.id = fresh_id(document_.plan(), "step", step.title);
    if (current()) step.before = {key_};
    document_.apply([step](const Plan& p) { return put_own_step(p, step); }, tr("A step of your own"));
    show_page(Page::steps);
    key_ = own_step_key(step.id);
    document_.select(step.id);
    refresh();
}

void BuildStation::step_menu(const std::string& key, const QPoint& where) {
    go_to(key);
    const auto* step = current();
    if (!step) return;
    QMenu menu(this);
    const auto& rather = document_.plan().rather;
    const bool pinned = std::find(rather.begin(), rather.end(), key) != rather.end();
    menu.addAction(is_done(document_.plan(), *step) ? tr("Not done after all") : tr("Done"), this,
                   &BuildStation::toggle_done);
    if (!is_done(document_.plan(), *step)) {
        auto* now = menu.addAction(tr("Now rather than later"), this, [this, key, pinned] {
            document_.apply([=](const Plan& p) { return set_rather(p, key, !pinned); },
                            tr("When a step comes"));
        });
        now->setCheckable(true);
        now->setChecked(pinned);
    }
    if (step->kind == StepKind::own) {
        const auto id = step->about;
        menu.addSeparator();
        menu.addAction(tr("Change its line"), this, [this, id] { document_.select(id); });
        menu.addAction(tr("And back again: a step that undoes it"), this, [this, id] {
            const auto* own = by_id(document_.plan().own_steps, id);
            if (!own) return;
            const auto back = step_back(document_.plan(), *own);
            document_.apply([back](const Plan& p) { return put_own_step(p, back); },
                            tr("A step of your own"));
        });
        menu.addAction(tr("Remove it"), this, [this, id] {
            document_.apply([id](const Plan& p) { return remove_things(p, {id}); },
                            tr("Remove a step of your own"));
        });
    }
    menu.exec(where);
}

void BuildStation::measure() {
    const auto* step = current();
    emit measure_asked(step ? words_of(reading_of_step(*step, document_.study().readings())) : QString());
}

void BuildStation::keyPressEvent(QKeyEvent* e) {
    // Behind the lists the steps are not seen: nothing is done to them.
    if (pages_->currentIndex() != static_cast<int>(Page::steps)) {
        if (e->key() == Qt::Key_Escape) return show_page(Page::steps);
        return QWidget::keyPressEvent(e);
    }
    switch (e->key()) {
        case Qt::Key_Space:
            return toggle_done();
        case Qt::Key_N:
            return take_note();
        case Qt::Key_M:
            return measure();
        case Qt::Key_P:
            if (e->modifiers() != Qt::NoModifier) break;
            return take_photo();
        case Qt::Key_T:
            return card_->toggle_clock();
        case Qt::Key_Down:
        case Qt::Key_Right:
            return go_by(1);
        case Qt::Key_Up:
        case Qt::Key_Left:
            return go_by(-1);
        default:
            break;
    }
    QWidget::keyPressEvent(e);
}

}  // namespace sangre::app
