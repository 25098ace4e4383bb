#include "widgets/choice.h"

#include <QPainter>

#include "theme/theme.h"

namespace sangre::app {

void Choice::paintEvent(QPaintEvent* e) {
    QComboBox::paintEvent(e);
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(
        QPen(isEnabled() ? theme().muted : theme().line, 1.6, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    const QPointF tip(width() - u(14), height() / 2.0 + u(2));
    p.drawPolyline(QPolygonF({tip - QPointF(u(4), u(4)), tip, tip + QPointF(u(4), -u(4))}));
}

}  // namespace sangre::app
