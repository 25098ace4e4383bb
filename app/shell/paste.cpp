#include "shell/paste.h"

#include <QApplication>
#include <QClipboard>

#include "output/files/copies.h"
#include "plan/removal.h"
#include "widgets/words.h"

namespace sangre::app {
namespace {

std::set<Id> chosen(const Document& document) {
    const auto all = document.selected();
    return {all.begin(), all.end()};
}

QString said_of(const Document& document, const std::set<Id>& things) {
    return things.size() == 1 ? words_of(name_of(document.plan(), *things.begin()))
                              : tell("{count} things", things.size());
}

/// Takes the plan over and selects what is new in it.
bool take_over(Document& document, const tl::expected<Plan, TextError>& next, const QString& what,
               const QString& refused) {
    if (!next) {
        auto why = words_of(error_text(next.error()));
        while (why.endsWith(QLatin1Char('.'))) why.chop(1);
        emit document.said(QStringLiteral("%1. %2").arg(why, refused), true, false);
        return false;
    }
    const auto fresh = new_things(document.plan(), *next);
    document.apply([&](const Plan&) { return *next; }, what);
    if (!fresh.empty()) document.select_only(fresh.front());
    return true;
}

}  // namespace

bool add_lines(Document& document, const QString& text) {
    const auto said = text.toStdString();
    if (!looks_like_plan_text(said)) return false;
    const auto next = plan_from_text(said, document.catalogue(), document.plan(), document.selection());
    if (take_over(document, next, QObject::tr("Paste lines"), QObject::tr("Nothing was pasted.")))
        emit document.said(QObject::tr("What the lines say was added."), false, true);
    return true;
}

bool copy_selected(Document& document) {
    const auto things = chosen(document);
    if (things.empty()) return false;
    const auto lines =
        things_to_text(document.plan(), document.catalogue(), with_what_is_theirs(document.plan(), things));
    if (lines.empty()) return false;
    QApplication::clipboard()->setText(words_of(lines));
    emit document.said(tell("Copied: {said_of}.", said_of(document, things)), false, false);
    return true;
}

bool remove_selected(Document& document) {
    const auto things = chosen(document);
    const auto next = remove_things(document.plan(), things);
    if (things.empty() || next == document.plan()) return false;
    const auto words = said_of(document, things);
    document.apply_and_tell(Edit([&](const Plan&) { return next; }), tell("Removed {words}", words));
    document.select_only({});
    return true;
}

bool cut_selected(Document& document) { return copy_selected(document) && remove_selected(document); }

bool duplicate_selected(Document& document) {
    const auto things = chosen(document);
    if (things.empty()) return false;
    return take_over(document, with_duplicates(document.plan(), document.catalogue(), things),
                     tell("Duplicate {said_of}", said_of(document, things)),
                     QObject::tr("Nothing was added."));
}

}  // namespace sangre::app
