// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/gain_rider.h"
#include "core/decibels.h"

#include <algorithm>
#include <cmath>

namespace brisk::sim {

GainRider::GainRider(double target, double mostGainDb)
    : target_(target), most_(ratioOfDb(mostGainDb)) {}

float GainRider::process(float v) {
    constexpr double kAttack = 1.0 / (0.005 * 48000);
    constexpr double kRelease = 1.0 / (1.2 * 48000);
    const double level = std::fabs(v);
    envelope_ += (level > envelope_ ? kAttack : kRelease) * (level - envelope_);
    const double wanted = std::min(most_, target_ / std::max(envelope_, 1e-6));
    gain_ += (wanted < gain_ ? kAttack : kRelease) * (wanted - gain_);
    return static_cast<float>(std::tanh(v * gain_));
}

}  // namespace brisk::sim
