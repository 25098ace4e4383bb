#pragma once
// Tables in and out: comma, semicolon or tab, with quotes; UTF-8.
#include <optional>
#include <string>
#include <tl/expected.hpp>
#include <vector>

#include "plan/plan.h"

namespace sangre {

struct CsvRow {
    size_t line = 0;  ///< in the text, from 1
    std::vector<std::string> cells;
    std::string text{};  ///< the row as it stands
    /// The line of a quotation mark that is never closed; of the last row only.
    std::optional<size_t> open_quote{};
};

/// Splits a table. The delimiter is the first of tab, semicolon, comma that the first line holds outside
/// quotes. A quotation mark quotes where a cell begins; inside one it is an inch. Blank rows and lines that
/// start with # are passed over.
std::vector<CsvRow> parse_csv(const std::string& text);

/// One cell, quoted where it must be.
std::string csv_cell(const std::string& text);

struct CsvProblem {
    size_t line = 0;
    std::string message;
};

/// Loads from a table, pasted or read. With a header that starts with "name", the columns are name, voltage,
/// current (or power), idle, peak, peak time, start, start time, manner, in any order and as people call them
/// ("peak current (A)"); otherwise each line is a load as it is typed. A heading that is no such column, a
/// row longer than the headings and a number without a unit are refused. Every line that is not understood is
/// named; then nothing is taken.
tl::expected<std::vector<Load>, std::vector<CsvProblem>> loads_from_csv(const std::string& text);

/// The same table from loads, to paste into a spreadsheet.
std::string loads_to_csv(const std::vector<Load>& loads);

/// A table's text in UTF-8 without a mark before it: UTF-16 with its mark is turned, and bytes that are no
/// UTF-8 are taken for Latin-1.
std::string as_utf8(std::string text);

}  // namespace sangre
