#pragma once
#include "making/evenings.h"
#include "shell/document.h"
#include "widgets/canvas.h"

namespace sangre::app {

/// The steps by evening in the order in which they are done, the done ones ticked and first.
class StepList : public Canvas {
    Q_OBJECT
  public:
    StepList(Document& document, QWidget* parent = nullptr);
    QSize minimumSizeHint() const override;
    void show_evenings(const std::vector<EveningPlan>& evenings, const std::vector<HeldBack>& held);
    void set_current(const std::string& key);
    double row_top(const std::string& key) const;
    /// Keys in the order in which they stand.
    const std::vector<std::string>& keys() const { return keys_; }

  signals:
    void chosen(const QString& key);
    void menu_wanted(const QString& key, const QPoint& where);

  protected:
    void paint(QPainter& p) override;

  private:
    struct Row {
        int step = -1;    ///< −1: a line between evenings
        QString words{};  ///< of such a line
        bool safe = false;
    };
    void paint_row(QPainter& p, const Step& step, size_t number, const QRectF& area);
    Document& document_;
    std::string current_;
    std::vector<Row> rows_;
    std::vector<std::string> keys_;
};

}  // namespace sangre::app
