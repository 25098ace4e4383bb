#pragma once
#include <QPushButton>
#include <QScrollArea>

#include "shell/document.h"
#include "widgets/canvas.h"

namespace sangre::app {

class ReadingList : public Canvas {
    Q_OBJECT
  public:
    ReadingList(Document& document, QWidget* parent = nullptr);
    QSize minimumSizeHint() const override;
    void set_current(const std::string& key);
    double row_top(const std::string& key) const;

  signals:
    void chosen(const QString& key);

  protected:
    void paint(QPainter& p) override;
    void resizeEvent(QResizeEvent* e) override;

  private:
    bool narrow() const;
    double reading_height() const;
    void paint_row(QPainter& p, const Reading& reading, int number, const QRectF& area);
    Document& document_;
    std::string current_;
};

/// Readings to take with their windows, a large field to type what the meter shows, and what a wrong one
/// means.
class BenchStation : public QWidget {
    Q_OBJECT
  public:
    BenchStation(Document& document, QWidget* parent = nullptr);
    QLineEdit* field() { return field_; }
    QLabel* verdict() { return verdict_; }
    void record();
    void go_to(const std::string& key);
    const Reading* current() const;

  protected:
    /// Out of sight nothing is refreshed: the list is worked out when somebody looks.
    void showEvent(QShowEvent* e) override;
    bool eventFilter(QObject* watched, QEvent* e) override;

  private:
    void refresh();
    void take(const QStringList& shown);
    Document& document_;
    ReadingList* list_;
    QScrollArea* area_;
    QLineEdit* field_;
    QLabel *unit_, *where_, *window_, *verdict_, *suspects_;
    std::string key_;
};

}  // namespace sangre::app
