#include "shell/unfinished.h"

#include <QApplication>
#include <QKeyEvent>
#include <QLineEdit>
#include <QTimer>

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
    const auto put_back = [](QLineEdit& field, const Typed& t) {
        field.setText(t.text);
        field.setModified(true);
        field.setCursorPosition(t.cursor);
        if (t.focused) field.setFocus();
    };
    const auto fields = fields_of(window);
    for (const auto& t : typed) {
        if (!t.in_drawing) {
            if (t.number < fields.size()) put_back(*fields[t.number], t);
            continue;
        }
        // A drawing has its spots once it has its size and has been drawn.
        QTimer::singleShot(0, &window, [&window, t, put_back] {
            const auto drawings = window.findChildren<Canvas*>();
            if (t.number >= drawings.size()) return;
            auto* drawing = drawings[t.number];
            drawing->repaint();
            drawing->focus_spot(t.spot);
            QKeyEvent open(QEvent::KeyPress, Qt::Key_Return, Qt::NoModifier);
            QApplication::sendEvent(drawing, &open);
            if (drawing->editor()) put_back(*drawing->editor(), t);
        });
    }
}

}  // namespace sangre::app
