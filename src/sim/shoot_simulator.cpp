// SPDX-License-Identifier: GPL-3.0-or-later
// Everybody attends the same world, block by block, so that a whole day needs little memory.
#include "sim/shoot_simulator.h"

#include <algorithm>
#include <filesystem>
#include <future>
#include <nlohmann/json.hpp>

#include "core/json_text.h"
#include "sim/camera.h"
#include "sim/recorder.h"
#include "sim/world_sound.h"
#include "store/atomic_file.h"

namespace brisk::sim {
namespace {

using nlohmann::ordered_json;

/// Where the two share sound, take time from the first picture on, and what is which time there.
std::vector<TrueLine> linesOf(const TakeSpec& t, const RecorderSpec& r, double air) {
    SharedTime shared;
    shared.takeStart = (t.start - r.start).value + t.soundStart;
    shared.takeSeconds = t.length.value - t.soundStart;
    shared.recordingSeconds = r.length.value;
    shared.air = air;
    std::vector<Loss> losses = t.losses;
    losses.insert(losses.end(), r.losses.begin(), r.losses.end());
    for (Loss& l : losses) l.at -= r.start.value;
    auto lines = trueLines(shared, losses, RecorderClock(r.ppm, r.warmth, r.length.value));
    for (TrueLine& l : lines) {
        l.takeStart += t.soundStart;
        l.takeEnd += t.soundStart;
        l.line.offset.value -= t.soundStart * (1 + l.line.drift.value * 1e-6);
    }
    return lines;
}

ordered_json segmentsOf(const std::vector<TrueLine>& lines) {
    ordered_json rows = ordered_json::array();
    for (const TrueLine& l : lines) {
        rows.push_back({{"take_start", l.takeStart},
                        {"take_end", l.takeEnd},
                        {"offset_seconds", l.line.offset.value},
                        {"drift_ppm", l.line.drift.value}});
    }
    return rows;
}

ordered_json clapsIn(const Scene& scene, const TakeSpec& t) {
    ordered_json claps = ordered_json::array();
    for (const Seconds c : scene.claps) {
        const double at = (c - t.start).value;
        if (at >= 0 && at < t.length.value) {
            claps.push_back({{"take_seconds", at},
                             {"frame", static_cast<long long>(at * t.rate.value() + 1e-6)}});
        }
    }
    return claps;
}

/// The tether that is true by construction: of the sounds as recorded, travel through air included.
/// Where somebody walks, from where he stands nearest.
ordered_json truthOf(const Scene& scene, const TakeSpec& t, const RecorderSpec& r,
                     const std::string& folder) {
    const double factor = 1 + r.ppm * 1e-6;
    const double nearest = t.walk.empty() ? t.distance : extremes(t.walk).first;
    const double air = (nearest - r.distance) / kMetresPerSecond;
    const double scratchStart = std::max(0.0, t.soundStart);
    const double from = std::max(t.start.value + scratchStart, r.start.value) - t.start.value;
    const double to =
        std::min(t.start.value + t.length.value, r.start.value + r.length.value) - t.start.value;
    ordered_json j;
    j["camera"] = folder + "/" + t.file;
    const bool heard = !t.elsewhere && to > from;
    j["clean"] = heard ? ordered_json(folder + "/" + r.file) : ordered_json(nullptr);
    j["status"] = heard ? "matched" : "unmatched";
    if (!heard) return j;
    j["offset_seconds"] = (t.start.value - r.start.value - air) * factor;
    j["drift_ppm"] = r.ppm;
    if (!t.losses.empty() || !r.losses.empty() || !r.warmth.empty()) {
        j["segments"] = segmentsOf(linesOf(t, r, air));
    }
    if (!t.walk.empty()) {
        j["path_delay_ms"] = ordered_json::array();
        for (const auto& [time, metres] : t.walk) {
            j["path_delay_ms"].push_back({time, (metres - nearest) / kMetresPerSecond * 1000});
        }
    }
    j["polarity"] = r.upsideDown ? -1 : 1;
    j["overlap"] = {{"start", from}, {"end", to}};
    j["picture_offset_seconds"] =
        (t.start.value - r.start.value + r.distance / kMetresPerSecond) * factor;
    j["distance_metres"] = nearest;
    j["rt60_seconds"] = scene.room.rt60;
    j["noise_db"] = t.noiseDb;
    j["automatic_gain"] = t.automaticGain;
    j["claps"] = clapsIn(scene, t);
    return j;
}

/// One worker's share: cameras of its parity, and the recorders with the even ones.
Result<void> play(const Scene& scene, std::uint64_t seed, const std::string& folder,
                  std::size_t parity, const JobControl& job) {
    Scene away = scene;
    away.voice.pitch = 70;
    away.claps.clear();
    WorldSound here(scene, seed);
    WorldSound elsewhere(away, seed + 1000003);
    std::vector<Recorder> recorders;
    std::vector<std::pair<Camera, bool>> cameras;
    bool anyElsewhere = false;
    const std::uint64_t own = seed * 977;
    for (std::size_t i = 0; parity == 0 && i < scene.recorders.size(); ++i) {
        auto r = Recorder::start(scene.recorders[i], scene.room, folder, own + i);
        if (!r) return tl::unexpected(r.error());
        recorders.push_back(std::move(*r));
    }
    for (std::size_t i = parity; i < scene.takes.size(); i += 2) {
        const TakeSpec& t = scene.takes[i];
        auto c = Camera::start(t, t.elsewhere ? away : scene, folder, own + 100 + i);
        if (!c) return tl::unexpected(c.error());
        cameras.emplace_back(std::move(*c), t.elsewhere);
        anyElsewhere = anyElsewhere || t.elsewhere;
    }
    constexpr std::size_t kBlock = 9600;
    const auto total = static_cast<std::size_t>((scene.length.value + 0.3) * WorldSound::kRate);
    for (std::size_t at = 0; at < total; at += kBlock) {
        if (job.stopRequested()) return cancelled();
        auto block = here.next(kBlock);
        if (!block) return tl::unexpected(block.error());
        auto far = anyElsewhere ? elsewhere.next(kBlock) : Result<std::vector<float>>();
        if (!far) return tl::unexpected(far.error());
        for (auto& r : recorders) {
            if (auto heard = r.hear(*block); !heard) return heard;
        }
        for (auto& [camera, isFar] : cameras) {
            auto done = camera.attend(isFar ? *far : *block, isFar ? elsewhere : here);
            if (!done) return done;
        }
        job.report(static_cast<double>(at) / static_cast<double>(total));
    }
    for (auto& r : recorders) {
        if (auto stopped = r.stop(); !stopped) return stopped;
    }
    for (auto& [camera, isFar] : cameras) {
        if (auto stopped = camera.stop(); !stopped) return stopped;
    }
    return {};
}

}  // namespace

Result<std::vector<std::string>> simulateShoot(const Scene& scene, std::uint64_t seed,
                                               const std::string& folder, const JobControl& job) {
    std::error_code ec;
    std::filesystem::create_directories(folder, ec);
    if (ec) {
        return failAt(ErrorCode::CannotWrite, folder, {"cannot-make-folder"}, ec.message());
    }
    std::vector<std::string> written;
    std::vector<RecorderSpec> recordings;
    for (const auto& r : scene.recorders) {
        for (const auto& f : recorderFiles(r)) recordings.push_back(f);
    }
    for (const auto& r : recordings) written.push_back(folder + "/" + r.file);
    for (const auto& t : scene.takes) written.push_back(folder + "/" + t.file);

    // Two workers, each with the whole world to itself: the recorders and the even cameras, and
    // the odd cameras. The first one's progress speaks for both.
    auto odd = std::async(std::launch::async,
                          [&] { return play(scene, seed, folder, 1, job.withReport({})); });
    auto even = play(scene, seed, folder, 0, job);
    auto rest = odd.get();
    if (!even) return tl::unexpected(even.error());
    if (!rest) return tl::unexpected(rest.error());
    ordered_json truth;
    truth["scene"] = scene.name;
    truth["seed"] = seed;
    truth["tethers"] = ordered_json::array();
    for (const auto& t : scene.takes) {
        for (const auto& r : recordings) {
            truth["tethers"].push_back(truthOf(scene, t, r, folder));
        }
    }
    auto saved = writeWholeFile(folder + "/truth.json", jsonText(truth, 2) + "\n");
    if (!saved) return tl::unexpected(saved.error());
    written.push_back(folder + "/truth.json");
    return written;
}

}  // namespace brisk::sim
