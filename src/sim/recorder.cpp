// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/recorder.h"

#include <algorithm>
#include <cmath>
#include <optional>

#include "core/decibels.h"
#include "dsp/resampler.h"
#include "media/write/movie_writer.h"
#include "sim/lossy_device.h"
#include "sim/noise.h"
#include "sim/recorder_clock.h"
#include "sim/sampled_between.h"

namespace brisk::sim {
namespace {
constexpr double kDayStarts = 9 * 3600.0;  // the scene's zero, on the wall clock

std::vector<float> closeResponse(const RoomSpec& room, double distance, std::uint64_t seed) {
    auto h = roomResponse(room, distance, seed);
    for (float& v : h) v *= static_cast<float>(distance);  // set for its distance
    return h;
}

/// Counts what is heard on the recorder's own clock, which may warm up.
class OnItsClock {
  public:
    explicit OnItsClock(const RecorderSpec& spec)
        : rate_(spec.rate),
          clock_(spec.ppm, spec.warmth, spec.length.value),
          steady_(48000.0, spec.rate * (1 + spec.ppm * 1e-6), 1) {}

    void push(std::span<const float> heard, std::vector<float>& out) {
        if (clock_.steady()) return steady_.push(heard, out);
        between_.push(heard);
        emitUntil(static_cast<double>(between_.pushed() - SampledBetween::kReach), out);
    }

    void finish(std::vector<float>& out) {
        if (clock_.steady()) return steady_.finish(out);
        emitUntil(static_cast<double>(between_.pushed()), out);
    }

  private:
    void emitUntil(double end, std::vector<float>& out) {
        for (;; ++counted_) {
            const double at = clock_.world(static_cast<double>(counted_) / rate_) * 48000;
            if (at >= end) return between_.forgetBefore(at);
            out.push_back(between_.at(at));
        }
    }

    double rate_;
    RecorderClock clock_;
    StreamResampler steady_;
    SampledBetween between_;
    std::int64_t counted_ = 0;
};

/// \param start  of the whole recording: its stamps count samples from there.
Result<MovieWriter> createFile(const RecorderSpec& spec, Seconds start, const std::string& folder) {
    MovieSpec file;
    file.path = folder + "/" + spec.file;
    file.sound = SoundTrackSpec{
        spec.codec, {spec.codec == "libopus" ? 48000 : spec.rate}, spec.channels, 0, {}};
    if (spec.codec.rfind("pcm_", 0) == 0) {
        file.muxerOptions = {{"write_bext", "1"}, {"rf64", "auto"}};
        const auto reference =
            std::llround((kDayStarts + start.value) * spec.rate) + spec.firstSample;
        file.metadata = {{"time_reference", std::to_string(reference)},
                         {"originator", "pocket recorder"}};
    }
    return MovieWriter::create(file);
}

}  // namespace

struct Recorder::State {
    State(const RecorderSpec& s, const RoomSpec& room, std::string into, MovieWriter w,
          std::uint64_t seed)
        : spec(s),
          files(recorderFiles(s)),
          folder(std::move(into)),
          writer(std::move(w)),
          room_(closeResponse(room, s.distance, seed)),
          tone(seed + 1),
          losing(s.losses, s.start.value),
          clock(s),
          first(std::llround(s.start.value * 48000)),
          last(first + std::llround(s.length.value * 48000)) {}

    RecorderSpec spec;
    std::vector<RecorderSpec> files;
    std::size_t file = 0;       // that is being written
    std::int64_t recorded = 0;  // samples, of all files
    std::string folder;
    std::optional<MovieWriter> writer;
    Convolver room_;
    RoomTone tone;
    LossyDevice losing;
    OnItsClock clock;
    std::int64_t first;
    std::int64_t last;
    std::int64_t at = 0;

    Result<void> write(std::span<const float> mono) {
        while (!mono.empty()) {
            std::span<const float> now = mono;
            if (file + 1 < files.size()) {
                const auto room = static_cast<std::size_t>(files[file + 1].firstSample - recorded);
                now = mono.first(std::min(room, mono.size()));
            }
            if (auto written = writeHere(now); !written) return written;
            recorded += static_cast<std::int64_t>(now.size());
            mono = mono.subspan(now.size());
            if (file + 1 < files.size() && recorded == files[file + 1].firstSample) {
                if (auto next = beginNextFile(); !next) return next;
            }
        }
        return {};
    }

    Result<void> writeHere(std::span<const float> mono) {
        const auto channels = static_cast<std::size_t>(spec.channels);
        std::vector<float> out;
        out.reserve(mono.size() * channels);
        for (const float v : mono) out.insert(out.end(), channels, v);
        return writer->sound(out);
    }

    Result<void> beginNextFile() {
        if (auto done = writer->finish(); !done) return done;
        auto next = createFile(files[++file], spec.start, folder);
        if (!next) return tl::unexpected(next.error());
        writer.emplace(std::move(*next));
        return {};
    }
};
Recorder::Recorder(std::unique_ptr<State> state) : state_(std::move(state)) {}
Recorder::Recorder(Recorder&&) noexcept = default;
Recorder::~Recorder() = default;

Result<Recorder> Recorder::start(const RecorderSpec& spec, const RoomSpec& room,
                                 const std::string& folder, std::uint64_t seed) {
    auto writer = createFile(recorderFiles(spec).front(), spec.start, folder);
    if (!writer) return tl::unexpected(writer.error());
    return Recorder(std::make_unique<State>(spec, room, folder, std::move(*writer), seed));
}

Result<void> Recorder::hear(std::span<const float> world) {
    State& s = *state_;
    const auto count = static_cast<std::int64_t>(world.size());
    const auto ahead = static_cast<std::int64_t>(kListenAhead * 48000);
    if (s.at + count < s.first - ahead || s.at >= s.last) {
        s.at += count;
        return {};
    }
    std::vector<float> heard;
    s.room_.process(world, heard);
    const auto noise = static_cast<float>(ratioOfDb(s.spec.noiseDb));
    const float sign = s.spec.upsideDown ? -1.0f : 1.0f;
    std::vector<float> kept;
    for (const float v : heard) {
        if (s.at >= s.first && s.at < s.last) {
            kept.push_back(sign * std::clamp(0.6f * v + noise * s.tone.next(), -1.0f, 1.0f));
        }
        ++s.at;
    }
    std::vector<float> left, out;
    s.losing.process(kept, left);
    s.clock.push(left, out);
    return s.write(out);
}

Result<void> Recorder::stop() {
    std::vector<float> out;
    state_->clock.finish(out);
    if (auto written = state_->write(out); !written) return written;
    return state_->writer->finish();
}

}  // namespace brisk::sim
