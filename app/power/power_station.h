#pragma once
#include <QScrollArea>

#include "power/flow_map.h"

class QCustomPlot;

namespace sangre::app {

class PowerStation : public QWidget {
    Q_OBJECT
  public:
    PowerStation(Document& document, QWidget* parent = nullptr);
    FlowMap* map() { return map_; }

  protected:
    void showEvent(QShowEvent* e) override {
        QWidget::showEvent(e);
        QMetaObject::invokeMethod(
            this, [this] { draw_mission(); }, Qt::QueuedConnection);
    }

  private:
    void draw_mission();
    Document& document_;
    FlowMap* map_;
    QCustomPlot* chart_;
};

}  // namespace sangre::app
