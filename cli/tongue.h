#pragma once
// Which language the command line answers in. Scripts read what it says: English, unless another is asked
// for.
namespace sangre::cli {

/// Speaks what `--language CODE` asks for, wherever it stands: before anything else is said. A language that
/// does not ship is an error that names those that do.
void speak_as_asked(int argc, const char* const* argv);

}  // namespace sangre::cli
