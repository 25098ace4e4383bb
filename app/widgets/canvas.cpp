#include "widgets/canvas.h"

#include <QHash>
#include <QHelpEvent>
#include <QKeyEvent>
#include <QScrollArea>
#include <QStaticText>
#include <QToolTip>

#include "widgets/canvas_access.h"
#include "widgets/rounded.h"

namespace sangre::app {
namespace {

/// Words shaped once and drawn many times: a drawing repaints whole at every touch.
QStaticText typeset(const QString& words, const QFont& f) {
    static QHash<std::pair<QString, QFont>, QStaticText> known;
    if (known.size() > 4000) known.clear();
    auto& set = known[{words, f}];
    if (set.text().isNull()) {
        set.setTextFormat(Qt::PlainText);
        QTextOption single;
        single.setWrapMode(QTextOption::NoWrap);
        set.setTextOption(single);
        set.setText(words.isNull() ? QString(QLatin1String("")) : words);
        set.prepare({}, f);
    }
    return set;
}

/// Words cut with an ellipsis, found once for each width.
QString shortened(const QString& words, const QFont& f, double width) {
    static QHash<std::pair<std::pair<QString, QFont>, int>, QString> known;
    if (known.size() > 2000) known.clear();
    auto& cut = known[{{words, f}, static_cast<int>(width)}];
    if (cut.isNull()) cut = QFontMetricsF(f).elidedText(words, Qt::ElideRight, width);
    return cut;
}

}  // namespace

Canvas::Canvas(const QString& accessible_name, QWidget* parent) : QWidget(parent) {
    make_canvases_accessible();
    setAccessibleName(accessible_name);
    setAttribute(Qt::WA_OpaquePaintEvent);
    setMouseTracking(true);
    setFocusPolicy(Qt::StrongFocus);
}

void Canvas::paintEvent(QPaintEvent* e) {
    spots_.clear();
    ++painting_;
    exposed_ = e->region();
    QPainter p(this);
    p.fillRect(e->rect(), ground());
    p.setRenderHint(QPainter::Antialiasing);
    p.scale(zoom_, zoom_);
    paint(p);
    p.resetTransform();
    drop_old_stamps();
    for (auto& s : spots_) s.area = QRectF(s.area.topLeft() * zoom_, s.area.size() * zoom_);
    if (QAccessible::isActive()) announce_changes();
    if (seek_first_ && !spots_.empty()) {
        seek_first_ = false;
        if (hasFocus()) walk(1);
    }
    if (!hasFocus() || focused_.isEmpty()) return;
    for (const auto& s : spots_)
        if (s.key == focused_) {
            p.setBrush(Qt::NoBrush);
            p.setPen(QPen(theme().accent, 2, Qt::DotLine));
            p.drawRoundedRect(s.area.adjusted(-3, -3, 3, 3), 6, 6);
        }
}

void Canvas::stamp(QPainter& p, const QRectF& area, const QString& key, const QString& shows,
                   const std::function<void(QPainter&)>& draw, const QColor& on) {
    if (direct_) return draw(p);
    if (!exposed(area)) return;
    const double bleed = on.alpha() ? 0 : 2;  // edges may reach over the area
    const auto map = p.transform();
    const auto on_screen = map.mapRect(area.adjusted(-bleed, -bleed, bleed, bleed));
    const auto pixels = on_screen.toAlignedRect();
    const QRectF frame(on_screen.topLeft() - pixels.topLeft(), on_screen.size());
    const double fine = devicePixelRatioF();
    auto& known = stamps_[key];
    known.used = painting_;
    const bool same = known.shows == shows && known.frame == frame;
    if (!same) {
        // What shows for the first time may show only once: no picture is made of it yet.
        known.shows = shows, known.frame = frame, known.picture = {};
        if (on.alpha()) p.fillRect(area, on);
        return draw(p);
    }
    if (known.picture.size() != pixels.size() * fine) {
        known.picture = QPixmap(pixels.size() * fine);
        known.picture.setDevicePixelRatio(fine);
        known.picture.fill(on);
        QPainter into(&known.picture);
        into.setRenderHints(p.renderHints());
        into.setTransform(map * QTransform::fromTranslate(-pixels.left(), -pixels.top()));
        draw(into);
    }
    p.resetTransform();
    p.drawPixmap(pixels.topLeft(), known.picture);
    p.setTransform(map);
}

/// Those that the last few paintings had no use for.
void Canvas::drop_old_stamps() {
    constexpr int kept_for = 8;
    for (auto s = stamps_.begin(); s != stamps_.end();)
        s = painting_ - s->used > kept_for ? stamps_.erase(s) : std::next(s);
}

void Canvas::set_zoom(double zoom) {
    close_editor();
    zoom_ = std::clamp(zoom, 0.5, 2.5);
    updateGeometry();
    update();
}

const Spot* Canvas::spot_at(QPointF at) const {
    for (auto s = spots_.rbegin(); s != spots_.rend(); ++s)
        if (s->area.contains(at)) return &*s;
    return nullptr;
}

QPoint Canvas::spot_centre(const QString& key) const {
    for (const auto& s : spots_)
        if (s.key == key) return s.area.center().toPoint();
    return {};
}

const Spot* Canvas::spot(const QString& key) const {
    const auto at = std::find_if(spots_.begin(), spots_.end(), [&](const auto& s) { return s.key == key; });
    return at == spots_.end() ? nullptr : &*at;
}

void Canvas::focus_spot(const QString& key) { focus_on(key); }

void Canvas::focus_on(const QString& key) {
    focused_ = key;
    announce_focus(*this, key);
    update();
}

/// Come to by keyboard, it shows where one is.
void Canvas::focusInEvent(QFocusEvent* e) {
    QWidget::focusInEvent(e);
    if (e->reason() == Qt::MouseFocusReason || e->reason() == Qt::PopupFocusReason) return;
    if (spot(focused_))
        announce_focus(*this, focused_);
    else
        seek_first_ = true, update();
}

void Canvas::fit_height() {
    setMinimumHeight(sizeHint().height());
    updateGeometry();
    update();
}

/// Words too long for one line in smaller letters, on one line or on two; false where they do not fit so.
bool Canvas::in_two_lines(QPainter& p, const QRectF& area, const QString& words, const QFont& f, int align) {
    const int across = align & (Qt::AlignHCenter | Qt::AlignRight)
                           ? align & (Qt::AlignHCenter | Qt::AlignRight)
                           : int(Qt::AlignLeft);
    for (const double share : {0.92, 0.85, 0.78}) {
        auto smaller = f;
        smaller.setPixelSize(std::max(u(10), static_cast<int>(std::lround(f.pixelSize() * share))));
        const QFontMetricsF metrics(smaller);
        const int how = across | Qt::AlignVCenter | Qt::TextWordWrap;
        const auto taken = metrics.boundingRect(area, how, words);
        // Between lines it may be tight: letters reach nowhere near the edges of their line.
        const bool one = metrics.horizontalAdvance(words) <= area.width() + 1;
        if (!one && (taken.height() > area.height() + metrics.descent() || taken.width() > area.width() + 1))
            continue;
        p.setFont(smaller);
        p.drawText(area, one ? across | Qt::AlignVCenter : how, words);
        if (noted_) note_words(p, words, taken, false);
        return true;
    }
    return false;
}

void Canvas::text(QPainter& p, const QRectF& area, const QString& words, const QColor& colour, const QFont& f,
                  int align) {
    p.setFont(f);
    p.setPen(colour);
    auto set = typeset(words, f);
    auto size = set.size();
    bool cut = size.width() > area.width() + 1;
    if (cut && in_two_lines(p, area, words, f, align)) return;
    if (cut) {
        set = typeset(shortened(words, f, area.width() + 1), f);
        size = set.size();
    }
    const double spare_x = area.width() - size.width(), spare_y = area.height() - size.height();
    const double x = align & Qt::AlignRight ? spare_x : align & Qt::AlignHCenter ? spare_x / 2 : 0;
    const double y = align & Qt::AlignBottom ? spare_y : align & Qt::AlignVCenter ? spare_y / 2 : 0;
    p.drawStaticText(QPointF(area.left() + x, area.top() + y), set);
    if (noted_) note_words(p, words, QRectF(QPointF(area.left() + x, area.top() + y), size), cut);
}

void Canvas::paragraph(QPainter& p, const QRectF& area, const QString& words, const QColor& colour,
                       const QFont& f) {
    p.setFont(f);
    p.setPen(colour);
    p.drawText(area, Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap, words);
    if (!noted_) return;
    const auto taken =
        QFontMetricsF(f).boundingRect(area, Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap, words);
    note_words(p, words, taken, taken.height() > area.height() + 2 || taken.width() > area.width() + 2);
}

double Canvas::text_width(const QString& words, const QFont& f) { return typeset(words, f).size().width(); }

void Canvas::card(QPainter& p, const QRectF& area, bool selected, const QColor& edge) {
    draw_rounded(p, area, 6, selected ? theme().accent_soft : theme().card,
                 edge.isValid() ? edge
                 : selected     ? theme().accent
                                : theme().line,
                 selected ? 1.6 : 1);
}

void Canvas::mouseMoveEvent(QMouseEvent* e) {
    const auto* s = spot_at(e->position());
    const QString now = s ? s->key : QString();
    setCursor(s ? s->cursor : Qt::ArrowCursor);
    if (now == hovered_) return;
    hovered_ = now;
    update();
}

void Canvas::leaveEvent(QEvent*) {
    hovered_.clear();
    update();
}

void Canvas::mousePressEvent(QMouseEvent* e) {
    close_editor();
    const auto* s = spot_at(e->position());
    if (!s) return;
    if (s->focusable) focus_on(s->key);
    // The edit that follows repaints and renews the spots: keep the action, not the spot.
    const auto action = e->button() == Qt::RightButton ? s->secondary : s->activate;
    update();
    if (action) action();
}

void Canvas::walk(int by) {
    std::vector<QString> keys;
    for (const auto& s : spots_)
        if (s.focusable) keys.push_back(s.key);
    if (keys.empty()) return;
    const auto at = std::find(keys.begin(), keys.end(), focused_);
    auto index = at == keys.end() ? (by > 0 ? 0 : static_cast<int>(keys.size()) - 1)
                                  : static_cast<int>(at - keys.begin()) + by;
    index = std::clamp(index, 0, static_cast<int>(keys.size()) - 1);
    focus_on(keys[static_cast<size_t>(index)]);
    reveal(focused_);
}

/// Scrolls what holds this drawing until that spot is in view.
void Canvas::reveal(const QString& key) {
    QWidget* inside = parentWidget();
    auto* view = inside ? qobject_cast<QScrollArea*>(inside->parentWidget()) : nullptr;
    const auto* s = spot(key);
    if (!view || !s) return;
    const auto at = s->area.toRect();
    view->ensureVisible(at.center().x(), at.center().y(), 0,
                        std::min(at.height() / 2 + u(8), view->height() / 2));
}

void Canvas::keyPressEvent(QKeyEvent* e) {
    const auto run = [&](std::function<void()> Spot::*what) {
        for (const auto& s : spots_)
            if (s.key == focused_ && s.*what) {
                const auto action = s.*what;
                action();
                return true;
            }
        return false;
    };
    switch (e->key()) {
        case Qt::Key_Down:
        case Qt::Key_Right:
            return walk(1);
        case Qt::Key_Up:
        case Qt::Key_Left:
            return walk(-1);
        case Qt::Key_Home:
            focused_.clear();
            return walk(1);
        case Qt::Key_End:
            focused_.clear();
            return walk(-1);
        case Qt::Key_Return:
        case Qt::Key_Enter:
        case Qt::Key_Space:
            if (run(&Spot::activate)) return;
            break;
        case Qt::Key_F10:
            if (e->modifiers() != Qt::ShiftModifier) break;
            [[fallthrough]];
        case Qt::Key_Menu:
            if (run(&Spot::secondary)) return;
            break;
        default:
            break;
    }
    QWidget::keyPressEvent(e);
}

bool Canvas::event(QEvent* e) {
    if (e->type() == QEvent::ToolTip) {
        const auto* help = static_cast<QHelpEvent*>(e);
        const auto* s = spot_at(help->pos());
        auto words = s ? s->tip.words() : QString();
        if (s && !s->how.isEmpty()) words += (words.isEmpty() ? "" : "\n") + s->how;
        if (s && !words.isEmpty())
            QToolTip::showText(help->globalPos(), words, this, s->area.toRect());
        else
            QToolTip::hideText();
        return true;
    }
    return QWidget::event(e);
}

void Canvas::close_editor() {
    if (!editor_) return;
    editor_->removeEventFilter(this);
    editor_->deleteLater();
    echo_->deleteLater();
    editor_ = nullptr;
    echo_ = nullptr;
    setFocus();
}

void Canvas::edit_at(const QRectF& area, const QString& words,
                     std::function<QString(const QString&)> commit) {
    close_editor();
    editor_ = new QLineEdit(words, this);
    echo_ = new QLabel(this);
    editor_->setAccessibleName(accessibleName());
    auto box = QRectF(area.topLeft() * zoom_, area.size() * zoom_).toRect().adjusted(-4, -2, 4, 2);
    box.setWidth(std::max(box.width(), u(110)));
    box.setHeight(std::max(box.height(), u(30)));
    box.moveRight(std::min(box.right(), width() - 2));
    box.moveLeft(std::max(box.left(), 2));
    editor_->setGeometry(box);
    editor_->selectAll();
    editor_->installEventFilter(this);
    echo_->setStyleSheet(
        QStringLiteral("background:%1;border:1px solid %2;border-radius:4px;padding:2px 6px;color:%3")
            .arg(theme().card.name(), theme().danger.name(), theme().danger.name()));
    echo_->hide();
    commit_ = std::move(commit);
    editor_->show();
    editor_->setFocus();
}

void Canvas::edit_value_at(const QRectF& area, const QString& words, Dimension dimension, const QString& unit,
                           std::function<QString(double)> commit) {
    edit_at(area, words, [dimension, unit, commit = std::move(commit)](const QString& typed) -> QString {
        const auto value = parse_value(typed.toStdString(), dimension, unit.toStdString());
        if (!value) return QString::fromStdString(value.error().message);
        return commit(*value);
    });
}

void Canvas::commit_editor() {
    auto* field = editor_;
    const auto commit = commit_;
    const QString problem = commit(field->text());
    if (problem.isEmpty()) {
        if (editor_ == field) close_editor();
        return;
    }
    echo_->setText(problem);
    echo_->setWordWrap(true);
    echo_->setFixedWidth(std::min(u(320), width() - 8));
    echo_->adjustSize();
    const int below = editor_->geometry().bottom() + 2;
    echo_->move(std::clamp(editor_->x(), 4, std::max(4, width() - echo_->width() - 4)),
                below + echo_->height() < height() ? below : editor_->y() - echo_->height() - 2);
    echo_->show();
    echo_->raise();
}

bool Canvas::eventFilter(QObject* watched, QEvent* e) {
    // Taken here, or the drawing behind would get the key as well and open the field again.
    if (watched == editor_ && e->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(e)->key();
        if (key == Qt::Key_Escape) close_editor();
        if (key == Qt::Key_Return || key == Qt::Key_Enter) commit_editor();
        if (key == Qt::Key_Escape || key == Qt::Key_Return || key == Qt::Key_Enter) return true;
    }
    // A menu that closes, or another program's window in front: what is half typed stays.
    const auto left_for =
        e->type() == QEvent::FocusOut ? static_cast<QFocusEvent*>(e)->reason() : Qt::NoFocusReason;
    if (watched == editor_ && e->type() == QEvent::FocusOut && left_for != Qt::PopupFocusReason &&
        left_for != Qt::ActiveWindowFocusReason) {
        // By then another number may be open for editing: that one stays.
        QMetaObject::invokeMethod(
            this,
            [this, watched] {
                if (editor_ == watched) close_editor();
            },
            Qt::QueuedConnection);
    }
    return QWidget::eventFilter(watched, e);
}

}  // namespace sangre::app
