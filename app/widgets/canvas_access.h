#pragma once
// A drawing for those who do not see it: every spot of a canvas is an object with a role, a name, a value and
// what can be done with it.
#include <QAccessible>
#include <QAccessibleWidget>
#include <QPointer>

#include "widgets/canvas.h"

namespace sangre::app {

/// One spot, found again by its key after each painting.
class SpotAccess : public QAccessibleInterface, public QAccessibleActionInterface {
  public:
    SpotAccess(Canvas* canvas, QString key) : canvas_(canvas), key_(std::move(key)) {}
    const QString& key() const { return key_; }

    bool isValid() const override { return canvas_ && spot(); }
    QObject* object() const override { return nullptr; }
    QWindow* window() const override;
    QAccessibleInterface* childAt(int, int) const override { return nullptr; }
    QAccessibleInterface* parent() const override;
    QAccessibleInterface* child(int) const override { return nullptr; }
    int childCount() const override { return 0; }
    int indexOfChild(const QAccessibleInterface*) const override { return -1; }
    QString text(QAccessible::Text which) const override;
    void setText(QAccessible::Text, const QString&) override {}
    QRect rect() const override;
    QAccessible::Role role() const override;
    QAccessible::State state() const override;
    void* interface_cast(QAccessible::InterfaceType type) override;

    QStringList actionNames() const override;
    QString localizedActionDescription(const QString& action) const override;
    void doAction(const QString& action) override;
    QStringList keyBindingsForAction(const QString& action) const override;

  private:
    const Spot* spot() const { return canvas_ ? canvas_->spot(key_) : nullptr; }
    QPointer<Canvas> canvas_;
    QString key_;
};

/// The canvas: its spots come before the widgets in it.
class CanvasAccess : public QAccessibleWidget {
  public:
    explicit CanvasAccess(Canvas* canvas);
    ~CanvasAccess() override;
    QAccessibleInterface* child(int index) const override;
    int childCount() const override;
    int indexOfChild(const QAccessibleInterface* child) const override;
    QAccessibleInterface* childAt(int x, int y) const override;
    QAccessibleInterface* focusChild() const override;
    /// The object of the spot of that key; kept for as long as the canvas has it.
    QAccessibleInterface* of_spot(const QString& key) const;

  private:
    Canvas* canvas() const { return static_cast<Canvas*>(widget()); }
    mutable QHash<QString, QAccessible::Id> known_;
};

/// Has every canvas speak through these. Once, before the first window.
void make_canvases_accessible();

/// Tells who listens that the focus moved to that spot.
void announce_focus(Canvas& canvas, const QString& key);
/// That its spots are others, or say something else.
void announce_spots(Canvas& canvas);
/// That one of them has another name, value or state.
void announce_spot(Canvas& canvas, const QString& key);
/// Says words aloud: of a label they are its name, of a drawing what describes it. Heard where somebody
/// listens; kept in the widget either way.
void say_aloud(QWidget& widget, const QString& words);

}  // namespace sangre::app
