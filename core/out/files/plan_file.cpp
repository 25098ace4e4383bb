#include "files/plan_file.h"

#include <fmt/format.h>

#include <nlohmann/json.hpp>
#include <set>
#include <type_traits>
#include <unordered_map>
#include <unordered_set>

#include "catalogue/catalogue.h"
#include "files/plan_fields.h"
#include "files/schema.h"
#include "plan/lead_edits.h"

namespace sangre {
namespace {

using json = nlohmann::json;
using ordered = nlohmann::ordered_json;

template <class T>
concept Unit = requires(T q) {
    q.template to<double>();
};
template <class T>
inline constexpr bool is_list = false;
template <class T>
inline constexpr bool is_list<std::vector<T>> = true;
template <class T>
concept Record = requires(T& r, json& j) {
    plan_fields::visit(j, r);
};

/// Writes a value's fields in their listed order, then the kept unknown keys.
struct Writer {
    ordered out = ordered::object();
    /// True where fields are wanted whatever they hold.
    static constexpr bool either() { return false; }

    /// Both lists as one; each says what it carries.
    void leads(const std::vector<Lead>& feeds, const std::vector<Lead>& cables) {
        ordered all = ordered::array();
        for (const auto* list : {&feeds, &cables})
            for (const auto& lead : *list) {
                ordered one = ordered::object();
                const auto body = value(lead);
                for (const auto& [key, item] : body.items()) {
                    one[key] = item;
                    if (key == "to") one["carries"] = list == &feeds ? "supply" : "signals";
                }
                all.push_back(std::move(one));
            }
        if (!all.empty()) out["leads"] = std::move(all);
    }

    template <class T>
    static ordered value(const T& v) {
        if constexpr (Unit<T>)
            return raw(v);
        else if constexpr (std::is_enum_v<T>) {
            for (const auto& [e, name] : names(v))
                if (e == v) return std::string(name);
            return nullptr;
        } else if constexpr (Record<T>) {
            Writer w;
            plan_fields::visit(w, const_cast<T&>(v));
            if constexpr (requires { v.extra; })
                if (!v.extra.empty()) {
                    const auto kept = ordered::parse(v.extra);
                    for (const auto& [key, item] : kept.items()) w.out[key] = item;
                }
            return w.out;
        } else if constexpr (requires { typename T::mapped_type; }) {
            ordered object = ordered::object();
            for (const auto& [key, item] : v) object[key] = value(item);
            return object;
        } else if constexpr (is_list<T>) {
            ordered array = ordered::array();
            for (const auto& item : v) array.push_back(value(item));
            return array;
        } else
            return v;
    }
    template <class T>
    void operator()(const char* key, const T& v) {
        if constexpr (std::is_same_v<T, bool>) {
            if (v) out[key] = true;
        } else if constexpr (std::is_same_v<T, std::string>) {
            if (!v.empty()) out[key] = v;
        } else if constexpr (requires { typename T::mapped_type; } || is_list<T>) {
            if (!v.empty()) out[key] = value(v);
        } else if constexpr (requires { v.has_value(); }) {
            if (v) out[key] = value(*v);
        } else
            out[key] = value(v);
    }
};

struct BadPlace {
    std::string where, reason;
};

/// Reads a value's fields; what it was not asked for goes to `extra`.
struct Reader {
    const json& in;
    std::string where;
    std::set<std::string> known;
    static constexpr bool either() { return true; }

    void leads(std::vector<Lead>& feeds, std::vector<Lead>& cables) {
        known.insert("leads");
        const auto found = in.find("leads");
        if (found == in.end()) return;
        for (size_t i = 0; i < found->size(); ++i) {
            const auto at = fmt::format("{}/leads/{}", where, i);
            Reader r{(*found)[i], at, {"carries"}};
            Lead lead;
            plan_fields::visit(r, lead);
            lead.extra = r.rest();
            const auto carries = (*found)[i].find("carries");
            const bool feeds_it = carries != (*found)[i].end() ? *carries == "supply" : lead.cores.empty();
            if (feeds_it && !lead.cores.empty()) {
                if (cores_of_role(lead, CoreRole::supply).empty())
                    throw BadPlace{at + "/cores", "a lead that carries supply has a core of that role"};
                if (lead.ret == Return::own && cores_of_role(lead, CoreRole::ground).empty())
                    throw BadPlace{at + "/cores",
                                   "a lead that carries supply has a ground core to come back by"};
            }
            if (feeds_it) settle_cores(lead);
            (feeds_it ? feeds : cables).push_back(std::move(lead));
        }
    }

