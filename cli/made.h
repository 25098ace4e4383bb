#pragma once
// Commands about what is made by hand: steps, readings, wires, cards, shopping. Each returns the
// exit code.
#include "options.h"

namespace sangre::cli {

int run_steps(const Options& options);
int run_readings(const Options& options);
int run_wiring(const Options& options);
int run_straight(const Options& options);
int run_bom(const Options& options);
int run_cut_list(const Options& options);
int run_shopping(const Options& options);

}  // namespace sangre::cli
