#pragma once
// The best whole plans for mass, cost and loss, searched for in the background.
#include <QThreadPool>
#include <atomic>

#include "comparison/search.h"
#include "shell/document.h"
#include "widgets/canvas.h"

namespace sangre::app {

class SearchView : public Canvas {
    Q_OBJECT
  public:
    SearchView(Document& document, QWidget* parent = nullptr);
    ~SearchView() override;
    QSize minimumSizeHint() const override;
    void start();
    bool searched() const { return searched_ && !busy_; }
    void cancel() { stop_ = true; }
    bool busy() const { return busy_; }
    const SearchResult& result() const { return result_; }
    void take(size_t plan);

  protected:
    void paint(QPainter& p) override;

  private:
    double draw_head(QPainter& p);
    void draw_row(QPainter& p, size_t i, double y, const std::array<double, 7>& columns);
    QString short_name(const Source& battery) const;
    Document& document_;
    SearchResult result_;
    std::shared_ptr<const Plan> of_;
    bool busy_ = false, searched_ = false;
    double share_ = 0;
    std::atomic<bool> stop_{false};
    QThreadPool work_;  // last: its destructor waits for what still runs
};

}  // namespace sangre::app
