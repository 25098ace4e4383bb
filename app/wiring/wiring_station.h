#pragma once
#include <QPushButton>
#include <QStackedWidget>

#include "widgets/toggle.h"
#include "wiring/cables_view.h"
#include "wiring/diagram_view.h"
#include "wiring/feed_list.h"
#include "wiring/joint_panel.h"
#include "wiring/strip_view.h"

class QCustomPlot;

namespace sangre::app {

class WiringStation : public QWidget {
    Q_OBJECT
  public:
    WiringStation(Document& document, QWidget* parent = nullptr);
    FeedList* list() { return list_; }
    QCustomPlot* chart() { return chart_; }
    StripView* strip() { return strip_; }
    DiagramView* diagram() { return diagram_; }
    Toggle* diagram_toggle() { return diagram_toggle_; }
    JointPanel* joint() { return joint_; }
    CablesView* cables() { return cables_; }
    Toggle* cables_toggle() { return cables_toggle_; }

  protected:
    void showEvent(QShowEvent* e) override {
        QWidget::showEvent(e);
        QMetaObject::invokeMethod(
            this, [this] { draw_chart(); }, Qt::QueuedConnection);
    }

  private:
    void make_feeds_page(QWidget& page);
    void draw_chart();
    Document& document_;
    QStackedWidget* pages_ = nullptr;
    DiagramView* diagram_;
    CablesView* cables_;
    Toggle *diagram_toggle_, *cables_toggle_;
    FeedList* list_;
    StripView* strip_;
    QCustomPlot* chart_;
    QLabel* chart_words_;
    JointPanel* joint_;
};

}  // namespace sangre::app
