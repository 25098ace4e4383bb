#include "shell/unfinished.h"

#include <QApplication>
#include <QKeyEvent>
#include <QLineEdit>

#include "widgets/canvas.h"

namespace sangre::app {
namespace {

/// The fields that are there whether or not something is being typed into a drawing.
QList<QLineEdit*> fields_of(const QWidget& window) {
    QList<QLineEdit*> fields;
    for (auto* f : window.findChildren<QLineEdit*>())
        if (!qobject_cast<Canvas*>(f->parentWidget())) fields << f;
    return fields;
}

}  // namespace

std::vector<Typed> unfinished(const QWidget& window) {
    std::vector<Typed> all;
    const auto fields = fields_of(window);
    for (int i = 0; i < fields.size(); ++i)
        if (const auto* f = fields[i]; f->isModified() || f->hasFocus())
            all.push_back({i, false, {}, f->text(), f->cursorPosition(), f->hasFocus()});
    const auto drawings = window.findChildren<Canvas*>();
    for (int i = 0; i < drawings.size(); ++i)
        if (const auto* f = drawings[i]->editor())
            all.push_back({i, true, drawings[i]->focused_spot(), f->text(), f->cursorPosition(), true});
    return all;
}

void take_up_again(QWidget& window, const std::vector<Typed>& typed) {
    const auto fields = fields_of(window);
    const auto drawings = window.findChildren<Canvas*>();
    for (const auto& t : typed) {
        QLineEdit* field = nullptr;
        if (!t.in_drawing && t.number < fields.size()) field = fields[t.number];
        if (t.in_drawing && t.number < drawings.size()) {
            auto* drawing = drawings[t.number];
            // Its spots are there once it has been drawn.
            drawing->grab();
            drawing->focus_spot(t.spot);
            QKeyEvent open(QEvent::KeyPress, Qt::Key_Return, Qt::NoModifier);
            QApplication::sendEvent(drawing, &open);
            field = drawing->editor();
        }
        if (!field) continue;
        field->setText(t.text);
        field->setModified(true);
        field->setCursorPosition(t.cursor);
        if (t.focused) field->setFocus();
    }
}

}  // namespace sangre::app
