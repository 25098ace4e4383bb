#include "plan/machine.h"

#include <algorithm>

#include "units/format.h"

namespace sangre {

const char* material_word(BodyMaterial material) {
    switch (material) {
        case BodyMaterial::plastic:
            return "plastic";
        case BodyMaterial::wood:
            return "wood";
        case BodyMaterial::metal:
            return "metal";
        case BodyMaterial::fabric:
            return "fabric";
        case BodyMaterial::foam:
            return "foam";
    }
    return "";
}

const char* opening_word(OpeningKind kind) {
    switch (kind) {
        case OpeningKind::hole:
            return "hole";
        case OpeningKind::grommet:
            return "grommet";
        case OpeningKind::gland:
            return "gland";
    }
    return "";
}

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
    return raw(opening.bore) > 0 ? format(opening.bore) + " " + opening_word(opening.kind)
                                 : std::string(opening_word(opening.kind)) + " not measured yet";
}

bool meets(const Way& way, OnWayKind kind) {
    return std::any_of(way.on_it.begin(), way.on_it.end(), [&](const auto& o) { return o.kind == kind; });
}

}  // namespace sangre
