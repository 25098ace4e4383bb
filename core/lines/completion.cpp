#include "lines/completion.h"

#include <algorithm>

#include "base/units/words.h"

namespace sangre {
namespace {

/// Names of the catalogue are many: so much of one is typed before they are offered.
constexpr size_t least_typed = 2;

struct Offers {
    const LineContext& context;
    std::vector<LineOffer> all;

    static bool holds(const std::string& text, std::string_view begun) {
        return lower(text).find(lower(begun)) != std::string::npos;
    }
    void names(ThingSort sort, size_t begin, std::string_view begun, const std::string& behind = {}) {
        for (const auto& name : context.names.all(sort))
            if (holds(name, begun)) all.push_back({begin, name + behind});
    }
    void values(const Fact& fact, size_t begin, std::string_view begun) {
        for (const auto& value : fact.values())
            if (lower(value).starts_with(lower(begun))) all.push_back({begin, value});
    }
    /// “Hub → Fog pump”, or a word of a list.
    void head(const LineKind& kind, std::string_view typed) {
        const auto* from = fact_of(kind, "from");
        if (from && from->form == FactForm::head) {
            const auto sort = std::string_view(kind.word) == "way" ? ThingSort::place : ThingSort::part;
            constexpr std::string_view arrow = "→", drawn = "->";
            auto at = typed.rfind(arrow);
            size_t begin = at == std::string_view::npos ? 0 : at + arrow.size();
            if (at == std::string_view::npos && (at = typed.rfind(drawn)) != std::string_view::npos)
                begin = at + drawn.size();
            const auto begun = trimmed(typed, begin, typed.size());
            names(sort, begun.begin, begun.text, at == std::string_view::npos ? " →" : "");
            return;
        }
        for (const auto& fact : kind.facts)
            if (fact.form == FactForm::head && fact.values) values(fact, 0, typed);
    }
    void clause(const LineKind& kind, std::string_view typed, const TextWord& last) {
        if (const auto* fact = by_first_word(kind, last.text);
            fact && last.end + (last.end < typed.size()) > last.begin + std::string_view(fact->word).size()) {
            const auto begin = std::min(typed.size(), last.begin + std::string_view(fact->word).size() + 1);
            const auto begun = typed.substr(begin);
            if (is_reference(fact->form)) names(sort_of(fact->form), begin, begun);
            if (fact->values) values(*fact, begin, begun);
            if (!all.empty()) return;
        }
        for (const auto& fact : kind.facts) {
            if (!is_said(fact)) continue;
            const bool said =
                typed.substr(0, last.begin).find(std::string(", ") + fact.word) != std::string_view::npos;
            if (!said && lower(fact.word).starts_with(lower(last.text)))
                all.push_back({last.begin, fact.word});
        }
        // What stands alone comes behind the words: a part of a wire's name is seldom what was begun.
        for (const auto& fact : kind.facts) {
            if (!is_said(fact) || !fact.bare) continue;
            if (fact.values) values(fact, last.begin, last.text);
            if (is_reference(fact.form) && last.text.size() >= least_typed)
                names(sort_of(fact.form), last.begin, last.text);
        }
    }
};

}  // namespace

std::vector<LineOffer> line_offers(const LineContext& context, const LineKind& kind, std::string_view typed) {
    Offers offers{context, {}};
    size_t comma = std::string_view::npos;
    for (size_t i = 0; i < typed.size(); ++i)
        if (typed[i] == ';' || (typed[i] == ',' && !is_decimal_comma(typed, i))) comma = i;
    if (comma == std::string_view::npos)
        offers.head(kind, typed);
    else
        offers.clause(kind, typed, trimmed(typed, comma + 1, typed.size()));
    return std::move(offers.all);
}

}  // namespace sangre
