// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A camera's automatic gain: pulls loud sound down at once and quiet sound up over seconds.
#pragma once

namespace brisk::sim {

class GainRider {
  public:
    /// \param target     level it aims at, re full scale
    /// \param mostGainDb how far it turns up
    explicit GainRider(double target = 0.18, double mostGainDb = 30);
    float process(float v);

  private:
    double target_;
    double most_;
    double envelope_ = 1e-4;
    double gain_ = 1;
};

}  // namespace brisk::sim
