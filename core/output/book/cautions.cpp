#include <algorithm>
#include <set>

#include "base/words/say.h"
#include "output/book/book.h"

namespace sangre {

std::vector<BookCaution> book_cautions(const Plan& plan, const Catalogue& catalogue,
                                       const std::vector<Step>& steps) {
    std::vector<BookCaution> all;
    std::set<std::string> said_already;
    const auto add = [&](const std::string& words, const std::string& step = {}) {
        if (!words.empty() && said_already.insert(words).second) all.push_back({words, step});
    };
    add(say(
        "Mains, and anything above 60 V DC, are outside this book: a qualified person and your local code."));
    for (const auto& s : plan.sources)
        if (const auto* c = find(catalogue.chemistries, s.chemistry)) add(c->caution);
    const auto any_tool = [&](std::string_view word) {
        return std::any_of(steps.begin(), steps.end(), [&](const auto& s) {
            return std::any_of(s.tools.begin(), s.tools.end(),
                               [&](const auto& t) { return t.find(word) != std::string::npos; });
        });
    };
    if (any_tool("iron"))
        add(
            say("The iron burns skin and bench: in its stand whenever it is not in the hand, fumes drawn "
                "away, off before you leave."));
    if (any_tool("heat source"))
        add(say("Hot air and flame: nothing that burns behind the work, glasses on."));
    if (any_tool("drill")) add(say("Chips fly: glasses on, nothing live where they fall."));
    if (plan.flies)
        add(
            say("Propellers off until the very last test, and then outdoors with everyone clear of the front "
                "and above."));
    for (const auto& s : steps) add(s.caution, s.key);
    return all;
}

}  // namespace sangre
