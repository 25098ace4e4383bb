#include "lines/csv.h"

#include <fmt/format.h>

#include <algorithm>
#include <map>

#include "base/units/format.h"
#include "base/units/parse.h"
#include "base/words/say.h"
#include "plan/bare_volts.h"
#include "plan/load_text.h"

namespace sangre {
namespace {

constexpr std::string_view formula_begins = "=+-@\t\r";
constexpr char apostrophe = '\'';

void append_utf8(std::string& out, unsigned code) {
    if (code < 0x80)
        out += static_cast<char>(code);
    else if (code < 0x800)
        out += static_cast<char>(0xC0U | code >> 6U), out += static_cast<char>(0x80U | (code & 0x3FU));
    else
        out += static_cast<char>(0xE0U | code >> 12U), out += static_cast<char>(0x80U | (code >> 6U & 0x3FU)),
            out += static_cast<char>(0x80U | (code & 0x3FU));
}

bool is_utf8(const std::string& text) {
    for (size_t i = 0; i < text.size();) {
        const auto c = static_cast<unsigned char>(text[i]);
        const size_t more = c < 0x80 ? 0 : c >> 5U == 6 ? 1 : c >> 4U == 14 ? 2 : c >> 3U == 30 ? 3 : 9;
        if (more == 9 || i + more >= text.size() + (more == 0)) return false;
        for (size_t k = 1; k <= more; ++k)
            if ((static_cast<unsigned char>(text[i + k]) & 0xC0U) != 0x80) return false;
        i += more + 1;
    }
    return true;
}

char delimiter_of(const std::string& text) {
    bool comma = false, quoted = false, begins = true;
    for (const char c : text) {
        if (c == '"' && (quoted || begins)) quoted = !quoted;
        begins = !quoted && (c == ',' || c == ';' || c == '\t' || (begins && c == ' '));
        if (c == '\n' && !quoted) break;
        if (!quoted && (c == '\t' || c == ';')) return c;
        comma = comma || (!quoted && c == ',');
    }
    return comma ? ',' : '\t';
}

std::string trimmed(const std::string& s) {
    const auto begin = s.find_first_not_of(" \t\r");
    if (begin == std::string::npos) return {};
    return s.substr(begin, s.find_last_not_of(" \t\r") - begin + 1);
}

/// Without the apostrophe that keeps a spreadsheet from running it.
std::string unmasked(std::string cell) {
    if (cell.size() > 1 && cell[0] == apostrophe && formula_begins.find(cell[1]) != std::string_view::npos)
        cell.erase(0, 1);
    return cell;
}

/// A column's name and the unit that its heading gives to bare numbers: "current (mA)", "voltage_V", "peak
/// [A]".
struct Column {
    std::string name, unit;
};
Column column_of(const std::string& heading) {
    Column c{lower(heading), {}};
    for (const char* open : {"(", "[", "_", " in "}) {
        const auto at = heading.rfind(open);
        if (at == std::string::npos || at == 0) continue;
        auto unit = trimmed(heading.substr(at + std::string_view(open).size()));
        while (!unit.empty() && (unit.back() == ')' || unit.back() == ']')) unit.pop_back();
        if (!unit_symbol(unit)) continue;
        c = {trimmed(lower(heading.substr(0, at))), unit};
        break;
    }
    return c;
}

/// A bare number takes its column's unit.
std::string with_unit(const std::string& cell, const std::string& unit) {
    if (cell.empty() || unit.empty()) return cell;
    const auto number = scan_number(cell);
    const bool bare = number && number->end == cell.size();
    const auto range = read_amount(cell + " " + unit, 0);
    return bare || (range && range->is_range() && !unit_symbol(std::string(1, cell.back())))
               ? cell + " " + unit
               : cell;
}

/// A comma right between two digits, in a row that commas part.
bool decimal_comma(const std::string& row) {
    for (size_t i = 1; i + 1 < row.size(); ++i)
        if (row[i] == ',' && is_digit(row[i - 1]) && is_digit(row[i + 1])) return true;
    return false;
}

const char* usual_unit(const std::string& column) {
    return column == "voltage" ? "V" : column == "power" ? "W" : column.ends_with(" time") ? "s" : "A";
}

/// What people call the columns, each as it is known here.
const std::map<std::string, std::string>& column_names() {
    static const std::map<std::string, std::string> names{{"name", "name"},
                                                          {"voltage", "voltage"},
                                                          {"volts", "voltage"},
                                                          {"supply voltage", "voltage"},
                                                          {"current", "current"},
                                                          {"typical", "current"},
                                                          {"typical current", "current"},
                                                          {"amps", "current"},
                                                          {"amperes", "current"},
                                                          {"power", "power"},
                                                          {"watts", "power"},
                                                          {"typical power", "power"},
                                                          {"idle", "idle"},
                                                          {"idle current", "idle"},
                                                          {"standby", "idle"},
                                                          {"standby current", "idle"},
                                                          {"peak", "peak"},
                                                          {"peak current", "peak"},
                                                          {"peak power", "peak"},
                                                          {"max current", "peak"},
                                                          {"peak time", "peak time"},
                                                          {"peak duration", "peak time"},
                                                          {"start", "start"},
                                                          {"start current", "start"},
                                                          {"start-up current", "start"},
                                                          {"inrush", "start"},
                                                          {"inrush current", "start"},
                                                          {"stall", "start"},
                                                          {"stall current", "start"},
                                                          {"start time", "start time"},
                                                          {"inrush time", "start time"},
                                                          {"manner", "manner"},
                                                          {"kind", "manner"}};
    return names;
}
constexpr std::string_view known_columns =
    "name, voltage, current, power, idle, peak, peak time, start, start time, manner";

/// What is wrong with a table's headings: none of the columns, or one of them twice.
std::vector<CsvProblem> settle_header(std::vector<Column>& header, const CsvRow& row) {
    std::vector<CsvProblem> problems;
    for (size_t i = 0; i < header.size(); ++i) {
        auto& column = header[i];
        if (column.name.empty()) continue;
        const auto known = column_names().find(column.name);
        if (known == column_names().end()) {
            problems.push_back(
                {row.line, say("The heading “{cells}” is no column of loads; {known_columns} are.",
                               row.cells[i], known_columns)});
            continue;
        }
        column.name = known->second;
        for (size_t k = 0; k < i; ++k)
            if (header[k].name == column.name)
                problems.push_back(
                    {row.line, say("The headings “{cells}” and “{cells_2}” are both {column}: one is enough.",
                                   row.cells[k], row.cells[i], column.name)});
    }
    return problems;
}

/// The cells of a row by their columns, or what keeps them from being read.
tl::expected<std::map<std::string, std::string>, std::string> cells_of(const CsvRow& row,
                                                                       const std::vector<Column>& header,
                                                                       const std::vector<std::string>& said) {
    std::map<std::string, std::string> cells;
    for (size_t i = 0; i < row.cells.size(); ++i) {
        const auto& cell = row.cells[i];
        if (i >= header.size()) {
            if (cell.empty()) continue;
            return tl::unexpected(
                say("{count} cells under {count_2} headings: is a decimal comma taken for the end of a "
                    "cell? Write 12.5, or put quotation marks round it.",
                    row.cells.size(), header.size()));
        }
        if (header[i].name.empty()) {
            if (!cell.empty()) return tl::unexpected(say("“{cell}” stands under no heading.", cell));
            continue;
        }
        const auto number = scan_number(cell);
        if (header[i].name != "name" && header[i].name != "manner" && header[i].unit.empty() && number &&
            number->end == cell.size())
            return tl::unexpected(
                say("“{cell}” under “{heading}” has no unit: write {cell} {usual_unit}, or head the column "
                    "{heading} ({usual_unit}).",
                    cell, said[i], usual_unit(header[i].name)));
        cells[header[i].name] = with_unit(cell, header[i].unit);
    }
    return cells;
}

/// A row under a header becomes the line a builder would have typed.
std::string line_from(const std::map<std::string, std::string>& cells) {
    const auto cell = [&](const char* key) {
        const auto found = cells.find(key);
        return found == cells.end() ? std::string() : found->second;
    };
    std::string line = cell("name");
    const auto add = [&](const std::string& before, const std::string& value) {
        if (!value.empty()) line += " " + before + value;
    };
    add("", cell("voltage")), add("", cell("current")), add("", cell("power"));
    add("idle ", cell("idle"));
    add("peak ", cell("peak"));
    if (!cell("peak").empty()) add("", cell("peak time"));
    add("start ", cell("start"));
    if (!cell("start").empty()) add("", cell("start time"));
    add("", cell("manner"));
    return line;
}

}  // namespace

std::vector<CsvRow> parse_csv(const std::string& text) {
    const char delimiter = delimiter_of(text);
    std::vector<CsvRow> rows;
    CsvRow row{1, {}, {}, {}};
    std::string cell;
    size_t begun = 0;
    size_t line = 1, opened = 0;
    bool quoted = false;
    const auto end_row = [&](size_t end) {
        row.text = trimmed(text.substr(begun, end - begun)), begun = end + 1;
        row.cells.push_back(unmasked(trimmed(cell)));
        cell.clear();
        // Spreadsheets end their tables with rows of nothing but marks.
        const bool blank =
            std::all_of(row.cells.begin(), row.cells.end(), [](const auto& c) { return c.empty(); });
        if (!blank && !row.cells[0].starts_with('#')) rows.push_back(std::move(row));
        row = {line + 1, {}, {}, {}};
    };
    for (size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (quoted) {
            if (c == '"' && i + 1 < text.size() && text[i + 1] == '"')
                cell += '"', ++i;
            else if (c == '"')
                quoted = false;
            else
                cell += c;
            if (c == '\n') ++line;
        } else if (c == '"' && trimmed(cell).empty())
            quoted = true, opened = line;
        else if (c == delimiter)
            row.cells.push_back(unmasked(trimmed(cell))), cell.clear();
        else if (c == '\n')
            end_row(i), ++line;
        else
            cell += c;
    }
    if (!cell.empty() || !row.cells.empty()) end_row(text.size());
    if (quoted && !rows.empty()) rows.back().open_quote = opened;
    return rows;
}

std::string csv_cell(const std::string& said) {
    std::string text;
    for (const char c : said)
        text += static_cast<unsigned char>(c) < 0x20 && c != '\n' && c != '\t' ? ' ' : c;
    // A spreadsheet runs what begins like a formula; behind an apostrophe it is text.
    if (!text.empty() && formula_begins.find(text[0]) != std::string_view::npos && !plain_number(text))
        text.insert(0, 1, apostrophe);
    if (text.find_first_of(",;\t\"\n") == std::string::npos) return text;
    std::string quoted = "\"";
    for (const char c : text) quoted += c == '"' ? "\"\"" : std::string(1, c);
    return quoted + "\"";
}

std::string as_utf8(std::string text) {
    const auto from_16 = [&](size_t low, size_t high) {
        std::string out;
        for (size_t i = 2; i + 1 < text.size(); i += 2) {
            unsigned code = static_cast<unsigned char>(text[i + low]) |
                            static_cast<unsigned>(static_cast<unsigned char>(text[i + high])) << 8U;
            if (code >= 0xD800 && code < 0xE000) code = 0xFFFD;
            append_utf8(out, code);
        }
        return out;
    };
    if (text.starts_with("\xEF\xBB\xBF")) return text.substr(3);
    if (text.starts_with("\xFF\xFE")) return from_16(0, 1);
    if (text.starts_with("\xFE\xFF")) return from_16(1, 0);
    if (is_utf8(text)) return text;
    // Not Unicode: one byte a letter, as older Western programs write.
    std::string out;
    for (const char c : text) append_utf8(out, static_cast<unsigned char>(c));
    return out;
}

tl::expected<std::vector<Load>, std::vector<CsvProblem>> loads_from_csv(const std::string& text) {
    const auto rows = parse_csv(as_utf8(text));
    std::vector<Load> loads;
    std::vector<CsvProblem> problems;
    std::vector<Column> header;
    Plan ids;
    if (!rows.empty() && rows.back().open_quote)
        return tl::unexpected(std::vector<CsvProblem>{
            {*rows.back().open_quote,
             say("A quotation mark opens here and is not closed: close it, or take it away.")}});
    if (!rows.empty() && lower(rows[0].cells[0]) == "name")
        for (const auto& h : rows[0].cells) header.push_back(column_of(h));
    if (!header.empty())
        if (auto wrong = settle_header(header, rows[0]); !wrong.empty()) return tl::unexpected(wrong);
    for (size_t r = header.empty() ? 0 : 1; r < rows.size(); ++r) {
        std::string line;
        const bool as_typed = rows[r].text.find_first_of("\"\t'") == std::string::npos;
        if (header.empty() && as_typed && rows[r].cells.size() > 2 && decimal_comma(rows[r].text)) {
            problems.push_back(
                {rows[r].line,
                 say("Is a comma between digits in “{rows}” a decimal one, or does it end a cell? "
                     "Write 1.5, or put a semicolon between the cells.",
                     rows[r].text)});
            continue;
        }
        if (header.empty() && as_typed)
            line = rows[r].text;  // whole: a comma in it may be a decimal one
        else if (header.empty())
            for (const auto& c : rows[r].cells) line += (line.empty() ? "" : " ") + c;
        else {
            const auto cells = cells_of(rows[r], header, rows[0].cells);
            if (!cells) {
                problems.push_back({rows[r].line, cells.error()});
                continue;
            }
            line = line_from(*cells);
        }
        auto read = parse_load(line);
        for (const auto& p : read.problems)
            problems.push_back({rows[r].line, fmt::format("“{}”: {}",
                                                          p.end > p.begin && p.end <= line.size()
                                                              ? line.substr(p.begin, p.end - p.begin)
                                                              : line,
                                                          p.message)});
        if (!read.complete()) continue;
        for (auto& load : read.each()) {
            load.id = fresh_id(ids, "load", load.name);
            ids.loads.push_back(load);
            loads.push_back(std::move(load));
        }
    }
    if (loads.empty() && problems.empty()) problems.push_back({1, say("There are no loads in this table.")});
    if (!problems.empty()) return tl::unexpected(problems);
    return loads;
}

std::string loads_to_csv(const std::vector<Load>& loads) {
    std::string text = "name,voltage,current,idle,peak,peak time,start,start time,manner\n";
    for (const auto& l : loads) {
        std::string manner;
        for (const auto& c : load_chips(l))
            if (c.kind == LoadChip::Kind::manner) manner += (manner.empty() ? "" : " ") + c.text;
        const auto exact = [](double value, const char* unit) { return exact_number(value) + " " + unit; };
        const auto amount = [&](Ampere a) {
            if (raw(a) <= 0) return std::string();
            return l.kind == LoadKind::power ? exact(raw(a) * raw(l.nominal), "W") : exact(raw(a), "A");
        };
        const auto draws = l.kind == LoadKind::resistance
                               ? exact(raw(l.nominal) / std::max(raw(l.typical), 1e-9), "Ω")
                               : amount(l.typical);
        const auto volts = l.range_assumed && has_bare_range(l)
                               ? exact(raw(l.nominal), "V")
                               : exact_number(raw(l.v_min)) + "–" + exact(raw(l.v_max), "V");
        const bool peaks = l.peak > l.typical, starts = raw(l.start) > 0;
        for (const auto& cell : {l.name, volts, draws, amount(l.idle), peaks ? amount(l.peak) : "",
                                 peaks ? exact(raw(l.peak_time), "s") : "", starts ? amount(l.start) : "",
                                 starts ? exact(raw(l.start_time), "s") : ""})
            text += csv_cell(cell) + ",";
        text += csv_cell(manner) + "\n";
    }
    return text;
}

}  // namespace sangre
