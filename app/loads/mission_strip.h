#pragma once
// The day: phases as columns whose borders drag, each load's state as a painted strip, total current above.
#include "shell/document.h"
#include "widgets/canvas.h"

namespace sangre::app {

class MissionStrip : public Canvas {
    Q_OBJECT
  public:
    MissionStrip(Document& document, QWidget* parent = nullptr);
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;

  protected:
    void paint(QPainter& p) override;
    void mousePressEvent(QMouseEvent* e) override;
    void mouseMoveEvent(QMouseEvent* e) override;
    void mouseReleaseEvent(QMouseEvent* e) override;
    void keyPressEvent(QKeyEvent* e) override;

  private:
    struct Cell {
        size_t phase, load;
    };
    void lay_out();
    void paint_current(QPainter& p);
    void paint_heads(QPainter& p);
    void paint_states(QPainter& p);
    QString cell_tip(Cell cell) const;
    std::optional<Cell> cell_at(QPointF at) const;
    std::optional<size_t> border_at(QPointF at) const;
    void set_cell(Cell cell, LoadState state);
    void edit_share(Cell cell, const QString& typed);
    void state_menu(Cell cell);
    void edit_duration(size_t phase);
    void phase_menu(size_t phase);
    Document& document_;
    std::vector<double> edges_;  ///< x of the phase borders
    std::vector<Second> shown_;  ///< durations while a border is dragged
    std::optional<size_t> dragged_;
    double drag_from_ = 0;
    std::optional<LoadState> painting_;
};

}  // namespace sangre::app
