#include <fmt/format.h>

#include <algorithm>
#include <functional>

#include "base/enum_words.h"
#include "base/units/number.h"
#include "base/words/say.h"
#include "lines/amounts.h"
#include "lines/clauses.h"
#include "lines/line.h"
#include "making/evenings.h"
#include "output/files/plan_file.h"
#include "output/files/plan_text.h"
#include "output/files/plan_text_ids.h"
#include "output/files/plan_text_lines.h"
#include "output/files/usual_item.h"
#include "plan/edits.h"
#include "plan/landing.h"
#include "plan/lead_edits.h"
#include "plan/load_text.h"

namespace sangre {
namespace {

/// With the first number from 2 that makes it unlike all used ones, and adds it to them.
std::string numbered_name(const std::string& name, std::set<std::string>& used) {
    const auto last = name.find_last_not_of("0123456789");
    const bool counted = last != std::string::npos && last + 1 < name.size() && name[last] == ' ';
    const auto stem = counted ? name.substr(0, last) : name;
    for (int n = 2;; ++n)
        if (auto tried = stem + " " + std::to_string(n); used.insert(lower(tried)).second) return tried;
}
/// Goes through the lines twice: for what is called how, then for what is said of it.
class TextReader {
  public:
    TextReader(const Catalogue& catalogue, const Plan& onto, const Id& beneath)
        : catalogue_(catalogue), plan_(onto) {
        beneath_ = beneath;
        lead_ = by_id(plan_.leads, beneath);
        way_ = by_id(plan_.ways, beneath);
    }

    Plan read(const std::vector<TextLine>& lines) {
        phased_ = std::any_of(lines.begin(), lines.end(), [](const auto& l) { return l.word == "phase"; });
        for (const auto& l : lines) numbers_.push_back(l.number);
        names(lines);
        const LineContext context(named_, catalogue_);
        context_ = &context;
        for (const auto& l : lines) take(l);
        give_names_of_their_own();
        return std::move(plan_);
    }

    /// The line that made the thing a JSON pointer leads to, such as /places/0/across; 0 where none did.
    size_t line_of(const Plan& made, std::string_view pointer) const {
        const auto slash = pointer.find('/', 1);
        if (pointer.empty() || slash == std::string_view::npos) return 0;
        const auto list = pointer.substr(1, slash - 1);
        const auto i = static_cast<size_t>(
            plain_number(std::string(pointer.substr(slash + 1, pointer.find('/', slash + 1) - slash - 1)))
                .value_or(-1));
        const auto in = [&](const auto& things) -> Id { return i < things.size() ? things[i].id : Id(); };
        const Id id = list == "bodies"         ? in(made.bodies)
                      : list == "places"       ? in(made.places)
                      : list == "sides"        ? in(made.sides)
                      : list == "zones"        ? in(made.zones)
                      : list == "openings"     ? in(made.openings)
                      : list == "ways"         ? in(made.ways)
                      : list == "sources"      ? in(made.sources)
                      : list == "hubs"         ? in(made.hubs)
                      : list == "converters"   ? in(made.converters)
                      : list == "loads"        ? in(made.loads)
                      : list == "passives"     ? in(made.passives)
                      : list == "phases"       ? in(made.phases)
                      : list == "own_steps"    ? in(made.own_steps)
                      : list == "own_readings" ? in(made.own_readings)
                      : list == "at_hand"      ? in(made.at_hand)
                      : list != "leads"        ? Id()
                                               : in(made.leads);
        for (const auto& [at, made_id] : ids_)
            if (!id.empty() && made_id == id) return numbers_[at];
        return 0;
    }

