#pragma once
// What is selected: its line as chips, then why: the arithmetic, its schools to follow, its source, its
// caution.
#include <QScrollArea>
#include <QScrollBar>

#include "shell/certainty.h"
#include "shell/line_chips.h"
#include "shell/why_page.h"

namespace sangre::app {

class WhyPanel : public QWidget {
    Q_OBJECT
  public:
    WhyPanel(Document& document, QWidget* parent = nullptr);
    void refresh();
    const Certainty& certainty() const { return certainty_; }
    WhyPage* page() const { return page_; }
    LineChips* chips() const { return chips_; }

  private:
    void show_why(const Why& why, std::vector<Follow> follow = {});
    Document& document_;
    Certainty certainty_;
    LineChips* chips_;
    QScrollArea* scroll_;
    WhyPage* page_;
};

}  // namespace sangre::app
