#include "output/files/tables.h"

#include <cmath>

#include "base/units/number.h"
#include "lines/csv.h"

namespace sangre {
namespace {

std::string row(const std::vector<std::string>& cells, char between) {
    std::string line;
    for (const auto& cell : cells) {
        if (&cell != &cells.front()) line += between;
        line += csv_cell(cell);
    }
    return line + "\n";
}

std::string number_cell(double value) { return std::isfinite(value) ? exact_number(value) : std::string(); }

const char* unit_word(ReadingUnit unit) {
    return unit == ReadingUnit::ohm ? "ohm" : unit == ReadingUnit::volt ? "V" : "A";
}

const char* verdict_word(Verdict verdict) {
    switch (verdict) {
        case Verdict::pass:
            return "inside";
        case Verdict::low:
            return "too low";
        case Verdict::high:
            return "too high";
        case Verdict::missing:
            break;
    }
    return "";
}

}  // namespace

std::string readings_to_csv(const Plan& plan, const std::vector<Reading>& readings, char between) {
    auto table = row(
        {"reading", "state", "red on", "black on", "least", "most", "unit", "measured", "when", "verdict"},
        between);
    for (const auto& r : readings) {
        const auto taken = plan.measured.find(r.key);
        const bool has = taken != plan.measured.end();
        table +=
            row({r.title, r.state, r.red, r.black, number_cell(r.low), number_cell(r.high), unit_word(r.unit),
                 !has                 ? std::string()
                 : taken->second.open ? std::string("open")
                                      : number_cell(taken->second.value),
                 has ? taken->second.when : std::string(), has ? verdict_word(judge(r, taken->second)) : ""},
                between);
    }
    return table;
}

std::string log_to_csv(const Plan& plan, char between) {
    auto table = row({"when", "kind", "about", "text"}, between);
    for (const auto& e : plan.log) table += row({e.when, e.kind, e.about, e.text}, between);
    return table;
}

}  // namespace sangre
