// The core's suites, and the command line's: no window, no event loop but what a process needs.
#include <QCoreApplication>

#include "suite.h"

int main(int argc, char** argv) {
    QCoreApplication app(argc, argv);
    return sangre::test::run_suites(argc, argv);
}
