#pragma once
// Where builders disagree: every question with its ways side by side, and what each would change here.
#include <QThreadPool>
#include <atomic>

#include "comparison/schools.h"
#include "shell/document.h"
#include "widgets/canvas.h"

namespace sangre::app {

class SchoolsView : public Canvas {
    Q_OBJECT
  public:
    SchoolsView(Document& document, QWidget* parent = nullptr);
    ~SchoolsView() override;
    QSize minimumSizeHint() const override;
    bool busy() const { return busy_; }
    const SchoolStudy& result() const { return result_; }
    /// Wires the plan that way.
    void take(size_t question, size_t way);

  protected:
    void paint(QPainter& p) override;
    void showEvent(QShowEvent* e) override;

  private:
    void start_if_stale();
    void draw_question(QPainter& p, size_t question, double y);
    void draw_way(QPainter& p, const QRectF& area, size_t question, size_t way);
    Document& document_;
    SchoolStudy result_;
    std::shared_ptr<const Plan> of_;
    Id subject_;
    bool busy_ = false;
    double share_ = 0;
    std::atomic<bool> stop_{false};
    QTimer pause_;
    QThreadPool work_;  // last: its destructor waits for what still runs
};

}  // namespace sangre::app
