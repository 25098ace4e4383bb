#pragma once
// The line of what is selected, as chips: a click says one otherwise, “+” says more.
#include "lines/thing_edits.h"
#include "shell/document.h"
#include "widgets/canvas.h"

namespace sangre::app {

class LineChips : public Canvas {
    Q_OBJECT
  public:
    explicit LineChips(Document& document, QWidget* parent = nullptr);
    void refresh();
    QSize sizeHint() const override { return {u(200), height_}; }
    QSize minimumSizeHint() const override { return sizeHint(); }

  signals:
    /// The whole line is to be typed, with that behind it.
    void line_asked(const QString& more);

  protected:
    void paint(QPainter& p) override;
    QColor ground() const override { return theme().card; }
    void resizeEvent(QResizeEvent* e) override;

  private:
    void lay_out();
    QString more_words() const;
    QString chip_words(size_t chip) const;
    void edit_chip(size_t chip, const QRectF& area);
    void more_menu(const QPoint& at);
    Document& document_;
    std::optional<ThingLine> line_;
    bool several() const { return subjects_.size() > 1; }
    QString line_word() const { return QString::fromUtf8(line_->kind->word); }
    void say_of_all(const QString& begun);
    std::vector<Id> subjects_;
    std::vector<QRectF> areas_;  ///< by chip, then that of “+”
    size_t shown_ = 0;           ///< chips that there is room for
    int height_ = 0;
};

}  // namespace sangre::app
