#pragma once
// What waits at each station, kept on the station bar.
#include <QTimer>

#include "shell/document.h"
#include "shell/station_bar.h"

namespace sangre::app {

/// Lives as long as its bar. Findings are counted at once; steps and readings, which take longer than all
/// other numbers together, once the typing pauses.
class Badges : public QObject {
    Q_OBJECT
  public:
    Badges(Document& document, StationBar& bar);

  private:
    void count_findings();
    void count_work();
    Document& document_;
    StationBar& bar_;
    QTimer pause_;
    std::array<StationBar::Badge, station_count> badges_;
};

}  // namespace sangre::app
