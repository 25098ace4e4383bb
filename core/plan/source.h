#pragma once
// What a source gives, whatever its kind: its range of volts, what it may be asked for, how it is called.
#include <optional>

#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

/// The voltages a source moves between.
struct SourceRange {
    Volt low{}, high{};
    /// Of a pack, down to which a load must run from it: half-way between empty and a tenth of its charge.
    /// What lets go below that lets go when it is nearly empty, which is said. 0: `low`.
    Volt working{};
};

/// Of so many cells in series.
SourceRange pack_range(const Chemistry& chemistry, int series);

/// Of a pack cut-off to charging; of what else there is what was said. Empty where the catalogue does not
/// hold its chemistry.
std::optional<SourceRange> source_range(const Source& source, const Catalogue& catalogue);

/// By how much limits may be passed, as a share: 3 × 4.2 V is 12.6 V.
inline constexpr double limit_tolerance = 1e-4;

/// True when a load can hang on the source directly.
bool accepts(const Load& load, SourceRange source);

/// What all sources but panels give together. Empty without one that is known.
std::optional<SourceRange> sources_range(const Plan& plan, const Catalogue& catalogue);

/// True where some source is a pack.
bool has_packs(const Plan& plan);
/// True for what never empties: a supply, a circuit with its vehicle behind it.
bool is_endless(const Source& source);

/// Of a supply's print and of a fuse's rating that is trusted for good.
inline constexpr double supply_share = 0.8, fuse_share = 0.75;
/// Of a panel's watts: what dirt, tilt and warmth leave, and of that its controller.
inline constexpr double sun_share = 0.75, sun_controller = 0.9;

/// What is left of a supply or a circuit's fuse for this plan, for good: those shares, less what it feeds
/// already. Empty for a pack, a panel, and where nothing is said.
std::optional<Ampere> left_for_good(const Source& source);

/// What a panel brings on a poor and on a good day: watts × hours of sun × 0.75 for dirt, tilt and warmth ×
/// 0.9 of its controller. Source: typical.
struct SunDay {
    WattHour poor{}, good{};
};
SunDay sun_day(const Source& panel);

/// "pack", "supply", "circuit", "panel".
const char* source_word(SourceKind kind);
/// What it is called in a sentence, in the reader's language.
Words source_said(SourceKind kind);
/// Where there is little room: "11.5 – 14.6 V", of a panel "20 W"; and what else counts, "15 A fuse", "5 A",
/// "1 – 4 h of sun".
Words source_volts(const Source& source);
Words source_more(const Source& source);
/// "8S LFP · 30 Ah", "supply 12 V · 5 A", "circuit 11 – 14.6 V · 15 A fuse · with the key", "panel 20 W".
Words source_summary(const Source& source, const Catalogue& catalogue);

}  // namespace sangre
