#pragma once
// Words over as many lines as they need, one part of them set apart. What a label with markup does, at a
// tenth of the time: it is laid out once for each width, and its page asks for its height many times.
#include <QHash>
#include <QTextLayout>
#include <QWidget>

namespace sangre::app {

/// Breaks the lines for that width; returns their height.
double break_lines(QTextLayout& layout, double width);

/// A part of some words, in characters, and how it is set apart from the rest.
struct Apart {
    int begin = 0, length = 0;
    enum class How { bold, underlined } how = How::bold;
};

class Paragraph : public QWidget {
  public:
    explicit Paragraph(const QFont& f, QWidget* parent = nullptr);
    void say(const QString& words, const QColor& colour, const Apart& apart = {});
    QString text() const { return layout_.text(); }
    /// The words that are set apart; empty where none are.
    QString apart() const { return text().mid(apart_.begin, apart_.length); }
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override;
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;

  protected:
    void paintEvent(QPaintEvent*) override;

  private:
    mutable QTextLayout layout_;
    mutable int broken_for_ = -1;      ///< the width that its lines are broken for
    mutable QHash<int, int> heights_;  ///< by width
    QColor colour_;
    Apart apart_;
};

}  // namespace sangre::app
