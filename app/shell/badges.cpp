#include "shell/badges.h"

#include "widgets/words.h"

namespace sangre::app {

Badges::Badges(Document& document, StationBar& bar) : QObject(&bar), document_(document), bar_(bar) {
    pause_.setSingleShot(true);
    pause_.setInterval(120);
    connect(&pause_, &QTimer::timeout, this, &Badges::count_work);
    connect(&document_, &Document::changed, this, [this] {
        count_findings();
        pause_.start();
    });
    count_findings();
    pause_.start();
}

void Badges::count_findings() {
    for (const auto s : {Station::loads, Station::power, Station::wiring, Station::routing})
        badges_[static_cast<size_t>(s)] = {};
    for (const auto& f : document_.study().findings) {
        if (f.severity == Severity::note) continue;
        const auto at = stage_of(f.rule);
        if (at == Station::build) continue;  // counted with its steps
        auto& badge = badges_[static_cast<size_t>(at)];
        ++badge.count;
        badge.urgent = true;
        if (!badge.tip.isEmpty()) badge.tip += '\n';
        badge.tip += QString::fromStdString(f.sentence);
    }
    bar_.set_badges(badges_);
}

void Badges::count_work() {
    const auto& plan = document_.plan();
    StationBar::Badge build, bench;
    for (const auto& f : document_.study().findings)
        build.urgent |= f.severity != Severity::note && stage_of(f.rule) == Station::build;
    for (const auto& step : document_.study().steps()) build.count += !is_done(plan, step);
    for (const auto& r : document_.study().readings()) {
        const auto m = plan.measured.find(r.key);
        if (m == plan.measured.end())
            ++bench.count;
        else if (outside(judge(r, m->second)))
            bench.urgent = true;
    }
    build.tip = tell("{steps} {steps|step|steps} to do", build.count);
    bench.tip = tell("{readings} {readings|reading|readings} to take", bench.count);
    badges_[static_cast<size_t>(Station::build)] = build;
    badges_[static_cast<size_t>(Station::bench)] = bench;
    bar_.set_badges(badges_);
}

}  // namespace sangre::app
