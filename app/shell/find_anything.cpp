// What the palette lists: the plan's menu, the stations, what can be added, every thing of the plan.
#include <QMenu>

#include "line/facts.h"
#include "shell/line_bar.h"
#include "shell/palette.h"
#include "shell/window.h"
#include "widgets/words.h"

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
    for (const auto* kind : line_kinds()) {
        if (!kind->alone) continue;
        const auto word = QString::fromUtf8(kind->word);
        all.push_back(
            {tr("Add a %1").arg(word), QStringLiteral("Insert"), [this, word] { line_->add(word + ' '); }});
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
    things(plan.feeds, tr("lead"), Station::wiring), things(plan.cables, tr("cable"), Station::wiring);
    things(plan.passives, tr("part"), Station::wiring), things(plan.places, tr("place"), Station::routing);
    things(plan.sides, tr("side"), Station::routing), things(plan.zones, tr("zone"), Station::routing);
    things(plan.bodies, tr("body"), Station::routing), things(plan.openings, tr("opening"), Station::routing);
    things(plan.ways, tr("way"), Station::routing), things(plan.phases, tr("phase"), Station::loads);
    palette_->open(std::move(all));
}

}  // namespace sangre::app
