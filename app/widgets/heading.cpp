#include "widgets/heading.h"

#include <QPainter>

#include "theme/theme.h"

namespace sangre::app {

/// Words in one line, ending in an ellipsis where there is no room for all of them.
class Line : public QWidget {
  public:
    Line(const QString& words, const QFont& f, const QColor& colour, QWidget* parent)
        : QWidget(parent), font_(f), colour_(colour) {
        say(words);
    }
    void say(const QString& words) {
        if (words == words_) return;
        words_ = words;
        setAccessibleName(words);
        updateGeometry();
        update();
    }
    QSize sizeHint() const override {
        const QFontMetrics m(font_);
        return {m.horizontalAdvance(words_), m.height()};
    }

  protected:
    void paintEvent(QPaintEvent*) override {
        QPainter p(this);
        p.setFont(font_);
        p.setPen(colour_);
        p.drawText(rect(), Qt::AlignLeft | Qt::AlignVCenter,
                   QFontMetrics(font_).elidedText(words_, Qt::ElideRight, width()));
    }

  private:
    QString words_;
    QFont font_;
    QColor colour_;
};

Heading::Heading(const QString& title, const QString& hint, QWidget* parent, double size) : QWidget(parent) {
    row_ = new QHBoxLayout(this);
    row_->setContentsMargins(0, 0, 0, 0);
    row_->setSpacing(u(10));
    title_ = new Line(title, face(size, true), theme().ink, this);
    title_->setSizePolicy(QSizePolicy::Minimum, QSizePolicy::Preferred);
    row_->addWidget(title_);
    hint_ = new Line(hint, face(12), theme().muted, this);
    row_->addWidget(hint_, 1, Qt::AlignBottom);
    hint_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    hint_->setMinimumWidth(u(40));
}

void Heading::set_title(const QString& words) { title_->say(words); }
void Heading::set_hint(const QString& words) { hint_->say(words); }

}  // namespace sangre::app
