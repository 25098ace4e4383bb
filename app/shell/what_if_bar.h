#pragma once
// What if: phase, charge, air and switches that every number answers to at once.
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSlider>
#include <QWidget>

#include "shell/document.h"
#include "widgets/choice.h"
#include "widgets/toggle.h"

class QHBoxLayout;

namespace sangre::app {

class WhatIfBar : public QWidget {
    Q_OBJECT
  public:
    WhatIfBar(Document& document, QWidget* parent = nullptr);
    QPushButton* plan_button() { return plan_; }
    QComboBox* phase_box() { return phase_; }
    QSlider* charge_slider() { return charge_; }
    QLineEdit* air_field() { return air_; }
    /// It never makes a window wide: what has no room is folded away.
    QSize minimumSizeHint() const override { return {0, QWidget::minimumSizeHint().height()}; }

  protected:
    void resizeEvent(QResizeEvent* e) override;
    void showEvent(QShowEvent* e) override;

  private:
    /// Captions go first, then the switches fold into one button, the plan's name is cut, the slider goes.
    void fit();
    void show_as(int level);
    /// As wide as it is with so much folded.
    int wide_as(int level) const;
    void refresh();
    void name_plan();
    void rebuild_switches();
    void take_air();
    void switch_menu();
    void set_switch(const Id& device, bool closed);
    Document& document_;
    QPushButton* plan_;
    QLabel *state_, *source_, *charge_text_;
    Choice* phase_;
    std::vector<std::pair<Id, QString>> phases_;  ///< that the box lists
    QSlider* charge_;
    QLineEdit* air_;
    QHBoxLayout* switches_;
    std::vector<std::pair<Id, Toggle*>> toggles_;
    Toggle* worst_;
    std::vector<QWidget*> captions_;
    QPushButton* folded_;
    int name_room_ = 180;  ///< for the plan's name, at usual text
};

}  // namespace sangre::app
