#pragma once
// What is cut from what, in the order of cutting.
#include "electrical/figures.h"

namespace sangre {

enum class CutKind { wire, cable, tube };

struct CutPiece {
    Words mark;  ///< written on it: "W3+"; of a tube where it goes
    Id lead;     ///< that it is of
    Metre length{};
    std::string step;   ///< key of the step that cuts it
    bool plug = false;  ///< of a cable: it keeps a plug that the offcut had
};

/// One offcut, or the spool, and what comes off it.
struct CutFrom {
    Id at_hand;                    ///< empty: it is bought, or came with a part
    Words of{};                    ///< what the offcut or the supplied lead is called; empty: it is bought
    int piece_no = 1;              ///< of several alike
    Metre length{};                ///< of the offcut; of what is bought all of it together
    std::vector<CutPiece> pieces;  ///< longest first
    Metre left{};
};

struct CutGroup {
    CutKind kind = CutKind::wire;
    Words what;       ///< "12 AWG red, silicone 200 °C"
    std::string key;  ///< the same in English, as what lies at hand is called; of tube and cable
    Id wire;          ///< of a wire or cable
    std::string colour;
    std::vector<CutFrom> from;  ///< offcuts first, what is bought last
    Metre bought{}, left{};     ///< left: over of the offcuts that are begun
    Metre least_bought{};       ///< no way of cutting buys less
    bool exact = true;
};

struct CutList {
    std::vector<CutGroup> groups;    ///< wires by size and colour, cables, tubes by size
    size_t pieces = 0, offcuts = 0;  ///< in all, and those that are used
    Metre bought{}, left{};          ///< of wires and cables
};

/// Every conductor, cable and tube of the plan, each once, from what is at hand and from what is bought. An
/// offcut of a wire is one of the same wire and colour; of a cable or a tube one that is called as it is.
CutList cut_list(const Plan& plan, const Catalogue& catalogue, const Figures& figures);

/// What is written on a piece, and what it keeps: "C2, with its plug".
Words cut_words(const CutPiece& piece);

/// "cut from,length,mark,for,left" a line each, with a header.
std::string cut_list_to_csv(const Plan& plan, const CutList& list);

}  // namespace sangre
