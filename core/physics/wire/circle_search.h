#pragma once
// Looks for the smallest circle that given circles go into.
#include <random>
#include <utility>
#include <vector>

#include "physics/wire/circles.h"

namespace sangre {

/// From seeded starts each arrangement is squeezed: radius of the bound and overlaps are made least together,
/// overlaps ever dearer, by L-BFGS; what still overlaps at the end is spread until nothing does. The best one
/// is then shaken, one circle set where most room is or two of unlike size swapped, and squeezed again:
/// monotonic basin hopping. Sources: Nocedal, “Updating quasi-Newton matrices with limited storage”, 1980;
/// Grosso et al., “Solving the problem of packing equal and unequal circles in a circular container”, 2010.
class CircleSearch {
  public:
    /// At least two circles, each of a radius above 0; the same radii always lead to the same arrangement.
    explicit CircleSearch(std::vector<double> radii);

    /// Goes on until the bound is no larger than that, or all has been tried; 0: until all has been tried.
    void run(double until = 0);
    /// Only its starts, half of them: nothing is shaken.
    void begin(double until);
    double bound() const { return bound_ * scale_; }
    /// In the order of the radii, about the origin.
    std::vector<Circle> circles() const;

  private:
    using Places = std::vector<double>;  ///< x and y of each, then the bound's radius
    struct Squeeze;

    void squeeze(Places at);
    void descend(Places& at, double price);
    double spread(Places& at) const;
    Places start(int which);
    void lay_one_by_one(Places& at, double mixed);
    Places shaken(int hop);
    double any() { return spread_(random_); }  ///< −1 to 1

    std::vector<double> radii_;
    double scale_ = 1, area_ = 0;  ///< worked on are circles of which the largest is 1
    bool alike_ = true;
    double bound_;
    Places best_;
    std::mt19937 random_{7};
    std::uniform_real_distribution<double> spread_{-1, 1};
};

}  // namespace sangre
