#pragma once
// Plans by the number of their seed: the same on every machine, so that a red run can be looked at again.
#include <random>

#include "fixtures.h"

namespace sangre::test {

class RandomPlans {
  public:
    explicit RandomPlans(unsigned seed) : random_(seed) {}

    /// One module that feeds two or three more and a load, most of them asked for more than they have.
    Plan cascade();
    /// One to three packs, blocks with several feeds, modules in rows and side by side, diodes, shared and
    /// frame returns, loads of every kind; many overloaded.
    Plan network();
    /// As a builder wires: places with ways between them, hubs, modules and loads that suit what feeds them,
    /// every lead with wire, ends and some items of the catalogue, doubled conductors, frame and shared
    /// returns.
    Plan built();
    /// A load of any kind and manner that a line can say.
    Load any_load();
    /// Loads in any state, some switches open, any charge and air.
    Demand demand(const Plan& plan);

    /// From `least` up to but not including `end`.
    int whole(int least, int end) {
        return least + static_cast<int>(random_() % static_cast<unsigned>(end - least));
    }
    double real(double least, double most) { return least + (most - least) * (random_() / 4294967296.0); }
    bool one_in(int n) { return whole(0, n) == 0; }
    template <class List>
    const auto& any_of(const List& list) {
        return list[static_cast<size_t>(whole(0, static_cast<int>(list.size())))];
    }

  private:
    Source pack(const Id& id);
    Lead& feed(Plan& plan, const Id& from, const Id& to);
    void module(Plan& plan, const Id& id, const Id& from);
    void load(Plan& plan, const Id& id, const Id& from, double volts);
    Id place_of(const Plan& plan);
    void lead(Plan& plan, const Id& from, const Id& to);
    std::mt19937 random_;
};

}  // namespace sangre::test
