// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The sound of a scene as it leaves the mouth and the hands, block by block, however long the day.
#pragma once

#include <cstdint>
#include <random>
#include <vector>

#include "core/result.h"
#include "sim/scene.h"

namespace brisk::sim {

class WorldSound {
  public:
    static constexpr int kRate = 48000;

    /// The same scene and seed give the same samples.
    WorldSound(const Scene& scene, std::uint64_t seed);

    /// The next `count` samples, without any room. Errors: no synthesiser.
    Result<std::vector<float>> next(std::size_t count);

    /// Loudness of the mouth, 0..1, at a scene time already generated. Claps do not open it.
    [[nodiscard]] double mouthOpening(Seconds t) const;

  private:
    Result<void> beginSentence();
    void addClaps(std::vector<float>& block) const;

    Scene scene_;
    std::uint64_t seed_;
    std::mt19937_64 random_;
    std::int64_t at_ = 0;
    std::int64_t pause_ = 0;  // samples of silence before the sentence goes on
    std::vector<float> sentence_;
    std::size_t spoken_ = 0;
    std::vector<float> envelope_;  // a hundred a second
    double power_ = 0;
    int inEnvelope_ = 0;
};

}  // namespace brisk::sim