  private:
    static Lead lead_of(Carries carries) {
        Lead lead;
        lead.carries = carries;
        return lead;
    }
    /// Calls `with(list, empty thing)` for the kind of a line that makes a part, a place and the like.
    template <class With>
    bool with_list(const std::string& word, With with) {
        if (word == "body") return with(&Plan::bodies, Body{}), true;
        if (word == "place") return with(&Plan::places, Place{}), true;
        if (word == "side") return with(&Plan::sides, Side{}), true;
        if (word == "zone") return with(&Plan::zones, Zone{}), true;
        if (word == "opening") return with(&Plan::openings, Opening{}), true;
        if (word == "source") return with(&Plan::sources, Source{}), true;
        if (word == "hub") return with(&Plan::hubs, Hub{}), true;
        if (word == "converter") return with(&Plan::converters, Converter{}), true;
        if (word == "load") return with(&Plan::loads, Load{}), true;
        if (word == "part") return with(&Plan::passives, Passive{}), true;
        if (word == "phase") return with(&Plan::phases, Phase{}), true;
        if (word == "step") return with(&Plan::own_steps, OwnStep{}), true;
        if (word == "hand") return with(&Plan::at_hand, AtHand{}), true;
        if (word == "reading") return with(&Plan::own_readings, OwnReading{}), true;
        return false;
    }
    template <class With>
    bool with_joining_list(const std::string& word, With with) {
        if (word == "way") return with(&Plan::ways, Way{}), true;
        if (word == "lead") return with(&Plan::leads, lead_of(Carries::supply)), true;
        if (word == "cable") return with(&Plan::leads, lead_of(Carries::signal)), true;
        return false;
    }
    /// The head alone, under the id that is said or follows.
    template <class Thing>
    Thing stub(const LineContext& context, const TextLine& l, const Thing& empty) {
        auto clauses = line_clauses(l.said);
        if (clauses->empty()) fail(l, l.begin, l.end, say("what the {word} is called is expected", l.word));
        const auto& head = clauses->front();
        auto read = read_thing(context, empty, std::string(head.begin, ' ') + std::string(head.text));
        if (!read) fail(l, read.error());
        name_one_of_several(l, *read);
        // On top of another plan an id may be taken.
        read->id = l.id.empty() || taken_.contains(l.id) ? usual_id(named_, *read) : l.id;
        taken_.insert(read->id);
        ids_[l.at] = read->id;
        return *read;
    }
    void names(const std::vector<TextLine>& lines) {
        named_ = plan_;
        const auto take_ids = [&](const auto& list) {
            for (const auto& x : list) taken_.insert(x.id);
        };
        take_ids(plan_.sides), take_ids(plan_.zones), take_ids(plan_.bodies), take_ids(plan_.places),
            take_ids(plan_.openings), take_ids(plan_.ways);
        take_ids(plan_.sources), take_ids(plan_.hubs), take_ids(plan_.converters), take_ids(plan_.loads);
        take_ids(plan_.passives), take_ids(plan_.leads), take_ids(plan_.phases);
        take_ids(plan_.own_steps), take_ids(plan_.own_readings), take_ids(plan_.at_hand);
        for (const auto& lead : plan_.leads) take_ids(lead.devices);
        const Plan none;
        const LineContext nameless(none, catalogue_);
        for (const auto& l : lines)
            with_list(l.word, [&](auto list, const auto& empty) {
                auto one = stub(nameless, l, empty);
                if constexpr (requires { one.name; }) hide_namesakes(list, one);
                (named_.*list).push_back(std::move(one));
            });
        const auto parts = named_;
        const LineContext context(parts, catalogue_);
        for (const auto& l : lines)
            with_joining_list(l.word, [&](auto list, const auto& empty) {
                (named_.*list).push_back(stub(context, l, empty));
            });
    }

    /// What is called like something of the text is not what the text means by that name.
    template <class Thing>
    void hide_namesakes(std::vector<Thing> Plan::*list, const Thing& one) {
        const auto hide_in = [&](auto in) {
            auto& things = named_.*in;
            for (size_t i = 0; i < (plan_.*in).size(); ++i)
                if (lower(things[i].name) == lower(one.name)) {
                    things[i].name.clear();
                    renamed_.insert(one.id);
                }
        };
        constexpr bool part = std::is_same_v<Thing, Source> || std::is_same_v<Thing, Hub> ||
                              std::is_same_v<Thing, Converter> || std::is_same_v<Thing, Load> ||
                              std::is_same_v<Thing, Passive>;
        if (one.name.empty()) return;
        if constexpr (part) {
            hide_in(&Plan::sources), hide_in(&Plan::hubs), hide_in(&Plan::converters);
            hide_in(&Plan::loads), hide_in(&Plan::passives);
        } else
            hide_in(list);
    }
    /// “Fog pump 2”, where there is a fog pump already.
    void give_names_of_their_own() {
        std::set<std::string> used;
        const auto each = [&](auto with) {
            with(plan_.sources), with(plan_.hubs), with(plan_.converters), with(plan_.loads);
            with(plan_.passives), with(plan_.places), with(plan_.bodies), with(plan_.openings);
            with(plan_.sides), with(plan_.zones);
            with(plan_.phases);
        };
        each([&](auto& list) {
            for (const auto& x : list) used.insert(lower(x.name));
        });
        each([&](auto& list) {
            for (auto& x : list)
                if (renamed_.contains(x.id)) x.name = numbered_name(x.name, used);
        });
    }

