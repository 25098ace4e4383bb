#include "output/files/plan_upgrade.h"

#include <fmt/format.h>

#include <nlohmann/json.hpp>
#include <set>

#include "lines/field_types.h"

namespace sangre {
namespace {

using json = nlohmann::json;

/// Nor did a cable feed anything, whatever its cores.
void upgrade_leads_from_2(json& document) {
    json leads = json::array();
    for (const char* key : {"feeds", "cables"}) {
        const auto found = document.find(key);
        if (found == document.end()) continue;
        if (!found->is_array()) throw BadPlace{std::string("/") + key, "a list is expected here"};
        for (size_t i = 0; i < found->size(); ++i) {
            auto lead = (*found)[i];
            if (!lead.is_object()) throw BadPlace{fmt::format("/{}/{}", key, i), "a lead is expected here"};
            const bool feed = key == std::string("feeds");
            lead["carries"] = feed ? "supply" : "signals";
            if (const auto devices = lead.find("devices"); feed && devices != lead.end()) {
                lead["items"] = *devices;
                lead.erase("devices");
            }
            leads.push_back(std::move(lead));
        }
        document.erase(key);
    }
    if (!leads.empty()) document["leads"] = std::move(leads);
}

}  // namespace

/// Version 1 named the drop limit in percent and had no metal_frame.
void upgrade_from_1(json& document) {
    const auto practices = document.find("practices");
    if (practices == document.end() || !practices->is_object()) return;
    const auto percent = practices->find("drop_limit_percent");
    if (percent == practices->end()) return;
    if (!percent->is_number()) throw BadPlace{"/practices/drop_limit_percent", "a number is expected here"};
    const double share = percent->get<double>() / 100;
    practices->erase("drop_limit_percent");
    (*practices)["drop_limit"] = share;
}

/// A passage was a way with one thing on it at the most.
void upgrade_passages(json& document) {
    const auto found = document.find("passages");
    if (found == document.end()) return;
    if (!found->is_array()) throw BadPlace{"/passages", "a list is expected here"};
    std::set<std::string> taken;
    for (const auto& [key, list] : document.items())
        if (list.is_array())
            for (const auto& one : list)
                if (one.is_object() && one.contains("id") && one["id"].is_string()) taken.insert(one["id"]);
    json ways = document.value("ways", json::array()), openings = document.value("openings", json::array());
    for (size_t i = 0; i < found->size(); ++i) {
        auto way = (*found)[i];
        if (!way.is_object()) throw BadPlace{fmt::format("/passages/{}", i), "a way is expected here"};
        const auto kind = way.value("kind", json("open"));
        const auto bore = way.value("hole_mm", json(0.0));
        way.erase("kind"), way.erase("hole_mm");
        if (kind == "hole" || kind == "gland") {
            const auto plain =
                (way.contains("id") && way["id"].is_string() ? way["id"].get<std::string>() : "way") +
                "-opening";
            auto id = plain;
            for (int n = 2; !taken.insert(id).second; ++n) id = fmt::format("{}-{}", plain, n);
            openings.push_back(
                {{"id", id}, {"kind", kind == "hole" ? "grommet" : "gland"}, {"bore_mm", bore}});
            way["on_it"] = json::array({{{"kind", "opening"}, {"opening", id}}});
        } else if (kind != "open")
            way["on_it"] = json::array({{{"kind", kind}}});
        ways.push_back(std::move(way));
    }
    document.erase("passages");
    document["ways"] = std::move(ways);
    if (!openings.empty()) document["openings"] = std::move(openings);
}

/// Version 2 knew no sources but packs.
void upgrade_from_2(json& document) {
    upgrade_leads_from_2(document);
    const auto batteries = document.find("batteries");
    if (batteries == document.end()) return;
    if (!batteries->is_array()) throw BadPlace{"/batteries", "a list is expected here"};
    json sources = json::array();
    for (size_t i = 0; i < batteries->size(); ++i) {
        auto source = (*batteries)[i];
        if (!source.is_object())
            throw BadPlace{fmt::format("/batteries/{}", i), "a battery is expected here"};
        source["kind"] = "pack";
        sources.push_back(std::move(source));
    }
    document.erase("batteries");
    document["sources"] = std::move(sources);
}

}  // namespace sangre
