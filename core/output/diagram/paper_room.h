#pragma once
// Where a label finds room in a drawing: the first of the places it may stand in that is clear of all others.
#include <cstddef>
#include <vector>

namespace sangre {

struct PaperBox {
    double left = 0, top = 0, right = 0, bottom = 0;
    /// The area that both cover.
    double shared(const PaperBox& other) const;
    double area() const { return (right - left) * (bottom - top); }
};

class PaperRoom {
  public:
    PaperRoom() = default;
    /// Everything has to stay inside of it.
    explicit PaperRoom(const PaperBox& bounds) : bounds_(bounds) {}
    void take(const PaperBox& box) { taken_.push_back(box); }
    /// How much of it lies on what is taken, or outside.
    double crowded(const PaperBox& box) const;
    /// The index of the first candidate that is clear, else of the one that least is; it is taken then. Their
    /// number without any.
    size_t find(const std::vector<PaperBox>& candidates);

  private:
    PaperBox bounds_{};
    std::vector<PaperBox> taken_{};
};

}  // namespace sangre
