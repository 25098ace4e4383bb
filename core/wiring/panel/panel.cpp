#include "panel/panel.h"

#include <algorithm>

namespace sangre {

PanelFit panel_fit(const Catalogue& catalogue, const Device& item) {
    PanelFit fit{item.cutout, item.behind};
    if (const auto* type = find(catalogue.switches, item.type)) {
        if (raw(fit.cutout) <= 0) fit.cutout = type->cutout;
        if (raw(fit.behind) <= 0) fit.behind = type->behind;
    }
    return fit;
}

std::optional<Millimetre> room_behind(const Body& body) {
    if (raw(body.length) <= 0 || raw(body.width) <= 0 || raw(body.height) <= 0) return {};
    const auto most = std::max({body.length, body.width, body.height});
    return Millimetre(std::max(raw(most) - 2 * raw(body.wall), 0.0));
}

}  // namespace sangre
