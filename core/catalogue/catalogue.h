#pragma once
// The parts a plan may name, read from data/ with a note of where each figure comes from.
#include <filesystem>
#include <string>
#include <tl/expected.hpp>
#include <vector>

#include "physics/parts/types.h"

namespace sangre {

struct Catalogue {
    std::vector<Insulation> insulations;
    std::vector<WireType> wires;
    std::vector<FuseFamily> fuses;
    std::vector<HolderType> holders;
    std::vector<Chemistry> chemistries;
    std::vector<CellType> cells;
    std::vector<ConverterType> converters;
    std::vector<ConnectorType> connectors;
    std::vector<SwitchType> switches;
    std::vector<TubeSize> tubes;
    std::vector<JointKind> joints;
    std::vector<InlinePart> inlines;
    std::vector<FittingType> fittings;
    std::vector<CrimpPart> crimps;
    std::vector<SupplyType> supplies;
    std::vector<Sundry> sundries;
    std::vector<std::string> refused;  ///< "FILE: /entries/3/name: reason" of what was left out
};

/// The entry of that id, or null. Ids of a plan may name parts that this catalogue does not hold.
template <class Entry>
const Entry* find(const std::vector<Entry>& entries, const Id& id) {
    for (const auto& e : entries)
        if (e.id == id) return &e;
    return nullptr;
}

/// Whether the shipped entries are held against their schema as well. The tests do; a start of the
/// application does not repeat what they proved, which would take most of its time.
enum class Shipped { trusted, checked };

/// Reads every *.json of data_directory/catalogue, then of `own`, whose entries extend the catalogue and
/// replace those of the same id. Own files and entries are checked against their schema; what does not fit is
/// left out and named in `refused` with file, path inside it and reason, and all the rest still loads. An
/// error only where the shipped catalogue cannot be listed.
tl::expected<Catalogue, std::string> load_catalogue(const std::filesystem::path& data_directory,
                                                    const std::filesystem::path& own = {},
                                                    Shipped shipped = Shipped::trusted);

/// The user's own catalogue files: $XDG_DATA_HOME/sangre/catalogue, or ~/.local/share/sangre/catalogue.
std::filesystem::path own_catalogue();

/// Where catalogue, schema and demos are: $SANGRE_DATA, beside the executable's ../share/sangre, or the
/// source tree.
std::filesystem::path data_directory();

}  // namespace sangre
