#include "widgets/paragraph.h"

#include <QFontMetrics>
#include <QPainter>

#include "theme/theme.h"

namespace sangre::app {

double break_lines(QTextLayout& layout, double width) {
    double y = 0;
    layout.beginLayout();
    for (auto line = layout.createLine(); line.isValid(); line = layout.createLine()) {
        line.setLineWidth(width);
        line.setPosition({0, y});
        y += line.height();
    }
    layout.endLayout();
    return y;
}

Paragraph::Paragraph(const QFont& f, QWidget* parent) : QWidget(parent) {
    layout_.setFont(f);
    layout_.setCacheEnabled(true);
    QTextOption option;
    option.setWrapMode(QTextOption::WrapAtWordBoundaryOrAnywhere);
    layout_.setTextOption(option);
    QSizePolicy policy(QSizePolicy::Preferred, QSizePolicy::Preferred);
    policy.setHeightForWidth(true);
    setSizePolicy(policy);
}

void Paragraph::say(const QString& words, const QColor& colour, const Apart& apart) {
    const bool same = words == text() && apart.begin == apart_.begin && apart.length == apart_.length &&
                      apart.how == apart_.how;
    if (same && colour == colour_) return;
    colour_ = colour;
    update();
    if (same) return;
    apart_ = apart;
    layout_.setText(words);
    QTextLayout::FormatRange range;
    range.start = apart.begin, range.length = apart.length;
    if (apart.how == Apart::How::bold)
        range.format.setFontWeight(QFont::Bold);
    else
        range.format.setFontUnderline(true);
    layout_.setFormats(apart.length > 0 ? QList<QTextLayout::FormatRange>{range}
                                        : QList<QTextLayout::FormatRange>{});
    setAccessibleName(words);
    // Told only where it matters: laying a page out anew costs more than these words do.
    const bool laid = broken_for_ >= 0;
    const int before = heights_.value(width(), -1);
    broken_for_ = -1;
    heights_.clear();
    if (!laid || heightForWidth(width()) != before) updateGeometry();
}

int Paragraph::heightForWidth(int width) const {
    auto& known = heights_[width];
    if (known == 0) {
        broken_for_ = std::max(width, minimumSizeHint().width());
        known = static_cast<int>(std::ceil(break_lines(layout_, broken_for_)));
    }
    return known;
}

QSize Paragraph::minimumSizeHint() const { return {u(80), QFontMetrics(layout_.font()).height()}; }

QSize Paragraph::sizeHint() const {
    const int wide = std::max(width(), u(400));
    return {wide, heightForWidth(wide)};
}

void Paragraph::paintEvent(QPaintEvent*) {
    if (broken_for_ != width()) break_lines(layout_, broken_for_ = width());
    QPainter p(this);
    p.setPen(colour_);
    layout_.draw(&p, {0, 0});
}

}  // namespace sangre::app
