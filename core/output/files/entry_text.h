#pragma once
// Entries of the catalogue as lines: looked at, copied, changed, kept among the builder's own.
#include <filesystem>
#include <nlohmann/json.hpp>
#include <string>
#include <string_view>
#include <tl/expected.hpp>
#include <vector>

#include "base/units/number.h"

namespace sangre {

/// One entry of a catalogue file, as it stands there.
struct CatalogueEntry {
    std::string kind;  ///< of its file: "wire", "fuse"
    nlohmann::json keys;
    bool own = false;  ///< of the builder's own files
    std::string id() const { return keys.value("id", ""); }
    std::string name() const { return keys.value("name", id()); }
};

/// What can be said of an entry of a kind: the word that stands for each key of its file, in the order of its
/// schema.
struct EntryFact {
    std::string key, word;
    std::string form;                 ///< "number", "boolean", "text", "list"
    std::vector<std::string> values;  ///< that it may have, where they are counted
    bool required = false;
};

/// The kinds, in alphabetical order.
std::vector<std::string> entry_kinds(const std::filesystem::path& data);
/// Empty for a kind that there is not.
std::vector<EntryFact> entry_facts(const std::filesystem::path& data, const std::string& kind);

/// All that there are, shipped ones first; files that cannot be read are left out, as the catalogue says.
std::vector<CatalogueEntry> catalogue_entries(const std::filesystem::path& data,
                                              const std::filesystem::path& own);

/// "toggle switch 6 A, id toggle-6a, rated 6 A, breaks 32 V, …".
std::string entry_line(const std::filesystem::path& data, const CatalogueEntry& entry);
/// Reads such a line of that kind; the error points into it, or spans it where the whole does not hold
/// together. Without an id it gets one from its name; without a source that it was measured.
tl::expected<CatalogueEntry, ParseError> read_entry(const std::filesystem::path& data,
                                                    const std::string& kind, std::string_view line);

/// Keeps it in the builder's file of its kind, in place of the one with its id. Errors name the file.
tl::expected<void, std::string> keep_entry(const std::filesystem::path& own, const CatalogueEntry& entry);
/// Takes it out of there again.
tl::expected<void, std::string> drop_entry(const std::filesystem::path& own, const std::string& kind,
                                           const std::string& id);

}  // namespace sangre
