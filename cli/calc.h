#pragma once
// "sangre-cli calc": one question, one answer.
#include <CLI/CLI.hpp>
#include <functional>

#include "catalogue/catalogue.h"

/// A value that cannot be read; the message names the option.
struct BadOption {
    std::string message;
};

/// Adds `calc` with its questions below `app`. The chosen question is put into `run`; it prints its answer
/// and returns the exit code: 0, or 2 where the question was wrong.
void add_calc(CLI::App& app, std::function<int()>& run, const std::function<sangre::Catalogue()>& catalogue);
