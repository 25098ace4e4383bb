#pragma once
// Where a label finds room in a drawing: the first of the places it may stand in that is clear of all others.
#include <QRectF>
#include <vector>

namespace sangre::app {

class FreeRoom {
  public:
    /// Everything has to stay inside `bounds`.
    void begin(const QRectF& bounds) { bounds_ = bounds, taken_.clear(); }
    void take(const QRectF& area) { taken_.push_back(area); }
    /// How much of it lies on what is taken, or outside, in square pixels.
    double crowded(const QRectF& area) const;
    /// The first candidate that is clear, else the one that least is; it is taken then. Empty without any.
    QRectF find(const std::vector<QRectF>& candidates);

  private:
    QRectF bounds_;
    std::vector<QRectF> taken_;
};

}  // namespace sangre::app
