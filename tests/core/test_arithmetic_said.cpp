// What reasons say is worked out again, as somebody with a calculator would: each “2.4 A × 35 mΩ = 84 mV” of
// every demo.
#include <cctype>
#include <deque>
#include <map>
#include <set>

#include "base/units/number.h"
#include "base/units/parse.h"
#include "fixtures.h"

using namespace sangre;
using test::parts;

namespace {

/// Units that stand in reasons only, beside those that people type.
const std::map<std::string, double> more_units{{"mΩ/m", 1e-3}, {"K/W", 1},    {"K", 1},     {"mΩ·Ah", 1e-3},
                                               {"µF", 1e-6},   {"J", 1},      {"cells", 1}, {"Wh", 3600},
                                               {"mWh", 3.6},   {"kWh", 3.6e6}};
/// Words between figures that say what they are.
const std::set<std::string> fillers{"path", "service", "loop",    "moving",  "slack",   "ends,",
                                    "ends", "joint",   "on",      "average", "printed", "rated",
                                    "to",   "be",      "derated", "rounded", "up"};

std::optional<double> unit(const std::string& word) {
    if (const auto found = more_units.find(word); found != more_units.end()) return found->second;
    const auto known = unit_symbol(word);
    return known && known->offset == 0 ? std::optional(known->factor) : std::nullopt;
}

bool is_number(const std::string& word) {
    return std::isdigit(static_cast<unsigned char>(word[0])) || word.starts_with("−");
}
bool is_operator(const std::string& word) {
    static const std::set<std::string> all{"(", ")", "×", "÷", "+", "²", "½"};
    return all.contains(word);
}

/// Words, brackets and operators one by one.
std::deque<std::string> pieces(const std::string& text) {
    std::deque<std::string> all;
    std::string spaced;
    for (const char c : text) spaced += c == '(' || c == ')' ? std::string{' ', c, ' '} : std::string{c};
    for (const auto& word : QString::fromStdString(spaced).split(' ', Qt::SkipEmptyParts))
        all.push_back(word.toStdString());
    return all;
}

/// The value of an expression; throws std::out_of_range or std::invalid_argument where it is none.
class Calculator {
  public:
    explicit Calculator(std::deque<std::string> words) : words_(std::move(words)) {}
    double value() {
        const double v = sum();
        if (!words_.empty()) throw std::invalid_argument(words_.front());
        return v;
    }
    double quantity() {
        const double v = number(take());
        double factor = 1;
        if (!words_.empty())
            if (const auto known = unit(words_.front())) factor = *known, words_.pop_front();
        // “2 min 30 s” is one.
        return v * factor + (!words_.empty() && is_number(words_.front()) ? quantity() : 0);
    }

  private:
    static double number(std::string word) {
        if (word.starts_with("−")) word = "-" + word.substr(std::string("−").size());
        const auto read = plain_number(word);
        if (!read) throw std::invalid_argument(word);
        return *read;
    }
    std::string take() {
        auto word = words_.at(0);
        words_.pop_front();
        return word;
    }
    bool next(const char* what) {
        if (words_.empty() || words_.front() != what) return false;
        words_.pop_front();
        return true;
    }
    double factor() {
        if (next("½")) return 0.5;
        if (!next("(")) return quantity();
        const double v = sum();
        if (!next(")")) throw std::invalid_argument("bracket");
        return next("²") ? v * v : v;
    }
    double product() {
        double v = factor();
        for (;;)
            if (next("×"))
                v *= factor();
            else if (next("÷"))
                v /= factor();
            else
                return v;
    }
    double sum() {
        double v = product();
        while (next("+")) v += product();
        return v;
    }
    std::deque<std::string> words_;
};

struct Claim {
    double left = 0, right = 0;
};

/// What a line says to be equal; nothing where it says no such thing.
std::optional<Claim> claim(const std::string& line) {
    const auto equals = line.rfind(" = ");
    if (equals == std::string::npos) return {};
    auto before = line.substr(0, equals);
    if (const auto other = before.rfind("= "); other != std::string::npos) before = before.substr(other + 2);
    auto words = pieces(before);
    std::deque<std::string> expression;
    while (!words.empty()) {
        const auto& word = words.back();
        if (fillers.contains(word))
            ;
        else if (is_number(word) || is_operator(word) || unit(word))
            expression.push_front(word);
        else
            break;
        words.pop_back();
    }
    auto after = pieces(line.substr(equals + 3));
    if (after.size() > 2) after.resize(2);
    for (auto& word : after)
        while (word.size() > 1 && (word.back() == '.' || word.back() == ';' || word.back() == ','))
            word.pop_back();
    if (after.size() > 1 && !unit(after[1])) after.resize(1);
    return Claim{Calculator(expression).value(), Calculator(after).quantity()};
}

}  // namespace

