// Steps of the builder's own: one, the work on a board, and sets that are used again.
#include <QDir>
#include <QFileInfo>
#include <QInputDialog>
#include <QMenu>
#include <QStandardPaths>

#include "build/build_station.h"
#include "making/steps/step_templates.h"
#include "output/files/plan_file.h"
#include "plan/edits.h"
#include "widgets/words.h"

namespace sangre::app {
namespace {

QDir template_folder() {
    return {QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + QStringLiteral("/templates")};
}

/// A name as a file can have it.
QString file_name(QString name) {
    for (auto& c : name)
        if (!c.isLetterOrNumber() && c != QLatin1Char(' ') && c != QLatin1Char('-')) c = QLatin1Char('_');
    return name.left(80).trimmed() + QStringLiteral(".json");
}

}  // namespace

void BuildStation::put_steps(const Plan& with, const QString& what) {
    if (with.own_steps.size() == document_.plan().own_steps.size()) return;
    const auto first = with.own_steps[document_.plan().own_steps.size()].id;
    document_.apply([with](const Plan&) { return with; }, what);
    show_page(Page::steps);
    go_to(own_step_key(first));
}

void BuildStation::fill_own_menu(QMenu& menu) {
    menu.clear();
    menu.addAction(tr("One step…"), this, &BuildStation::add_own_step);
    menu.addAction(tr("Work on a board, from its parts…"), this, &BuildStation::add_board);
    menu.addSeparator();
    const auto offer = [&](QMenu& into, const Plan& steps) {
        into.addAction(menu_words(words_of(steps.name)), this, [this, steps] {
            put_steps(with_template(document_.plan(), steps, key_), tr("Steps of your own"));
        });
    };
    for (const auto& steps : shipped_templates()) offer(menu, steps);
    const auto folder = template_folder();
    const auto files = folder.entryInfoList({QStringLiteral("*.json")}, QDir::Files, QDir::Name);
    if (!files.isEmpty()) menu.addSeparator();
    for (const auto& file : files) {
        menu.addAction(menu_words(file.completeBaseName()), this, [this, path = file.absoluteFilePath()] {
            const auto steps = load_plan(path.toStdString());
            if (!steps) return void(emit document_.said(words_of(steps.error()), true, false));
            put_steps(with_template(document_.plan(), *steps, key_), tr("Steps of your own"));
        });
    }
    menu.addSeparator();
    auto* keep =
        menu.addAction(tr("Keep the steps of this plan as a set…"), this, &BuildStation::keep_template);
    keep->setEnabled(!document_.plan().own_steps.empty());
    if (files.isEmpty()) return;
    auto* forget = menu.addMenu(tr("Forget a set"));
    for (const auto& file : files)
        forget->addAction(menu_words(file.completeBaseName()), this, [this, path = file.absoluteFilePath()] {
            const auto name = QFileInfo(path).completeBaseName();
            if (QFile::moveToTrash(path))
                emit document_.said(tell("“{name}” lies in the trash.", name), false, false);
            else
                emit document_.said(tell("{path} could not be moved to the trash, and stays.", path), true,
                                    false);
        });
}

void BuildStation::add_board() {
    bool ok = false;
    const auto typed =
        QInputDialog::getText(
            this, tr("Work on a board"),
            tr("Its name, then what goes onto it: Lamp board: resistor 10k, LED green, electrolytic "
               "470 µF, header"),
            QLineEdit::Normal, {}, &ok)
            .trimmed();
    if (!ok || typed.isEmpty()) return;
    const auto colon = typed.indexOf(QLatin1Char(':'));
    const auto name = colon > 0 ? typed.left(colon).trimmed() : tr("Board");
    const auto parts = typed.mid(colon + 1).trimmed();
    if (board_parts(parts.toStdString()).empty()) {
        emit document_.said(tell("Which parts go onto {name}? Behind the colon, with commas between.", name),
                            true, false);
        return;
    }
    put_steps(with_board(document_.plan(), name.toStdString(), parts.toStdString(), key_),
              tr("Work on a board"));
}

void BuildStation::keep_template() {
    bool ok = false;
    const auto name = QInputDialog::getText(this, tr("A set of steps"), tr("What it is called"),
                                            QLineEdit::Normal, words_of(document_.plan().name), &ok)
                          .trimmed();
    if (!ok || name.isEmpty()) return;
    const auto folder = template_folder();
    if (!folder.mkpath(QStringLiteral("."))) {
        emit document_.said(tell("{absolutePath} cannot be made.", folder.absolutePath()), true, false);
        return;
    }
    const auto file = folder.filePath(file_name(name));
    if (QFileInfo::exists(file)) {
        emit document_.said(tell("There is a set called “{completeBaseName}” already: forget that first, or "
                                 "give this another name.",
                                 QFileInfo(file).completeBaseName()),
                            true, false);
        return;
    }
    const auto saved = save_plan(template_of(document_.plan(), name.toStdString()), file.toStdString());
    emit document_.said(
        saved ? tell("“{name}” is kept: it stands under + Step of your own in every plan.", name)
              : words_of(saved.error()),
        !saved, false);
}

}  // namespace sangre::app
