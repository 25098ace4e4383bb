#pragma once
// A circuit with its parts: all of a network that stays while demands change.
#include "physics/network/circuit.h"
#include "physics/network/elements.h"
#include "physics/parts/source.h"

namespace sangre {

struct Network {
    Circuit circuit;
    std::vector<Load> loads;
    std::vector<LoadLaw> laws;                   ///< by load
    std::vector<std::vector<size_t>> into_load;  ///< by load, the feeds that end at it
    std::vector<const ConverterType*> types;     ///< by module; null where none is known
    std::vector<Volt> set;                       ///< by module
    std::vector<Source> sources;
    std::vector<const Chemistry*> chemistries;  ///< by source; null where it has none
};

}  // namespace sangre
