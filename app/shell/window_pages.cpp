// Help, settings and parts: pages that stand in a station's place.
#include <QAction>
#include <QComboBox>
#include <QVBoxLayout>

#include "build/build_station.h"
#include "loads/loads_station.h"
#include "shell/help_page.h"
#include "shell/parts_page.h"
#include "shell/settings.h"
#include "shell/settings_page.h"
#include "shell/tongue.h"
#include "shell/window.h"
#include "widgets/scrolled.h"
#include "widgets/words.h"

namespace sangre::app {

void Window::show_help() {
    if (help_ && stack_->currentWidget() == page_of(help_)) return go(station_);
    if (!help_) stack_->addWidget(help_ = new HelpPage(stack_));
    stack_->setCurrentWidget(page_of(help_));
    help_->setFocus();
}

void Window::show_settings() {
    if (settings_ && stack_->currentWidget() == page_of(settings_)) return go(station_);
    if (!settings_) {
        stack_->addWidget(scrolled_page(settings_ = new SettingsPage(document_, stack_), stack_));
        // Once the box has shut: laying out takes it away.
        connect(
            settings_, &SettingsPage::changed, this,
            [this] {
                recall_look();
                lay_out_anew(appearance(), text_scale());
                show_settings();
            },
            Qt::QueuedConnection);
        connect(
            settings_, &SettingsPage::language_chosen, this,
            [this] {
                speak_as_set();
                lay_out_anew(appearance(), text_scale());
                show_settings();
                settings_->language()->setFocus();
            },
            Qt::QueuedConnection);
    }
    stack_->setCurrentWidget(page_of(settings_));
    settings_->look()->setFocus();
}

void Window::show_parts() {
    if (parts_ && stack_->currentWidget() == page_of(parts_)) return go(station_);
    if (!parts_)
        stack_->addWidget(scrolled_page(parts_ = new PartsPage(document_, own_catalogue(), stack_), stack_));
    stack_->setCurrentWidget(page_of(parts_));
    parts_->filter()->setFocus();
}

/// Not where help, settings or the catalogue stand before it: what is selected is not seen there.
bool Window::shows_plan() { return stack_->currentWidget() == page_of(widget_of(station_)); }

}  // namespace sangre::app
