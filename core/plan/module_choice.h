#pragma once
// Which module makes a voltage from what feeds it.
#include <tl/expected.hpp>
#include <vector>

#include "plan/source.h"

namespace sangre {

/// The cheapest module that makes `volts` from the source and is trusted with the currents; wants 25 % spare
/// on its highest input and takes less only when nothing else serves; likewise a tolerance that fits the
/// loads' `window`, (greatest − least voltage) ÷ rail voltage. The error says why none does. `first`: types
/// that are there already; one of them is taken where it serves, whatever it costs.
tl::expected<const ConverterType*, Words> choose_converter(const Catalogue& catalogue, SourceRange source,
                                                           Volt volts, Ampere continuous, Ampere peak,
                                                           double window = 1,
                                                           const std::vector<Id>& first = {});

/// Spare on the highest input: (rated maximum − highest source) ÷ highest source.
double input_spare(const ConverterType& type, Volt highest);

}  // namespace sangre
