#include "widgets/heading.h"

#include <QLabel>
#include <QPainter>

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
    row_ = new QHBoxLayout(this);
    row_->setContentsMargins(0, 0, 0, 0);
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

void Heading::lead_on(Document& document, Stage stage) {
    document_ = &document, stage_ = stage;
    QObject::connect(&document, &Document::changed, this, [this] { say_next(); });
}

void Heading::showEvent(QShowEvent* e) {
    QWidget::showEvent(e);
    say_next();
}

void Heading::say_next() {
    if (!document_ || !isVisible()) return;
    const auto next =
        QObject::tr("Next: %1").arg(words_of(next_thing(stage_, document_->plan(), document_->study())));
    hint_->setText(next);
    hint_->setToolTip(hint_words_.isEmpty() ? next : next + QLatin1Char('\n') + hint_words_);
}

}  // namespace sangre::app
