// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What can go wrong outside the program, as a value. Not for programmer mistakes: those assert.
///
///     Result<MediaInfo> info = probe(path);
///     if (!info) return tl::unexpected(info.error());
///     // and where a person is told: sentence(info.error().fact) (text/)
#pragma once

#include <string>
#include <tl/expected.hpp>
#include <utility>

#include "core/fact.h"

namespace brisk {

enum class ErrorCode {
    CannotRead,   ///< The input is missing, empty, damaged, vanished, or not what it should be.
    CannotWrite,  ///< The output folder or file refuses.
    NotMedia,     ///< The file opens, but holds nothing we can use.
    NoSound,      ///< There is a picture but no sound to match by.
    TooShort,     ///< Not enough material to say anything.
    Silent,       ///< Material, but no sound in it.
    Cancelled,    ///< Somebody asked to stop.
    BadProject,   ///< A project file that cannot be understood.
    BadEntry,     ///< Something typed that cannot be understood.
    WentWrong,    ///< Not enough memory, or what nobody thought of (guarded.h).
};

/// One failure. Its fact, in words, tells a person which file, what is wrong, what was kept, what
/// to do.
struct [[nodiscard]] Error {
    ErrorCode code = ErrorCode::CannotRead;
    Fact fact;
    std::string path;    ///< The file it is about, as given; may be empty.
    std::string detail;  ///< The library's own words, for a log; may be empty.
};

/// A value, or why there is none. A class of its own so that nobody drops one unseen.
template <class T>
class [[nodiscard]] Result : public tl::expected<T, Error> {
  public:
    using Base = tl::expected<T, Error>;
    using Base::Base;
    // NOLINTNEXTLINE(google-explicit-constructor): what its base can be, it can be
    Result(Base base) : Base(std::move(base)) {}
};

inline tl::unexpected<Error> fail(ErrorCode code, Fact fact, std::string path = {},
                                  std::string detail = {}) {
    return tl::unexpected<Error>(Error{code, std::move(fact), std::move(path), std::move(detail)});
}

/// The same of one file that the fact names: the argument "file" is added.
inline tl::unexpected<Error> failAt(ErrorCode code, const std::string& path, Fact fact,
                                    std::string detail = {}) {
    fact.args.emplace_back("file", path);
    if (!detail.empty()) fact.args.emplace_back("why", detail);
    return fail(code, std::move(fact), path, std::move(detail));
}

inline tl::unexpected<Error> cancelled() {
    return fail(ErrorCode::Cancelled, {"stopped"});
}

}  // namespace brisk
