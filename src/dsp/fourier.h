// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Real Fourier transform of one size, with buffers of its own.
///
///     RealFourier f(1024);
///     fill(f.time()); f.forward(); use(f.spectrum());
///
/// Shape: n real values <-> n / 2 + 1 complex ones. The inverse divides by n, so that a round trip
/// changes nothing. Threads: one object a thread; making one takes a global lock for a moment, the
/// first of its size for some milliseconds. Running takes none.
#pragma once

#include <complex>
#include <memory>
#include <span>

namespace brisk {

class RealFourier {
  public:
    explicit RealFourier(int n);
    RealFourier(RealFourier&&) noexcept;
    RealFourier& operator=(RealFourier&&) noexcept;
    ~RealFourier();

    [[nodiscard]] int size() const;
    [[nodiscard]] std::span<float> time();
    [[nodiscard]] std::span<std::complex<float>> spectrum();
    void forward();  ///< time -> spectrum; time keeps its contents.
    void inverse();  ///< spectrum -> time; spectrum is destroyed.

  private:
    struct State;
    std::unique_ptr<State> state_;
};

/// The smallest power of two that is at least n.
int powerOfTwoAtLeast(long long n);

}  // namespace brisk
