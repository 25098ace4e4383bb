#include "shell/why_panel.h"

#include <QLabel>
#include <QPushButton>

#include "theme/theme.h"

namespace sangre::app {
namespace {

QColor colour_of(Tone tone) {
    switch (tone) {
        case Tone::good:
            return theme().good;
        case Tone::caution:
            return theme().caution;
        case Tone::danger:
            return theme().danger;
        case Tone::heading:
            return theme().muted;
        case Tone::plain:
            break;
    }
    return theme().ink;
}

/// A mark beside the colour, so that the tone does not rest on colour alone.
QString mark_of(Tone tone) {
    switch (tone) {
        case Tone::good:
            return QStringLiteral("✓ ");
        case Tone::caution:
            return QStringLiteral("! ");
        case Tone::danger:
            return QStringLiteral("× ");
        default:
            return {};
    }
}

QLabel* paragraph(const QString& words, const QColor& colour, const QFont& f) {
    auto* l = new QLabel(words);
    l->setWordWrap(true);
    l->setTextFormat(Qt::PlainText);
    l->setTextInteractionFlags(Qt::TextSelectableByMouse);
    l->setFont(f);
    l->setStyleSheet(QStringLiteral("color:%1;font-size:%2px;font-weight:%3")
                         .arg(colour.name())
                         .arg(f.pixelSize())
                         .arg(f.bold() ? 700 : 400));
    return l;
}

}  // namespace

WhyPanel::WhyPanel(Document& document, QWidget* parent)
    : QScrollArea(parent), document_(document), certainty_(document) {
    setAccessibleName(tr("Why"));
    setWidgetResizable(true);
    setFrameShape(QFrame::NoFrame);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    connect(&document_, &Document::changed, this, &WhyPanel::refresh);
    connect(&document_, &Document::selection_changed, this, &WhyPanel::refresh);
    connect(&certainty_, &Certainty::changed, this, &WhyPanel::refresh);
    refresh();
}

void WhyPanel::refresh() {
    if (document_.shown_why()) return show_why(*document_.shown_why());
    auto why = explain(document_.plan(), document_.catalogue(), document_.study(), document_.selection());
    if (why.title.empty()) {
        const auto& battery = document_.plan().batteries;
        if (!battery.empty() && document_.selection().empty())
            why = explain(document_.plan(), document_.catalogue(), document_.study(), battery.front().id);
    }
    auto subject = document_.selection();
    if (subject.empty() && !document_.plan().batteries.empty())
        subject = document_.plan().batteries.front().id;
    if (const auto sure = certainty_.of(subject); !sure.lines.empty()) {
        why.heading(sure.title);
        why.lines.insert(why.lines.end(), sure.lines.begin(), sure.lines.end());
    }
    const int scroll = verticalScrollBar()->value();
    show_why(why);
    verticalScrollBar()->setValue(scroll);
}

void WhyPanel::show_why(const Why& why) {
    setFixedWidth(u(282));
    auto* page = new QWidget;
    page->setStyleSheet(QStringLiteral("QWidget { background:%1; }").arg(theme().card.name()));
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(u(14), u(14), u(12), u(12));
    column->setSpacing(u(4));
    if (why.title.empty()) {
        column->addWidget(paragraph(tr("Why"), theme().ink, face(16, true)));
        column->addWidget(
            paragraph(tr("Select a load, a rail, a wire, a step or a reading: its arithmetic stands here."),
                      theme().muted, face(13)));
        column->addStretch(1);
        setWidget(page);
        return;
    }
    column->addWidget(paragraph(why.title.starts_with("Why")
                                    ? QString::fromStdString(why.title)
                                    : tr("Why: %1").arg(QString::fromStdString(why.title)),
                                theme().ink, face(15, true)));
    for (const auto& line : why.lines) {
        if (line.tone == Tone::heading) column->addSpacing(u(6));
        column->addWidget(paragraph(mark_of(line.tone) + QString::fromStdString(line.text),
                                    colour_of(line.tone), face(13, line.tone == Tone::heading)));
    }
    if (!why.schools.empty()) {
        column->addSpacing(u(8));
        column->addWidget(paragraph(tr("How builders decide this"), theme().muted, face(13, true)));
        for (const auto& school : why.schools) {
            auto* b = new QPushButton(
                QString::fromStdString(school.name + (school.choice.empty() ? "" : ":  " + school.choice)));
            b->setToolTip(QString::fromStdString(school.purpose));
            b->setAccessibleName(b->text());
            b->setEnabled(static_cast<bool>(school.follow) || school.followed);
            b->setStyleSheet(
                QStringLiteral("QPushButton{background:%1;color:%2;border:1px solid "
                               "%3;text-align:left;padding:5px 8px;font-weight:%4;font-size:%5px}"
                               "QPushButton:hover{border-color:%6}")
                    .arg((school.followed ? theme().accent_soft : theme().paper).name(), theme().ink.name(),
                         (school.followed ? theme().accent : theme().line).name(),
                         school.followed ? "700" : "400")
                    .arg(u(13))
                    .arg(theme().accent.name()));
            if (school.follow)
                connect(b, &QPushButton::clicked, this, [this, school] {
                    // The button dies with the panel's refresh: leave its handler first.
                    QMetaObject::invokeMethod(
                        this,
                        [this, school] {
                            document_.apply(school.follow,
                                            tr("Follow “%1”").arg(QString::fromStdString(school.name)));
                        },
                        Qt::QueuedConnection);
                });
            column->addWidget(b);
        }
    }
    if (!why.caution.empty()) {
        column->addSpacing(u(8));
        auto* note =
            paragraph(QStringLiteral("! ") + QString::fromStdString(why.caution), theme().ink, face(13));
        note->setStyleSheet(note->styleSheet() +
                            QStringLiteral(";background:%1;border:1px solid %2;border-radius:6px;padding:6px")
                                .arg(theme().paper.name(), theme().heat_soft.name()));
        column->addWidget(note);
    }
    column->addStretch(1);
    if (!why.source.empty())
        column->addWidget(
            paragraph(tr("Source: %1").arg(QString::fromStdString(why.source)), theme().muted, face(11)));
    setWidget(page);
}

}  // namespace sangre::app
