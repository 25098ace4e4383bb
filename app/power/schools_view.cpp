#include "power/schools_view.h"

#include "widgets/words.h"

namespace sangre::app {
namespace {

double question_height() { return u(152); }
double way_top() { return u(44); }

}  // namespace

SchoolsView::SchoolsView(Document& document, QWidget* parent)
    : Canvas(tr("Where builders disagree"), parent), document_(document) {
    work_.setMaxThreadCount(1);
    pause_.setSingleShot(true);
    pause_.setInterval(250);
    connect(&pause_, &QTimer::timeout, this, &SchoolsView::start_if_stale);
    const auto later = [this] {
        update();
        if (isVisible()) pause_.start();
    };
    connect(&document_, &Document::changed, this, later);
    connect(&document_, &Document::selection_changed, this, later);
}

SchoolsView::~SchoolsView() { stop_ = true; }

QSize SchoolsView::minimumSizeHint() const {
    const auto n = std::max<size_t>(result_.questions.size(), 2);
    return {u(560), static_cast<int>(question_height() * static_cast<double>(n) + u(10))};
}

void SchoolsView::showEvent(QShowEvent* e) {
    Canvas::showEvent(e);
    start_if_stale();
}

void SchoolsView::start_if_stale() {
    const auto& chosen = document_.selection();
    const Id subject = by_id(document_.plan().loads, chosen) ? chosen : subject_;
    if (of_ == document_.kept_plan() && subject == subject_) return;
    if (busy_) {
        stop_ = true;
        return pause_.start();
    }
    busy_ = true, stop_ = false, share_ = 0, subject_ = subject;
    update();
    work_.start([this, subject, plan = document_.kept_plan(), parts = document_.kept_catalogue()] {
        auto found =
            std::make_shared<SchoolStudy>(compare_schools(*plan, *parts, subject, [this](double share) {
                QMetaObject::invokeMethod(
                    this, [this, share] { share_ = share, update(); }, Qt::QueuedConnection);
                return !stop_;
            }));
        QMetaObject::invokeMethod(
            this,
            [this, plan, found] {
                busy_ = false;
                if (!stop_) result_ = std::move(*found), of_ = plan;
                setMinimumHeight(minimumSizeHint().height());
                update();
                if (of_ != document_.kept_plan() && isVisible()) pause_.start();
            },
            Qt::QueuedConnection);
    });
}

void SchoolsView::take(size_t question, size_t way) {
    if (question >= result_.questions.size() || way >= result_.questions[question].ways.size()) return;
    const auto& w = result_.questions[question].ways[way];
    if (!w.refusal.empty() || w.followed) return;
    document_.apply_and_tell(Edit([next = w.plan](const Plan&) { return next; }),
                             words_of(result_.questions[question].name + ": " + w.name));
}

void SchoolsView::paint(QPainter& p) {
    const auto& t = theme();
    if (result_.questions.empty()) {
        card(p, QRectF(0, 0, width() - u(2), u(92)));
        text(p, QRectF(u(16), u(12), width() - u(30), u(28)),
             busy_ ? tr("Wiring the plan every way …") : tr("Nothing to compare yet."), t.ink,
             face(16, true));
        text(p, QRectF(u(16), u(42), width() - u(30), u(20)),
             busy_ ? tell("{share} % of the questions", static_cast<int>(share_ * 100))
                   : tr("List loads that can be wired; every way of building them is then shown here with "
                        "what it changes."),
             t.muted, face(13));
        return;
    }
    double y = 0;
    for (size_t q = 0; q < result_.questions.size(); ++q, y += question_height()) draw_question(p, q, y);
}

void SchoolsView::draw_question(QPainter& p, size_t question, double y) {
    const auto& t = theme();
    const auto& q = result_.questions[question];
    const auto title = words_of(q.name);
    text(p, QRectF(0, y, width(), u(20)), title, t.ink, face(14, true));
    text(p, QRectF(0, y + u(20), width() - u(4), u(18)), words_of(q.about), t.muted, face(12));
    const double gap = u(10), n = static_cast<double>(q.ways.size()),
                 wide = (width() - u(2) - gap * (n - 1)) / n;
    for (size_t w = 0; w < q.ways.size(); ++w)
        draw_way(p,
                 QRectF((wide + gap) * static_cast<double>(w), y + way_top(), wide,
                        question_height() - way_top() - u(14)),
                 question, w);
}

void SchoolsView::draw_way(QPainter& p, const QRectF& area, size_t question, size_t way) {
    const auto& t = theme();
    const auto& w = result_.questions[question].ways[way];
    const bool can = w.refusal.empty() && !w.followed;
    const auto key = QStringLiteral("way %1 %2").arg(question).arg(way);
    card(p, area, w.followed, can && hovered() == key ? t.accent : QColor());
    const QRectF inner = area.adjusted(u(12), u(8), -u(10), -u(6));
    const auto name = words_of(w.name);
    text(p, QRectF(inner.left(), inner.top(), inner.width(), u(18)),
         w.followed ? QStringLiteral("✓ ") + name : name, w.refusal.empty() ? t.ink : t.muted,
         face(13, true));
    text(p, QRectF(inner.left(), inner.top() + u(18), inner.width(), u(17)), words_of(w.purpose), t.muted,
         face(12));
    double x = inner.left(), y = inner.top() + u(40);
    if (w.followed)
        text(p, QRectF(x, y, inner.width(), u(17)), tr("This is how you build."), t.muted, face(12));
    else if (!w.refusal.empty())
        paragraph(p, QRectF(x, y, inner.width(), u(38)), words_of(w.refusal), t.muted, face(12));
    else {
        // Each figure that changes, in the colour and with the mark of better or worse, flowing over two
        // lines.
        bool any = false;
        for (const auto& f : w.figures) {
            if (f.better == 0) continue;
            any = true;
            const auto words = (f.better > 0 ? QStringLiteral("✓ ") : QStringLiteral("× ")) +
                               words_of(f.name) + QLatin1Char(' ') + words_of(f.change);
            const double wide = text_width(words, face(12));
            if (x > inner.left() && x + wide > inner.right()) x = inner.left(), y += u(18);
            if (y + u(17) > inner.bottom() + u(2)) break;
            text(p, QRectF(x, y, std::min(wide + 2, inner.right() - x), u(17)), words,
                 f.better > 0 ? t.good : t.caution, face(12));
            x += wide + u(12);
        }
        if (!any) text(p, QRectF(x, y, inner.width(), u(17)), tr("No figure changes."), t.muted, face(12));
    }
    Spot spot{
        area, key, can ? tell("Build it this way. {told}", words_of(w.told)) : words_of(w.refusal), {}, {}};
    if (can)
        spot.activate = [this, question, way] { take(question, way); };
    else
        spot.cursor = Qt::ArrowCursor;
    add_spot(spot);
}

}  // namespace sangre::app
