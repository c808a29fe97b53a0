// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The drawn picture that belongs to the sound: a bookbinder behind a bench. The mouth follows the
/// speech, the hands meet on the frame of the clap, the frame number stands in a corner.
#pragma once

#include <cstdint>
#include <memory>
#include <span>
#include <string>

namespace brisk::sim {

struct BenchMoment {
    double mouth = 0;      ///< 0 closed .. 1 open
    double hands = 1;      ///< 0 together .. 1 at rest
    bool contact = false;  ///< This is the frame of the clap.
    std::int64_t frame = 0;
    double seconds = 0;  ///< Take time.
    std::string label;   ///< The take's name.
};

class BenchPicture {
  public:
    BenchPicture(int width, int height);
    ~BenchPicture();
    /// 0xffRRGGBB, width × height; valid until the next call.
    std::span<const std::uint32_t> draw(const BenchMoment& moment);

  private:
    struct State;
    std::unique_ptr<State> state_;
};

}  // namespace brisk::sim
