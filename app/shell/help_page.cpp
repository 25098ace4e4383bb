#include "shell/help_page.h"

#include <QFile>
#include <QTextBlock>
#include <QTextDocument>
#include <QTextTable>

#include "catalogue/catalogue.h"
#include "output/files/plan_text.h"
#include "theme/theme.h"
#include "widgets/words.h"

namespace sangre::app {

HelpPage::HelpPage(QWidget* parent) : QTextBrowser(parent) {
    setAccessibleName(tr("Help"));
    setFrameShape(QFrame::NoFrame);
    setOpenLinks(false);
    QFile file(QString::fromStdString((data_directory() / "help" / "help.md").string()));
    auto text = file.open(QIODevice::ReadOnly)
                    ? QString::fromUtf8(file.readAll())
                    : tell("The help's file cannot be read: {errorString}", file.errorString());
    text += words_of(lines_handbook());
    document()->setDocumentMargin(u(18));
    document()->setDefaultFont(face(13));
    setStyleSheet(QStringLiteral("background:%1;color:%2").arg(theme().card.name(), theme().ink.name()));
    setMarkdown(text);
    dress();
}

/// In the window's own type: headings of its sizes, keys and typed words bold, tables without boxes.
void HelpPage::dress() {
    for (auto block = document()->begin(); block.isValid(); block = block.next()) {
        const int level = block.blockFormat().headingLevel();
        for (auto it = block.begin(); !it.atEnd(); ++it) {
            const auto fragment = it.fragment();
            QTextCursor at(document());
            at.setPosition(fragment.position());
            at.setPosition(fragment.position() + fragment.length(), QTextCursor::KeepAnchor);
            auto format = fragment.charFormat();
            const bool typed = format.fontFixedPitch();
            const bool bold = typed || level > 0 || format.fontWeight() > QFont::Normal;
            format.setFont(face(level == 1 ? 17 : level == 2 ? 14 : 13, bold));
            if (typed) format.setForeground(theme().accent);
            at.setCharFormat(format);
        }
        if (level > 0) {
            QTextCursor at(block);
            auto format = block.blockFormat();
            format.setTopMargin(u(level == 1 ? 18 : 12)), format.setBottomMargin(u(6));
            at.setBlockFormat(format);
        }
    }
    for (auto* frame : document()->rootFrame()->childFrames())
        if (auto* table = qobject_cast<QTextTable*>(frame)) {
            auto format = table->format();
            format.setBorder(0), format.setCellPadding(u(3)), format.setCellSpacing(0);
            table->setFormat(format);
        }
    moveCursor(QTextCursor::Start);
}

}  // namespace sangre::app
