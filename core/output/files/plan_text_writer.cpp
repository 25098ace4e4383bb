#include "lines/amounts.h"
#include "lines/clauses.h"
#include "lines/line.h"
#include "output/files/plan_text.h"
#include "output/files/plan_text_ids.h"

namespace sangre {
namespace {

class TextWriter {
  public:
    /// Of the whole plan, or of the things of these ids alone.
    TextWriter(const Plan& plan, const Catalogue& catalogue, const std::set<Id>* only = nullptr)
        : plan_(plan), context_(plan, catalogue), only_(only) {}

    std::string text() {
        if (!only_) {
            line("plan", thing_line(context_, plan_), plan_.extra);
            if (const auto said = thing_line(context_, plan_.practices);
                !said.empty() || !plan_.practices.extra.empty())
                line("practices", said, plan_.practices.extra);
            gap();
        }
        all(plan_.sides, &Plan::sides), all(plan_.zones, &Plan::zones);
        all(plan_.bodies, &Plan::bodies), all(plan_.places, &Plan::places);
        all(plan_.openings, &Plan::openings);
        for (const auto& w : plan_.ways) {
            if (!thing(w, &Plan::ways)) continue;
            for (const auto& met : w.on_it) beneath(met);
        }
        gap();
        all(plan_.sources, &Plan::sources), all(plan_.hubs, &Plan::hubs);
        all(plan_.converters, &Plan::converters), all(plan_.loads, &Plan::loads);
        all(plan_.passives, &Plan::passives);
        for (const auto& [part, terminals] : plan_.terminals) {
            if (only_ && !only_->contains(part)) continue;
            line("terminals", context_.names.said(ThingSort::part, part), {});
            for (const auto& t : terminals) beneath(t);
        }
        gap();
        for (const auto& l : plan_.leads) lead(l);
        gap();
        all(plan_.phases, &Plan::phases), all(plan_.own_steps, &Plan::own_steps);
        all(plan_.own_readings, &Plan::own_readings), all(plan_.at_hand, &Plan::at_hand);
        if (only_) return out_.substr(0, out_.find_last_not_of('\n') + 2);
        gap();
        for (const auto& [key, when] : plan_.done)
            line("done", clause_text(key) + ", " + clause_text(when), {});
        for (const auto& [key, what] : plan_.done_as)
            line("was", clause_text(key) + ", " + clause_text(what), {});
        for (const auto& [key, minutes] : plan_.took)
            line("took", clause_text(key) + ", " + amount_text("minutes", minutes), {});
        for (const auto& [date, minutes] : plan_.evenings)
            line("evening", clause_text(date) + ", " + amount_text("minutes", minutes), {});
        for (const auto& [item, state] : plan_.orders)
            line("order", clause_text(item) + ", " + std::string(word_of(state)), {});
        for (const auto& [item, date] : plan_.arrives)
            line("arrives", clause_text(item) + ", " + clause_text(date), {});
        for (const auto& key : plan_.rather) line("rather", clause_text(key), {});
        for (const auto& [key, m] : plan_.measured)
            line("measured", clause_text(key) + ", " + thing_line(context_, m), {});
        for (const auto& entry : plan_.log) line("log", thing_line(context_, entry), {});
        return out_;
    }

  private:
    void gap() {
        if (!out_.empty() && !out_.ends_with("\n\n")) out_ += '\n';
    }
    void line(const char* word, const std::string& said, const std::string& extra, const Id& id = {},
              const char* indent = "") {
        out_ += indent;
        out_ += word;
        if (!said.empty()) out_ += " " + said;
        if (!id.empty()) out_ += ", id " + clause_text(id);
        if (!extra.empty()) out_ += (said.empty() ? " keeps " : ", keeps ") + in_quotes(extra);
        out_ += '\n';
    }
    /// False for one that is not asked for.
    template <class Thing>
    bool thing(const Thing& t, std::vector<Thing> Plan::*list, const char* word = nullptr) {
        if (only_ && !only_->contains(t.id)) return false;
        const bool told = usual_id(so_far_, t) == t.id;
        line(word ? word : line_kind(t).word, thing_line(context_, t), t.extra, told ? Id() : t.id);
        (so_far_.*list).push_back(t);
        return true;
    }
    template <class Thing>
    void all(const std::vector<Thing>& things, std::vector<Thing> Plan::*list) {
        for (const auto& t : things) thing(t, list);
    }
    template <class Thing>
    void beneath(const Thing& t) {
        std::string extra;
        if constexpr (requires { t.extra; }) extra = t.extra;
        line(line_kind(t).word, thing_line(context_, t), extra, {}, "  ");
    }
    void lead(const Lead& l) {
        const bool whole = thing(l, &Plan::leads, l.carries == Carries::signal ? "cable" : nullptr);
        Lead before;
        before.id = l.id;
        for (const auto& d : l.devices) {
            if (!whole && (!only_ || !only_->contains(d.id))) continue;
            const bool told = usual_item_id(before, d.kind) == d.id;
            line(line_kind(d).word, thing_line(context_, d), d.extra, told ? Id() : d.id, "  ");
            before.devices.push_back(d);
        }
        if (whole)
            for (const auto& core : l.cores) beneath(core);
    }
    const Plan& plan_;
    LineContext context_;
    const std::set<Id>* only_;
    Plan so_far_;
    std::string out_;
};

}  // namespace

std::string plan_to_text(const Plan& plan, const Catalogue& catalogue) {
    return TextWriter(plan, catalogue).text();
}

std::string things_to_text(const Plan& plan, const Catalogue& catalogue, const std::set<Id>& things) {
    return TextWriter(plan, catalogue, &things).text();
}

}  // namespace sangre
