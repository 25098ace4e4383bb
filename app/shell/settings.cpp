#include "shell/settings.h"

#include <QLocale>
#include <QSettings>

#include "base/words/reader.h"
#include "widgets/words.h"

namespace sangre::app {

void recall_settings() {
    const QSettings settings;
    const auto mark = settings.value("decimal").toString();
    Presentation wanted;
    wanted.inches = settings.value("lengths").toString() == "inches";
    wanted.both_sizes = settings.value("wire_sizes").toString() == "both";
    const bool comma = mark.isEmpty() ? QLocale().decimalPoint() == QLatin1String(",") : mark == ",";
    wanted.decimal = comma ? ',' : '.';
    set_presentation(wanted);
}

std::string practices_for_new_plans() { return QSettings().value("practices").toString().toStdString(); }

std::string keep_practices_for_new_plans(const LineContext& context, const std::string& line) {
    const auto read = read_thing(context, Practices{}, line);
    if (!read) return read.error().message;
    QSettings().setValue("practices", words_of(thing_line(context, *read)));
    return {};
}

Practices new_plan_practices(const Catalogue& catalogue) {
    const Plan none;
    const auto line = practices_for_new_plans();
    auto read = read_thing(LineContext(none, catalogue), Practices{}, line);
    return read ? std::move(*read) : Practices{};
}

QString money(double amount) {
    const auto sign = QSettings().value("money").toString();
    const auto number = words_of(format_number(amount));
    return sign.isEmpty() ? number : number + QChar(0xA0) + sign;
}

}  // namespace sangre::app
