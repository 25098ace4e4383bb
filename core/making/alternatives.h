#pragma once
// The other ways that a lead could go, and what each costs.
#include "electrical/figures.h"
#include "harness/paths.h"

namespace sangre {

struct Alternative {
    std::vector<size_t> ways;
    bool now = false;       ///< it goes this way
    Metre length{}, cut{};  ///< of each conductor
    Gram mass{};            ///< of all its conductors
    Volt drop{};            ///< at its continuous current, out and back; 0 of what feeds nothing
    /// What speaks against it, a line each: what it meets, openings too narrow or too full for it, what it
    /// would lie beside.
    std::vector<Words> against;
};

/// Up to `most`, the least costly first; the one that is gone now is always among them. None where its ends
/// are not joined by ways, or stand in one place.
std::vector<Alternative> alternatives(const Plan& plan, const Catalogue& catalogue, const Figures& figures,
                                      size_t lead, size_t most = 4);

/// The same lead by these ways.
Alternative alternative_by(const Plan& plan, const Catalogue& catalogue, const Figures& figures, size_t lead,
                           const Path& path);

/// The least costly path of a lead along that way; nothing where it meets a place twice by it.
Path lead_along(const Plan& plan, const Catalogue& catalogue, size_t lead, size_t way);

/// "Front deck, Pump well: 0.85 m, −0.10 m of wire, −4 g, past the hinge": against how it goes now.
Words alternative_words(const Plan& plan, const Alternative& now, const Alternative& other, size_t lead);

}  // namespace sangre