    template <class Thing>
    static void name_one_of_several(const TextLine& l, Thing& thing) {
        if constexpr (std::is_same_v<Thing, Load>)
            if (!l.alike.empty()) thing.name = l.nth > 0 ? nth_name(l.alike, l.nth) : l.alike;
    }

    template <class Thing>
    Thing whole(const TextLine& l, Thing like, const std::function<void(Thing&)>& settle = {}) {
        if constexpr (requires { like.extra; }) like.extra = l.extra;
        auto read = read_thing(*context_, like, l.said);
        if (!read) fail(l, read.error());
        name_one_of_several(l, *read);
        if (settle) settle(*read);
        if (const auto missing = still_missing(*read); !missing.empty()) fail(l, l.said_at, l.end, missing);
        return std::move(*read);
    }
    void take(const TextLine& l) {
        const auto add = [&](auto list, auto thing) {
            thing.id = ids_.at(l.at);
            auto read = whole(l, std::move(thing));
            if constexpr (std::is_same_v<std::decay_t<decltype(thing)>, Lead>)
                lead_ = &(read.carries == Carries::supply ? plan_.add_feed(std::move(read))
                                                          : plan_.add_signal_lead(std::move(read)));
            else
                (plan_.*list).push_back(std::move(read));
            // Where no phase of the text speaks of it.
            if constexpr (std::is_same_v<std::decay_t<decltype(thing)>, Load>)
                if (!phased_) run_with_the_others(plan_, Id(plan_.loads.back().id));
        };
        if (l.word != "item" && l.word != "core") lead_ = nullptr;
        if (l.word != "meets") way_ = nullptr;
        if (l.word != "terminal") terminals_ = nullptr;
        if (with_list(l.word, add)) return;
        if (with_joining_list(l.word, add)) {
            if (l.word == "way") way_ = &plan_.ways.back();
            return;
        }
        if (l.word == "plan") {
            const auto extra = l.extra.empty() ? plan_.extra : l.extra;
            plan_ = whole(l, plan_);
            plan_.extra = extra;
        } else if (l.word == "practices")
            plan_.practices = whole(l, plan_.practices);
        else if (l.word == "item")
            item(l);
        else if (l.word == "core")
            under(l, lead_, "a lead").cores.push_back(whole(l, Core{}));
        else if (l.word == "meets")
            under(l, way_, "a way").on_it.push_back(whole(l, OnWay{}));
        else if (l.word == "terminal")
            under(l, terminals_ ? terminals_ : terminals_beneath(), "“terminals” and a part")
                .push_back(whole(l, Terminal{}));
        else if (l.word == "terminals") {
            const auto part = context_->names.meant(ThingSort::part, first_of(l).text);
            if (!part) fail(l, l.said_at, l.end, say("there is no part “{name}”", first_of(l).text));
            terminals_ = &plan_.terminals[*part];
        } else
            record(l);
    }
    template <class Thing>
    Thing& under(const TextLine& l, Thing* owner, const char* what) {
        if (!owner) fail(l, l.begin, l.end, say("“{word}” belongs beneath {heading}", l.word, what));
        return *owner;
    }
    /// Those of the part that was asked for; null where that is none.
    std::vector<Terminal>* terminals_beneath() {
        const bool part =
            find_part(plan_, beneath_).kind != PartKind::none || by_id(plan_.passives, beneath_);
        return part ? &plan_.terminals[beneath_] : nullptr;
    }
    void item(const TextLine& l) {
        auto& lead = under(l, lead_, "a lead");
        auto device = whole<Device>(l, {}, [&](Device& d) { take_usual_type(plan_, catalogue_, lead, d); });
        device.id = l.id.empty() || taken_.contains(l.id) ? usual_item_id(lead, device.kind) : l.id;
        taken_.insert(device.id);
        lead.devices.push_back(std::move(device));
    }
    Clause first_of(const TextLine& l) {
        const auto clauses = line_clauses(l.said);
        if (clauses->empty()) fail(l, l.begin, l.end, say("something is expected behind “{word}”", l.word));
        return clauses->front();
    }
    void record(const TextLine& l) {
        if (l.word == "log") {
            plan_.log.push_back(whole(l, LogEntry{}));
            return;
        }
        if (l.word != "measured" && !record_words().contains(l.word))
            fail(l, l.begin, l.begin + l.word.size(), no_such_line(l.word));
        const auto first = first_of(l);
        const auto key = unquoted(first.text);
        auto rest = l;
        std::fill(rest.said.begin(), rest.said.begin() + static_cast<std::ptrdiff_t>(first.end), ' ');
        if (l.word == "measured") {
            plan_.measured[key] = whole(rest, Measured{});
            return;
        }
        const auto clauses = line_clauses(rest.said);
        if (clauses->size() > 1)
            fail(l, l.said_at + (*clauses)[1].begin, l.end,
                 say("what it is of, a comma and one thing are expected"));
        keep(l, key, clauses->empty() ? std::string() : unquoted(clauses->front().text));
    }
    /// What the plan keeps under a key.
    void keep(const TextLine& l, const std::string& key, const std::string& value) {
        const auto minutes = [&] {
            const auto read = read_amount_of("minutes", value);
            if (!read) fail(l, l.said_at, l.end, read.error());
            return *read;
        };
        if (l.word == "done")
            plan_.done[key] = value;
        else if (l.word == "was")
            plan_.done_as[key] = value;
        else if (l.word == "took")
            plan_.took[key] = minutes();
        else if (l.word == "evening")
            plan_.evenings[key] = minutes();
        else if (l.word == "arrives") {
            const auto day = checked_date(value);
            if (!day)
                fail(l, l.said_at, l.end,
                     say("“{value}” is no day: one such as 2026-12-05 is expected", value));
            plan_.arrives[key] = *day;
        } else if (l.word == "rather")
            plan_.rather.push_back(key);
        else if (const auto state = by_word<OrderState>(value))
            plan_.orders[key] = *state;
        else
            fail(l, l.said_at, l.end, say("“{text}” is none of {words}", value, all_words<OrderState>()));
    }

