#pragma once
// Unsaved work on disk: every open plan has a file of its own, and what a program that is gone has left is
// found.
#include <QDateTime>
#include <QLockFile>
#include <functional>
#include <future>
#include <memory>
#include <vector>

#include "output/files/plan_file.h"

namespace sangre::app {

class Recovery {
  public:
    /// What was being worked on.
    struct About {
        QString of;         ///< the plan's file; of a shipped demo, whose copy it is; empty: never saved
        QString name;       ///< of the plan
        QByteArray base;    ///< fingerprint of the file that it began from; empty: none
        bool copy = false;  ///< of a demo: it has no file of its own
    };
    struct Left {
        QString file;  ///< the plan as it was left
        About about;
        QDateTime when;
    };

    explicit Recovery(QString folder);
    ~Recovery() { wait(); }

    /// The file in which the plan that is open now is kept.
    QString file() const;
    /// Another plan is open from here on: what was kept of the one before stays.
    void begin_another();
    tl::expected<void, std::string> keep(const Plan& plan, const About& about);
    /// The same on another thread; what is still being written is let finish first. `done` is told there how
    /// it went.
    void keep_aside(std::shared_ptr<const Plan> plan, const About& about,
                    std::function<void(const tl::expected<void, std::string>&)> done);
    void drop();
    /// What was left by programs that run no longer, and of this one's earlier plans; newest first.
    std::vector<Left> left() const;
    static void remove(const Left& left);

    const QString& folder() const { return folder_; }

  private:
    using Written = tl::expected<void, std::string>;
    bool alive(const QString& session) const;
    void claim();
    Written wait();
    static Written write(const Plan& plan, const About& about, const QString& file, const QString& session);
    QString folder_, session_;
    int plan_ = 0;
    std::future<Written> writing_;
    std::unique_ptr<QLockFile> lock_;  ///< says to others that this program still runs
};

/// Of a file's bytes; empty where there is none.
QByteArray fingerprint(const QString& file);

}  // namespace sangre::app
