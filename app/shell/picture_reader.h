#pragma once
#include <QObject>
#include <QThreadPool>
#include <functional>

#include "shell/document.h"
#include "shell/pictures.h"

namespace sangre::app {

/// Reads pictures from files: small ones at once, large ones aside, so that the window goes on; what is asked
/// for last counts, and nothing once another plan is open. What is wrong with one is said in the document's
/// banner.
class PictureReader : public QObject {
    Q_OBJECT
  public:
    explicit PictureReader(Document& document, QObject* parent = nullptr)
        : QObject(parent), document_(document) {
        work_.setMaxThreadCount(1);
    }
    void read(const QString& file, const std::function<void(const QImage&)>& then);

  private:
    void give(const tl::expected<QImage, QString>& picture, const std::function<void(const QImage&)>& then);
    Document& document_;
    int asked_ = 0;
    QThreadPool work_;  // last: its destructor waits for what still runs
};

}  // namespace sangre::app
