#pragma once
// The words of lines in the reader's language: said on chips, and understood when typed.
#include <string>
#include <vector>

#include "base/units/words.h"
#include "plan/load_text.h"

namespace sangre {

/// The same words, with those that the reader's language has for a load's own put into English; each keeps
/// its place in what was typed. What is English already stays.
std::vector<TextWord> load_words_in_english(std::vector<TextWord> words);

/// What a chip shows: "vital", "idle 80 mA", its word in the reader's language.
std::string chip_words(const LoadChip& chip);

/// Colours that wires are sold in. A cable's cores take the first ten in turn.
const std::vector<std::string>& wire_colours();

/// A colour's name in English where the reader's language calls it so, else as it was typed.
std::string colour_in_english(const std::string& typed);

}  // namespace sangre
