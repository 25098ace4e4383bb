#pragma once
// Cables with signals: every core from pin to pin in its colour, twisted with what, doubled with what, left
// over.
#include "shell/document.h"
#include "widgets/canvas.h"
#include "wiring/cable/cable.h"

class QMenu;

namespace sangre::app {

class CablesView : public Canvas {
    Q_OBJECT
  public:
    CablesView(Document& document, QWidget* parent = nullptr);
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return sizeHint(); }
    void add_cable(CablePreset preset);
    void edit_core(size_t cable, size_t core);
    void fill_cable_menu(QMenu& menu, size_t cable);
    /// Opens the field for a part that draws nothing: the one of that index, or a new one.
    void edit_passive(std::optional<size_t> passive);

  protected:
    void paint(QPainter& p) override;

  private:
    double card_height(const Lead& cable) const;
    double top_of(size_t cable) const;
    void paint_offers(QPainter& p);
    void paint_cable(QPainter& p, size_t cable, double top);
    void paint_core(QPainter& p, size_t cable, size_t core, const QRectF& row);
    double passives_top() const;
    double passives_tall() const;
    void paint_passives(QPainter& p);
    void choose_end(size_t cable, bool source, QPointF at);
    void ask_text(size_t cable, const QRectF& at, const QString& now,
                  const std::function<QString(Lead&, const QString&)>& take, const QString& what);
    void change(size_t cable, const std::function<void(Lead&)>& how, const QString& what);
    Document& document_;
    std::map<QString, QRectF> core_rows_;
    std::map<size_t, QRectF> passive_cards_;
};

}  // namespace sangre::app
