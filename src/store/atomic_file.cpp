// SPDX-License-Identifier: GPL-3.0-or-later
// The idea: rename(2) within one folder is atomic, so a reader sees the old file or the new one and
// never half of either.
#include "store/atomic_file.h"

#include <fcntl.h>
#include <sys/file.h>
#include <unistd.h>

#include <cerrno>
#include <chrono>
#include <cstring>
#include <fstream>
#include <sstream>
#include <thread>

#include "store/free_name.h"
#include "store/publish_file.h"

namespace brisk {
namespace fs = std::filesystem;

namespace {

tl::unexpected<Error> cannotWrite(const fs::path& target, const std::string& why) {
    return fail(ErrorCode::CannotWrite,
                {"cannot-write-into",
                 {{"file", target.filename().string()},
                  {"folder", target.parent_path().string()},
                  {"why", why}}},
                target.string(), why);
}

/// Programs that name files in one folder do so one after the other, so that names which differ in
/// case alone are seen. Where a file system has no locks, the name itself is still safe.
class FolderLock {
  public:
    explicit FolderLock(const fs::path& folder)
        : fd_(::open(folder.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC)) {
        for (int i = 0; fd_ >= 0 && i < kMaxTries; ++i) {
            if (::flock(fd_, LOCK_EX | LOCK_NB) == 0 || errno != EWOULDBLOCK) break;
            std::this_thread::sleep_for(std::chrono::milliseconds(5));
        }
    }
    ~FolderLock() {
        if (fd_ >= 0) ::close(fd_);
    }
    FolderLock(const FolderLock&) = delete;
    FolderLock& operator=(const FolderLock&) = delete;

  private:
    static constexpr int kMaxTries = 400;  // then a program that hangs has it
    int fd_;
};

}  // namespace

Result<AtomicFile> AtomicFile::create(const fs::path& wanted) {
    std::error_code ec;
    const fs::path target = fs::absolute(wanted, ec).lexically_normal();
    fs::create_directories(target.parent_path(), ec);
    if (ec) return cannotWrite(target, ec.message());
    removeDeadTemporaries(target.parent_path());
    auto file = TemporaryFile::createBeside(target);
    if (!file) return cannotWrite(target, file.error().detail);
    return AtomicFile(target, std::move(*file));
}

Result<void> AtomicFile::sync() const {
    const int why = file_.sync();
    return why == 0 ? Result<void>{} : Result<void>(cannotWrite(target_, std::strerror(why)));
}

Result<void> AtomicFile::commit() {
    if (auto synced = sync(); !synced) return synced;
    std::error_code ec;
    fs::rename(file_.path(), target_, ec);
    if (ec) return cannotWrite(target_, ec.message());
    file_.published();
    syncFolder(target_.parent_path());
    return {};
}

Result<void> AtomicFile::commitAsNew() {
    if (auto synced = sync(); !synced) return synced;
    const FolderLock alone(target_.parent_path());
    // Who does not know of the lock may still be quicker: then the next name is tried.
    FreeNames names(target_.parent_path());
    for (;;) {
        const fs::path name = names.take(target_.stem().string(), target_.extension().string());
        const std::error_code ec = publishNew(file_.path(), name);
        if (ec == std::errc::file_exists) continue;
        if (ec) return cannotWrite(target_, ec.message());
        target_ = name;
        break;
    }
    file_.published();
    syncFolder(target_.parent_path());
    return {};
}

namespace {

Result<AtomicFile> written(const fs::path& target, std::string_view bytes) {
    auto file = AtomicFile::create(target);
    if (!file) return file;
    std::ofstream out(file->temporaryPath(), std::ios::binary | std::ios::trunc);
    out.write(bytes.data(), static_cast<std::streamsize>(bytes.size()));
    out.flush();
    if (!out) return cannotWrite(target, std::strerror(errno));
    return file;
}

}  // namespace

Result<void> writeWholeFile(const fs::path& target, std::string_view bytes) {
    auto file = written(target, bytes);
    if (!file) return tl::unexpected(file.error());
    return file->commit();
}

Result<fs::path> writeNewFile(const fs::path& target, std::string_view bytes) {
    auto file = written(target, bytes);
    if (!file) return tl::unexpected(file.error());
    if (auto done = file->commitAsNew(); !done) return tl::unexpected(done.error());
    return file->target();
}

Result<std::string> readWholeFile(const fs::path& path, std::uintmax_t most) {
    std::error_code ec;
    // A pipe would be waited for, a device read without end.
    if (fs::exists(path, ec) && !fs::is_regular_file(path, ec)) {
        return failAt(ErrorCode::CannotRead, path.string(), {"is-no-file"});
    }
    if (const auto size = fs::file_size(path, ec); !ec && size > most) {
        return failAt(ErrorCode::CannotRead, path.string(), {"too-large-to-be-one"});
    }
    std::ifstream in(path, std::ios::binary);
    std::ostringstream text;
    text << in.rdbuf();
    if (!in) {
        return failAt(ErrorCode::CannotRead, path.string(), {"cannot-read"}, std::strerror(errno));
    }
    return text.str();
}

}  // namespace brisk
