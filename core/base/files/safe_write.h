#pragma once
// Files written so that nothing is lost: whole or not at all, whatever stands at that name.
#include <filesystem>
#include <string>
#include <tl/expected.hpp>

namespace sangre {

/// Replaces a file's content. Written beside it under a name that nobody else has, brought to disk and read
/// back before it takes the old one's place, so that a crash leaves the old file or the new one. What a link
/// points to is written, not the link; mode and owner stay; a file of several names is written in place,
/// after its new content is safe beside it and its room is taken; where that stops midway the old content is
/// put back, or the error says where the new one is whole. Anything but a file (a folder, a device, a pipe)
/// is refused. Errors name file and reason.
tl::expected<void, std::string> write_whole(const std::string& text, const std::filesystem::path& file);

/// A whole file. Refused with the reason: what is not a file, is empty, or is larger than 64 MiB.
tl::expected<std::string, std::string> read_text(const std::filesystem::path& file);

}  // namespace sangre
