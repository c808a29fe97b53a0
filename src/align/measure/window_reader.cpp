// SPDX-License-Identifier: GPL-3.0-or-later
// The recording is read along the line, resampled by its drift, so that what is compared runs at
// one speed. Why: at 100 ppm the ends of a window of 1.4 s are 0.14 ms apart, more than is to be
// measured.
#include "align/measure/window_reader.h"

#include <algorithm>
#include <cassert>
#include <cmath>

#include "dsp/resampler.h"
#include "dsp/window_interpolation.h"

namespace brisk {
namespace {

constexpr double kOneSpeed = 2e-3;  // more is another rate, which has to be filtered

struct Piece {
    std::vector<float> samples;
    Seconds start;  ///< Where it really begins, within half a sample of what was asked.
};

/// The same where the sound is at kRate and only its clock differs: at exactly these positions.
Result<Piece> pieceOfAnotherClock(HeldSound& sound, Seconds start, double speed, int size,
                                  std::vector<float>& in) {
    const double exact = start.value * sound.scan().rate.hertz;
    const double whole = std::floor(exact);
    in.resize(static_cast<std::size_t>(std::ceil(size * speed)) + std::size_t{2} * kWindowReach +
              2);
    if (auto read = sound.read(static_cast<std::int64_t>(whole) - kWindowReach, in); !read) {
        return tl::unexpected(read.error());
    }
    Piece out{std::vector<float>(static_cast<std::size_t>(size)), start};
    readAtPositions(in, kWindowReach + exact - whole, speed, out.samples);
    return out;
}

/// `size` samples at kRate from `start`, of a clock that runs `speed` times as fast.
/// \param in  is used for what is read.
Result<Piece> piece(HeldSound& sound, Seconds start, double speed, int size,
                    std::vector<float>& in) {
    const SoundScan& scan = sound.scan();
    const double rate = scan.rate.hertz * speed;
    constexpr int kMargin = 256;  // lets the resampler's filter settle
    const bool as = rate == WindowReader::kRate;
    if (!as && scan.rate.hertz == WindowReader::kRate && std::fabs(speed - 1) <= kOneSpeed) {
        return pieceOfAnotherClock(sound, start, speed, size, in);
    }
    const double exact = start.value * scan.rate.hertz;
    const int margin = as ? 0 : kMargin;
    const auto first =
        static_cast<std::int64_t>(as ? std::llround(exact) : std::floor(exact)) - margin;
    const auto need = static_cast<std::size_t>(std::ceil(size * rate / WindowReader::kRate)) +
                      (as ? 0 : 2 * kMargin + 2);
    if (as) {
        Piece out{std::vector<float>(need), scan.rate.seconds(first)};
        if (auto read = sound.read(first, out.samples); !read) return tl::unexpected(read.error());
        return out;
    }
    in.resize(need);
    if (auto read = sound.read(first, in); !read) return tl::unexpected(read.error());
    const double lead = exact - static_cast<double>(first);
    auto out = resampleBlock(in, rate, WindowReader::kRate, StreamResampler::Quality::Measuring);
    const auto skip = static_cast<std::ptrdiff_t>(std::lround(lead * WindowReader::kRate / rate));
    out.erase(out.begin(), out.begin() + std::min<std::ptrdiff_t>(
                                             skip, static_cast<std::ptrdiff_t>(out.size())));
    out.resize(static_cast<std::size_t>(size), 0.0f);
    const double at =
        static_cast<double>(first) + static_cast<double>(skip) * rate / WindowReader::kRate;
    return Piece{std::move(out), {at / scan.rate.hertz}};
}

}  // namespace

Result<WindowReader> WindowReader::open(const SoundScan& take, const SoundScan& recording) {
    auto a = HeldSound::open(take);
    if (!a) return tl::unexpected(a.error());
    return open(std::move(*a), recording);
}

Result<WindowReader> WindowReader::open(std::shared_ptr<HeldSound> take,
                                        const SoundScan& recording) {
    auto r = HeldSound::open(recording);
    if (!r) return tl::unexpected(r.error());
    return WindowReader(std::move(take), std::move(*r));
}

TimeRange WindowReader::overlap(ClockLine line) const {
    return TimeRange{{0}, take().length()}.intersect(
        {line.toTake({0}), line.toTake(recording().length())});
}

Result<SoundWindow> WindowReader::read(ClockLine line, Seconds cleanStart, int size) {
    assert(size > 0);
    SoundWindow w;
    const Seconds s = line.toTake(cleanStart);
    w.middle = s + Seconds{0.5 * size / kRate};
    auto a = piece(*scratch_, s, 1.0, size, before_);
    if (!a) return tl::unexpected(a.error());
    auto r = piece(*clean_, cleanStart, line.drift.factor(), size, before_);
    if (!r) return tl::unexpected(r.error());
    w.lagCorrection = (a->start - s) - (r->start - cleanStart);
    w.scratch = std::move(a->samples);
    w.clean = std::move(r->samples);
    return w;
}

}  // namespace brisk
