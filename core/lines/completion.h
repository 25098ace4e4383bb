#pragma once
// What may follow in a line that is being typed.
#include "lines/line.h"

namespace sangre {

/// In place of what was typed from `begin` on.
struct LineOffer {
    size_t begin = 0;
    std::string text;
};

/// For a line of that kind, without the kind's word, typed so far: in its head the names that it may begin
/// with; behind a fact's word its values or names; else words of facts that are not said yet, and values that
/// stand alone.
std::vector<LineOffer> line_offers(const LineContext& context, const LineKind& kind, std::string_view typed);

}  // namespace sangre
