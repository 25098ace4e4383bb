// What must go through what: tubes and holes.
#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "base/units/format.h"
#include "base/units/parse.h"
#include "base/words/say.h"
#include "output/calc/calc.h"
#include "physics/wire/circles.h"
#include "wiring/joint/joint.h"

namespace sangre {

Answer calc_tube(const Catalogue& catalogue, const TubeQuestion& q) {
    if (raw(q.pass) <= 0 || raw(q.hold) <= 0)
        return tl::unexpected(std::string(say("what it must pass and what it must grip are needed, in mm")));
    const auto* tube = choose_tube(catalogue, q.pass, q.hold, q.adhesive);
    if (!tube)
        return tl::unexpected(
            say("no {adhesive|adhesive|plain} tube passes {pass} (1.1 × expanded) and grips {hold} (0.9 × "
                "recovered)",
                q.adhesive, format(q.pass), format(q.hold)));
    Calculation c;
    c.answer = tube->name.spoken();
    c.why.title = say("Tube");
    c.why.add(say("{expanded} expanded ≥ 1.1 × {pass} it must pass", format(tube->expanded), format(q.pass)));
    c.why.add(
        say("{recovered} recovered ≤ 0.9 × {hold} it must grip", format(tube->recovered), format(q.hold)));
    c.values = {{"expanded_mm", raw(tube->expanded)}, {"recovered_mm", raw(tube->recovered)}};
    if (raw(q.joint) > 0) {
        const double overlap = std::max(6.0, 2 * raw(q.hold));
        const Millimetre cut(std::ceil((raw(q.joint) + 2 * overlap) / 0.93));
        c.answer = say("{tube}, cut {cut}", tube->name, format(cut));
        c.why.add(say("({joint} joint + 2 × {overlap} overlap) ÷ 0.93 for its shrinking in length = {cut}",
                      format(q.joint), format(Millimetre(overlap)), format(cut)));
        c.values.emplace_back("cut_mm", raw(cut));
    }
    c.why.source = tube->source;
    return c;
}

static constexpr size_t most_cables = 500;

Answer calc_hole(const std::vector<std::string>& bundles) {
    std::vector<double> radii;
    double metal = 0;
    for (const auto& text : bundles) {
        int count = 1;
        auto size = text;
        for (const std::string_view times : {"×", "x", "X", "*"}) {
            const auto at = text.find(times);
            if (at == std::string::npos) continue;
            const auto number = plain_number(std::string_view(text).substr(0, at));
            count = number && *number == std::floor(*number) && *number >= 1 && *number <= most_cables
                        ? static_cast<int>(*number)
                        : 0;
            size = text.substr(at + times.size());
            break;
        }
        const auto metres = parse_value(size, Dimension::length, "mm");
        if (!metres) return tl::unexpected(fmt::format("“{}”: {}", text, metres.error().message));
        if (count < 1 || *metres <= 0)
            return tl::unexpected(
                say("“{text}”: a count from 1 to 500, x, and a diameter above 0 are expected, such as "
                    "3x2.1mm",
                    text));
        for (int i = 0; i < count; ++i)
            radii.push_back(*metres * 500), metal += M_PI * std::pow(*metres * 500, 2);
    }
    if (radii.empty())
        return tl::unexpected(std::string(say("nothing to put through the hole: such as 3x2.1mm 1x4.8mm")));
    if (radii.size() > most_cables)
        return tl::unexpected(std::string(say("more than 500 cables are no bundle")));
    const double across = 2 * enclosing_radius(pack_circles(radii));
    const double hole = across * 1.1;
    Calculation c;
    c.answer = say("the bundle is {across} across; a hole of {hole} passes it", format(Millimetre(across)),
                   format(Millimetre(std::ceil(hole * 2) / 2)));
    c.why.title = say("Hole");
    c.why.add(say("{count} circles packed: {across} across", radii.size(), format(Millimetre(across))));
    c.why.add(say("{share} of that circle is filled", format_percent(metal / (M_PI * across * across / 4))));
    c.why.add(say("× 1.1 to pull it through and for the grommet: {hole}", format(Millimetre(hole))));
    c.why.source = say("circle packing by search");
    c.values = {{"bundle_mm", across}, {"hole_mm", hole}, {"fill", metal / (M_PI * across * across / 4)}};
    return c;
}

}  // namespace sangre