    template <class T>
    static void value(const json& j, const std::string& at, T& v) {
        if constexpr (Unit<T>)
            v = T(j.get<double>());
        else if constexpr (std::is_enum_v<T>) {
            const auto text = j.get<std::string>();
            std::string allowed;
            for (const auto& [e, name] : names(v)) {
                if (name == text) return void(v = e);
                allowed += (allowed.empty() ? "" : ", ") + std::string(name);
            }
            throw BadPlace{at, fmt::format("“{}” is none of {}", text, allowed)};
        } else if constexpr (Record<T>) {
            Reader r{j, at, {}};
            plan_fields::visit(r, v);
            if constexpr (requires { v.extra; }) v.extra = r.rest();
        } else if constexpr (requires { typename T::mapped_type; }) {
            for (const auto& [key, item] : j.items()) value(item, fmt::format("{}/{}", at, key), v[key]);
        } else if constexpr (is_list<T>) {
            for (size_t i = 0; i < j.size(); ++i) value(j[i], fmt::format("{}/{}", at, i), v.emplace_back());
        } else
            v = j.get<T>();
    }
    template <class T>
    void operator()(const char* key, T& v) {
        known.insert(key);
        const auto found = in.find(key);
        if (found == in.end()) return;
        const auto at = where + "/" + key;
        try {
            if constexpr (requires { v.has_value(); })
                value(*found, at, v.emplace());
            else
                value(*found, at, v);
        } catch (const json::exception&) {
            throw BadPlace{at, fmt::format("{} is the wrong kind of value", found->dump().substr(0, 40))};
        }
    }
    std::string rest() const {
        json kept = json::object();
        for (const auto& [key, item] : in.items())
            if (!known.contains(key) && key != "format" && key != "version") kept[key] = item;
        return kept.empty() ? "" : kept.dump();
    }
};

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

/// Places, walls and ways must stand in what is there, and nothing inside itself.
void check_machine(const Plan& plan, const std::unordered_set<Id>& places,
                   const std::unordered_set<Id>& bodies, const std::unordered_set<Id>& openings) {
    const auto in_body = [&](const Id& body, const std::string& at) {
        if (!body.empty() && !bodies.contains(body))
            throw BadPlace{at, fmt::format("there is no body “{}”", body)};
    };
    for (size_t i = 0; i < plan.bodies.size(); ++i) {
        const auto at = fmt::format("/bodies/{}/in", i);
        in_body(plan.bodies[i].in, at);
        size_t steps = 0;
        for (const auto* b = &plan.bodies[i]; b && !b->in.empty(); b = by_id(plan.bodies, b->in))
            if (b->in == plan.bodies[i].id || ++steps > plan.bodies.size())
                throw BadPlace{at, fmt::format("“{}” is inside itself", plan.bodies[i].id)};
    }
    for (size_t i = 0; i < plan.places.size(); ++i)
        in_body(plan.places[i].body, fmt::format("/places/{}/body", i));
    for (size_t i = 0; i < plan.openings.size(); ++i)
        in_body(plan.openings[i].body, fmt::format("/openings/{}/body", i));
    for (size_t i = 0; i < plan.ways.size(); ++i) {
        const auto& way = plan.ways[i];
        for (const auto& end : {way.from, way.to})
            if (!places.contains(end))
                throw BadPlace{fmt::format("/ways/{}", i), fmt::format("there is no place “{}”", end)};
        for (size_t k = 0; k < way.on_it.size(); ++k) {
            const auto& thing = way.on_it[k];
            const auto at = fmt::format("/ways/{}/on_it/{}", i, k);
            if (thing.kind == OnWayKind::opening && !openings.contains(thing.opening))
                throw BadPlace{at + "/opening", fmt::format("there is no opening “{}”", thing.opening)};
            if (thing.kind != OnWayKind::opening && !thing.opening.empty())
                throw BadPlace{at + "/opening", "only what is an opening goes through one"};
        }
    }
}

/// Ids must be unique and references must lead somewhere; the first that does not is thrown.
void check_references(const Plan& plan) {
    std::unordered_set<Id> ids, passives, parts, loads, feeds, places, bodies, openings;
    const auto unique = [&](const auto& list, const char* key, std::unordered_set<Id>* also = nullptr) {
        for (size_t i = 0; i < list.size(); ++i) {
            if (!ids.insert(list[i].id).second)
                throw BadPlace{fmt::format("/{}/{}/id", key, i),
                               fmt::format("“{}” is used twice", list[i].id)};
            if (also) also->insert(list[i].id);
        }
    };
    unique(plan.sources, "sources", &parts), unique(plan.hubs, "hubs", &parts);
    unique(plan.converters, "converters", &parts), unique(plan.loads, "loads", &loads);
    unique(plan.feeds, "leads", &feeds), unique(plan.places, "places", &places);
    unique(plan.bodies, "bodies", &bodies), unique(plan.openings, "openings", &openings);
    unique(plan.ways, "ways"), unique(plan.phases, "phases"), unique(plan.cables, "leads");
    unique(plan.passives, "passives", &passives);
    unique(plan.own_steps, "own_steps"), unique(plan.own_readings, "own_readings");
    for (size_t i = 0; i < plan.own_readings.size(); ++i)
        if (plan.own_readings[i].low > plan.own_readings[i].high)
            throw BadPlace{fmt::format("/own_readings/{}/low", i), "it lies above high"};
    const auto part = [&](const Id& id) { return parts.contains(id) || loads.contains(id); };
    for (size_t i = 0; i < plan.feeds.size(); ++i) {
        const auto& f = plan.feeds[i];
        const auto at = [&](const char* key) { return fmt::format("/leads/{}/{}", i, key); };
        if (!part(f.from)) throw BadPlace{at("from"), fmt::format("there is no part “{}”", f.from)};
        if (!part(f.to)) throw BadPlace{at("to"), fmt::format("there is no part “{}”", f.to)};
        if (f.from == f.to) throw BadPlace{at("to"), fmt::format("“{}” feeds itself", f.to)};
        if (f.ret == Return::shared && !feeds.contains(f.shared_with))
            throw BadPlace{at("shared_with"), fmt::format("there is no feed “{}”", f.shared_with)};
        if (f.ret == Return::shared && f.shared_with == f.id)
            throw BadPlace{at("shared_with"), fmt::format("“{}” shares its return with itself", f.id)};
    }
    for (size_t i = 0; i < plan.cables.size(); ++i)
        for (const auto& [key, end] : {std::pair{"from", plan.cables[i].from}, {"to", plan.cables[i].to}})
            if (!part(end) && !passives.contains(end))
                throw BadPlace{fmt::format("/leads/{}/{}", plan.feeds.size() + i, key),
                               fmt::format("there is no part “{}”", end)};
    check_machine(plan, places, bodies, openings);
    for (const auto& [id, terminals] : plan.terminals) {
        if (!part(id) && !passives.contains(id))
            throw BadPlace{"/terminals/" + id, fmt::format("there is no part “{}”", id)};
        for (size_t i = 0; i < terminals.size(); ++i)
            for (size_t k = 0; k < i; ++k)
                if (terminals[i].name == terminals[k].name)
                    throw BadPlace{fmt::format("/terminals/{}/{}/name", id, i),
                                   fmt::format("“{}” is used twice", terminals[i].name)};
    }
    for (size_t i = 0; i < plan.feeds.size(); ++i)
        for (size_t d = 0; d < plan.feeds[i].devices.size(); ++d) {
            const auto& device = plan.feeds[i].devices[d];
            for (const auto& [key, id] :
                 {std::pair{"coil_from", device.coil_from}, {"control", device.control}})
                if (!id.empty() && !part(id) && !passives.contains(id))
                    throw BadPlace{fmt::format("/leads/{}/items/{}/{}", i, d, key),
                                   fmt::format("there is no part “{}”", id)};
        }
}

tl::expected<Plan, std::string> plan_from(json& document, const std::string& name) {
    const auto fail = [&](const std::string& where, const std::string& reason) {
        return tl::unexpected(fmt::format("{}: {}: {}", name, where, reason));
    };
    if (!document.is_object() || document.value("format", json()) != "sangre-plan")
        return fail("/format", "this is not a plan; “sangre-plan” is expected here");
    const auto version = document.value("version", json());
    if (!version.is_number_integer() || version < 1)
        return fail("/version", fmt::format("a whole number from 1 to {} is expected here", plan_version));
    if (version > plan_version)
        return fail("/version",
                    fmt::format("{} is newer than this program reads (up to {}); nothing was changed",
                                version.dump(), plan_version));
    try {
        if (version == 1) upgrade_from_1(document);
        if (version <= 2) {
            if (auto ok = check_schema(document, data_directory() / "schema" / "plan-2.schema.json", name);
                !ok)
                return tl::unexpected(ok.error());
            upgrade_from_2(document);
        }
        upgrade_passages(document);
        if (auto ok = check_schema(document, data_directory() / "schema" / "plan.schema.json", name); !ok)
            return tl::unexpected(ok.error());
        Plan plan;
        Reader::value(document, "", plan);
        check_references(plan);
        if (version <= 2) plan = settle_leads(std::move(plan));
        return plan;
    } catch (const BadPlace& bad) {
        return fail(bad.where, bad.reason);
    }
}

}  // namespace

tl::expected<Plan, std::string> plan_from_json(const std::string& text, const std::string& name) {
    auto document = parse_json(text, name);
    if (!document) return tl::unexpected(document.error());
    return plan_from(*document, name);
}

tl::expected<Plan, std::string> load_plan(const std::filesystem::path& file) {
    auto document = read_json(file);
    if (!document) return tl::unexpected(document.error());
    return plan_from(*document, file.string());
}

std::string plan_to_json(const Plan& plan) {
    ordered head{{"format", "sangre-plan"}, {"version", plan_version}};
    const auto body = Writer::value(plan);
    for (const auto& [key, item] : body.items()) head[key] = item;
    return head.dump(1, ' ', false, ordered::error_handler_t::replace) + "\n";
}

tl::expected<void, std::string> save_plan(const Plan& plan, const std::filesystem::path& file) {
    const auto text = plan_to_json(plan);
    // What could not be opened again must not take the place of what can.
    if (const auto again = plan_from_json(text, file.string()); !again)
        return tl::unexpected(again.error() + "; nothing was written");
    return write_whole(text, file);
}

namespace {

/// The elements of a list that were not there before, as they are now.
template <class List>
List changed_elements(const List& before, const List& now) {
    List changed;
    // Most edits leave all but a few where they were.
    std::unordered_map<Id, const typename List::value_type*> by_id_before;
    for (size_t i = 0; i < now.size(); ++i) {
        if (i < before.size() && before[i] == now[i]) continue;
        if (by_id_before.empty())
            for (const auto& b : before) by_id_before.emplace(b.id, &b);
        const auto found = by_id_before.find(now[i].id);
        if (found == by_id_before.end() || !(*found->second == now[i])) changed.push_back(now[i]);
    }
    return changed;
}

}  // namespace

tl::expected<void, std::string> check_edit(const Plan& before, const Plan& now) {
    Plan touched = now;
    touched.sources = changed_elements(before.sources, now.sources);
    touched.hubs = changed_elements(before.hubs, now.hubs);
    touched.converters = changed_elements(before.converters, now.converters);
    touched.loads = changed_elements(before.loads, now.loads);
    touched.feeds = changed_elements(before.feeds, now.feeds);
    touched.cables = changed_elements(before.cables, now.cables);
    touched.places = changed_elements(before.places, now.places);
    touched.bodies = changed_elements(before.bodies, now.bodies);
    touched.openings = changed_elements(before.openings, now.openings);
    touched.ways = changed_elements(before.ways, now.ways);
    touched.phases = changed_elements(before.phases, now.phases);
    touched.passives = changed_elements(before.passives, now.passives);
    touched.own_steps = changed_elements(before.own_steps, now.own_steps);
    touched.own_readings = changed_elements(before.own_readings, now.own_readings);
    if (now.done == before.done) touched.done.clear();
    if (now.measured == before.measured) touched.measured.clear();
    if (now.log == before.log) touched.log.clear();
    if (now.extra == before.extra) touched.extra.clear();
    try {
        auto document = json::parse(plan_to_json(touched));
        if (auto ok = check_schema(document, data_directory() / "schema" / "plan.schema.json", now.name); !ok)
            return ok;
        check_references(now);
    } catch (const BadPlace& bad) {
        return tl::unexpected(fmt::format("{}: {}", bad.where, bad.reason));
    } catch (const json::exception& e) {
        return tl::unexpected(std::string(e.what()));
    }
    return {};
}

}  // namespace sangre
