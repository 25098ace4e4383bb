#pragma once
#include <QPushButton>
#include <QScrollArea>
#include <QStackedWidget>

#include "build/cut_view.h"
#include "build/evening_strip.h"
#include "build/shopping_view.h"
#include "build/step_card.h"
#include "build/step_list.h"
#include "shell/picture_reader.h"

namespace sangre::app {

/// The evening at the table: tonight's steps one after the other, what to cut and what to buy.
class BuildStation : public QWidget {
    Q_OBJECT
  public:
    BuildStation(Document& document, QWidget* parent = nullptr);
    /// Marks the current step done, or not done after all, and goes on to the next.
    void toggle_done();
    void take_note();
    /// A menu of where a photograph comes from.
    void take_photo();
    /// Keeps a picture with the current step; says what went wrong.
    void keep_photo(const QImage& picture);
    /// A step of the builder's own before the current one, and the field for its title.
    void add_own_step();
    const Step* current() const;
    const std::vector<EveningPlan>& evenings() const { return evenings_; }
    QLineEdit* note_field() { return note_; }
    StepCard* card() { return card_; }
    EveningStrip* strip() { return strip_; }
    CutView* cuts() { return cuts_; }
    ShoppingView* shop() { return shop_; }
    enum class Page { steps, cuts, shop };
    void show_page(Page page);

  signals:
    /// The key of the reading that shows whether the current step is right; empty: none does.
    void measure_asked(const QString& reading);

  protected:
    void keyPressEvent(QKeyEvent* e) override;
    /// Out of sight nothing is refreshed: the list is worked out when somebody looks.
    void showEvent(QShowEvent* e) override;

  private:
    void refresh();
    void plan_anew();
    void fill_own_menu(QMenu& menu);
    void put_steps(const Plan& with, const QString& what);
    void add_board();
    void keep_template();
    void keep_photo_of(const std::string& key, const QImage& picture);
    void go_to(const std::string& key);
    void go_by(int rows);
    void step_menu(const std::string& key, const QPoint& where);
    void measure();
    QWidget* make_left();
    Document& document_;
    EveningStrip* strip_;
    StepCard* card_;
    StepList* list_;
    CutView* cuts_;
    ShoppingView* shop_;
    QStackedWidget* pages_;
    QScrollArea* area_;
    QWidget* side_;  ///< the steps beside what is shown
    QLabel* summary_;
    QPushButton *done_, *measure_, *note_button_, *photo_, *cuts_button_, *shop_button_;
    QLineEdit* note_;
    PictureReader pictures_{document_};
    std::vector<EveningPlan> evenings_;
    std::vector<HeldBack> held_;
    // Of which they are: planned again only once one of these is another.
    Lazy<std::vector<Step>> planned_steps_;
    std::shared_ptr<const Plan> planned_plan_;
    std::string planned_on_;
    std::string key_;
};

}  // namespace sangre::app
