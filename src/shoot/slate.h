// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What a person writes of a file, as on a slate: what it is called, scene and take, whether it was
/// good, and a note. Nothing of it changes a place or a sound.
#pragma once

#include <string>

namespace brisk {

enum class Verdict { None, Good, NotGood };

struct Slate {
    std::string name;   ///< Empty: as the file is called.
    std::string scene;  ///< "12A"
    std::string take;   ///< "3"
    Verdict verdict = Verdict::None;
    std::string note;
    [[nodiscard]] bool empty() const { return *this == Slate{}; }
    friend bool operator==(const Slate&, const Slate&) = default;
};

/// "good", "not good", or nothing.
const char* verdictText(Verdict v);

/// "scene 12A, take 3, good"; empty where nothing of it is known. The note is left out.
std::string slateText(const Slate& s);

}  // namespace brisk
