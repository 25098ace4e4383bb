#pragma once
// Plans and checks that many tests share.
#include <QTest>
#include <string>

#include "output/explain/explain.h"
#include "output/files/plan_file.h"
#include "proposal/propose.h"
#include "rules/study.h"
#include "suite.h"

namespace sangre::test {

const Catalogue& parts();
std::string demo_file(const std::string& name = "orchard-frost-rover");
/// A demo by its file's name.
Plan demo(const QString& name = "orchard-frost-rover");
/// A column "demo" with a row for each.
void demo_rows();

/// A load of so many volts and amperes that takes ±10 %.
Load simple_load(const Id& id, double volts, double amps);
/// Battery → load over one feed with a fuse: four LFP cells, 10 Ah, 12 AWG, 1 m.
Plan one_feed(double amps = 5);
/// Battery → hub → n loads of one ampere each.
Plan star(size_t n);
/// What feeds a load: its module, hub or battery.
Id rail_of(const Plan& plan, const Id& load);
/// The study of a plan at default conditions.
Study studied(const Plan& plan);
bool has(const Study& study, const std::string& rule, Severity at_least = Severity::note);
const Finding* finding(const Study& study, const std::string& rule);
/// Largest sum of currents at any node of a solved plan, from its elements alone, over the scale.
double worst_kirchhoff(const Plan& plan, const Solver& solver, const OperatingPoint& point);

/// |a − b| within a share of b.
inline bool near(double a, double b, double share) { return std::abs(a - b) <= share * std::abs(b); }

}  // namespace sangre::test

/// Compares with a tolerance and prints both on failure.
#define CLOSE(actual, expected, share)                    \
    QVERIFY2(sangre::test::near(actual, expected, share), \
             qPrintable(QStringLiteral("%1 instead of %2").arg(double(actual)).arg(double(expected))))
