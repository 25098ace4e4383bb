#include "shell/certainty.h"

namespace sangre::app {
namespace {

constexpr size_t draws = 1000;
constexpr int pause_ms = 400;

}  // namespace

Certainty::Certainty(Document& document, QObject* parent) : QObject(parent), document_(document) {
    pause_.setSingleShot(true);
    pause_.setInterval(pause_ms);
    work_.setMaxThreadCount(1);
    connect(&pause_, &QTimer::timeout, this, &Certainty::draw);
    connect(&document_, &Document::changed, this, [this] {
        if (!current()) pause_.start();
    });
    pause_.start();
}

bool Certainty::current() const {
    const auto* phase = phase_of(document_.plan(), document_.conditions());
    return of_ == document_.kept_plan() && phase && phase->id == phase_;
}

Why Certainty::of(const Id& subject) const {
    const auto* phase = phase_of(document_.plan(), document_.conditions());
    return current() ? explain_tolerance(document_.plan(), study_, *phase, subject) : Why{};
}

void Certainty::draw() {
    const auto* phase = phase_of(document_.plan(), document_.conditions());
    if (current() || !phase || phase->charging || document_.plan().feeds().empty()) return;
    if (busy_) return pause_.start();
    busy_ = true;
    work_.start([this, plan = document_.kept_plan(), phase = *phase, parts = document_.kept_catalogue()] {
        const auto lengths = feed_lengths(lay_routes(*plan, *parts));
        // One thread: the other belongs to the hands.
        auto drawn =
            std::make_shared<ToleranceStudy>(study_tolerance(*plan, *parts, lengths, phase, draws, 1, {}, 1));
        QMetaObject::invokeMethod(
            this,
            [this, plan, id = phase.id, drawn] {
                busy_ = false;
                of_ = plan, phase_ = id, study_ = std::move(*drawn);
                if (current())
                    emit changed();
                else
                    pause_.start();
            },
            Qt::QueuedConnection);
    });
}

}  // namespace sangre::app
