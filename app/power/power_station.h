#pragma once
#include <QScrollArea>
#include <QStackedWidget>

#include "power/battery_view.h"
#include "power/flow_map.h"
#include "power/schools_view.h"
#include "power/search_view.h"
#include "widgets/toggle.h"

class QCustomPlot;

namespace sangre::app {

class PowerStation : public QWidget {
    Q_OBJECT
  public:
    PowerStation(Document& document, QWidget* parent = nullptr);
    FlowMap* map() { return map_; }
    BatteryView* batteries() { return batteries_; }
    Toggle* compare_toggle() { return compare_; }
    SearchView* search() { return found_; }
    Toggle* search_toggle() { return search_; }
    SchoolsView* schools() { return disagree_; }
    Toggle* schools_toggle() { return schools_; }

  protected:
    void showEvent(QShowEvent* e) override {
        QWidget::showEvent(e);
        QMetaObject::invokeMethod(
            this, [this] { draw_mission(); }, Qt::QueuedConnection);
    }

  private:
    void draw_mission();
    void draw_cursor();
    const MissionPoint* cursor_point() const;
    static QString words_at(const MissionPoint& at);
    struct Picture {
        QByteArray words;
        QVector<double> pixels;
        bool looks_like(const Picture& other) const;
    };
    Picture picture_of_day() const;
    void go_to_moment(double x);
    Document& document_;
    FlowMap* map_;
    BatteryView* batteries_;
    QCustomPlot* chart_;
    QStackedWidget* pages_;
    SearchView* found_;
    SchoolsView* disagree_;
    Toggle *compare_, *schools_, *search_;
    Second moment_{};  ///< last pointed at
    Picture drawn_;    ///< of the day, as the chart shows it
};

}  // namespace sangre::app
