#include "widgets/heading.h"

#include "theme/theme.h"

namespace sangre::app {

Heading::Heading(const QString& title, const QString& hint, QWidget* parent, double size) : QWidget(parent) {
    row_ = new QHBoxLayout(this);
    row_->setContentsMargins(0, 0, 0, 0);
    row_->setSpacing(u(10));
    title_ = new QLabel(title, this);
    title_->setStyleSheet(QStringLiteral("font-size:%1px;font-weight:700").arg(u(size)));
    row_->addWidget(title_);
    hint_ = new QLabel(hint, this);
    hint_->setStyleSheet(QStringLiteral("font-size:%1px;color:%2").arg(u(12)).arg(theme().muted.name()));
    row_->addWidget(hint_, 1, Qt::AlignBottom);
    hint_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    hint_->setMinimumWidth(u(40));
}

}  // namespace sangre::app
