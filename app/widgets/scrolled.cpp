#include "widgets/scrolled.h"

#include <QVBoxLayout>

namespace sangre::app {
namespace {

/// As tall as its layout needs at least for a width: an area that holds one with words that wrap would else
/// make it as tall as it likes to be, and scroll beside the lists that scroll inside it.
class LeastTall : public QWidget {
  public:
    explicit LeastTall(QWidget* content) : content_(content) {
        auto* whole = new QVBoxLayout(this);
        whole->setContentsMargins(0, 0, 0, 0);
        whole->addWidget(content_);
    }
    int heightForWidth(int w) const override {
        const auto* inside = content_->layout();
        return inside ? inside->totalMinimumHeightForWidth(w) : -1;
    }

  private:
    QWidget* content_;
};

}  // namespace

QScrollArea* scrolled(QWidget* content, QWidget* parent, bool sideways) {
    auto* area = new QScrollArea(parent);
    area->setWidgetResizable(true);
    area->setFrameShape(QFrame::NoFrame);
    area->setFocusPolicy(Qt::NoFocus);
    if (!sideways) area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    area->setWidget(content);
    return area;
}

QScrollArea* scrolled_page(QWidget* page, QWidget* parent) {
    return scrolled(new LeastTall(page), parent, true);
}

}  // namespace sangre::app
