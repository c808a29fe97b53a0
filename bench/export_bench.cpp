// SPDX-License-Identifier: GPL-3.0-or-later
// What handing over a take costs, the whole program with its checks and check values, against the
// ffmpeg program copying the same picture and coding a sound of the same length in the same run;
// and how much memory a very large take needs.
//
//     export_bench PROGRAM FOLDER [GIGABYTES]
#include <sys/resource.h>
#include <unistd.h>

#include <chrono>
#include <cstdio>
#include <cstdlib>
#include <filesystem>
#include <functional>

#include "media/read/probe.h"
#include "media/read/wav_header.h"
#include "media/write/movie_writer.h"
#include "shoot/project_file.h"
#include "store/file_identity.h"
#include "support/media_files.h"
#include "support/signals.h"

using namespace brisk;
namespace fs = std::filesystem;

namespace {

double secondsOf(const std::function<void()>& work) {
    const auto start = std::chrono::steady_clock::now();
    work();
    return std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
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

/// A shoot whose take is known and confirmed, as it is when a person presses Export.
void saveShoot(const std::string& folder, const std::string& take) {
    ShootState state;
    const auto add = [&](const std::string& name, MediaKind role) {
        MediaItem item;
        item.id = state.nextId++;
        item.path = fs::absolute(folder + "/" + name).string();
        item.role = role;
        item.identity = *identityOf(item.path);
        state.media.push_back(item);
        return item.id;
    };
    Tether t;
    t.take = add(take, MediaKind::Take);
    t.recording = add("rec.wav", MediaKind::Recording);
    t.line = t.found.line = {{5}, {20}};
    t.found.status = MatchStatus::Matched;
    t.locked = true;
    state.tethers.push_back(t);
    if (auto saved = saveProject(state, folder + "/" + take + ".brisk"); !saved) std::abort();
}

int ours(const std::string& program, const std::string& folder, const std::string& take,
         const std::string& check) {
    const std::string command = program + " export --quiet --project '" + folder + "/" + take +
                                ".brisk' --out '" + folder + "/out' --name ours-" + check +
                                " --check " + check + " >/dev/null";
    return std::system(command.c_str());
}

/// The whole program, as a person gets it, against the ffmpeg program, by turns; the best of three.
void compare(const std::string& program, const std::string& folder, const std::string& take,
             int minutes) {
    makeTake(folder, take, minutes, 20);
    saveShoot(folder, take);
    (void)ours(program, folder, take, "sound");  // from here on the take is known
    double theirs = 1e9, pictures = 1e9, sound = 1e9, disk = 1e9;
    for (int round = 0; round < 3; ++round) {
        const auto timed = [&](double& best, const std::function<void()>& work) {
            fs::remove_all(folder + "/out");
            fs::create_directories(folder + "/out");
            ::sync();  // nobody pays for what another has written
            best = std::min(best, secondsOf(work));
        };
        timed(theirs, [&] {
            test::ffmpeg("-i " + folder + "/" + take + " -ss 5 -i " + folder +
                         "/rec.wav -map 0:v -map 1:a -c:v copy -c:a pcm_s24le -t " +
                         std::to_string(60 * minutes) + " " + folder + "/out/theirs.mov");
        });
        timed(pictures, [&] { (void)ours(program, folder, take, "pictures"); });
        timed(sound, [&] { (void)ours(program, folder, take, "sound"); });
        timed(disk, [&] { (void)ours(program, folder, take, "disk"); });
    }
    std::printf(
        "| %.1f GB, %d minutes | ffmpeg %.1f s | every picture compared %.1f s: %.2f times | "
        "sound compared %.1f s: %.2f times | from the disk %.1f s: %.2f times |\n",
        static_cast<double>(fs::file_size(folder + "/" + take)) / 1e9, minutes, theirs, pictures,
        pictures / theirs, sound, sound / theirs, disk, disk / theirs);
    std::fflush(stdout);
}

/// \return kilobytes that the program needed at its peak, handing over a take of that size.
void measureMemory(const std::string& program, const std::string& folder, double gigabytes) {
    const double minute = 60.0 * 20 / 8 / 1000;  // gigabytes
    makeTake(folder, "large.mp4", std::max(1, static_cast<int>(gigabytes / minute)), 20);
    saveShoot(folder, "large.mp4");
    (void)ours(program, folder, "large.mp4", "pictures");
    rusage use{};
    getrusage(RUSAGE_CHILDREN, &use);
    std::printf("| a take of %.1f GB, read and handed over | %ld MB at its peak |\n",
                static_cast<double>(fs::file_size(folder + "/large.mp4")) / 1e9,
                use.ru_maxrss / 1024);
    fs::remove(folder + "/large.mp4");
}

}  // namespace

int main(int argc, char** argv) {
    if (argc < 3) return 2;
    const std::string program = argv[1], folder = argv[2];
    const double gigabytes = argc > 3 ? std::atof(argv[3]) : 0;
    fs::create_directories(folder);
    ::setenv("XDG_CACHE_HOME", fs::absolute(folder + "/cache").c_str(), 1);
    const std::string rec = folder + "/rec.wav";
    if (!fs::exists(rec)) {
        test::ffmpeg("-f lavfi -i anoisesrc=d=2200:a=0.2:r=48000:seed=4 -c:a pcm_s24le " + rec);
    }
    compare(program, folder, "take-8.mp4", 8);
    compare(program, folder, "take-33.mp4", 33);
    writeRf64(folder);
    if (gigabytes > 0) measureMemory(program, folder, gigabytes);
    fs::remove_all(folder + "/out");
    return 0;
}
