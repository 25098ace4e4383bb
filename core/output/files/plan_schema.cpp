#include "output/files/plan_schema.h"

#include <fmt/format.h>

#include <nlohmann/json.hpp>

#include "base/files/schema.h"
#include "base/words/say.h"
#include "catalogue/catalogue.h"
#include "lines/field_types.h"

namespace sangre {
namespace {

using schema_json = nlohmann::ordered_json;

template <class T>
inline constexpr bool is_optional = false;
template <class T>
inline constexpr bool is_optional<std::optional<T>> = true;

/// Visits the fields of a record and says of each what it is.
struct Describer {
    schema_json properties = schema_json::object();
    /// Every field is described, whatever a record holds.
    static constexpr bool either() { return true; }

    void leads(std::vector<Lead>&) {
        auto lead = record<Lead>();
        lead["properties"]["carries"] = {{"enum", {"supply", "signals"}}};
        properties["leads"] = {{"type", "array"}, {"items", std::move(lead)}};
    }
    template <class T>
    static schema_json record() {
        Describer inner;
        T blank{};
        describe(inner, blank);
        return {{"type", "object"}, {"properties", std::move(inner.properties)}};
    }
    template <class T>
    static void describe(Describer& d, T& blank) {
        plan_fields::visit(d, blank);
    }
    /// Which keys a source has follows from its kind: all of them are described.
    static void describe(Describer& d, Source& blank) {
        for (const auto& [kind, name] : names(blank.kind)) {
            blank.kind = kind;
            plan_fields::visit(d, blank);
        }
    }
    template <class T>
    static schema_json type_of() {
        if constexpr (std::is_enum_v<T>) {
            schema_json allowed = schema_json::array();
            for (const auto& [value, name] : names(T{})) allowed.push_back(std::string(name));
            return {{"enum", std::move(allowed)}};
        } else if constexpr (is_optional<T>)
            return type_of<typename T::value_type>();
        else if constexpr (is_list<T>)
            return {{"type", "array"}, {"items", type_of<typename T::value_type>()}};
        else if constexpr (requires { typename T::mapped_type; })
            return {{"type", "object"}, {"additionalProperties", type_of<typename T::mapped_type>()}};
        else if constexpr (std::is_same_v<T, bool>)
            return {{"type", "boolean"}};
        else if constexpr (std::is_integral_v<T>)
            return {{"type", "integer"}};
        else if constexpr (Unit<T> || std::is_floating_point_v<T>)
            return {{"type", "number"}};
        else if constexpr (std::is_same_v<T, std::string>)
            return {{"type", "string"}};
        else
            return record<T>();
    }
    template <class T>
    void operator()(const char* key, T&) {
        properties[key] = type_of<T>();
    }
};

struct NoField {
    std::string path;
};

/// Adds what the limits say to what the fields say; they describe no key of their own.
void add_limits(schema_json& to, const schema_json& limits, const std::string& path) {
    if (limits.contains("$ref")) {
        to = limits;
        return;
    }
    for (const auto& [key, value] : limits.items()) {
        const auto at = fmt::format("{}/{}", path, key);
        if (key == "properties") {
            for (const auto& [name, of] : value.items()) {
                const auto inside = fmt::format("{}/{}", at, name);
                if (!to.contains("properties") || !to["properties"].contains(name)) throw NoField{inside};
                add_limits(to["properties"][name], of, inside);
            }
        } else if (key == "items" || (key == "additionalProperties" && value.is_object())) {
            if (!to.contains(key)) throw NoField{at};
            add_limits(to[key], value, at);
        } else
            to[key] = value;
    }
}

}  // namespace

tl::expected<std::string, std::string> plan_schema() {
    const auto file = data_directory() / "schema" / "plan.limits.json";
    const auto read = read_json(file);
    if (!read) return tl::unexpected(read.error());
    const auto limits = schema_json::parse(read->dump());
    schema_json schema{{"$schema", "http://json-schema.org/draft-07/schema#"}};
    auto plan = Describer::record<Plan>();
    schema_json head = schema_json::object();
    head["format"] = {{"enum", {"sangre-plan"}}};
    head["version"] = {{"type", "integer"}, {"minimum", 1}};
    for (const auto& [key, value] : plan["properties"].items()) head[key] = value;
    plan["properties"] = std::move(head);
    for (const auto& [key, value] : plan.items()) schema[key] = value;
    try {
        add_limits(schema, limits, "");
    } catch (const NoField& none) {
        return tl::unexpected(
            say("{file}: {path}: no field of a plan is called so", file.string(), none.path));
    }
    return schema.dump(1, ' ') + "\n";
}

}  // namespace sangre
