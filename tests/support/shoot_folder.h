// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Takes and recordings from signals, written to real files and scanned.
#pragma once

#include <gtest/gtest.h>

#include "align/assemble/match.h"
#include "support/media_files.h"
#include "support/temp_folder.h"

namespace brisk::test {

/// Seconds [from, to) of a mono sound at 48 kHz.
inline std::vector<float> cut(const std::vector<float>& v, double from, double to) {
    return {v.begin() + static_cast<std::ptrdiff_t>(from * 48000),
            v.begin() + static_cast<std::ptrdiff_t>(to * 48000)};
}

inline std::vector<float> sum(std::vector<float> a, const std::vector<float>& b) {
    for (std::size_t n = 0; n < std::min(a.size(), b.size()); ++n) a[n] += b[n];
    return a;
}

class ShootFolder {
  public:
    SoundScan take(const std::vector<float>& scratch, const TakeRecipe& recipe = {}) {
        const std::string path = folder_.file("take-" + std::to_string(++count_) + ".mp4");
        writeTake(path, scratch, recipe);
        return scanned(path);
    }
    SoundScan recording(const std::vector<float>& clean, const SoundRecipe& recipe = {}) {
        const std::string path = folder_.file("rec-" + std::to_string(++count_) + ".wav");
        writeSound(path, clean, recipe);
        return scanned(path);
    }
    TetherEstimate match(const std::vector<float>& scratch, const std::vector<float>& clean,
                         MatchMethod method = MatchMethod::Auto) {
        auto e = matchPair(take(scratch), recording(clean), {method}, JobControl{});
        EXPECT_TRUE(e);
        return *e;
    }
    [[nodiscard]] std::string file(const std::string& name) const { return folder_.file(name); }

  private:
    TempFolder folder_;
    int count_ = 0;
};

}  // namespace brisk::test
