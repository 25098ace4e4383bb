#include "shell/picture_reader.h"
#include "widgets/words.h"

#include <QFileInfo>
#include <QImageReader>

namespace sangre::app {
namespace {

// More takes longer than a blink.
constexpr qint64 at_once = 12'000'000;

}  // namespace

void PictureReader::give(const tl::expected<QImage, QString>& picture,
                         const std::function<void(const QImage&)>& then) {
    picture ? then(*picture) : emit document_.said(picture.error(), true, false);
}

void PictureReader::read(const QString& file, const std::function<void(const QImage&)>& then) {
    const int number = ++asked_;
    const auto size = QImageReader(file).size();
    const auto pixels = qint64(size.width()) * size.height();
    // What is refused unread is refused at once.
    if (!size.isValid() || pixels <= at_once || pixels > most_pixels) return give(read_picture(file), then);
    emit document_.said(tell("Reading {fileName}…", QFileInfo(file).fileName()), false, false);
    work_.start([this, file, then, number, plan = document_.opened()] {
        const auto picture = read_picture(file);
        QMetaObject::invokeMethod(this, [this, picture, then, number, plan] {
            if (number == asked_ && plan == document_.opened()) give(picture, then);
        });
    });
}

}  // namespace sangre::app
