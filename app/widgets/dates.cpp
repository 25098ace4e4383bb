#include "widgets/dates.h"

#include <QObject>

namespace sangre::app {

std::string today() { return QDate::currentDate().toString(Qt::ISODate).toStdString(); }

QString day_words(const QDate& day) {
    if (!day.isValid()) return {};
    const QString names[] = {QObject::tr("Mon"), QObject::tr("Tue"), QObject::tr("Wed"), QObject::tr("Thu"),
                             QObject::tr("Fri"), QObject::tr("Sat"), QObject::tr("Sun")};
    return QStringLiteral("%1 %2").arg(names[day.dayOfWeek() - 1]).arg(day.day());
}

}  // namespace sangre::app
