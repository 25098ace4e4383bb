#include "build/step_list.h"

#include "build/step_card.h"
#include "widgets/dates.h"
#include "widgets/words.h"

namespace sangre::app {
namespace {

double row_tall() { return u(30); }

}  // namespace

StepList::StepList(Document& document, QWidget* parent) : Canvas(tr("Steps"), parent), document_(document) {}

QSize StepList::minimumSizeHint() const {
    return {u(270), static_cast<int>(static_cast<double>(rows_.size()) * row_tall()) + u(12)};
}

void StepList::show_evenings(const std::vector<EveningPlan>& evenings, const std::vector<HeldBack>& held) {
    rows_.clear(), keys_.clear();
    const auto& steps = document_.study().steps();
    const auto add = [&](size_t i) {
        rows_.push_back({static_cast<int>(i)});
        keys_.push_back(steps[i].key);
    };
    for (size_t i = 0; i < steps.size(); ++i)
        if (is_done(document_.plan(), steps[i])) add(i);
    std::vector<char> listed(steps.size());
    for (const auto& e : evenings) {
        if (e.steps.empty()) continue;
        const auto day = QDate::fromString(words_of(e.date), Qt::ISODate);
        rows_.push_back({-1, (e.date == today() ? tr("Tonight") : day_words(day)) + QStringLiteral(" · ") +
                                 QString::fromStdString(format(Second(e.used * 60)))});
        for (const auto i : e.steps) add(i), listed[i] = 1;
        if (e.bare.empty())
            rows_.push_back({-1, e.iron ? tr("safe to stop here, iron off") : tr("safe to stop here"), true});
        for (const auto& b : e.bare) {
            const auto* lead = by_id(document_.plan().leads, b.lead);
            rows_.push_back(
                {-1, tell("cap the bare end at {part}",
                          words_of(name_of(document_.plan(), b.at_source ? lead->from : lead->to)))});
        }
    }
    // What waits for itself, or for what nobody says when it comes, is in no evening.
    QStringList items;
    for (const auto& h : held)
        if (h.until.empty() && !items.contains(words_of(h.item))) items << words_of(h.item);
    for (const auto& item : items) rows_.push_back({-1, tell("on order: {item}", item)});
    for (size_t i = 0; i < steps.size(); ++i)
        if (!listed[i] && !is_done(document_.plan(), steps[i])) add(i);
    setMinimumHeight(minimumSizeHint().height());
    update();
}

void StepList::set_current(const std::string& key) {
    current_ = key;
    update();
}

double StepList::row_top(const std::string& key) const {
    const auto& steps = document_.study().steps();
    for (size_t r = 0; r < rows_.size(); ++r)
        if (rows_[r].step >= 0 && static_cast<size_t>(rows_[r].step) < steps.size() &&
            steps[static_cast<size_t>(rows_[r].step)].key == key)
            return u(6) + static_cast<double>(r) * row_tall();
    return 0;
}

void StepList::paint(QPainter& p) {
    const auto& t = theme();
    card(p, QRectF(0, 0, width() - 1, height() - 1));
    const auto& steps = document_.study().steps();
    double y = u(6);
    size_t number = 0;
    for (const auto& row : rows_) {
        const QRectF area(u(4), y, width() - u(9), row_tall() - u(1));
        y += row_tall();
        if (row.step < 0) {
            if (!exposed(area)) continue;
            if (row.safe) {
                const double wide = text_width(row.words, face(11, true)) + u(16), middle = area.center().x();
                p.setPen(QPen(t.good, 1.2));
                p.drawLine(QPointF(area.left() + u(8), area.center().y()),
                           QPointF(middle - wide / 2, area.center().y()));
                p.drawLine(QPointF(middle + wide / 2, area.center().y()),
                           QPointF(area.right() - u(8), area.center().y()));
            }
            text(p, area.adjusted(u(8), 0, -u(8), 0), row.words, row.safe ? t.good : t.muted,
                 face(row.safe ? 11 : 12, true),
                 row.safe ? Qt::AlignCenter : int(Qt::AlignLeft | Qt::AlignVCenter));
            continue;
        }
        ++number;
        if (static_cast<size_t>(row.step) >= steps.size()) continue;
        const auto& s = steps[static_cast<size_t>(row.step)];
        if (exposed(area)) paint_row(p, s, number, area);
        auto& spot = add_spot(
            {area, "step:" + words_of(s.key), words_of(s.title),
             [this, key = words_of(s.key)] { emit chosen(key); },
             [this, key = words_of(s.key), at = area.center().toPoint()] { emit menu_wanted(key, at); }});
        spot.value = is_done(document_.plan(), s) ? tell("step {number}, done", number)
                                                  : tell("step {number}", number);
        spot.selected = s.key == current_;
    }
}

void StepList::paint_row(QPainter& p, const Step& s, size_t number, const QRectF& area) {
    const auto& t = theme();
    const bool here = s.key == current_, done = is_done(document_.plan(), s);
    if (here) card(p, area, true);
    text(p, QRectF(u(4), area.top(), u(28), area.height()), QString::number(number), t.muted, face(12),
         Qt::AlignRight | Qt::AlignVCenter);
    const bool own = s.kind == StepKind::own;
    const auto wait = s.wait_minutes >= 1 && !done
                          ? QString::fromStdString(format(Second(s.wait_minutes * 60)))
                      : own ? tr("yours")
                            : QString();
    const double right = wait.isEmpty() ? 0 : text_width(wait, face(11)) + u(8);
    const double ticked = done ? u(24) : 0;
    text(p, QRectF(u(40), area.top(), width() - u(52) - right - ticked, area.height()), words_of(s.title),
         done ? t.muted : t.ink, face(13, here));
    if (!wait.isEmpty())
        text(p, QRectF(width() - u(12) - right - ticked, area.top(), right, area.height()), wait,
             own ? t.cool : t.caution, face(11), Qt::AlignRight | Qt::AlignVCenter);
    if (done) draw_tick(p, QRectF(width() - u(30), area.top() + u(7), u(14), u(14)), true);
}

}  // namespace sangre::app
