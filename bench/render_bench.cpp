// SPDX-License-Identifier: GPL-3.0-or-later
// What it costs to render an hour of a take with every feature on: two recordings that continue
// each other and a jump, drift corrected, camera blended and filling a gap, claps quiet, soft
// edges, a gain and the limiter; in blocks, as files are written.
//
//     render_bench FOLDER
#include <sys/resource.h>

#include <chrono>
#include <cstdio>
#include <ctime>
#include <filesystem>

#include "render/take_sound.h"
#include "support/media_files.h"
#include "support/signals.h"

using namespace brisk;

namespace {

std::shared_ptr<const SoundScan> hourOf(const std::string& folder, const char* name, int channels,
                                        unsigned seed) {
    const std::string minute = folder + "/minute.wav", hour = folder + "/" + name;
    if (!std::filesystem::exists(hour)) {
        const auto mono = test::babble(60, 48000, seed);
        test::writeInterleaved(minute, test::onChannels(mono, channels),
                               {"pcm_s16le", 48000, channels, {}, {}});
        test::ffmpeg("-stream_loop 59 -i " + minute + " -c copy " + hour);
    }
    return std::make_shared<const SoundScan>(test::scanned(hour));
}

}  // namespace

int main(int argc, char** argv) {
    if (argc < 2) return 2;
    const std::string folder = argv[1];
    std::filesystem::create_directories(folder);
    TakeSoundPlan plan;
    plan.take = hourOf(folder, "camera.wav", 1, 1);
    const auto first = hourOf(folder, "lavalier.wav", 2, 2);
    plan.clean = {{first, {{-2}, {35}}, 1, std::nullopt, Seconds{1200}},
                  {first, {{-1.5}, {35}}, 1, Seconds{1200.5}, std::nullopt}};
    plan.choice.camera = CameraSound::Blended;
    plan.choice.uncovered = Uncovered::Camera;
    plan.level = {9, true, -1};
    for (int i = 0; i < 40; ++i) {
        const Seconds at{30.0 + 80 * i};
        plan.claps.push_back({at, at + Seconds{0.14}});
    }
    for (int i = 0; i < 12; ++i) plan.kept.push_back({{300.0 * i}, {300.0 * i + 299}});
    rusage before{};
    getrusage(RUSAGE_SELF, &before);
    auto sound = TakeSound::open(plan, {48000});
    if (!sound) return 1;
    std::vector<float> block(4800 * static_cast<std::size_t>(sound->channels()));
    const std::clock_t start = std::clock();
    for (int i = 0; i < 36000; ++i) {
        if (!sound->read(block)) return 1;
    }
    const double cpu = static_cast<double>(std::clock() - start) / CLOCKS_PER_SEC;
    rusage use{};
    getrusage(RUSAGE_SELF, &use);
    std::printf(
        "| rendering an hour with every feature on | %.1f CPU s | %.0f times faster than real "
        "time | %ld MB more at its peak |\n",
        cpu, 3600 / cpu, (use.ru_maxrss - before.ru_maxrss) / 1024);
    return 0;
}
