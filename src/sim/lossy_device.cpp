// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/lossy_device.h"

#include <algorithm>
#include <cmath>

namespace brisk::sim {
namespace {

constexpr double kRate = 48000;

}  // namespace

LossyDevice::LossyDevice(const std::vector<Loss>& losses, double starts) {
    for (const Loss& l : losses) {
        Event e{std::llround((l.at - starts) * kRate), std::llround(std::fabs(l.seconds) * kRate),
                What::Lost};
        if (l.silent) {
            e.what = What::Silent;
        } else if (l.seconds < 0) {
            e.what = What::Again;
        }
        if (e.at < e.count) continue;
        if (e.what == What::Again) most_ = std::max(most_, static_cast<std::size_t>(e.count));
        events_.push_back(e);
    }
}

void LossyDevice::process(std::span<const float> in, std::vector<float>& out) {
    for (const float v : in) {
        What now = What::Nothing;
        for (const Event& e : events_) {
            if (e.what == What::Again && e.at == at_) {
                out.insert(out.end(), recent_.end() - e.count, recent_.end());
            } else if (e.what != What::Again && at_ >= e.at && at_ < e.at + e.count) {
                now = e.what;
            }
        }
        if (now != What::Lost) out.push_back(now == What::Silent ? 0.0f : v);
        ++at_;
        if (most_ == 0) continue;
        recent_.push_back(v);
        if (recent_.size() > 2 * most_ + 4800) {
            recent_.erase(recent_.begin(), recent_.end() - static_cast<std::ptrdiff_t>(most_));
        }
    }
}

}  // namespace brisk::sim
