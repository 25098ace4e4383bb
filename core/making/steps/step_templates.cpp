#include "making/steps/step_templates.h"

#include <algorithm>
#include <map>

#include "base/units/format.h"
#include "base/units/number.h"
#include "base/units/parse.h"
#include "base/units/words.h"
#include "base/words/say.h"

namespace sangre {
namespace {

struct Kind {
    const char* word;
    double height;         // mm, typical of wired parts
    const char* polarity;  // empty: none
};

// The longer word first where one is in another.
constexpr Kind kinds[] = {
    {"wire link", 0.8, ""},
    {"jumper", 0.8, ""},
    {"led", 9, to_say("the flat side and the shorter leg are minus")},
    {"lamp", 9, to_say("the flat side and the shorter leg are minus")},
    {"photodiode", 6, to_say("by its sheet: it works the other way round than a lamp")},
    {"diode", 2.5, to_say("the ring is the end that current leaves by")},
    {"array", 5, to_say("the dot is the common leg")},
    {"potentiometer", 10, ""},
    {"trimmer", 10, ""},
    {"resistor", 2.5, ""},
    {"choke", 8, ""},
    {"inductor", 8, ""},
    {"crystal", 4, ""},
    {"ceramic", 5, ""},
    {"film", 10, ""},
    {"electrolytic", 14, to_say("the stripe is minus, the longer leg plus")},
    {"tantalum", 7, to_say("the stripe is plus: not as an electrolytic's")},
    {"capacitor", 8, to_say("look: a stripe or a plus makes it one that has a right way round")},
    {"socket", 4.5, to_say("its notch as on the board's print")},
    {"chip", 4.5, to_say("notch or dot at leg 1")},
    {"ic", 4.5, to_say("notch or dot at leg 1")},
    {"transistor", 6, to_say("its flat side as printed, legs by its sheet")},
    {"regulator", 16, to_say("legs by its sheet: alike cases have them in other orders")},
    {"relay", 15, to_say("its coil by its print")},
    {"fuse", 8, ""},
    {"switch", 12, ""},
    {"button", 7, to_say("the pairs of legs that are one: beep them first")},
    {"header", 11, to_say("pin 1 at the square pad")},
    {"terminal", 11, to_say("its openings outwards")},
    {"connector", 11, to_say("its key as printed")},
    {"buzzer", 12, to_say("plus as printed on it")},
    {"module", 15, to_say("its pin 1 at the square pad")},
};
constexpr double middle_height = 8;

OwnStep own(const char* title, const std::vector<Words>& actions, double minutes,
            std::vector<std::string> tools = {}, const Words& caution = {}) {
    OwnStep s;
    s.title = as_name(said(title)), s.actions = as_names(actions), s.tools = std::move(tools);
    s.minutes = minutes, s.caution = as_name(caution);
    return s;
}

Plan named(const Words& name, std::vector<OwnStep> steps) {
    Plan plan;
    plan.name = as_name(name);
    for (auto& s : steps) {
        s.id = fresh_id(plan, "step", s.title);
        if (!s.after.empty() || !s.undoes.empty()) {
            // Of a template's own the one before is meant.
            const auto& last = plan.own_steps.back().id;
            if (!s.undoes.empty()) s.undoes = last;
            if (!s.after.empty()) s.after = {own_step_key(last)};
        }
        plan.own_steps.push_back(std::move(s));
    }
    return plan;
}

}  // namespace

std::vector<Plan> shipped_templates() {
    auto back = own(to_say("Panel on again"),
                    {say("Plugs first, each till it clicks; the photograph beside it."),
                     say("Screws by hand, then in a cross: none is left in the bowl.")},
                    8, {to_say("screwdriver")});
    back.undoes = "-";
    auto flash = own(to_say("Check that it starts"),
                     {say("Supply from the bench, not from the lead that it was programmed by."),
                      say("Write the version on the label.")},
                     5);
    flash.after = {"-"};
    auto wait = own(to_say("Unpack and look"),
                    {say("Count against the list; each part against its sheet: size, volts, plug."),
                     say("Measure what can be measured before it is built in.")},
                    10, {to_say("meter")});
    wait.after = {"-"};
    return {named(say("Take apart and put back"),
                  {own(to_say("Panel off"),
                       {say("Photograph it before anything is loosened."),
                        say("Screws into a bowl in the order in which they come out."),
                        say("Plugs by their bodies, never by the wires; each marked with where it goes.")},
                       10, {to_say("screwdriver"), to_say("camera"), to_say("tape and pen")},
                       say("Battery off before panels near airbags, igniters or bare terminals are moved.")),
                   std::move(back)}),
            named(say("Program before the lid"),
                  {own(to_say("Program the controller"),
                       {say("While its port is still reached; nothing else on its supply."),
                        say("Settings saved to a file beside the plan.")},
                       15, {to_say("computer and cable")},
                       say("Propellers off, wheels off the ground: a controller may move what it drives.")),
                   std::move(flash)}),
            named(say("Wait for a part"),
                  {own(to_say("The part has come"), {say("Ticked as arrived in the shopping list.")}, 1),
                   std::move(wait)})};
}

Plan template_of(const Plan& plan, const std::string& name) {
    Plan only;
    only.name = name;
    only.own_steps = plan.own_steps;
    std::map<std::string, bool> own;
    for (const auto& s : only.own_steps) own[own_step_key(s.id)] = true;
    // What it says of the steps of this plan means nothing in another.
    for (auto& s : only.own_steps) {
        const auto foreign = [&](const std::string& key) { return !own.contains(key); };
        std::erase_if(s.after, foreign), std::erase_if(s.before, foreign);
        s.picture.clear();
    }
    return only;
}

Plan with_template(Plan plan, const Plan& steps, const std::string& before) {
    std::map<Id, Id> renamed;
    std::map<std::string, std::string> keys;
    const auto first = plan.own_steps.size();
    for (auto step : steps.own_steps) {
        const auto old = step.id;
        step.id = fresh_id(plan, "step", step.title);
        renamed[old] = step.id, keys[own_step_key(old)] = own_step_key(step.id);
        plan.own_steps.push_back(std::move(step));
    }
    for (size_t i = first; i < plan.own_steps.size(); ++i) {
        auto& step = plan.own_steps[i];
        const auto anew = [&](std::vector<std::string>& list) {
            for (auto& key : list)
                if (const auto at = keys.find(key); at != keys.end()) key = at->second;
        };
        anew(step.after), anew(step.before);
        if (const auto at = renamed.find(step.undoes); at != renamed.end())
            step.undoes = at->second;
        else if (step.before.empty() && !before.empty())
            step.before = {before};
    }
    return plan;
}

std::vector<BoardPart> board_parts(std::string_view text) {
    std::vector<BoardPart> parts;
    for (const auto& clause : split_clauses(text)) {
        BoardPart part;
        part.words = clause.text, part.height = middle_height;
        if (part.words.empty()) continue;
        const auto small = lower(part.words);
        for (const auto& kind : kinds)
            if (has_word(small, kind.word) || has_word(small, std::string(kind.word) + "s")) {
                part.height = kind.height, part.polarity = kind.polarity, part.known = true;
                break;
            }
        parts.push_back(std::move(part));
    }
    std::stable_sort(parts.begin(), parts.end(),
                     [](const auto& a, const auto& b) { return a.height < b.height; });
    return parts;
}

Plan with_board(Plan plan, const std::string& board, std::string_view text, const std::string& before) {
    const auto parts = board_parts(text);
    if (parts.empty()) return plan;
    std::vector<Words> lie{say("In the order in which they go in, low before tall:")};
    for (const auto& p : parts)
        lie.push_back(p.polarity.empty() ? Words(p.words)
                                         : say("{part}: {polarity}.", p.words, said(p.polarity)));
    std::string last;
    const auto add = [&](OwnStep step) {
        step.id = fresh_id(plan, "step", step.title);
        if (!last.empty()) step.after = {last};
        if (!before.empty()) step.before = {before};
        last = own_step_key(step.id);
        plan.own_steps.push_back(std::move(step));
    };
    const auto titled = [&](const Words& what) { return as_name(say("{where}: {figure}", board, what)); };
    auto ready = own("", lie, 2 + static_cast<double>(parts.size()), {to_say("meter")});
    ready.title = titled(say("parts laid out"));
    add(std::move(ready));
    for (size_t i = 0; i < parts.size();) {
        // What stands as high goes in together: the board lies on it and holds it.
        size_t end = i;
        std::string all;
        OwnStep step;
        std::vector<Words> actions{say("Legs bent to the holes, in from the printed side.")};
        while (end < parts.size() && parts[end].height == parts[i].height) {
            all += (all.empty() ? "" : ", ") + parts[end].words;
            if (!parts[end].polarity.empty())
                actions.push_back(say("{part}: {polarity}.", parts[end].words, said(parts[end].polarity)));
            ++end;
        }
        step.title = titled(all);
        actions.push_back(parts[i].height >= 9
                              ? say("Held straight by a jig, a lid or a spare nut: one leg first, look, then "
                                    "the rest.")
                              : say("Turned over onto something soft: the table holds them down."));
        actions.push_back(say("Solder till it runs up the leg, a cone and no ball; legs cut off above it."));
        step.actions = as_names(actions);
        step.tools = {to_say("soldering iron"), to_say("side cutters")};
        step.caution = as_name(say("Legs that are cut off fly: hold them, glasses on."));
        step.minutes = 2 * static_cast<double>(end - i) + 1;
        add(std::move(step));
        i = end;
    }
    auto look = own("",
                    {say("Against the light with a glass: bridges, whiskers, balls, joints never made."),
                     say("Every part against the print once more, each that has a right way round."),
                     say("Meter across its supply: no short, either way round."),
                     say("Flux washed off, chips into their sockets last.")},
                    8, {to_say("magnifying glass"), to_say("meter")});
    look.title = titled(say("looked over"));
    add(std::move(look));
    return plan;
}

}  // namespace sangre
