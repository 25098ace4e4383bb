#pragma once
// The frame: stations at the left, What if above, Why at the right, findings below.
#include <QMainWindow>
#include <QMenu>
#include <QStackedWidget>
#include <QVBoxLayout>

#include "shell/findings_bar.h"
#include "shell/papers.h"
#include "shell/station_bar.h"
#include "shell/what_if_bar.h"
#include "shell/why_panel.h"

namespace sangre::app {

class LoadsStation;
class PowerStation;
class WiringStation;
class RoutingStation;
class BuildStation;
class BenchStation;
class LogStation;
class VariantBar;
class HelpPage;
class SettingsPage;
class PartsPage;
class LineBar;
class Palette;

class Window : public QMainWindow {
    Q_OBJECT
  public:
    Window(Document& document, QWidget* parent = nullptr);
    /// Appearance and text size as they were last.
    static void recall_look();

    void go(Station station);
    Document& document() { return document_; }
    /// A line above the station, until it is closed or another takes its place.
    void show_banner(const QString& words, bool error, bool undoable);
    Station station() const { return station_; }
    // Each is made when first asked for: a window that opens does not wait for the six that are not on
    // screen.
    LoadsStation* loads();
    PowerStation* power();
    WiringStation* wiring();
    RoutingStation* routing();
    BuildStation* build();
    BenchStation* bench();
    LogStation* log();
    FindingsBar* findings() { return findings_; }
    WhatIfBar* what_if() { return what_if_; }
    WhyPanel* why() { return why_; }
    LineBar* line() { return line_; }
    Palette* palette_box() { return palette_; }
    /// Lists all that can be done or gone to.
    void find_anything();
    void begin_anew();
    void select_all();
    /// Help in place of the station, and back.
    void show_help();
    HelpPage* help() { return help_; }
    /// Settings in place of the station, and back.
    void show_settings();
    SettingsPage* settings() { return settings_; }
    /// The catalogue in place of the station, and back.
    void show_parts();
    PartsPage* parts() { return parts_; }
    /// The main drawing of what is on screen; null where it has none.
    Canvas* drawing() const;
    /// A plan opens, a table of loads or lines of a plan are added; false for anything else.
    bool take_file(const QString& file);
    VariantBar* variant() { return variant_; }
    QLabel* banner_words() { return banner_words_; }
    /// Light or dark, and the text size; everything is laid out anew.
    void restyle(Appearance appearance, double scale);
    /// Looks as the desktop does again.
    void follow_desktop();

    /// Saves to a file and says so.
    void save_to(const QString& file);
    /// Until what is typed is understood, or the question is put away.
    void ask_air();

  protected:
    bool event(QEvent* e) override;
    void keyPressEvent(QKeyEvent* e) override;
    bool eventFilter(QObject* at, QEvent* e) override;
    void closeEvent(QCloseEvent* e) override;
    void dragEnterEvent(QDragEnterEvent* e) override;
    void dropEvent(QDropEvent* e) override;
    void resizeEvent(QResizeEvent* e) override;

  private:
    void lay_out();
    void lay_out_anew(Appearance wanted, double scale);
    void name_file();
    template <class S>
    S* made(S*& station);
    QWidget* widget_of(Station station);
    QWidget* page_of(QWidget* shown) const;
    void adapt();
    void make_actions();
    void make_banner(QVBoxLayout& column);
    void follow_finding(const QString& rule);
    void plan_menu();
    void fill_plan_menu(QMenu& menu);
    void stay_on_screen();
    bool shows_plan();
    bool may_replace(const QStringList& files, const QString& asked);
    bool ask_lose(const QString& why);
    /// The file chosen, with an ending; empty where none was.
    QString ask_file(const QString& title, const QString& name, const QString& kinds, const QString& ending);
    void ask_print();
    void ask_open();
    void ask_save_as();
    void write_table(const QString& title, const std::string& table);
    void write_text(const QString& title, const QString& name, const QString& kinds, const QString& ending,
                    const std::string& text);
    void copy_table(const std::string& table);
    void export_bom();
    void export_loads();
    void export_flow_map();
    void export_paper(const Paper& paper);
    void save();
    QString remembered_;  ///< the file last put among the recent ones
    void remember(const QString& file);
    void rename_plan();
    Document& document_;
    Station station_ = Station::loads;
    QStackedWidget* stack_ = nullptr;
    StationBar* bar_ = nullptr;
    WhatIfBar* what_if_ = nullptr;
    WhyPanel* why_ = nullptr;
    FindingsBar* findings_ = nullptr;
    VariantBar* variant_ = nullptr;
    LineBar* line_ = nullptr;
    Palette* palette_ = nullptr;
    HelpPage* help_ = nullptr;
    SettingsPage* settings_ = nullptr;
    PartsPage* parts_ = nullptr;
    std::unique_ptr<QMenu> searched_;  ///< whose actions the palette lists
    QWidget* banner_ = nullptr;
    QLabel* banner_words_ = nullptr;
    QPushButton* banner_undo_ = nullptr;
    std::shared_ptr<const Plan> undo_of_;  ///< that the banner's Undo would take back
    LoadsStation* loads_ = nullptr;
    PowerStation* power_ = nullptr;
    WiringStation* wiring_ = nullptr;
    RoutingStation* routing_ = nullptr;
    BuildStation* build_ = nullptr;
    BenchStation* bench_ = nullptr;
    LogStation* log_ = nullptr;
    bool why_shown_ = true;
};

}  // namespace sangre::app
