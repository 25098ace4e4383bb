#pragma once
// What is bought: what the plan needs less what is at hand, in the packs it is sold in, with spares.
#include <tl/expected.hpp>

#include "making/cut_list.h"
#include "making/evenings.h"
#include "making/steps/bom.h"

namespace sangre {

struct ShoppingLine {
    BomLine need;
    double at_hand = 0;           ///< of it, in the same unit
    double spare = 0;             ///< that habit adds
    double to_buy = 0;            ///< in whole packs
    double pack = 1;              ///< what is in one, typical
    std::optional<double> price;  ///< of what is bought; absent: not known
    std::optional<OrderState> state;
    std::string arrives;  ///< date on which it is expected; empty: nobody has said
    Words cheaper;  ///< an entry of the catalogue that is as good by its print and costs less; empty: none
    double cheaper_each = 0;
};

struct Shopping {
    std::vector<ShoppingLine> lines;  ///< all that is needed, what is to be bought first
    double price = 0;                 ///< of those whose price is known
    size_t unpriced = 0;              ///< that are to be bought and have none
    size_t to_buy = 0, at_hand = 0;   ///< lines
};

/// Spares: two fuses of each rating, a fifth more tube. Of wire, cable and tube what the cut list has to buy,
/// since offcuts are not joined; wire in whole metres. A line that has arrived is at hand.
Shopping shopping(const Plan& plan, const Catalogue& catalogue, const Figures& figures);

/// "item,needed,at hand,spare,to buy,unit,in packs of,price,state,used for".
std::string shopping_to_csv(const Shopping& list);
/// For a message: a line each of what is to be bought.
std::string shopping_to_text(const Shopping& list);

/// What a line is next: from to be bought to ordered, on its way, arrived, and round again.
std::optional<OrderState> next_order_state(std::optional<OrderState> state);

/// So much in a drawer that a line asks for no more: whole pieces, or a length in whole centimetres. Its id
/// is new.
AtHand enough_at_hand(const Plan& plan, const ShoppingLine& line);

/// The plan with a line of the list so far; absent: not ordered. What has arrived is expected no more.
Plan set_order(Plan plan, const std::string& item, std::optional<OrderState> state);
/// The plan with a line ordered that is expected on that day, "2026-12-05"; an error where it is no day.
tl::expected<Plan, Words> set_arrival(Plan plan, const std::string& item, const std::string& date);

/// Steps still to do that something on order holds back, with what and until when.
std::vector<HeldBack> held_back(const Plan& plan, const Catalogue& catalogue, const Figures& figures,
                                const std::vector<Step>& steps);

}  // namespace sangre
