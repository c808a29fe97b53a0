// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What can go wrong outside the program, as a value. Not for programmer mistakes: those assert.
///
///     Result<MediaInfo> info = probe(path);
///     if (!info) return tl::unexpected(info.error().about("while adding the take"));
#pragma once

#include <string>
#include <tl/expected.hpp>
#include <utility>

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
};

/// One failure. `sentence` is for a person: which file, what is wrong, what was kept, what to do.
struct [[nodiscard]] Error {
    ErrorCode code = ErrorCode::CannotRead;
    std::string sentence;
    std::string path;    ///< The file it is about, as given; may be empty.
    std::string detail;  ///< The library's own words, for a log; may be empty.

    /// Adds context at a border, keeping the cause.
    [[nodiscard]] Error about(const std::string& context) const {
        Error e = *this;
        e.sentence = context + ": " + sentence;
        return e;
    }
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

inline tl::unexpected<Error> fail(ErrorCode code, std::string sentence, std::string path = {},
                                  std::string detail = {}) {
    return tl::unexpected<Error>(
        Error{code, std::move(sentence), std::move(path), std::move(detail)});
}

inline tl::unexpected<Error> cancelled() {
    return fail(ErrorCode::Cancelled, "Stopped.");
}

}  // namespace brisk
