// SPDX-License-Identifier: GPL-3.0-or-later
// What handing over a long take costs, against the ffmpeg program copying the same picture and
// coding the same sound in the same run; and how much memory a very large take needs.
//
//     export_bench FOLDER [GIGABYTES]
#include <sys/resource.h>

#include <chrono>
#include <cstdio>
#include <cstdlib>
#include <filesystem>

#include "export/video_export.h"
#include "media/movie_writer.h"
#include "media/probe.h"
#include "media/wav_header.h"
#include "support/media_files.h"
#include "support/pieces.h"
#include "support/signals.h"

using namespace brisk;
namespace fs = std::filesystem;

namespace {

double secondsOf(const std::function<void()>& work) {
    const auto start = std::chrono::steady_clock::now();
    work();
    return std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
}

long peakMegabytes() {
    rusage use{};
    getrusage(RUSAGE_SELF, &use);
    return use.ru_maxrss / 1024;
}

/// A minute of noise that no codec makes small, as often as asked for; with its recording.
void makeTake(const std::string& folder, const std::string& name, int minutes, int megabits) {
    const std::string minute = folder + "/minute-" + std::to_string(megabits) + ".mp4";
    if (!fs::exists(minute)) {
        test::ffmpeg(
            "-f lavfi -i \"nullsrc=s=640x360:r=25:d=60,geq='random(1)*255':128:128\" -f lavfi -i "
            "anoisesrc=d=60:a=0.2:r=48000:seed=3 -c:v libx264 -preset ultrafast -b:v " +
            std::to_string(megabits) + "M -maxrate " + std::to_string(megabits) +
            "M -bufsize 20M -c:a aac " + minute);
    }
    if (!fs::exists(folder + "/" + name)) {
        test::ffmpeg("-stream_loop " + std::to_string(minutes - 1) + " -i " + minute + " -c copy " +
                     folder + "/" + name);
    }
}

/// Five gigabytes of stereo: RF64 by itself, and read again to its end.
void writeRf64(const std::string& folder) {
    const std::string path = folder + "/five-gigabytes.wav";
    MovieSpec spec;
    spec.path = path;
    spec.sound = SoundTrackSpec{"pcm_s24le", {48000}, 2};
    spec.muxerOptions = {{"write_bext", "1"}, {"rf64", "auto"}};
    auto w = MovieWriter::create(spec);
    if (!w) return;
    const auto block = test::whiteNoise(1, 96000, 0.1, 1);  // a second of stereo
    const std::int64_t seconds = 5'000'000'000 / (48000 * 6) + 1;
    for (std::int64_t i = 0; i < seconds; ++i) (void)w->sound(block);
    (void)w->finish();
    const auto header = readWavHeader(path);
    const auto info = probe(path);
    auto reader = SoundReader::open(path);
    std::vector<float> last(96000);
    const bool there = reader && reader->seek((seconds - 1) * 48000) && reader->read(last) &&
                       std::equal(last.begin(), last.end(), block.begin(),
                                  [](float a, float b) { return std::abs(a - b) < 1e-6f; });
    std::printf("| %.1f GB of sound alone | %s | %.0f s, as written: %s | its last second: %s |\n",
                static_cast<double>(fs::file_size(path)) / 1e9,
                header && header->rf64 ? "RF64" : "not RF64", info->sounds[0].duration.value,
                info->sounds[0].duration == Seconds{static_cast<double>(seconds)} ? "yes" : "no",
                there ? "as written" : "NOT as written");
    fs::remove(path);
}

}  // namespace

int main(int argc, char** argv) {
    if (argc < 2) return 2;
    const std::string folder = argv[1];
    const double gigabytes = argc > 2 ? std::atof(argv[2]) : 0;
    fs::create_directories(folder);
    fs::remove_all(folder + "/out");
    makeTake(folder, "take.mp4", 20, 20);
    const std::string rec = folder + "/rec.wav";
    if (!fs::exists(rec)) {
        test::ffmpeg("-f lavfi -i anoisesrc=d=1300:a=0.2:r=48000:seed=4 -c:a pcm_s24le " + rec);
    }
    const auto take = test::scanned(folder + "/take.mp4"), clean = test::scanned(rec);
    VideoExportPlan plan{take, test::soundOf(take, clean, {{5}, {20}}), VideoContainer::Mov,
                         folder + "/out", "ours"};
    double ours = 1e9, again = 1e9, theirs = 1e9;
    for (int round = 0; round < 3; ++round) {
        fs::remove_all(folder + "/out");
        fs::create_directories(folder + "/out");
        theirs = std::min(theirs, secondsOf([&] {
                              test::ffmpeg("-i " + folder + "/take.mp4 -ss 5 -i " + rec +
                                           " -map 0:v -map 1:a -c:v copy -c:a pcm_s24le -t 1200 " +
                                           folder + "/out/theirs.mov");
                          }));
        ours = std::min(ours, secondsOf([&] { (void)exportVideo(plan, {}); }));
        again =
            std::min(again, secondsOf([&] { (void)readBack(plan, folder + "/out/ours.mov", {}); }));
    }
    std::printf(
        "| 20 minutes, %.1f GB, picture copied | ffmpeg %.1f s | ours %.1f s, of it reading back "
        "%.1f s | %.2f times; %.2f without reading back |\n",
        static_cast<double>(fs::file_size(folder + "/take.mp4")) / 1e9, theirs, ours, again,
        ours / theirs, (ours - again) / theirs);
    writeRf64(folder);
    if (gigabytes > 0) {
        const double minute = 60.0 * 20 / 8 / 1000;  // gigabytes
        makeTake(folder, "large.mp4", std::max(1, static_cast<int>(gigabytes / minute)), 20);
        const auto large = test::scanned(folder + "/large.mp4");
        const long before = peakMegabytes();
        VideoExportPlan big{large, test::soundOf(large, clean, {{5}, {20}}), VideoContainer::Mov,
                            folder + "/out", "large"};
        const auto written = exportVideo(big, {});
        std::printf("| a take of %.1f GB | %s | %ld MB at its peak, %ld before |\n",
                    static_cast<double>(fs::file_size(folder + "/large.mp4")) / 1e9,
                    written && written->readBack.problem.empty() ? "as meant" : "NOT as meant",
                    peakMegabytes(), before);
        fs::remove(folder + "/large.mp4");
    }
    fs::remove_all(folder + "/out");
    return 0;
}
