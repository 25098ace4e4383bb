#pragma once
// Pictures of the machine: read within bounds, kept small, and beside the plan once it is saved.
#include <QImage>
#include <QString>
#include <tl/expected.hpp>

#include "plan/plan.h"

namespace sangre::app {

/// More are not read.
inline constexpr qint64 most_pixels = 200'000'000;

/// A picture from a file, turned as its tag says and no more than 2048 pixels wide or high. An error says the
/// file and what is wrong: none there, no picture, more than 200 megapixels.
tl::expected<QImage, QString> read_picture(const QString& file);
/// The same of one that is in memory.
QImage scaled_down(const QImage& picture);
/// Writes it into that folder under a name that follows from what is in it; the name, or what went wrong.
tl::expected<QString, QString> keep_picture(const QImage& picture, const QString& folder);

/// Where a picture of that name is: beside the plan, else in the folder of those that are not saved yet.
/// Empty: nowhere.
QString find_picture(const QString& name, const QString& plan_file, const QString& pool);
/// Copies what the plan's sides show from where it was to where it is saved; the names that could not be.
QStringList bring_pictures(const Plan& plan, const QString& from_file, const QString& to_file,
                           const QString& pool);

}  // namespace sangre::app
