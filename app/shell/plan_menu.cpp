// The plan's menu, and what it asks for.
#include <QApplication>
#include <QClipboard>
#include <QFile>
#include <QFileDialog>
#include <QFileInfo>
#include <QInputDialog>
#include <QMenu>
#include <QMessageBox>
#include <QPrintDialog>
#include <QPrinter>
#include <QSettings>

#include "lines/csv.h"
#include "making/cut_list.h"
#include "making/shopping.h"
#include "making/steps/bom.h"
#include "output/book/book.h"
#include "output/files/plan_file.h"
#include "output/files/plan_text.h"
#include "output/files/tables.h"
#include "plan/air.h"
#include "plan/edits.h"
#include "power/power_station.h"
#include "routing/routing_station.h"
#include "shell/demos.h"
#include "shell/line_bar.h"
#include "shell/paste.h"
#include "shell/pictures.h"
#include "shell/practices_menu.h"
#include "shell/window.h"
#include "widgets/dates.h"
#include "widgets/words.h"
#include "wiring/wiring_station.h"

namespace sangre::app {

void Window::plan_menu() {
    QMenu menu(this);
    fill_plan_menu(menu);
    auto* button = what_if_->plan_button();
    menu.exec(button->mapToGlobal(QPoint(0, button->height())));
}

void Window::fill_plan_menu(QMenu& menu) {
    menu.setToolTipsVisible(true);
    menu.addAction(tr("New\tCtrl+N"), this, &Window::begin_anew);
    menu.addAction(tr("Open…\tCtrl+O"), this, &Window::ask_open);
    auto* recent = menu.addMenu(tr("Recent"));
    for (const auto& file : QSettings().value("recent").toStringList())
        recent->addAction(file, [this, file] { document_.open(file); });
    recent->setEnabled(!recent->isEmpty());
    fill_demos_menu(document_, *menu.addMenu(tr("Demos")));
    auto* unsaved = menu.addMenu(tr("Unsaved plans"));
    for (const auto& left : document_.left_behind())
        unsaved->addAction(tell("{volts}, {amps}", menu_words(left.about.name),
                                QLocale().toString(left.when, QLocale::ShortFormat)),
                           [this, left] { document_.take_up(left); });
    unsaved->setEnabled(!unsaved->isEmpty());
    menu.addAction(tr("Rename…"), this, &Window::rename_plan);
    menu.addSeparator();
    menu.addAction(tr("Save\tCtrl+S"), this, &Window::save);
    menu.addAction(tr("Save as…\tCtrl+Shift+S"), this, &Window::ask_save_as);
    menu.addAction(tr("Keep as A, to compare\tCtrl+K"), &document_, &Document::keep_variant);
    menu.addAction(tr("Back to the saved plan"), &document_, &Document::discard_recovered)
        ->setEnabled(document_.modified() && !document_.file().isEmpty());
    menu.addAction(tr("Back to the version before the last saving"), &document_,
                   &Document::back_to_version_before)
        ->setEnabled(!document_.version_before().isEmpty());
    menu.addSeparator();
    menu.addAction(tell("Undo {undo_text}\tCtrl+Z", document_.undo_text()), &document_, &Document::undo)
        ->setEnabled(document_.can_undo());
    menu.addAction(tell("Redo {redo_text}\tCtrl+Shift+Z", document_.redo_text()), &document_, &Document::redo)
        ->setEnabled(document_.can_redo());
    auto* back = menu.addMenu(tr("Undo back to"));
    const auto done = document_.history();
    for (size_t i = done.size(); i-- > 0 && done.size() - i <= 30;)
        back->addAction(tell("before “{edit}”", menu_words(done[i])), [this, i] { document_.undo_to(i); });
    back->setEnabled(!back->isEmpty());
    const bool any = !document_.selected().empty();
    menu.addAction(tr("Cut\tCtrl+X"), [this] { cut_selected(document_); })->setEnabled(any);
    menu.addAction(tr("Copy\tCtrl+C"), [this] { copy_selected(document_); })->setEnabled(any);
    menu.addAction(tr("Paste\tCtrl+V"), [this] { add_lines(document_, QApplication::clipboard()->text()); })
        ->setEnabled(looks_like_plan_text(QApplication::clipboard()->text().toStdString()));
    menu.addAction(tr("Duplicate\tCtrl+D"), [this] { duplicate_selected(document_); })->setEnabled(any);
    menu.addAction(tr("Remove\tDel"), [this] { remove_selected(document_); })->setEnabled(any);
    menu.addAction(tr("Find anything…\tCtrl+Space"), this, &Window::find_anything);
    menu.addAction(tr("Add…\tInsert"), [this] { line_->add(); });
    menu.addAction(tr("Type its line…\tF2"), [this] { line_->change(document_.selection()); });
    menu.addAction(tr("Propose wiring\tCtrl+Enter"), &document_, &Document::propose_wiring);
    fill_practices_menu(document_, *menu.addMenu(tr("Schools to follow")));
    menu.addAction(tell("Ambient temperature: {air_text}…", words_of(air_text(document_.plan()))), this,
                   &Window::ask_air);
    auto* flies = menu.addAction(tr("It flies"), [this](bool on) {
        document_.apply([on](const Plan& p) { return set_flies(p, on); },
                        on ? tr("It flies") : tr("It stays on the ground"));
    });
    flies->setToolTip(tr("It flies: mass matters, and losing power means a crash"));
    flies->setCheckable(true);
    flies->setChecked(document_.plan().flies);
    menu.addSeparator();
    menu.addAction(tr("Shopping list as CSV…"), this, &Window::export_bom);
    menu.addAction(tr("Cut list as CSV…"), this, [this] {
        write_table(tr("Cut list"),
                    cut_list_to_csv(document_.plan(),
                                    cut_list(document_.plan(), document_.catalogue(), document_.study())));
    });
    menu.addAction(tr("Copy the shopping list as text"), this, [this] {
        QApplication::clipboard()->setText(
            words_of(shopping_to_text(shopping(document_.plan(), document_.catalogue(), document_.study()))));
        show_banner(tr("Copied; paste it into a message."), false, false);
    });
    menu.addAction(tr("Loads as CSV…"), this, &Window::export_loads);
    menu.addAction(tr("Readings as CSV…"), [this] {
        write_table(tr("Readings"), readings_to_csv(document_.plan(), document_.study().readings()));
    });
    menu.addAction(tr("Log as CSV…"), [this] { write_table(tr("Log"), log_to_csv(document_.plan())); });
    menu.addAction(tr("Copy the readings as a table"), [this] {
        copy_table(readings_to_csv(document_.plan(), document_.study().readings(), '\t'));
    });
    menu.addAction(tr("Copy the log as a table"), [this] { copy_table(log_to_csv(document_.plan(), '\t')); });
    menu.addAction(tr("Copy the plan as lines"), [this] {
        QApplication::clipboard()->setText(words_of(plan_to_text(document_.plan(), document_.catalogue())));
        show_banner(tr("Copied; paste it into a message, or anywhere in this window."), false, false);
    });
    menu.addAction(tr("Flow map as picture…"), this, &Window::export_flow_map);
    auto* paper = menu.addMenu(tr("On paper"));
    for (const auto& one : papers())
        paper->addAction(one.title + QStringLiteral("…"), this, [this, one] { export_paper(one); });
    paper->addAction(tr("Build book for a phone (HTML)…"), this, [this] {
        write_text(tr("Build book for a phone"), QStringLiteral("build book.html"), tr("Pages (*.html)"),
                   QStringLiteral("html"),
                   book_html(document_.plan(), document_.catalogue(), document_.study(),
                             [this](const std::string& name) -> std::optional<std::string> {
                                 QFile file(find_picture(QString::fromStdString(name), document_.origin(),
                                                         document_.pictures_pool()));
                                 if (!file.open(QIODevice::ReadOnly)) return {};
                                 return file.read(largest_picture + 1).toStdString();
                             }));
    });
    paper->addAction(tr("Evenings as a calendar…"), this, [this] {
        const auto& steps = document_.study().steps();
        const auto days =
            plan_evenings(document_.plan(), steps, today(),
                          held_back(document_.plan(), document_.catalogue(), document_.study(), steps));
        write_text(tr("Evenings as a calendar"), QStringLiteral("evenings.ics"), tr("Calendars (*.ics)"),
                   QStringLiteral("ics"),
                   evenings_to_ics(document_.plan(), steps, days,
                                   QDateTime::currentDateTimeUtc()
                                       .toString(QStringLiteral("yyyyMMdd'T'HHmmss'Z'"))
                                       .toStdString()));
    });
    menu.addAction(tr("Print this station's drawing…\tCtrl+P"), this, &Window::ask_print);
    menu.addSeparator();
    menu.addAction(appearance() == Appearance::light ? tr("Dark\tF7") : tr("Light\tF7"), [this] {
        restyle(appearance() == Appearance::light ? Appearance::dark : Appearance::light, text_scale());
    });
    menu.addAction(tr("Look as the desktop does"), this, &Window::follow_desktop);
    menu.addAction(tr("Larger text\tCtrl++"), [this] { restyle(appearance(), text_scale() + 0.25); });
    menu.addAction(tr("Smaller text\tCtrl+−"), [this] { restyle(appearance(), text_scale() - 0.25); });
    menu.addAction(why_shown_ ? tr("Fold Why away\tF9") : tr("Show Why\tF9"), [this] {
        why_shown_ = !why_shown_;
        why_->setVisible(why_shown_);
    });
    menu.addSeparator();
    menu.addAction(tr("Parts of the catalogue\tCtrl+L"), this, &Window::show_parts);
    menu.addAction(tr("Settings\tCtrl+,"), this, &Window::show_settings);
    menu.addAction(tr("Help\tF1"), this, &Window::show_help);
    menu.addAction(tr("Loads from a table…"), [this] {
        const auto file = QFileDialog::getOpenFileName(this, tr("Loads from a table"), document_.folder(),
                                                       tr("Tables and lines (*.csv *.tsv *.txt)"));
        if (!file.isEmpty()) take_file(file);
    });
    menu.addAction(tr("Quit\tCtrl+Q"), this, &QWidget::close);
}

void Window::export_paper(const Paper& paper) {
    const auto file =
        ask_file(paper.title, paper.file, tr("Drawings (*.pdf *.svg *.png)"), QStringLiteral("pdf"));
    if (file.isEmpty()) return;
    const auto sheets = paper.sheets(document_.plan(), document_.catalogue(), document_.study());
    if (sheets.empty()) return show_banner(paper.nothing, true, false);
    if (!may_replace(sheet_files(sheets.size(), file), file)) return;
    const auto wrong = write_sheets(sheets, words_of(document_.plan().name), file);
    show_banner(!wrong.isEmpty() ? wrong
                : paper.to_scale ? tell("Written to {file}; print it at 100 %.", file)
                                 : tell("Written to {file}.", file),
                !wrong.isEmpty(), false);
}

void Window::export_flow_map() {
    const auto file = ask_file(tr("Flow map as picture"), QStringLiteral("flow map.svg"),
                               tr("Pictures (*.svg *.pdf *.png)"), QStringLiteral("svg"));
    if (file.isEmpty()) return;
    const auto wrong = power()->map()->export_picture(file);
    show_banner(wrong.isEmpty() ? tell("Written to {file}.", file) : wrong, !wrong.isEmpty(), false);
}

void Window::ask_print() {
    auto* sheet = drawing();
    if (!sheet) return show_banner(tr("There is no drawing here to print."), true, false);
    QPrinter paper(QPrinter::HighResolution);
    paper.setDocName(words_of(document_.plan().name));
    QPrintDialog dialog(&paper, this);
    if (dialog.exec() != QDialog::Accepted) return;
    const bool printed = sheet->print_on(paper) && paper.printerState() != QPrinter::Error;
    show_banner(printed ? tr("Printed.") : tr("Nothing was printed: the printer cannot be reached."),
                !printed, false);
}

void Window::ask_open() {
    const auto file =
        QFileDialog::getOpenFileName(this, tr("Open a plan"), document_.folder(), tr("Plans (*.json)"));
    if (!file.isEmpty()) document_.open(file);
}

/// The dialog has asked for the file that was typed; a drawing of several sheets makes others beside it.
bool Window::may_replace(const QStringList& files, const QString& asked) {
    QStringList there;
    for (const auto& f : files)
        if (f != asked && QFile::exists(f)) there << QFileInfo(f).fileName();
    return there.isEmpty() ||
           QMessageBox::question(this, tr("Replace"),
                                 tell("These stand there already: {list}. Replace them?", there.join(", ")),
                                 QMessageBox::Yes | QMessageBox::No, QMessageBox::No) == QMessageBox::Yes;
}

QString Window::ask_file(const QString& title, const QString& name, const QString& kinds,
                         const QString& ending) {
    // The dialog adds the ending itself, so that it asks before the file of that very name is replaced.
    QFileDialog dialog(this, title, document_.folder(), kinds);
    dialog.setAcceptMode(QFileDialog::AcceptSave);
    dialog.setDefaultSuffix(ending);
    if (!name.isEmpty()) dialog.selectFile(name);
    if (dialog.exec() != QDialog::Accepted || dialog.selectedFiles().isEmpty()) return {};
    const auto file = dialog.selectedFiles().constFirst();
    if (ending != QLatin1String("json") && !document_.file().isEmpty() &&
        QFileInfo(file) == QFileInfo(document_.file())) {
        show_banner(tell("{file} is the plan itself; choose another name.", file), true, false);
        return {};
    }
    return file;
}

void Window::ask_save_as() {
    auto name = QString::fromStdString(document_.plan().name);
    name.replace('/', '-');
    const auto file =
        ask_file(tr("Save the plan"), name + ".json", tr("Plans (*.json)"), QStringLiteral("json"));
    if (!file.isEmpty()) save_to(file);
}

void Window::write_table(const QString& title, const std::string& table) {
    write_text(title, {}, tr("Tables (*.csv)"), QStringLiteral("csv"), table);
}

void Window::write_text(const QString& title, const QString& name, const QString& kinds,
                        const QString& ending, const std::string& text) {
    const auto file = ask_file(title, name, kinds, ending);
    if (file.isEmpty()) return;
    const auto written = write_whole(text, file.toStdString());
    show_banner(written ? tell("Written to {file}.", file) : QString::fromStdString(written.error()),
                !written, false);
}

void Window::copy_table(const std::string& table) {
    QApplication::clipboard()->setText(words_of(table));
    show_banner(tr("Copied; paste it into a spreadsheet."), false, false);
}

void Window::export_bom() {
    write_table(tr("Shopping list"),
                shopping_to_csv(shopping(document_.plan(), document_.catalogue(), document_.study())));
}

void Window::export_loads() { write_table(tr("Loads"), loads_to_csv(document_.plan().loads)); }

void Window::rename_plan() {
    bool ok = false;
    const auto name = QInputDialog::getText(this, tr("Rename"), tr("Name of the plan"), QLineEdit::Normal,
                                            QString::fromStdString(document_.plan().name), &ok)
                          .trimmed();
    if (!ok || name.isEmpty()) return;
    document_.apply(
        [n = name.toStdString()](const Plan& p) {
            auto next = p;
            next.name = n;
            return next;
        },
        tr("Rename the plan"));
}

void Window::ask_air() {
    auto text = QString::fromStdString(air_text(document_.plan()));
    QString wrong;
    while (true) {
        bool ok = false;
        const auto asked = tr("Lowest and highest ambient temperature, such as −10 – 40 °C");
        text = QInputDialog::getText(this, tr("Ambient temperature"),
                                     wrong.isEmpty() ? asked : asked + "\n" + wrong, QLineEdit::Normal, text,
                                     &ok);
        if (!ok) return;
        const auto air = parse_air(text.toStdString());
        if (!air) {
            wrong = words_of(air.error()) + ".";
            continue;
        }
        document_.apply([air = *air](const Plan& p) { return set_air(p, air); }, tr("Ambient temperature"));
        return;
    }
}

}  // namespace sangre::app
