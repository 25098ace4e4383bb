#include "other_words.h"

#include <QDir>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QRegularExpression>

#include "lines/facts.h"
#include "output/files/plan_file.h"

namespace sangre::test {

std::string circled(std::string_view english) {
    std::string out;
    bool inside = false;
    for (const char c : english) {
        if (c == '{') inside = true;
        if (c == '}' || c == '|') inside = false;  // the forms of a choice are words
        if (!inside && std::isalpha(static_cast<unsigned char>(c)) != 0) {
            const bool big = std::isupper(static_cast<unsigned char>(c)) != 0;
            const char32_t code =
                (big ? U'\u24B6' : U'\u24D0') + static_cast<char32_t>(c - (big ? 'A' : 'a'));
            out += QString::fromUcs4(&code, 1).toStdString();
        } else {
            out += c;
        }
    }
    return out;
}

QSet<QString> data_words(const Plan& plan) {
    QSet<QString> words;
    static const QRegularExpression letters("[A-Za-z]+");
    const auto take = [&](const QString& text) {
        for (auto at = letters.globalMatch(text); at.hasNext();) words.insert(at.next().captured().toLower());
    };
    take(QString::fromStdString(plan_to_json(plan)));
    QDir folder(QStringLiteral(SANGRE_SOURCE_DATA "/catalogue"));
    for (const auto& name : folder.entryList({"*.json"})) {
        QFile file(folder.filePath(name));
        if (!file.open(QIODevice::ReadOnly)) continue;
        for (const auto entry : QJsonDocument::fromJson(file.readAll()).object()["entries"].toArray())
            for (const auto* key : {"name", "id", "size", "short", "source", "takes"})
                take(entry.toObject()[QLatin1String(key)].toString());
    }
    for (const auto* kind : line_kinds())
        for (const auto& fact : kind->facts)
            take(QString::fromUtf8(fact.word) + " " + QString::fromUtf8(fact.key));
    take(
        "Monday Tuesday Wednesday Thursday Friday Saturday Sunday November stall mm cm mAh Ah Wh mWh Hz kHz "
        "MHz min day days ms AWG DC AC PWM GND LED LFP SnPb RC IEC Churchill "
        "Peukert µF dB kg pcs");
    return words;
}

QStringList english_in(const QString& said, const QSet<QString>& data) {
    static const QRegularExpression word("[A-Za-z]{3,}(?![A-Za-z]*…)");
    for (auto at = word.globalMatch(said); at.hasNext();) {
        const auto w = at.next().captured();
        if (!data.contains(w.toLower())) return {w + " in “" + said.left(120) + "”"};
    }
    return {};
}

}  // namespace sangre::test
