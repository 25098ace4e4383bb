#pragma once
// Steps that a builder uses again: sets that ship with it and the builder's own, and the work on a board from
// the parts that go onto it.
#include "making/steps/own_steps.h"

namespace sangre {

/// Plans of nothing but own steps, by name: taking apart and back, programming before the lid, waiting.
std::vector<Plan> shipped_templates();

/// A plan of that name with the own steps of this one, and nothing else of it.
Plan template_of(const Plan& plan, const std::string& name);

/// The plan with the own steps of a template, under new ids; what they say of one another goes with them.
/// Those that say nothing of when they come, come before that step.
Plan with_template(Plan plan, const Plan& steps, const std::string& before);

/// What goes onto a board: the lower it is the sooner.
struct BoardPart {
    std::string words;     ///< as they were typed
    double height = 0;     ///< mm that it stands up, typical
    std::string polarity;  ///< how it is told which way round; empty: it has none
    bool known = false;    ///< by its words
};
/// "resistor 10k, LED green, electrolytic 470 µF, header": each known by a word in it; others in the middle.
std::vector<BoardPart> board_parts(std::string_view text);

/// The plan with the work on that board as own steps, one after the other: parts lie ready, low before tall,
/// legs cut, then what is looked for and what the meter says. They come before that step. Unchanged where
/// there is no part.
Plan with_board(Plan plan, const std::string& board, std::string_view parts, const std::string& before);

}  // namespace sangre
