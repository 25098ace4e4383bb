#include "shell/tongue.h"

#include <QCoreApplication>
#include <QLibraryInfo>
#include <QSettings>
#include <QTranslator>
#include <atomic>
#include <memory>
#include <utility>
#include <vector>

#include "base/words/reader.h"
#include "sentences.h"

namespace sangre::app {
namespace {

std::atomic<Sentences*> spoken = nullptr;
QTranslator* dialogs = nullptr;

std::string looked_up(std::string_view english) {
    const std::string text(english);
    const auto* now = spoken.load();
    return now ? now->translate(nullptr, text.c_str(), nullptr, -1).toStdString() : std::string();
}

/// Those of before: work in the background may be in the middle of a sentence.
std::vector<std::unique_ptr<QTranslator>>& silent() {
    static std::vector<std::unique_ptr<QTranslator>> all;
    return all;
}

void forget() {
    sangre::speak(nullptr);
    for (QTranslator* now : {static_cast<QTranslator*>(spoken.load()), dialogs})
        if (now) {
            if (QCoreApplication::instance()) QCoreApplication::removeTranslator(now);
            silent().emplace_back(now);
        }
    spoken = nullptr, dialogs = nullptr;
}

}  // namespace

std::vector<std::pair<QString, QString>> languages() {
    return {{QStringLiteral("en"), QStringLiteral("English")},
            {QStringLiteral("de"), QStringLiteral("Deutsch")}};
}

void speak_language(const QString& language) {
    forget();
    auto words = shipped_sentences(language);
    if (!words) return;
    spoken = words.release();
    sangre::speak(looked_up);
    dialogs = new QTranslator;
    if (!dialogs->load(QStringLiteral("qtbase_") + language,
                       QLibraryInfo::path(QLibraryInfo::TranslationsPath)))
        delete std::exchange(dialogs, nullptr);
    if (QCoreApplication::instance()) speak_in_windows();
}

void speak_in_windows() {
    if (auto* now = spoken.load()) QCoreApplication::installTranslator(now);
    // What the toolkit itself says, where its words are installed.
    if (dialogs) QCoreApplication::installTranslator(dialogs);
}

void speak_as_set() {
    const auto wanted = QSettings().value("language").toString();
    speak_language(wanted.isEmpty() ? QLocale::system().name().left(2) : wanted);
}

QLocale spoken_locale() {
    const auto* now = spoken.load();
    return now ? QLocale(now->language()) : QLocale(QLocale::English);
}

}  // namespace sangre::app
