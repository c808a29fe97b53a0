// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Strong types for the quantities that get mixed up: seconds, rates, parts per million.
///
///     Seconds end = start + Seconds{2.5};
///     std::int64_t n = SampleRate{48000}.samples(end);
#pragma once

#include <cmath>
#include <compare>
#include <cstdint>

namespace brisk {

/// A point or a length on some time axis; which axis is said where it is used.
struct Seconds {
    double value = 0.0;

    friend Seconds operator+(Seconds a, Seconds b) { return {a.value + b.value}; }
    friend Seconds operator-(Seconds a, Seconds b) { return {a.value - b.value}; }
    friend Seconds operator*(Seconds a, double k) { return {a.value * k}; }
    friend Seconds operator*(double k, Seconds a) { return {a.value * k}; }
    friend Seconds operator/(Seconds a, double k) { return {a.value / k}; }
    friend double operator/(Seconds a, Seconds b) { return a.value / b.value; }
    Seconds operator-() const { return {-value}; }
    friend auto operator<=>(const Seconds&, const Seconds&) = default;
    [[nodiscard]] double milliseconds() const { return value * 1e3; }
};

inline Seconds milliseconds(double ms) {
    return {ms * 1e-3};
}

/// Samples a second, counted once for all channels.
struct SampleRate {
    int hertz = 48000;

    [[nodiscard]] Seconds seconds(std::int64_t samples) const {
        return {static_cast<double>(samples) / hertz};
    }
    [[nodiscard]] std::int64_t samples(Seconds t) const { return std::llround(t.value * hertz); }
    friend bool operator==(const SampleRate&, const SampleRate&) = default;
};

/// Clock difference. Positive: the recorder counts more seconds than the camera.
struct Ppm {
    double value = 0.0;
    [[nodiscard]] double factor() const { return 1.0 + value * 1e-6; }
    friend bool operator==(const Ppm&, const Ppm&) = default;
};

/// Half-open stretch [start, end) of a time axis.
struct TimeRange {
    Seconds start;
    Seconds end;
    [[nodiscard]] Seconds length() const { return end - start; }
    [[nodiscard]] bool empty() const { return end <= start; }
    [[nodiscard]] bool contains(Seconds t) const { return t >= start && t < end; }
    [[nodiscard]] TimeRange intersect(TimeRange o) const {
        return {start > o.start ? start : o.start, end < o.end ? end : o.end};
    }
    friend bool operator==(const TimeRange&, const TimeRange&) = default;
};

}  // namespace brisk
