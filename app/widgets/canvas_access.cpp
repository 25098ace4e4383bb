#include "widgets/canvas_access.h"

#include <QRegularExpression>
#include <QWindow>
#include <algorithm>
#include <utility>

namespace sangre::app {
namespace {

QAccessibleInterface* interface_of(const QString&, QObject* object) {
    auto* canvas = qobject_cast<Canvas*>(object);
    return canvas ? new CanvasAccess(canvas) : nullptr;
}

}  // namespace

QWindow* SpotAccess::window() const { return canvas_ ? canvas_->window()->windowHandle() : nullptr; }

QAccessibleInterface* SpotAccess::parent() const {
    return canvas_ ? QAccessible::queryAccessibleInterface(canvas_) : nullptr;
}

QString SpotAccess::text(QAccessible::Text which) const {
    const auto* s = spot();
    if (!s) return {};
    switch (which) {
        case QAccessible::Name:
            return s->said_name();
        case QAccessible::Description:
        case QAccessible::Help:
            // The desktop's bus has no place for a value that is words: it comes first of what describes.
            return QStringList{s->value, s->said_more()}
                .filter(QRegularExpression(QStringLiteral(".")))
                .join(QStringLiteral(". "));
        case QAccessible::Value:
            return s->value;
        default:
            return {};
    }
}

QRect SpotAccess::rect() const {
    const auto* s = spot();
    if (!s) return {};
    const auto area = s->area.toAlignedRect();
    return {canvas_->mapToGlobal(area.topLeft()), area.size()};
}

QAccessible::Role SpotAccess::role() const {
    const auto* s = spot();
    // What the mouse alone points at repeats a spot that keys reach: a mark of a chart, the row beneath it.
    if (!s || !s->focusable || !(s->activate || s->secondary)) return QAccessible::StaticText;
    return s->checked ? QAccessible::CheckBox : s->selected ? QAccessible::ListItem : QAccessible::Button;
}

QAccessible::State SpotAccess::state() const {
    QAccessible::State state;
    const auto* s = spot();
    if (!s) {
        state.invalid = true;
        return state;
    }
    state.focusable = s->focusable;
    state.focused = canvas_->hasFocus() && canvas_->focused_spot() == key_;
    state.disabled = !canvas_->isEnabled();
    state.invisible = !canvas_->isVisible();
    state.offscreen = !canvas_->visibleRegion().intersects(s->area.toAlignedRect());
    state.selectable = s->selected.has_value(), state.selected = s->selected.value_or(false);
    state.checkable = s->checked.has_value(), state.checked = s->checked.value_or(false);
    state.expandable = s->expanded.has_value(), state.expanded = s->expanded.value_or(false);
    state.collapsed = s->expanded.has_value() && !*s->expanded;
    state.hasPopup = static_cast<bool>(s->secondary);
    return state;
}

void* SpotAccess::interface_cast(QAccessible::InterfaceType type) {
    return type == QAccessible::ActionInterface ? static_cast<QAccessibleActionInterface*>(this) : nullptr;
}

QStringList SpotAccess::actionNames() const {
    QStringList names;
    const auto* s = spot();
    if (s && s->activate) names << pressAction();
    if (s && s->secondary) names << showMenuAction();
    if (s && s->focusable) names << setFocusAction();
    return names;
}

QString SpotAccess::localizedActionDescription(const QString& action) const {
    return QAccessibleActionInterface::localizedActionDescription(action);
}

void SpotAccess::doAction(const QString& action) {
    const auto* s = spot();
    if (!s) return;
    // What it does paints anew and renews the spots: the action is kept, not the spot.
    const auto press = s->activate, menu = s->secondary;
    if (s->focusable) canvas_->focus_spot(key_);
    if (action == pressAction() && press) press();
    if (action == showMenuAction() && menu) menu();
    if (action == setFocusAction()) canvas_->setFocus();
}

QStringList SpotAccess::keyBindingsForAction(const QString& action) const {
    if (action == pressAction()) return {QStringLiteral("Return"), QStringLiteral("Space")};
    if (action == showMenuAction()) return {QStringLiteral("Menu"), QStringLiteral("Shift+F10")};
    return {};
}

CanvasAccess::CanvasAccess(Canvas* canvas)
    : QAccessibleWidget(canvas, QAccessible::Grouping, canvas->accessibleName()) {}

CanvasAccess::~CanvasAccess() {
    for (const auto id : std::as_const(known_)) QAccessible::deleteAccessibleInterface(id);
}

QAccessibleInterface* CanvasAccess::of_spot(const QString& key) const {
    const auto at = known_.constFind(key);
    if (at != known_.constEnd()) return QAccessible::accessibleInterface(*at);
    auto* made = new SpotAccess(canvas(), key);
    known_.insert(key, QAccessible::registerAccessibleInterface(made));
    return made;
}

int CanvasAccess::childCount() const {
    return static_cast<int>(canvas()->spots().size()) + QAccessibleWidget::childCount();
}

QAccessibleInterface* CanvasAccess::child(int index) const {
    const auto& spots = canvas()->spots();
    const int own = static_cast<int>(spots.size());
    if (index < 0) return nullptr;
    return index < own ? of_spot(spots[static_cast<size_t>(index)].key)
                       : QAccessibleWidget::child(index - own);
}

int CanvasAccess::indexOfChild(const QAccessibleInterface* child) const {
    const auto& spots = canvas()->spots();
    if (const auto* spot = dynamic_cast<const SpotAccess*>(child)) {
        for (size_t i = 0; i < spots.size(); ++i)
            if (spots[i].key == spot->key()) return static_cast<int>(i);
        return -1;
    }
    const int at = QAccessibleWidget::indexOfChild(child);
    return at < 0 ? at : at + static_cast<int>(spots.size());
}

QAccessibleInterface* CanvasAccess::childAt(int x, int y) const {
    const auto* s = canvas()->spot_under(canvas()->mapFromGlobal(QPoint(x, y)));
    return s ? of_spot(s->key) : QAccessibleWidget::childAt(x, y);
}

QAccessibleInterface* CanvasAccess::focusChild() const {
    if (canvas()->hasFocus() && canvas()->spot(canvas()->focused_spot()))
        return of_spot(canvas()->focused_spot());
    return QAccessibleWidget::focusChild();
}

void make_canvases_accessible() {
    static const bool once = (QAccessible::installFactory(interface_of), true);
    static_cast<void>(once);
}

void announce_focus(Canvas& canvas, const QString& key) {
    if (!QAccessible::isActive()) return;
    auto* whole = dynamic_cast<CanvasAccess*>(QAccessible::queryAccessibleInterface(&canvas));
    if (!whole || !canvas.spot(key)) return;
    QAccessibleEvent moved(&canvas, QAccessible::Focus);
    moved.setChild(whole->indexOfChild(whole->of_spot(key)));
    QAccessible::updateAccessibility(&moved);
}

void announce_spots(Canvas& canvas) {
    if (!QAccessible::isActive()) return;
    QAccessibleEvent changed(&canvas, QAccessible::ObjectReorder);
    QAccessible::updateAccessibility(&changed);
}

void announce_spot(Canvas& canvas, const QString& key) {
    auto* whole = dynamic_cast<CanvasAccess*>(QAccessible::queryAccessibleInterface(&canvas));
    if (!whole || !canvas.spot(key)) return;
    const int child = whole->indexOfChild(whole->of_spot(key));
    std::vector<QAccessible::Event> kinds{QAccessible::NameChanged, QAccessible::DescriptionChanged};
    if (const auto selected = canvas.spot(key)->selected)
        kinds.push_back(*selected ? QAccessible::Selection : QAccessible::SelectionRemove);
    for (const auto kind : kinds) {
        QAccessibleEvent changed(&canvas, kind);
        changed.setChild(child);
        QAccessible::updateAccessibility(&changed);
    }
    QAccessible::State which;
    which.selected = which.checked = which.expanded = true;
    QAccessibleStateChangeEvent changed(&canvas, which);
    changed.setChild(child);
    QAccessible::updateAccessibility(&changed);
}

QString Spot::said_more() const {
    auto words = tip.words();
    const auto named = said_name();
    // A line that begins with the name and has figures says again what the value does.
    if (words.startsWith(named) && !value.isEmpty()) return words.section(QLatin1Char('\n'), 1).trimmed();
    if (words.startsWith(named)) {
        words = words.mid(named.size());
        while (!words.isEmpty() && (words.front().isSpace() || QStringLiteral(":,.").contains(words.front())))
            words.remove(0, 1);
    }
    return words.trimmed();
}

/// Once they are others than before; or those that say something else, each by itself.
void Canvas::announce_changes() {
    std::vector<std::pair<QString, size_t>> now;
    now.reserve(spots_.size());
    const auto state = [](const std::optional<bool>& s) { return s ? 1 + int(*s) : 0; };
    for (const auto& s : spots_)
        now.emplace_back(s.key, qHashMulti(0, s.said_name(), s.value, state(s.selected), state(s.checked),
                                           state(s.expanded)));
    const bool same_spots = std::equal(now.begin(), now.end(), announced_.begin(), announced_.end(),
                                       [](const auto& a, const auto& b) { return a.first == b.first; });
    const auto before = std::exchange(announced_, std::move(now));
    if (!same_spots) return announce_spots(*this);
    for (size_t i = 0; i < before.size(); ++i)
        if (before[i].second != announced_[i].second) announce_spot(*this, announced_[i].first);
}

void say_aloud(QWidget& widget, const QString& words) {
    const bool drawn = qobject_cast<Canvas*>(&widget) != nullptr;
    const bool again = words == (drawn ? widget.accessibleDescription() : widget.accessibleName());
    // Setting either tells of the change; the bridge to the desktop's bus passes no alerts on.
    if (drawn)
        widget.setAccessibleDescription(words);
    else
        widget.setAccessibleName(words);
    if (!again || !QAccessible::isActive()) return;
    QAccessibleEvent said(&widget, drawn ? QAccessible::DescriptionChanged : QAccessible::NameChanged);
    QAccessible::updateAccessibility(&said);
}

}  // namespace sangre::app
