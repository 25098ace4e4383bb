#include "base/files/safe_write.h"
#include "base/words/say.h"

#include <fcntl.h>
#include <fmt/format.h>
#include <sys/stat.h>
#include <unistd.h>

#include <array>
#include <cstring>
#include <optional>

namespace sangre {
namespace {

namespace fs = std::filesystem;

constexpr std::uintmax_t most_bytes = 64U << 20U;
constexpr int most_links = 16;

/// Closes what it opened and removes what it made, unless told that all is well.
class Beside {
  public:
    explicit Beside(const fs::path& target)
        : name_((target.parent_path() / (".sangre-" + target.filename().string().substr(0, 100) + "-XXXXXX"))
                    .string()) {
        descriptor_ = ::mkostemp(name_.data(), O_CLOEXEC);
    }
    ~Beside() {
        if (descriptor_ >= 0) ::close(descriptor_);
        if (descriptor_ >= 0 && !taken_) ::unlink(name_.c_str());
    }
    Beside(const Beside&) = delete;
    Beside& operator=(const Beside&) = delete;
    bool opened() const { return descriptor_ >= 0; }
    int descriptor() const { return descriptor_; }
    const char* name() const { return name_.c_str(); }
    void keep() { taken_ = true; }
    bool take_place_of(const fs::path& target) {
        taken_ = ::rename(name_.c_str(), target.c_str()) == 0;
        return taken_;
    }

