#include "power/search_view.h"

#include "physics/battery/pack.h"
#include "shell/settings.h"
#include "widgets/words.h"

namespace sangre::app {
namespace {

double plan_height() { return u(44); }
double head_height() { return u(96); }

}  // namespace

SearchView::SearchView(Document& document, QWidget* parent)
    : Canvas(tr("Search for the best plan"), parent), document_(document) {
    work_.setMaxThreadCount(1);
    connect(&document_, &Document::changed, this, [this] { update(); });
}

SearchView::~SearchView() { stop_ = true; }

QSize SearchView::minimumSizeHint() const {
    return {u(560), static_cast<int>(head_height() + u(40) +
                                     plan_height() * static_cast<double>(result_.plans.size()))};
}

QString SearchView::short_name(const Source& battery) const {
    const auto* chemistry = sangre::find(document_.catalogue().chemistries, battery.chemistry);
    return chemistry ? words_of(pack_short(battery, *chemistry)) : QString();
}

void SearchView::start() {
    if (busy_) return;
    busy_ = true, stop_ = false, share_ = 0;
    update();
    work_.start([this, plan = document_.kept_plan(), parts = document_.kept_catalogue()] {
        auto found = std::make_shared<SearchResult>(search_plans(*plan, *parts, [this](double share) {
            QMetaObject::invokeMethod(
                this, [this, share] { share_ = std::max(share_, share), update(); }, Qt::QueuedConnection);
            return !stop_;
        }));
        QMetaObject::invokeMethod(
            this,
            [this, plan, found] {
                busy_ = false, searched_ = true;
                result_ = std::move(*found);
                of_ = plan;
                setMinimumHeight(minimumSizeHint().height());
                document_.show_why(result_.why);
                update();
            },
            Qt::QueuedConnection);
    });
}

void SearchView::take(size_t i) {
    if (i >= result_.plans.size()) return;
    auto next = result_.plans[i].plan;
    document_.apply_and_tell(Edit([next = std::move(next)](const Plan&) { return next; }),
                             tell("Take {short_name}", short_name(result_.plans[i].battery)));
}

double SearchView::draw_head(QPainter& p) {
    const auto& t = theme();
    card(p, QRectF(0, 0, width() - 1, head_height()));
    const auto worth =
        std::count_if(result_.plans.begin(), result_.plans.end(), [](const auto& x) { return x.front; });
    const bool stale = searched_ && of_ != document_.kept_plan();
    const QString title = busy_        ? tr("Searching …")
                          : !searched_ ? tr("The best plan for these loads")
                          : stale ? tr("Found for the plan as it was; search again for the plan as it is")
                                  : tell("{worth} plans worth comparing, of {count} without a danger", worth,
                                         result_.plans.size());
    text(p, QRectF(u(18), u(12), width() - u(150), u(26)), title, t.ink, face(16, true));
    text(p, QRectF(u(18), u(40), width() - u(150), u(20)),
         busy_ ? tell("{share} % of the plans tried", static_cast<int>(share_ * 100))
               : tr("Every battery that no other beats, with every way to size wires, set rails, separate "
                    "noise and group leads."),
         t.muted, face(13));
    const QRectF bar(u(18), u(72), width() - u(150), u(6));
    if (busy_) {
        p.setPen(Qt::NoPen);
        p.setBrush(t.sunken);
        p.drawRoundedRect(bar, 3, 3);
        p.setBrush(t.accent);
        p.drawRoundedRect(QRectF(bar.left(), bar.top(), bar.width() * share_, bar.height()), 3, 3);
    } else if (searched_)
        text(
            p, QRectF(u(18), u(62), width() - u(150), u(22)),
            result_.complete
                ? tell(
                      "✓ All {tried} tried, the best bettered in {stepped} more: no step helps them further.",
                      result_.tried, result_.stepped)
                : tell("! Stopped after {tried}: something better may not have been tried.",
                       result_.tried + result_.stepped),
            result_.complete ? t.good : t.caution, face(13));
    const QRectF button(width() - u(118), u(30), u(100), u(34));
    p.setPen(QPen(t.accent, 1));
    p.setBrush(busy_ ? t.card : t.accent);
    p.drawRoundedRect(button, u(6), u(6));
    text(p, button,
         busy_       ? tr("Cancel")
         : searched_ ? tr("Search again")
                     : tr("Search"),
         busy_ ? t.accent : t.accent_ink, face(13, true), Qt::AlignCenter);
    add_spot({button,
              "search",
              busy_ ? tr("Stop, and keep what was found") : tr("Try every plan; takes some seconds"),
              [this] {
                  if (busy_)
                      cancel();
                  else
                      start();
              },
              {}});
    return head_height() + u(10);
}

void SearchView::paint(QPainter& p) {
    const auto& t = theme();
    double y = draw_head(p);
    if (result_.plans.empty()) {
        if (searched_ && !busy_)
            text(p, QRectF(u(4), y, width() - u(8), u(24)),
                 tr("No whole plan without a danger was found; the Why panel says what was tried."), t.ink,
                 face(13));
        return;
    }
    std::array<double, 7> columns;  // right edges
    const std::array widths{84, 62, 62, 76, 62, 60, 68};
    double x = width() - u(10);
    for (size_t i = columns.size(); i-- > 0;) columns[i] = x, x -= u(widths[i]);
    const std::array titles{tr("runs"), tr("mass"),  tr("cost"), tr("used per day"),
                            tr("drop"), tr("rails"), QString()};
    for (size_t i = 0; i < titles.size(); ++i)
        text(p, QRectF(columns[i] - u(widths[i]), y, u(widths[i]), u(20)), titles[i], t.muted, face(12),
             Qt::AlignRight | Qt::AlignVCenter);
    y += u(22);
    for (size_t i = 0; i < result_.plans.size(); ++i, y += plan_height()) draw_row(p, i, y, columns);
}

void SearchView::draw_row(QPainter& p, size_t i, double y, const std::array<double, 7>& columns) {
    const auto& t = theme();
    const auto& plan = result_.plans[i];
    const QRectF row(0, y, width() - 1, plan_height() - u(4));
    card(p, row, false);
    const double words = columns[0] - u(84) - u(14);
    QStringList best;
    for (const auto& [aim, word] :
         {std::pair{Aim::mass, tr("lightest")}, {Aim::cost, tr("cheapest")}, {Aim::loss, tr("least loss")}})
        if (result_.best(aim) == &plan) best << word;
    const auto name = short_name(plan.battery);
    text(p, QRectF(u(12), y + u(2), words, u(19)), name, plan.front ? t.ink : t.muted, face(13, plan.front));
    if (!best.isEmpty()) {
        const double left = u(12) + text_width(name, face(13, plan.front)) + u(10);
        text(p, QRectF(left, y + u(2), words - left, u(19)),
             QStringLiteral("✓ ") + best.join(QStringLiteral(", ")), t.good, face(12, true));
    }
    QStringList steps;
    for (const auto& step : plan.steps) steps << words_of(step);
    auto how = words_of(practices_in_words(plan.practices));
    if (!steps.empty())
        how =
            tell("{practices}; then {count|{step}|{count} steps further}", how, steps.size(), steps.front());
    text(p, QRectF(u(12), y + u(20), words, u(17)), how, t.muted, face(11));
    const std::array figures{said(plan.run_time),
                             said(plan.mass),
                             money(std::round(plan.cost)),
                             said(plan.lost),
                             words_of(format_percent(plan.worst_drop)),
                             QString::number(plan.rails)};
    for (size_t c = 0; c < figures.size(); ++c)
        text(p, QRectF(columns[c] - u(90), y, u(90), row.height()), figures[c], plan.front ? t.ink : t.muted,
             face(13), Qt::AlignRight | Qt::AlignVCenter);
    const QRectF button(columns[6] - u(54), y + u(8), u(54), u(24));
    p.setPen(Qt::NoPen);
    p.setBrush(plan.front ? t.accent : t.sunken);
    p.drawRoundedRect(button, u(5), u(5));
    text(p, button, tr("Take"), plan.front ? t.accent_ink : t.ink, face(12, true), Qt::AlignCenter);
    add_spot(
        {button,
         QStringLiteral("take%1").arg(i),
         tell("{now}: {list}", name, how) +
             (steps.isEmpty() ? QString() : QLatin1Char('\n') + steps.mid(0, 20).join(QLatin1Char('\n'))),
         [this, i] { take(i); },
         {}});
}

}  // namespace sangre::app
