#pragma once
// What a line can say of each kind of thing: one table a kind. Reader, printer, chips, completion, tips and
// the handbook's part on the language work from it.
#include <span>

#include "lines/names.h"

namespace sangre {

/// What stands behind a word.
enum class FactForm {
    plain,  ///< an amount in the unit that its key says, a number, a flag, a word of a list
    text,   ///< any text
    part,   ///< the name of a part
    place,
    body,
    side,
    zone,
    opening,
    way,
    lead,
    wire,
    joint,
    entry,  ///< a name of the catalogue
    head,   ///< no clause of its own: it stands at the line's beginning
    unsaid  ///< not said in a line: ids, and lists that are lines of their own
};

struct Fact {
    const char* key;  ///< of the plan file
    const char*
        word;  ///< that introduces it; several words where people say it otherwise: the first is printed
    FactForm form = FactForm::plain;
    const char* help = "";
    bool bare = false;                               ///< its value stands alone, without the word
    std::vector<std::string> (*values)() = nullptr;  ///< of a word of a list: which
};

/// A kind of thing as lines name it, and its facts.
struct LineKind {
    const char* word;  ///< that begins its line in a whole plan: "hub"
    const char* what;  ///< for the handbook
    std::span<const Fact> facts;
    bool alone = true;  ///< it begins a line of its own that can be added; else it stands beneath another
};

const LineKind& line_kind(const Plan&);
const LineKind& line_kind(const Practices&);
const LineKind& line_kind(const Source&);
const LineKind& line_kind(const Hub&);
const LineKind& line_kind(const Converter&);
const LineKind& line_kind(const Load&);
const LineKind& line_kind(const Passive&);
const LineKind& line_kind(const Lead&);
const LineKind& line_kind(const Device&);
const LineKind& line_kind(const Core&);
const LineKind& line_kind(const Body&);
const LineKind& line_kind(const Place&);
const LineKind& line_kind(const Opening&);
const LineKind& line_kind(const Side&);
const LineKind& line_kind(const Zone&);
const LineKind& line_kind(const Way&);
const LineKind& line_kind(const OnWay&);
const LineKind& line_kind(const Terminal&);
const LineKind& line_kind(const Phase&);
const LineKind& line_kind(const OwnStep&);
const LineKind& line_kind(const AtHand&);
const LineKind& line_kind(const OwnReading&);
const LineKind& line_kind(const Measured&);
const LineKind& line_kind(const LogEntry&);
/// All of them, in the order in which a plan's text has them.
std::vector<const LineKind*> line_kinds();

/// The fact of that key; null where the table has none.
const Fact* fact_of(const LineKind& kind, std::string_view key);

/// True for what has a clause of its own.
bool is_said(const Fact& fact);
/// Of a form that names something: which names, and what one of them is.
ThingSort sort_of(FactForm form);
const char* sort_word(FactForm form);
/// True for a form that names something.
bool is_reference(FactForm form);

/// True where a text begins with that word, whatever its case, and goes on with a blank or not at all.
bool begins_with(std::string_view text, std::string_view word);
/// The fact whose word a clause begins with, the longest; null where none does.
const Fact* by_first_word(const LineKind& kind, std::string_view text);

}  // namespace sangre
