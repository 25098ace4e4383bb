#include "widgets/toggle.h"

#include <QPainter>

#include "theme/theme.h"

namespace sangre::app {

Toggle::Toggle(const QString& words, QWidget* parent) : QAbstractButton(parent) {
    setCheckable(true);
    setText(words);
    setAccessibleName(words);
    setCursor(Qt::PointingHandCursor);
    setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
}

QSize Toggle::sizeHint() const {
    return {u(40) + QFontMetrics(face(13)).horizontalAdvance(text()) + u(4), u(26)};
}

void Toggle::paintEvent(QPaintEvent*) {
    const auto& t = theme();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const QRectF pill(1, (height() - u(18)) / 2.0, u(30), u(18));
    p.setPen(hasFocus() ? QPen(t.ink, 2) : QPen(Qt::NoPen));
    p.setBrush(isChecked() ? t.accent : t.muted);
    p.drawRoundedRect(pill, pill.height() / 2, pill.height() / 2);
    p.setPen(Qt::NoPen);
    p.setBrush(t.card);
    const double d = u(14);
    p.drawEllipse(
        QRectF(isChecked() ? pill.right() - d - 2 : pill.left() + 2, pill.center().y() - d / 2, d, d));
    p.setFont(face(13));
    p.setPen(isEnabled() ? t.ink : t.muted);
    p.drawText(QRectF(u(36), 0, width() - u(36), height()), Qt::AlignVCenter | Qt::AlignLeft, text());
}

}  // namespace sangre::app
