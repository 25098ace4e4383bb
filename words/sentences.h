#pragma once
// The languages that ship: sentences of the core and of the window, by their English.
#include <QTranslator>
#include <memory>

namespace sangre {

/// A sentence means the same wherever it stands: one context holds them all.
class Sentences : public QTranslator {
  public:
    using QTranslator::QTranslator;
    QString translate(const char*, const char* english, const char*, int) const override {
        return QTranslator::translate("sangre", english);
    }
};

/// Those of a language, such as "de"; null where it does not ship, English among these.
std::unique_ptr<Sentences> shipped_sentences(const QString& language);
/// Languages that ship, English first.
QStringList shipped_languages();

}  // namespace sangre
