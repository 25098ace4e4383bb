#pragma once
// The machine from above: places, measured ways, bundles as thick as their wires.
#include "shell/document.h"
#include "widgets/canvas.h"
#include "widgets/free_room.h"

class QMenu;
class QPainterPath;

namespace sangre::app {

class MachineMap : public Canvas {
    Q_OBJECT
  public:
    MachineMap(Document& document, QWidget* parent = nullptr);
    /// Adds a place in the middle and opens its name for typing.
    void add_place();
    /// Opens a line for a new body: "Deck box, plastic, sealed, 220 × 140 × 80 mm".
    void add_body();
    void edit_length(const Id& way);

  protected:
    void paint(QPainter& p) override;
    void mousePressEvent(QMouseEvent* e) override;
    void mouseMoveEvent(QMouseEvent* e) override;
    void mouseReleaseEvent(QMouseEvent* e) override;

  private:
    QRectF machine() const;
    QPointF at(const Place& place) const;
    QRectF box(const Place& place) const;
    void lay_boxes();
    QPainterPath path_of(const Way& way) const;
    static QRectF sign_on(const Way& way, size_t thing, const QPainterPath& path);
    QString thing_words(const OnWay& thing) const;
    QString things_on(const Way& way) const;
    void paint_way(QPainter& p, size_t i, const QPainterPath& path);
    void paint_length(QPainter& p, size_t i, const QPainterPath& path);
    void paint_things(QPainter& p, const Way& way, const QPainterPath& path);
    void paint_place(QPainter& p, const Place& place);
    void paint_bodies(QPainter& p);
    /// Round the places and the bodies in it; empty where there are none.
    QRectF around(const Body& body) const;
    void edit_body(const Id& body, const QRectF& area);
    void body_menu(const Id& body, const QPoint& where);
    void way_menu(const Id& way);
    void offer_new_things(QMenu& menu, const Way& way);
    void offer_thing(QMenu& menu, const Way& way, size_t thing);
    void edit_opening(const Id& way, const Id& opening);
    void edit_heat(const Id& way, size_t thing);
    void edit_turn(const Id& way, size_t thing);
    void edit_distance(const Id& way, size_t thing);
    void place_menu(const Id& place);
    void rename_place(const Id& place);
    QRectF line_at(const Id& way) const;
    Document& document_;
    FreeRoom room_;
    std::map<Id, QRectF> boxes_;  ///< of places, as they were painted last
    Id dragged_;
    QPointF grab_, drag_at_;
    bool moved_ = false;
};

}  // namespace sangre::app
