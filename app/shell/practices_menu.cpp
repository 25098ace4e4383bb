#include "shell/practices_menu.h"

#include "shell/window.h"

namespace sangre::app {

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
    group(Window::tr("Set rails"), &Practices::set,
          std::vector<std::pair<SetSchool, QString>>{
              {SetSchool::middle, Window::tr("in the middle of the window")},
              {SetSchool::high, Window::tr("high, against the drop")},
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
    group(Window::tr("Wire sizes"), &Practices::metric,
          std::vector<std::pair<bool, QString>>{{false, Window::tr("AWG")}, {true, Window::tr("mm²")}});
    std::vector<std::pair<Id, QString>> insulations;
    for (const auto& k : document.catalogue().insulations)
        insulations.emplace_back(k.id, QString::fromStdString(k.name));
    group(Window::tr("Wire insulation"), &Practices::wire_insulation, insulations);
}

}  // namespace sangre::app
