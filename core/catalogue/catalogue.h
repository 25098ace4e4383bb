#pragma once
// The parts a plan may name: all generic, all typical values with a note of where they come from, read from
// data/.
#include <array>
#include <filesystem>
#include <string>
#include <tl/expected.hpp>
#include <vector>

#include "units/quantity.h"

namespace sangre {

using Id = std::string;

struct Insulation {
    Id id;
    std::string name;
    Celsius max;                ///< continuous conductor temperature
    Celsius damage;             ///< conductor temperature that hurts it within seconds
    double conductivity = 0.2;  ///< W/(m·K)
    std::string source;
};

struct WireType {
    Id id;
    std::string size;  ///< "14 AWG" or "1.5 mm²"
    bool metric = false;
    SquareMillimetre area{};
    Millimetre conductor{};  ///< diameter over the strands
    Millimetre outer{};      ///< diameter over the insulation
    int strands = 1;
    double ohm_per_m = 0;  ///< at 20 °C, stranding included
    double gram_per_m = 0;
    Id insulation;
    std::string source;
};

/// One gate of a fuse family: at this multiple of the rating it opens between `fastest` and `slowest`.
struct Gate {
    double multiple = 0;
    Second fastest{};
    Second slowest{};
};

struct FuseFamily {
    Id id;
    std::string name;
    std::vector<Ampere> ratings;
    Volt voltage{};
    Ampere breaking{};
    std::vector<Gate> gates;
    Millimetre passes{};  ///< what a hole must clear for the holder to go through
    Gram mass{};
    double cost = 0;
    std::string source;
};

struct Chemistry {
    Id id;
    std::string name;
    Volt full{}, nominal{}, cutoff{}, charge{};  ///< per cell
    double mohm_ah = 0;                          ///< resistance times capacity, per cell
    double max_c = 1;                            ///< continuous discharge, multiples of capacity per hour
    double cold_factor = 2;                      ///< resistance at 0 °C over that at 20 °C
    double cold_capacity = 0.85;                 ///< usable capacity at 0 °C over that at 20 °C
    double wh_per_kg = 100;
    std::array<Volt, 11> rest{};  ///< rest voltage at 0, 10 … 100 % charge
    std::string caution;
    std::string source;
};

enum class ConverterKind { buck, boost, buck_boost, linear };

struct ConverterType {
    Id id;
    std::string name;
    ConverterKind kind = ConverterKind::buck;
    Volt in_min{}, in_max{}, out_min{}, out_max{};
    Ampere rated{};        ///< printed output current
    double trusted = 0.8;  ///< share of it that cheap modules are trusted to
    double efficiency = 0.9;
    Ampere quiescent{};
    Volt dropout{};
    double tolerance = 0.01;  ///< of the set voltage
    Gram mass{};
    double cost = 0;
    std::string source;
};

struct ConnectorType {
    Id id;
    std::string name;
    Ampere rated{};
    Volt voltage{};
    SquareMillimetre smallest{}, largest{};
    Ohm contact{};
    Millimetre passes{};
    Gram mass{};
    double cost = 0;
    std::string source;
};

struct SwitchType {
    Id id;
    std::string name;
    Ampere rated{};  ///< carries continuously
    Volt breaks{};   ///< DC voltage at which it breaks that current
    Ohm contact{};
    Gram mass{};
    double cost = 0;
    std::string source;
};

struct TubeSize {
    Id id;
    std::string name;
    Millimetre expanded{}, recovered{};
    bool adhesive = false;
    std::string source;
};

enum class JointMethod { solder, crimp, screw, lever };

struct JointKind {
    Id id;
    std::string name;
    JointMethod method = JointMethod::solder;
    Millimetre strip{};
    Millimetre overlap{};
    Celsius iron{};  ///< tip temperature, 0 where no iron is used
    Second dwell{};  ///< heat, per joint
    Ohm resistance{};
    bool tube = true;  ///< is insulated with tubing
    double minutes = 5;
    std::vector<std::string> tools;
    std::vector<std::string>
        actions;  ///< what the hands do, in order, after the tube waits and the end is stripped
    std::string caution;
    std::string source;
};

struct Catalogue {
    std::vector<Insulation> insulations;
    std::vector<WireType> wires;
    std::vector<FuseFamily> fuses;
    std::vector<Chemistry> chemistries;
    std::vector<ConverterType> converters;
    std::vector<ConnectorType> connectors;
    std::vector<SwitchType> switches;
    std::vector<TubeSize> tubes;
    std::vector<JointKind> joints;
};

/// The entry of that id, or null. Ids of a plan may name parts that this catalogue does not hold.
template <class Entry>
const Entry* find(const std::vector<Entry>& entries, const Id& id) {
    for (const auto& e : entries)
        if (e.id == id) return &e;
    return nullptr;
}

/// Reads every *.json below `directory` and checks it against its schema.
/// An unreadable file or entry is an error that names file, path inside it and reason.
tl::expected<Catalogue, std::string> load_catalogue(const std::filesystem::path& data_directory);

/// Where catalogue, schema and demos are: $SANGRE_DATA, beside the executable's ../share/sangre, or the
/// source tree.
std::filesystem::path data_directory();

}  // namespace sangre
