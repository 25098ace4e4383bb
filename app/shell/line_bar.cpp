#include "shell/line_bar.h"

#include <QAbstractItemView>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QVBoxLayout>

#include "lines/completion.h"
#include "lines/thing_edits.h"
#include "making/steps/own_steps.h"
#include "output/files/copies.h"
#include "theme/theme.h"
#include "widgets/canvas_access.h"
#include "widgets/words.h"

namespace sangre::app {
namespace {

/// Characters of the field for so many bytes of its text.
int characters(const QString& text, size_t bytes) {
    return static_cast<int>(QString::fromUtf8(text.toUtf8().left(static_cast<qsizetype>(bytes))).size());
}

/// The kind that a new line begins with; null while its word is not whole.
const LineKind* kind_begun(const QString& text) {
    const auto word = text.trimmed().section(QLatin1Char(' '), 0, 0).toLower().toStdString();
    for (const auto* kind : line_kinds())
        if (word == kind->word) return kind;
    return word == "cable" ? &line_kind(Lead{}) : nullptr;
}

}  // namespace

LineBar::LineBar(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    setObjectName("linebar");
    setAttribute(Qt::WA_StyledBackground);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(u(18), u(8), u(18), u(8));
    column->setSpacing(u(4));
    auto* row = new QHBoxLayout;
    row->setSpacing(u(10));
    title_ = new QLabel(this);
    row->addWidget(title_);
    field_ = new QLineEdit(this);
    field_->setAccessibleName(tr("Line"));
    field_->installEventFilter(this);
    row->addWidget(field_, 1);
    column->addLayout(row);
    problem_ = new QLabel(this);
    problem_->setWordWrap(true);
    problem_->hide();
    column->addWidget(problem_);
    offers_ = new QStringListModel(this);
    completer_ = new QCompleter(offers_, this);
    completer_->setCompletionMode(QCompleter::UnfilteredPopupCompletion);
    completer_->setWidget(field_);
    completer_->popup()->installEventFilter(this);
    connect(completer_, qOverload<const QString&>(&QCompleter::activated), this, &LineBar::take_completion);
    connect(field_, &QLineEdit::textEdited, this, [this] {
        problem_->hide();
        complete();
    });
    connect(&document_, &Document::file_changed, this, &LineBar::leave);
    hide();
}

void LineBar::open(const QString& title, const QString& text, const QString& example) {
    title_->setText(title);
    field_->setText(text);
    field_->setPlaceholderText(example);
    problem_->hide();
    show();
    field_->setFocus();
    field_->setCursorPosition(static_cast<int>(text.size()));
}

void LineBar::change(const Id& id, const QString& more) {
    const LineContext context(document_.plan(), document_.catalogue());
    const auto line = line_of(context, id);
    if (!line) return;
    subject_ = id, adding_ = false;
    open(tr(line->kind->word), words_of(line->text) + more, {});
    field_->setToolTip(
        tr("Enter takes the line over, Escape leaves it. “+” beside the chips lists what can be said."));
    if (!more.isEmpty()) complete();
}

void LineBar::add(const QString& begun) {
    subject_.clear(), adding_ = true;
    open(tr("Add"), begun,
         tr("load Horn 12 V 2 A, at Mast foot   ·   hub Tail studs, strip   ·   lead Hub → Horn, 0.8 m"));
    field_->setToolTip(tr("A word that says what it is, what it is called, then facts parted by commas."));
    complete();
}

void LineBar::leave() {
    completer_->popup()->hide();
    hide();
}

void LineBar::show_problem(const QString& words, int begin, int end) {
    problem_->setStyleSheet(QStringLiteral("color:%1").arg(theme().danger.name()));
    problem_->setText(QStringLiteral("! ") + words);
    problem_->show();
    say_aloud(*problem_, words);
    if (end > begin)
        field_->setSelection(begin, end - begin);
    else
        field_->setCursorPosition(begin);
}

tl::expected<Plan, ParseError> LineBar::read() const {
    const auto text = field_->text().toStdString();
    if (!adding_) return with_line(LineContext(document_.plan(), document_.catalogue()), subject_, text);
    auto next = plan_from_text(text, document_.catalogue(), document_.plan(), document_.selection());
    if (!next) return tl::unexpected(ParseError{next.error().begin, next.error().end, next.error().message});
    return std::move(*next);
}

void LineBar::commit() {
    const auto typed = field_->text();
    if (adding_ && typed.trimmed().isEmpty()) return leave();
    auto next = read();
    if (!next)
        return show_problem(words_of(next.error().message), characters(typed, next.error().begin),
                            characters(typed, next.error().end));
    // Steps are named in a file as in English, however they were read when they were typed.
    if (next->own_steps != document_.plan().own_steps)
        next = with_titles_in_english(std::move(*next), document_.study().steps());
    const auto fresh = adding_ ? new_things(document_.plan(), *next) : std::vector<Id>();
    document_.apply([plan = std::move(*next)](const Plan&) { return plan; },
                    adding_ ? tell("Add: {section}", typed.section(',', 0, 0)) : tr("Type a line"));
    leave();
    // What is new is selected, so that what belongs beneath it can follow; an item leaves its lead selected.
    if (!fresh.empty() && name_of(document_.plan(), fresh.front()) != fresh.front())
        document_.select(fresh.front());
}

/// The line where it is whole; what completes it, the one that is chosen or the first, where it is not.
void LineBar::enter() {
    auto* list = completer_->popup();
    // The list has a current row from the start; chosen is what the keys have marked.
    const auto chosen = list->selectionModel()->selectedIndexes();
    if (!list->isVisible() || (chosen.isEmpty() && read())) return commit();
    if (chosen.isEmpty()) complete();
    if (!list->isVisible()) return commit();
    const auto words = chosen.isEmpty() ? offers_->stringList().value(0) : chosen.front().data().toString();
    list->hide();
    take_completion(words);
}

void LineBar::complete() {
    const auto typed = field_->text().left(field_->cursorPosition());
    QStringList words;
    offered_from_ = 0;
    const LineContext context(document_.plan(), document_.catalogue());
    const auto blank = typed.indexOf(QLatin1Char(' '));
    if (adding_ && blank < 0) {
        for (const auto* kind : line_kinds())
            if (QString::fromUtf8(kind->word).startsWith(typed.toLower()))
                words << QString::fromUtf8(kind->word);
    } else {
        const auto line = adding_ ? std::nullopt : line_of(context, subject_);
        const auto* kind = adding_ ? kind_begun(typed) : line ? line->kind : nullptr;
        const auto said = adding_ ? typed.mid(blank + 1) : typed;
        const int before = static_cast<int>(typed.size() - said.size());
        if (kind)
            for (const auto& offer : line_offers(context, *kind, said.toStdString())) {
                offered_from_ = before + characters(said, offer.begin);
                words << words_of(offer.text);
            }
    }
    offers_->setStringList(words.mid(0, 60));
    if (words.isEmpty()) return completer_->popup()->hide();
    completer_->complete(QRect(
        std::clamp(field_->fontMetrics().horizontalAdvance(typed), 0, std::max(0, field_->width() - u(320))),
        0, u(320), field_->height()));
}

/// In place of what was begun.
void LineBar::take_completion(const QString& words) {
    const auto typed = field_->text();
    field_->setText(typed.left(offered_from_) + words + QLatin1Char(' ') +
                    typed.mid(field_->cursorPosition()));
    field_->setCursorPosition(offered_from_ + static_cast<int>(words.size()) + 1);
}

bool LineBar::eventFilter(QObject* watched, QEvent* e) {
    // While the list of offers is open it has the keys.
    if (watched == completer_->popup() && e->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(e)->key();
        if (key == Qt::Key_Return || key == Qt::Key_Enter) return enter(), true;
    }
    if (watched == field_ && e->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(e)->key();
        const bool whole = key == Qt::Key_Return || key == Qt::Key_Enter;
        if (key == Qt::Key_Escape) return leave(), true;
        if (whole) return enter(), true;
        if (key == Qt::Key_Down && !completer_->popup()->isVisible()) return complete(), true;
    }
    return QWidget::eventFilter(watched, e);
}

}  // namespace sangre::app
