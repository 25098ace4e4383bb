#include "shell/paste.h"

#include "files/plan_text.h"

namespace sangre::app {

bool add_lines(Document& document, const QString& text) {
    const auto said = text.toStdString();
    if (!looks_like_plan_text(said)) return false;
    auto next = plan_from_text(said, document.catalogue(), document.plan());
    if (!next) {
        emit document.said(QObject::tr("%1 Nothing was pasted.")
                               .arg(QString::fromStdString(error_text(next.error())) + QLatin1Char('.')),
                           true, false);
        return true;
    }
    document.apply([plan = std::move(*next)](const Plan&) { return plan; }, QObject::tr("Paste lines"));
    emit document.said(QObject::tr("What the lines say was added."), false, true);
    return true;
}

}  // namespace sangre::app
