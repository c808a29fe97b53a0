// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What a room makes of a sound on its way from a mouth to a microphone.
#pragma once

#include <cstdint>
#include <optional>
#include <span>
#include <vector>

#include "dsp/fourier.h"

namespace brisk::sim {

constexpr double kMetresPerSecond = 343.0;
/// Seconds of listening before a device begins, so that the room is already ringing then.
constexpr double kListenAhead = 2.0;

struct RoomSpec {
    double width = 6.2;  ///< metres
    double length = 8.4;
    double height = 3.1;
    double rt60 = 0.45;  ///< seconds until an echo has faded by 60 dB; 0 = the open air
    /// Energy of the direct sound over that of all its echoes, dB; otherwise as the distance says.
    std::optional<double> directDb = std::nullopt;
};

/// One way of the sound from the mouth to the microphone.
struct Arrival {
    double seconds = 0;
    double gain = 0;  ///< 1 for the direct sound at one metre.
};

/// The echoes of up to three walls, always in the same order: each moves as whoever speaks does.
/// None in the open air.
std::vector<Arrival> earlyEchoes(const RoomSpec& room, double distance);

/// What is left of the echoes: decaying noise, as long and with the same delay as the response.
/// Silence in the open air.
std::vector<float> diffuseTail(const RoomSpec& room, double distance, std::uint64_t seed);

/// Impulse response at 48 kHz over `distance` metres, its delay included. At one metre the direct
/// sound has gain 1.
std::vector<float> roomResponse(const RoomSpec& room, double distance, std::uint64_t seed);

/// Streaming convolution: as many samples out as in.
class Convolver {
  public:
    explicit Convolver(std::vector<float> response);
    void process(std::span<const float> in, std::vector<float>& out);

  private:
    std::vector<float> block(std::span<const float> in);
    std::size_t length_;
    RealFourier fourier_;
    std::vector<std::complex<float>> spectrum_;
    std::vector<float> tail_;
};

}  // namespace brisk::sim
