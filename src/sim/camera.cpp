// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/camera.h"

#include <algorithm>
#include <cmath>
#include <optional>

#include "core/decibels.h"
#include "dsp/resampler.h"
#include "media/write/movie_writer.h"
#include "sim/bench_picture.h"
#include "sim/gain_rider.h"
#include "sim/lossy_device.h"
#include "sim/noise.h"
#include "sim/walked_room.h"

namespace brisk::sim {
struct Camera::State {
    State(const TakeSpec& s, const Scene& sc, MovieWriter w, std::uint64_t seed)
        : spec(s),
          scene(sc),
          writer(std::move(w)),
          room(roomResponse(sc.room, s.distance, seed)),
          walkSeed(seed),
          tone(seed + 7),
          losing(s.losses, s.start.value + s.soundStart),
          picture(s.width, s.height),
          converter(48000.0, s.soundRate, 1),
          soundFirst(std::llround((s.start.value + s.soundStart) * 48000)),
          soundLast(soundFirst + std::llround((s.length.value - s.soundStart) * 48000)),
          frames(std::llround(s.length.value * s.rate.value())) {}

    TakeSpec spec;
    Scene scene;
    MovieWriter writer;
    Convolver room;
    std::optional<WalkedRoom> walked;  // since it began to listen
    std::uint64_t walkSeed;
    RoomTone tone;
    GainRider gain;
    LossyDevice losing;
    BenchPicture picture;
    StreamResampler converter;
    std::int64_t soundFirst;
    std::int64_t soundLast;
    std::int64_t frames;
    std::int64_t frame = 0;
    std::int64_t at = 0;

    /// Take time of a frame; phones deliver them unevenly.
    [[nodiscard]] double frameTime(std::int64_t n) const {
        const double even = static_cast<double>(n) / spec.rate.value();
        if (!spec.variableRate || n == 0) return even;
        return even + 0.35 / spec.rate.value() * std::sin(static_cast<double>(n) * 0.9);
    }

    Result<void> write(const std::vector<float>& mono) {
        if (mono.empty()) return {};
        std::vector<float> out;
        for (const float v : mono) {
            out.insert(out.end(), static_cast<std::size_t>(spec.soundChannels), v);
        }
        return writer.sound(out);
    }

    void listen(std::span<const float> block, std::vector<float>& heard) {
        if (spec.walk.empty()) return room.process(block, heard);
        if (!walked) {
            Course metres = spec.walk;
            const double since = spec.start.value - static_cast<double>(at) / 48000;
            for (auto& [time, away] : metres) time += since;
            walked.emplace(scene.room, metres, walkSeed);
        }
        walked->process(block, heard);
    }

    Result<void> hear(std::span<const float> block) {
        const auto ahead = static_cast<std::int64_t>(kListenAhead * 48000);
        if (at + static_cast<std::int64_t>(block.size()) < soundFirst - ahead || at > soundLast) {
            return {};
        }
        std::vector<float> heard;
        listen(block, heard);
        const auto noise = static_cast<float>(ratioOfDb(spec.noiseDb));
        std::vector<float> kept;
        for (std::size_t n = 0; n < heard.size(); ++n) {
            float v = 0.8f * heard[n] + noise * tone.next();
            if (spec.automaticGain) v = gain.process(v);
            const std::int64_t when = at + static_cast<std::int64_t>(n);
            if (when >= soundFirst && when < soundLast) kept.push_back(std::clamp(v, -1.0f, 1.0f));
        }
        std::vector<float> left;
        losing.process(kept, left);
        if (spec.soundRate == 48000) return write(left);
        std::vector<float> out;
        converter.push(left, out);
        return write(out);
    }

    BenchMoment moment(const WorldSound& world) const {
        const double t = frameTime(frame);
        BenchMoment m;
        m.frame = frame;
        m.seconds = t;
        m.label = spec.file;
        const Seconds when = spec.start + Seconds{t};
        m.mouth = world.mouthOpening(when);
        for (const Seconds c : scene.claps) {
            const double clap = (c - spec.start).value;
            const double apart = std::fabs(t - clap);
            m.contact = m.contact || (t <= clap + 1e-9 && clap + 1e-9 < frameTime(frame + 1));
            m.hands = std::min(m.hands, m.contact ? 0.0 : 0.12 + apart / 0.45);
        }
        return m;
    }
};

Camera::Camera(std::unique_ptr<State> state) : state_(std::move(state)) {}
Camera::Camera(Camera&&) noexcept = default;
Camera::~Camera() = default;

Result<Camera> Camera::start(const TakeSpec& spec, const Scene& scene, const std::string& folder,
                             std::uint64_t seed) {
    MovieSpec file;
    file.path = folder + "/" + spec.file;
    PictureSpec p;
    p.width = spec.width;
    p.height = spec.height;
    p.rate = spec.rate;
    p.bFrames = spec.bFrames;
    p.rotation = spec.rotation;
    p.variableRate = spec.variableRate;
    p.keyInterval = static_cast<int>(std::lround(spec.rate.value()));
    file.picture = p;
    file.sound = SoundTrackSpec{spec.soundCodec, {spec.soundRate}, spec.soundChannels, 0, {}};
    file.soundStart = {spec.soundStart};
    file.metadata = {{"creation_time", "2026-03-03T09:12:40.000000Z"}};
    if (!spec.timecode.empty()) file.metadata["timecode"] = spec.timecode;
    auto writer = MovieWriter::create(file);
    if (!writer) return tl::unexpected(writer.error());
    return Camera(std::make_unique<State>(spec, scene, std::move(*writer), seed));
}

Result<void> Camera::attend(std::span<const float> block, const WorldSound& world) {
    State& s = *state_;
    if (auto heard = s.hear(block); !heard) return heard;
    s.at += static_cast<std::int64_t>(block.size());
    const double until = static_cast<double>(s.at) / 48000 - s.spec.start.value - 0.02;
    while (s.frame < s.frames && s.frameTime(s.frame) < until) {
        const auto drawn = s.picture.draw(s.moment(world));
        if (auto w = s.writer.picture(drawn, Seconds{s.frameTime(s.frame)}); !w) return w;
        ++s.frame;
    }
    return {};
}

Result<void> Camera::stop() {
    State& s = *state_;
    if (s.spec.soundRate != 48000) {
        std::vector<float> out;
        s.converter.finish(out);
        if (auto written = s.write(out); !written) return written;
    }
    return s.writer.finish();
}

}  // namespace brisk::sim
