// A typed line taken apart: words, clauses, and where each stands.
#include <rapidcheck.h>

#include "base/enum_words.h"
#include "base/units/words.h"
#include "fixtures.h"
#include "plan/machine.h"

using namespace sangre;

namespace {

std::string joined(const std::vector<TextWord>& words) {
    std::string all;
    for (const auto& w : words) all += "[" + std::string(w.text) + "]";
    return all;
}

}  // namespace

class TestWords : public QObject {
    Q_OBJECT
  private slots:
    void a_decimal_comma_parts_nothing() {
        QCOMPARE(joined(split_words("tube 2,5 mm, black", ",")), std::string("[tube][2,5][mm][black]"));
        QCOMPARE(joined(split_clauses("1,5 mm, 0,3 m;  red ")), std::string("[1,5 mm][0,3 m][red]"));
        QCOMPARE(find_comma("1,5 mm, red"), size_t{6});
        QCOMPARE(find_comma("1,5"), std::string_view::npos);
    }
    void nothing_in_nothing_out() {
        for (const auto* empty : {"", " \t ", ",", " ;, ;"}) {
            QVERIFY(split_clauses(empty).empty());
            QVERIFY(split_words(empty, ",;").empty());
        }
    }
    /// Each part says where it stands; what stands between the parts is only what parts them.
    void every_part_stands_where_it_says() {
        QVERIFY(rc::check("every part stands where it says", [] {
            std::string text;
            for (const int i : *rc::gen::container<std::vector<int>>(rc::gen::inRange(0, 8)))
                text += "a1,; \t.2"[i];
            for (const auto& parts : {split_words(text, ",;"), split_clauses(text)}) {
                size_t last = 0;
                for (const auto& part : parts) {
                    RC_ASSERT(part.begin >= last && part.end > part.begin);
                    RC_ASSERT(text.substr(part.begin, part.end - part.begin) == part.text);
                    RC_ASSERT(text.substr(last, part.begin - last).find_first_not_of(",; \t") ==
                              std::string::npos);
                    last = part.end;
                }
                RC_ASSERT(text.find_first_not_of(",; \t", last) == std::string::npos);
            }
        }));
    }
    void a_word_is_read_back() {
        for (const auto& [kind, word] : names(OpeningKind{})) {
            QCOMPARE(by_word<OpeningKind>(word_of(kind)), std::optional<OpeningKind>(kind));
            QVERIFY(all_words<OpeningKind>().find(word) != std::string::npos);
        }
        QVERIFY(!by_word<OpeningKind>("Hole").has_value());
        QVERIFY(!by_word<OpeningKind>("").has_value());
    }
};

SANGRE_SUITE(TestWords);
#include "test_words.moc"
