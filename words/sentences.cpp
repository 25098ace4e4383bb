#include "sentences.h"

#include <QDir>

namespace sangre {

std::unique_ptr<Sentences> shipped_sentences(const QString& language) {
    auto words = std::make_unique<Sentences>();
    if (!shipped_languages().contains(language) ||
        !words->load(QStringLiteral(":/words/%1.qm").arg(language)))
        return nullptr;
    return words;
}

QStringList shipped_languages() {
    QStringList all{QStringLiteral("en")};
    for (const auto& file : QDir(QStringLiteral(":/words")).entryInfoList({QStringLiteral("*.qm")}))
        all << file.completeBaseName();
    return all;
}

}  // namespace sangre
