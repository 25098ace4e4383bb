#pragma once
#include "harness/room.h"
#include "routing/lead_cards.h"
#include "routing/machine_map.h"
#include "widgets/toggle.h"

namespace sangre::app {

/// A hole in cross-section with its wires packed in it, and the cut list.
class CutPanel : public Canvas {
    Q_OBJECT
  public:
    CutPanel(Document& document, QWidget* parent = nullptr);
    QSize minimumSizeHint() const override;

  protected:
    void paint(QPainter& p) override;

  private:
    const HoleFill* hole() const;
    const RoomLeft* room(const HoleFill& h);
    void ways_menu(const Id& lead);
    void jacket_menu(QMenu& menu, const Lead& lead);
    double paint_hole(QPainter& p, const HoleFill& h);
    void paint_cuts(QPainter& p, double y);
    Document& document_;
    std::optional<RoomLeft> room_;
    QString room_for_;  ///< the opening and its wires
};

class RoutingStation : public QWidget {
    Q_OBJECT
  public:
    RoutingStation(Document& document, QWidget* parent = nullptr);
    MachineMap* map() { return map_; }
    LeadCards* cards() { return cards_; }
    Toggle* cards_toggle() { return straight_; }

  private:
    MachineMap* map_;
    LeadCards* cards_;
    Toggle* straight_;
};

}  // namespace sangre::app
