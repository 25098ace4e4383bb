#pragma once
// Commands that draw into files.
#include <CLI/CLI.hpp>
#include <functional>

#include "options.h"

namespace sangre::cli {

/// Adds a command for every kind of drawing; `asked` is what the chosen one does and returns.
void add_drawings(CLI::App& app, Options& options, std::function<int()>& asked);

}  // namespace sangre::cli
