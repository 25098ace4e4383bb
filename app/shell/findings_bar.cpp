#include "shell/findings_bar.h"

#include "base/units/format.h"
#include "widgets/canvas_access.h"
#include "widgets/words.h"

namespace sangre::app {

namespace {
constexpr int trial_pause_ms = 120;
constexpr size_t most_mends = 2;
}  // namespace

void draw_severity(QPainter& p, const QRectF& area, Severity severity) {
    p.setPen(Qt::NoPen);
    const auto c = area.center();
    const double r = area.width() / 2;
    QPolygonF shape;
    switch (severity) {
        case Severity::danger:
            p.setBrush(theme().danger);
            for (int i = 0; i < 8; ++i)
                shape << c + QPointF(r * std::cos((i + 0.5) * M_PI / 4), r * std::sin((i + 0.5) * M_PI / 4));
            p.drawPolygon(shape);
            break;
        case Severity::caution:
            p.setBrush(theme().caution);
            shape << QPointF(c.x(), area.top()) << area.bottomRight() << area.bottomLeft();
            p.drawPolygon(shape);
            break;
        case Severity::note:
            p.setBrush(theme().cool);
            p.drawEllipse(area.adjusted(1, 1, -1, -1));
            break;
    }
}

FindingsBar::FindingsBar(Document& document, QWidget* parent)
    : Canvas(tr("Findings"), parent), document_(document) {
    pause_.setSingleShot(true);
    pause_.setInterval(trial_pause_ms);
    work_.setMaxThreadCount(1);
    connect(&pause_, &QTimer::timeout, this, &FindingsBar::try_mends);
    connect(&document_, &Document::changed, this, [this] {
        if (current_ >= document_.study().findings.size()) current_ = 0;
        if (!tried()) forget_mends();
        pause_.start();
        fit();
    });
    pause_.start();
    fit();
}

bool FindingsBar::tried() const {
    return tried_of_ == document_.kept_plan() && tried_finding_ == current_ &&
           tried_at_ == document_.study().conditions;
}

void FindingsBar::forget_mends() {
    mends_.clear();
    tried_of_.reset();
}

/// Beside the window: a mend is tried on a copy with everything worked out anew, a larger pack among them.
void FindingsBar::try_mends() {
    if (tried()) return;
    if (trying_) return pause_.start();
    trying_ = true;
    work_.start([this, plan = document_.kept_plan(), catalogue = document_.kept_catalogue(),
                 study = std::make_shared<const Study>(document_.study()), finding = current_] {
        auto mends = std::make_shared<std::vector<Mend>>();
        if (finding < study->findings.size())
            *mends = tried_mends(*plan, *catalogue, *study, study->findings[finding], most_mends);
        QMetaObject::invokeMethod(
            this,
            [this, plan, finding, mends, at = study->conditions] {
                trying_ = false;
                // What was tried of a plan that has been edited meanwhile is not kept as what stands here: an
                // undo would find it tried, and no mends.
                if (plan != document_.kept_plan() || finding != current_ ||
                    !(at == document_.study().conditions))
                    return pause_.start();
                tried_of_ = plan, tried_finding_ = finding, tried_at_ = at;
                mends_ = std::move(*mends);
                fit();
            },
            Qt::QueuedConnection);
    });
}

/// As tall as what it says takes: one row, or two where the window is too narrow for all of it.
void FindingsBar::fit() {
    one_row_ = fits_one_row();
    setFixedHeight(one_row_ ? u(36) : u(68));
    update();
}

void FindingsBar::resizeEvent(QResizeEvent* e) {
    Canvas::resizeEvent(e);
    // Not while the window is laying out: that would begin anew.
    if (fits_one_row() != one_row_)
        QMetaObject::invokeMethod(
            this, [this] { fit(); }, Qt::QueuedConnection);
}

void FindingsBar::next() {
    const auto& findings = document_.study().findings;
    if (findings.empty()) return;
    current_ = (current_ + 1) % findings.size();
    forget_mends();
    try_mends();
    if (!findings[current_].about.empty()) document_.select(findings[current_].about.front());
    emit finding_chosen(QString::fromStdString(findings[current_].rule));
    fit();
    say_aloud(*this, QString::fromStdString(findings[current_].sentence));
}

std::vector<std::pair<Severity, QString>> FindingsBar::counts() const {
    std::vector<std::pair<Severity, QString>> all;
    for (const auto severity : {Severity::danger, Severity::caution, Severity::note}) {
        const auto n = static_cast<int>(count(document_.study().findings, severity));
        if (n == 0) continue;
        const QString noun = severity == Severity::danger    ? (n == 1 ? tr("danger") : tr("dangers"))
                             : severity == Severity::caution ? (n == 1 ? tr("caution") : tr("cautions"))
                                                             : (n == 1 ? tr("note") : tr("notes"));
        all.emplace_back(severity, QString::number(n) + " " + noun);
    }
    return all;
}

QString FindingsBar::clean_words() const {
    return document_.plan().feeds().empty() ? tr("Nothing wired yet") : tr("✓ Nothing found");
}

double FindingsBar::paint_counts(QPainter& p, double tall) {
    double x = u(14);
    for (const auto& [severity, words] : counts()) {
        draw_severity(p, QRectF(x, tall / 2 - u(7), u(14), u(14)), severity);
        const auto colour = severity == Severity::danger    ? theme().danger
                            : severity == Severity::caution ? theme().caution
                                                            : theme().cool;
        const double w = text_width(words, face(13, true));
        text(p, QRectF(x + u(19), 0, w + 2, tall), words, colour, face(13, true));
        add_spot({QRectF(x, u(4), w + u(24), tall - u(8)),
                  "count" + QString::number(static_cast<int>(severity)),
                  tr("Next finding (F8)"),
                  [this] { next(); },
                  {},
                  Qt::PointingHandCursor,
                  true,
                  words});
        x += w + u(34);
    }
    if (document_.study().findings.empty()) {
        const auto clean = clean_words();
        const double w = text_width(clean, face(13, true));
        text(p, QRectF(x, 0, w + 2, tall), clean,
             document_.plan().feeds().empty() ? theme().muted : theme().good, face(13, true));
        x += w + u(20);
    }
    return x;
}

QString FindingsBar::figures() const {
    const auto& s = document_.study();
    if (document_.plan().feeds().empty()) return {};
    const QString run =
        !s.mission.packs.empty() && std::all_of(s.mission.packs.begin(), s.mission.packs.end(),
                                                [](const auto& p) { return p.endless; })
            ? tr("as long as it is fed")
        : document_.plan().phases.empty() ? QStringLiteral("—")
        : s.mission.run_time_capped       ? tr("over a year")
                                          : QString::fromStdString(format(s.mission.run_time));
    return tell("Runs {run}  ·  worst drop {worst_drop_share}  ·  {mass}", run,
                QString::fromStdString(format_percent(s.worst.worst_drop_share)),
                QString::fromStdString(format(s.mass)));
}

/// The mends of a finding, the plainest first, from the right; where they begin.
double FindingsBar::paint_mends(QPainter& p, const QRectF& row) {
    double x = row.right();
    for (size_t i = mends_.size(); i-- > 0;) {
        const QString words = QString::fromStdString(mends_[i].label);
        const QString cost = QString::fromStdString(mends_[i].cost);
        const double w = mend_width(words);
        x -= w;
        const QRectF area(x, row.top() + u(5), w, row.height() - u(10));
        p.setPen(QPen(theme().accent, 1));
        p.setBrush(i == 0 ? theme().accent : theme().card);
        p.drawRoundedRect(area, 5, 5);
        text(p, area.adjusted(u(8), 0, -u(8), 0), words, i == 0 ? theme().accent_ink : theme().accent,
             face(13, true), Qt::AlignCenter);
        add_spot({area,
                  "fix" + QString::number(i),
                  cost.isEmpty() ? tell("Mend it: {words}", words)
                                 : tell("Mend it: {words} ({cost})", words, cost),
                  [this, next = mends_[i].plan, words] {
                      document_.apply([next](const Plan&) { return next; }, words);
                  },
                  {}});
        x -= u(6);
    }
    return x;
}

void FindingsBar::paint_sentence(QPainter& p, const Finding& f, const QRectF& area) {
    text(p, area, QString::fromStdString(f.sentence), theme().ink, face(13));
    add_spot({area,
              "sentence",
              QString::fromStdString(f.sentence),
              [this] {
                  const auto& list = document_.study().findings;
                  if (current_ >= list.size()) return;
                  if (!list[current_].about.empty()) document_.select(list[current_].about.front());
                  emit finding_chosen(QString::fromStdString(list[current_].rule));
              },
              {}});
}

double FindingsBar::mend_width(const QString& words) const {
    return std::min<double>(text_width(words, face(13, true)) + u(20), u(340));
}

bool FindingsBar::fits_one_row() const {
    double need = text_width(figures(), face(13)) + u(44);
    for (const auto& [severity, words] : counts()) need += text_width(words, face(13, true)) + u(34);
    const auto& findings = document_.study().findings;
    if (current_ >= findings.size()) return need + text_width(clean_words(), face(13, true)) < width();
    // On two lines of smaller letters at the worst.
    need += text_width(QString::fromStdString(findings[current_].sentence), face(13)) * 0.6;
    for (const auto& mend : mends_) need += mend_width(QString::fromStdString(mend.label)) + u(6);
    return need < width();
}

void FindingsBar::paint(QPainter& p) {
    p.setPen(theme().line);
    p.drawLine(0, 0, width(), 0);
    const double tall = one_row_ ? height() : u(36);
    const double left = paint_counts(p, tall) + u(4);
    const auto words = figures();
    const double w = text_width(words, face(13)) + u(4);
    // On two rows the sentence has the first to itself.
    const QRectF second(u(14), tall, width() - u(28), height() - tall);
    const auto& findings = document_.study().findings;
    const bool any = current_ < findings.size();
    const QRectF row = one_row_ ? QRectF(left, 0, width() - w - u(26) - left, tall) : second;
    const double free = any ? paint_mends(p, row) : row.right();
    // What it says of the whole gives way to what mends the one.
    const QRectF rest(second.left(), second.top(), free - u(6) - second.left(), second.height());
    text(p, one_row_ ? QRectF(width() - w - u(14), 0, w, tall) : rest, words, theme().muted, face(13),
         (one_row_ ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter);
    if (!any) return;
    const auto& f = findings[current_];
    paint_sentence(p, f, QRectF(left, 0, (one_row_ ? free : width() - u(14)) - left - u(6), tall));
}

}  // namespace sangre::app
