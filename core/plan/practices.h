#pragma once
// The schools of building that a plan follows, where builders disagree. Beside each kind stand its words in a
// file.
#include <array>
#include <string>
#include <string_view>
#include <utility>
#include <vector>

#include "base/words/say.h"
#include "physics/parts/id.h"

namespace sangre {

enum class WireSchool { temperature, drop, cautious, bold };
constexpr auto names(WireSchool) {
    return std::to_array<std::pair<WireSchool, std::string_view>>({{WireSchool::temperature, "temperature"},
                                                                   {WireSchool::drop, "drop"},
                                                                   {WireSchool::cautious, "cautious"},
                                                                   {WireSchool::bold, "bold"}});
}
enum class FuseSchool { smallest_that_carries, largest_that_protects };
constexpr auto names(FuseSchool) {
    return std::to_array<std::pair<FuseSchool, std::string_view>>(
        {{FuseSchool::smallest_that_carries, "smallest-that-carries"},
         {FuseSchool::largest_that_protects, "largest-that-protects"}});
}
enum class SetSchool { middle, high, nominal };
constexpr auto names(SetSchool) {
    return std::to_array<std::pair<SetSchool, std::string_view>>(
        {{SetSchool::middle, "middle"}, {SetSchool::high, "high"}, {SetSchool::nominal, "nominal"}});
}
enum class TerminalSchool { ferrule, twist, tin };
constexpr auto names(TerminalSchool) {
    return std::to_array<std::pair<TerminalSchool, std::string_view>>({{TerminalSchool::ferrule, "ferrule"},
                                                                       {TerminalSchool::twist, "twist"},
                                                                       {TerminalSchool::tin, "tin"}});
}
enum class InsulationSchool { adhesive_tube, plain_tube, tape, sealant, hot_glue, polyimide };
constexpr auto names(InsulationSchool) {
    return std::to_array<std::pair<InsulationSchool, std::string_view>>(
        {{InsulationSchool::adhesive_tube, "adhesive-tube"},
         {InsulationSchool::plain_tube, "plain-tube"},
         {InsulationSchool::tape, "tape"},
         {InsulationSchool::sealant, "sealant"},
         {InsulationSchool::hot_glue, "hot-glue"},
         {InsulationSchool::polyimide, "polyimide"}});
}
enum class JointSchool { by_place, solder, crimp, crimp_and_solder, no_solder };
constexpr auto names(JointSchool) {
    return std::to_array<std::pair<JointSchool, std::string_view>>(
        {{JointSchool::by_place, "by-place"},
         {JointSchool::solder, "solder"},
         {JointSchool::crimp, "crimp"},
         {JointSchool::crimp_and_solder, "crimp-and-solder"},
         {JointSchool::no_solder, "no-solder"}});
}
enum class NoiseSchool { own_converter, together };
constexpr auto names(NoiseSchool) {
    return std::to_array<std::pair<NoiseSchool, std::string_view>>(
        {{NoiseSchool::own_converter, "own-converter"}, {NoiseSchool::together, "together"}});
}
enum class SupplySchool { one, two };  ///< packs: one for all, or a second one for what is quiet
constexpr auto names(SupplySchool) {
    return std::to_array<std::pair<SupplySchool, std::string_view>>(
        {{SupplySchool::one, "one"}, {SupplySchool::two, "two"}});
}
enum class SizingSchool { tight, generous };  ///< modules and wires as computed, or half as much again
constexpr auto names(SizingSchool) {
    return std::to_array<std::pair<SizingSchool, std::string_view>>(
        {{SizingSchool::tight, "tight"}, {SizingSchool::generous, "generous"}});
}
/// Of what flies and must not fall: every feed fused, or none of those whose loss is a crash.
enum class FlightSchool { fused, unfused };
constexpr auto names(FlightSchool) {
    return std::to_array<std::pair<FlightSchool, std::string_view>>(
        {{FlightSchool::fused, "fused"}, {FlightSchool::unfused, "unfused"}});
}
/// What shrinks tube: hot air, or the flame of a lighter.
enum class HeatSchool { hot_air, lighter };
constexpr auto names(HeatSchool) {
    return std::to_array<std::pair<HeatSchool, std::string_view>>(
        {{HeatSchool::hot_air, "hot-air"}, {HeatSchool::lighter, "lighter"}});
}
/// What holds leads along their way.
enum class HoldSchool { tie, clamp, knot, glue, comb };
constexpr auto names(HoldSchool) {
    return std::to_array<std::pair<HoldSchool, std::string_view>>({{HoldSchool::tie, to_say("tie")},
                                                                   {HoldSchool::clamp, to_say("clamp")},
                                                                   {HoldSchool::knot, to_say("knot")},
                                                                   {HoldSchool::glue, to_say("glue")},
                                                                   {HoldSchool::comb, to_say("comb")}});
}
enum class FeedSchool { own, grouped };  ///< every load its own feed, or one for those that stand together
constexpr auto names(FeedSchool) {
    return std::to_array<std::pair<FeedSchool, std::string_view>>(
        {{FeedSchool::own, "own"}, {FeedSchool::grouped, "grouped"}});
}

/// The schools this builder follows.
struct Practices {
    WireSchool wire = WireSchool::drop;
    double drop_limit = 0.03;
    FuseSchool fuse = FuseSchool::smallest_that_carries;
    SetSchool set = SetSchool::middle;
    TerminalSchool terminal = TerminalSchool::ferrule;
    InsulationSchool insulation = InsulationSchool::adhesive_tube;
    JointSchool joint = JointSchool::by_place;
    std::vector<std::string> missing_tools;  ///< that this builder does not own
    std::vector<Id> tubes_at_hand;           ///< sizes of tube in the drawer; empty: any of the catalogue
    NoiseSchool noise = NoiseSchool::own_converter;
    SupplySchool supply = SupplySchool::one;
    SizingSchool sizing = SizingSchool::tight;
    FeedSchool feeds = FeedSchool::own;
    FlightSchool flight = FlightSchool::unfused;
    Id wire_insulation = "silicone-200";
    bool metric = false;
    std::string extra;
    HeatSchool heat = HeatSchool::hot_air;
    HoldSchool hold = HoldSchool::tie;
    double meter_share = 0.01;  ///< by which this builder's meter may be wrong in volts
    bool over_tube = false;     ///< one more tube over the tubes of both joints where a pair ends
    bool operator==(const Practices&) const = default;
};

}  // namespace sangre
