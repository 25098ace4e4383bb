#include <fmt/format.h>
#include <fmt/std.h>

#include <fstream>
#include <nlohmann/json.hpp>
#include <set>

#include "base/files/schema.h"
#include "base/words/say.h"
#include "catalogue/catalogue.h"
#include "catalogue/entries.h"
#include "catalogue/entry.h"
#include "physics/wire/conductor.h"

namespace sangre {
namespace {

namespace fs = std::filesystem;

/// What a file of each kind adds to.
template <class Visit>
void with_list(Catalogue& c, const std::string& kind, Visit visit) {
    if (kind == "insulation") visit(c.insulations);
    if (kind == "wire") visit(c.wires);
    if (kind == "fuse") visit(c.fuses);
    if (kind == "chemistry") visit(c.chemistries);
    if (kind == "cell") visit(c.cells);
    if (kind == "converter") visit(c.converters);
    if (kind == "connector") visit(c.connectors);
    if (kind == "switch") visit(c.switches);
    if (kind == "holder") visit(c.holders);
    if (kind == "tube") visit(c.tubes);
    if (kind == "joint") visit(c.joints);
    if (kind == "inline") visit(c.inlines);
    if (kind == "fitting") visit(c.fittings);
    if (kind == "crimp") visit(c.crimps);
    if (kind == "supply") visit(c.supplies);
    if (kind == "sundry") visit(c.sundries);
}

/// Why each entry does not fit the schema of its kind, empty for those that do; or what is wrong with the
/// file.
tl::expected<std::vector<std::string>, std::string> check(const fs::path& file, const fs::path& schemas) {
    const auto document = read_checked_json(file, schemas / "catalogue.schema.json");
    if (!document) return tl::unexpected(document.error());
    const auto schema = schemas / "entry" / (document->at("kind").get<std::string>() + ".schema.json");
    std::vector<std::string> misfits;
    for (const auto& entry : document->at("entries")) {
        const auto fits = check_schema(entry, schema, "");
        misfits.push_back(fits ? std::string()
                               : fits.error().substr(2));  // without the empty name and its colon
    }
    return misfits;
}

/// Adds a file's entries; `own` entries replace those of the same id, shipped ones must be new.
void add_file(Catalogue& into, simdjson::dom::parser& parser, const fs::path& file, const fs::path& data,
              bool own, bool checked) {
    const auto refuse = [&](const std::string& why) { into.refused.push_back(why); };
    std::vector<std::string> misfits;
    if (checked) {
        auto found = check(file, data / "schema");
        if (!found) return refuse(found.error());
        misfits = std::move(*found);
    }
    const auto text = read_text(file);
    if (!text) return refuse(text.error());
    simdjson::dom::element document, kind, entries;
    if (const auto broken = parser.parse(*text).get(document)) {
        // The other parser says where.
        const auto worded = parse_json(*text, file.string());
        return refuse(worded ? fmt::format("{}: {}", file.string(), simdjson::error_message(broken))
                             : worded.error());
    }
    if (document.at_key("kind").get(kind) || !kind.is_string() || document.at_key("entries").get(entries) ||
        !entries.is_array())
        return refuse(say("{file}: not a catalogue file: no kind or no entries", file.string()));
    with_list(into, Value(kind, "kind"), [&](auto& list) {
        std::set<Id> here;
        size_t i = 0;
        for (const auto j : Value(entries, "entries")) {
            typename std::remove_reference_t<decltype(list)>::value_type entry;
            const auto why = [&]() -> std::string {
                if (checked && !misfits[i].empty()) return misfits[i];
                try {
                    entry.id = j.at("id"), entry.source = j.at("source");
                    read(j, entry);
                } catch (const std::exception& e) {
                    return e.what();
                }
                if (!here.insert(entry.id).second || (!own && find(list, entry.id)))
                    return fmt::format("/id: “{}” is there twice", entry.id);
                return {};
            }();
            if (!why.empty())
                refuse(fmt::format("{}: /entries/{}{}", file.string(), i, why));
            else {
                if (own) std::erase_if(list, [&](const auto& e) { return e.id == entry.id; });
                list.push_back(std::move(entry));
            }
            ++i;
        }
    });
}

tl::expected<std::vector<fs::path>, std::string> json_files(const fs::path& folder) {
    std::vector<fs::path> files;
    std::error_code failed;
    for (const auto& entry : fs::directory_iterator(folder, failed))
        if (entry.path().extension() == ".json") files.push_back(entry.path());
    if (failed) return tl::unexpected(fmt::format("{}: {}", folder.string(), failed.message()));
    std::sort(files.begin(), files.end());
    return files;
}

/// Leaves out the entries that name another which is not there; `without` says which need none.
template <class List, class Others>
void drop_dangling(
    Catalogue& c, List& list, const Others& others, const char* what, Id List::value_type::*of,
    bool (*without)(const typename List::value_type&) = [](const auto&) { return false; }) {
    std::erase_if(list, [&](const auto& e) {
        if (without(e) || find(others, e.*of)) return false;
        c.refused.push_back(say("{id}: no {kind} “{of}” in the catalogue", e.id, what, e.*of));
        return true;
    });
}

}  // namespace

tl::expected<Catalogue, std::string> load_catalogue(const fs::path& data, const fs::path& own,
                                                    Shipped shipped) {
    Catalogue catalogue;
    simdjson::dom::parser parser;
    const auto files = json_files(data / "catalogue");
    if (!files) return tl::unexpected(files.error());
    for (const auto& file : *files)
        add_file(catalogue, parser, file, data, false, shipped == Shipped::checked);
    if (std::error_code ignored; !own.empty() && fs::is_directory(own, ignored)) {
        if (const auto mine = json_files(own))
            for (const auto& file : *mine) add_file(catalogue, parser, file, data, true, true);
        else
            catalogue.refused.push_back(mine.error());
    }
    drop_dangling(catalogue, catalogue.wires, catalogue.insulations, "insulation", &WireType::insulation);
    drop_dangling(catalogue, catalogue.cells, catalogue.chemistries, "chemistry", &CellType::chemistry);
    drop_dangling(catalogue, catalogue.holders, catalogue.wires, "wire", &HolderType::lead,
                  [](const HolderType& h) { return h.ways > 0; });
    std::stable_sort(catalogue.wires.begin(), catalogue.wires.end(),
                     [](const auto& a, const auto& b) { return a.area < b.area; });
    return catalogue;
}

fs::path own_catalogue() {
    if (const char* home = std::getenv("XDG_DATA_HOME"); home && *home)
        return fs::path(home) / "sangre" / "catalogue";
    const char* home = std::getenv("HOME");
    return home ? fs::path(home) / ".local" / "share" / "sangre" / "catalogue" : fs::path();
}

fs::path data_directory() {
    static const fs::path found = []() -> fs::path {
        if (const char* set = std::getenv("SANGRE_DATA")) return set;
        std::error_code ignored;
        const auto self = fs::read_symlink("/proc/self/exe", ignored);
        auto shared = self.parent_path() / ".." / "share" / "sangre";
        if (fs::exists(shared / "catalogue", ignored)) return shared;
        return SANGRE_SOURCE_DATA;
    }();
    return found;
}

}  // namespace sangre
