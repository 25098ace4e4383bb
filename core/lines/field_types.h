#pragma once
// What the fields of a plan are made of: told apart by those who read, write and describe them.
#include <optional>
#include <vector>

#include "lines/plan_fields.h"

namespace sangre {

/// A strong quantity.
template <class T>
concept Unit = requires(T q) {
    q.template to<double>();
};
template <class T>
inline constexpr bool is_list = false;
template <class T>
inline constexpr bool is_list<std::vector<T>> = true;
/// A struct whose fields a visitor can be shown.
template <class T, class Visitor>
concept Record = requires(T& record, Visitor& visitor) {
    plan_fields::visit(visitor, record);
};

/// Where a plan cannot be read, as a JSON pointer, and why.
struct BadPlace {
    std::string where, reason;
};

}  // namespace sangre
