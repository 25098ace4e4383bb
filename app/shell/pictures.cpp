#include "shell/pictures.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFileInfo>
#include <QImageReader>
#include <QObject>

#include "plan/plan_pictures.h"
#include "widgets/words.h"

namespace sangre::app {
namespace {

constexpr int widest = 2048;
constexpr int most_megabytes = 1024;  // while it is read; what is kept has 16 at the most

}  // namespace

QImage scaled_down(const QImage& picture) {
    if (picture.width() <= widest && picture.height() <= widest) return picture;
    return picture.scaled(widest, widest, Qt::KeepAspectRatio, Qt::SmoothTransformation);
}

tl::expected<QImage, QString> read_picture(const QString& file) {
    if (!QFileInfo::exists(file)) return tl::unexpected(tell("{file} is not there.", file));
    QImageReader::setAllocationLimit(most_megabytes);
    QImageReader reader(file);
    reader.setDecideFormatFromContent(true);
    reader.setAutoTransform(true);
    const auto size = reader.size();
    if (!reader.canRead())
        return tl::unexpected(tell("{file} is no picture that can be read (PNG, JPEG).", file));
    if (size.isValid() && qint64(size.width()) * size.height() > most_pixels)
        return tl::unexpected(
            tell("{file} has {megapixels} megapixels; up to {most} are read: make it smaller first.", file,
                 qint64(size.width()) * size.height() / 1'000'000, most_pixels / 1'000'000));
    // Where the format can, it is never whole in memory.
    if (size.isValid() && (size.width() > widest || size.height() > widest))
        reader.setScaledSize(size.scaled(widest, widest, Qt::KeepAspectRatio));
    const auto picture = reader.read();
    if (picture.isNull())
        return tl::unexpected(tell("{file} is broken: {errorString}", file, reader.errorString()));
    return scaled_down(picture);
}

tl::expected<QString, QString> keep_picture(const QImage& picture, const QString& folder) {
    if (picture.isNull()) return tl::unexpected(QObject::tr("There is no picture."));
    const auto small = scaled_down(picture).convertToFormat(QImage::Format_RGB32);
    QCryptographicHash hash(QCryptographicHash::Sha256);
    for (int y = 0; y < small.height(); ++y)
        hash.addData(
            QByteArrayView(reinterpret_cast<const char*>(small.constScanLine(y)), small.width() * 4));
    const auto name =
        QStringLiteral("machine-%1.jpg").arg(QString::fromLatin1(hash.result().toHex().left(10)));
    const auto file = QDir(folder).filePath(name);
    if (!QDir().mkpath(folder) || (!QFileInfo::exists(file) && !small.save(file, "JPG", 88)))
        return tl::unexpected(tell("{file} cannot be written", file));
    return name;
}

QString find_picture(const QString& name, const QString& plan_file, const QString& pool) {
    if (!names_a_file_beside(name.toStdString())) return {};
    if (!plan_file.isEmpty())
        if (const auto beside = QFileInfo(plan_file).dir().filePath(name); QFileInfo(beside).isFile())
            return beside;
    const auto pooled = QDir(pool).filePath(name);
    return QFileInfo(pooled).isFile() ? pooled : QString();
}

QStringList bring_pictures(const Plan& plan, const QString& from_file, const QString& to_file,
                           const QString& pool) {
    QStringList missing;
    for (const auto& picture : pictures_of(plan)) {
        const auto name = QString::fromStdString(picture);
        if (name.isEmpty()) continue;
        const auto from = find_picture(name, from_file, pool);
        const auto to = QFileInfo(to_file).dir().filePath(name);
        if (from == to || QFileInfo::exists(to)) continue;
        if (from.isEmpty() || !QFile::copy(from, to)) missing << name;
    }
    return missing;
}

}  // namespace sangre::app
