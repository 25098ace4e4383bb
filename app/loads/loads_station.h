#pragma once
#include <QPushButton>

#include "loads/load_list.h"
#include "loads/mission_strip.h"
#include "widgets/paragraph.h"

namespace sangre::app {

class LoadsStation : public QWidget {
    Q_OBJECT
  public:
    LoadsStation(Document& document, QWidget* parent = nullptr);
    QLineEdit* entry() { return entry_; }
    Paragraph* echo() { return echo_; }
    QPushButton* propose_button() { return propose_; }
    LoadList* list() { return list_; }
    MissionStrip* mission() { return mission_; }
    /// Takes rows from a spreadsheet or typed lines; says how many, or which line is not understood.
    void paste(const QString& text);
    /// A ready-made load's line into the entry field, to be changed or taken as it is.
    void start_from(const QString& line);
    QPushButton* ready_button() { return ready_; }
    QPushButton* repeats_button() { return repeats_; }

  protected:
    bool eventFilter(QObject* watched, QEvent* e) override;

  private:
    void show_reading();
    void add_typed();
    void add_phase();
    void fill_ready_menu();
    Document& document_;
    LoadList* list_;
    MissionStrip* mission_;
    QLineEdit* entry_;
    Paragraph* echo_;
    QPushButton *propose_, *ready_, *repeats_;
};

}  // namespace sangre::app
