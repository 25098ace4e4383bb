#include "plan/bare_volts.h"

#include <array>
#include <cmath>

#include "base/words/say.h"

namespace sangre {
namespace {

constexpr double alike = 1e-6;

/// Cells in series that packs are named after: printed volts a cell, and what a cell moves between.
struct CellRow {
    double printed, low, high;
    const char* chemistry;
};
constexpr std::array cell_rows{CellRow{3.7, 3.0, 4.2, "nmc"}, CellRow{3.6, 3.0, 4.2, "nmc"},
                               CellRow{3.2, 2.5, 3.65, "lfp"}};
/// As they are sold in series, and in words.
struct Count {
    int series;
    const char* words;
};
constexpr std::array lithium_counts{
    Count{1, to_say("one lithium cell")},      Count{2, to_say("two lithium cells")},
    Count{3, to_say("three lithium cells")},   Count{4, to_say("four lithium cells")},
    Count{5, to_say("five lithium cells")},    Count{6, to_say("six lithium cells")},
    Count{8, to_say("eight lithium cells")},   Count{10, to_say("ten lithium cells")},
    Count{12, to_say("twelve lithium cells")}, Count{14, to_say("fourteen lithium cells")}};
constexpr std::array iron_counts{
    Count{1, to_say("one LFP cell")},      Count{2, to_say("two LFP cells")},
    Count{4, to_say("four LFP cells")},    Count{8, to_say("eight LFP cells")},
    Count{12, to_say("twelve LFP cells")}, Count{16, to_say("sixteen LFP cells")}};

/// Numbers that name no count of cells, or several; the first row of a number is what is taken.
constexpr std::array named_rows{
    BareVolts{6,
              to_say("hobby gear: four or five small round cells, or two LFP"),
              4.8,
              7.4,
              {{{"nimh", 5}, {"nimh", 4}, {"lfp", 2}, {"alkaline", 4}}},
              "nimh",
              5},
    BareVolts{6, to_say("a 6 V lead battery"), 5.4, 7.4, {{{"agm", 3}}}, "agm", 3},
    BareVolts{7.2, to_say("two lithium cells"), 6, 8.4, {{{"nmc", 2}}}, "nmc", 2},
    BareVolts{7.2, to_say("six NiMH cells"), 6, 8.7, {{{"nimh", 6}}}, "nimh", 6},
    BareVolts{12,
              to_say("a 12 V battery: lead, four LFP or ten NiMH cells"),
              10.5,
              14.8,
              {{{"agm", 6}, {"lfp", 4}, {"nimh", 10}}},
              "agm",
              6,
              true,
              9},
    BareVolts{12, to_say("three lithium cells"), 9, 12.6, {{{"nmc", 3}}}, "nmc", 3},
    BareVolts{12, to_say("a vehicle's system"), 11, 15, {{{"agm", 6}}}, "agm", 6},
    BareVolts{13.8, to_say("a vehicle's system"), 11.7, 15, {{{"agm", 6}, {"lfp", 4}}}, "agm", 6},
    BareVolts{14.4, to_say("four lithium cells"), 12, 16.8, {{{"nmc", 4}}}, "nmc", 4},
    BareVolts{
        14.4, to_say("a 12 V battery while it charges"), 10.5, 14.8, {{{"agm", 6}, {"lfp", 4}}}, "agm", 6},
    BareVolts{24,
              to_say("a 24 V battery: lead, eight LFP or twenty NiMH cells"),
              21,
              29.6,
              {{{"agm", 12}, {"lfp", 8}, {"nimh", 20}}},
              "agm",
              12,
              true,
              18},
    BareVolts{24, to_say("six lithium cells"), 18, 25.2, {{{"nmc", 6}}}, "nmc", 6},
    BareVolts{24, to_say("a vehicle's system"), 22, 30, {{{"agm", 12}}}, "agm", 12},
    BareVolts{36,
              to_say("a 36 V battery: ten lithium, twelve LFP or eighteen lead cells"),
              30,
              43.8,
              {{{"nmc", 10}, {"lfp", 12}, {"agm", 18}}},
              "nmc",
              10},
    BareVolts{36, to_say("twelve LFP cells"), 30, 43.8, {{{"lfp", 12}}}, "lfp", 12},
    BareVolts{48,
              to_say("a 48 V battery: thirteen or fourteen lithium, fifteen or sixteen LFP, or lead"),
              39,
              58.8,
              {{{"nmc", 13}, {"nmc", 14}, {"lfp", 16}, {"lfp", 15}}},
              "lfp",
              16},
    BareVolts{48, to_say("thirteen lithium cells"), 39, 54.6, {{{"nmc", 13}}}, "nmc", 13}};

bool same(double a, double b) { return std::abs(a - b) < alike * std::max(1.0, std::abs(b)); }

/// Without the last bits of the multiplication: 3 × 4.2 is 12.6.
double whole(double volts) { return std::round(volts * 1e6) / 1e6; }

}  // namespace

std::vector<BareVolts> readings_of(double volts) {
    std::vector<BareVolts> all;
    for (const auto& row : named_rows)
        if (same(row.printed, volts)) all.push_back(row);
    if (!all.empty()) return all;
    for (const auto& cell : cell_rows) {
        const auto try_all = [&](const auto& counts) {
            for (const auto& [n, words] : counts)
                if (same(cell.printed * n, volts))
                    all.push_back({volts,
                                   words,
                                   whole(cell.low * n),
                                   whole(cell.high * n),
                                   {{{cell.chemistry, n}}},
                                   cell.chemistry,
                                   n});
        };
        std::string_view(cell.chemistry) == "lfp" ? try_all(iron_counts) : try_all(lithium_counts);
    }
    return all;
}

std::optional<BareRange> bare_range(double volts, LoadKind kind) {
    const auto readings = readings_of(volts);
    if (readings.empty()) return {};
    const auto& usual = readings.front();
    const bool simple = kind == LoadKind::motor || kind == LoadKind::led || kind == LoadKind::resistance;
    return BareRange{simple && usual.moved_by_any ? usual.lowest_of_such : usual.low, usual.high,
                     said(usual.taken_as)};
}

double named_after(const Load& load, std::string_view chemistry, int series, Volt empty) {
    if (!load.range_assumed) return 1;
    const auto readings = readings_of(raw(load.nominal));
    if (readings.empty()) return 1;
    const auto& usual = readings.front();
    const bool lithium = chemistry == "nmc-power" || chemistry == "lipo";
    for (const auto& p : usual.packs)
        if (p.series == series && (p.chemistry == chemistry || (lithium && p.chemistry == "nmc"))) return 1;
    return raw(empty) >= usual.low * (1 - alike) ? 0.5 : 0;
}

bool has_bare_range(const Load& load) {
    const auto range = bare_range(raw(load.nominal), load.kind);
    return range && same(raw(load.v_min), range->low) && same(raw(load.v_max), range->high);
}

}  // namespace sangre
