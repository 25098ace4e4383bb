#pragma once
// The types of part that a builder can buy, as physics takes them: all generic, all typical values.
#include <array>
#include <optional>
#include <string>
#include <vector>

#include "base/units/quantity.h"
#include "base/words/term.h"
#include "physics/parts/id.h"

namespace sangre {

struct Insulation {
    Id id;
    Term name;
    Celsius max;                ///< continuous conductor temperature
    Celsius damage;             ///< conductor temperature that hurts it within seconds
    double conductivity = 0.2;  ///< W/(m·K)
    double density = 1.3;       ///< g/cm³
    std::string source;
};

enum class Conductor { copper, tinned, copper_clad_aluminium };

struct WireType {
    Id id;
    std::string size;  ///< "14 AWG" or "1.5 mm²"
    bool metric = false;
    SquareMillimetre area{};
    Millimetre conductor{};  ///< diameter over the strands
    Millimetre outer{};      ///< diameter over the insulation
    Conductor material = Conductor::copper;
    int strands = 1;  ///< 1: solid
    bool usual =
        true;  ///< plain stranded wire in a size that shops keep; what is chosen without being asked for
    double ohm_per_m = 0;  ///< at 20 °C, stranding included
    double gram_per_m = 0;
    double cost = 0;  ///< by the metre
    Id insulation;
    std::string source;
};

/// One gate of a fuse family: at this multiple of the rating it opens between `fastest` and `slowest`.
struct Gate {
    double multiple = 0;
    Second fastest{};
    Second slowest{};
};

/// What opens: a fuse once, a breaker until it is pushed in again, a resettable one until it cools.
enum class FuseAction { fuse, breaker, resettable };
/// How it sits in its lead: in a holder that it is put into last, by its own leads, or bolted on with a lever
/// or button.
enum class FuseMount { holder, bolted, leads, panel };

struct FuseFamily {
    Id id;
    Term name;
    std::vector<Ampere> ratings;
    Volt voltage{};
    Ampere breaking{};
    std::vector<Gate> gates;
    FuseAction action = FuseAction::fuse;
    FuseMount mount = FuseMount::holder;
    double continuous_share = 0.75;  ///< of the rating that it carries for good at 23 °C
    double derate_per_kelvin = 0.0015;
    double cold_ohm = 0.09;    ///< Ω, cold, of a rating of 1 A
    double cold_exponent = 1;  ///< cold resistance falls with this power of the rating
    Celsius hottest{105};      ///< that the conductor in its holder may be
    Millimetre passes{};       ///< what a hole must clear for the holder to go through
    Gram mass{};
    double cost = 0;
    std::string source;
};

/// What a joint is made at; joints of one end may stand for one another.
enum class JointEnd { splice, branch, pigtail, stud, cup, pad, lug, housing, screw, blade, plug };

/// True for a fuse that is put into a holder of its own.
inline bool has_holder(const FuseFamily& family) {
    return family.mount == FuseMount::holder || family.mount == FuseMount::bolted;
}

/// A fuse holder that sits in a lead by short leads of its own, or a block of several at which leads begin.
struct HolderType {
    Id id;
    Term name;
    std::vector<Id> takes;  ///< fuse families
    int ways = 0;           ///< of a block: the fuses that it takes; 0: it sits in a lead
    Ampere each{}, all{};   ///< of a block: for good through one way, and through its bar
    Volt voltage{};         ///< of a block: that it is made for
    Id lead;                ///< the wire of its own leads; a block has none
    Metre lead_length{};    ///< of each
    Millimetre passes{};    ///< the least hole that it goes through whole
    Millimetre opened{};    ///< and taken apart; 0: it is not taken apart
    bool tap = false;       ///< goes into the slot of a fuse that is there already and takes both fuses
    Gram mass{};
    double cost = 0;
    std::string source;
};

struct Chemistry {
    Id id;
    Term name;
    Term short_name;                             ///< for where there is little room
    Volt full{}, nominal{}, cutoff{}, charge{};  ///< per cell
    double mohm_ah = 0;                          ///< resistance times capacity, per cell
    double max_c = 1;                            ///< continuous discharge, multiples of capacity per hour
    double burst_c = 1.5;                        ///< the same for ten seconds
    double usable = 0.8;                         ///< share of the capacity that a day may take
    double cold_factor = 2;                      ///< resistance at 0 °C over that at 20 °C
    double cold_capacity = 0.85;                 ///< usable capacity at 0 °C over that at 20 °C
    double wh_per_kg = 100;
    double peukert = 1;            ///< exponent; 1 where capacity hardly depends on current
    double rated_hours = 5;        ///< the discharge its printed capacity is given for
    double self_discharge = 0.03;  ///< share lost a month at 20 °C
    double growth_empty = 0.5;     ///< by how much resistance has grown at 0 % over that above 20 %
    double charge_c = 0.5;  ///< usual charging current, multiples of capacity per hour; 0: not rechargeable
    double cost_per_kwh = 300;
    double cycles = 500;
    bool plates_when_cold = false;  ///< must not be charged below 0 °C
    std::array<Volt, 11> rest{};    ///< rest voltage at 0, 10 … 100 % charge
    Words caution;
    std::string source;
};

/// As what cells are sold: single round or prismatic cells that are put together, a pouch pack, a block in
/// its case, one cell with its protection board.
enum class CellForm { round, pouch, prismatic, block, board };

/// A cell or a ready-made pack or block of cells in series.
struct CellType {
    Id id;
    Term name;
    Id chemistry;
    int series = 1;
    AmpereHour capacity{};
    Ohm resistance{};  ///< of all its cells together, charged, 20 °C
    Ampere max{};      ///< continuous
    Ampere burst{};    ///< for ten seconds
    CellForm form = CellForm::round;
    Gram mass{};
    double cost = 0;
    std::string source;
};

enum class ConverterKind { buck, boost, buck_boost, linear };

struct ConverterType {
    Id id;
    Term name;
    ConverterKind kind = ConverterKind::buck;
    Volt in_min{}, in_max{}, out_min{}, out_max{};
    Ampere rated{};        ///< printed output current
    double trusted = 0.8;  ///< share of it that cheap modules are trusted to
    double efficiency = 0.9;
    Ampere quiescent{};
    Volt dropout{};
    double tolerance = 0.01;       ///< of the set voltage
    double thermal = 20;           ///< K/W, hottest part over air
    Celsius hottest{85};           ///< that its hottest part may be
    double restart = 1.08;         ///< a module that let go starts again at this multiple of its least input
    bool module = true;            ///< a part of its own; false: an output built into a motor controller
    Farad input_capacitance{};     ///< across its input, its own capacitors; typical
    Millimetre width{}, height{};  ///< of its bare board across; 0: not known, or in a box of its own
    Gram mass{};
    double cost = 0;
    std::string source;
};

struct ConnectorType {
    Id id;
    Term name;
    Ampere rated{};
    Volt voltage{};
    SquareMillimetre smallest{}, largest{};
    Ohm contact{};
    Millimetre passes{};
    Millimetre width{};  ///< of the mated pair
    int poles = 2;
    int mating_cycles = 30;
    bool keyed = true;  ///< goes together one way only
    bool plug = true;   ///< goes in and out by hand; rings, terminals and clamps are screwed or pushed on
    bool pack = false;  ///< is made for the leads of a battery pack
    bool sealed = false;
    bool anti_spark = false;
    Ampere breaks{};       ///< current it may be parted under; 0: part it without load
    Celsius hottest{105};  ///< that its contacts may be
    Gram mass{};
    double cost = 0;
    std::string source;
};

enum class SwitchKind { manual, relay, loop, isolator, electronic, thermal };

struct SwitchType {
    Id id;
    Term name;
    Ampere rated{};  ///< carries continuously
    Volt breaks{};   ///< DC voltage at which it breaks that current
    Ohm contact{};
    SwitchKind kind = SwitchKind::manual;
    Volt coil{};
    Ampere coil_current{};
    std::optional<Celsius> opens_above, closes_above;  ///< of a thermal switch
    Celsius hottest{85};                               ///< that its terminals may be
    std::optional<JointEnd> ends;  ///< what the wire is joined at: lugs, screws, blades; absent: nothing said
    bool live_case = false;        ///< its case is one of its contacts
    Millimetre cutout{}, behind{};  ///< of its panel, and that it wants free behind it; 0: not for a panel
    Gram mass{};
    double cost = 0;
    std::string source;
};

struct TubeSize {
    Id id;
    Term name;
    Millimetre expanded{}, recovered{};
    bool adhesive = false;
    double cost = 0;  ///< by the metre
    std::string source;
};

/// What is bought besides and has no figures of its own: what wires meet in, tape, film.
struct Sundry {
    Id id;
    Term name;
    double cost = 0;  ///< of a piece or a roll
    std::string source;
};

enum class InlineKind { diode, filter, shunt, meter, precharge };

/// What sits in series in a feed and neither opens nor parts: diode, LC filter or ferrite, measuring shunt. A
/// pre-charge lies across the switch instead: a resistor and a button.
struct InlinePart {
    Id id;
    Term name;
    InlineKind kind = InlineKind::shunt;
    Ohm resistance{};
    Ampere rated{};
    Volt voltage{};
    Volt forward{};  ///< of a diode
    Henry inductance{};
    Farad capacitance{};
    Ampere saturation{};
    std::optional<JointEnd> ends;  ///< what the wire is joined at; absent: it goes through
    Id lead;                       ///< the wire of its own leads; empty: it has none
    Metre lead_length{};           ///< of each
    Millimetre bore{};             ///< of a bead: the thickest lead that it closes round
    Gram mass{};
    double cost = 0;
    std::string source;
};

enum class FittingKind { grommet, gland, braid, tie, spacer, clamp, comb, cord, glue, boot };

/// What closes round a lead or a bundle: in a wall, along a way that moves, or against what it lies on.
struct FittingType {
    Id id;
    Term name;
    FittingKind kind = FittingKind::grommet;
    Millimetre least{}, most{};  ///< what it closes round; a grommet lets through any that is thinner than
                                 ///< most; of a spacer: how far off it holds
    Millimetre hole{};           ///< in the wall that it sits in; 0: in none
    Millimetre thread{};         ///< metric, of a gland; 0: unsaid
    Millimetre wall{};           ///< the thickest that it sits in; 0: any
    Celsius hottest{85};
    Gram mass{};  ///< of a braid by the metre
    double cost = 0;
    std::string source;
};

/// What is bought to be pressed onto the end of a wire: ring, blade, ferrule, contact, cap.
struct CrimpPart {
    Id id;
    Term name;
    std::string part;                      ///< as a joint kind names what is bought for it
    SquareMillimetre least{}, most{};      ///< copper that its barrel takes
    Millimetre grip_least{}, grip_most{};  ///< over insulation, that its wings close on; 0: it has none
    std::vector<Millimetre> studs;         ///< of a ring: the threads that it is made for
    Celsius hottest{105};
    Gram mass{};
    double cost = 0;
    std::string source;
};

/// A brick or a panel as it is bought.
struct SupplyType {
    Id id;
    Term name;
    bool panel = false;
    Volt v_min{}, v_max{};  ///< of a brick; a panel's follows from its charge controller
    Ampere rated{};
    Watt power{};  ///< of a panel in full sun
    Gram mass{};
    double cost = 0;
    std::string source;
};

/// `plugged`: by a plug that is on already, so that nothing is made.
enum class JointMethod { solder, crimp, screw, lever, plugged };
struct JointKind {
    Id id;
    Term name;
    JointMethod method = JointMethod::solder;
    JointEnd end = JointEnd::splice;
    Millimetre strip{};           ///< at least
    double strip_conductors = 0;  ///< and at least so many diameters of the bared conductor
    Millimetre overlap{};         ///< on the least strip; grows with it
    double tug_newton = 100;      ///< the most it is tugged with, whatever its wire stands
    int tug_after = -1;           ///< of its actions so many come before the tug; below 0: all
    Celsius iron{};               ///< tip temperature, 0 where no iron is used
    Second dwell{};               ///< heat, per joint of a square millimetre or less
    Ohm resistance{};
    SquareMillimetre least{0.01}, most{150};  ///< copper that it takes, all conductors together
    Ampere rated{};                           ///< that it carries continuously; 0: as much as its wire
    Celsius hottest{105};                     ///< that the conductor in it may be
    std::string part;  ///< what is bought for it: "crimp ring terminal"; empty: nothing
    Words heat;        ///< "iron"; empty where none is used
    Millimetre tip{};  ///< chisel of that iron on copper of usual size; 0: `heat` says what it is
    Words flux;        ///< which, and which not
    Words solder;      ///< alloy and thickness
    bool tube = true;  ///< is insulated with tubing
    double minutes = 5;
    std::vector<std::string> tools;
    std::vector<Words>
        actions;  ///< what the hands do, in order, after the tube waits and the end is stripped
    Words caution;
    std::string source;
};

}  // namespace sangre
