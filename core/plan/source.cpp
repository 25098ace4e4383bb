#include "plan/source.h"

#include <fmt/format.h>

#include <algorithm>

#include "base/units/format.h"
#include "base/words/say.h"
#include "physics/battery/pack.h"

namespace sangre {

SourceRange pack_range(const Chemistry& c, int series) {
    constexpr double nearly_empty = 0.1;
    return {c.cutoff * series, c.charge * series,
            (c.cutoff + cell_rest_voltage(c, nearly_empty)) / 2 * series};
}

std::optional<SourceRange> source_range(const Source& s, const Catalogue& catalogue) {
    if (s.kind != SourceKind::pack) return SourceRange{s.v_min, s.v_max};
    const auto* chemistry = find(catalogue.chemistries, s.chemistry);
    if (!chemistry) return {};
    return pack_range(*chemistry, s.series);
}

bool accepts(const Load& load, SourceRange source) {
    const auto low = std::max(source.low, source.working);
    return raw(load.v_min) <= raw(low) * (1 + limit_tolerance) &&
           raw(load.v_max) >= raw(source.high) * (1 - limit_tolerance);
}

std::optional<SourceRange> sources_range(const Plan& plan, const Catalogue& catalogue) {
    std::optional<SourceRange> all;
    for (const auto& s : plan.sources) {
        if (s.kind == SourceKind::panel) continue;
        const auto one = source_range(s, catalogue);
        if (!one) continue;
        const auto working = [](const SourceRange& r) { return std::max(r.low, r.working); };
        all = all ? SourceRange{std::min(all->low, one->low), std::max(all->high, one->high),
                                std::min(working(*all), working(*one))}
                  : *one;
    }
    return all;
}

bool has_packs(const Plan& plan) {
    return std::any_of(plan.sources.begin(), plan.sources.end(),
                       [](const auto& s) { return s.kind == SourceKind::pack; });
}

bool is_endless(const Source& s) { return s.kind == SourceKind::supply || s.kind == SourceKind::circuit; }

std::optional<Ampere> left_for_good(const Source& s) {
    if (s.kind == SourceKind::supply && raw(s.rated) > 0)
        return std::max(s.rated * supply_share - s.already, Ampere(0));
    if (s.kind == SourceKind::circuit && raw(s.fuse) > 0)
        return std::max(s.fuse * fuse_share - s.already, Ampere(0));
    return {};
}

SunDay sun_day(const Source& panel) {
    const double watts = raw(panel.power) * sun_share * sun_controller;
    return {WattHour(watts * panel.sun_low), WattHour(watts * panel.sun_high)};
}

Words source_said(SourceKind kind) {
    // In other languages the supply of a lead is another word than the thing on the wall.
    return kind == SourceKind::supply ? say("power supply") : said(source_word(kind));
}

const char* source_word(SourceKind kind) {
    switch (kind) {
        case SourceKind::pack:
            return to_say("pack");
        case SourceKind::supply:
            return to_say("supply");
        case SourceKind::circuit:
            return to_say("circuit");
        case SourceKind::panel:
            return to_say("panel");
    }
    return "";
}

Words source_volts(const Source& s) {
    if (s.kind == SourceKind::panel) return format(s.power);
    return s.v_min == s.v_max ? format(s.v_max) : format_range(format(s.v_min), format(s.v_max));
}

Words source_more(const Source& s) {
    switch (s.kind) {
        case SourceKind::pack:
            return {};
        case SourceKind::supply:
            return format(s.rated);
        case SourceKind::circuit:
            return raw(s.fuse) > 0 ? say("{fuse} fuse", format(s.fuse)) : say("fuse not known");
        case SourceKind::panel:
            return say("{sun_low} – {sun_high} h of sun", format_number(s.sun_low),
                       format_number(s.sun_high));
    }
    return {};
}

Words source_summary(const Source& s, const Catalogue& catalogue) {
    if (s.kind == SourceKind::pack) {
        const auto* chemistry = find(catalogue.chemistries, s.chemistry);
        return chemistry ? pack_summary(s, *chemistry) : Words(s.chemistry);
    }
    if (s.kind == SourceKind::panel)
        return say("panel {power} · {sun_low} – {sun_high} h of sun", format(s.power),
                   format_number(s.sun_low), format_number(s.sun_high));
    Words words = source_said(s.kind);
    words += " " + source_volts(s);
    if (raw(s.rated) > 0) words += " · " + format(s.rated);
    if (raw(s.fuse) > 0) words += " · " + say("{fuse} fuse", format(s.fuse));
    if (s.kind == SourceKind::circuit)
        words += " · " + (s.with_key ? say("with the key") : say("always live"));
    return words;
}

}  // namespace sangre
