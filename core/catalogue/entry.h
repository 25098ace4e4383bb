#pragma once
// An entry of a catalogue file as it is read: its keys by name, its values as what they are wanted for. A
// value that is missing or of another type throws std::runtime_error that names the key.
#include <fmt/format.h>
#include <simdjson.h>

#include <concepts>
#include <string>
#include <vector>

namespace sangre {

/// What a value can be read as.
template <class T>
concept Readable = std::same_as<T, double> || std::same_as<T, int> || std::same_as<T, bool> ||
    std::same_as<T, std::string> || std::same_as<T, std::vector<std::string>>;

class Value {
  public:
    Value(simdjson::dom::element is, std::string_view key) : is_(is), key_(key) {}

    template <Readable T>
    T get() const {
        if constexpr (std::same_as<T, std::vector<std::string>>) {
            T all;
            for (const auto& one : *this) all.push_back(one.get<std::string>());
            return all;
        } else if constexpr (std::same_as<T, std::string>)
            return T(checked<std::string_view>("text"));
        else if constexpr (std::same_as<T, int>)
            return static_cast<int>(checked<int64_t>("a whole number"));
        else
            return checked<T>(std::same_as<T, bool> ? "true or false" : "a number");
    }
    template <Readable T>
    operator T() const {  // NOLINT: read as what it is assigned to
        return get<T>();
    }

    class Iterator {
      public:
        Iterator(simdjson::dom::array::iterator at, std::string_view key) : at_(at), key_(key) {}
        Value operator*() const { return {*at_, key_}; }
        Iterator& operator++() {
            ++at_;
            return *this;
        }
        bool operator!=(const Iterator& other) const { return at_ != other.at_; }

      private:
        simdjson::dom::array::iterator at_;
        std::string_view key_;
    };
    Iterator begin() const { return {list().begin(), key_}; }
    Iterator end() const { return {list().end(), key_}; }
    Value at(size_t i) const {
        simdjson::dom::element one;
        if (list().at(i).get(one)) fail(fmt::format("fewer than {} values", i + 1));
        return {one, key_};
    }
    Value at(std::string_view key) const {
        simdjson::dom::element one;
        if (is_.at_key(key).get(one)) throw std::runtime_error(fmt::format("/{}: missing", key));
        return {one, key};
    }
    bool contains(std::string_view key) const { return !is_.at_key(key).error(); }
    /// What stands at the key, or `otherwise` where nothing does.
    template <class T>
    T value(std::string_view key, const T& otherwise) const {
        return contains(key) ? at(key).get<T>() : otherwise;
    }

  private:
    [[noreturn]] void fail(const std::string& what) const {
        throw std::runtime_error(fmt::format("/{}: {}", key_, what));
    }
    template <class T>
    T checked(const char* wanted) const {
        T got;
        if (is_.get<T>().get(got)) fail(fmt::format("{} is expected", wanted));
        return got;
    }
    simdjson::dom::array list() const { return checked<simdjson::dom::array>("a list"); }
    simdjson::dom::element is_;
    std::string_view key_;
};

}  // namespace sangre
