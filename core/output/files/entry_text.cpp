#include "output/files/entry_text.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>

#include "base/files/safe_write.h"
#include "base/files/schema.h"
#include "base/words/say.h"
#include "lines/amounts.h"
#include "lines/clauses.h"
#include "lines/facts.h"

namespace sangre {
namespace {

namespace fs = std::filesystem;
using json = nlohmann::json;

fs::path schema_of(const fs::path& data, const std::string& kind) {
    return data / "schema" / "entry" / (kind + ".schema.json");
}

/// Where the unit begins at the end of a key; npos where it has none that an amount could be said in.
size_t unit_in(const std::string& key) {
    const auto at = key.rfind('_');
    if (at == std::string::npos || key.find("_per_") != std::string::npos) return std::string::npos;
    constexpr std::array units{"mm2", "mm", "m", "V", "A", "Ah", "s", "W", "ohm", "F", "C", "K"};
    const auto unit = key.substr(at + 1);
    return std::find(units.begin(), units.end(), unit) == units.end() ? std::string::npos : at;
}

std::string spaced(std::string words) {
    std::replace(words.begin(), words.end(), '_', ' ');
    return words;
}

std::string amount(const std::string& key, double value) {
    return unit_in(key) == std::string::npos ? amount_text("", value) : amount_text(key, value);
}

ParseError wrong(const Clause& c, std::string message) { return {c.begin, c.end, std::move(message)}; }

/// The fact that a clause begins with, by its longest word; null where none does.
const EntryFact* fact_said(const std::vector<EntryFact>& facts, std::string_view text) {
    const EntryFact* best = nullptr;
    for (const auto& f : facts)
        if (begins_with(text, f.word) && (!best || f.word.size() > best->word.size())) best = &f;
    return best;
}

std::string words_of(const std::vector<EntryFact>& facts) {
    std::string all;
    for (const auto& f : facts)
        if (f.key != "name") all += (all.empty() ? "" : ", ") + f.word;
    return all;
}

tl::expected<json, std::string> value_said(const EntryFact& fact, std::string_view text) {
    if (fact.form == "boolean") {
        if (text.empty()) return true;
        return tl::unexpected(say("nothing is expected behind “{word}”", fact.word));
    }
    if (text.empty()) return tl::unexpected(say("a value is expected behind “{word}”", fact.word));
    if (fact.form == "number") {
        const auto read =
            read_amount_of(unit_in(fact.key) == std::string::npos ? std::string() : fact.key, text);
        if (!read) return tl::unexpected(read.error());
        // A whole number stays one.
        if (*read == std::floor(*read) && std::abs(*read) < 1e15) return static_cast<std::int64_t>(*read);
        return *read;
    }
    if (fact.form == "text") return unquoted(text);
    auto list = parse_json(unquoted(text), fact.word);
    if (!list || !list->is_array())
        return tl::unexpected(say("a list in quotes is expected: {word} \"[1, 2]\"", fact.word));
    return list;
}

fs::path file_of(const fs::path& own, const std::string& kind) { return own / (kind + ".json"); }

tl::expected<json, std::string> own_file(const fs::path& own, const std::string& kind) {
    std::error_code ignored;
    if (!fs::exists(file_of(own, kind), ignored))
        return json{
            {"format", "sangre-catalogue"}, {"version", 1}, {"kind", kind}, {"entries", json::array()}};
    auto read = read_json(file_of(own, kind));
    if (read && (!read->is_object() || !read->contains("entries") || !(*read)["entries"].is_array()))
        return tl::unexpected(say("{file}: no list of entries is in it", file_of(own, kind).string()));
    return read;
}

tl::expected<void, std::string> write_own(const fs::path& own, const std::string& kind, const json& file) {
    std::error_code failed;
    fs::create_directories(own, failed);
    if (failed) return tl::unexpected(fmt::format("{}: {}", own.string(), failed.message()));
    return write_whole(file.dump(1) + "\n", file_of(own, kind));
}

}  // namespace

std::vector<std::string> entry_kinds(const fs::path& data) {
    std::vector<std::string> kinds;
    std::error_code failed;
    for (const auto& file : fs::directory_iterator(data / "schema" / "entry", failed)) {
        const auto name = file.path().filename().string();
        kinds.push_back(name.substr(0, name.find('.')));
    }
    std::sort(kinds.begin(), kinds.end());
    return kinds;
}

std::vector<EntryFact> entry_facts(const fs::path& data, const std::string& kind) {
    std::vector<EntryFact> facts;
    const auto text = read_text(schema_of(data, kind));
    const auto schema =
        text ? nlohmann::ordered_json::parse(*text, nullptr, false) : nlohmann::ordered_json();
    if (!schema.is_object() || !schema.contains("properties")) return facts;
    for (const auto& [key, rules] : schema["properties"].items()) {
        EntryFact f{key, spaced(key.substr(0, unit_in(key))), "text", {}, false};
        const auto type = rules.value("type", std::string());
        if (type == "number" || type == "integer") f.form = "number";
        if (type == "boolean") f.form = "boolean";
        if (type == "array" || type == "object") f.form = "list";
        if (rules.contains("enum"))
            for (const auto& one : rules["enum"])
                if (one.is_string()) f.values.push_back(one.get<std::string>());
        for (const auto& one : schema.value("required", nlohmann::ordered_json::array()))
            f.required |= one == key;
        facts.push_back(std::move(f));
    }
    // Two keys of one word are told by their units.
    for (auto& f : facts)
        if (std::count_if(facts.begin(), facts.end(), [&](const auto& g) { return g.word == f.word; }) > 1)
            f.word = spaced(f.key);
    return facts;
}

std::vector<CatalogueEntry> catalogue_entries(const fs::path& data, const fs::path& own) {
    std::vector<CatalogueEntry> all;
    const auto take = [&](const fs::path& folder, bool mine) {
        std::vector<fs::path> files;
        std::error_code failed;
        for (const auto& file : fs::directory_iterator(folder, failed))
            if (file.path().extension() == ".json") files.push_back(file.path());
        std::sort(files.begin(), files.end());
        for (const auto& path : files) {
            const auto file = read_json(path);
            if (!file || !file->is_object() || !file->contains("entries")) continue;
            const auto kind = file->value("kind", std::string());
            for (const auto& entry : (*file)["entries"])
                if (entry.is_object()) all.push_back({kind, entry, mine});
        }
    };
    take(data / "catalogue", false);
    if (!own.empty()) take(own, true);
    return all;
}

std::string entry_line(const fs::path& data, const CatalogueEntry& entry) {
    auto line = clause_text(entry.name());
    for (const auto& f : entry_facts(data, entry.kind)) {
        if (f.key == "name" || !entry.keys.contains(f.key)) continue;
        const auto& v = entry.keys[f.key];
        std::string said;
        if (v.is_boolean()) {
            if (!v.get<bool>() && !f.required) continue;
            said = v.get<bool>() ? f.word : "no " + f.word;
        } else if (v.is_number())
            said = f.word + " " + amount(f.key, v.get<double>());
        else if (v.is_string())
            said = f.word + " " + clause_text(v.get<std::string>());
        else
            said = f.word + " " + in_quotes(v.dump());
        line += ", " + said;
    }
    return line;
}

tl::expected<CatalogueEntry, ParseError> read_entry(const fs::path& data, const std::string& kind,
                                                    std::string_view line) {
    const auto facts = entry_facts(data, kind);
    if (facts.empty())
        return tl::unexpected(ParseError{0, line.size(), say("there is no kind of part “{kind}”", kind)});
    const auto clauses = line_clauses(line);
    if (!clauses) return tl::unexpected(clauses.error());
    if (clauses->empty())
        return tl::unexpected(ParseError{0, line.size(), say("what it is called comes first")});
    CatalogueEntry entry{kind, json::object(), true};
    const auto name = unquoted(clauses->front().text);
    const bool named = std::any_of(facts.begin(), facts.end(), [](const auto& f) { return f.key == "name"; });
    if (named) entry.keys["name"] = name;
    for (size_t i = 1; i < clauses->size(); ++i) {
        const auto& c = (*clauses)[i];
        const bool off = c.text.starts_with("no ");
        const auto said = off ? c.text.substr(3) : c.text;
        const auto* fact = fact_said(facts, said);
        if (!fact || fact->key == "name" || (off && fact->form != "boolean"))
            return tl::unexpected(
                wrong(c, say("“{clause}” is not understood; of a {word} can be said: {list_of_words}", c.text,
                             kind, words_of(facts))));
        if (entry.keys.contains(fact->key))
            return tl::unexpected(wrong(c, say("“{word}” is said twice", fact->word)));
        auto rest = said.substr(std::min(said.size(), fact->word.size()));
        while (rest.starts_with(' ')) rest.remove_prefix(1);
        auto value = value_said(*fact, rest);
        if (!value) return tl::unexpected(wrong(c, value.error()));
        entry.keys[fact->key] = off ? json(false) : std::move(*value);
    }
    if (!entry.keys.contains("id")) {
        std::string id;
        for (const char letter : lower(name))
            if ((letter >= 'a' && letter <= 'z') || (letter >= '0' && letter <= '9'))
                id += letter;
            else if (!id.empty() && id.back() != '-')
                id += '-';
        while (id.ends_with('-')) id.pop_back();
        entry.keys["id"] = id.empty() ? "own-" + kind : id;
    }
    if (!entry.keys.contains("source")) entry.keys["source"] = "the builder's own";
    for (const auto& f : facts)
        if (f.required && !entry.keys.contains(f.key)) {
            if (f.form != "boolean")
                return tl::unexpected(
                    ParseError{0, line.size(),
                               say("“{word}” is missing{any||: one of {values}}", f.word, f.values.empty(),
                                   fmt::to_string(fmt::join(f.values, ", ")))});
            entry.keys[f.key] = false;
        }
    if (const auto checked = check_schema(entry.keys, schema_of(data, kind), name); !checked)
        return tl::unexpected(ParseError{0, line.size(), checked.error()});
    return entry;
}

tl::expected<void, std::string> keep_entry(const fs::path& own, const CatalogueEntry& entry) {
    if (own.empty())
        return tl::unexpected(std::string(say("there is no folder for parts of your own: HOME is not set")));
    auto file = own_file(own, entry.kind);
    if (!file) return tl::unexpected(file.error());
    auto& entries = (*file)["entries"];
    const auto there = std::find_if(entries.begin(), entries.end(), [&](const auto& e) {
        return e.is_object() && e.value("id", std::string()) == entry.id();
    });
    if (there == entries.end())
        entries.push_back(entry.keys);
    else
        *there = entry.keys;
    return write_own(own, entry.kind, *file);
}

tl::expected<void, std::string> drop_entry(const fs::path& own, const std::string& kind,
                                           const std::string& id) {
    auto file = own_file(own, kind);
    if (!file) return tl::unexpected(file.error());
    auto& entries = (*file)["entries"];
    const auto size = entries.size();
    entries.erase(
        std::remove_if(entries.begin(), entries.end(),
                       [&](const auto& e) { return e.is_object() && e.value("id", std::string()) == id; }),
        entries.end());
    if (entries.size() == size)
        return tl::unexpected(say("{file}: no “{part}” is in it", file_of(own, kind).string(), id));
    return write_own(own, kind, *file);
}

}  // namespace sangre
