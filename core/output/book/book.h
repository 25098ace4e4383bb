#pragma once
// The build book: everything that lies beside the bench, as paper and as one page for a phone.
#include <functional>
#include <optional>

#include "making/evenings.h"
#include "output/diagram/diagram.h"
#include "rules/study.h"

namespace sangre {

/// A caution, and where it first applies.
struct BookCaution {
    std::string words;
    std::string step;  ///< key of the first step that has it
};
/// Every caution of the steps, each once, in the order in which they come; what applies to all of them first:
/// where the plan has lithium, what turns, what is above 60 V DC or mains, and who is to be asked.
std::vector<BookCaution> book_cautions(const Plan& plan, const Catalogue& catalogue,
                                       const std::vector<Step>& steps);

/// On A4: cover, cautions, what to buy, what to cut with a scale at 1:1, every step with its drawing, a sheet
/// to write readings into, the wiring diagram, the labels.
std::vector<DiagramSheet> book_sheets(const Plan& plan, const Catalogue& catalogue, const Study& study);

/// The same as one HTML page that needs nothing else: steps can be ticked and stay so in that browser, every
/// mark of a wire leads to the step that cuts it. `picture` reads the file of that name; what it has none of,
/// what is neither JPEG nor PNG and what is larger than 8 MB is left out.
inline constexpr size_t largest_picture = 8 << 20;
using ReadPicture = std::function<std::optional<std::string>(const std::string& name)>;
std::string book_html(const Plan& plan, const Catalogue& catalogue, const Study& study,
                      const ReadPicture& picture = {});

}  // namespace sangre
