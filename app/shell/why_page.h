#pragma once
// A reason laid out: paragraphs in their tones, the schools as buttons, the caution in its box, the source at
// the foot.
#include <QTextLayout>

#include "output/explain/explain.h"
#include "shell/document.h"
#include "widgets/canvas.h"

namespace sangre::app {

class WhyPage : public Canvas {
    Q_OBJECT
  public:
    explicit WhyPage(Document& document, QWidget* parent = nullptr);
    /// `follow` says by school how it is followed; without, they only stand there.
    void show_why(const Why& why, std::vector<Follow> follow = {});
    /// All of it as it reads, a paragraph a line.
    QString words() const;
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return sizeHint(); }

  protected:
    void paint(QPainter& p) override;
    QColor ground() const override { return theme().card; }
    void resizeEvent(QResizeEvent* e) override;
    void keyPressEvent(QKeyEvent* e) override;
    void contextMenuEvent(QContextMenuEvent* e) override;

  private:
    enum class Kind { text, school, caution, source };
    struct Block {
        Kind kind = Kind::text;
        std::shared_ptr<QTextLayout> layout;
        QColor colour;
        QRectF area;
        size_t school = 0;
        double laid_width = 0;  ///< that its lines were broken for
    };
    void add(Kind kind, const QString& words, const QColor& colour, const QFont& f, double before,
             size_t school = 0);
    void lay_out();
    void paint_block(QPainter& p, size_t block);
    void paint_everywhere(QPainter& p, const Block& b);
    void copy() const;
    Document& document_;
    std::vector<School> schools_;
    std::vector<Follow> follow_;  ///< by school
    std::vector<Block> blocks_;
    std::vector<Block> shown_;    ///< of the reason before this one: what reads the same is not set anew
    std::vector<double> before_;  ///< by block, the gap above it
    double height_ = 0;
};

}  // namespace sangre::app
