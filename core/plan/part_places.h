#pragma once
// Where the parts of a plan stand, looked up: for those who ask it of every lead.
#include <string_view>
#include <unordered_map>

#include "plan/plan.h"

namespace sangre {

/// As place_of() and body_of(), of a plan that outlives it and stays as it is.
class PartPlaces {
  public:
    explicit PartPlaces(const Plan& plan);
    /// The place of that part; empty where it stands nowhere, or there is no such part.
    const Id& place(const Id& part) const;
    /// The body that place is in; null without one.
    const Body* body(const Id& part) const;

  private:
    struct Stand {
        const Id* place;
        const Body* body;
    };
    std::unordered_map<std::string_view, Stand> stands_;
};

}  // namespace sangre
