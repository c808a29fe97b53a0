// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What a device that loses or repeats buffers keeps of what it hears.
#pragma once

#include <cstdint>
#include <span>
#include <vector>

#include "sim/true_lines.h"

namespace brisk::sim {

/// Streaming, 48 kHz.
class LossyDevice {
  public:
    /// \param losses  of this device; what would repeat more than was heard is left out.
    /// \param starts  world time of the first sample.
    LossyDevice(const std::vector<Loss>& losses, double starts);
    /// Appends what is kept of `in`.
    void process(std::span<const float> in, std::vector<float>& out);

  private:
    enum class What { Nothing, Lost, Silent, Again };
    struct Event {
        std::int64_t at;
        std::int64_t count;
        What what;
    };
    std::vector<Event> events_;
    std::vector<float> recent_;  // what was heard last, as much as is ever repeated
    std::size_t most_ = 0;
    std::int64_t at_ = 0;
};

}  // namespace brisk::sim