class TestArithmeticSaid : public QObject {
    Q_OBJECT
  private slots:
    void the_calculator_calculates() {
        CLOSE(claim("Drop 2.4 A × 35 mΩ = 84 mV (1 %)")->left, 0.084, 1e-9);
        CLOSE(claim("Return: 2 min 30 s × 1228 W on average = 51.2 Wh")->left, 150 * 1228.0, 1e-9);
        CLOSE(claim("needs ≥ 9 V at its end: (9 V + 2 A × 0.5 Ω) ÷ 0.98 = 10.2 V")->left, 10 / 0.98, 1e-9);
        CLOSE(claim("½ × 470 µF × (25.6 V)² = 0.154 J in the capacitors")->right, 0.154, 1e-9);
        QVERIFY(!claim("Nothing is equal here"));
        QVERIFY_THROWS_EXCEPTION(std::out_of_range, claim("which = 3 V"));
    }
    void every_reason_adds_up_data() { test::demo_rows(); }
    void every_reason_adds_up() {
        QFETCH(QString, demo);
        const int checked = check_plan(test::demo(demo));
        QVERIFY2(checked > 100 || QTest::currentTestFailed(), qPrintable(QString::number(checked)));
    }
    void so_it_does_by_other_schools_data() { test::demo_rows(); }
    void so_it_does_by_other_schools() {
        QFETCH(QString, demo);
        auto wishes = test::demo(demo);
        wishes.practices.metric = true;
        wishes.practices.wire = WireSchool::temperature;
        wishes.practices.fuse = FuseSchool::largest_that_protects;
        wishes.practices.set = SetSchool::high;
        wishes.practices.joint = JointSchool::crimp;
        wishes.practices.sizing = SizingSchool::generous;
        wishes.practices.feeds = FeedSchool::grouped;
        wishes.practices.supply = SupplySchool::two;
        wishes.repeats_per_day = 2;
        const auto made = propose(wishes, parts());
        QVERIFY(made.has_value());
        check_plan(made->plan);
    }

  private:
    /// Checks what is said of everything in the plan; returns how many lines.
    static int check_plan(const Plan& plan) {
        int checked = 0;
        const auto check = [&](const Why& why) {
            for (const auto& [text, tone] : why.lines) {
                if (text.str().find(" = ") == std::string::npos) continue;
                try {
                    const auto c = claim(text);
                    ++checked;
                    // Figures have three digits, small ones two.
                    QVERIFY2(
                        test::near(c->left, c->right, 0.03) || std::abs(c->left - c->right) < 1e-9,
                        qPrintable(
                            QString("%1: %2, not %3").arg(text.str().c_str()).arg(c->left).arg(c->right)));
                } catch (const std::exception& e) {
                    QFAIL(qPrintable(QString("%1: %2 is not understood").arg(text.str().c_str(), e.what())));
                }
            }
        };
        const auto check_all = [&](const auto& list) {
            for (const auto& one : list) check(one.why);
        };
        for (const bool worst : {false, true}) {
            auto conditions = usual_conditions(plan);
            conditions.worst = worst;
            const auto s = study(plan, parts(), conditions);
            const auto of_each = [&](const auto& list) {
                for (const auto& one : list) check(explain(plan, parts(), s, one.id).why);
            };
            of_each(plan.sources), of_each(plan.hubs), of_each(plan.converters), of_each(plan.feeds());
            of_each(plan.loads), of_each(plan.places), of_each(plan.ways), of_each(plan.phases);
            check_all(s.findings), check_all(s.readings()), check_all(s.steps()), check_all(s.windows);
            check(s.mission.why);
        }
        return checked;
    }
};

SANGRE_SUITE(TestArithmeticSaid);
#include "test_arithmetic_said.moc"
