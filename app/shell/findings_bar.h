#pragma once
// Findings by severity, shape and word; the most urgent spelled out with its mend; and the three figures that
// matter.
#include "shell/document.h"
#include "widgets/canvas.h"

namespace sangre::app {

/// The sign of a severity: octagon, triangle or circle.
void draw_severity(QPainter& p, const QRectF& area, Severity severity);

class FindingsBar : public Canvas {
    Q_OBJECT
  public:
    FindingsBar(Document& document, QWidget* parent = nullptr);
    /// The next finding, round and round; selects what it is about.
    void next();
    size_t current() const { return current_; }

  signals:
    void finding_chosen(const QString& rule);

  protected:
    void paint(QPainter& p) override;
    QColor ground() const override { return theme().card; }
    void resizeEvent(QResizeEvent* e) override;

  private:
    void fit();
    bool fits_one_row() const;
    std::vector<std::pair<Severity, QString>> counts() const;
    QString clean_words() const;
    QString figures() const;
    double mend_width(const QString& words) const;
    double paint_counts(QPainter& p, double tall);
    double paint_mends(QPainter& p, const Finding& f, const QRectF& row);
    void paint_sentence(QPainter& p, const Finding& f, const QRectF& area);
    bool one_row_ = true;
    Document& document_;
    size_t current_ = 0;
};

}  // namespace sangre::app
