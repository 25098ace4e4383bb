#pragma once
// Sheets as a PDF, at their true size.
#include <filesystem>
#include <tl/expected.hpp>

#include "output/diagram/diagram.h"

namespace sangre {

/// One page a sheet, in the shipped font; `title` is what a reader's window shows. The whole file, or what
/// went wrong.
tl::expected<std::string, std::string> sheets_to_pdf(const std::vector<DiagramSheet>& sheets,
                                                     const std::string& title,
                                                     const std::filesystem::path& data);

}  // namespace sangre
