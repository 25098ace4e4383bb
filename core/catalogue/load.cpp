#include <fmt/format.h>
#include <fmt/std.h>

#include <fstream>
#include <nlohmann/json.hpp>

#include "catalogue/catalogue.h"
#include "files/schema.h"
#include "wire/conductor.h"

namespace sangre {
namespace {

using json = nlohmann::json;
namespace fs = std::filesystem;

template <class Quantity>
Quantity as(const json& j, const char* key) {
    return Quantity(j.at(key).get<double>());
}
std::string text(const json& j, const char* key) { return j.value(key, std::string()); }

Insulation insulation(const json& j) {
    return {j.at("id"),
            j.at("name"),
            as<Celsius>(j, "max_C"),
            as<Celsius>(j, "damage_C"),
            j.at("conductivity_W_per_mK"),
            j.at("source")};
}

WireType wire(const json& j) {
    WireType w;
    w.id = j.at("id");
    w.insulation = j.at("insulation");
    w.outer = as<Millimetre>(j, "outer_mm");
    w.strands = j.at("strands");
    w.gram_per_m = j.at("mass_g_per_m");
    w.source = j.at("source");
    w.metric = j.contains("area_mm2");
    if (w.metric) {
        w.area = as<SquareMillimetre>(j, "area_mm2");
        w.size = fmt::format("{} mm²", j.at("area_mm2").get<double>());
        w.ohm_per_m = j.at("max_resistance_ohm_per_km").get<double>() / 1e3;
    } else {
        const int gauge = j.at("awg");
        w.area = awg_area(gauge);
        w.size = fmt::format("{} AWG", gauge);
        w.ohm_per_m = resistance_per_metre(w.area, Stranding::stranded);
    }
    w.conductor = as<Millimetre>(j, "conductor_mm");
    return w;
}

FuseFamily fuse(const json& j) {
    FuseFamily f;
    f.id = j.at("id");
    f.name = j.at("name");
    for (const double r : j.at("ratings_A")) f.ratings.emplace_back(r);
    f.voltage = as<Volt>(j, "voltage_V");
    f.breaking = as<Ampere>(j, "breaking_A");
    for (const auto& g : j.at("gates"))
        f.gates.push_back({g.at("multiple"), as<Second>(g, "fastest_s"), as<Second>(g, "slowest_s")});
    f.passes = as<Millimetre>(j, "passes_mm");
    f.mass = as<Gram>(j, "mass_g");
    f.cost = j.at("cost");
    f.source = j.at("source");
    return f;
}

Chemistry chemistry(const json& j) {
    Chemistry c;
    c.id = j.at("id");
    c.name = j.at("name");
    c.full = as<Volt>(j, "full_V");
    c.nominal = as<Volt>(j, "nominal_V");
    c.cutoff = as<Volt>(j, "cutoff_V");
    c.charge = as<Volt>(j, "charge_V");
    c.mohm_ah = j.at("resistance_mohm_Ah");
    c.max_c = j.at("max_C_rate");
    c.cold_factor = j.at("resistance_factor_0C");
    c.cold_capacity = j.at("capacity_factor_0C");
    c.wh_per_kg = j.at("specific_energy_Wh_per_kg");
    for (size_t i = 0; i < c.rest.size(); ++i)
        c.rest[i] = Volt(j.at("rest_V_by_10_percent").at(i).get<double>());
    c.caution = text(j, "caution");
    c.source = j.at("source");
    return c;
}

ConverterType converter(const json& j) {
    static const std::map<std::string, ConverterKind> kinds{{"buck", ConverterKind::buck},
                                                            {"boost", ConverterKind::boost},
                                                            {"buck-boost", ConverterKind::buck_boost},
                                                            {"linear", ConverterKind::linear}};
    ConverterType c;
    c.id = j.at("id");
    c.name = j.at("name");
    c.kind = kinds.at(j.at("kind"));
    c.in_min = as<Volt>(j, "in_min_V");
    c.in_max = as<Volt>(j, "in_max_V");
    c.out_min = as<Volt>(j, "out_min_V");
    c.out_max = as<Volt>(j, "out_max_V");
    c.rated = as<Ampere>(j, "rated_A");
    c.trusted = j.at("trusted_share");
    c.efficiency = j.at("efficiency");
    c.quiescent = as<Ampere>(j, "quiescent_A");
    c.dropout = as<Volt>(j, "dropout_V");
    c.tolerance = j.at("tolerance");
    c.mass = as<Gram>(j, "mass_g");
    c.cost = j.at("cost");
    c.source = j.at("source");
    return c;
}

ConnectorType connector(const json& j) {
    return {j.at("id"),
            j.at("name"),
            as<Ampere>(j, "rated_A"),
            as<Volt>(j, "voltage_V"),
            as<SquareMillimetre>(j, "smallest_mm2"),
            as<SquareMillimetre>(j, "largest_mm2"),
            as<Ohm>(j, "contact_ohm"),
            as<Millimetre>(j, "passes_mm"),
            as<Gram>(j, "mass_g"),
            j.at("cost"),
            j.at("source")};
}

SwitchType switch_type(const json& j) {
    return {j.at("id"),
            j.at("name"),
            as<Ampere>(j, "rated_A"),
            as<Volt>(j, "breaks_V"),
            as<Ohm>(j, "contact_ohm"),
            as<Gram>(j, "mass_g"),
            j.at("cost"),
            j.at("source")};
}

TubeSize tube(const json& j) {
    return {
        j.at("id"),       j.at("name"),  as<Millimetre>(j, "expanded_mm"), as<Millimetre>(j, "recovered_mm"),
        j.at("adhesive"), j.at("source")};
}

JointKind joint(const json& j) {
    static const std::map<std::string, JointMethod> methods{{"solder", JointMethod::solder},
                                                            {"crimp", JointMethod::crimp},
                                                            {"screw", JointMethod::screw},
                                                            {"lever", JointMethod::lever}};
    JointKind k;
    k.id = j.at("id");
    k.name = j.at("name");
    k.method = methods.at(j.at("method"));
    k.strip = as<Millimetre>(j, "strip_mm");
    k.overlap = as<Millimetre>(j, "overlap_mm");
    k.iron = as<Celsius>(j, "iron_C");
    k.dwell = as<Second>(j, "dwell_s");
    k.resistance = as<Ohm>(j, "resistance_ohm");
    k.tube = j.at("tube");
    k.minutes = j.at("minutes");
    k.tools = j.at("tools").get<std::vector<std::string>>();
    k.actions = j.at("actions").get<std::vector<std::string>>();
    k.caution = text(j, "caution");
    k.source = j.at("source");
    return k;
}

tl::expected<void, std::string> add_file(Catalogue& into, const fs::path& file, const fs::path& data) {
    auto document = read_checked_json(file, data / "schema" / "catalogue.schema.json");
    if (!document) return tl::unexpected(document.error());
    const std::string kind = document->at("kind");
    const auto& entries = document->at("entries");
    const auto read = [&](auto& list, auto make) {
        for (size_t i = 0; i < entries.size(); ++i) {
            auto entry = make(entries[i]);
            if (find(list, entry.id))
                throw std::runtime_error(fmt::format("/entries/{}/id: “{}” is there twice", i, entry.id));
            list.push_back(std::move(entry));
        }
    };
    try {
        if (kind == "insulation")
            read(into.insulations, insulation);
        else if (kind == "wire")
            read(into.wires, wire);
        else if (kind == "fuse")
            read(into.fuses, fuse);
        else if (kind == "chemistry")
            read(into.chemistries, chemistry);
        else if (kind == "converter")
            read(into.converters, converter);
        else if (kind == "connector")
            read(into.connectors, connector);
        else if (kind == "switch")
            read(into.switches, switch_type);
        else if (kind == "tube")
            read(into.tubes, tube);
        else
            read(into.joints, joint);
    } catch (const std::exception& e) {
        return tl::unexpected(fmt::format("{}: {}", file.string(), e.what()));
    }
    return {};
}

}  // namespace

tl::expected<Catalogue, std::string> load_catalogue(const fs::path& data) {
    Catalogue catalogue;
    std::vector<fs::path> files;
    std::error_code failed;
    for (const auto& entry : fs::directory_iterator(data / "catalogue", failed))
        if (entry.path().extension() == ".json") files.push_back(entry.path());
    if (failed) return tl::unexpected(fmt::format("{}: {}", (data / "catalogue").string(), failed.message()));
    std::sort(files.begin(), files.end());
    for (const auto& file : files)
        if (auto added = add_file(catalogue, file, data); !added) return tl::unexpected(added.error());
    for (const auto& w : catalogue.wires)
        if (!find(catalogue.insulations, w.insulation))
            return tl::unexpected(
                fmt::format("wire {}: no insulation “{}” in the catalogue", w.id, w.insulation));
    std::stable_sort(catalogue.wires.begin(), catalogue.wires.end(),
                     [](const auto& a, const auto& b) { return a.area < b.area; });
    return catalogue;
}

fs::path data_directory() {
    if (const char* set = std::getenv("SANGRE_DATA")) return set;
    std::error_code ignored;
    const auto self = fs::read_symlink("/proc/self/exe", ignored);
    const auto shared = self.parent_path() / ".." / "share" / "sangre";
    if (fs::exists(shared / "catalogue", ignored)) return shared;
    return SANGRE_SOURCE_DATA;
}

}  // namespace sangre
