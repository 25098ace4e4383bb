// Files that the window opens, saves, is given and asks about.
#include <QClipboard>
#include <QCloseEvent>
#include <QDropEvent>
#include <QFileInfo>
#include <QMessageBox>
#include <QMimeData>
#include <QSettings>

#include "base/files/safe_write.h"
#include "build/build_station.h"
#include "loads/loads_station.h"
#include "log/log_station.h"
#include "routing/routing_station.h"
#include "shell/line_bar.h"
#include "shell/paste.h"
#include "shell/settings.h"
#include "shell/unfinished.h"
#include "shell/window.h"
#include "widgets/words.h"

namespace sangre::app {

bool Window::take_file(const QString& file) {
    if (file.endsWith(QLatin1String(".json"), Qt::CaseInsensitive)) return document_.open(file), true;
    static const QStringList pictures{QStringLiteral("png"), QStringLiteral("jpg"), QStringLiteral("jpeg")};
    if (pictures.contains(QFileInfo(file).suffix().toLower())) {
        go(Station::routing);
        routing()->map()->take_picture_file(file);
        return true;
    }
    const bool table = file.endsWith(QLatin1String(".csv"), Qt::CaseInsensitive) ||
                       file.endsWith(QLatin1String(".tsv"), Qt::CaseInsensitive);
    if (!table && !file.endsWith(QLatin1String(".txt"), Qt::CaseInsensitive)) return false;
    const auto text = read_text(file.toStdString());
    if (!text) return show_banner(words_of(text.error()), true, false), true;
    if (add_lines(document_, words_of(*text))) return true;
    go(Station::loads);
    loads()->paste(words_of(*text));
    return true;
}

void Window::dragEnterEvent(QDragEnterEvent* e) {
    if (e->mimeData()->hasUrls() || e->mimeData()->hasText() || e->mimeData()->hasImage())
        e->acceptProposedAction();
}

void Window::dropEvent(QDropEvent* e) {
    for (const auto& url : e->mimeData()->urls())
        if (!url.isLocalFile() || !take_file(url.toLocalFile()))
            show_banner(tell("{fileName} is no plan (.json), table of loads (.csv), lines of a plan (.txt) "
                             "or picture (.png, .jpg).",
                             url.fileName()),
                        true, false);
    if (!e->mimeData()->hasUrls() && e->mimeData()->hasImage()) {
        go(Station::routing);
        return routing()->map()->take_picture(qvariant_cast<QImage>(e->mimeData()->imageData()));
    }
    if (!e->mimeData()->hasUrls() && e->mimeData()->hasText() &&
        !add_lines(document_, e->mimeData()->text())) {
        go(Station::loads);
        loads()->paste(e->mimeData()->text());
    }
}

void Window::follow_finding(const QString& rule) { go(stage_of(rule.toStdString())); }

void Window::save_to(const QString& file) {
    // What saving itself has to say, of another program's version, is not talked over.
    bool talked = false;
    const auto listening = connect(&document_, &Document::said, this, [&] { talked = true; });
    const bool saved = document_.save_as(file);
    disconnect(listening);
    if (saved && !talked) show_banner(tell("Saved to {file}.", document_.file()), false, false);
}

void Window::save() { document_.file().isEmpty() ? ask_save_as() : save_to(document_.file()); }

void Window::remember(const QString& file) {
    QSettings settings;
    auto recent = settings.value("recent").toStringList();
    recent.removeAll(file);
    recent.prepend(file);
    settings.setValue("recent", QStringList(recent.mid(0, 8)));
}

bool Window::ask_lose(const QString& why) {
    QMessageBox ask(QMessageBox::Warning, tr("Unsaved work"),
                    tell("“{plan}” has unsaved work, and it cannot be kept for the next start.",
                         QString::fromStdString(document_.plan().name)),
                    QMessageBox::NoButton, this);
    ask.setInformativeText(why);
    auto* save = ask.addButton(tr("Save as…"), QMessageBox::AcceptRole);
    auto* lose = ask.addButton(tr("Lose it"), QMessageBox::DestructiveRole);
    ask.setDefaultButton(save);
    ask.setEscapeButton(ask.addButton(tr("Stay here"), QMessageBox::RejectRole));
    ask.exec();
    if (ask.clickedButton() == save) ask_save_as();
    return ask.clickedButton() == lose || !document_.modified();
}

void Window::closeEvent(QCloseEvent* e) {
    if (!remembered_.isEmpty()) remember(remembered_);
    // Nothing is asked where unsaved work can wait in the recovery file: it is back at the next start.
    if (!document_.may_leave()) return e->ignore();
    QSettings settings;
    settings.setValue("geometry", saveGeometry());
    settings.setValue("why_shown", why_shown_);
    settings.setValue("station", static_cast<int>(station_));
    QMainWindow::closeEvent(e);
}

}  // namespace sangre::app
