#pragma once
// Help: a first plan, the keys, the words, and all that can be said in lines.
#include <QTextBrowser>

namespace sangre::app {

class HelpPage : public QTextBrowser {
    Q_OBJECT
  public:
    explicit HelpPage(QWidget* parent = nullptr);

  private:
    void dress();
};

}  // namespace sangre::app
