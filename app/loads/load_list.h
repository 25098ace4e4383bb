#pragma once
// What must run, one line each, shown as chips and edited as text where it stands.
#include "plan/load_text.h"
#include "shell/document.h"
#include "widgets/canvas.h"

namespace sangre::app {

class LoadList : public Canvas {
    Q_OBJECT
  public:
    LoadList(Document& document, QWidget* parent = nullptr);
    void edit_load(const Id& load);
    void remove_load(const Id& load);
    /// Takes the load's figures from a log of time, volts and amperes, and shows how they were read.
    void measure_load(const Id& load, const QString& log_file);
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return sizeHint(); }

  signals:
    void typing_asked();
    void demo_asked();
    void paste_asked();

  protected:
    void paint(QPainter& p) override;
    void keyPressEvent(QKeyEvent* e) override;

  private:
    QRectF row(size_t i) const;
    void paint_beginnings(QPainter& p);
    void paint_row(QPainter& p, size_t i);
    void paint_chips(QPainter& p, const QRectF& row, const std::vector<LoadChip>& chips);
    void paint_share(QPainter& p, const QRectF& row, double share, const QString& energy);
    void menu(const Id& load);
    Document& document_;
};

}  // namespace sangre::app
