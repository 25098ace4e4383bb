#include "shell/recovery.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFileInfo>
#include <QJsonDocument>
#include <QJsonObject>
#include <QUuid>
#include <algorithm>

namespace sangre::app {
namespace {

const auto kept_ending = QStringLiteral(".autosave.json");
const auto about_ending = QStringLiteral(".about.json");

QString about_file(const QString& plan_file) { return plan_file.chopped(kept_ending.size()) + about_ending; }

}  // namespace

QByteArray fingerprint(const QString& file) {
    QFile f(file);
    if (!QFileInfo(file).isFile() || !f.open(QIODevice::ReadOnly)) return {};
    QCryptographicHash hash(QCryptographicHash::Sha1);
    hash.addData(&f);
    return hash.result().toHex();
}

Recovery::Recovery(QString folder)
    : folder_(std::move(folder)), session_(QUuid::createUuid().toString(QUuid::Id128).left(12)) {}

QString Recovery::file() const {
    return QStringLiteral("%1/%2-%3%4").arg(folder_, session_).arg(plan_).arg(kept_ending);
}

void Recovery::begin_another() {
    wait();
    ++plan_;
}

void Recovery::claim() {
    QDir().mkpath(folder_);
    if (lock_) return;
    lock_ = std::make_unique<QLockFile>(QStringLiteral("%1/%2.lock").arg(folder_, session_));
    lock_->setStaleLockTime(0);
    lock_->tryLock(0);
}

Recovery::Written Recovery::wait() { return writing_.valid() ? writing_.get() : Written(); }

Recovery::Written Recovery::write(const Plan& plan, const About& about, const QString& file,
                                  const QString& session) {
    // What it is about first: a plan without that would not be found again.
    const QJsonObject words{{"of", about.of},
                            {"name", QString::fromStdString(plan.name)},
                            {"base", QString::fromLatin1(about.base)},
                            {"copy", about.copy},
                            {"session", session}};
    const auto text = QJsonDocument(words).toJson().toStdString();
    if (auto written = write_whole(text, about_file(file).toStdString()); !written) return written;
    // Every edit was checked when it was made.
    return write_whole(plan_to_json(plan), file.toStdString());
}

tl::expected<void, std::string> Recovery::keep(const Plan& plan, const About& about) {
    wait();
    claim();
    return write(plan, about, file(), session_);
}

void Recovery::keep_aside(std::shared_ptr<const Plan> plan, const About& about,
                          std::function<void(const Written&)> done) {
    wait();
    claim();
    writing_ = std::async(std::launch::async, [plan = std::move(plan), about, at = file(), session = session_,
                                               done = std::move(done)] {
        auto written = write(*plan, about, at, session);
        done(written);
        return written;
    });
}

void Recovery::drop() {
    wait();
    QFile::remove(file());
    QFile::remove(about_file(file()));
}

bool Recovery::alive(const QString& session) const {
    QLockFile probe(QStringLiteral("%1/%2.lock").arg(folder_, session));
    probe.setStaleLockTime(0);
    const bool free = probe.tryLock(0);
    if (free) probe.unlock();
    return !free;
}

std::vector<Recovery::Left> Recovery::left() const {
    std::vector<Left> all;
    for (const auto& info : QDir(folder_).entryInfoList({'*' + kept_ending}, QDir::Files)) {
        const auto path = info.absoluteFilePath();
        if (QFileInfo(path) == QFileInfo(file())) continue;
        Left left{path, {}, info.lastModified()};
        QFile words(about_file(path));
        QString session;
        if (words.open(QIODevice::ReadOnly)) {
            const auto o = QJsonDocument::fromJson(words.readAll()).object();
            left.about = {o["of"].toString(), o["name"].toString(), o["base"].toString().toLatin1(),
                          o["copy"].toBool()};
            session = o["session"].toString();
        }
        if (!session.isEmpty() && session != session_ && alive(session)) continue;
        all.push_back(std::move(left));
    }
    std::stable_sort(all.begin(), all.end(), [](const auto& a, const auto& b) { return a.when > b.when; });
    return all;
}

void Recovery::remove(const Left& left) {
    QFile::remove(left.file);
    QFile::remove(about_file(left.file));
}

}  // namespace sangre::app
