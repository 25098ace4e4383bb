#pragma once
// A value that is worked out when somebody first asks for it, and then kept.
#include <functional>
#include <memory>
#include <mutex>
#include <utility>

namespace sangre {

/// Copies share the value, so it is worked out once for all of them, on whichever thread asks first. Without
/// a maker it is a default T.
template <class T>
class Lazy {
  public:
    Lazy() : Lazy([] { return T(); }) {}
    explicit Lazy(std::function<T()> make) : kept_(std::make_shared<Kept>()) {
        kept_->make = std::move(make);
    }

    const T& operator()() const& {
        std::call_once(kept_->once, [this] {
            kept_->value = kept_->make();
            kept_->make = nullptr;  // and lets go of what it was made from
        });
        return kept_->value;
    }
    /// Of a study that goes away at once, the value itself.
    T operator()() && { return std::as_const(*this)(); }

  private:
    struct Kept {
        std::once_flag once;
        std::function<T()> make;
        T value{};
    };
    std::shared_ptr<Kept> kept_;
};

}  // namespace sangre
