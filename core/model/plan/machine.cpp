#include "plan/machine.h"

#include <algorithm>

#include "enum_words.h"
#include "units/format.h"

namespace sangre {

const char* on_way_word(OnWayKind kind) {
    switch (kind) {
        case OnWayKind::opening:
            return "opening";
        case OnWayKind::hinge:
            return "hinge";
        case OnWayKind::heat:
            return "hot place";
        case OnWayKind::edge:
            return "sharp edge";
    }
    return "";
}

std::string opening_size(const Opening& opening) {
    return raw(opening.bore) > 0 ? format(opening.bore) + " " + word_of(opening.kind)
                                 : word_of(opening.kind) + " not measured yet";
}

bool meets(const Way& way, OnWayKind kind) {
    return std::any_of(way.on_it.begin(), way.on_it.end(), [&](const auto& o) { return o.kind == kind; });
}

}  // namespace sangre
