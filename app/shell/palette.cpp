#include "shell/palette.h"

#include <QApplication>
#include <QKeyEvent>
#include <QPointer>
#include <QVBoxLayout>
#include <algorithm>

#include "theme/theme.h"

namespace sangre::app {

namespace {
constexpr size_t most_rows = 60;  // what nobody reads through is not listed
}

Palette::Palette(QWidget* window) : QWidget(window) {
    setObjectName("palette");
    setAttribute(Qt::WA_StyledBackground);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(u(10), u(10), u(10), u(10));
    field_ = new QLineEdit(this);
    field_->setAccessibleName(tr("Find an action, a thing or a setting"));
    field_->setPlaceholderText(tr("An action, a thing, a setting: type some of its words"));
    field_->installEventFilter(this);
    column->addWidget(field_);
    list_ = new QListWidget(this);
    list_->setAccessibleName(tr("What was found"));
    list_->setFocusPolicy(Qt::NoFocus);
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    list_->setTextElideMode(Qt::ElideRight);
    list_->setFrameShape(QFrame::NoFrame);
    column->addWidget(list_);
    connect(field_, &QLineEdit::textChanged, this, &Palette::filter);
    connect(list_, &QListWidget::itemClicked, this, &Palette::take);
    hide();
}

void Palette::open(std::vector<PaletteEntry> entries) {
    entries_ = std::move(entries);
    before_ = QApplication::focusWidget();
    const auto& t = theme();
    setStyleSheet(QStringLiteral("QWidget#palette{background:%1;border:1px solid %2;border-radius:8px}"
                                 "QListWidget::item{padding:%3px %4px;border-radius:4px}"
                                 "QListWidget::item:selected{background:%5;color:%6}")
                      .arg(t.card.name(), t.accent.name())
                      .arg(u(4))
                      .arg(u(8))
                      .arg(t.accent_soft.name(), t.ink.name()));
    const int wide = std::min(u(560), parentWidget()->width() - u(20));
    const int tall = std::min(u(420), parentWidget()->height() - u(60));
    setGeometry((parentWidget()->width() - wide) / 2, std::max(u(40), (parentWidget()->height() - tall) / 4),
                wide, tall);
    field_->clear();
    filter();
    show();
    raise();
    field_->setFocus();
}

std::vector<size_t> Palette::found(const std::vector<PaletteEntry>& entries, const QString& typed) {
    const auto words = typed.simplified().toLower().split(QLatin1Char(' '), Qt::SkipEmptyParts);
    std::vector<size_t> first, others, also;
    for (size_t i = 0; i < entries.size(); ++i) {
        const auto text = (entries[i].words + QLatin1Char(' ') + entries[i].aside).toLower();
        const auto wide = text + QLatin1Char(' ') + entries[i].also.toLower();
        const auto in = [&](const QString& where) {
            return std::all_of(words.begin(), words.end(), [&](const auto& w) { return where.contains(w); });
        };
        if (!in(wide)) continue;
        (!in(text) ? also : !words.isEmpty() && text.startsWith(words.front()) ? first : others).push_back(i);
    }
    first.insert(first.end(), others.begin(), others.end());
    first.insert(first.end(), also.begin(), also.end());
    return first;
}

void Palette::filter() {
    shown_ = found(entries_, field_->text());
    if (shown_.size() > most_rows) shown_.resize(most_rows);
    list_->clear();
    for (const auto i : shown_) {
        const auto& e = entries_[i];
        auto* row = new QListWidgetItem(
            e.aside.isEmpty() ? e.words : e.words + QStringLiteral("   ·   ") + e.aside, list_);
        row->setToolTip(e.words);
    }
    if (shown_.empty()) {
        auto* none = new QListWidgetItem(tr("Nothing of that name."), list_);
        none->setFlags(Qt::NoItemFlags);
    } else
        list_->setCurrentRow(0);
    // As tall as what it holds.
    const int rows = std::max(list_->sizeHintForRow(0), u(24)) * list_->count() + u(8);
    const int most = std::min(u(420), parentWidget()->height() - u(60));
    resize(width(), std::min(field_->sizeHint().height() + rows + u(34), most));
}

void Palette::take() {
    const auto row = static_cast<size_t>(std::max(list_->currentRow(), 0));
    if (row >= shown_.size()) return;
    const auto go = entries_[shown_[row]].go;
    leave();
    go();
}

void Palette::leave() {
    hide();
    if (const QPointer<QWidget> before = before_) before->setFocus();
}

bool Palette::eventFilter(QObject* watched, QEvent* e) {
    if (watched == field_ && e->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(e)->key();
        if (key == Qt::Key_Escape) return leave(), true;
        if (key == Qt::Key_Return || key == Qt::Key_Enter) return take(), true;
        const int by = key == Qt::Key_Down       ? 1
                       : key == Qt::Key_Up       ? -1
                       : key == Qt::Key_PageDown ? 8
                       : key == Qt::Key_PageUp   ? -8
                                                 : 0;
        if (by != 0 && list_->count() > 0)
            return list_->setCurrentRow(std::clamp(list_->currentRow() + by, 0, list_->count() - 1)), true;
    }
    if (watched == field_ && e->type() == QEvent::FocusOut && isVisible() && !underMouse()) hide();
    return QWidget::eventFilter(watched, e);
}

}  // namespace sangre::app
