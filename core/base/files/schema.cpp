#include "files/schema.h"

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

#include "units/number.h"

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

/// “guess” is none of drop, temperature: where a value is held against a list of words; else nothing.
std::string allowed_words(const json& document, const std::filesystem::path& schema,
                          const std::vector<std::string>& context) {
    const auto read = read_json(schema);
    if (!read) return {};
    const json *at = &document, *rules = &*read;
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
    const auto list = rules->find("enum");
    if (list == rules->end()) return {};
    std::string words;
    for (const auto& one : *list)
        words += (words.empty() ? "" : ", ") + (one.is_string() ? one.get<std::string>() : one.dump());
    return fmt::format("“{}” is none of {}", shortened(at->is_string() ? at->get<std::string>() : at->dump()),
                       words);
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
        return tl::unexpected(fmt::format("{}: brackets nested deeper than {}", name, deepest));
    } catch (const json::exception& e) {
        std::string reason = e.what();
        if (const auto at = reason.find("] "); at != std::string::npos) reason = reason.substr(at + 2);
        return tl::unexpected(fmt::format("{}: not valid JSON: {}", name, shortened(reason)));
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
        return tl::unexpected(fmt::format("{}: cannot be checked: {}", name, e.what()));
    }
    valijson::Validator validator(valijson::Validator::kStrongTypes);
    valijson::ValidationResults results;
    const Adapter adapter(document);
    if (validator.validate(*parsed, adapter, &results)) return {};
    // The last results are the outermost; the deepest place is the one that tells the builder what to mend.
    valijson::ValidationResults::Error error, deepest;
    while (results.popError(error))
        if (error.context.size() > deepest.context.size()) deepest = error;
    const auto allowed = allowed_words(document, schema, deepest.context);
    return tl::unexpected(fmt::format("{}: {}: {}", name, pointer(deepest.context),
                                      allowed.empty() ? deepest.description : allowed));
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
