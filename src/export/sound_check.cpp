// SPDX-License-Identifier: GPL-3.0-or-later
#include "export/sound_check.h"

#include <algorithm>
#include <cmath>
#include <vector>

#include "core/time_text.h"
#include "dsp/plain_lag.h"
#include "media/sound_reader.h"

namespace brisk {
namespace {

constexpr SampleRate kRate{48000};
constexpr double kWindowSeconds = 1.0;
constexpr double kMostSlipSeconds = 0.0001;
constexpr int kReach = 4800;

double energyOf(std::span<const float> v) {
    double e = 0;
    for (const float x : v) e += static_cast<double>(x) * x;
    return e;
}

/// First channel of `frames` frames of the sound as it was meant, from take time `t`.
Result<std::vector<float>> meant(TakeSound& sound, Seconds t, std::size_t frames) {
    const auto channels = static_cast<std::size_t>(sound.channels());
    std::vector<float> all(frames * channels);
    if (auto sought = sound.seek(kRate.samples(t)); !sought) return tl::unexpected(sought.error());
    if (auto read = sound.read(all); !read) return tl::unexpected(read.error());
    std::vector<float> out(frames);
    for (std::size_t n = 0; n < frames; ++n) out[n] = all[n * channels];
    return out;
}

/// The start of the loudest second within a stretch.
Result<Seconds> loudestSecond(TakeSound& sound, TimeRange stretch) {
    const auto frames = static_cast<std::size_t>(kRate.samples(stretch.length()));
    auto all = meant(sound, stretch.start, frames);
    if (!all) return tl::unexpected(all.error());
    const auto window = static_cast<std::size_t>(kRate.samples({kWindowSeconds}));
    const std::size_t step = window / 4;
    double best = -1;
    std::size_t where = 0;
    for (std::size_t n = 0; n + window <= frames; n += step) {
        const double e = energyOf(std::span(*all).subspan(n, window));
        if (e > best) {
            best = e;
            where = n;
        }
    }
    return stretch.start + kRate.seconds(static_cast<std::int64_t>(where));
}

}  // namespace

Seconds SoundCheck::worst() const {
    Seconds most;
    for (const Seconds s : {start, middle, end}) most = std::max(most, Seconds{std::fabs(s.value)});
    return most;
}

Result<SoundCheck> checkSound(const FileTrack& track, TimeRange held, const MediaInfo& written,
                              std::size_t index) {
    SoundCheck check;
    auto reader = SoundReader::open(written.path, written.sounds[index].stream);
    if (!reader) return tl::unexpected(reader.error());
    auto sound = TakeSound::open(track.sound, kRate);
    if (!sound) return tl::unexpected(sound.error());
    const Seconds soundStart = written.soundStartInTake(index);
    const CleanPieces& pieces = track.sound.clean;
    const TimeRange covered =
        held.intersect({pieces.front().range().start, pieces.back().range().end});
    if (covered.length() < Seconds{kWindowSeconds}) return check;
    // A fifth of what is covered for each of the three places, ten seconds at most.
    const Seconds stretch{std::clamp(covered.length().value / 5, kWindowSeconds, 10.0)};
    const Seconds starts[3] = {covered.start, (covered.start + covered.end - stretch) / 2,
                               covered.end - stretch};
    Seconds* slips[3] = {&check.start, &check.middle, &check.end};
    for (int i = 0; i < 3; ++i) {
        auto at = loudestSecond(*sound, {starts[i], starts[i] + stretch});
        if (!at) return tl::unexpected(at.error());
        auto want = meant(*sound, *at, static_cast<std::size_t>(kRate.samples({kWindowSeconds})));
        if (!want) return tl::unexpected(want.error());
        // The tether's samples lie at whole 1 / 48000 s of take time, the file's may not.
        const double exact = (Seconds{static_cast<double>(kRate.samples(*at)) / kRate.hertz} -
                              held.start - soundStart)
                                 .value *
                             kRate.hertz;
        const auto first = static_cast<std::int64_t>(std::floor(exact));
        std::vector<float> got(want->size());
        if (auto read = readMono(*reader, first, got, 0); !read) {
            return tl::unexpected(read.error());
        }
        const PlainLag lag = measureLag(*want, got, kReach);
        if (lag.correlation == 0 && energyOf(*want) < 1e-6) continue;
        check.measured = true;
        *slips[i] = {(lag.samples - (exact - static_cast<double>(first))) / kRate.hertz};
        if (lag.correlation < 0.8 || std::fabs(slips[i]->value) > kMostSlipSeconds) {
            check.problem += (check.problem.empty() ? "" : " ") + std::string("The ") +
                             track.words + " at " + clockText(*at, 1) + " lies " +
                             slipText(*slips[i]) + " from where the tether says.";
        }
    }
    return check;
}

}  // namespace brisk
