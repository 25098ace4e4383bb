#pragma once
// The settings, as a page in place of the station.
#include <QLabel>
#include <QLineEdit>
#include <QWidget>

#include "shell/document.h"
#include "widgets/choice.h"

namespace sangre::app {

class SettingsPage : public QWidget {
    Q_OBJECT
  public:
    explicit SettingsPage(Document& document, QWidget* parent = nullptr);
    Choice* look() { return look_; }
    Choice* text_size() { return text_; }
    Choice* language() { return language_; }
    Choice* sizes() { return sizes_; }
    Choice* lengths() { return lengths_; }
    Choice* decimal() { return decimal_; }
    QLineEdit* money_sign() { return money_; }
    QLineEdit* practices() { return practices_; }
    QString problem() const { return problem_->text(); }
    /// What each setting is called, for finding it.
    static QStringList names();
    /// The keys to the setting of that name.
    void focus_on(const QString& name);

  signals:
    /// The window is to be laid out anew.
    void changed();
    /// Another language is spoken from now on.
    void language_chosen();

  private:
    Choice* choice(const QString& name, const char* key,
                   std::initializer_list<std::pair<QString, QVariant>> offers);
    void take_practices();
    Document& document_;
    Choice *look_, *text_, *language_, *sizes_, *lengths_, *decimal_;
    QLineEdit *money_, *practices_;
    QLabel* problem_;
};

}  // namespace sangre::app
