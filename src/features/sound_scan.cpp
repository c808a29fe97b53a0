// SPDX-License-Identifier: GPL-3.0-or-later
#include "features/sound_scan.h"

#include <vector>

#include "core/mono_mix.h"
#include "features/channel_choice.h"
#include "features/read_so_far.h"
#include "features/timecode_in_sound.h"
#include "media/read/heard_sound.h"
#include "media/read/picture_stamps.h"
#include "media/read/probe.h"

namespace brisk {
namespace {

constexpr std::size_t kBlockFrames = 8192;

void addWarnings(SoundScan& scan, const SoundReader& reader) {
    auto& w = scan.warnings;
    const StreamTroubles t = reader.troubles();
    if (t.damaged > 0) w.push_back({"damaged-sound", {{"packets", t.damaged}}});
    if (t.filled > 0) w.push_back({"sound-holes", {{"seconds", scan.rate.seconds(t.filled)}}});
    if (t.claimed > 0) {
        w.push_back({"claimed-silence", {{"seconds", scan.rate.seconds(t.claimed)}}});
    }
    if (t.nonsense > 0) w.push_back({"samples-no-numbers", {{"samples", t.nonsense}}});
    if (t.changesAt) w.push_back({"format-changes", {{"at", scan.rate.seconds(*t.changesAt)}}});
    if (scan.level.onlyChannel() >= 0) {
        w.push_back({"one-sided",
                     {{"channel", scan.level.onlyChannel() + 1},
                      {"channels", scan.level.channelRmsDb.size()}}});
    }
    if (const auto& timecode = scan.info.stamps.inSound) {
        w.push_back({"timecode-in-sound",
                     {{"channel", timecode->channel + 1},
                      {"timecode", timecode->text},
                      {"rate", timecode->frameRate}}});
    }
    if (scan.level.clippedSamples > 0) {
        w.push_back({"too-hot", {{"samples", scan.level.clippedSamples}}});
    }
    scan.info.warnings.insert(scan.info.warnings.end(), w.begin(), w.end());
}

Result<int> bestChannel(const SoundScan& scan, const JobControl& job) {
    auto reader = SoundReader::open(scan.info.path, heardSound(scan.info).streams, nullptr, job);
    if (!reader) return tl::unexpected(reader.error());
    const Seconds own = scan.info.sounds.front().duration;
    return chooseChannel(*reader, own > Seconds{0} ? own : scan.info.duration);
}

/// Of a recording that is being read.
bool isSearchedInParts(const SoundScan& scan) {
    return !scan.info.video && scan.info.container == "wav";
}

SoundScan partOf(const SoundScan& reading, const BandLevelMeter& bands) {
    SoundScan out;
    out.info = reading.info;
    out.samples = reading.samples;
    out.rate = reading.rate;
    out.channel = reading.channel;
    out.peaks = reading.peaks;
    out.bands = bands.soFar();
    return out;
}

/// A film without sound: only its pictures are read.
Result<SoundScan> scanPictures(SoundScan scan, const ScanOptions& options, const JobControl& job) {
    const int pictures = scan.info.video->stream;
    auto indexed = indexedPictureStamps(scan.info.path, pictures, job);
    if (!indexed) return tl::unexpected(indexed.error());
    auto stamps = *indexed ? Result<std::vector<PictureStamp>>(std::move(**indexed))
                           : readPictureStamps(scan.info.path, pictures, job);
    if (!stamps) return tl::unexpected(stamps.error());
    scan.rate = SoundReader::kSilentRate;
    scan.channel = kMeanOfChannels;
    scan.peaks = options.peaks ? options.peaks : std::make_shared<PeakPyramid>();
    scan.peaks->finish();
    scan.level = LevelMeter(scan.rate, 1, options.loudness, false).report();
    auto reader = scan.open();
    if (!reader) return tl::unexpected(reader.error());
    scan.seekIndex = reader->seekIndex();
    scan.pictures = PictureTimes(*stamps, scan.info.video->timeBase, scan.info.video->firstPts);
    scan.warnings.push_back({"film-without-sound"});
    scan.info.warnings.push_back(scan.warnings.back());
    return scan;
}

}  // namespace

Result<SoundReader> SoundScan::open() const {
    return SoundReader::open(info.path, heardSound(info).streams, seekIndex);
}

Result<SoundScan> scanSound(const std::string& path, const ScanOptions& options,
                            const JobControl& job) {
    auto info = options.silentTakes ? probe(path, job) : probeWithSound(path, job);
    if (!info) return tl::unexpected(info.error());
    SoundScan scan;
    scan.info = std::move(*info);
    if (options.onInfo) options.onInfo(scan.info);
    if (scan.silent()) return scanPictures(std::move(scan), options, job);
    scan.channel = options.channel;
    auto reader = SoundReader::open(path, heardSound(scan.info).streams, nullptr, job);
    if (!reader) return tl::unexpected(reader.error());
    std::vector<PictureStamp> stamps;
    if (scan.info.video) {
        const int pictures = scan.info.video->stream;
        auto indexed = indexedPictureStamps(path, pictures, job);
        if (!indexed) return tl::unexpected(indexed.error());
        if (*indexed) {
            stamps = std::move(**indexed);
        } else {
            reader->collectPictureTimes(pictures);
        }
    }
    scan.rate = reader->rate();
    const auto channels = static_cast<std::size_t>(reader->channels());
    if (options.channel == kBestChannel && channels > 1) {
        auto chosen = bestChannel(scan, job);
        if (!chosen) return tl::unexpected(chosen.error());
        scan.channel = *chosen;
    }
    if (options.channel >= reader->channels()) {
        return failAt(
            ErrorCode::NoSound, path,
            {"no-such-channel", {{"channels", channels}, {"channel", options.channel + 1}}});
    }

    scan.peaks = options.peaks ? options.peaks : std::make_shared<PeakPyramid>();
    BandLevelMeter bands(scan.rate);
    const bool floats =
        !scan.info.sounds.empty() && scan.info.sounds.front().codec.starts_with("pcm_f");
    LevelMeter level(scan.rate, reader->channels(), options.loudness, floats);
    SpikeDetector spikes(scan.rate);
    TimecodeListener timecode(scan.rate, reader->channels());
    // A camera's sound is windows among pictures, which would have to be found again, and coded.
    std::shared_ptr<NotedSound> noted = scan.info.video ? NotedSound::begin() : nullptr;
    std::vector<float> block(kBlockFrames * channels);
    std::vector<float> mono;
    ReadSoFar soFar(scan.rate, options.partsAfter);
    const bool inParts = options.onPart && isSearchedInParts(scan);
    const double expected = std::max(1.0, scan.info.duration.value * scan.rate.hertz);
    for (;;) {
        if (job.stopRequested()) return cancelled();
        auto got = reader->read(block);
        if (!got) return tl::unexpected(got.error());
        if (*got == 0) break;
        const auto part = std::span<const float>(block).first(*got * channels);
        mono.resize(*got);
        mixToMono(part, channels, scan.channel, mono);
        scan.peaks->push(mono);
        bands.push(mono);
        level.push(part);
        timecode.push(part);
        spikes.push(mono);
        if (noted && !noted->push(mono)) noted.reset();
        scan.samples += static_cast<std::int64_t>(*got);
        if (inParts && soFar.due(scan.samples)) options.onPart(partOf(scan, bands));
        job.report(std::min(1.0, static_cast<double>(scan.samples) / expected));
    }
    if (noted && noted->finish()) scan.noted = std::move(noted);
    scan.peaks->finish();
    scan.bands = bands.finish();
    scan.level = level.report();
    scan.spikes = spikes.finish();
    scan.info.stamps.inSound = timecode.found();
    scan.seekIndex = reader->seekIndex();
    if (scan.info.video) {
        if (stamps.empty()) stamps = reader->takePictureTimes();
        scan.pictures = PictureTimes(stamps, scan.info.video->timeBase, scan.info.video->firstPts);
    }
    addWarnings(scan, *reader);
    return scan;
}

}  // namespace brisk
