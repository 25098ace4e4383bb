#pragma once
// Two plans side by side: what got better, what worse, by how much.
#include "rules/study.h"

namespace sangre {

struct VariantFigure {
    Words name, a, b;
    Words change;    ///< of b against a: "+12 %", "−2"; empty where they are the same
    int better = 0;  ///< 1: b is better; −1: worse; 0: the same, or neither
    Words meaning;
};

/// Run time, lowest charge, mass, cost, energy lost in a day, worst drop, parts, feeds and findings of both.
/// Values that differ by less than half a per cent count as the same.
std::vector<VariantFigure> compare_variants(const Plan& plan_a, const Study& a, const Plan& plan_b,
                                            const Study& b);

/// What changed, in a line: "better: lost a day −3 %; worse: cost +12, parts +3". "No figure changed." where
/// none did.
Words tell_change(const std::vector<VariantFigure>& figures);

/// What a day loses on its way to the loads: out of the packs, less what the loads take.
WattHour lost_in_a_day(const Study& study);

}  // namespace sangre
