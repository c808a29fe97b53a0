// SPDX-License-Identifier: GPL-3.0-or-later
// How well claps are found in both sounds, what else is offered as one, and whether laying them
// upon each other finds the place. Prints a table.
#include <CLI/CLI.hpp>
#include <algorithm>
#include <cmath>
#include <cstdio>

#include "align/measure/mark_fit.h"
#include "features/spike_detector.h"
#include "sim/noise.h"
#include "sim/room.h"
#include "sim/world_sound.h"
#include "text/sentence.h"

namespace brisk::bench {
namespace {

constexpr int kRate = sim::WorldSound::kRate;
constexpr double kDay = 60;        // seconds of recording
constexpr double kTakeStart = 18;  // of a take of 30 s
constexpr double kTake = 30;
constexpr double kFirstClap = 20.5;
constexpr double kShownFrom = 20;  // dB: weaker ones are not offered as pins
constexpr double kFoundWithin = 0.008;

struct Shoot {
    std::vector<double> claps, doors, coughs;  // world time
    std::vector<float> scratch, clean;         // the take's, the recording's
    double delay = 0;                          // of the sound on its way to the camera
};

/// A door falls shut: a soft knock of low frequencies. A cough: a rush of noise that swells.
void addBurst(std::vector<float>& world, double at, double rise, double fall, double cornerHz,
              float level, std::uint64_t seed) {
    sim::NoiseSource random(seed);
    const double keep = std::exp(-2 * 3.14159265 * cornerHz / kRate);
    double low = 0, lower = 0;
    for (int n = 0; n < static_cast<int>((rise + 6 * fall) * kRate); ++n) {
        const double t = static_cast<double>(n) / kRate;
        const double shape = t < rise ? t / rise : std::exp(-(t - rise) / fall);
        low = keep * low + (1 - keep) * random.normal();
        lower = keep * lower + (1 - keep) * low;
        const auto i = static_cast<std::size_t>(at * kRate) + static_cast<std::size_t>(n);
        if (i < world.size()) world[i] += level * static_cast<float>(shape * lower / (1 - keep));
    }
}

std::vector<float> inRoom(const std::vector<float>& world, double rt60, double distance,
                          double noise, std::uint64_t seed) {
    sim::RoomSpec room;
    room.rt60 = rt60;
    sim::Convolver convolver(sim::roomResponse(room, distance, seed));
    std::vector<float> out;
    convolver.process(world, out);
    sim::NoiseSource random(seed + 7);
    for (float& v : out) v += static_cast<float>(noise) * random.normal();
    return out;
}

Result<Shoot> makeShoot(int claps, bool even, std::uint64_t seed) {
    sim::NoiseSource dice(seed * 977 + 5);
    Shoot s;
    double at = kFirstClap + dice.uniform();
    const double step = 0.4 + 0.4 * dice.uniform();
    for (int i = 0; i < claps; ++i) {
        s.claps.push_back(at);
        at += even ? step : 0.35 + 1.1 * dice.uniform();
    }
    for (int i = 0; i < 3; ++i) s.doors.push_back(4 + 17 * i + 3 * dice.uniform());
    for (int i = 0; i < 4; ++i) s.coughs.push_back(8 + 12 * i + 3 * dice.uniform());
    sim::Scene scene;
    scene.speechShare = 0.6;
    for (const double c : s.claps) scene.claps.push_back({c});
    sim::WorldSound sound(scene, seed);
    auto world = sound.next(static_cast<std::size_t>(kDay * kRate));
    if (!world) return tl::unexpected(world.error());
    for (const double d : s.doors) addBurst(*world, d, 0.004, 0.06, 180, 0.25f, seed + 1);
    for (const double c : s.coughs) addBurst(*world, c, 0.03, 0.08, 1400, 0.15f, seed + 2);
    const double rt60 = 0.3 + 0.4 * dice.uniform(), distance = 1.5 + 3.5 * dice.uniform();
    s.delay = distance / sim::kMetresPerSecond;
    const auto far = inRoom(*world, rt60, distance, 0.0007, seed + 3);
    s.clean = inRoom(*world, rt60, 0.3, 0.0002, seed + 4);
    s.scratch.assign(far.begin() + static_cast<std::ptrdiff_t>(kTakeStart * kRate),
                     far.begin() + static_cast<std::ptrdiff_t>((kTakeStart + kTake) * kRate));
    return s;
}

std::vector<Seconds> offered(const std::vector<float>& sound) {
    SpikeDetector d({kRate});
    d.push(sound);
    std::vector<Seconds> out;
    for (const Spike& s : d.finish()) {
        if (s.strengthDb >= kShownFrom) out.push_back(s.time);
    }
    return out;
}

struct Tally {
    int claps = 0, onCamera = 0, onRecording = 0;
    int pins = 0, doors = 0, coughs = 0, speech = 0;  // offered beside the claps
    int doorsMade = 0, coughsMade = 0;
    double minutes = 0;
    int right = 0, rivalRight = 0, wrong = 0;

