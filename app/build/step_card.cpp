// One step, large: its title, what is drawn of it, what the hands do, its caution and tools.
#include "build/step_card.h"

#include <QApplication>

#include "base/words/say.h"
#include "making/evenings.h"
#include "plan/plan_pictures.h"
#include "shell/findings_bar.h"
#include "shell/pictures.h"
#include "widgets/canvas_access.h"
#include "widgets/words.h"
#include "wiring/shapes.h"

namespace sangre::app {

void draw_tick(QPainter& p, const QRectF& area, bool done) {
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

StepCard::StepCard(Document& document, QWidget* parent) : Canvas(tr("Step"), parent), document_(document) {
    clock_.setInterval(200);
    connect(&clock_, &QTimer::timeout, this, [this] {
        if (seconds_left() <= 0) {
            clock_.stop();
            QApplication::beep();
            emit clock_ran_out();
        }
        update();
    });
}

/// Come to, it is said again.
void StepCard::showEvent(QShowEvent* e) {
    Canvas::showEvent(e);
    if (step_) say_aloud(*this, accessibleDescription());
}

void StepCard::show_step(const Step* step, size_t number, size_t of) {
    step_ = step, number_ = number, of_ = of;
    if (const auto key = step ? step->key : std::string(); key != key_) {
        key_ = key;
        clock_.stop();
        shown_.start();
    }
    drawing_ = step ? step_drawing(document_.plan(), document_.catalogue(), document_.study(), *step)
                    : DiagramSheet{};
    // A photograph that was taken at it, else the picture that its builder gave it.
    QString wanted;
    if (step) {
        auto name = photo_of(document_.plan(), step->key);
        if (name.empty()) name = step->picture;
        wanted = find_picture(words_of(name), document_.origin(), document_.pictures_pool());
    }
    if (wanted != photo_file_) photo_file_ = wanted, photo_ = wanted.isEmpty() ? QPixmap() : QPixmap(wanted);
    QStringList heard;
    if (step) {
        heard << words_of(step->title) << words_of(step->subtitle) << words_of(step->caution);
        for (const auto& tool : step->tools) heard << words_of(sangre::said(tool));
        heard.removeAll(QString());
        for (auto& words : heard)
            if (words.endsWith(QLatin1Char('.'))) words.chop(1);
    }
    if (const auto words = heard.join(QStringLiteral(". ")); words != accessibleDescription())
        say_aloud(*this, words);
    settle_height();
    update();
}

double StepCard::seconds() const { return step_ ? counted_seconds(*step_) : 0; }

double StepCard::seconds_left() const {
    return clock_.isActive() ? std::max(0.0, seconds() - static_cast<double>(since_.elapsed()) / 1000)
                             : seconds();
}

void StepCard::toggle_clock() {
    if (seconds() <= 0) return;
    if (clock_.isActive())
        clock_.stop();
    else
        since_.start(), clock_.start();
    update();
}

double StepCard::paint_heading(QPainter& p, bool done) {
    const auto& t = theme();
    const double w = width() - u(48);
    double y = u(12);
    text(p, QRectF(u(24), y, w, u(18)), tell("Step {number} of {all}{done| · done|}", number_, of_, done),
         done ? t.good : t.muted, face(13, done));
    y += u(19);
    // The title wraps to two lines rather than being cut.
    p.setFont(face(24, true));
    p.setPen(t.ink);
    const auto title = p.boundingRect(QRectF(u(24), y, w, u(72)), Qt::TextWordWrap, words_of(step_->title));
    p.drawText(QRectF(u(24), y, w, u(72)), Qt::TextWordWrap, words_of(step_->title));
    y += title.height() + u(1);
    p.setFont(face(14));
    p.setPen(t.muted);
    const auto sub = p.boundingRect(QRectF(u(24), y, w, u(40)), Qt::TextWordWrap, words_of(step_->subtitle));
    p.drawText(QRectF(u(24), y, w, u(40)), Qt::TextWordWrap, words_of(step_->subtitle));
    return y + sub.height() + u(6);
}

QSizeF StepCard::drawn() const {
    if (!photo_.isNull()) return photo_.size();
    return drawing_.shapes.empty() ? QSizeF() : QSizeF(drawing_.width, drawing_.height);
}

void StepCard::paint_drawing(QPainter& p, const QRectF& room) {
    const auto size = drawn();
    if (size.isEmpty()) return;
    const double k = std::min(room.width() / size.width(), room.height() / size.height());
    const QRectF area(room.left() + (room.width() - size.width() * k) / 2,
                      room.top() + (room.height() - size.height() * k) / 2, size.width() * k,
                      size.height() * k);
    if (!photo_.isNull()) return p.drawPixmap(area, photo_, QRectF(photo_.rect()));
    p.save();
    p.translate(area.topLeft());
    p.scale(k, k);
    draw_shapes(p, drawing_.shapes, false);
    p.restore();
}

double StepCard::actions_height(double wide, int letters) const {
    double need = 0;
    for (const auto& action : step_->actions)
        need += QFontMetricsF(face(letters))
                    .boundingRect(QRectF(0, 0, wide - u(34), 9999), Qt::TextWordWrap, words_of(action))
                    .height() +
                u(6);
    return need;
}

double StepCard::heading_height() const {
    const auto tall = [&](int letters, bool bold, const std::string& words, double most) {
        return QFontMetricsF(face(letters, bold))
            .boundingRect(QRectF(0, 0, width() - u(48), most), Qt::TextWordWrap, words_of(words))
            .height();
    };
    return u(12) + u(19) + tall(24, true, step_->title, u(72)) + u(1) +
           tall(14, false, step_->subtitle, u(40)) + u(6);
}

StepCard::Layout StepCard::layout(double room) const {
    constexpr int largest = 16, smallest = 14;
    const double least_tall = u(120), clock = seconds() > 0 ? u(100) : 0;
    const double w = width() - u(48) - clock;
    const auto size = drawn();
    const auto tall = [&](double wide) { return size.isEmpty() ? 0.0 : wide * size.height() / size.width(); };
    Layout now;
    // Over the words, in the largest letters with which it still shows what it should.
    for (now.letters = largest; now.letters >= smallest; --now.letters) {
        now.actions = actions_height(w, now.letters);
        now.drawing = size.isEmpty() ? 0 : std::min(tall(width() - u(48)), room - now.actions - u(10));
        if (size.isEmpty() ? now.actions <= room : now.drawing >= least_tall) return now;
    }
    // Beside them, where there is the width.
    if (!size.isEmpty() && width() >= u(560)) {
        now.beside = true;
        const double half = width() * 0.44;
        for (now.letters = largest - 1; now.letters >= smallest; --now.letters) {
            now.actions = actions_height(w - half, now.letters);
            now.drawing = std::min(tall(half - u(12)), std::max(room, least_tall));
            if (now.actions <= room) return now;
        }
    }
    // Else the card is as tall as it needs, and is scrolled.
    now.letters = smallest, now.beside = false;
    now.actions = actions_height(w, now.letters);
    now.drawing = size.isEmpty() ? 0 : std::min(tall(width() - u(48)), double(u(150)));
    return now;
}

double StepCard::foot_height() const { return step_->caution.empty() ? u(36) : u(84); }

/// Where the window has no room for all of the step, as tall as it wants: it is scrolled to.
void StepCard::settle_height() {
    if (!step_) return setMinimumHeight(u(200));
    const double frame = heading_height() + foot_height();
    const double room = parentWidget() ? parentWidget()->height() - frame : 0;
    const auto l = layout(std::max(0.0, room));
    const double need =
        l.beside ? std::max(l.actions, l.drawing) : l.actions + (l.drawing > 0 ? l.drawing + u(10) : 0);
    // What fits follows the window both ways; only what does not is held.
    setMinimumHeight(static_cast<int>(std::ceil(need <= room + 1 ? frame : frame + need)));
}

void StepCard::resizeEvent(QResizeEvent* e) {
    Canvas::resizeEvent(e);
    settle_height();
}

/// The window's room may change while the card, held taller, does not.
bool StepCard::event(QEvent* e) {
    if (e->type() == QEvent::ParentChange && parentWidget()) parentWidget()->installEventFilter(this);
    return Canvas::event(e);
}

bool StepCard::eventFilter(QObject* watched, QEvent* e) {
    if (watched == parentWidget() && e->type() == QEvent::Resize) settle_height();
    return Canvas::eventFilter(watched, e);
}

void StepCard::paint_actions(QPainter& p, const QRectF& area, int letters, bool done) {
    const auto& t = theme();
    const double left = area.left() - u(24), w = area.width();
    double y = area.top();
    for (size_t i = 0; i < step_->actions.size(); ++i) {
        const auto words = words_of(step_->actions[i]);
        p.setFont(face(letters));
        const auto box = p.boundingRect(QRectF(left + u(58), y, w - u(34), 9999), Qt::TextWordWrap, words);
        const bool ticked = is_action_done(document_.plan(), *step_, i);
        draw_tick(p, QRectF(left + u(26), y + u(1), u(18), u(18)), ticked);
        p.setPen(ticked ? t.muted : t.ink);
        p.setFont(face(letters));
        p.drawText(box, Qt::TextWordWrap, words);
        auto& spot = add_spot({QRectF(left + u(22), y - u(2), box.right() - left - u(22),
                                      std::max(box.height(), double(u(22)))),
                               QStringLiteral("action:%1").arg(i),
                               words,
                               [this, i, ticked, done, step = *step_] {
                                   if (!done)
                                       document_.apply(
                                           [=, when = Document::now()](const Plan& q) {
                                               return tick_action(q, step, i, !ticked, when);
                                           },
                                           tr("Tick an action"));
                               },
                               {},
                               Qt::PointingHandCursor,
                               true,
                               words});
        spot.how = tr("Click to tick it alone."), spot.checked = ticked;
        y += box.height() + u(6);
    }
}

void StepCard::paint_clock(QPainter& p, const QRectF& area) {
    const auto& t = theme();
    const double whole = seconds(), left = seconds_left();
    p.setPen(QPen(t.line, u(4)));
    p.setBrush(t.paper);
    p.drawEllipse(area);
    p.setPen(QPen(clock_.isActive() && left <= 3 ? t.danger : t.accent, u(4), Qt::SolidLine, Qt::FlatCap));
    p.setBrush(Qt::NoBrush);
    p.drawArc(area, 90 * 16, static_cast<int>(std::lround(-left / std::max(whole, 1e-9) * 360 * 16)));
    const auto words = left < 60 ? tell("{ceil} s", static_cast<int>(std::ceil(left)))
                                 : QString::fromStdString(format(Second(std::ceil(left))));
    text(p, area.adjusted(u(8), 0, -u(8), -u(12)), words, t.accent, face(left < 60 ? 22 : 16, true),
         Qt::AlignCenter);
    text(p, QRectF(area.left(), area.center().y() + u(12), area.width(), u(16)),
         clock_.isActive() ? tr("T: stop") : tr("T: count"), t.muted, face(11), Qt::AlignCenter);
    add_spot({area,
              QStringLiteral("clock"),
              tell("Counts {whole}; T starts and stops it.", QString::fromStdString(format(Second(whole)))),
              [this] { toggle_clock(); },
              {}});
}

void StepCard::paint_caution(QPainter& p) {
    if (step_->caution.empty()) return;
    const auto& t = theme();
    const QRectF box(u(20), height() - u(80), width() - u(40), u(44));
    p.setPen(QPen(t.heat_soft, 1));
    p.setBrush(t.paper);
    p.drawRoundedRect(box, 6, 6);
    draw_severity(p, QRectF(box.left() + u(10), box.center().y() - u(9), u(18), u(18)), Severity::caution);
    p.setFont(face(13));
    p.setPen(t.ink);
    p.drawText(box.adjusted(u(38), u(2), -u(8), -u(2)), Qt::TextWordWrap | Qt::AlignVCenter,
               words_of(step_->caution));
}

void StepCard::paint_foot(QPainter& p) {
    QStringList tools;
    for (const auto& tool : step_->tools) tools << words_of(sangre::said(tool));
    const auto minutes = minutes_of(document_.plan(), document_.study().steps(), *step_);
    const QString foot =
        tell("about {minutes} min", std::lround(minutes)) +
        (tools.isEmpty() ? QString() : QStringLiteral(" · ") + tools.join(QStringLiteral(", ")));
    text(p, QRectF(u(24), height() - u(30), width() - u(48), u(20)), foot, theme().muted, face(12));
}

void StepCard::paint(QPainter& p) {
    const auto& t = theme();
    card(p, QRectF(0, 0, width() - 1, height() - 1), false, t.accent);
    if (!step_) {
        text(p, QRectF(u(24), u(24), width() - u(48), u(30)), tr("Nothing to build yet."), t.ink,
             face(20, true));
        text(p, QRectF(u(24), u(58), width() - u(48), u(22)),
             tr("Wire the plan with Propose (Ctrl+Enter); the steps follow from it."), t.muted, face(14));
        return;
    }
    const bool done = is_done(document_.plan(), *step_);
    const double y = paint_heading(p, done), bottom = height() - foot_height();
    const auto l = layout(bottom - y);
    const double w = width() - u(48) - (seconds() > 0 ? u(100) : 0);
    if (l.beside) {
        const double half = width() * 0.44;
        drawn_at_ = QRectF(u(24), y, half - u(12), std::min(l.drawing, bottom - y));
        paint_drawing(p, drawn_at_);
        paint_actions(p, QRectF(u(24) + half, y, w - half, l.actions), l.letters, done);
    } else {
        drawn_at_ = QRectF(u(24), y, width() - u(48), std::max(l.drawing, 0.0));
        if (l.drawing > 0) paint_drawing(p, drawn_at_);
        paint_actions(p, QRectF(u(24), y + (l.drawing > 0 ? l.drawing + u(10) : 0), w, l.actions), l.letters,
                      done);
    }
    if (seconds() > 0) paint_clock(p, QRectF(width() - u(112), bottom - u(94), u(84), u(84)));
    paint_caution(p);
    paint_foot(p);
}

}  // namespace sangre::app
