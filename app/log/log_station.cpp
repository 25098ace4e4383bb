#include "log/log_station.h"

#include <QLocale>
#include <QVBoxLayout>
#include <set>

#include "shell/tongue.h"
#include "widgets/heading.h"
#include "widgets/scrolled.h"

namespace sangre::app {

LogList::LogList(Document& document, QWidget* parent) : Canvas(tr("Log"), parent), document_(document) {
    const auto renew = [this] {
        setMinimumHeight(LogList::minimumSizeHint().height());
        update();
    };
    connect(&document_, &Document::changed, this, renew);
    renew();
}

QSize LogList::minimumSizeHint() const {
    std::set<std::string> days;
    for (const auto& e : document_.plan().log) days.insert(e.when.substr(0, 10));
    return {u(400), std::max<int>(u(110), static_cast<int>(document_.plan().log.size()) * u(30) +
                                              static_cast<int>(days.size()) * u(34) + u(16))};
}

void LogList::paint(QPainter& p) {
    const auto& t = theme();
    card(p, QRectF(0, 0, width() - 1, height() - 1));
    const auto& log = document_.plan().log;
    if (log.empty()) {
        text(p, QRectF(u(16), u(14), width() - u(32), u(26)), tr("Nothing happened yet."), t.ink,
             face(16, true));
        text(p, QRectF(u(16), u(42), width() - u(32), u(20)),
             tr("Steps ticked on Build and readings recorded on Bench come here by themselves."), t.muted,
             face(13));
        text(p, QRectF(u(16), u(62), width() - u(32), u(20)),
             tr("The next person to open the machine may be you, two years from now: leave a note above."),
             t.muted, face(13));
        return;
    }
    double y = u(8);
    QString day;
    for (size_t i = log.size(); i-- > 0;) {
        const auto& e = log[i];
        const auto when = QDateTime::fromString(QString::fromStdString(e.when), Qt::ISODate);
        const QString today = when.isValid()
                                  ? spoken_locale().toString(when.date(), QStringLiteral("dddd d MMMM yyyy"))
                                  : tr("Undated");
        if (today != day) {
            day = today;
            text(p, QRectF(u(16), y, width() - u(32), u(30)), day, t.muted, face(13, true));
            y += u(32);
        }
        const bool failed = e.text.find(", outside ") != std::string::npos;
        const QColor colour = failed                ? t.danger
                              : e.kind == "step"    ? t.good
                              : e.kind == "reading" ? t.cool
                                                    : t.accent;
        const QString sign = failed                ? QStringLiteral("×")
                             : e.kind == "step"    ? QStringLiteral("✓")
                             : e.kind == "reading" ? QStringLiteral("Ω")
                                                   : QStringLiteral("N");
        const QRectF dot(u(78), y + u(5), u(20), u(20));
        p.setPen(Qt::NoPen);
        p.setBrush(colour);
        p.drawEllipse(dot);
        text(p, dot, sign, t.card, face(12, true), Qt::AlignCenter);
        text(p, QRectF(u(16), y, u(54), u(30)),
             when.isValid() ? when.time().toString(QStringLiteral("HH:mm")) : QString(), t.muted, face(12),
             Qt::AlignRight | Qt::AlignVCenter);
        const QString words = QString::fromStdString(e.text);
        text(p, QRectF(u(108), y, width() - u(124), u(30)), words, failed ? t.danger : t.ink,
             face(13, e.kind == "note"));
        add_spot({QRectF(u(8), y, width() - u(16), u(30)),
                  QStringLiteral("entry%1").arg(i),
                  words,
                  [this, about = e.about] { document_.select(about); },
                  {}});
        y += u(30);
    }
}

LogStation::LogStation(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(u(18), u(12), u(14), u(8));
    column->setSpacing(u(6));
    auto* heading = new Heading(tr("What was done"),
                                tr("The next person to open it may be you, two years from now."), this);
    heading->say_next(document_, Stage::log);
    column->addWidget(heading);
    note_ = new QLineEdit(this);
    note_->setAccessibleName(tr("New note"));
    note_->setPlaceholderText(tr("Write what should be remembered, then Enter"));
    note_->setMinimumHeight(u(32));
    column->addWidget(note_);
    auto* list = new LogList(document_, this);
    list->setObjectName("drawing");
    column->addWidget(scrolled(list, this), 1);
    connect(note_, &QLineEdit::returnPressed, this, [this] {
        const auto text = note_->text().trimmed().toStdString();
        if (text.empty()) return;
        document_.apply([text, when = Document::now()](const Plan& p) { return add_note(p, {}, text, when); },
                        tr("Note"));
        note_->clear();
    });
}

}  // namespace sangre::app
