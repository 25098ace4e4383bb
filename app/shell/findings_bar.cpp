#include "shell/findings_bar.h"

#include "units/format.h"

namespace sangre::app {

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
    setFixedHeight(u(36));
    connect(&document_, &Document::changed, this, [this] {
        setFixedHeight(u(36));
        if (current_ >= document_.study().findings.size()) current_ = 0;
        update();
    });
}

void FindingsBar::next() {
    const auto& findings = document_.study().findings;
    if (findings.empty()) return;
    current_ = (current_ + 1) % findings.size();
    if (!findings[current_].about.empty()) document_.select(findings[current_].about.front());
    emit finding_chosen(QString::fromStdString(findings[current_].rule));
    update();
}

double FindingsBar::paint_counts(QPainter& p) {
    const auto& findings = document_.study().findings;
    double x = u(14);
    for (const auto severity : {Severity::danger, Severity::caution, Severity::note}) {
        const auto n = static_cast<int>(count(findings, severity));
        if (n == 0) continue;
        const QString noun = severity == Severity::danger    ? (n == 1 ? tr("danger") : tr("dangers"))
                             : severity == Severity::caution ? (n == 1 ? tr("caution") : tr("cautions"))
                                                             : (n == 1 ? tr("note") : tr("notes"));
        const QString plain = QString::number(n) + " " + noun;
        draw_severity(p, QRectF(x, height() / 2.0 - u(7), u(14), u(14)), severity);
        const auto colour = severity == Severity::danger    ? theme().danger
                            : severity == Severity::caution ? theme().caution
                                                            : theme().cool;
        const double w = text_width(plain, face(13, true));
        text(p, QRectF(x + u(19), 0, w + 2, height()), plain, colour, face(13, true));
        add_spot({QRectF(x, u(4), w + u(24), height() - u(8)),
                  "count" + QString::number(static_cast<int>(severity)),
                  tr("Next finding (F8)"),
                  [this] { next(); },
                  {}});
        x += w + u(34);
    }
    if (findings.empty()) {
        const QString clean =
            document_.plan().feeds.empty() ? tr("Nothing wired yet") : tr("✓ Nothing found");
        text(p, QRectF(x, 0, u(160), height()), clean,
             document_.plan().feeds.empty() ? theme().muted : theme().good, face(13, true));
        x += text_width(clean, face(13, true)) + u(20);
    }
    return x;
}

QString FindingsBar::figures() const {
    const auto& s = document_.study();
    if (document_.plan().feeds.empty()) return {};
    const QString run =
        !s.mission.packs.empty() && std::all_of(s.mission.packs.begin(), s.mission.packs.end(),
                                                [](const auto& p) { return p.endless; })
            ? tr("as long as it is fed")
        : s.mission.run_time_capped ? tr("over a year")
                                    : QString::fromStdString(format(s.mission.run_time));
    return tr("Runs %1  ·  worst drop %2  ·  %3")
        .arg(run, QString::fromStdString(format_percent(s.worst.worst_drop_share)),
             QString::fromStdString(format(s.mass)));
}

void FindingsBar::paint_finding(QPainter& p, double left, double right) {
    const auto& findings = document_.study().findings;
    if (current_ >= findings.size()) return;
    const auto& f = findings[current_];
    // Mends first, from the right; what is left over is the sentence's.
    double x = right;
    for (size_t i = std::min<size_t>(f.fixes.size(), 2); i-- > 0;) {
        const QString words = QString::fromStdString(f.fixes[i].label);
        const double w = std::min<double>(text_width(words, face(13, true)) + u(20), u(230));
        x -= w;
        const QRectF area(x, u(5), w, height() - u(10));
        p.setPen(QPen(theme().accent, 1));
        p.setBrush(i == 0 ? theme().accent : theme().card);
        p.drawRoundedRect(area, 5, 5);
        text(p, area.adjusted(u(8), 0, -u(8), 0), words, i == 0 ? theme().accent_ink : theme().accent,
             face(13, true), Qt::AlignCenter);
        add_spot({area,
                  "fix" + QString::number(i),
                  tr("Mend it: %1").arg(words),
                  [this, edit = f.fixes[i].edit, words] { document_.apply(edit, words); },
                  {}});
        x -= u(6);
    }
    const QRectF area(left, 0, x - left - u(6), height());
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

bool FindingsBar::findings_fit(double left, double figures_width) const {
    const auto& findings = document_.study().findings;
    if (current_ >= findings.size()) return true;
    double need =
        std::min<double>(text_width(QString::fromStdString(findings[current_].sentence), face(13)), u(200));
    for (size_t i = 0; i < std::min<size_t>(findings[current_].fixes.size(), 2); ++i)
        need += text_width(QString::fromStdString(findings[current_].fixes[i].label), face(13, true)) + u(26);
    return left + need + figures_width + u(44) < width();
}

void FindingsBar::paint(QPainter& p) {
    p.setPen(theme().line);
    p.drawLine(0, 0, width(), 0);
    const double left = paint_counts(p) + u(4);
    const QString words = figures();
    // Where both do not fit, the most urgent sentence goes before the figures.
    const bool room = findings_fit(left, text_width(words, face(13)));
    if (!room) return paint_finding(p, left, width() - u(14.0));
    const double w = text_width(words, face(13)) + u(4);
    text(p, QRectF(width() - w - u(14), 0, w, height()), words, theme().muted, face(13),
         Qt::AlignRight | Qt::AlignVCenter);
    paint_finding(p, left, width() - w - u(26));
}

}  // namespace sangre::app
