#pragma once
// What is cut from what, each piece as long as it is beside the others.
#include "making/cut_list.h"
#include "shell/document.h"
#include "widgets/canvas.h"

namespace sangre::app {

class CutView : public Canvas {
    Q_OBJECT
  public:
    CutView(Document& document, QWidget* parent = nullptr);
    QSize minimumSizeHint() const override { return sizeHint(); }
    QSize sizeHint() const override;
    const CutList& list() const { return list_; }

  signals:
    void chosen(const QString& step);

  protected:
    void paint(QPainter& p) override;
    void showEvent(QShowEvent* e) override;

  private:
    void renew();
    double paint_group(QPainter& p, const CutGroup& group, double y, double per_metre);
    Document& document_;
    CutList list_;
    std::shared_ptr<const Plan> of_;
};

}  // namespace sangre::app
