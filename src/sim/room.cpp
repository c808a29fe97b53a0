// SPDX-License-Identifier: GPL-3.0-or-later
// Early reflections by mirrored rooms, then a diffuse tail of decaying noise at the level that a
// room of that size and echo time has.
// Source: Allen & Berkley 1979, the image method; Kuttruff, "Room Acoustics", the reverberation
// radius.
#include "sim/room.h"

#include <algorithm>
#include <cmath>

#include "sim/noise.h"

namespace brisk::sim {
namespace {

constexpr double kRate = 48000;

/// Adds a pulse at a delay between samples.
void addPulse(std::vector<float>& h, double seconds, double gain) {
    const double at = seconds * kRate;
    const auto whole = static_cast<std::int64_t>(std::floor(at));
    for (std::int64_t k = whole - 15; k <= whole + 16; ++k) {
        if (k < 0 || k >= static_cast<std::int64_t>(h.size())) continue;
        const double x = static_cast<double>(k) - at;
        const double sinc = std::fabs(x) < 1e-9 ? 1 : std::sin(M_PI * x) / (M_PI * x);
        const double window = 0.5 + 0.5 * std::cos(M_PI * x / 17);
        h[static_cast<std::size_t>(k)] += static_cast<float>(gain * sinc * window);
    }
}

/// Makes the direct pulse, now of `gain`, as strong against all the rest as asked.
void setDirect(std::vector<float>& h, double seconds, double gain, double directDb) {
    addPulse(h, seconds, -gain);
    double echo = 0;
    for (const float v : h) echo += static_cast<double>(v) * v;
    addPulse(h, seconds, std::sqrt(echo * std::pow(10.0, directDb / 10)));
}

/// Speaker and microphone on the room's long axis, a little off the middle.
class Standing {
  public:
    Standing(const RoomSpec& room, double distance)
        : room_(room),
          sx_(0.45 * room.width),
          sy_(0.2 * room.length),
          mx_(0.55 * room.width),
          my_(sy_ + along(distance)),
          deep_(std::max(room.length, my_ + 1.0)) {}

    [[nodiscard]] double volume() const { return room_.width * deep_ * room_.height; }
    [[nodiscard]] double surface() const {
        return 2 * (room_.width * deep_ + room_.width * room_.height + deep_ * room_.height);
    }
    /// Of the microphone from a mirrored speaker, metres.
    [[nodiscard]] double toImage(int i, int j, int k) const {
        const auto image = [](int n, double side, double at) {
            return n % 2 == 0 ? n * side + at : (n + 1) * side - at;
        };
        const double x = image(i, room_.width, sx_) - mx_, y = image(j, deep_, sy_) - my_,
                     z = image(k, room_.height, kMouth) - kMicrophone;
        return std::sqrt(x * x + y * y + z * z);
    }

  private:
    static constexpr double kMouth = 1.2, kMicrophone = 1.5;  // metres above the floor
    [[nodiscard]] double along(double distance) const {
        const double flat = std::hypot(mx_ - sx_, kMicrophone - kMouth);
        return std::sqrt(std::max(0.01, distance * distance - flat * flat));
    }

    const RoomSpec& room_;
    const double sx_, sy_, mx_, my_;
    const double deep_;  // the room holds its microphone
};

}  // namespace

std::vector<Arrival> earlyEchoes(const RoomSpec& room, double distance) {
    std::vector<Arrival> out;
    if (room.rt60 <= 0) return out;
    const Standing at(room, distance);
    const double absorbed =
        std::clamp(0.161 * at.volume() / (at.surface() * room.rt60), 0.02, 0.95);
    const double reflect = std::sqrt(1 - absorbed);
    const int order = 3;
    for (int i = -order; i <= order; ++i) {
        for (int j = -order; j <= order; ++j) {
            for (int k = -order; k <= order; ++k) {
                const int bounces = std::abs(i) + std::abs(j) + std::abs(k);
                if (bounces == 0 || bounces > order) continue;
                const double d = at.toImage(i, j, k);
                out.push_back({d / kMetresPerSecond, std::pow(reflect, bounces) / d});
            }
        }
    }
    return out;
}

std::vector<float> diffuseTail(const RoomSpec& room, double distance, std::uint64_t seed) {
    NoiseSource random(seed);
    const double direct = distance / kMetresPerSecond;
    std::vector<float> h(static_cast<std::size_t>((direct + std::max(0.05, room.rt60)) * kRate) +
                         64);
    if (room.rt60 <= 0) return h;
    // Beyond the reverberation radius the tail holds more energy than the direct sound.
    const double radius = 0.057 * std::sqrt(Standing(room, distance).volume() / room.rt60);
    const double decay = 6.91 / room.rt60;
    const double mixing = direct + 0.018;
    const double energy = 1 / (radius * radius);
    const double scale = std::sqrt(energy * 2 * decay / kRate);
    for (auto n = static_cast<std::size_t>(mixing * kRate); n < h.size(); ++n) {
        const double t = static_cast<double>(n) / kRate - direct;
        h[n] = static_cast<float>(scale * std::exp(-decay * t)) * random.normal();
    }
    return h;
}

std::vector<float> roomResponse(const RoomSpec& room, double distance, std::uint64_t seed) {
    const double direct = distance / kMetresPerSecond, gain = 1 / std::max(0.1, distance);
    const std::vector<float> tail = diffuseTail(room, distance, seed);
    std::vector<float> h(tail.size());
    addPulse(h, direct, gain);
    if (room.rt60 <= 0) return h;
    for (const Arrival& a : earlyEchoes(room, distance)) addPulse(h, a.seconds, a.gain);
    for (std::size_t n = 0; n < h.size(); ++n) h[n] += tail[n];
    if (room.directDb) setDirect(h, direct, gain, *room.directDb);
    return h;
}

Convolver::Convolver(std::vector<float> response)
    : length_(response.size()),
      fourier_(powerOfTwoAtLeast(static_cast<long long>(response.size()) * 2)),
      tail_(response.size(), 0.0f) {
    auto time = fourier_.time();
    std::fill(time.begin(), time.end(), 0.0f);
    std::copy(response.begin(), response.end(), time.begin());
    fourier_.forward();
    spectrum_.assign(fourier_.spectrum().begin(), fourier_.spectrum().end());
}

void Convolver::process(std::span<const float> in, std::vector<float>& out) {
    const std::size_t most = static_cast<std::size_t>(fourier_.size()) - length_;
    while (!in.empty()) {
        const auto part = in.first(std::min(most, in.size()));
        const auto made = block(part);
        out.insert(out.end(), made.begin(), made.end());
        in = in.subspan(part.size());
    }
}

std::vector<float> Convolver::block(std::span<const float> in) {
    auto time = fourier_.time();
    std::fill(time.begin(), time.end(), 0.0f);
    std::copy(in.begin(), in.end(), time.begin());
    fourier_.forward();
    auto s = fourier_.spectrum();
    for (std::size_t k = 0; k < s.size(); ++k) s[k] *= spectrum_[k];
    fourier_.inverse();
    time = fourier_.time();
    for (std::size_t n = 0; n < tail_.size(); ++n) time[n] += tail_[n];
    std::vector<float> out(time.begin(), time.begin() + static_cast<std::ptrdiff_t>(in.size()));
    std::copy_n(time.begin() + static_cast<std::ptrdiff_t>(in.size()), tail_.size(), tail_.begin());
    return out;
}

}  // namespace brisk::sim
