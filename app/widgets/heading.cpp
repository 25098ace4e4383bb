#include "widgets/heading.h"

#include <QPainter>

#include "theme/theme.h"

namespace sangre::app {

namespace {

/// A line that ends in an ellipsis where there is no room for all of it.
class HintLabel : public QLabel {
  public:
    using QLabel::QLabel;

  protected:
    void paintEvent(QPaintEvent*) override {
        QPainter p(this);
        p.setFont(font());
        p.setPen(theme().muted);
        p.drawText(rect(), Qt::AlignLeft | Qt::AlignVCenter,
                   fontMetrics().elidedText(text(), Qt::ElideRight, width()));
    }
};

}  // namespace

Heading::Heading(const QString& title, const QString& hint, QWidget* parent, double size) : QWidget(parent) {
    row_ = new QHBoxLayout(this);
    row_->setContentsMargins(0, 0, 0, 0);
    row_->setSpacing(u(10));
    title_ = new QLabel(title, this);
    title_->setStyleSheet(QStringLiteral("font-size:%1px;font-weight:700").arg(u(size)));
    row_->addWidget(title_);
    hint_ = new HintLabel(hint, this);
    hint_->setStyleSheet(QStringLiteral("font-size:%1px;color:%2").arg(u(12)).arg(theme().muted.name()));
    row_->addWidget(hint_, 1, Qt::AlignBottom);
    hint_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    hint_->setMinimumWidth(u(40));
}

}  // namespace sangre::app
