// The figures of the demos and of three hundred random plans as they were kept: what is only moved about in
// the code changes none of them. SANGRE_KEEP_FIGURES=1 keeps today's instead, for a change that means to.
#include <fmt/format.h>

#include <filesystem>
#include <fstream>
#include <sstream>

#include "fixtures.h"
#include "making/steps/bom.h"
#include "random_plans.h"

using namespace sangre;
using test::parts;

namespace {

constexpr unsigned built_plans = 200, networks = 100;

/// Sums that tell one feed, load or module from another by its place.
class Sums {
  public:
    void add(const char* what, size_t place, double value) {
        if (!std::isfinite(value)) value = 0, add("not finite", place, 1);
        const auto known = std::find(names_.begin(), names_.end(), what);
        const auto at = static_cast<size_t>(known - names_.begin());
        if (known == names_.end()) names_.push_back(what), sums_.push_back(0);
        sums_[at] += value * (1 + 0.1 * static_cast<double>(place));
    }
    std::string line(const std::string& plan) const {
        std::string all = plan;
        for (size_t i = 0; i < names_.size(); ++i) all += fmt::format(";{}={:.12g}", names_[i], sums_[i]);
        return all;
    }

  private:
    std::vector<std::string> names_;
    std::vector<double> sums_;
};

std::string figures_of(const std::string& name, const Plan& plan) {
    const auto s = test::studied(plan);
    Sums sums;
    for (size_t f = 0; f < plan.feeds().size(); ++f) {
        sums.add("A", f, raw(s.now.feeds[f].supply));
        sums.add("end V", f, raw(s.now.feeds[f].at_end));
        sums.add("lift V", f, raw(s.now.feeds[f].lift));
        sums.add("continuous A", f, raw(s.worst.feeds[f].continuous));
        sums.add("peak A", f, raw(s.worst.feeds[f].peak));
        sums.add("drop", f, s.worst.feeds[f].drop_share);
        sums.add("warm C", f, raw(s.protection[f].warm));
        sums.add("short A", f, raw(s.protection[f].fault.current));
        sums.add("outcome", f, static_cast<double>(s.protection[f].fault.outcome));
        sums.add("cut m", f, raw(s.harness.routes[f].cut));
    }
    for (size_t l = 0; l < plan.loads.size(); ++l) {
        sums.add("load V", l, raw(s.now.loads[l].volts));
        sums.add("lowest V", l, raw(s.worst.loads[l].lowest));
    }
    for (size_t i = 0; i < s.harness.holes.size(); ++i)
        sums.add("hole mm", i, raw(s.harness.holes[i].needed));
    for (size_t i = 0; i < s.windows.size(); ++i) sums.add("window V", i, raw(s.windows[i].low));
    sums.add("g", 0, raw(s.mass)), sums.add("cost", 0, s.cost);
    sums.add("day Wh", 0, raw(s.mission.day_energy));
    size_t line = 0;
    for (const auto& l : bill_of_materials(plan, parts(), s.harness)) sums.add("bill", line++, l.amount);
    sums.add("steps", 0, static_cast<double>(s.steps().size()));
    for (size_t i = 0; i < s.readings().size(); ++i) sums.add("reading", i, s.readings()[i].low);
    for (const auto severity : {Severity::danger, Severity::caution, Severity::note})
        sums.add("findings", static_cast<size_t>(severity), static_cast<double>(count(s.findings, severity)));
    return sums.line(name);
}

std::vector<std::string> all_figures() {
    std::vector<std::string> lines;
    for (const char* name : {"orchard-frost-rover", "seed-hexacopter", "book-trike", "bat-detector",
                             "apiary-trailer", "moss-wall"})
        lines.push_back(figures_of(name, test::demo(name)));
    for (unsigned seed = 0; seed < built_plans; ++seed)
        lines.push_back(figures_of(fmt::format("built {}", seed), test::RandomPlans(seed).built()));
    for (unsigned seed = 0; seed < networks; ++seed)
        lines.push_back(figures_of(fmt::format("network {}", seed), test::RandomPlans(seed).network()));
    return lines;
}

std::vector<std::string> split(const std::string& line, char by) {
    std::vector<std::string> all;
    std::istringstream in(line);
    for (std::string cell; std::getline(in, cell, by);) all.push_back(cell);
    return all;
}

}  // namespace

class TestKeptFigures : public QObject {
    Q_OBJECT
  private slots:
    void are_as_they_were() {
        const auto file = std::filesystem::path(SANGRE_REFERENCE) / "kept_figures.txt";
        const auto now = all_figures();
        if (qEnvironmentVariableIsSet("SANGRE_KEEP_FIGURES")) {
            std::ofstream out(file);
            for (const auto& line : now) out << line << "\n";
            QSKIP("kept anew");
        }
        std::ifstream in(file);
        QStringList wrong;
        size_t at = 0;
        for (std::string line; std::getline(in, line); ++at) {
            QVERIFY(at < now.size());
            const auto then = split(line, ';'), is = split(now[at], ';');
            QVERIFY2(then.size() == is.size(), then[0].c_str());
            for (size_t i = 1; i < then.size(); ++i) {
                const auto a = split(then[i], '='), b = split(is[i], '=');
                QCOMPARE(QString::fromStdString(b[0]), QString::fromStdString(a[0]));
                const double x = QByteArray::fromStdString(a[1]).toDouble(),
                             y = QByteArray::fromStdString(b[1]).toDouble();
                // The network is solved to 1e-9 of its scale, and what follows from it is as near as that.
                if (std::abs(x - y) > 1e-7 * std::max({std::abs(x), std::abs(y), 1e-3}))
                    wrong << QString("%1: %2").arg(then[0].c_str(), (then[i] + " now " + b[1]).c_str());
            }
        }
        QCOMPARE(at, now.size());
        QVERIFY2(wrong.isEmpty(), qPrintable(wrong.mid(0, 40).join("\n")));
    }
};

SANGRE_SUITE(TestKeptFigures);
#include "test_kept_figures.moc"
