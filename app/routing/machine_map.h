#pragma once
// The machine from above: places, measured passages, bundles as thick as their wires.
#include "shell/document.h"
#include "widgets/canvas.h"

namespace sangre::app {

class MachineMap : public Canvas {
    Q_OBJECT
  public:
    MachineMap(Document& document, QWidget* parent = nullptr);
    /// Adds a place in the middle and opens its name for typing.
    void add_place();
    void edit_length(const Id& passage);

  protected:
    void paint(QPainter& p) override;
    void mousePressEvent(QMouseEvent* e) override;
    void mouseMoveEvent(QMouseEvent* e) override;
    void mouseReleaseEvent(QMouseEvent* e) override;

  private:
    QRectF machine() const;
    QPointF at(const Place& place) const;
    QRectF box(const Place& place) const;
    void paint_passage(QPainter& p, size_t i);
    void paint_place(QPainter& p, const Place& place);
    void passage_menu(const Id& passage);
    void place_menu(const Id& place);
    void rename_place(const Id& place);
    Document& document_;
    Id dragged_;
    QPointF grab_, drag_at_;
    bool moved_ = false;
};

}  // namespace sangre::app
