#pragma once
// What a command is asked with, and what it reads from files.
#include <cstdint>
#include <string>
#include <vector>

#include "catalogue/catalogue.h"
#include "plan/plan.h"

namespace sangre::cli {

/// A message for stderr and exit code 2: the input cannot be read.
struct CannotRead {
    std::string message;
};

struct Options {
    std::string file, output, phase, charge, air, source, tonight, date;
    bool json = false, csv = false, worst = false, ics = false;
    size_t draws = 2000, number = 0;
    std::uint64_t seed = 1;
};

/// Those that ship and the builder's own; what is left out of these is said on stderr.
Catalogue catalogue();
Plan plan_of(const Options& options);
/// The file to write, which must have a name and none of these endings' others; `beside`: a file that it must
/// not be.
void check_output(const std::string& output, const std::vector<std::string>& endings,
                  const std::string& beside, const char* what);

}  // namespace sangre::cli
