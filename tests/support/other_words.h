#pragma once
// A made-up language that shows what cannot be translated: whatever is left in plain letters was never asked
// for.
#include <QSet>
#include <QString>
#include <QStringList>
#include <string>
#include <string_view>

#include "plan/plan.h"

namespace sangre::test {

/// Every letter outside braces becomes a circled one.
std::string circled(std::string_view english);
/// Words that are data: what the plan and the catalogue call things and how their parts are named, units, and
/// what a line or a file says, which is the same in every language.
QSet<QString> data_words(const Plan& plan);
/// The first plain word there that is no data, with what stands round it; or nothing.
QStringList english_in(const QString& text, const QSet<QString>& data);

}  // namespace sangre::test
