#pragma once
// A box that lists choices; its arrow is drawn here, since a picture named in a style sheet makes every
// reader of picture formats load at the start.
#include <QComboBox>

namespace sangre::app {

class Choice : public QComboBox {
    Q_OBJECT
  public:
    using QComboBox::QComboBox;

  protected:
    void paintEvent(QPaintEvent* e) override;
};

}  // namespace sangre::app
