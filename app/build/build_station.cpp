#include "build/build_station.h"

#include <QKeyEvent>
#include <QVBoxLayout>

#include "shell/findings_bar.h"
#include "widgets/heading.h"
#include "widgets/scrolled.h"
#include "widgets/words.h"

namespace sangre::app {

StepList::StepList(Document& document, QWidget* parent) : Canvas(tr("Steps"), parent), document_(document) {}

QSize StepList::minimumSizeHint() const {
    return {u(240), static_cast<int>(document_.study().steps().size()) * u(30) + u(12)};
}

void StepList::set_current(const std::string& key) {
    current_ = key;
    setMinimumHeight(minimumSizeHint().height());
    update();
}

double StepList::row_top(const std::string& key) const {
    const auto& steps = document_.study().steps();
    for (size_t i = 0; i < steps.size(); ++i)
        if (steps[i].key == key) return u(6) + static_cast<double>(i) * u(30);
    return 0;
}

void StepList::paint(QPainter& p) {
    card(p, QRectF(0, 0, width() - 1, height() - 1));
    double y = u(6);
    int number = 0;
    for (const auto& s : document_.study().steps()) {
        const QRectF area(u(4), y, width() - u(9), u(29));
        ++number;
        if (exposed(area)) paint_row(p, s, number, area);
        add_spot({area,
                  "step:" + words_of(s.key),
                  words_of(s.title),
                  [this, key = words_of(s.key)] { emit chosen(key); },
                  {}});
        y += u(30);
    }
}

void StepList::paint_row(QPainter& p, const Step& s, int number, const QRectF& area) {
    const auto& t = theme();
    const double y = area.top();
    const bool here = s.key == current_, done = document_.plan().done.contains(s.key);
    if (here) card(p, area, true);
    text(p, QRectF(u(6), y, u(28), u(29)), QString::number(number), t.muted, face(12),
         Qt::AlignRight | Qt::AlignVCenter);
    text(p, QRectF(u(42), y, width() - u(78), u(29)), words_of(s.title), done ? t.muted : t.ink,
         face(13, here));
    if (done) draw_tick(p, QRectF(width() - u(30), y + u(7), u(14), u(14)), true);
}

BuildStation::BuildStation(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(u(18), u(12), u(14), u(8));
    column->setSpacing(u(6));
    auto* heading = new Heading(tr("Tonight"), {}, this);
    heading->lead_on(document_, Stage::build);
    column->addWidget(heading);
    summary_ = new QLabel(this);
    summary_->setStyleSheet(QStringLiteral("color:%1;font-size:%2px").arg(theme().muted.name()).arg(u(13)));
    heading->add(summary_);
    auto* row = new QHBoxLayout;
    row->setSpacing(u(10));
    auto* left = new QVBoxLayout;
    left->setSpacing(u(8));
    card_ = new StepCard(document_, this);
    card_->setObjectName("drawing");
    left->addWidget(card_, 1);
    note_ = new QLineEdit(this);
    note_->setPlaceholderText(tr("What should be remembered about this step? Enter keeps it."));
    note_->setAccessibleName(tr("Note on this step"));
    note_->hide();
    left->addWidget(note_);
    auto* buttons = new QHBoxLayout;
    done_ = new QPushButton(tr("Done  (Space)"), this);
    done_->setProperty("primary", true);
    measure_ = new QPushButton(tr("Measure  (M)"), this);
    note_button_ = new QPushButton(tr("Note  (N)"), this);
    for (auto* b : {done_, measure_, note_button_}) {
        b->setMinimumHeight(u(38));
        buttons->addWidget(b, 1);
    }
    left->addLayout(buttons);
    row->addLayout(left, 3);
    list_ = new StepList(document_, this);
    area_ = scrolled(list_, this);
    row->addWidget(area_, 2);
    column->addLayout(row, 1);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Build"));
    connect(done_, &QPushButton::clicked, this, &BuildStation::toggle_done);
    connect(measure_, &QPushButton::clicked, this, &BuildStation::measure_asked);
    connect(note_button_, &QPushButton::clicked, this, &BuildStation::take_note);
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
    connect(list_, &StepList::chosen, this, [this](const QString& key) { go_to(key.toStdString()); });
    const auto renew = [this] {
        if (isVisible()) refresh();
    };
    connect(&document_, &Document::changed, this, renew);
    connect(&document_, &Document::file_changed, this, renew);
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

void BuildStation::refresh() {
    const auto& steps = document_.study().steps();
    // In a window made anew, for another theme or size of letters, the step that was looked at.
    if (!current()) key_ = document_.selection();
    if (!current()) {
        key_.clear();
        for (const auto& s : steps)
            if (key_.empty() && !document_.plan().done.contains(s.key)) key_ = s.key;
        if (key_.empty() && !steps.empty()) key_ = steps.back().key;
    }
    size_t number = 0, done = 0;
    for (size_t i = 0; i < steps.size(); ++i) {
        if (steps[i].key == key_) number = i + 1;
        done += document_.plan().done.contains(steps[i].key);
    }
    card_->show_step(current(), number, steps.size());
    list_->set_current(key_);
    area_->ensureVisible(0, static_cast<int>(list_->row_top(key_)) + u(60), 0, u(90));
    const bool any = !steps.empty();
    for (auto* b : {done_, measure_, note_button_}) b->setEnabled(any);
    done_->setText(any && document_.plan().done.contains(key_) ? tr("Not done  (Space)")
                                                               : tr("Done  (Space)"));
    summary_->setText(
        any ? tr("%1 of %2 done · about %3 of handwork left")
                  .arg(done)
                  .arg(steps.size())
                  .arg(QString::fromStdString(format(Second(minutes_left(document_.plan(), steps) * 60))))
            : QString());
}

void BuildStation::go_to(const std::string& key) {
    key_ = key;
    document_.select(key);
    refresh();
}

void BuildStation::toggle_done() {
    const auto* step = current();
    if (!step) return;
    const bool done = !document_.plan().done.contains(step->key);
    const auto& steps = document_.study().steps();
    const auto at = static_cast<size_t>(step - steps.data());
    const std::string key = step->key, title = step->title;
    // On to what is still to do: a step ticked earlier is not gone over again.
    std::string next = key;
    for (size_t i = at + 1; done && next == key && i < steps.size(); ++i)
        if (!document_.plan().done.contains(steps[i].key)) next = steps[i].key;
    document_.apply(
        [=, when = Document::now()](const Plan& p) { return mark_step(p, key, title, done, when); },
        done ? tr("Tick a step") : tr("Untick a step"));
    go_to(next);
}

void BuildStation::take_note() {
    note_->show();
    note_->setFocus();
}

void BuildStation::keyPressEvent(QKeyEvent* e) {
    const auto& steps = document_.study().steps();
    const auto* step = current();
    const auto at = step ? static_cast<size_t>(step - steps.data()) : 0;
    switch (e->key()) {
        case Qt::Key_Space:
            return toggle_done();
        case Qt::Key_N:
            return take_note();
        case Qt::Key_M:
            emit measure_asked();
            return;
        case Qt::Key_Down:
        case Qt::Key_Right:
            if (step && at + 1 < steps.size()) go_to(steps[at + 1].key);
            return;
        case Qt::Key_Up:
        case Qt::Key_Left:
            if (step && at > 0) go_to(steps[at - 1].key);
            return;
        default:
            QWidget::keyPressEvent(e);
    }
}

}  // namespace sangre::app
