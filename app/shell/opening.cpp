#include "shell/opening.h"

#include <QFileInfo>

#include "base/units/format.h"
#include "output/files/plan_file.h"

namespace sangre::app {

Opening::Opening(std::string file) : file_(std::move(file)) {
    // The environment is read here: Qt may change it while the other thread runs.
    preparing_ = std::async(std::launch::async, prepare, data_directory(), own_catalogue(), file_);
}

Opening::Prepared Opening::prepare(const std::filesystem::path& data, const std::filesystem::path& own,
                                   const std::string& file) {
    auto reading = file.empty() ? std::future<tl::expected<Plan, std::string>>()
                                : std::async(std::launch::async, load_plan, std::filesystem::path(file));
    auto loaded = load_catalogue(data, own);
    if (!loaded) return {tl::unexpected(loaded.error()), {}};
    Prepared p{std::make_shared<const Catalogue>(std::move(*loaded)), {}};
    if (!reading.valid()) return p;
    if (const auto plan = reading.get()) p.study = study(*plan, **p.catalogue, usual_conditions(*plan));
    return p;
}

std::string Opening::problem() {
    if (!prepared_) {
        // While the other thread reads and studies, this one has fonts and styles to make ready.
        Window::recall_look();
        warm_up();
        prepared_ = preparing_.get();
    }
    return prepared_->catalogue ? std::string() : prepared_->catalogue.error();
}

Window& Opening::window(const QString& recovery_folder) {
    if (!problem().empty()) throw std::logic_error("no window without a catalogue");
    document_ = std::make_unique<Document>(*prepared_->catalogue, recovery_folder);
    // What opening says is said once there is a window to say it in.
    std::optional<std::tuple<QString, bool, bool>> said;
    const auto listening = QObject::connect(document_.get(), &Document::said, document_.get(),
                                            [&](const QString& words, bool error, bool undoable) {
                                                said = {words, error, undoable};
                                            });
    if (!file_.empty()) {
        const auto whole = QFileInfo(QString::fromStdString(file_)).absoluteFilePath();
        // What could not be read is read once more, to say why.
        prepared_->study ? document_->open(whole, std::move(*prepared_->study))
                         : void(document_->open(whole));
    } else
        document_->take_up_newest();
    QObject::disconnect(listening);
    window_ = std::make_unique<Window>(*document_);
    if (said) std::apply([&](const auto&... what) { window_->show_banner(what...); }, *said);
    return *window_;
}

}  // namespace sangre::app
