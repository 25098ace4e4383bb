#pragma once
// The catalogue as a page: every part that there is as a line; one's own copied from it, changed, added.
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QWidget>

#include "output/files/entry_text.h"
#include "shell/document.h"
#include "widgets/choice.h"

namespace sangre::app {

class PartsPage : public QWidget {
    Q_OBJECT
  public:
    /// `own` is the folder of the builder's own files.
    PartsPage(Document& document, std::filesystem::path own, QWidget* parent = nullptr);
    QLineEdit* filter() { return filter_; }
    QListWidget* list() { return list_; }
    QLineEdit* line() { return line_; }
    Choice* kind() { return kind_; }
    QPushButton* keep_button() { return keep_; }
    QPushButton* drop_button() { return drop_; }
    QString said() const { return said_->text(); }

  private:
    void read();
    void fill();
    void show_entry();
    void keep();
    void drop();
    void say(const QString& words, bool wrong);
    const CatalogueEntry* current() const;
    bool take_over(const tl::expected<void, std::string>& written, const QString& words);
    Document& document_;
    std::filesystem::path own_;
    std::vector<CatalogueEntry> entries_;
    QLineEdit *filter_, *line_;
    Choice* kind_;
    QListWidget* list_;
    QPushButton *keep_, *drop_;
    QLabel* said_;
};

}  // namespace sangre::app
