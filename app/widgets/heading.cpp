#include "widgets/heading.h"

#include <QLabel>
#include <QPainter>
#include <QVBoxLayout>
#include <algorithm>

#include "shell/document.h"
#include "theme/theme.h"
#include "widgets/words.h"

namespace sangre::app {

/// Words in one line, or in two of smaller letters where there is no room for all of them.
class Line : public QLabel {
  public:
    Line(const QString& words, const QFont& f, const QColor& colour, QWidget* parent)
        : QLabel(words, parent), colour_(colour) {
        setFont(f);
    }

  protected:
    void paintEvent(QPaintEvent*) override {
        QPainter p(this);
        p.setFont(font());
        p.setPen(colour_);
        const bool fits = fontMetrics().horizontalAdvance(text()) <= width();
        setProperty("cut", false);
        if (fits) return p.drawText(rect(), Qt::AlignLeft | Qt::AlignVCenter, text());
        auto small = font();
        small.setPixelSize(std::max(u(10), small.pixelSize() * 5 / 6));
        p.setFont(small);
        const int how = Qt::AlignLeft | Qt::AlignVCenter | Qt::TextWordWrap;
        const bool cut = p.fontMetrics().boundingRect(rect(), how, text()).height() > height() + 1;
        setProperty("cut", cut);
        p.drawText(rect(), how, text());
    }

  private:
    QColor colour_;
};

Heading::Heading(const QString& title, const QString& hint, QWidget* parent, double size) : QWidget(parent) {
    column_ = new QVBoxLayout(this);
    column_->setContentsMargins(0, 0, 0, 0);
    column_->setSpacing(0);
    row_ = new QHBoxLayout;
    column_->addLayout(row_);
    row_->setSpacing(u(10));
    title_ = new Line(title, face(size, true), theme().ink, this);
    title_->setSizePolicy(QSizePolicy::Minimum, QSizePolicy::Preferred);
    row_->addWidget(title_);
    hint_words_ = hint;
    hint_ = new Line(hint, face(12), theme().muted, this);
    row_->addWidget(hint_, 1);
    hint_->setMinimumHeight(u(30));
    hint_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    hint_->setMinimumWidth(u(40));
}

void Heading::set_title(const QString& words) { title_->setText(words); }
void Heading::set_hint(const QString& words) {
    hint_words_ = words;
    document_ ? say_next() : hint_->setText(words);
}

void Heading::say_next(Document& document, Stage stage) {
    document_ = &document, stage_ = stage;
    QObject::connect(&document, &Document::changed, this, [this] { say_next(); });
}

void Heading::showEvent(QShowEvent* e) {
    QWidget::showEvent(e);
    say_next();
    place_title();
    place_hint();
}

void Heading::resizeEvent(QResizeEvent* e) {
    QWidget::resizeEvent(e);
    place_title();
    place_hint();
}

int Heading::buttons_width() const {
    int wide = 0;
    for (int i = 0; i < row_->count(); ++i)
        if (auto* w = row_->itemAt(i)->widget(); w && w != hint_ && w != title_ && !w->isHidden())
            wide += w->sizeHint().width() + row_->spacing();
    return wide;
}

QSize Heading::minimumSizeHint() const {
    return {std::max(title_->sizeHint().width(), buttons_width()), QWidget::minimumSizeHint().height()};
}

/// Above its buttons where both have no room in a row.
void Heading::place_title() {
    const bool above = title_->sizeHint().width() + buttons_width() > width();
    if (above == (column_->indexOf(title_) >= 0)) return;
    row_->removeWidget(title_), column_->removeWidget(title_);
    above ? column_->insertWidget(0, title_) : row_->insertWidget(0, title_);
}

/// Beside the title where it has room in two lines of smaller letters, else beneath it.
void Heading::place_hint() {
    if (hint_->text().isEmpty()) return;
    double beside = width() - u(14);
    for (int i = 0; i < row_->count(); ++i)
        if (auto* w = row_->itemAt(i)->widget(); w && w != hint_ && w->isVisibleTo(this))
            beside -= w->sizeHint().width() + row_->spacing();
    const bool under = beside < hint_->fontMetrics().horizontalAdvance(hint_->text()) * 0.6;
    // As tall as the lines that it takes there, in its smaller letters where it stands beside.
    const double wide = under ? width() : beside * 1.15;
    const int tall = hint_->fontMetrics()
                         .boundingRect(QRect(0, 0, std::max(1, static_cast<int>(wide)), 9999),
                                       Qt::TextWordWrap, hint_->text())
                         .height();
    hint_->setMinimumHeight(std::max(tall, under ? u(18) : u(30)));
    if (under == (column_->indexOf(hint_) >= 0)) return;
    row_->removeWidget(hint_), column_->removeWidget(hint_);
    title_->setSizePolicy(under ? QSizePolicy::Expanding : QSizePolicy::Minimum, QSizePolicy::Preferred);
    if (under) {
        column_->addWidget(hint_);
    } else {
        row_->insertWidget(std::max(0, row_->indexOf(title_) + 1), hint_, 1);
    }
}

void Heading::say_next() {
    if (!document_ || !isVisible()) return;
    const auto next =
        tell("Next: {next_thing}", words_of(next_thing(stage_, document_->plan(), document_->study())));
    hint_->setText(next);
    place_hint();
    hint_->setToolTip(hint_words_.isEmpty() ? next : next + QLatin1Char('\n') + hint_words_);
}

}  // namespace sangre::app
