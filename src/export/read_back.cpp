// SPDX-License-Identifier: GPL-3.0-or-later
#include "export/read_back.h"

#include <algorithm>
#include <cmath>
#include <vector>

#include "core/time_text.h"
#include "dsp/plain_lag.h"
#include "export/file_tracks.h"
#include "export/video_export.h"
#include "media/packet_digest.h"
#include "media/probe.h"
#include "render/take_sound.h"

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

/// The part of a take's packets that a cut copies, timed from its first shown picture.
PacketList packetsOf(const PacketList& all, const PictureCut& cut, std::int64_t firstPts) {
    PacketList out{all.timeBase, {}};
    const auto first = all.packets.begin() + cut.firstPacket;
    out.packets.assign(first, first + cut.packets);
    for (PacketDigest& p : out.packets) {
        p.pts -= cut.startPts - firstPts;
        p.dts -= cut.startPts - firstPts;
    }
    return out;
}

void say(ReadBack& r, const std::string& problem) {
    r.problem += (r.problem.empty() ? "" : " ") + problem;
}

/// Measures one sound of the file where its pieces reach: a fifth of that for each of the three
/// places, ten seconds at most. The slips kept are those of the clean sound; others only speak up.
Result<void> checkTrack(const VideoExportPlan& plan, const FileTrack& track, const MediaInfo& info,
                        std::size_t index, ReadBack& r) {
    auto reader = SoundReader::open(info.path, info.sounds[index].stream);
    if (!reader) return tl::unexpected(reader.error());
    auto sound = TakeSound::open(track.sound, kRate);
    if (!sound) return tl::unexpected(sound.error());
    const Seconds soundStart = info.soundStartInTake(index);
    const TimeRange held =
        plan.cut ? TimeRange{plan.cut->start, std::min(plan.cut->end, plan.stretch->end)}
                 : TimeRange{{0}, plan.take.pictures.end()};
    const Seconds begins = plan.cut ? plan.cut->start : Seconds{0};
    const CleanPieces& pieces = track.sound.clean;
    const TimeRange covered =
        held.intersect({pieces.front().range().start, pieces.back().range().end});
    if (covered.length() < Seconds{kWindowSeconds}) return {};
    const Seconds stretch{std::clamp(covered.length().value / 5, kWindowSeconds, 10.0)};
    const Seconds starts[3] = {covered.start, (covered.start + covered.end - stretch) / 2,
                               covered.end - stretch};
    Seconds* slips[3] = {&r.slipStart, &r.slipMiddle, &r.slipEnd};
    for (int i = 0; i < 3; ++i) {
        auto at = loudestSecond(*sound, {starts[i], starts[i] + stretch});
        if (!at) return tl::unexpected(at.error());
        auto want = meant(*sound, *at, static_cast<std::size_t>(kRate.samples({kWindowSeconds})));
        if (!want) return tl::unexpected(want.error());
        // The tether's samples lie at whole 1 / 48000 s of take time, the file's may not.
        const double exact =
            (Seconds{static_cast<double>(kRate.samples(*at)) / kRate.hertz} - begins - soundStart)
                .value *
            kRate.hertz;
        const auto first = static_cast<std::int64_t>(std::floor(exact));
        std::vector<float> got(want->size());
        if (auto read = readMono(*reader, first, got, 0); !read) {
            return tl::unexpected(read.error());
        }
        const PlainLag lag = measureLag(*want, got, kReach);
        if (lag.correlation == 0 && energyOf(*want) < 1e-6) continue;
        const Seconds slip{(lag.samples - (exact - static_cast<double>(first))) / kRate.hertz};
        if (index == 0) {
            r.soundMeasured = true;
            *slips[i] = slip;
        }
        if (lag.correlation < 0.8 || std::fabs(slip.value) > kMostSlipSeconds) {
            say(r, "The " + track.words + " at " + clockText(*at, 1) + " lies " + slipText(slip) +
                       " from where the tether says.");
        }
    }
    return {};
}

}  // namespace

Result<ReadBack> readBack(const VideoExportPlan& plan, const std::string& path,
                          const JobControl& job) {
    ReadBack r;
    auto source = pictureDigest(plan.take.info.path);
    if (!source) return tl::unexpected(source.error());
    auto written = pictureDigest(path);
    if (!written) return tl::unexpected(written.error());
    r.pictures = static_cast<std::int64_t>(written->packets.size());
    if (plan.cut) *source = packetsOf(*source, *plan.cut, plan.take.info.video->firstPts);
    r.problem = differenceBetween(*source, *written);
    r.pictureIdentical = r.problem.empty();
    if (!r.pictureIdentical) r.problem = "The picture differs from the take: " + r.problem + ".";
    job.report(0.5);

    auto info = probeWithSound(path);
    if (!info) return tl::unexpected(info.error());
    const auto tracks = fileTracks(plan.sound);
    if (info->sounds.size() != tracks.size()) {
        say(r, "It holds " + std::to_string(info->sounds.size()) + " sounds and not " +
                   std::to_string(tracks.size()) + ".");
        return r;
    }
    for (std::size_t i = 0; i < tracks.size(); ++i) {
        if (job.stopRequested()) return cancelled();
        if (auto checked = checkTrack(plan, tracks[i], *info, i, r); !checked) {
            return tl::unexpected(checked.error());
        }
        job.report(0.5 + 0.5 * static_cast<double>(i + 1) / static_cast<double>(tracks.size()));
    }
    return r;
}

}  // namespace brisk
