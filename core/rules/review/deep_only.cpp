#include "rules/review/deep_only.h"

#include <algorithm>
#include <cmath>

#include "base/units/format.h"
#include "base/words/say.h"
#include "physics/battery/pack.h"
#include "plan/air.h"
#include "plan/edits.h"

namespace sangre {
namespace {

/// The pack that the part is fed from; null where that is none.
const Source* pack_before(const Context& c, const Id& part) {
    const auto chain = c.index().upstream(part);
    if (chain.empty()) return nullptr;
    const auto from = c.index().source_of(chain.back());
    if (from.kind != PartKind::source) return nullptr;
    const auto& source = c.plan.sources[from.index];
    return source.kind == SourceKind::pack ? &source : nullptr;
}

}  // namespace

bool runs_from_packs(const Context& c, const Id& part) { return pack_before(c, part) != nullptr; }

void deep_only(const Context& c, Finding& f, const Id& part, Volt usually, Volt lacking) {
    constexpr double most_times = 3;
    f.why.add(say("At {charge} charge in {ambient} it still gets {usually}: below that, no full power.",
                  format_percent(usual_charge), format(usual_air(c.plan)), format(usually)),
              Tone::good);
    const auto* b = pack_before(c, part);
    const auto* k = b ? find(c.catalogue.chemistries, b->chemistry) : nullptr;
    if (!k) return;
    const auto at = static_cast<size_t>(b - c.plan.sources.data());
    const auto& worst = c.figures.worst.packs[at];
    const double sag =
        raw(worst.at_lowest) * raw(pack_resistance(*b, *k, std::max(0.0, worst.charge), worst.air));
    const double left = sag - raw(lacking);
    if (left <= 0 || sag / left > most_times) return;
    auto bigger = *b;
    bigger.cell_capacity = AmpereHour(std::ceil(raw(b->cell_capacity) * sag / left * 1.1 * 2) / 2);
    f.fixes.push_back(
        {say("Use {capacity} {short_name}", format(bigger.cell_capacity * b->parallel), k->short_name),
         [bigger](const Plan& p) { return put_source(p, bigger); }});
}

}  // namespace sangre