    const Catalogue& catalogue_;
    Plan plan_, named_;
    const LineContext* context_ = nullptr;
    bool phased_ = false;  ///< the text says when loads run
    std::set<Id> taken_;
    std::set<Id> renamed_;         ///< of the text, called like something that was there
    std::map<size_t, Id> ids_;     ///< by line
    std::vector<size_t> numbers_;  ///< of the lines in the text
    Id beneath_;
    Lead* lead_ = nullptr;
    Way* way_ = nullptr;
    std::vector<Terminal>* terminals_ = nullptr;
};

}  // namespace

std::string error_text(const TextError& error) {
    return error.line > 0 ? fmt::format("line {}: {}", error.line, error.message) : error.message;
}

tl::expected<Plan, TextError> plan_from_text(std::string_view text, const Catalogue& catalogue,
                                             const Plan& onto, const Id& beneath) {
    try {
        TextReader reader(catalogue, onto, beneath);
        const auto lines = text_lines(text, catalogue);
        auto plan = reader.read(lines);
        // A lead that gets its cores one by one feeds once it has what that takes.
        if (!beneath.empty()) plan = without_strays(settle_leads(std::move(plan)));
        // What a file may not hold, a text may not say.
        constexpr std::string_view name = "the text";
        auto checked = plan_from_json(plan_to_json(plan), std::string(name));
        if (checked) return std::move(*checked);
        // Its place in the file is the builder's line.
        auto said = std::string_view(checked.error());
        if (said.starts_with(name)) said.remove_prefix(name.size() + 2);
        const auto pointer = said.substr(0, said.find(": "));
        const auto number = reader.line_of(plan, pointer);
        const auto line =
            std::find_if(lines.begin(), lines.end(), [&](const auto& l) { return l.number == number; });
        if (line == lines.end()) return tl::unexpected(TextError{0, 0, text.size(), checked.error()});
        return tl::unexpected(
            TextError{number, line->begin, line->end, std::string(said.substr(pointer.rfind('/') + 1))});
    } catch (const TextError& error) {
        return tl::unexpected(error);
    }
}

}  // namespace sangre
