// SPDX-License-Identifier: GPL-3.0-or-later
#include "export/sound_check.h"

#include <algorithm>
#include <cmath>
#include <vector>

#include "dsp/plain_lag.h"
#include "media/read/sound_reader.h"

namespace brisk {
namespace {

constexpr SampleRate kComparedRate{48000};
constexpr double kWindowSeconds = 1.0;
constexpr double kMaxSlipSeconds = 0.0001;
constexpr int kReach = 4800;

double energyOf(std::span<const float> v) {
    double e = 0;
    for (const float x : v) e += static_cast<double>(x) * x;
    return e;
}

/// One channel of `frames` frames of the sound as it was meant, from take time `t`.
Result<std::vector<float>> meant(TakeSound& sound, Seconds t, std::size_t frames,
                                 std::size_t channel = 0) {
    const auto channels = static_cast<std::size_t>(sound.channels());
    std::vector<float> all(frames * channels);
    if (auto sought = sound.seek(kComparedRate.samples(t)); !sought)
        return tl::unexpected(sought.error());
    if (auto read = sound.read(all); !read) return tl::unexpected(read.error());
    std::vector<float> out(frames);
    for (std::size_t n = 0; n < frames; ++n) out[n] = all[n * channels + channel];
    return out;
}

/// The start of the loudest second within a stretch.
Result<Seconds> loudestSecond(TakeSound& sound, TimeRange stretch) {
    const auto frames = static_cast<std::size_t>(kComparedRate.samples(stretch.length()));
    auto all = meant(sound, stretch.start, frames);
    if (!all) return tl::unexpected(all.error());
    const auto window = static_cast<std::size_t>(kComparedRate.samples({kWindowSeconds}));
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
    return stretch.start + kComparedRate.seconds(static_cast<std::int64_t>(where));
}

}  // namespace

Seconds SoundCheck::worst() const {
    Seconds most;
    for (const Seconds s : {start, middle, end}) most = std::max(most, Seconds{std::fabs(s.value)});
    return most;
}

Facts compareSamples(const FileTrack& track, const SampleDigest& rendered,
                     const SampleDigest& written) {
    const auto at = rendered.firstDifference(written);
    if (!at) return {};
    if (rendered.frames() != written.frames()) {
        return {
            {"samples-not-rendered-count",
             {{"track", track.what}, {"samples", written.frames()}, {"meant", rendered.frames()}}}};
    }
    return {{"not-as-rendered", {{"track", track.what}, {"from", kComparedRate.seconds(*at)}}}};
}

namespace {

/// One channel around one moment.
struct Spot {
    Seconds at;  ///< Take time.
    Seconds slip;
    bool measured = false;
    bool fits = true;
};

/// Measures one channel of the file against what was meant.
class SpotCheck {
  public:
    SpotCheck(TakeSound& sound, SoundReader& reader, Seconds start)
        : sound_(sound), reader_(reader), start_(start) {}

    /// \param at  take time.
    Result<Spot> measure(Seconds at, std::size_t channel) {
        Spot spot{at, {}};
        auto want = meant(
            sound_, at, static_cast<std::size_t>(kComparedRate.samples({kWindowSeconds})), channel);
        if (!want) return tl::unexpected(want.error());
        // The tether's samples lie at whole 1 / 48000 s of take time, the file's may not.
        const double exact =
            (kComparedRate.seconds(kComparedRate.samples(at)) - start_).value * kComparedRate.hertz;
        const auto first = static_cast<std::int64_t>(std::floor(exact));
        std::vector<float> got(want->size());
        const int which = reader_.channels() > 1 ? static_cast<int>(channel) : 0;
        if (auto read = readMono(reader_, first, got, which); !read) {
            return tl::unexpected(read.error());
        }
        const PlainLag lag = measureLag(*want, got, kReach);
        if (lag.correlation == 0 && energyOf(*want) < 1e-6) return spot;
        spot.measured = true;
        spot.slip = {(lag.samples - (exact - static_cast<double>(first))) / kComparedRate.hertz};
        spot.fits = lag.correlation >= 0.8 && std::fabs(spot.slip.value) <= kMaxSlipSeconds;
        return spot;
    }

  private:
    TakeSound& sound_;
    SoundReader& reader_;
    Seconds start_;  // take time of the file's first sample
};

}  // namespace

Result<SoundCheck> checkSound(const FileTrack& track, TimeRange held, const MediaInfo& written,
                              std::size_t index, Seconds begins) {
    SoundCheck check;
    auto reader = SoundReader::open(written.path, written.sounds[index].stream);
    if (!reader) return tl::unexpected(reader.error());
    auto sound = TakeSound::open(track.sound, kComparedRate);
    if (!sound) return tl::unexpected(sound.error());
    if (reader->channels() != sound->channels()) {
        check.problem.push_back({"channels-not-as-meant",
                                 {{"track", track.what},
                                  {"channels", reader->channels()},
                                  {"meant", sound->channels()}}});
        return check;
    }
    const CleanPieces& pieces = track.sound.clean;
    const TimeRange covered =
        held.intersect({pieces.front().range().start, pieces.back().range().end});
    if (covered.length() < Seconds{kWindowSeconds}) return check;
    // A fifth of what is covered for each of the three places, ten seconds at most.
    const Seconds stretch{std::clamp(covered.length().value / 5, kWindowSeconds, 10.0)};
    const Seconds starts[3] = {covered.start, (covered.start + covered.end - stretch) / 2,
                               covered.end - stretch};
    Seconds* slips[3] = {&check.start, &check.middle, &check.end};
    SpotCheck spots(*sound, *reader, held.start - begins + written.soundStartInTake(index));
    for (int i = 0; i < 3; ++i) {
        auto at = loudestSecond(*sound, {starts[i], starts[i] + stretch});
        if (!at) return tl::unexpected(at.error());
        for (int channel = 0; channel < sound->channels(); ++channel) {
            auto spot = spots.measure(*at, static_cast<std::size_t>(channel));
            if (!spot) return tl::unexpected(spot.error());
            if (!spot->measured) continue;
            // Of several channels the one that is farthest away counts.
            if (std::fabs(spot->slip.value) >= std::fabs(slips[i]->value)) *slips[i] = spot->slip;
            check.measured = true;
            if (spot->fits) continue;
            Fact away{"sound-away-from-tether",
                      {{"track", track.what}, {"at", *at}, {"by", spot->slip}}};
            if (sound->channels() > 1) {
                away.args.emplace_back("which", Fact{"in-channel", {{"channel", channel + 1}}});
            }
            check.problem.push_back(std::move(away));
        }
    }
    return check;
}

}  // namespace brisk
