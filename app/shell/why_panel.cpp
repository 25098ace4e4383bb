#include "shell/why_panel.h"

#include <QVBoxLayout>

#include "theme/theme.h"
#include "widgets/scrolled.h"

namespace sangre::app {
WhyPanel::WhyPanel(Document& document, QWidget* parent)
    : QWidget(parent),
      document_(document),
      certainty_(document),
      chips_(new LineChips(document)),
      page_(new WhyPage(document)) {
    setAccessibleName(tr("Why"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(chips_);
    setFixedWidth(u(282));
    // As wide as it will be, so that its lines are broken once and the first painting is the last.
    page_->resize(u(282), u(200));
    column->addWidget(scroll_ = scrolled(page_, this), 1);
    connect(&document_, &Document::changed, this, &WhyPanel::refresh);
    connect(&document_, &Document::selection_changed, this, &WhyPanel::refresh);
    connect(&certainty_, &Certainty::changed, this, &WhyPanel::refresh);
    refresh();
}

void WhyPanel::refresh() {
    if (document_.shown_why()) return show_why(*document_.shown_why());
    auto told = explain(document_.plan(), document_.catalogue(), document_.study(), document_.selection());
    if (told.why.title.empty()) {
        const auto& battery = document_.plan().sources;
        if (!battery.empty() && document_.selection().empty())
            told = explain(document_.plan(), document_.catalogue(), document_.study(), battery.front().id);
    }
    auto subject = document_.selection();
    if (subject.empty() && !document_.plan().sources.empty()) subject = document_.plan().sources.front().id;
    if (const auto sure = certainty_.of(subject); !sure.lines.empty()) {
        told.why.heading(sure.title);
        auto& lines = told.why.lines;
        lines.insert(lines.end(), sure.lines.begin(), sure.lines.end());
    }
    const int scroll = scroll_->verticalScrollBar()->value();
    show_why(told.why, std::move(told.follow));
    scroll_->verticalScrollBar()->setValue(scroll);
}

void WhyPanel::show_why(const Why& why, std::vector<Follow> follow) {
    setFixedWidth(u(282));
    page_->show_why(why, std::move(follow));
}

}  // namespace sangre::app
