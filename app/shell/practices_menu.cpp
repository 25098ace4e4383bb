#include "shell/practices_menu.h"

#include "base/words/say.h"
#include "shell/window.h"
#include "widgets/words.h"
#include "wiring/joint/choose.h"
#include "wiring/joint/joint.h"

namespace sangre::app {

void fill_joint_schools(Document& document, QMenu& menu) {
    menu.setToolTipsVisible(true);
    for (const auto school : joint_schools()) {
        auto* a = menu.addAction(menu_words(words_of(school_name(school))), [&document, school] {
            document.apply([school, &parts = document.catalogue()](
                               const Plan& p) { return follow_joint_school(p, parts, school); },
                           Window::tr("Join another way"));
        });
        a->setToolTip(words_of(school_purpose(school)));
        a->setCheckable(true);
        a->setChecked(document.plan().practices.joint == school);
    }
}

void fill_coverings(Document& document, QMenu& menu) {
    menu.setToolTipsVisible(true);
    for (const auto school : coverings()) {
        auto* a = menu.addAction(menu_words(words_of(covering_name(school))), [&document, school] {
            document.apply(
                [school](const Plan& plan) {
                    auto practices = plan.practices;
                    practices.insulation = school;
                    return set_practices(plan, practices);
                },
                Window::tr("Insulate another way"));
        });
        a->setToolTip(words_of(covering_words(school)));
        a->setCheckable(true);
        a->setChecked(document.plan().practices.insulation == school);
    }
}

namespace {

/// Every tool that some joint wants; those not owned stand unticked.
void tools_owned(Document& document, QMenu& menu) {
    const auto& missing = document.plan().practices.missing_tools;
    for (const auto& tool : joint_tools(document.catalogue())) {
        auto* a = menu.addAction(menu_words(words_of(sangre::said(tool))));
        a->setCheckable(true);
        a->setChecked(std::find(missing.begin(), missing.end(), tool) == missing.end());
        QObject::connect(a, &QAction::triggered, [&document, tool](bool owned) {
            document.apply(
                [tool, owned](const Plan& p) {
                    auto practices = p.practices;
                    std::erase(practices.missing_tools, tool);
                    if (!owned) practices.missing_tools.push_back(tool);
                    return set_practices(p, practices);
                },
                owned ? Window::tr("A tool more") : Window::tr("A tool less"));
        });
    }
}

/// Sizes in the drawer, by series; with none left unticked all of the catalogue are there to choose from.
void tubes_at_hand(Document& document, QMenu& menu) {
    const auto set = [&document](const std::vector<Id>& tubes) {
        document.apply(
            [tubes](const Plan& p) {
                auto practices = p.practices;
                practices.tubes_at_hand = tubes;
                return set_practices(p, practices);
            },
            Window::tr("Tubes at hand"));
    };
    std::vector<Id> all, have = document.plan().practices.tubes_at_hand;
    for (const auto& t : document.catalogue().tubes) all.push_back(t.id);
    auto* any = menu.addAction(Window::tr("any size of the catalogue"), [set] { set({}); });
    any->setCheckable(true);
    any->setChecked(have.empty());
    if (have.empty()) have = all;
    std::map<QString, QMenu*> series;
    for (const auto& t : document.catalogue().tubes) {
        const auto name = words_of(t.name);
        const auto kind = name.section(QStringLiteral(", "), 0, 0);
        if (!series[kind]) series[kind] = menu.addMenu(kind);
        auto* a = series[kind]->addAction(name.section(QStringLiteral(", "), 1));
        a->setCheckable(true);
        a->setChecked(std::find(have.begin(), have.end(), t.id) != have.end());
        QObject::connect(a, &QAction::triggered, [set, have, all, id = t.id](bool there) {
            auto next = have;
            std::erase(next, id);
            if (there) next.push_back(id);
            set(next.size() == all.size() ? std::vector<Id>{} : next);
        });
    }
}

}  // namespace

void fill_practices_menu(Document& document, QMenu& menu) {
    const auto group = [&](const QString& title, auto field, auto choices) {
        auto* sub = menu.addMenu(title);
        for (const auto& [value, words] : choices) {
            auto* a = sub->addAction(words, [&document, field, value = value] {
                document.apply(
                    [=](const Plan& p) {
                        auto practices = p.practices;
                        practices.*field = value;
                        return set_practices(p, practices);
                    },
                    Window::tr("Follow another school"));
            });
            a->setCheckable(true);
            a->setChecked(document.plan().practices.*field == value);
        }
    };
    group(Window::tr("Size wires by"), &Practices::wire,
          std::vector<std::pair<WireSchool, QString>>{
              {WireSchool::drop, Window::tr("voltage drop")},
              {WireSchool::temperature, Window::tr("temperature")},
              {WireSchool::cautious, Window::tr("700 circular mils per ampere")},
              {WireSchool::bold, Window::tr("chassis wiring")}});
    group(Window::tr("Fuses"), &Practices::fuse,
          std::vector<std::pair<FuseSchool, QString>>{
              {FuseSchool::smallest_that_carries, Window::tr("smallest that carries")},
              {FuseSchool::largest_that_protects, Window::tr("largest that protects")}});
    group(Window::tr("Feeds of what flies"), &Practices::flight,
          std::vector<std::pair<FlightSchool, QString>>{
              {FlightSchool::fused, Window::tr("each fused: a short burns no wire")},
              {FlightSchool::unfused,
               Window::tr("none for loads whose loss means a crash: no fuse opens in flight")}});
    group(Window::tr("Set rails"), &Practices::set,
          std::vector<std::pair<SetSchool, QString>>{
              {SetSchool::middle, Window::tr("in the middle of the window")},
              {SetSchool::high, Window::tr("high, to make up for the drop")},
              {SetSchool::nominal, Window::tr("at nominal")}});
    group(Window::tr("Noisy loads"), &Practices::noise,
          std::vector<std::pair<NoiseSchool, QString>>{
              {NoiseSchool::own_converter, Window::tr("a module of their own")},
              {NoiseSchool::together, Window::tr("with the others")}});
    group(Window::tr("Packs"), &Practices::supply,
          std::vector<std::pair<SupplySchool, QString>>{
              {SupplySchool::one, Window::tr("one for everything")},
              {SupplySchool::two, Window::tr("a second one for what is quiet")}});
    group(Window::tr("Modules and wires"), &Practices::sizing,
          std::vector<std::pair<SizingSchool, QString>>{
              {SizingSchool::tight, Window::tr("as computed")},
              {SizingSchool::generous, Window::tr("half as much again")}});
    group(Window::tr("Feeds"), &Practices::feeds,
          std::vector<std::pair<FeedSchool, QString>>{
              {FeedSchool::own, Window::tr("each load its own")},
              {FeedSchool::grouped, Window::tr("one for those that stand together")}});
    group(Window::tr("Screw terminals"), &Practices::terminal,
          std::vector<std::pair<TerminalSchool, QString>>{
              {TerminalSchool::ferrule, Window::tr("ferrule (best)")},
              {TerminalSchool::twist, Window::tr("twist and trim")},
              {TerminalSchool::tin, Window::tr("tin the end")}});
    fill_joint_schools(document, *menu.addMenu(Window::tr("Joints")));
    fill_coverings(document, *menu.addMenu(Window::tr("Cover joints with")));
    group(Window::tr("Where a pair ends"), &Practices::over_tube,
          std::vector<std::pair<bool, QString>>{{false, Window::tr("each joint its own tube")},
                                                {true, Window::tr("and one more tube over both")}});
    group(Window::tr("Shrink tube with"), &Practices::heat,
          std::vector<std::pair<HeatSchool, QString>>{{HeatSchool::hot_air, Window::tr("hot air")},
                                                      {HeatSchool::lighter, Window::tr("a lighter")}});
    tools_owned(document, *menu.addMenu(Window::tr("Tools you own")));
    tubes_at_hand(document, *menu.addMenu(Window::tr("Tubes at hand")));
    group(Window::tr("Wire sizes"), &Practices::metric,
          std::vector<std::pair<bool, QString>>{{false, Window::tr("AWG")}, {true, Window::tr("mm²")}});
    std::vector<std::pair<Id, QString>> insulations;
    for (const auto& k : document.catalogue().insulations) insulations.emplace_back(k.id, words_of(k.name));
    group(Window::tr("Wire insulation"), &Practices::wire_insulation, insulations);
}

}  // namespace sangre::app
