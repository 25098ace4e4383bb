#include "plan/machine.h"

#include <algorithm>

#include "enum_words.h"
#include "plan/on_way.h"
#include "units/format.h"

namespace sangre {

const char* on_way_word(OnWayKind kind) { return role_of(kind).word; }

std::string on_way_words(const OnWay& thing) {
    std::string words = on_way_word(thing.kind);
    if (thing.hot) words += " of " + format(*thing.hot);
    if (thing.degrees > 0) words += " that turns " + format_number(thing.degrees) + "°";
    return words;
}

std::string opening_size(const Opening& opening) {
    return raw(opening.bore) > 0 ? format(opening.bore) + " " + word_of(opening.kind)
                                 : word_of(opening.kind) + " not measured yet";
}

bool meets(const Way& way, OnWayKind kind) {
    return std::any_of(way.on_it.begin(), way.on_it.end(), [&](const auto& o) { return o.kind == kind; });
}

}  // namespace sangre
