#include "output/files/plan_file.h"

#include <fmt/format.h>

#include <nlohmann/json.hpp>
#include <set>
#include <type_traits>
#include <unordered_map>

#include "base/enum_words.h"
#include "base/files/schema.h"
#include "base/words/say.h"
#include "catalogue/catalogue.h"
#include "lines/field_types.h"
#include "lines/plan_fields.h"
#include "output/files/plan_references.h"
#include "output/files/plan_upgrade.h"
#include "plan/lead_edits.h"

namespace sangre {
namespace {

using json = nlohmann::json;
using ordered = nlohmann::ordered_json;

/// Writes a value's fields in their listed order, then the kept unknown keys.
struct Writer {
    ordered out = ordered::object();
    /// True where fields are wanted whatever they hold.
    static constexpr bool either() { return false; }

    /// Each says what it carries.
    void leads(const std::vector<Lead>& leads) {
        ordered all = ordered::array();
        for (const auto& lead : leads) {
            ordered one = ordered::object();
            const auto body = value(lead);
            for (const auto& [key, item] : body.items()) {
                one[key] = item;
                if (key == "to") one["carries"] = word_of(lead.carries);
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
            return word_of(v);
        } else if constexpr (Record<T, json>) {
            Writer w;
            plan_fields::visit(w, v);
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

/// Whether a lead of the file stands among those that feed.
bool carries_supply(const json& lead) {
    const auto carries = lead.find("carries"), cores = lead.find("cores");
    if (carries != lead.end()) return *carries == "supply";
    return cores == lead.end() || cores->empty();
}

/// Of each lead, in the plan's order, its place in the file.
std::vector<size_t> lead_places(const json& document) {
    std::vector<size_t> places;
    const auto leads = document.find("leads");
    if (leads == document.end()) return places;
    for (const bool supply : {true, false})
        for (size_t i = 0; i < leads->size(); ++i)
            if (carries_supply((*leads)[i]) == supply) places.push_back(i);
    return places;
}

/// Reads a value's fields; what it was not asked for goes to `extra`.
struct Reader {
    const json& in;
    std::string where;
    std::set<std::string> known;
    static constexpr bool either() { return true; }

    void leads(std::vector<Lead>& leads) {
        known.insert("leads");
        const auto found = in.find("leads");
        if (found == in.end()) return;
        for (size_t i = 0; i < found->size(); ++i) {
            const auto at = fmt::format("{}/leads/{}", where, i);
            Reader r{(*found)[i], at, {"carries"}};
            Lead lead;
            plan_fields::visit(r, lead);
            lead.extra = r.rest();
            // Which of the catalogue: a splice alone is known by its joint.
            for (size_t d = 0; d < lead.devices.size(); ++d)
                if (lead.devices[d].type.empty() && lead.devices[d].kind != DeviceKind::splice)
                    throw BadPlace{fmt::format("{}/items/{}", at, d), say("“{key}” is missing", "type")};
            const bool feeds_it = carries_supply((*found)[i]);
            if (feeds_it && !lead.cores.empty()) {
                if (cores_of_role(lead, CoreRole::supply).empty())
                    throw BadPlace{at + "/cores", say("a lead that carries supply has a core of that role")};
                if (lead.ret == Return::own && cores_of_role(lead, CoreRole::ground).empty())
                    throw BadPlace{at + "/cores",
                                   say("a lead that carries supply has a ground core to come back by")};
            }
            if (feeds_it) settle_cores(lead);
            lead.carries = feeds_it ? Carries::supply : Carries::signal;
            leads.push_back(std::move(lead));
        }
        std::stable_partition(leads.begin(), leads.end(),
                              [](const Lead& l) { return l.carries == Carries::supply; });
    }

    template <class T>
    static void value(const json& j, const std::string& at, T& v) {
        if constexpr (Unit<T>)
            v = T(j.get<double>());
        else if constexpr (std::is_enum_v<T>) {
            const auto text = j.get<std::string>();
            const auto read = by_word<T>(text);
            if (!read) throw BadPlace{at, say("“{text}” is none of {words}", text, all_words<T>())};
            v = *read;
        } else if constexpr (Record<T, json>) {
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
            throw BadPlace{at, say("{dump} is the wrong kind of value", found->dump().substr(0, 40))};
        }
    }
    std::string rest() const {
        json kept = json::object();
        for (const auto& [key, item] : in.items())
            if (!known.contains(key) && key != "format" && key != "version") kept[key] = item;
        return kept.empty() ? "" : kept.dump();
    }
};

tl::expected<Plan, std::string> plan_from(json& document, const std::string& name) {
    const auto fail = [&](const std::string& where, const std::string& reason) {
        return tl::unexpected(fmt::format("{}: {}: {}", name, where, reason));
    };
    if (!document.is_object() || document.value("format", json()) != "sangre-plan")
        return fail("/format", say("this is not a plan; “sangre-plan” is expected here"));
    const auto version = document.value("version", json());
    if (!version.is_number_integer() || version < 1)
        return fail("/version",
                    say("a whole number from 1 to {plan_version} is expected here", plan_version));
    if (version > plan_version)
        return fail("/version",
                    say("{dump} is newer than this program reads (up to {plan_version}); nothing was changed",
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
        check_references(plan, lead_places(document));
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
        return tl::unexpected(say("{error}; nothing was written", again.error()));
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
    touched.leads = changed_elements(before.leads, now.leads);
    touched.places = changed_elements(before.places, now.places);
    touched.bodies = changed_elements(before.bodies, now.bodies);
    touched.openings = changed_elements(before.openings, now.openings);
    touched.sides = changed_elements(before.sides, now.sides);
    touched.zones = changed_elements(before.zones, now.zones);
    touched.ways = changed_elements(before.ways, now.ways);
    touched.phases = changed_elements(before.phases, now.phases);
    touched.passives = changed_elements(before.passives, now.passives);
    touched.own_steps = changed_elements(before.own_steps, now.own_steps);
    touched.own_readings = changed_elements(before.own_readings, now.own_readings);
    touched.at_hand = changed_elements(before.at_hand, now.at_hand);
    if (now.done == before.done) touched.done.clear();
    if (now.done_as == before.done_as) touched.done_as.clear();
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
