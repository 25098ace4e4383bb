#pragma once
// The seven stations, in the order of the work, each with a badge for what waits there.
#include <array>

#include "comparison/next.h"
#include "widgets/canvas.h"

namespace sangre::app {

using Station = Stage;
inline constexpr int station_count = 7;

class StationBar : public Canvas {
    Q_OBJECT
  public:
    explicit StationBar(QWidget* parent = nullptr);
    struct Badge {
        int count = 0;
        bool urgent = false;
        QString tip;
        bool operator==(const Badge&) const = default;
    };
    void set_badges(const std::array<Badge, station_count>& badges);
    void set_current(Station station);
    QSize sizeHint() const override;
    const Badge& badge(Station s) const { return badges_[static_cast<size_t>(s)]; }
    static QString station_name(Station s);

  signals:
    void chosen(sangre::Stage station);

  protected:
    void paint(QPainter& p) override;
    QColor ground() const override { return theme().sunken; }

  private:
    std::array<Badge, station_count> badges_;
    Station current_ = Station::loads;
};

}  // namespace sangre::app
