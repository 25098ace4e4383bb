#include "shell/settings_page.h"

#include <QFormLayout>
#include <QPushButton>
#include <QSettings>
#include <QVBoxLayout>

#include "shell/settings.h"
#include "shell/tongue.h"
#include "theme/theme.h"
#include "widgets/heading.h"
#include "widgets/words.h"

namespace sangre::app {

/// A box whose choice is kept under that key; one without a value takes the key away.
Choice* SettingsPage::choice(const QString& name, const char* key,
                             std::initializer_list<std::pair<QString, QVariant>> offers) {
    auto* box = new Choice(this);
    box->setAccessibleName(name);
    for (const auto& [words, value] : offers) box->addItem(words, value);
    const auto now = QSettings().value(key);
    for (int i = 0; i < box->count(); ++i)
        if (now.isValid() && box->itemData(i).toString() == now.toString()) box->setCurrentIndex(i);
    connect(box, &QComboBox::activated, this, [this, box, key] {
        const auto value = box->currentData();
        value.isValid() ? QSettings().setValue(key, value) : QSettings().remove(key);
        emit changed();
    });
    return box;
}

QStringList SettingsPage::names() {
    return {tr("Look"),          tr("Size of letters"), tr("Language"),      tr("Lengths"),
            tr("Sizes of wire"), tr("Decimal mark"),    tr("Sign of money"), tr("Schools for new plans")};
}

void SettingsPage::focus_on(const QString& name) {
    for (auto* field : findChildren<QWidget*>())
        if (field->accessibleName() == name && field->focusPolicy() != Qt::NoFocus)
            return field->setFocus(Qt::OtherFocusReason);
}

SettingsPage::SettingsPage(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    setAccessibleName(tr("Settings"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(u(18), u(12), u(18), u(8));
    column->setSpacing(u(10));
    column->addWidget(
        new Heading(tr("Settings"), tr("For every plan on this computer. Kept as you change them."), this));
    auto* form = new QFormLayout;
    form->setHorizontalSpacing(u(18)), form->setVerticalSpacing(u(10));
    form->setFieldGrowthPolicy(QFormLayout::FieldsStayAtSizeHint);
    form->setRowWrapPolicy(QFormLayout::WrapLongRows);
    look_ = choice(tr("Look"), "appearance",
                   {{tr("as the desktop"), {}}, {tr("light"), "light"}, {tr("dark"), "dark"}});
    form->addRow(tr("Look"), look_);
    text_ = choice(tr("Size of letters"), "text_scale",
                   {{tr("as the desktop"), {}},
                    {tr("100 %"), 1},
                    {tr("125 %"), 1.25},
                    {tr("150 %"), 1.5},
                    {tr("175 %"), 1.75},
                    {tr("200 %"), 2}});
    form->addRow(tr("Size of letters"), text_);
    language_ = new Choice(this);
    language_->setAccessibleName(tr("Language"));
    language_->addItem(tr("as the desktop"), {});
    const auto spoken = QSettings().value("language").toString();
    for (const auto& [key, name] : languages()) {
        language_->addItem(name, key);
        if (key == spoken) language_->setCurrentIndex(language_->count() - 1);
    }
    connect(language_, &QComboBox::activated, this, [this] {
        const auto key = language_->currentData();
        key.isValid() ? QSettings().setValue("language", key) : QSettings().remove("language");
        emit language_chosen();
    });
    language_->setToolTip(tr("Plans, tables and typed lines stay as they are."));
    form->addRow(tr("Language"), language_);
    lengths_ = choice(tr("Lengths"), "lengths",
                      {{tr("in metres and millimetres"), {}}, {tr("in feet and inches"), "inches"}});
    form->addRow(tr("Lengths"), lengths_);
    sizes_ = choice(tr("Sizes of wire"), "wire_sizes",
                    {{tr("as they are sold"), {}}, {tr("in AWG and in mm²"), "both"}});
    form->addRow(tr("Sizes of wire"), sizes_);
    decimal_ = choice(tr("Decimal mark"), "decimal",
                      {{tr("as the desktop"), {}}, {tr("point: 1.5 V"), "."}, {tr("comma: 1,5 V"), ","}});
    form->addRow(tr("Decimal mark"), decimal_);
    money_ = new QLineEdit(QSettings().value("money").toString(), this);
    money_->setAccessibleName(tr("Sign of money"));
    money_->setPlaceholderText(tr("none"));
    money_->setMaxLength(8);
    money_->setFixedWidth(u(110));
    connect(money_, &QLineEdit::editingFinished, this, [this] {
        QSettings().setValue("money", money_->text().trimmed());
        emit changed();
    });
    form->addRow(tr("Sign of money"), money_);
    column->addLayout(form);
    auto* schools =
        new Heading(tr("Schools for new plans"),
                    tr("As one line, like the schools of a plan. Empty: the usual ones."), this, 14);
    auto* same = new QPushButton(tr("As in this plan"), this);
    schools->add(same);
    column->addWidget(schools);
    practices_ = new QLineEdit(words_of(practices_for_new_plans()), this);
    practices_->setAccessibleName(tr("Schools for new plans"));
    practices_->setPlaceholderText(tr("drop limit 0.05, joint crimp, metric, meter off by 0.005"));
    column->addWidget(practices_);
    problem_ = new QLabel(this);
    problem_->setWordWrap(true);
    column->addWidget(problem_);
    column->addStretch(1);
    connect(practices_, &QLineEdit::editingFinished, this, &SettingsPage::take_practices);
    connect(same, &QPushButton::clicked, this, [this] {
        const LineContext context(document_.plan(), document_.catalogue());
        practices_->setText(words_of(thing_line(context, document_.plan().practices)));
        take_practices();
    });
}

void SettingsPage::take_practices() {
    const LineContext context(document_.plan(), document_.catalogue());
    const auto wrong = keep_practices_for_new_plans(context, practices_->text().toStdString());
    problem_->setStyleSheet(
        QStringLiteral("color:%1").arg((wrong.empty() ? theme().good : theme().danger).name()));
    problem_->setText(wrong.empty() ? tr("✓ New plans begin so.") : QStringLiteral("! ") + words_of(wrong));
}

}  // namespace sangre::app
