#include "shell/parts_page.h"

#include <QVBoxLayout>

#include "theme/theme.h"
#include "widgets/heading.h"
#include "widgets/words.h"

namespace sangre::app {

PartsPage::PartsPage(Document& document, std::filesystem::path own, QWidget* parent)
    : QWidget(parent), document_(document), own_(std::move(own)) {
    setAccessibleName(tr("Parts of the catalogue"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(u(18), u(12), u(18), u(8));
    column->setSpacing(u(8));
    column->addWidget(new Heading(
        tr("Parts of the catalogue"),
        tr("Choose one, change its line, keep it as your own; with another id it stands beside the first."),
        this));
    auto* find = new QHBoxLayout;
    kind_ = new Choice(this);
    kind_->setAccessibleName(tr("Kind of part"));
    kind_->addItem(tr("every kind"), QString());
    for (const auto& kind : entry_kinds(data_directory())) kind_->addItem(words_of(kind), words_of(kind));
    find->addWidget(kind_);
    filter_ = new QLineEdit(this);
    filter_->setAccessibleName(tr("Find a part"));
    filter_->setPlaceholderText(tr("Find: 40 A fuse, silicone, toggle …"));
    find->addWidget(filter_, 1);
    column->addLayout(find);
    list_ = new QListWidget(this);
    list_->setAccessibleName(tr("Parts"));
    list_->setUniformItemSizes(true);
    list_->setStyleSheet(
        QStringLiteral("QListWidget{background:%1;border:1px solid %2;border-radius:6px}"
                       "QListWidget::item{padding:4px 8px;border:none;background:transparent}"
                       "QListWidget::item:selected{background:%3;color:%4}")
            .arg(theme().card.name(), theme().line.name(), theme().accent_soft.name(), theme().ink.name()));
    column->addWidget(list_, 1);
    line_ = new QLineEdit(this);
    line_->setAccessibleName(tr("Line of the part"));
    line_->setPlaceholderText(tr("name, then facts parted by commas"));
    column->addWidget(line_);
    said_ = new QLabel(this);
    said_->setWordWrap(true);
    said_->setAccessibleName(tr("What is said of the line"));
    auto* below = new QHBoxLayout;
    below->addWidget(said_, 1);
    drop_ = new QPushButton(tr("Remove mine"), this);
    keep_ = new QPushButton(tr("Keep as my own"), this);
    keep_->setProperty("primary", true);
    below->addWidget(drop_);
    below->addWidget(keep_);
    column->addLayout(below);
    connect(filter_, &QLineEdit::textChanged, this, &PartsPage::fill);
    connect(kind_, &QComboBox::currentIndexChanged, this, &PartsPage::fill);
    connect(list_, &QListWidget::currentRowChanged, this, &PartsPage::show_entry);
    connect(line_, &QLineEdit::returnPressed, this, &PartsPage::keep);
    connect(keep_, &QPushButton::clicked, this, &PartsPage::keep);
    connect(drop_, &QPushButton::clicked, this, &PartsPage::drop);
    read();
    for (const auto& refused : document_.catalogue().refused) say(words_of(refused), true);
}

void PartsPage::read() {
    entries_ = catalogue_entries(data_directory(), own_);
    fill();
}

/// Those of the kind whose name, id or kind has every word that is looked for; one's own first.
void PartsPage::fill() {
    const auto words = filter_->text().simplified().toLower().split(QLatin1Char(' '), Qt::SkipEmptyParts);
    const auto wanted = kind_->currentData().toString();
    const auto* before = current();
    const auto kept = before ? before->id() : std::string();
    list_->clear();
    for (const bool own : {true, false})
        for (size_t i = 0; i < entries_.size(); ++i) {
            const auto& e = entries_[i];
            if (e.own != own || (!wanted.isEmpty() && words_of(e.kind) != wanted)) continue;
            const auto text = words_of(e.kind + " " + e.name() + " " + e.id()).toLower();
            if (!std::all_of(words.begin(), words.end(), [&](const auto& w) { return text.contains(w); }))
                continue;
            auto* item = new QListWidgetItem(
                own ? tell("{name} · {kind} · your own", words_of(e.name()), words_of(e.kind))
                    : QStringLiteral("%1 · %2").arg(words_of(e.name()), words_of(e.kind)),
                list_);
            item->setData(Qt::UserRole, static_cast<int>(i));
            if (e.id() == kept) list_->setCurrentItem(item);
        }
    if (list_->currentRow() < 0 && list_->count() > 0) list_->setCurrentRow(0);
}

const CatalogueEntry* PartsPage::current() const {
    const auto* item = list_->currentItem();
    const auto i = item ? item->data(Qt::UserRole).toInt() : -1;
    return i >= 0 && static_cast<size_t>(i) < entries_.size() ? &entries_[static_cast<size_t>(i)] : nullptr;
}

void PartsPage::show_entry() {
    const auto* e = current();
    line_->setText(e ? words_of(entry_line(data_directory(), *e)) : QString());
    line_->setCursorPosition(0);
    keep_->setEnabled(e != nullptr);
    drop_->setEnabled(e && e->own);
    // The field shows its beginning; here stands all of it.
    said_->setStyleSheet(QStringLiteral("color:%1").arg(theme().muted.name()));
    said_->setText(line_->text());
}

void PartsPage::say(const QString& words, bool wrong) {
    said_->setStyleSheet(QStringLiteral("color:%1").arg((wrong ? theme().danger : theme().good).name()));
    said_->setText((wrong ? QStringLiteral("! ") : QStringLiteral("✓ ")) + words);
}

/// The catalogue as it is now, in use at once.
bool PartsPage::take_over(const tl::expected<void, std::string>& written, const QString& words) {
    if (!written) return say(words_of(written.error()), true), false;
    auto catalogue = load_catalogue(data_directory(), own_);
    if (!catalogue) return say(words_of(catalogue.error()), true), false;
    document_.set_catalogue(std::make_shared<const Catalogue>(std::move(*catalogue)));
    read();
    say(words, false);
    return true;
}

void PartsPage::keep() {
    const auto* e = current();
    if (!e) return;
    const auto typed = line_->text();
    const auto text = typed.toStdString();
    const auto mine = read_entry(data_directory(), e->kind, text);
    if (!mine) {
        const auto characters = [&](size_t bytes) {
            return static_cast<int>(QString::fromUtf8(text.c_str(), static_cast<qsizetype>(bytes)).size());
        };
        const int begin = characters(mine.error().begin), end = characters(mine.error().end);
        if (end - begin < typed.size()) line_->setSelection(begin, end - begin);
        return say(words_of(mine.error().message), true);
    }
    const auto id = mine->id();
    if (!take_over(keep_entry(own_, *mine),
                   tell("{mine} is yours; plans can use it.", words_of(mine->name()))))
        return;
    for (int i = 0; i < list_->count(); ++i)
        if (const auto& one = entries_[static_cast<size_t>(list_->item(i)->data(Qt::UserRole).toInt())];
            one.own && one.id() == id) {
            const auto words = said_->text();
            list_->setCurrentRow(i);
            said_->setText(words);
        }
}

void PartsPage::drop() {
    const auto* e = current();
    if (!e || !e->own) return;
    const auto name = words_of(e->name());
    take_over(drop_entry(own_, e->kind, e->id()), tell("{name} is no longer among your own.", name));
}

}  // namespace sangre::app
