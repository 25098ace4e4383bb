// What the window says of the whole, above the stations, until it is answered or passes.
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

#include "shell/window.h"
#include "theme/theme.h"
#include "widgets/canvas_access.h"
#include "widgets/words.h"

namespace sangre::app {

void Window::make_banner(QVBoxLayout& column) {
    banner_ = new QWidget(this);
    banner_->setObjectName("banner");
    banner_->setAttribute(Qt::WA_StyledBackground);
    auto* row = new QHBoxLayout(banner_);
    row->setContentsMargins(u(18), u(6), u(14), u(6));
    banner_words_ = new QLabel(banner_);
    banner_words_->setWordWrap(true);
    row->addWidget(banner_words_, 1);
    banner_undo_ = new QPushButton(tr("Undo"), banner_);
    connect(banner_undo_, &QPushButton::clicked, this, [this] {
        document_.undo();
        banner_->hide();
    });
    row->addWidget(banner_undo_);
    auto* close = new QPushButton(QStringLiteral("×"), banner_);
    close->setProperty("flat", true);
    close->setAccessibleName(tr("Close the message"));
    connect(close, &QPushButton::clicked, banner_, &QWidget::hide);
    row->addWidget(close);
    banner_->hide();
    column.addWidget(banner_);
}

void Window::show_banner(const QString& words, bool error, bool undoable) {
    banner_->setStyleSheet(QStringLiteral("QWidget#banner{background:%1;border-bottom:1px solid %2}")
                               .arg((error ? theme().accent_soft : theme().sunken).name(),
                                    (error ? theme().danger : theme().line).name()));
    banner_words_->setText((error ? QStringLiteral("! ") : QStringLiteral("✓ ")) + words);
    banner_undo_->setVisible(undoable);
    undo_of_ = undoable ? document_.kept_plan() : nullptr;
    banner_->show();
    say_aloud(*banner_words_, words);
}

}  // namespace sangre::app
