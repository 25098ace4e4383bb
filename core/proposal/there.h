#pragma once
// What the plan or the drawer holds already, and is taken before anything is bought.
#include <map>
#include <vector>

#include "catalogue/catalogue.h"
#include "plan/plan.h"
#include "proposal/rails.h"

namespace sangre {

/// Modules that are there: those by which the plan feeds its loads now, and those of the drawer, each as
/// often as there are pieces of it.
class ModulesThere {
  public:
    ModulesThere(const Plan& plan, const Catalogue& catalogue);
    /// Types to try first for these loads, by their ids.
    std::vector<Id> first(const RailGroup& group) const;
    /// One of that type is used up; true where it was there.
    bool use(const RailGroup& group, const Id& type);

  private:
    /// Of the rail that feeds one of those loads now; end of the list without.
    std::map<Id, Id>::const_iterator own(const RailGroup& group) const;

    const Plan& plan_;
    std::map<Id, Id> of_load_;  ///< load → type of its module
    std::map<Id, int> drawer_;
};

/// Packs of the drawer that are written as a pack is, "battery: " before it or not.
std::vector<Source> packs_there(const Plan& plan, const Catalogue& catalogue);

}  // namespace sangre
