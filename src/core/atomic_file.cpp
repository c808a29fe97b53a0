// SPDX-License-Identifier: GPL-3.0-or-later
// The idea: rename(2) within one folder is atomic, so a reader sees the old file or the new one and
// never half of either. The temporary keeps the extension, because muxers choose by it.
#include "core/atomic_file.h"

#include <fcntl.h>
#include <signal.h>
#include <unistd.h>

#include <cerrno>
#include <cstring>
#include <fstream>
#include <sstream>

namespace brisk {
namespace fs = std::filesystem;

namespace {

tl::unexpected<Error> cannotWrite(const fs::path& target, const std::string& why) {
    return fail(ErrorCode::CannotWrite,
                "Cannot write " + target.filename().string() + " in the folder " +
                    target.parent_path().string() + ": " + why +
                    ". Nothing was written; choose another folder or free it.",
                target.string(), why);
}

}  // namespace

AtomicFile::AtomicFile(fs::path target, fs::path temporary)
    : target_(std::move(target)), temporary_(std::move(temporary)) {}

AtomicFile::AtomicFile(AtomicFile&& other) noexcept
    : target_(std::move(other.target_)),
      temporary_(std::move(other.temporary_)),
      pending_(std::exchange(other.pending_, false)) {}

AtomicFile::~AtomicFile() {
    if (pending_) {
        std::error_code ignored;
        fs::remove(temporary_, ignored);
    }
}

namespace {

/// Takes away what a program that was killed had begun to write for this target.
void removeLeftBehind(const fs::path& target) {
    const std::string begins = "." + target.stem().string() + ".part-";
    std::error_code ec;
    for (auto it = fs::directory_iterator(target.parent_path(), ec);
         !ec && it != fs::directory_iterator(); it.increment(ec)) {
        const std::string name = it->path().filename().string();
        if (!name.starts_with(begins) || it->path().extension() != target.extension()) continue;
        const int pid = std::atoi(name.c_str() + begins.size());
        std::error_code gone;
        if (pid > 0 && ::kill(pid, 0) != 0 && errno == ESRCH) fs::remove(it->path(), gone);
    }
}

}  // namespace

Result<AtomicFile> AtomicFile::create(const fs::path& wanted) {
    std::error_code ec;
    const fs::path target = fs::absolute(wanted, ec);
    fs::create_directories(target.parent_path(), ec);
    if (ec) return cannotWrite(target, ec.message());
    const fs::path temporary =
        target.parent_path() / ("." + target.stem().string() + ".part-" +
                                std::to_string(::getpid()) + target.extension().string());
    removeLeftBehind(target);
    const int fd = ::open(temporary.c_str(), O_WRONLY | O_CREAT | O_TRUNC | O_CLOEXEC, 0644);
    if (fd < 0) return cannotWrite(target, std::strerror(errno));
    ::close(fd);
    return AtomicFile(target, temporary);
}

Result<void> AtomicFile::commit() {
    const int fd = ::open(temporary_.c_str(), O_RDONLY | O_CLOEXEC);
    if (fd < 0) return cannotWrite(target_, std::strerror(errno));
    const bool flushed = ::fsync(fd) == 0;
    const int why = errno;
    ::close(fd);
    if (!flushed) return cannotWrite(target_, std::strerror(why));
    std::error_code ec;
    fs::rename(temporary_, target_, ec);
    if (ec) return cannotWrite(target_, ec.message());
    pending_ = false;
    return {};
}

Result<void> writeWholeFile(const fs::path& target, std::string_view bytes) {
    auto file = AtomicFile::create(target);
    if (!file) return tl::unexpected(file.error());
    {
        std::ofstream out(file->temporaryPath(), std::ios::binary | std::ios::trunc);
        out.write(bytes.data(), static_cast<std::streamsize>(bytes.size()));
        out.flush();
        if (!out) return cannotWrite(target, std::strerror(errno));
    }
    return file->commit();
}

Result<std::string> readWholeFile(const fs::path& path) {
    std::ifstream in(path, std::ios::binary);
    std::ostringstream text;
    text << in.rdbuf();
    if (!in) {
        return fail(ErrorCode::CannotRead,
                    "Cannot read " + path.string() + ": " + std::strerror(errno) + ".",
                    path.string());
    }
    return text.str();
}

}  // namespace brisk
