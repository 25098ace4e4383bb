#pragma once
// The machine from above: places, measured ways, bundles as thick as their wires.
#include <QPixmap>

#include "harness/paths.h"
#include "plan/drawn.h"
#include "shell/document.h"
#include "shell/picture_reader.h"
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
    /// Puts a picture behind the side that is shown, or makes a first side of it.
    void take_picture(const QImage& picture);
    /// The same from a file; says what is wrong with it.
    void take_picture_file(const QString& file);
    void ask_picture();
    /// The next two clicks are points whose distance is then typed.
    void begin_scale();
    /// The next clicks are points of the way's line; Enter or a double click ends it.
    void begin_line(const Id& way);
    void add_side();
    void add_zone(OnWayKind kind);
    void show_side(const Id& side);
    /// What can be done with the side that is shown.
    void side_menu(const QPoint& where);
    /// What the next click does, in words; empty where it does nothing special.
    QString hint() const;

  protected:
    void paint(QPainter& p) override;
    void mousePressEvent(QMouseEvent* e) override;
    void mouseMoveEvent(QMouseEvent* e) override;
    void mouseReleaseEvent(QMouseEvent* e) override;
    void mouseDoubleClickEvent(QMouseEvent* e) override;
    void keyPressEvent(QKeyEvent* e) override;

  private:
    struct Held {
        enum class What { nothing, bend, zone, corner, part, lead } what = What::nothing;
        Id id;
        size_t bend = 0;
        SidePoint from, now;
        QPointF at;
    };
    static Zone as_held(const Zone& zone, const Held& held);
    QRectF machine() const;
    const Side* side() const;
    bool on_side(const Place& place) const;
    QPointF to_map(SidePoint at) const;
    SidePoint to_side(QPointF at) const;
    void paint_side(QPainter& p);
    void paint_zones(QPainter& p);
    void paint_bends(QPainter& p);
    void paint_marks(QPainter& p);
    void paint_tray(QPainter& p);
    bool mark_at(QPointF at);
    void edit_scale();
    void end_line();
    void zone_menu(const Id& zone);
    void edit_side_name(const Id& side);
    void edit_across(const Id& side);
    void tray_menu(const Id& part, const QPoint& where);
    void rest_menu(const std::vector<Id>& parts, const QPoint& where);
    void take_bend(const Id& way, size_t bend);
    /// After an edit from elsewhere: what is being drawn or held may be no more.
    void leave_what_is_gone();
    /// The selected lead along its ways, and where it would go as it is held.
    void paint_lead(QPainter& p);
    std::optional<size_t> selected_lead() const;
    std::optional<size_t> way_near(QPointF at) const;
    bool press_on_lead(QPointF at);
    void drag_lead(QPointF at);
    void drop_lead();
    bool press_on_drawing(QPointF at);
    bool drag_on_drawing(QPointF at);
    bool release_on_drawing();
    QPointF at(const Place& place) const;
    QRectF box(const Place& place) const;
    void lay_boxes();
    QPainterPath path_of(const Way& way) const;
    std::vector<QRectF> signs_on(const Way& way, const QPainterPath& path) const;
    QString thing_words(const OnWay& thing) const;
    QString things_on(const Way& way) const;
    void paint_way(QPainter& p, size_t i, const QPainterPath& path);
    void paint_length(QPainter& p, size_t i, const QPainterPath& path);
    void paint_things(QPainter& p, const Way& way, const QPainterPath& path,
                      const std::vector<QRectF>& signs);
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
    void edit_radius(const Id& way, size_t thing);
    void edit_distance(const Id& way, size_t thing);
    void place_menu(const Id& place);
    void rename_place(const Id& place);
    void put_behind(const Id& side, const QImage& picture);
    QRectF line_at(const Id& way) const;
    Document& document_;
    FreeRoom room_;
    std::map<Id, QRectF> boxes_;  ///< of places, as they were painted last
    Id dragged_;
    QPointF grab_, drag_at_;
    bool moved_ = false;
    Id side_;  ///< that is shown; empty: the first
    enum class Mode { usual, scale, line } mode_ = Mode::usual;
    std::vector<SidePoint> marks_;  ///< of the scale, or of the line that is being drawn
    Id drawing_;                    ///< the way whose line that is
    Held held_;
    std::optional<size_t> over_way_;  ///< that the held lead is over
    Path would_go_;                   ///< along it
    QString price_;                   ///< of that, against how it goes now
    QString picture_file_;
    QPixmap picture_;
    PictureReader pictures_{document_};
};

}  // namespace sangre::app
