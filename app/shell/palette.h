#pragma once
// Everything that can be done or gone to, found by its words.
#include <QLineEdit>
#include <QListWidget>
#include <QWidget>
#include <functional>

namespace sangre::app {

struct PaletteEntry {
    QString words;  ///< what it is found by
    QString aside;  ///< its kind, its keys
    std::function<void()> go;
    QString also{};  ///< common words for it, which are not shown
};

class Palette : public QWidget {
    Q_OBJECT
  public:
    explicit Palette(QWidget* window);
    /// Over the window's middle; the field has the keys.
    void open(std::vector<PaletteEntry> entries);
    QLineEdit* field() const { return field_; }
    QListWidget* list() const { return list_; }
    /// Those that hold every word typed, those that begin with the first of them before the others, those
    /// that are only commonly called so last.
    static std::vector<size_t> found(const std::vector<PaletteEntry>& entries, const QString& typed);

  protected:
    bool eventFilter(QObject* watched, QEvent* e) override;

  private:
    void filter();
    void take();
    void leave();
    std::vector<PaletteEntry> entries_;
    std::vector<size_t> shown_;  ///< by row
    QWidget* before_ = nullptr;  ///< who had the keys
    QLineEdit* field_;
    QListWidget* list_;
};

}  // namespace sangre::app
