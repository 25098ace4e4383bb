#pragma once
// Findings by severity, shape and word; the most urgent spelled out with its mend; and the three figures that
// matter.
#include <QThreadPool>
#include <QTimer>

#include "rules/mends.h"
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
    /// Those of the finding shown that were tried and stand; none while they are still being tried.
    const std::vector<Mend>& mends() const { return mends_; }
    /// The mends of what is shown are known.
    bool tried() const;

  signals:
    void finding_chosen(const QString& rule);

  protected:
    void paint(QPainter& p) override;
    QColor ground() const override { return theme().card; }
    void resizeEvent(QResizeEvent* e) override;

  private:
    void fit();
    bool fits_one_row() const;
    void try_mends();
    void forget_mends();
    std::vector<std::pair<Severity, QString>> counts() const;
    QString clean_words() const;
    QString figures() const;
    double mend_width(const QString& words) const;
    double paint_counts(QPainter& p, double tall);
    double paint_mends(QPainter& p, const QRectF& row);
    void paint_sentence(QPainter& p, const Finding& f, const QRectF& area);
    bool one_row_ = true;
    Document& document_;
    size_t current_ = 0;
    QTimer pause_;  ///< while typing goes on nothing is tried
    std::vector<Mend> mends_;
    std::shared_ptr<const Plan> tried_of_;  ///< of which the mends are; null: not tried
    Conditions tried_at_;
    size_t tried_finding_ = 0;
    bool trying_ = false;
    QThreadPool work_;  // last: its destructor waits for what still runs
};

}  // namespace sangre::app
