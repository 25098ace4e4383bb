#include "widgets/scrolled.h"

namespace sangre::app {

QScrollArea* scrolled(QWidget* content, QWidget* parent, bool sideways) {
    auto* area = new QScrollArea(parent);
    area->setWidgetResizable(true);
    area->setFrameShape(QFrame::NoFrame);
    area->setFocusPolicy(Qt::NoFocus);
    if (!sideways) area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    area->setWidget(content);
    return area;
}

}  // namespace sangre::app
