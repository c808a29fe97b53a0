// SPDX-License-Identifier: GPL-3.0-or-later
#include "bench/pair_maker.h"

#include <algorithm>
#include <cmath>
#include <filesystem>
#include <numbers>

#include "bench/pair_troubles.h"
#include "dsp/resampler.h"
#include "media/write/movie_writer.h"
#include "sim/gain_rider.h"
#include "sim/noise.h"
#include "sim/room.h"

namespace brisk::bench {
namespace {

constexpr int kRate = 48000;

std::vector<float> inRoom(const std::vector<float>& world, const sim::RoomSpec& room,
                          double distance, std::uint64_t seed) {
    sim::Convolver c(sim::roomResponse(room, distance, seed));
    std::vector<float> out;
    out.reserve(world.size());
    c.process(world, out);
    return out;
}

double rmsOf(const std::vector<float>& v) {
    double sum = 0;
    for (const float x : v) sum += static_cast<double>(x) * x;
    return std::sqrt(sum / static_cast<double>(std::max<std::size_t>(1, v.size())));
}

Result<std::vector<float>> noiseOf(const PairSpec& s, std::size_t count) {
    std::vector<float> out(count);
    sim::NoiseSource random(s.seed + 71);
    if (s.noise == Noise::Voices) {
        for (std::uint64_t k = 0; k < 4; ++k) {
            SourceChoice other = s.source;
            other.kind = SourceKind::RealVoices;
            other.part = kVoicesInNoise;
            auto voice = sourceSound(other, s.seed * 31 + k, static_cast<double>(count) / kRate);
            if (!voice) return voice;
            for (std::size_t n = 0; n < std::min(count, voice->size()); ++n) out[n] += (*voice)[n];
        }
    } else if (s.noise == Noise::Wind) {
        // Rumble whose strength wanders over seconds.
        float low = 0, lower = 0, gust = 0, slow = 0;
        for (auto& v : out) {
            const float white = random.normal();
            low += 0.02f * (white - low);
            lower += 0.004f * (low - lower);
            gust += 0.00004f * (random.normal() * 60 - gust);
            slow += 0.0002f * (std::fabs(gust) - slow);
            v = (0.02f * white + low + 8 * lower) * (0.1f + slow);
        }
    } else {
        sim::RoomTone tone(s.seed + 5);
        for (auto& v : out) v = tone.next();
    }
    return out;
}

void lowpass(std::vector<float>& v, double hz) {
    const auto k = static_cast<float>(1 - std::exp(-2 * std::numbers::pi * hz / kRate));
    float a = 0, b = 0;
    for (auto& x : v) {
        a += k * (x - a);
        b += k * (a - b);
        x = b;
    }
}

void repair(std::vector<float>& v, Repair how) {
    if (how == Repair::Equalised) {  // less bass, more presence
        float low = 0, high = 0;
        for (auto& x : v) {
            low += 0.04f * (x - low);
            high += 0.5f * (x - high);
            x = 0.8f * (x - 0.8f * low + 0.9f * (x - high));
        }
        return;
    }
    if (how == Repair::None) return;
    float envelope = 0;
    float gain = 1;
    const bool gate = how == Repair::Gated;
    for (auto& x : v) {
        const float level = std::fabs(x);
        envelope += (level > envelope ? 0.004f : 0.0004f) * (level - envelope);
        const float wanted =
            gate ? (envelope > 0.012f ? 1.0f : 0.0f)
                 : std::min(1.0f, std::pow(0.03f / std::max(envelope, 1e-4f), 0.75f));
        gain += (wanted > gain ? 0.004f : 0.0003f) * (wanted - gain);
        x *= gain * (gate ? 1.0f : 3.0f);
    }
}

Result<void> write(const std::string& path, const std::string& codec, int rate, float gain,
                   const std::vector<float>& mono) {
    MovieSpec file;
    file.path = path;
    file.sound = SoundTrackSpec{codec, {rate}, 1, 0, {}};
    auto writer = MovieWriter::create(file);
    if (!writer) return tl::unexpected(writer.error());
    std::vector<float> block(mono);
    for (auto& x : block) x = std::clamp(x * gain, -1.0f, 1.0f);
    if (auto done = writer->sound(block); !done) return done;
    return writer->finish();
}

std::string extensionFor(const std::string& codec) {
    if (codec == "aac") return ".m4a";
    if (codec == "libmp3lame") return ".mp3";
    if (codec == "libopus") return ".ogg";
    if (codec == "flac") return ".flac";
    return ".wav";
}

/// Seconds [from, from + length) of `v`, silence outside.
std::vector<float> cut(const std::vector<float>& v, double from, double length) {
    std::vector<float> out(static_cast<std::size_t>(std::llround(length * kRate)), 0.0f);
    const std::int64_t first = std::llround(from * kRate);
    for (std::size_t n = 0; n < out.size(); ++n) {
        const std::int64_t at = first + static_cast<std::int64_t>(n);
        if (at >= 0 && at < static_cast<std::int64_t>(v.size())) {
            out[n] = v[static_cast<std::size_t>(at)];
        }
    }
    return out;
}

/// What is heard for some seconds of a long day: of what was before, the echoes.
std::vector<float> heardFrom(const std::vector<float>& world, const sim::RoomSpec& room,
                             double distance, std::uint64_t seed, double begins, double lasts) {
    constexpr double kEchoes = 3;  // seconds, longer than any room's response
    const double from = std::max(0.0, begins - kEchoes);
    return cut(inRoom(cut(world, from, begins - from + lasts), room, distance, seed), begins - from,
               lasts);
}

Result<std::vector<float>> worldOf(const PairSpec& s, double seconds, double lead) {
    if (!s.claps.empty()) {
        std::vector<float> world(static_cast<std::size_t>(seconds * kRate), 0.0f);
        for (std::size_t i = 0; i < s.claps.size(); ++i) {
            const auto clap = sim::handClap(s.recorderSeed * 13 + i);
            const auto at = static_cast<std::size_t>((s.claps[i] + lead) * kRate);
            for (std::size_t k = 0; k < clap.size() && at + k < world.size(); ++k) {
                world[at + k] += 0.8f * clap[k];
            }
        }
        return world;
    }
    const double wanted = s.loopSeconds > 0 ? s.loopSeconds : seconds;
    auto world = sourceSound(s.source, s.recorderSeed, wanted);
    if (!world || s.loopSeconds <= 0) return world;
    const std::size_t period = world->size();
    world->resize(static_cast<std::size_t>(seconds * kRate));
    for (std::size_t n = period; n < world->size(); ++n) (*world)[n] = (*world)[n - period];
    return world;
}

void addAt(std::vector<float>& sound, const std::vector<float>& other, double db) {
    const double gain = rmsOf(sound) / std::max(1e-9, rmsOf(other)) * std::pow(10.0, db / 20);
    for (std::size_t n = 0; n < std::min(sound.size(), other.size()); ++n) {
        sound[n] += static_cast<float>(gain) * other[n];
    }
}

/// What is heard where the take is shot; where that is another day or house, what the recorder
/// hears changes into what it hears there.
Result<std::vector<float>> takeWorldOf(const PairSpec& s, std::vector<float>& recorded) {
    if (s.elsewhere == Elsewhere::No) return recorded;
    const double seconds = static_cast<double>(recorded.size()) / kRate;
    SourceChoice others = s.source;
    others.part = 1;
    auto world = sourceSound(others, s.recorderSeed + 1, seconds);
    if (!world || s.elsewhere == Elsewhere::OtherDay) return world;
    auto programme = sourceSound({SourceKind::Music, s.source.set}, s.recorderSeed + 2, seconds);
    if (!programme) return programme;
    addAt(recorded, *programme, s.programmeDb);
    addAt(*world, *programme, s.programmeDb);
    return world;
}

std::vector<sim::TrueLine> truthOf(const PairSpec& s, const sim::RecorderClock& clock) {
    if (s.elsewhere != Elsewhere::No) return {};
    auto truth = sim::trueLines({s.takeStart, s.takeSeconds, s.recordingSeconds,
                                 (s.distance - s.recorderDistance) / sim::kMetresPerSecond},
                                s.losses, clock);
    if (s.claps.empty() || truth.empty()) return truth;
    // Nothing else is heard: the truth is about the claps.
    const ClockLine line = truth.front().line;
    return {{line.toTake({clock.counted(s.claps.front())}).value,
             line.toTake({clock.counted(s.claps.back())}).value, line}};
}

sim::RoomSpec roomOf(const PairSpec& s) {
    sim::RoomSpec room;
    room.rt60 = s.rt60;
    room.width = 5 + static_cast<double>(s.recorderSeed % 5);
    room.length = 7 + static_cast<double>(s.recorderSeed % 7);
    return room;
}

Result<void> writeTake(const PairSpec& s, const std::vector<float>& world, double lead,
                       const std::string& path) {
    sim::RoomSpec room = roomOf(s);
    room.directDb = s.directDb;
    double lostInTake = 0;
    for (const sim::Loss& l : s.losses) lostInTake += l.inTake && !l.silent ? l.seconds : 0;
    const double begins = lead + s.takeStart;
    const double lasts = s.takeSeconds + std::max(0.0, lostInTake);
    auto scratch = s.metres.empty()
                       ? heardFrom(world, room, s.distance, s.seed + 3, begins, lasts)
                       : cut(heardWalking(world, room, s.metres, lead, s.seed + 3), begins, lasts);
    auto noise = noiseOf(s, scratch.size());
    if (!noise) return tl::unexpected(noise.error());
    // For claps the peak counts: they are rare.
    double level = rmsOf(scratch);
    if (!s.claps.empty()) {
        level = 0;
        for (const float x : scratch) level = std::max<double>(level, std::fabs(x));
    }
    const double want = level * std::pow(10.0, -s.snrDb / 20) / std::max(1e-9, rmsOf(*noise));
    for (std::size_t n = 0; n < scratch.size(); ++n) {
        scratch[n] += static_cast<float>(want) * (*noise)[n];
    }
    float peak = 1e-6f;
    for (const float x : scratch) peak = std::max(peak, std::fabs(x));
    for (float& x : scratch) x *= 0.5f / peak;
    if (s.automaticGain) {
        sim::GainRider rider;
        for (float& x : scratch) x = rider.process(x);
    }
    if (s.lowpassHz > 0) lowpass(scratch, s.lowpassHz);
    lose(scratch, s.losses, true, s.takeStart);
    if (s.takeRate != kRate) {
        scratch = resampleBlock(scratch, kRate, s.takeRate, StreamResampler::Quality::Mastering);
    }
    return write(path, s.takeCodec, s.takeRate, 1, scratch);
}

Result<void> writeRecording(const PairSpec& s, const std::vector<float>& world, double lead,
                            const sim::RecorderClock& clock, const std::string& path) {
    auto clean = cut(inRoom(world, roomOf(s), s.recorderDistance, s.recorderSeed + 4), lead,
                     s.recordingSeconds);
    sim::RoomTone hush(s.recorderSeed + 9);
    for (float& x : clean) {
        x = x * static_cast<float>(s.recorderDistance) * (s.upsideDown ? -1.0f : 1.0f) +
            0.0004f * hush.next();
    }
    repair(clean, s.repair);
    if (s.underCloth) coverWithCloth(clean, s.recorderSeed);
    lose(clean, s.losses, false, 0);
    const double counted = s.recordingRate * (1 + s.ppm * 1e-6);
    if (!clock.steady()) {
        clean = onClock(clean, clock, s.recordingRate);
    } else if (counted != kRate) {
        clean = resampleBlock(clean, kRate, counted, StreamResampler::Quality::Mastering);
    }
    return write(path, s.recordingCodec, s.recordingRate, 0.9f, clean);
}

MadePair madeOf(const PairSpec& s, const sim::RecorderClock& clock, const std::string& folder) {
    MadePair out;
    out.take = folder + "/take-" + std::to_string(s.seed) + extensionFor(s.takeCodec);
    out.recording = folder + "/recording" + extensionFor(s.recordingCodec);
    out.truth = truthOf(s, clock);
    if (!s.metres.empty()) {
        const auto [nearest, farthest] = sim::extremes(s.metres);
        out.wayAfter = (s.distance - nearest) / sim::kMetresPerSecond;
        out.wayBefore = (farthest - s.distance) / sim::kMetresPerSecond;
    }
    out.polarity = s.upsideDown ? -1 : 1;
    return out;
}

}  // namespace

Result<std::vector<MadePair>> makePairs(const std::vector<PairSpec>& row,
                                        const std::string& folder) {
    const PairSpec& first = row.front();
    const sim::RecorderClock clock(first.ppm, first.warmth, first.recordingSeconds);
    std::vector<MadePair> out;
    double lead = 1, end = first.recordingSeconds;
    bool there = true;
    for (const PairSpec& s : row) {
        out.push_back(madeOf(s, clock, folder));
        lead = std::max(lead, 1 - s.takeStart);
        end = std::max(end, s.takeStart + s.takeSeconds);
        there &= std::filesystem::exists(out.back().take);
    }
    if (there && std::filesystem::exists(out.front().recording)) return out;
    auto world = worldOf(first, lead + 1 + end, lead);
    if (!world) return tl::unexpected(world.error());
    auto takeWorld = takeWorldOf(first, *world);
    if (!takeWorld) return tl::unexpected(takeWorld.error());
    auto done = writeRecording(first, *world, lead, clock, out.front().recording);
    for (std::size_t i = 0; done && i < row.size(); ++i) {
        done = writeTake(row[i], *takeWorld, lead, out[i].take);
    }
    if (!done) return tl::unexpected(done.error());
    return out;
}

}  // namespace brisk::bench