    /// \param shift  of world time to the sound's own.
    void count(const Shoot& s, const std::vector<Seconds>& pins_, double shift, double length,
               int& found) {
        const auto near = [&](const std::vector<double>& all, double t, double before,
                              double after) {
            return std::any_of(all.begin(), all.end(), [&](double a) {
                return t - (a + shift) > -before && t - (a + shift) < after;
            });
        };
        for (const double c : s.claps) {
            found += std::any_of(pins_.begin(), pins_.end(), [&](Seconds p) {
                return std::fabs(p.value - (c + shift)) < kFoundWithin;
            });
        }
        for (const Seconds p : pins_) {
            if (near(s.claps, p.value, kFoundWithin, kFoundWithin)) continue;
            ++pins;
            if (near(s.doors, p.value, 0.02, 0.3)) {
                ++doors;
            } else if (near(s.coughs, p.value, 0.02, 0.4)) {
                ++coughs;
            } else {
                ++speech;
            }
        }
        minutes += length / 60;
    }
};

void pair(const Shoot& s, const std::vector<Seconds>& onTake, const std::vector<Seconds>& onClean,
          Tally& t) {
    const auto fits = fitMarks(onTake, onClean, {0});
    const double truth = kTakeStart - (s.delay - 0.3 / sim::kMetresPerSecond);
    const auto rightly = [&](const MarkFit& f) {
        return std::fabs(f.line.offset.value - truth) < 0.005;
    };
    if (!fits.empty() && rightly(fits.front())) {
        ++t.right;
    } else if (std::any_of(fits.begin(), fits.end(), rightly)) {
        ++t.rivalRight;
    } else {
        ++t.wrong;
    }
}

int run(int shoots) {
    std::printf(
        "| claps | spacing | found on the camera | found on the recording | doors offered | coughs "
        "offered | of speech, a minute | laid right | right among the rivals | wrong |\n"
        "|---|---|---|---|---|---|---|---|---|---|\n");
    for (const int claps : {1, 3, 5}) {
        for (const bool even : {false, true}) {
            if (claps == 1 && even) continue;
            Tally t;
            for (int i = 0; i < shoots; ++i) {
                const auto seed = static_cast<std::uint64_t>(1000 * claps + 500 * even + i);
                const auto s = makeShoot(claps, even, seed);
                if (!s) {
                    std::fprintf(stderr, "%s\n", sentence(s.error().fact).c_str());
                    return 1;
                }
                const auto onTake = offered(s->scratch), onClean = offered(s->clean);
                t.claps += claps;
                t.doorsMade += static_cast<int>(s->doors.size());
                t.coughsMade += static_cast<int>(s->coughs.size());
                t.count(*s, onTake, s->delay - kTakeStart, kTake, t.onCamera);
                t.count(*s, onClean, 0.3 / sim::kMetresPerSecond, kDay, t.onRecording);
                pair(*s, onTake, onClean, t);
            }
            std::printf(
                "| %d | %s | %d of %d | %d of %d | %d of %d | %d of %d | %.1f | %d | %d | %d |\n",
                claps,
                claps == 1 ? ""
                : even     ? "equal"
                           : "unequal",
                t.onCamera, t.claps, t.onRecording, t.claps, t.doors, t.doorsMade, t.coughs,
                t.coughsMade, t.speech / t.minutes, t.right, t.rivalRight, t.wrong);
            std::fflush(stdout);
        }
    }
    return 0;
}

}  // namespace
}  // namespace brisk::bench

int main(int argc, char** argv) {
    CLI::App app("Measures the finding and pairing of claps on simulated takes");
    int shoots = 30;
    app.add_option("--shoots", shoots, "Simulated takes for each row");
    CLI11_PARSE(app, argc, argv);
    return brisk::bench::run(shoots);
}
