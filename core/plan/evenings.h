#pragma once
// What a plan keeps of the evenings that it is built in: what is at hand, what is on order, how long there
// was and how long steps took.
#include <array>
#include <map>
#include <string>
#include <string_view>
#include <utility>
#include <vector>

#include "base/units/quantity.h"
#include "base/words/say.h"
#include "physics/parts/id.h"

namespace sangre {

/// Something that need not be bought: an offcut, a spool, pieces in a drawer.
struct AtHand {
    Id id;
    std::string name;  ///< as the shopping list has it; of a wire whatever the builder calls it
    Id wire{};         ///< of a wire; empty: it is none
    std::string colour{};
    Metre length{};  ///< of each piece, where it is by length
    int pieces = 1;
    int plugs = 0;  ///< of a cable: ends that have their plug still
    std::string extra{};
    bool operator==(const AtHand&) const = default;
};

enum class OrderState { ordered, on_its_way, arrived };
constexpr auto names(OrderState) {
    return std::to_array<std::pair<OrderState, std::string_view>>(
        {{OrderState::ordered, to_say("ordered")},
         {OrderState::on_its_way, to_say("on-its-way")},
         {OrderState::arrived, to_say("arrived")}});
}

}  // namespace sangre
