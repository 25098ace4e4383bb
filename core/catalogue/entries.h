#pragma once
// One entry of a catalogue file, by the kind of file it stands in.
#include "catalogue/entry.h"
#include "physics/parts/types.h"

namespace sangre {

// Each reads the keys of one entry, whose id and source are read already. What the schema cannot say is
// thrown as a std::runtime_error that begins with the place in the entry: "/least_mm: larger than most_mm".
void read(const Value& entry, Insulation& to);
void read(const Value& entry, WireType& to);
void read(const Value& entry, FuseFamily& to);
void read(const Value& entry, HolderType& to);
void read(const Value& entry, Chemistry& to);
void read(const Value& entry, CellType& to);
void read(const Value& entry, ConverterType& to);
void read(const Value& entry, ConnectorType& to);
void read(const Value& entry, SwitchType& to);
void read(const Value& entry, TubeSize& to);
void read(const Value& entry, JointKind& to);
void read(const Value& entry, InlinePart& to);
void read(const Value& entry, FittingType& to);
void read(const Value& entry, CrimpPart& to);
void read(const Value& entry, SupplyType& to);
void read(const Value& entry, Sundry& to);

}  // namespace sangre
