// What the palette lists: the plan's menu, the stations, what can be added, every thing of the plan.
#include <QMenu>

#include "build/build_station.h"
#include "lines/facts.h"
#include "power/power_station.h"
#include "routing/routing_station.h"
#include "shell/line_bar.h"
#include "shell/palette.h"
#include "shell/parts_page.h"
#include "shell/settings_page.h"
#include "shell/window.h"
#include "widgets/words.h"
#include "wiring/wiring_station.h"

namespace sangre::app {
namespace {

QString plain(QString words) {
    words.replace(QStringLiteral("&&"), QStringLiteral("\x01"));
    words.remove(QLatin1Char('&'));
    return words.replace(QLatin1Char('\x01'), QLatin1Char('&'));
}

void gather(const QMenu& menu, const QString& path, std::vector<PaletteEntry>& all) {
    for (auto* a : menu.actions()) {
        if (a->isSeparator() || !a->isEnabled()) continue;
        const auto words = path + plain(a->text().section(QLatin1Char('\t'), 0, 0));
        if (const auto* sub = a->menu())
            gather(*sub, words + QStringLiteral(" › "), all);
        else
            all.push_back({words, a->text().section(QLatin1Char('\t'), 1), [a] { a->trigger(); }});
    }
}

/// What people call things that the program calls otherwise, each beside a word of the program's name for it.
constexpr std::pair<const char*, const char*> common_words[] = {
    {"diagram", "schematic drawing pdf svg png export"},
    {"flow map", "pdf svg png export picture"},
    {"build book", "pdf manual instructions guide html export"},
    {"labels", "tags stickers pdf export"},
    {"template", "pdf holes 1:1 export"},
    {"machine", "pdf svg layout export"},
    {"cards", "pdf svg export"},
    {"sections", "pdf svg bundle export"},
    {"csv", "spreadsheet table export"},
    {"calendar", "ics icalendar export"},
    {"settings", "preferences options configuration"},
    {"schools", "practice rules defaults standards"},
    {"hub", "bus bar busbar terminal block distribution splitter junction star"},
    {"source", "battery pack supply brick panel solar"},
    {"converter", "regulator module buck boost dc-dc step-down"},
    {"lead", "wire cable harness feed"},
    {"part", "button switch led sensor antenna buzzer"},
    {"opening", "hole grommet gland"},
    {"shopping", "bill of materials bom buy order"},
    {"cut list", "wire lengths"},
    {"propose", "design automatic auto generate"},
    {"parts of the catalogue", "components library database fuse connector"},
    {"language", "german english deutsch locale translation"},
    {"sign of money", "currency euro dollar pound price"},
    {"size of letters", "font zoom large text accessibility"},
    {"look", "dark light theme night"},
    {"lengths", "units metric imperial inch feet"},
    {"sizes of wire", "units awg mm2 gauge"},
    {"decimal mark", "comma point number format"},
    {"compare batteries", "battery pack capacity run time"},
    {"search", "optimise optimize best"},
    {"quit", "exit close"},
};

QString also_called(const QString& words) {
    const auto small = words.toLower();
    QString all;
    for (const auto& [name, also] : common_words)
        if (small.contains(QLatin1String(name))) all += QLatin1String(also) + QLatin1Char(' ');
    return all;
}

}  // namespace

void Window::find_anything() {
    std::vector<PaletteEntry> all;
    for (int i = 0; i < station_count; ++i) {
        const auto station = static_cast<Station>(i);
        all.push_back({StationBar::station_name(station), QStringLiteral("Alt+%1").arg(i + 1),
                       [this, station] { go(station); }});
    }
    // Kept until the next time: its actions are what is done.
    searched_ = std::make_unique<QMenu>();
    fill_plan_menu(*searched_);
    gather(*searched_, {}, all);
    // Views that stand behind a button of their station.
    const auto view = [&](const QString& words, Station station, auto toggle) {
        all.push_back({words, StationBar::station_name(station), [this, station, toggle] {
                           go(station);
                           toggle()->setChecked(true);
                       }});
    };
    view(tr("Compare batteries"), Station::power, [this] { return power()->compare_toggle(); });
    view(tr("Search for the best plan"), Station::power, [this] { return power()->search_toggle(); });
    view(tr("Where builders disagree"), Station::power, [this] { return power()->schools_toggle(); });
    view(tr("Wiring diagram"), Station::wiring, [this] { return wiring()->diagram_toggle(); });
    view(tr("Cables, core by core"), Station::wiring, [this] { return wiring()->cables_toggle(); });
    view(tr("Leads laid straight"), Station::routing, [this] { return routing()->cards_toggle(); });
    for (const auto& [words, page] : {std::pair{tr("Steps"), BuildStation::Page::steps},
                                      {tr("Cut list"), BuildStation::Page::cuts},
                                      {tr("Shopping list"), BuildStation::Page::shop}})
        all.push_back({words, StationBar::station_name(Station::build), [this, page = page] {
                           go(Station::build);
                           build()->show_page(page);
                       }});
    for (const auto& words : SettingsPage::names())
        all.push_back({words, tr("setting"), [this, words] {
                           if (!settings_ || stack_->currentWidget() != page_of(settings_)) show_settings();
                           settings_->focus_on(words);
                       }});
    for (const auto* kind : line_kinds()) {
        if (!kind->alone) continue;
        const auto word = QString::fromUtf8(kind->word);
        all.push_back(
            {tell("Add a {word}", word), QStringLiteral("Insert"), [this, word] { line_->add(word + ' '); }});
    }
    const auto& plan = document_.plan();
    const auto things = [&](const auto& list, const QString& what, Station station) {
        for (const auto& x : list)
            all.push_back({words_of(name_of(plan, x.id)), what, [this, id = x.id, station] {
                               go(station);
                               document_.select(id);
                           }});
    };
    things(plan.loads, tr("load"), Station::loads), things(plan.sources, tr("source"), Station::power);
    things(plan.hubs, tr("hub"), Station::power), things(plan.converters, tr("converter"), Station::power);
    things(plan.feeds(), tr("lead"), Station::wiring),
        things(plan.signal_leads(), tr("cable"), Station::wiring);
    things(plan.passives, tr("part"), Station::wiring), things(plan.places, tr("place"), Station::routing);
    things(plan.sides, tr("side"), Station::routing), things(plan.zones, tr("zone"), Station::routing);
    things(plan.bodies, tr("body"), Station::routing), things(plan.openings, tr("opening"), Station::routing);
    things(plan.ways, tr("way"), Station::routing), things(plan.phases, tr("phase"), Station::loads);
    const auto entries = [&](const auto& list, const QString& what) {
        for (const auto& x : list)
            all.push_back({words_of(x.name), what, [this, name = words_of(x.name)] {
                               if (!parts_ || stack_->currentWidget() != page_of(parts_)) show_parts();
                               parts_->filter()->setText(name);
                           }});
    };
    const auto& parts = document_.catalogue();
    const auto catalogue = tr("catalogue");
    entries(parts.fuses, catalogue), entries(parts.holders, catalogue), entries(parts.connectors, catalogue);
    entries(parts.switches, catalogue), entries(parts.converters, catalogue),
        entries(parts.inlines, catalogue);
    entries(parts.joints, catalogue), entries(parts.tubes, catalogue), entries(parts.cells, catalogue);
    for (auto& e : all) e.also = also_called(e.words);
    palette_->open(std::move(all));
}

}  // namespace sangre::app
