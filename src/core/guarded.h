// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The border at which what is thrown becomes an error: memory that is not there, a library that
/// gives up. Each file, each worker and each program has one, so that one file spoils none, and no
/// program ends without a sentence.
///
///     return guarded(path, [&] { return scanSound(path, options, job); });
#pragma once

#include <exception>
#include <new>
#include <string>

#include "core/result.h"

namespace brisk {

/// What is being caught, as an error. Only within a catch.
inline Error caughtError(const std::string& path = {}) {
    const auto with = [&](const char* named, const char* plain, const char* why) {
        Fact fact{path.empty() ? plain : named};
        if (!path.empty()) fact.args.emplace_back("file", path);
        fact.args.emplace_back("why", why);
        return Error{ErrorCode::WentWrong, std::move(fact), path, why};
    };
    try {
        throw;
    } catch (const std::bad_alloc&) {
        return with("no-memory-for", "no-memory", "out of memory");
    } catch (const std::exception& e) {
        return with("went-wrong-with", "went-wrong", e.what());
    } catch (...) {
        return with("went-wrong-with", "went-wrong", "unknown");
    }
}

/// \param path  what the work is about; may be empty.
/// \param work  gives a Result.
template <class Work>
auto guarded(const std::string& path, Work work) -> decltype(work()) {
    try {
        return work();
    } catch (...) {
        return tl::unexpected(caughtError(path));
    }
}

}  // namespace brisk
