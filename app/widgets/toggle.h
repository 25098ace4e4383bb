#pragma once
// A labelled switch: a pill whose knob is left for off and right for on.
#include <QAbstractButton>

namespace sangre::app {

class Toggle : public QAbstractButton {
    Q_OBJECT
  public:
    explicit Toggle(const QString& words, QWidget* parent = nullptr);
    QSize sizeHint() const override;

  protected:
    void paintEvent(QPaintEvent*) override;
};

}  // namespace sangre::app
