#include "shell/what_if_bar.h"

#include <QFontMetrics>
#include <QHBoxLayout>
#include <QMenu>
#include <QSignalBlocker>

#include "base/units/format.h"
#include "base/units/parse.h"
#include "plan/source.h"
#include "theme/theme.h"
#include "widgets/words.h"
#include "wiring/item/item.h"

namespace sangre::app {

WhatIfBar::WhatIfBar(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(u(14), 0, u(14), 0);
    row->setSpacing(u(8));
    const auto label = [&](const QString& words, const QString& tip) {
        auto* l = new QLabel(words, this);
        l->setFont(face(13));
        l->setProperty("caption", true);
        l->setToolTip(tip);
        row->addWidget(l);
        captions_.push_back(l);
        return l;
    };
    plan_ = new QPushButton(this);
    plan_->setProperty("flat", true);
    plan_->setFont(face(15, true));
    plan_->setAccessibleName(tr("Plan menu"));
    plan_->setToolTip(tr("Open, save, print, appearance (Alt+M)"));
    row->addWidget(plan_);
    state_ = label({}, {});
    row->addStretch(1);
    label(tr("What if"), tr("Every number on every station answers to these at once."));
    phase_ = new Choice(this);
    phase_->setAccessibleName(tr("Mission phase"));
    phase_->setToolTip(tr("The part of the day that is looked at"));
    phase_->setMinimumWidth(u(104));
    phase_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    phase_->setMinimumContentsLength(10);
    row->addWidget(phase_);
    source_ = label({}, {});
    charge_ = new QSlider(Qt::Horizontal, this);
    charge_->setRange(0, 100);
    charge_->setFixedSize(u(84), u(24));
    charge_->setAccessibleName(tr("State of charge"));
    row->addWidget(charge_);
    charge_text_ = new QLabel(this);
    charge_text_->setFixedWidth(u(46));
    charge_text_->setFont(face(14, true));
    row->addWidget(charge_text_);
    label(tr("Air"), tr("Ambient temperature of the machine"));
    air_ = new QLineEdit(this);
    air_->setFixedWidth(u(72));
    air_->setAccessibleName(tr("Ambient temperature"));
    row->addWidget(air_);
    switches_ = new QHBoxLayout;
    switches_->setSpacing(u(4));
    row->addLayout(switches_);
    folded_ = new QPushButton(tr("Switches  ▾"), this);
    folded_->setProperty("flat", true);
    folded_->setAccessibleName(tr("Switches"));
    folded_->hide();
    connect(folded_, &QPushButton::clicked, this, &WhatIfBar::switch_menu);
    row->addWidget(folded_);
    worst_ = new Toggle(tr("Worst"), this);
    worst_->setToolTip(
        tr("Everything that ever runs at its peak, on a nearly empty pack in the coldest air"));
    row->addWidget(worst_);

    connect(phase_, &QComboBox::activated, this, [this](int i) {
        auto c = document_.conditions();
        c.phase = phase_->itemData(i).toString().toStdString();
        c.switches.clear();
        document_.set_conditions(c);
    });
    connect(charge_, &QSlider::valueChanged, this, [this](int v) {
        auto c = document_.conditions();
        c.charge = v / 100.0;
        document_.set_conditions(c);
    });
    connect(air_, &QLineEdit::editingFinished, this, &WhatIfBar::take_air);
    connect(worst_, &Toggle::toggled, this, [this](bool on) {
        auto c = document_.conditions();
        c.worst = on;
        document_.set_conditions(c);
    });
    connect(&document_, &Document::changed, this, &WhatIfBar::refresh);
    connect(&document_, &Document::file_changed, this, &WhatIfBar::name_plan);
    refresh();
    name_plan();
}

void WhatIfBar::show_as(int level) {
    for (auto* c : captions_) c->setVisible(level < 1);
    for (auto& [id, toggle] : toggles_) toggle->setVisible(level < 2);
    folded_->setVisible(level >= 2 && !toggles_.empty());
    if (const int room = level < 3 ? 180 : 90; room != name_room_) name_room_ = room, name_plan();
    charge_->setVisible(level < 4);
}

void WhatIfBar::fit() {
    constexpr int most_folded = 4;
    int level = 0;
    while (level < most_folded && wide_as(level) > width()) ++level;
    show_as(level);
}

int WhatIfBar::wide_as(int level) const {
    int wide = 2 * u(14);
    const auto add = [&](const QWidget* w) { wide += w->sizeHint().width() + u(8); };
    const QFontMetrics letters(plan_->font());
    const auto name = QString::fromStdString(document_.plan().name) + QStringLiteral("  ▾");
    wide += std::min(letters.horizontalAdvance(name), level < 3 ? u(200) : u(110)) + u(40);
    if (level < 1)
        for (const auto* c : captions_) add(c);
    if (level < 2)
        for (const auto& [id, toggle] : toggles_) add(toggle);
    else if (!toggles_.empty())
        add(folded_);
    wide += std::max(phase_->minimumWidth(), phase_->sizeHint().width()) + u(8);
    if (level < 4) wide += u(84) + u(8);
    wide += u(46) + u(72) + 2 * u(8);
    add(worst_);
    return wide;
}

void WhatIfBar::resizeEvent(QResizeEvent* e) {
    QWidget::resizeEvent(e);
    fit();
}

/// What is painted is only now as large as it will be.
void WhatIfBar::showEvent(QShowEvent* e) {
    QWidget::showEvent(e);
    fit();
}

void WhatIfBar::set_switch(const Id& device, bool closed) {
    auto c = document_.conditions();
    c.switches[device] = closed;
    document_.set_conditions(c);
}

void WhatIfBar::switch_menu() {
    QMenu menu(this);
    for (const auto& [id, toggle] : toggles_) {
        auto* a = menu.addAction(toggle->text(), this, [this, id = id](bool on) { set_switch(id, on); });
        a->setCheckable(true);
        a->setChecked(toggle->isChecked());
    }
    menu.exec(folded_->mapToGlobal(QPoint(0, folded_->height())));
}

void WhatIfBar::take_air() {
    const auto v = parse_value(air_->text().toStdString(), Dimension::temperature, "°C");
    if (!v || *v < -60 || *v > 100) {
        emit document_.said(v ? tr("Air from −60 to 100 °C is understood.")
                              : tell("Air: {message}", QString::fromStdString(v.error().message)),
                            true, false);
        return refresh();
    }
    auto c = document_.conditions();
    c.air = Celsius(*v);
    document_.set_conditions(c);
    refresh();
}

void WhatIfBar::refresh() {
    const bool packs = document_.plan().sources.empty() || has_packs(document_.plan());
    source_->setText(packs ? tr("Battery") : tr("Source"));
    source_->setToolTip(packs ? tr("State of charge: how much of its capacity the pack still holds")
                              : tr("Where the source is in its voltage range"));
    const auto& plan = document_.plan();
    const auto& c = document_.conditions();
    const QSignalBlocker b1(phase_), b2(charge_), b3(air_), b4(worst_);
    std::vector<std::pair<Id, QString>> phases;
    for (const auto& p : plan.phases) phases.emplace_back(p.id, QString::fromStdString(p.name));
    if (phases != phases_) {
        phase_->clear();
        for (const auto& [id, name] : phases) phase_->addItem(name, QString::fromStdString(id));
        phases_ = std::move(phases);
    }
    const auto here =
        std::find_if(phases_.begin(), phases_.end(), [&](const auto& p) { return p.first == c.phase; });
    if (here != phases_.end()) phase_->setCurrentIndex(static_cast<int>(here - phases_.begin()));
    phase_->setEnabled(!plan.phases.empty() && !c.worst);
    charge_->setValue(static_cast<int>(std::lround(c.charge * 100)));
    charge_->setEnabled(!c.worst);
    charge_text_->setText(QStringLiteral("%1 %").arg(std::lround((c.worst ? nearly_empty : c.charge) * 100)));
    air_->setText(QString::fromStdString(format(c.worst ? plan.coldest_air : c.air)));
    air_->setEnabled(!c.worst);
    worst_->setChecked(c.worst);
    rebuild_switches();
}

void WhatIfBar::name_plan() {
    const auto name = QString::fromStdString(document_.plan().name);
    plan_->setText(menu_words(QFontMetrics(face(15, true)).elidedText(name, Qt::ElideRight, u(name_room_))) +
                   QStringLiteral("  ▾"));
    state_->setText(document_.file().isEmpty() ? tr("not saved yet")
                    : document_.modified()     ? tr("changed")
                                               : tr("saved"));
    state_->setToolTip(document_.file());
}

void WhatIfBar::rebuild_switches() {
    const auto& plan = document_.plan();
    const auto& open = document_.study().open;
    std::vector<std::pair<Id, QString>> wanted;
    std::vector<bool> closed;
    for (size_t f = 0; f < plan.feeds().size(); ++f)
        if (const auto* d = hand_switch(document_.catalogue(), plan.feeds()[f])) {
            wanted.emplace_back(d->id, QString::fromStdString(d->name));
            closed.push_back(!open[f]);
        }
    // Four fit beside the rest; the others stay closed unless their phase opens them.
    if (wanted.size() > 4) wanted.resize(4);
    bool same = wanted.size() == toggles_.size();
    for (size_t i = 0; same && i < wanted.size(); ++i)
        same = wanted[i].first == toggles_[i].first && wanted[i].second == toggles_[i].second->text();
    if (!same) {
        // Out of the row at once: their deletion waits for the event loop.
        for (auto& [id, toggle] : toggles_) {
            switches_->removeWidget(toggle);
            toggle->hide();
            toggle->deleteLater();
        }
        toggles_.clear();
        for (const auto& [id, words] : wanted) {
            auto* toggle = new Toggle(words, this);
            toggle->setToolTip(tell("{words} switch", words));
            switches_->addWidget(toggle);
            connect(toggle, &Toggle::clicked, this, [this, id = id](bool on) { set_switch(id, on); });
            toggles_.emplace_back(id, toggle);
        }
        fit();
    }
    for (size_t i = 0; i < toggles_.size(); ++i) toggles_[i].second->setChecked(closed[i]);
}

}  // namespace sangre::app
