#include "plan/machine.h"

#include <algorithm>

#include "base/enum_words.h"
#include "base/units/format.h"
#include "base/words/say.h"
#include "plan/on_way.h"

namespace sangre {

const char* on_way_word(OnWayKind kind) { return role_of(kind).word; }

Words on_way_words(const OnWay& thing) {
    return say("{obstacle}{hot| of {heat}|}{round| of {radius} inside|}{turns| that turns {degrees}°|}",
               said(on_way_word(thing.kind)), thing.hot.has_value(), format(thing.hot.value_or(Celsius(0))),
               raw(thing.radius) > 0, format(thing.radius), thing.degrees > 0, format_number(thing.degrees));
}

Words opening_size(const Opening& opening) {
    return raw(opening.bore) > 0 ? format(opening.bore) + " " + said_word(opening.kind)
                                 : say("{word} not measured yet", said_word(opening.kind));
}

bool meets(const Way& way, OnWayKind kind) {
    return std::any_of(way.on_it.begin(), way.on_it.end(), [&](const auto& o) { return o.kind == kind; });
}

}  // namespace sangre
