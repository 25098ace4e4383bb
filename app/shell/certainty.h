#pragma once
// How sure the numbers are: drawn in the background once the typing pauses.
#include <QThreadPool>
#include <QTimer>

#include "electrical/mission/tolerance.h"
#include "shell/document.h"

namespace sangre::app {

class Certainty : public QObject {
    Q_OBJECT
  public:
    explicit Certainty(Document& document, QObject* parent = nullptr);
    /// What is known of this part, feed or pack in the phase on screen; empty while it is still being drawn.
    Why of(const Id& subject) const;

  signals:
    void changed();

  private:
    void draw();
    bool current() const;
    Document& document_;
    std::shared_ptr<const Plan> of_;
    Id phase_;
    ToleranceStudy study_;
    bool busy_ = false;
    QTimer pause_;
    QThreadPool work_;  // last: its destructor waits for what still runs
};

}  // namespace sangre::app
