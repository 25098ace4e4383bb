#pragma once
// From a file's name to a window that shows it: catalogue, plan and its first study are made on another
// thread while Qt and the fonts get ready.
#include <future>
#include <memory>

#include "shell/window.h"

namespace sangre::app {

class Opening {
  public:
    /// Starts reading; before QApplication is made. `file` may be empty.
    explicit Opening(std::string file);
    /// The catalogue's error, or nothing. With a QApplication: waits for what was started, and gets fonts and
    /// styles ready meanwhile.
    std::string problem();
    /// The window with the plan in it, not yet shown; only without a problem, and with a QApplication.
    Window& window(const QString& recovery_folder);

  private:
    struct Prepared {
        tl::expected<std::shared_ptr<const Catalogue>, std::string> catalogue;
        std::optional<Study> study;  ///< none where the file cannot be read, which opening it will say
    };
    static Prepared prepare(const std::filesystem::path& data, const std::filesystem::path& own,
                            const std::string& file);
    std::string file_;
    std::future<Prepared> preparing_;
    std::optional<Prepared> prepared_;
    std::unique_ptr<Document> document_;
    std::unique_ptr<Window> window_;
};

}  // namespace sangre::app
