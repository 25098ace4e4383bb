#pragma once
// Where the power goes: band height is watts, losses fall out as heat, what is off is a ghost.
#include <QVariantAnimation>
#include <set>
#include <unordered_map>
#include <unordered_set>

#include "shell/document.h"
#include "widgets/canvas.h"
#include "widgets/free_room.h"

namespace sangre::app {

class FlowMap : public Canvas {
    Q_OBJECT
  public:
    FlowMap(Document& document, QWidget* parent = nullptr);
    QSize minimumSizeHint() const override;
    QSize sizeHint() const override { return minimumSizeHint(); }

    /// Rails rearranged, as the menu and the drags do; each says what got better and worse.
    void split(const Id& rail, const std::vector<Id>& loads);
    void merge(const Id& stays, const Id& gone);
    void feed_from(const Id& rail, const Id& source);
    /// Capacity and resistance of a pack from a log of time, volts and amperes; the reason is said where it
    /// cannot be.
    void fit_battery(const Id& battery, const QString& log_file);
    /// The parts whose power changed a moment ago; empty once the glow is over.
    std::set<Id> glowing() const;
    /// As large as shows it whole.
    void zoom_to_fit();

  protected:
    void paint(QPainter& p) override;
    void mousePressEvent(QMouseEvent* e) override;
    void mouseMoveEvent(QMouseEvent* e) override;
    void mouseReleaseEvent(QMouseEvent* e) override;
    void wheelEvent(QWheelEvent* e) override;
    void keyPressEvent(QKeyEvent* e) override;

  private:
    /// A part with its place in the picture.
    struct Block {
        Id id;
        PartKind kind{};
        size_t index = 0;
        int column = 0;
        QRectF area;
        double out_y = 0;  ///< where its next outgoing band starts
    };
    /// The loads of one source, drawn together where there are many.
    struct Group {
        Id source;
        QRectF area;
        std::vector<size_t> feeds;
    };
    /// A stream of power as it is drawn.
    struct Band {
        QPointF start, end;
        double tall = 0;  ///< 0 where nothing flows
        QColor colour;
        bool looks_like(const Band& other) const;
        QPointF out() const;            ///< from its start to where it bends
        QPointF point(double t) const;  ///< of its middle line, 0 to 1
    };
    bool grouped() const;
    std::vector<const Id*> ids_with_loads() const;
    void lay_out();
    void place_names();
    void lay_loads(double drawn);
    void lay_groups(double drawn);
    void lay_modules();
    void lay_trunk();
    void spread_packs();
    double first_column() const;
    double columns() const;
    double sent_height(const Id& part) const;
    QPointF arrival(const Block& to, size_t feed) const;
    void order(const Id& part, int column, std::unordered_set<Id>& seen);
    /// Feeds that leave a part.
    const std::vector<size_t>& fed_from(const Id& part) const;
    double band_height(Watt power) const;
    void paint_bands(QPainter& p);
    Band band_of(const Block& from, size_t feed, QPointF start, QPointF end, double height, bool many) const;
    static void draw_band(QPainter& p, const Band& band);
    void answer_band(const Band& band, size_t feed, double height);
    void paint_rating(QPainter& p, const Band& band, size_t feed);
    void note_changes();
    void glow_on();
    void paint_glow(QPainter& p);
    void paint_block(QPainter& p, const Block& b);
    void paint_load(QPainter& p, const Block& b);
    void paint_converter(QPainter& p, const Block& b);
    void paint_battery(QPainter& p, const Block& b);
    void paint_source(QPainter& p, const Block& b, const Source& source, const QRectF& area);
    void paint_heat(QPainter& p);
    void paint_hub(QPainter& p, const Block& b);
    QString lasts(size_t battery) const;
    void set_voltage(const Id& converter, const QRectF& area);
    void rail_menu(const Id& rail, QPointF at);
    void hub_menu(const Id& hub, QPointF at);
    void feed_menu(const Id& feed, QPointF at);
    void battery_menu(const Id& battery, QPointF at);
    void add_source_actions(QMenu& menu, const Id& beside);
    void edit_battery(const Id& battery, const QRectF& area);
    void drop_load(const Id& load, const Id& source);
    void drop_rail(const Id& rail, const Block& onto, QPoint at);
    Block* block(const Id& id);
    const Block* block_at(QPointF at, PartKind kind) const;
    Document& document_;
    std::vector<Block> blocks_;
    std::unordered_map<Id, size_t> block_of_;  ///< by its part
    FreeRoom room_;
    std::map<Id, QRectF> hub_names_;  ///< where there is room for them
    std::vector<Group> groups_;
    std::vector<Band> drawn_;  ///< as they stand on the screen
    int drawings_ = 0;         ///< of the bands, so far
    std::map<Id, double> shown_watts_;
    std::set<Id> changed_;
    QVariantAnimation glow_;
    double pixels_per_watt_ = 1;
    Id dragged_;
    QPointF drag_at_;
    bool dragging_ = false;
};

}  // namespace sangre::app
