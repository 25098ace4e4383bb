#pragma once
// Which battery: the few packs worth having as a picture of mass against run time, their figures below, and
// why the rest fell out.
#include <QThreadPool>
#include <QTimer>

#include "proposal/battery_comparison.h"
#include "shell/document.h"
#include "widgets/canvas.h"

namespace sangre::app {

class BatteryView : public Canvas {
    Q_OBJECT
  public:
    BatteryView(Document& document, QWidget* parent = nullptr);
    QSize minimumSizeHint() const override;
    const BatteryComparison& comparison() const { return comparison_; }
    /// The comparison on screen is that of the plan on screen.
    bool ready() const { return of_ && of_ == document_.kept_plan(); }
    void take(size_t candidate);

  protected:
    void paint(QPainter& p) override;
    void showEvent(QShowEvent* e) override;

  private:
    void compare();
    QString name_of_pack(const Source& battery) const;
    void point_at(size_t candidate);
    double draw_picture(QPainter& p, double top);
    double draw_rows(QPainter& p, double top);
    void draw_fallen(QPainter& p, double top);
    size_t front_size() const;
    Document& document_;
    BatteryComparison comparison_;
    std::shared_ptr<const Plan> of_;
    size_t chosen_ = 0;
    bool busy_ = false;
    QTimer pause_;
    QThreadPool work_;  // last: its destructor waits for what still runs
};

}  // namespace sangre::app
