#pragma once
// Suites of tests that share one program: each registers under its class name, and the program runs the one
// that it is asked for. One program links once and shares what many suites instantiate.
#include <QTest>
#include <functional>
#include <map>
#include <memory>

namespace sangre::test {

using MakeSuite = std::function<std::unique_ptr<QObject>()>;

/// Every suite of this program, by class name.
inline std::map<QString, MakeSuite>& suites() {
    static std::map<QString, MakeSuite> all;
    return all;
}

/// Runs `program SUITE [Qt Test's arguments]`; without arguments every suite. 2 when there is none of that
/// name.
inline int run_suites(int argc, char** argv) {
    if (argc < 2) {
        int failed = 0;
        for (const auto& [name, make] : suites()) failed += QTest::qExec(make().get(), 1, argv);
        return failed;
    }
    const auto wanted = suites().find(QString::fromLocal8Bit(argv[1]));
    if (wanted == suites().end()) {
        qWarning("no suite %s here", argv[1]);
        return 2;
    }
    argv[1] = argv[0];
    return QTest::qExec(wanted->second().get(), argc - 1, argv + 1);
}

}  // namespace sangre::test

#define SANGRE_SUITE(Class)                                 \
    [[maybe_unused]] static const bool registered_##Class = \
        sangre::test::suites().emplace(#Class, [] { return std::make_unique<Class>(); }).second