  private:
    std::string name_;
    int descriptor_ = -1;
    bool taken_ = false;
};

bool write_all(int out, const std::string& text) {
    for (size_t at = 0; at < text.size();) {
        const auto n = ::write(out, text.data() + at, text.size() - at);
        if (n < 0 && errno == EINTR) continue;
        if (n <= 0) return false;
        at += static_cast<size_t>(n);
    }
    return ::fsync(out) == 0;
}

/// All that an open file holds.
std::optional<std::string> content_of(int in) {
    std::string all;
    std::array<char, 1 << 16> block;
    for (;;) {
        const auto n = ::pread(in, block.data(), block.size(), static_cast<off_t>(all.size()));
        if (n < 0 && errno == EINTR) continue;
        if (n < 0) return {};
        if (n == 0) return all;
        all.append(block.data(), static_cast<size_t>(n));
    }
}

bool reads_back(int in, const std::string& text) {
    std::array<char, 1 << 16> block;
    size_t at = 0;
    for (;;) {
        const auto n = ::pread(in, block.data(), block.size(), static_cast<off_t>(at));
        if (n < 0 && errno == EINTR) continue;
        if (n < 0) return false;
        if (n == 0) return at == text.size();
        const auto size = static_cast<size_t>(n);
        if (at + size > text.size() || std::memcmp(block.data(), text.data() + at, size) != 0)
            return errno = EIO, false;
        at += size;
    }
}

/// Where a chain of links ends, also where nothing stands there yet.
fs::path end_of_links(fs::path file) {
    std::error_code failed;
    for (int i = 0; i < most_links && fs::is_symlink(fs::symlink_status(file, failed)); ++i) {
        const auto to = fs::read_symlink(file, failed);
        if (failed) break;
        file = to.is_absolute() ? to : file.parent_path() / to;
    }
    return file;
}

std::string kind_of(mode_t mode) {
    return S_ISDIR(mode)    ? say("a folder")
           : S_ISFIFO(mode) ? say("a pipe")
           : S_ISSOCK(mode) ? say("a socket")
                            : say("a device");
}

}  // namespace

namespace {

/// A file of several names cannot be replaced without losing the others. Its room is taken before its first
/// byte is touched; where writing stops all the same, what it held is put back, and where even that fails the
/// new content stays beside it.
tl::expected<void, std::string> write_in_place(const std::string& text, const fs::path& file,
                                               const fs::path& target, off_t old_size, Beside& beside) {
    const auto wrong = [&](const std::string& what, int reason, const std::string& then) {
        return tl::unexpected(say("{file}: {problem}: {reason}; {then}", file.string(), what,
                                  std::string(std::strerror(reason)), then));
    };
    const auto as_it_was = say("the file there is as it was");
    const int out = ::open(target.c_str(), O_RDWR | O_CLOEXEC);
    if (out < 0) return wrong(say("cannot be written"), errno, as_it_was);
    const auto held = content_of(out);
    const auto size = static_cast<off_t>(text.size());
    const int room = held && size > old_size ? ::posix_fallocate(out, old_size, size - old_size) : 0;
    if (!held || room != 0) {
        const int reason = held ? room : errno;
        [[maybe_unused]] const int ignored = ::ftruncate(out, old_size);
        ::close(out);
        return wrong(say("writing stopped"), reason, as_it_was);
    }
    const bool written = write_all(out, text) && ::ftruncate(out, size) == 0;
    const int reason = errno;
    const bool restored = written || (::lseek(out, 0, SEEK_SET) == 0 && write_all(out, *held) &&
                                      ::ftruncate(out, static_cast<off_t>(held->size())) == 0);
    ::close(out);
    if (written) return {};
    if (restored) return wrong(say("writing stopped"), reason, as_it_was);
    beside.keep();
    return wrong(
        say("writing stopped"), reason,
        say("the file there is cut short; what was to be written is whole in {beside}", beside.name()));
}

}  // namespace

tl::expected<void, std::string> write_whole(const std::string& text, const fs::path& file) {
    const auto fail = [&](const std::string& what) {
        const auto reason = std::string(std::strerror(errno));
        return tl::unexpected(
            say("{file}: {problem}: {reason}; the file there is as it was", file.string(), what, reason));
    };
    const auto target = end_of_links(file);
    struct stat old {};
    const bool exists = ::stat(target.c_str(), &old) == 0;
    if (exists && !S_ISREG(old.st_mode))
        return tl::unexpected(say("{file}: this is {kind}, not a file", file.string(), kind_of(old.st_mode)));
    if (exists && ::access(target.c_str(), W_OK) != 0) return fail(say("cannot be written"));
    Beside beside(target);
    if (!beside.opened()) return fail(say("cannot be written"));
    if (exists) {
        // An owner that may not be given away stays with whoever writes.
        [[maybe_unused]] const int ignored = ::fchown(beside.descriptor(), old.st_uid, old.st_gid);
        if (::fchmod(beside.descriptor(), old.st_mode & 07777) != 0)
            return fail(say("its mode cannot be kept"));
    } else {
        const mode_t mask = ::umask(0);
        ::umask(mask);
        ::fchmod(beside.descriptor(), 0666 & ~mask);
    }
    if (!write_all(beside.descriptor(), text)) return fail(say("writing stopped"));
    if (!reads_back(beside.descriptor(), text)) return fail(say("cannot be read back"));
    if (!exists || old.st_nlink < 2) {
        if (!beside.take_place_of(target)) return fail(say("cannot be replaced"));
        // The folder has to remember the new name, too.
        const auto folder = target.parent_path().empty() ? fs::path(".") : target.parent_path();
        if (const int open = ::open(folder.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC); open >= 0)
            ::fsync(open), ::close(open);
        return {};
    }
    return write_in_place(text, file, target, old.st_size, beside);
}

tl::expected<std::string, std::string> read_text(const fs::path& file) {
    const auto fail = [&](const std::string& what) {
        return tl::unexpected(fmt::format("{}: {}", file.string(), what));
    };
    // Without waiting for whoever may write to a pipe.
    const int in = ::open(file.c_str(), O_RDONLY | O_NONBLOCK | O_CLOEXEC);
    if (in < 0) return fail(say("cannot be opened for reading: {reason}", std::strerror(errno)));
    struct stat found {};
    const bool known = ::fstat(in, &found) == 0;
    if (!known || !S_ISREG(found.st_mode)) {
        ::close(in);
        return fail(say("this is {kind}, not a file", kind_of(found.st_mode)));
    }
    std::string text;
    std::array<char, 1 << 16> block;
    for (;;) {
        const auto n = ::read(in, block.data(), block.size());
        if (n < 0 && errno == EINTR) continue;
        if (n <= 0) break;
        text.append(block.data(), static_cast<size_t>(n));
        if (text.size() > most_bytes) break;
    }
    ::close(in);
    if (text.size() > most_bytes) return fail(say("larger than 64 MiB, which no plan or table is"));
    if (text.empty()) return fail(say("the file is empty"));
    return text;
}

}  // namespace sangre
