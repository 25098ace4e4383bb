#include "base/files/schema.h"

#include <fmt/format.h>

#include <map>
#include <mutex>
#include <nlohmann/json.hpp>
#pragma GCC diagnostic push
#pragma GCC diagnostic ignored "-Wshadow"
#include <valijson/adapters/nlohmann_json_adapter.hpp>
#include <valijson/schema.hpp>
#include <valijson/schema_parser.hpp>
#include <valijson/validation_results.hpp>
#include <valijson/validator.hpp>
#pragma GCC diagnostic pop

#include "base/units/number.h"
#include "base/words/list.h"
#include "base/words/say.h"

namespace sangre {
namespace {

using json = nlohmann::json;
using Adapter = valijson::adapters::NlohmannJsonAdapter;

/// Schemas are parsed once a process: the catalogue alone asks nine times for the same one.
std::shared_ptr<const valijson::Schema> parsed_schema(const std::filesystem::path& file) {
    static std::mutex lock;
    static std::map<std::string, std::shared_ptr<const valijson::Schema>> known;
    const std::scoped_lock hold(lock);
    auto& slot = known[file.string()];
    if (!slot) {
        auto document = read_json(file);
        if (!document) throw std::runtime_error(document.error());
        auto schema = std::make_shared<valijson::Schema>();
        valijson::SchemaParser().populateSchema(Adapter(*document), *schema);
        slot = std::move(schema);
    }
    return slot;
}

/// valijson names a place as <root>[a][0][b]; a JSON pointer reads better: /a/0/b.
std::string pointer(const std::vector<std::string>& context) {
    std::string text;
    for (const auto& part : context)
        if (part != "<root>") text += "/" + (part.size() > 2 ? part.substr(1, part.size() - 2) : part);
    return text.empty() ? "/" : text;
}

}  // namespace

namespace {

/// A reason may quote what it stumbled over, and that may be as long as the file.
std::string shortened(const std::string& reason) {
    constexpr size_t head = 160, tail = 80;
    if (reason.size() <= head + tail) return reason;
    // Not in the middle of a character.
    const auto whole = [&](size_t at) {
        while (at > 0 && (reason[at] & 0xC0) == 0x80) --at;
        return at;
    };
    return reason.substr(0, whole(head)) + " … " + reason.substr(whole(reason.size() - tail));
}

/// What stands at a place of the document, and what its schema says of it; null where it cannot be found.
struct Place {
    const json *value = nullptr, *rules = nullptr;
};
Place place_of(const json& document, const json& schema, const std::vector<std::string>& context) {
    const json *at = &document, *rules = &schema;
    for (const auto& part : context) {
        if (part == "<root>") continue;
        const auto key = part.size() > 2 ? part.substr(1, part.size() - 2) : part;
        const auto step = [&](const json& from, const char* name) -> const json* {
            const auto found = from.find(name);
            return found == from.end() ? nullptr : &*found;
        };
        if (at->is_array()) {
            const auto i = static_cast<size_t>(plain_number(key).value_or(0));
            if (i >= at->size()) return {};
            at = &(*at)[i], rules = step(*rules, "items");
        } else if (at->is_object() && at->contains(key)) {
            at = &(*at)[key];
            const auto* properties = step(*rules, "properties");
            const auto* own = properties ? step(*properties, key.c_str()) : nullptr;
            rules = own ? own : step(*rules, "additionalProperties");
        } else
            return {};
        if (!rules || !rules->is_object()) return {};
    }
    return {at, rules};
}

std::string quoted_value(const json& value) {
    return shortened(value.is_string() ? value.get<std::string>() : value.dump());
}

/// “a number”, “true or false”: for a type of a schema.
std::string type_words(const std::string& type) {
    if (type == "number") return say("a number");
    if (type == "integer") return say("a whole number");
    if (type == "boolean") return say("true or false");
    if (type == "array") return say("a list");
    return type == "object" ? say("a group of keys") : say("a text");
}

/// “guess” is none of drop, temperature: where a value is held against a list of words; else nothing.
std::string allowed_words(const Place& at) {
    const auto list = at.rules->find("enum");
    if (list == at.rules->end()) return {};
    std::string words;
    for (const auto& one : *list)
        words += (words.empty() ? "" : ", ") + (one.is_string() ? one.get<std::string>() : one.dump());
    return say("“{text}” is none of {words}", quoted_value(*at.value), words);
}

/// What the schema's reader complained of, as a builder would be told.
std::string in_plain_words(const std::string& complaint, const Place& at) {
    const auto number = [&](const char* key) {
        return at.rules && at.rules->contains(key) && (*at.rules)[key].is_number()
                   ? exact_number((*at.rules)[key].get<double>())
                   : std::string();
    };
    const auto begins = [&](std::string_view with) { return complaint.starts_with(with); };
    const auto quoted = [&] {
        const auto first = complaint.rfind('\'', complaint.size() - 3);
        const auto last = complaint.rfind('\'');
        return first == std::string::npos || last <= first ? std::string()
                                                           : complaint.substr(first + 1, last - first - 1);
    };
    if (begins("Missing required property")) return say("“{key}” is missing", quoted());
    if (begins("Object contains a property")) return say("“{key}” is not known here", quoted());
    if (!at.rules) return say("does not fit the format");
    if (auto words = allowed_words(at); !words.empty()) return words;
    if (begins("Value type not permitted"))
        if (const auto type = at.rules->find("type"); type != at.rules->end()) {
            std::vector<std::string> names;
            const auto types = type->is_array() ? *type : json::array({*type});
            for (const auto& one : types) names.push_back(type_words(one.get<std::string>()));
            return say("{types} is expected, not {value}", either(names), quoted_value(*at.value));
        }
    if (begins("Expected number")) {
        std::vector<std::string> bounds;
        if (const auto n = number("minimum"); !n.empty()) bounds.push_back(say("at least {least}", n));
        if (const auto n = number("exclusiveMinimum"); !n.empty()) bounds.push_back(say("above {least}", n));
        if (const auto n = number("maximum"); !n.empty()) bounds.push_back(say("at most {most}", n));
        if (const auto n = number("exclusiveMaximum"); !n.empty()) bounds.push_back(say("below {most}", n));
        return say("a number {bounds} is expected, not {value}", listed(bounds), quoted_value(*at.value));
    }
    if (begins("String should be no more")) return say("at most {number} characters", number("maxLength"));
    if (begins("String should be no fewer")) return say("at least {number} characters", number("minLength"));
    if (begins("Array should contain no more")) return say("at most {number} entries", number("maxItems"));
    if (begins("Array should contain no fewer")) return say("at least {number} entries", number("minItems"));
    return say("{value} does not fit the format", quoted_value(*at.value));
}

/// Where and why a text is no JSON.
std::string json_complaint(const std::string& what) {
    std::string where;
    if (const auto at = what.find("at line "); at != std::string::npos)
        where = what.substr(at + 3, what.find(':', at) - at - 3) + ": ";
    if (what.find("unexpected end of input") != std::string::npos ||
        what.find("missing closing quote") != std::string::npos)
        return where + say("it runs out too soon");
    if (const auto last = what.find("last read: '"); last != std::string::npos) {
        const auto from = last + 12, to = what.find('\'', from);
        return where + say("“{text}” does not belong there", shortened(what.substr(from, to - from)));
    }
    return where + say("something there does not belong");
}

constexpr int deepest = 64;
struct TooDeep {};

}  // namespace

tl::expected<json, std::string> parse_json(const std::string& text, const std::string& name) {
    try {
        return json::parse(text, [](int depth, json::parse_event_t, json&) {
            if (depth > deepest) throw TooDeep{};
            return true;
        });
    } catch (const TooDeep&) {
        return tl::unexpected(say("{name}: brackets nested deeper than {deepest}", name, deepest));
    } catch (const json::exception& e) {
        return tl::unexpected(say("{name}: not valid JSON: {reason}", name, json_complaint(e.what())));
    }
}

tl::expected<json, std::string> read_json(const std::filesystem::path& file) {
    const auto text = read_text(file);
    return text ? parse_json(*text, file.string()) : tl::unexpected(text.error());
}

tl::expected<void, std::string> check_schema(const json& document, const std::filesystem::path& schema,
                                             const std::string& name) {
    std::shared_ptr<const valijson::Schema> parsed;
    try {
        parsed = parsed_schema(schema);
    } catch (const std::exception& e) {
        return tl::unexpected(say("{name}: cannot be checked: {reason}", name, e.what()));
    }
    valijson::Validator validator(valijson::Validator::kStrongTypes);
    valijson::ValidationResults results;
    const Adapter adapter(document);
    if (validator.validate(*parsed, adapter, &results)) return {};
    // The last results are the outermost; the deepest place is the one that tells the builder what to mend.
    valijson::ValidationResults::Error error, deepest;
    while (results.popError(error))
        if (error.context.size() > deepest.context.size()) deepest = error;
    const auto rules = read_json(schema);
    const auto place = rules ? place_of(document, *rules, deepest.context) : Place{};
    return tl::unexpected(fmt::format("{}: {}: {}", name, pointer(deepest.context),
                                      in_plain_words(deepest.description, place)));
}

tl::expected<json, std::string> read_checked_json(const std::filesystem::path& file,
                                                  const std::filesystem::path& schema) {
    auto document = read_json(file);
    if (!document) return document;
    if (auto checked = check_schema(*document, schema, file.string()); !checked)
        return tl::unexpected(checked.error());
    return document;
}

}  // namespace sangre
