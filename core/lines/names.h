#pragma once
// What things are called in a line: by name where that names one of its sort alone, else by “#id”.
#include <map>
#include <optional>
#include <unordered_map>

#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre {

/// What a reference may be to.
enum class ThingSort { part, place, body, side, zone, opening, way, lead, wire, joint, entry };

/// The names of a plan's things and of the catalogue's entries, looked up both ways. Plan and catalogue must
/// outlive it and stay as they are; one thread at a time.
class LineNames {
  public:
    LineNames(const Plan& plan, const Catalogue& catalogue);
    const Plan& plan() const { return *plan_; }

    /// "Fog pump", "#load-2"; never empty for an id.
    std::string said(ThingSort sort, const Id& id) const;
    /// The id of what is called so: exactly, else whatever the case of its letters; “#id” is taken as it is
    /// where there is such a thing. Nothing where there is none, or more than one.
    std::optional<Id> meant(ThingSort sort, std::string_view text) const;
    /// How many are called so, whatever the case of their letters.
    size_t count(ThingSort sort, std::string_view text) const;
    /// All that can be said of a sort, in alphabetical order.
    std::vector<std::string> all(ThingSort sort) const;
    /// The nearest that there is, for an error; empty without any.
    std::string nearest(ThingSort sort, std::string_view text) const;

  private:
    struct Sort {
        std::unordered_map<Id, std::string> by_id;
        std::unordered_map<std::string, std::vector<Id>> by_name, by_lower;
        void add(const Id& id, const std::string& name);
        /// What it is called in the reader's language as well.
        void add_also(const Id& id, const std::string& name);
    };
    /// Gathered when first asked for: a line needs few of them.
    const Sort& of(ThingSort sort) const;
    Sort gather(ThingSort sort) const;
    const Plan* plan_;
    const Catalogue* catalogue_;
    mutable std::map<ThingSort, Sort> sorts_;
};

/// “there is no place “X”; “Y” is there”, or that several are called so.
std::string not_meant(const LineNames& names, ThingSort sort, const char* what, std::string_view said);

}  // namespace sangre
