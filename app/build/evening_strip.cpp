#include "build/evening_strip.h"

#include <QMouseEvent>

#include "plan/edits.h"
#include "widgets/dates.h"
#include "widgets/words.h"

namespace sangre::app {
namespace {

constexpr size_t most_shown = 7;
constexpr double shortest = 5, longest = 24 * 60;  // minutes that an edge is dragged to

}  // namespace

EveningStrip::EveningStrip(Document& document, QWidget* parent)
    : Canvas(tr("Evenings"), parent), document_(document) {
    setFixedHeight(u(74));
}

void EveningStrip::show_evenings(const std::vector<EveningPlan>& evenings, const std::string& current) {
    evenings_ = evenings, current_ = current;
    update();
}

QString EveningStrip::said_day(const std::string& date) const {
    return date == today() ? tr("tonight") : day_words(QDate::fromString(words_of(date), Qt::ISODate));
}

void EveningStrip::paint(QPainter& p) {
    const auto& t = theme();
    card(p, QRectF(0, 0, width() - 1, height() - 1));
    edges_.clear();
    const auto& steps = document_.study().steps();
    if (evenings_.empty()) {
        text(p, QRectF(u(14), 0, width() - u(28), height()),
             steps.empty() ? tr("Evenings are shown here once there is something to build.")
                           : tr("All is built."),
             t.muted, face(13));
        return;
    }
    const size_t done = steps_done(document_.plan(), steps);
    const auto shown = std::min(evenings_.size(), most_shown);
    const double left = u(12), gap = u(8), top = u(12), tall = u(26),
                 rest = evenings_.size() > shown ? u(34) : 0;
    const double room = width() - u(24) - rest;
    const auto words_of_day = [&](size_t i) {
        const auto& e = evenings_[i];
        const double there = held_ && held_->date == e.date ? held_minutes_ : e.there;
        return i == 0 ? tell("{day} · {there}", said_day(e.date),
                             QString::fromStdString(format(Second(there * 60))))
                      : said_day(e.date);
    };
    // What is done stands first, at a fixed width; each evening is at least as wide as its words.
    const double first = done > 0 ? u(64) : 0;
    double minutes = 0, words_wide = 0;
    for (size_t i = 0; i < shown; ++i) {
        minutes += std::max(evenings_[i].there, evenings_[i].used);
        words_wide += text_width(words_of_day(i), face(11, i == 0)) * 0.35;
    }
    const double per_minute = std::max(
        0.1, (room - first - words_wide - gap * static_cast<double>(shown)) / std::max(minutes, 1.0));
    double x = left;
    if (done > 0) {
        p.setPen(Qt::NoPen);
        auto soft = t.good;
        soft.setAlpha(90);
        p.setBrush(soft);
        p.drawRoundedRect(QRectF(x, top, first - gap, tall), 4, 4);
        text(p, QRectF(x, top + tall + u(4), first - gap + u(6), u(18)), tell("{done} done", done), t.muted,
             face(11));
        x += first;
    }
    for (size_t i = 0; i < shown; ++i) {
        const auto& e = evenings_[i];
        const double there = held_ && held_->date == e.date ? held_minutes_ : e.there;
        const double used = e.used * per_minute,
                     whole = std::max(std::max(there, e.used) * per_minute,
                                      text_width(words_of_day(i), face(11, i == 0)));
        const bool tonight = i == 0;
        p.setPen(QPen(t.line, 1));
        p.setBrush(t.paper);
        p.drawRoundedRect(QRectF(x, top, there * per_minute, tall), 4, 4);
        p.setPen(Qt::NoPen);
        auto fill = e.bare.empty() ? t.flow : t.caution;
        if (!tonight) fill.setAlpha(150);
        p.setBrush(fill);
        p.drawRoundedRect(QRectF(x, top, std::max(used, 2.0), tall), 4, 4);
        const bool here = std::any_of(e.steps.begin(), e.steps.end(),
                                      [&](size_t s) { return s < steps.size() && steps[s].key == current_; });
        if (here) {
            p.setPen(QPen(t.ink, 2));
            p.drawLine(QPointF(x + u(3), top - u(5)), QPointF(x + u(3), top + tall + u(3)));
        }
        const auto length = QString::fromStdString(format(Second(there * 60)));
        text(p, QRectF(x, top + tall + u(4), whole + gap - u(2), u(18)), words_of_day(i),
             tonight ? t.ink : t.muted, face(11, tonight));
        auto& spot = add_spot(
            {QRectF(x, top, std::max(there * per_minute, 6.0), tall + u(20)), "evening:" + words_of(e.date),
             tell("{day}: {steps} {steps|step|steps} in {used} of {length}{safe|, safe to stop after it|, "
                  "{ends} bare {ends|end|ends} to cap}",
                  said_day(e.date), e.steps.size(), QString::fromStdString(format(Second(e.used * 60))),
                  length, e.bare.empty(), e.bare.size()),
             [this, step = e.steps.empty() ? QString() : words_of(steps[e.steps.front()].key)] {
                 if (!step.isEmpty()) emit chosen(step);
             },
             [this, date = e.date] { edit_minutes(date); }, Qt::PointingHandCursor, true, said_day(e.date),
             tell("{steps} {steps|step|steps}", e.steps.size())});
        spot.how = tr("Click for its first step; right-click types how long there is; drag its edge.");
        edges_.push_back({x + there * per_minute, x, per_minute, e.date});
        x += whole + gap;
    }
    if (evenings_.size() > shown)
        text(p, QRectF(width() - u(12) - rest, top, rest + u(8), tall),
             tell("+{count}", evenings_.size() - shown), t.muted, face(12));
}

void EveningStrip::say_minutes(const std::string& date, double minutes) {
    document_.apply_within(
        gesture_, [date, minutes](const Plan& p) { return set_evening(p, date, minutes); },
        tr("How long there is"));
}

void EveningStrip::edit_minutes(const std::string& date) {
    const auto at =
        std::find_if(evenings_.begin(), evenings_.end(), [&](const auto& e) { return e.date == date; });
    const double now = at == evenings_.end() ? usual_evening : at->there;
    const auto centre = spot_centre("evening:" + words_of(date));
    edit_value_at(QRectF(centre.x() - u(60), u(10), u(120), u(30)),
                  QString::fromStdString(format(Second(now * 60))), Dimension::time, QStringLiteral("min"),
                  [this, date](double seconds) -> QString {
                      const double minutes = seconds / 60;
                      if (minutes < 0 || minutes > longest)
                          return tr("From 0 to 24 h is expected, such as 1 h 30 min.");
                      close_editor();
                      gesture_ = document_.new_gesture();
                      say_minutes(date, minutes);
                      return {};
                  });
}

void EveningStrip::mousePressEvent(QMouseEvent* e) {
    held_.reset();
    const auto at = in_drawing(e->position());
    if (e->button() == Qt::LeftButton)
        for (const auto& edge : edges_)
            if (std::abs(at.x() - edge.x) < u(6)) {
                held_ = edge, held_minutes_ = (edge.x - edge.left) / edge.per_minute;
                return;
            }
    Canvas::mousePressEvent(e);
}

void EveningStrip::mouseMoveEvent(QMouseEvent* e) {
    const auto at = in_drawing(e->position());
    if (!held_ || !(e->buttons() & Qt::LeftButton)) {
        const bool edge = std::any_of(edges_.begin(), edges_.end(),
                                      [&](const auto& x) { return std::abs(at.x() - x.x) < u(6); });
        Canvas::mouseMoveEvent(e);
        if (edge) setCursor(Qt::SizeHorCursor);
        return;
    }
    held_minutes_ =
        std::clamp(std::round((at.x() - held_->left) / held_->per_minute / 5) * 5, shortest, longest);
    update();
}

void EveningStrip::mouseReleaseEvent(QMouseEvent* e) {
    const auto held = std::exchange(held_, {});
    if (!held) return Canvas::mouseReleaseEvent(e);
    gesture_ = document_.new_gesture();
    say_minutes(held->date, held_minutes_);
}

}  // namespace sangre::app
