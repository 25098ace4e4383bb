#pragma once
// The evenings as blocks, each as long as it takes: what is done, tonight, what comes.
#include "making/evenings.h"
#include "shell/document.h"
#include "widgets/canvas.h"

namespace sangre::app {

class EveningStrip : public Canvas {
    Q_OBJECT
  public:
    EveningStrip(Document& document, QWidget* parent = nullptr);
    void show_evenings(const std::vector<EveningPlan>& evenings, const std::string& current);
    /// Opens the field for how long there is that day.
    void edit_minutes(const std::string& date);

  signals:
    void chosen(const QString& step);

  protected:
    void paint(QPainter& p) override;
    void mousePressEvent(QMouseEvent* e) override;
    void mouseMoveEvent(QMouseEvent* e) override;
    void mouseReleaseEvent(QMouseEvent* e) override;

  private:
    void say_minutes(const std::string& date, double minutes);
    QString said_day(const std::string& date) const;
    Document& document_;
    std::vector<EveningPlan> evenings_;
    std::string current_;
    struct Edge {
        double x = 0, left = 0, per_minute = 1;
        std::string date;
    };
    std::vector<Edge> edges_;  ///< of the blocks as they were painted last
    std::optional<Edge> held_;
    double held_minutes_ = 0;
    int gesture_ = 0;
};

}  // namespace sangre::app
