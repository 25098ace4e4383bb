#pragma once
// What was made before, by what it was made of, for all threads.
#include <map>
#include <mutex>
#include <utility>

namespace sangre {

/// The lock is held to look up and to keep, never while making: two threads may make the same at once, and
/// the first of them is kept. `static Kept<Key, Table> known(2000); return known(key, [&] { return Table(…);
/// });`
template <class Key, class Value>
class Kept {
  public:
    /// Of more than `most` all are forgotten.
    explicit Kept(std::size_t most) : most_(most) {}

    template <class Make>
    Value operator()(const Key& key, Make make) {
        {
            const std::scoped_lock hold(alone_);
            if (const auto found = all_.find(key); found != all_.end()) return found->second;
        }
        auto made = make();
        const std::scoped_lock hold(alone_);
        if (all_.size() > most_) all_.clear();
        return all_.emplace(key, std::move(made)).first->second;
    }

  private:
    std::size_t most_;
    std::mutex alone_;
    std::map<Key, Value> all_;
};

}  // namespace sangre
