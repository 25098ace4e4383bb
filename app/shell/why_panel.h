#pragma once
// Why: the arithmetic of what is selected, its schools to follow, its source, its caution.
#include <QScrollArea>
#include <QScrollBar>

#include "shell/certainty.h"
#include "shell/why_page.h"

namespace sangre::app {

class WhyPanel : public QScrollArea {
    Q_OBJECT
  public:
    WhyPanel(Document& document, QWidget* parent = nullptr);
    void refresh();
    const Certainty& certainty() const { return certainty_; }
    WhyPage* page() const { return page_; }

  private:
    void show_why(const Why& why, std::vector<Follow> follow = {});
    Document& document_;
    Certainty certainty_;
    WhyPage* page_;
};

}  // namespace sangre::app
