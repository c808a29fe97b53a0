// SPDX-License-Identifier: GPL-3.0-or-later
#include "support/failing_calls.h"

#include <dlfcn.h>
#include <fcntl.h>
#include <sys/uio.h>
#include <unistd.h>

#include <array>
#include <atomic>
#include <cerrno>
#include <cstdarg>
#include <cstdio>
#include <cstdlib>
#include <mutex>

namespace brisk::test {

FailingCalls& failingCalls() {
    static FailingCalls* const calls = new FailingCalls;  // outlives whoever still writes
    return *calls;
}

namespace {

std::mutex guard;
std::array<std::atomic<bool>, 4096> counts;  // by file descriptor: what is written there counts

bool isCounted(const char* path) {
    const std::string& under = failingCalls().under;
    return under.empty() || std::string(path).starts_with(under);
}
bool isCounted(int fd) {
    return failingCalls().under.empty() || (fd >= 0 && fd < static_cast<int>(counts.size()) &&
                                            counts[static_cast<std::size_t>(fd)]);
}

/// Notes a call. \return whether it fails.
bool fails(const char* name, bool counted) {
    FailingCalls& f = failingCalls();
    if (!f.counting || !counted) return false;
    const std::lock_guard hold(guard);
    ++f.calls;
    if (f.under.empty()) f.made.emplace_back(name);
    const bool now = f.failing > 0 && (f.calls == f.failing || (f.goesOn && f.calls > f.failing));
    if (now) errno = f.with;
    return now;
}

template <class Function>
Function* real(const char* name) {
    return reinterpret_cast<Function*>(dlsym(RTLD_NEXT, name));
}

int opened(const char* name, const char* path, int flags, mode_t mode) {
    auto* const call = real<int(const char*, int, ...)>(name);
    const bool counted = (flags & O_CREAT) && isCounted(path);
    if ((flags & O_CREAT) && fails("create", counted)) return -1;
    const int fd = call(path, flags, mode);
    if (fd >= 0 && fd < static_cast<int>(counts.size())) {
        counts[static_cast<std::size_t>(fd)] = counted;
    }
    return fd;
}

/// What the environment asks for, in a program that knows nothing of this.
struct FromEnvironment {
    FromEnvironment() {
        const char* call = std::getenv("BRISK_FAIL_CALL");
        if (!call) return;
        FailingCalls& f = failingCalls();
        const char* with = std::getenv("BRISK_FAIL_WITH");
        const char* under = std::getenv("BRISK_FAIL_UNDER");
        f.failing = std::atoi(call);
        f.with = with ? std::atoi(with) : ENOSPC;
        f.goesOn = f.with == ENOSPC;
        f.under = under ? under : "";
        f.counting = true;
    }
    ~FromEnvironment() {
        const char* file = std::getenv("BRISK_FAIL_COUNT");
        if (!file) return;
        failingCalls().counting = false;
        if (std::FILE* out = std::fopen(file, "w")) {
            std::fprintf(out, "%d\n", failingCalls().calls);
            std::fclose(out);
        }
    }
} fromEnvironment;

}  // namespace
}  // namespace brisk::test

using namespace brisk::test;

extern "C" {
int open(const char* path, int flags, ...) {
    va_list rest;
    va_start(rest, flags);
    const mode_t mode = (flags & (O_CREAT | O_TMPFILE)) ? va_arg(rest, mode_t) : 0;
    va_end(rest);
    return opened("open", path, flags, mode);
}
int open64(const char* path, int flags, ...) {
    va_list rest;
    va_start(rest, flags);
    const mode_t mode = (flags & (O_CREAT | O_TMPFILE)) ? va_arg(rest, mode_t) : 0;
    va_end(rest);
    return opened("open64", path, flags, mode);
}
int fsync(int fd) {
    static auto* const call = real<int(int)>("fsync");
    return fails("fsync", isCounted(fd)) ? -1 : call(fd);
}
ssize_t write(int fd, const void* data, size_t bytes) {
    static auto* const call = real<ssize_t(int, const void*, size_t)>("write");
    return fails("write", isCounted(fd)) ? -1 : call(fd, data, bytes);
}
ssize_t writev(int fd, const iovec* parts, int count) {
    static auto* const call = real<ssize_t(int, const iovec*, int)>("writev");
    return fails("write", isCounted(fd)) ? -1 : call(fd, parts, count);
}
int rename(const char* from, const char* to) {
    static auto* const call = real<int(const char*, const char*)>("rename");
    return fails("rename", isCounted(to)) ? -1 : call(from, to);
}
int renameat2(int a, const char* from, int b, const char* to, unsigned flags) {
    static auto* const call = real<int(int, const char*, int, const char*, unsigned)>("renameat2");
    return fails("rename", isCounted(to)) ? -1 : call(a, from, b, to, flags);
}
int link(const char* from, const char* to) {
    static auto* const call = real<int(const char*, const char*)>("link");
    return fails("link", isCounted(to)) ? -1 : call(from, to);
}
}
