#pragma once
// What a solver was asked and what it found, kept so that a later solver, of the plan after an edit, need not
// begin anew.
#include <memory>
#include <unordered_map>

#include "physics/network/instant.h"

namespace sangre {

struct Answer {
    std::shared_ptr<const Network> network;
    Instant instant;
    std::shared_ptr<const OperatingPoint> point;
};

struct DemandHash {
    size_t operator()(const Demand& demand) const;
};

/// Answers by what was asked for.
struct Answers {
    std::unordered_map<Demand, Answer, DemandHash> by_demand;
};

/// True where an answer is that of this network and instant: all that bears on it is the same. What a load
/// that draws nothing would draw does not.
bool answers(const Answer& kept, const Network& network, bool same_circuit, const Instant& now);

/// True for a point that Newton's method may start from: everything in it runs as it should, so that it lies
/// on the branch that a plan from cold reaches.
bool sound(const OperatingPoint& point);

/// Both together; where both answer the same demand, the first's.
std::shared_ptr<const Answers> merged(const std::shared_ptr<const Answers>& first, const Answers& second);

}  // namespace sangre
