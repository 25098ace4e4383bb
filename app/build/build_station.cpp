#include "build/build_station.h"

#include <QKeyEvent>
#include <QVBoxLayout>

#include "shell/findings_bar.h"
#include "widgets/heading.h"
#include "widgets/words.h"
#include "wiring/item_symbol.h"
#include "wiring/joint_drawing.h"

namespace sangre::app {
namespace {

void tick(QPainter& p, const QRectF& area, bool done) {
    p.setPen(done ? Qt::NoPen : QPen(theme().muted, 1.6));
    p.setBrush(done ? QBrush(theme().good) : Qt::NoBrush);
    p.drawEllipse(area);
    if (!done) return;
    p.setPen(QPen(theme().card, 2, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    const auto c = area.center();
    const double r = area.width() / 2;
    p.drawPolyline(
        QPolygonF{c + QPointF(-r * 0.45, 0), c + QPointF(-r * 0.1, r * 0.4), c + QPointF(r * 0.5, -r * 0.4)});
}

}  // namespace

StepCard::StepCard(Document& document, QWidget* parent) : Canvas(tr("Step"), parent), document_(document) {
    setMinimumHeight(u(300));
}

void StepCard::show_step(const Step* step, size_t number, size_t of) {
    step_ = step, number_ = number, of_ = of;
    setAccessibleDescription(step ? words_of(step->title) : QString());
    update();
}

double StepCard::paint_joint(QPainter& p, double y) {
    const auto& feed = document_.plan().feeds[step_->joint->feed];
    const auto work =
        feed_joint(document_.plan(), document_.catalogue(), step_->joint->feed, step_->joint->at_source);
    if (!work) return y;
    draw_joint(p, QRectF(u(24), y, width() - u(48), u(150)), *work, wire_colour(words_of(feed.supply_colour)),
               true);
    return y + u(158);
}

double StepCard::paint_lead(QPainter& p, double y) {
    const auto& t = theme();
    const auto& feeds = document_.plan().feeds;
    const auto* feed = by_id(feeds, step_->about);
    if (!feed) return y;
    const auto& route = document_.study().harness.routes[static_cast<size_t>(feed - feeds.data())];
    const double left = u(40), right = width() - u(40);
    const auto lead = [&](double at, const std::string& colour) {
        // With an edge: black is no colour of its own on a dark card, nor white on a light one.
        p.setPen(QPen(t.muted, 1));
        p.setBrush(wire_colour(words_of(colour)));
        p.drawRect(QRectF(left, at - u(5.5), right - left, u(11)));
        p.setPen(Qt::NoPen);
        p.setBrush(t.card);
        p.drawRoundedRect(QRectF(left + u(26), at - u(9), u(96), u(18)), 3, 3);
        p.drawRoundedRect(QRectF(right - u(122), at - u(9), u(96), u(18)), 3, 3);
        for (const double x : {left + u(28.0), right - u(120.0)})
            text(p, QRectF(x, at - u(9), u(92), u(18)), words_of(name_of(document_.plan(), feed->to)), t.ink,
                 face(11), Qt::AlignCenter);
    };
    lead(y + u(44), feed->supply_colour);
    if (feed->ret == Return::own) lead(y + u(74), feed->return_colour);
    p.setPen(QPen(t.ink, 1));
    p.drawLine(QPointF(left, y + u(22)), QPointF(right, y + u(22)));
    for (const double x : {left, right}) p.drawLine(QPointF(x, y + u(17)), QPointF(x, y + u(27)));
    text(p, QRectF(left, y - u(4), right - left, u(24)), QString::fromStdString(format(route.cut)), t.accent,
         face(20, true), Qt::AlignCenter);
    return y + u(104);
}

double StepCard::paint_target(QPainter& p, double y) {
    const auto& t = theme();
    const QRectF meter(u(40), y, width() - u(80), u(110));
    p.setPen(Qt::NoPen);
    p.setBrush(t.meter);
    p.drawRoundedRect(meter, 8, 8);
    text(p, meter.adjusted(0, u(8), -u(20), -u(36)), words_of(step_->target->value), t.meter_ink,
         face(52, true), Qt::AlignRight | Qt::AlignVCenter);
    text(p, meter.adjusted(u(20), u(74), -u(20), -u(8)), words_of(step_->target->note), t.meter_ink, face(13),
         Qt::AlignRight | Qt::AlignVCenter);
    return meter.bottom() + u(16);
}

/// The lead with all that sits in it, in its order from the source; what this step puts in is marked.
double StepCard::paint_item(QPainter& p, double y) {
    const auto& t = theme();
    const auto& plan = document_.plan();
    const auto* feed = by_id(plan.feeds, step_->about);
    if (!feed) return y;
    const double left = u(40), right = width() - u(40), on = y + u(46), back = y + u(78);
    const auto name = [&](const Id& part, int side) {
        text(p, QRectF(left, y, right - left, u(18)), words_of(name_of(plan, part)), t.muted, face(12),
             side | Qt::AlignVCenter);
    };
    name(feed->from, Qt::AlignLeft), name(feed->to, Qt::AlignRight);
    const auto wire = [&](double at, const std::string& colour) {
        p.setPen(QPen(t.muted, 1));
        p.setBrush(wire_colour(words_of(colour)));
        p.drawRect(QRectF(left, at - u(2.5), right - left, u(5)));
    };
    wire(on, feed->supply_colour);
    const bool own = feed->ret == Return::own;
    if (own) wire(back, feed->return_colour);
    const double step = (right - left) / static_cast<double>(feed->devices.size() + 1);
    double x = left;
    for (const auto& d : feed->devices) {
        x += step;
        if (d.id == step_->item) {
            const double low = d.kind == DeviceKind::connector && own ? back : on;
            p.setPen(QPen(t.accent, 2));
            p.setBrush(t.accent_soft);
            p.drawRoundedRect(QRectF(QPointF(x - u(24), on - u(18)), QPointF(x + u(24), low + u(18))), 8, 8);
        }
        draw_item(p, d.kind, QPointF(x, on), QPointF(x, own ? back : on), true);
    }
    return y + u(112);
}

double StepCard::figure_height() const {
    if (step_->joint) return u(158);
    if (!step_->item.empty()) return u(112);
    return step_->kind == StepKind::cut ? u(104) : step_->target ? u(126) : 0;
}

void StepCard::paint(QPainter& p) {
    const auto& t = theme();
    card(p, QRectF(0, 0, width() - 1, height() - 1), false, t.accent);
    if (!step_) {
        text(p, QRectF(u(24), u(24), width() - u(48), u(30)), tr("Nothing to build yet."), t.ink,
             face(20, true));
        text(p, QRectF(u(24), u(58), width() - u(48), u(22)),
             tr("Wire the plan with Propose (Ctrl+P); the steps follow from it."), t.muted, face(14));
        return;
    }
    const bool done = document_.plan().done.contains(step_->key);
    const double w = width() - u(48);
    double y = u(14);
    text(p, QRectF(u(24), y, w, u(18)),
         tr("Step %1 of %2%3").arg(number_).arg(of_).arg(done ? tr(" · done") : QString()),
         done ? t.good : t.muted, face(13, done));
    y += u(20);
    // The title wraps to two lines rather than being cut.
    p.setFont(face(26, true));
    p.setPen(t.ink);
    const auto title_box =
        p.boundingRect(QRectF(u(24), y, w, u(76)), Qt::TextWordWrap, words_of(step_->title));
    p.drawText(QRectF(u(24), y, w, u(76)), Qt::TextWordWrap, words_of(step_->title));
    y += title_box.height() + u(2);
    p.setFont(face(15));
    p.setPen(t.muted);
    const auto sub = p.boundingRect(QRectF(u(24), y, w, u(44)), Qt::TextWordWrap, words_of(step_->subtitle));
    p.drawText(QRectF(u(24), y, w, u(44)), Qt::TextWordWrap, words_of(step_->subtitle));
    y += sub.height() + u(8);
    const double bottom = height() - (step_->caution.empty() ? u(40) : u(88));
    double need = 0;
    for (const auto& action : step_->actions)
        need += QFontMetricsF(face(17))
                    .boundingRect(QRectF(0, 0, w - u(34), 999), Qt::TextWordWrap, words_of(action))
                    .height() +
                u(7);
    if (y + figure_height() + need < bottom + u(24)) {
        if (step_->joint)
            y = paint_joint(p, y);
        else if (step_->kind == StepKind::cut)
            y = paint_lead(p, y + u(10));
        else if (step_->target)
            y = paint_target(p, y);
        else if (!step_->item.empty())
            y = paint_item(p, y + u(8));
    }
    for (const auto& action : step_->actions) {
        p.setFont(face(17));
        const auto box = p.boundingRect(QRectF(u(58), y, w - u(34), 999), Qt::TextWordWrap, words_of(action));
        if (y + box.height() > bottom) {
            text(p, QRectF(u(58), y - u(4), w, u(18)), QStringLiteral("…"), t.muted, face(17));
            break;
        }
        tick(p, QRectF(u(26), y + u(1), u(18), u(18)), done);
        p.setPen(done ? t.muted : t.ink);
        p.setFont(face(17));
        p.drawText(box, Qt::TextWordWrap, words_of(action));
        y += box.height() + u(7);
    }
    if (!step_->caution.empty()) {
        const QRectF box(u(20), height() - u(82), width() - u(40), u(44));
        p.setPen(QPen(t.heat_soft, 1));
        p.setBrush(t.paper);
        p.drawRoundedRect(box, 6, 6);
        draw_severity(p, QRectF(box.left() + u(10), box.center().y() - u(9), u(18), u(18)),
                      Severity::caution);
        p.setFont(face(13));
        p.setPen(t.ink);
        p.drawText(box.adjusted(u(38), u(2), -u(8), -u(2)), Qt::TextWordWrap | Qt::AlignVCenter,
                   words_of(step_->caution));
    }
    QStringList tools;
    for (const auto& tool : step_->tools) tools << words_of(tool);
    const QString foot =
        tr("about %1 min").arg(step_->minutes) +
        (tools.isEmpty() ? QString() : QStringLiteral(" · ") + tools.join(QStringLiteral(", ")));
    text(p, QRectF(u(24), height() - u(32), w, u(20)), foot, t.muted, face(12));
}

StepList::StepList(Document& document, QWidget* parent) : Canvas(tr("Steps"), parent), document_(document) {}

QSize StepList::minimumSizeHint() const {
    return {u(240), static_cast<int>(document_.study().steps().size()) * u(27) + u(12)};
}

void StepList::set_current(const std::string& key) {
    current_ = key;
    setMinimumHeight(minimumSizeHint().height());
    update();
}

double StepList::row_top(const std::string& key) const {
    const auto& steps = document_.study().steps();
    for (size_t i = 0; i < steps.size(); ++i)
        if (steps[i].key == key) return u(6) + static_cast<double>(i) * u(27);
    return 0;
}

void StepList::paint(QPainter& p) {
    card(p, QRectF(0, 0, width() - 1, height() - 1));
    double y = u(6);
    int number = 0;
    for (const auto& s : document_.study().steps()) {
        const QRectF area(u(4), y, width() - u(9), u(26));
        ++number;
        if (exposed(area)) paint_row(p, s, number, area);
        add_spot({area,
                  "step:" + words_of(s.key),
                  words_of(s.title),
                  [this, key = words_of(s.key)] { emit chosen(key); },
                  {}});
        y += u(27);
    }
}

void StepList::paint_row(QPainter& p, const Step& s, int number, const QRectF& area) {
    const auto& t = theme();
    const double y = area.top();
    const bool here = s.key == current_, done = document_.plan().done.contains(s.key);
    if (here) card(p, area, true);
    text(p, QRectF(u(6), y, u(28), u(26)), QString::number(number), t.muted, face(12),
         Qt::AlignRight | Qt::AlignVCenter);
    text(p, QRectF(u(42), y, width() - u(78), u(26)), words_of(s.title), done ? t.muted : t.ink,
         face(13, here));
    if (done) tick(p, QRectF(width() - u(30), y + u(6), u(14), u(14)), true);
}

BuildStation::BuildStation(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(u(18), u(12), u(14), u(8));
    column->setSpacing(u(6));
    auto* heading = new Heading(tr("Tonight"), {}, this);
    column->addWidget(heading);
    summary_ = new QLabel(this);
    summary_->setStyleSheet(QStringLiteral("color:%1;font-size:%2px").arg(theme().muted.name()).arg(u(13)));
    heading->add(summary_);
    auto* row = new QHBoxLayout;
    row->setSpacing(u(10));
    auto* left = new QVBoxLayout;
    left->setSpacing(u(8));
    card_ = new StepCard(document_, this);
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
    area_ = new QScrollArea(this);
    area_->setWidgetResizable(true);
    area_->setFrameShape(QFrame::NoFrame);
    area_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    area_->setWidget(list_);
    row->addWidget(area_, 2);
    column->addLayout(row, 1);
    setFocusPolicy(Qt::StrongFocus);
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
