// SPDX-License-Identifier: GPL-3.0-or-later
// What matching costs against decoding the same files to nothing, measured in the same run with the
// real programs: a long day, the same again from the cache, how it grows with the recording, and
// many takes on many hours.
//
//     speed_bench --cli build/release/bin/brisk-tether-cli
#include <CLI/CLI.hpp>
#include <cstdio>
#include <cstdlib>
#include <filesystem>

#include "bench/guarded_main.h"
#include "bench/measured_run.h"
#include "bench/source_sounds.h"
#include "media/write/movie_writer.h"

namespace brisk::bench {
namespace {

namespace fs = std::filesystem;
constexpr double kRecordingSeconds = 80 * 60;
constexpr int kTakes = 12;
constexpr double kTakeSeconds = 40 * 60;

struct Options {
    std::string cli;
    std::string folder = (fs::temp_directory_path() / "speed-bench").string();
    int hours = 24;
    bool onlyMany = false;
};

constexpr const char* kRoom =
    "[0]aecho=0.8:0.7:23|41|67:0.5|0.4|0.3,lowpass=9000[a];[a][1]amix=2:duration=first:normalize=0";

/// A part of a recording as a camera hears it: through a plain echo, and noise.
bool cutTake(const std::string& recording, double from, double seconds, int seed,
             const std::string& take) {
    return measuredRun({"ffmpeg",
                        "-v",
                        "error",
                        "-ss",
                        std::to_string(from),
                        "-t",
                        std::to_string(seconds),
                        "-i",
                        recording,
                        "-f",
                        "lavfi",
                        "-i",
                        "anoisesrc=c=pink:r=48000:a=0.01:seed=" + std::to_string(seed),
                        "-filter_complex",
                        kRoom,
                        "-c:a",
                        "aac",
                        "-b:a",
                        "128k",
                        "-ac",
                        "1",
                        "-y",
                        take})
               .exitCode == 0;
}

bool writeSpeech(const std::string& path, int seed, double seconds) {
    auto sound = sourceSound({SourceKind::SyntheticSpeech, SourceSet::Reported, -1}, seed, seconds);
    if (!sound) return false;
    MovieSpec file;
    file.path = path;
    file.sound = SoundTrackSpec{"pcm_s16le", {48000}, 1, 0, {}};
    auto writer = MovieWriter::create(file);
    return writer && writer->sound(*sound) && writer->finish();
}

double decoding(const std::string& file) {
    return measuredRun({"ffmpeg", "-v", "error", "-threads", "1", "-i", file, "-f", "null", "-"})
        .cpuSeconds;
}

class LongDay {
  public:
    explicit LongDay(const Options& o) : o_(o) {
        fs::create_directories(o.folder);
        ::setenv("XDG_CACHE_HOME", (o.folder + "/cache").c_str(), 1);
    }

    bool make() {
        recording_ = o_.folder + "/lavalier.wav";
        if (!fs::exists(recording_) && !writeSpeech(recording_, 4, kRecordingSeconds)) return false;
        for (int i = 0; i < kTakes; ++i) {
            takes_.push_back(o_.folder + "/take-" + std::to_string(i) + ".m4a");
            if (fs::exists(takes_.back())) continue;
            // Somewhere else in the recording each time.
            if (!cutTake(recording_, i * 210, kTakeSeconds, i + 1, takes_.back())) return false;
        }
        return true;
    }

    void report() {
        double decode = decoding(recording_);
        for (const auto& t : takes_) decode += decoding(t);
        std::printf(
            "| long day: 80 min recording, 12 takes of 40 min | CPU s | against decoding | wall s "
            "| peak MB |\n|---|---|---|---|---|\n| ffmpeg, decoding all to nothing, one thread | "
            "%.1f | 1.00 | | |\n",
            decode);
        const auto row = [&](const char* name, const Cost& c) {
            std::printf("| %s | %.1f | %.2f | %.1f | %.0f |\n", name, c.cpuSeconds,
                        c.cpuSeconds / decode, c.wallSeconds, c.peakMegabytes);
            std::fflush(stdout);
        };
        const Cost one = fresh(takes_, recording_, 1);
        row("align, one thread", one);
        const Cost again = align(takes_, recording_, 1);
        row("align again, on its cache", again);
        const Cost two = fresh(takes_, recording_, 2);
        row("align, two threads", two);
        std::printf(
            "\nTwo threads take %.2f of one's wall time; the second run %.1f times less "
            "CPU (exit codes %d, %d, %d).\n",
            two.wallSeconds / one.wallSeconds, one.cpuSeconds / again.cpuSeconds, one.exitCode,
            again.exitCode, two.exitCode);
    }

    /// One take of 40 minutes against ever longer recordings.
    void growth() {
        std::printf(
            "\n| recording of | decoding CPU s | align CPU s | ratio | from the cache s | peak MB "
            "|\n|---|---|---|---|---|---|\n");
        const std::string longer = o_.folder + "/longer.wav";
        for (int hours = 1; hours <= o_.hours; hours *= 2) {
            if (2 * hours > o_.hours) hours = o_.hours;
            measuredRun({"ffmpeg", "-v", "error", "-stream_loop", "-1", "-i", recording_, "-t",
                         std::to_string(hours * 3600), "-c", "copy", "-rf64", "auto", "-y",
                         longer});
            const double decode = decoding(longer) + decoding(takes_.front());
            const Cost c = fresh({takes_.front()}, longer, 1);
            const Cost again = align({takes_.front()}, longer, 1);
            std::printf("| %d h | %.1f | %.1f | %.2f | %.1f | %.0f |\n", hours, decode,
                        c.cpuSeconds, c.cpuSeconds / decode, again.cpuSeconds, c.peakMegabytes);
            std::fflush(stdout);
        }
        fs::remove(longer);
    }

  private:
    Cost align(const std::vector<std::string>& takes, const std::string& recording,
               int threads) const {
        std::vector<std::string> command{
            o_.cli, "align", "--quiet", "--threads", std::to_string(threads), "--clean", recording};
        for (const auto& t : takes) {
            command.push_back("--camera");
            command.push_back(t);
        }
        return measuredRun(command);
    }
    Cost fresh(const std::vector<std::string>& takes, const std::string& recording,
               int threads) const {
        fs::remove_all(o_.folder + "/cache");
        return align(takes, recording, threads);
    }

    const Options& o_;
    std::string recording_;
    std::vector<std::string> takes_;
};

/// Two hundred takes of eleven hours in all against ten hours of recording.
class ManyTakes {
  public:
    explicit ManyTakes(const Options& o) : o_(o), folder_(o.folder + "/many") {
        fs::create_directories(folder_);
        ::setenv("XDG_CACHE_HOME", (o.folder + "/cache").c_str(), 1);
    }

    bool make() {
        for (int r = 0; r < kRecordings; ++r) {
            const std::string recording = folder_ + "/hour-" + std::to_string(r) + ".wav";
            if (!fs::exists(recording) && !writeSpeech(recording, 10 + r, 3600)) return false;
            recordings_.push_back(recording);
            for (int i = 0; i < kTakesOfEach; ++i) {
                const std::string name = std::to_string(r) + "-" + std::to_string(i);
                takes_.push_back(folder_ + "/take-" + name + ".m4a");
                if (fs::exists(takes_.back())) continue;
                if (!cutTake(recording, 170.0 * i, kSeconds, 100 * r + i, takes_.back()))
                    return false;
            }
        }
        return true;
    }

    void report() {
        double decode = 0;
        std::vector<std::string> command{o_.cli, "align", "--quiet", "--threads", "2"};
        for (const auto& f : recordings_) command.insert(command.end(), {"--clean", f});
        for (const auto& f : takes_) command.insert(command.end(), {"--camera", f});
        for (const auto& f : recordings_) decode += decoding(f);
        for (const auto& f : takes_) decode += decoding(f);
        fs::remove_all(o_.folder + "/cache");
        const Cost c = measuredRun(command);
        std::printf(
            "\nTen hours of recording against %d takes of %.1f hours in all, two threads: %.1f s, "
            "%.1f CPU s (%.2f times decoding them), %.0f MB (exit code %d).\n",
            kRecordings * kTakesOfEach, kRecordings * kTakesOfEach * kSeconds / 3600, c.wallSeconds,
            c.cpuSeconds, c.cpuSeconds / decode, c.peakMegabytes, c.exitCode);
    }

  private:
    static constexpr int kRecordings = 10, kTakesOfEach = 20;
    static constexpr double kSeconds = 198;

    const Options& o_;
    std::string folder_;
    std::vector<std::string> recordings_, takes_;
};

int report(const Options& o) {
    if (!o.onlyMany) {
        LongDay day(o);
        if (!day.make()) {
            std::fprintf(stderr, "The long day could not be made in %s.\n", o.folder.c_str());
            return 1;
        }
        day.report();
        day.growth();
    }
    ManyTakes many(o);
    if (!many.make()) {
        std::fprintf(stderr, "The many takes could not be made in %s.\n", o.folder.c_str());
        return 1;
    }
    many.report();
    return 0;
}

}  // namespace
}  // namespace brisk::bench

static int measure(int argc, char** argv) {
    CLI::App app("Measures what matching costs against decoding");
    brisk::bench::Options o;
    app.add_option("--cli", o.cli, "The command line program")->required();
    app.add_option("--folder", o.folder, "Where the sound files are made, and found next time");
    app.add_option("--hours", o.hours, "Longest recording");
    app.add_flag("--only-many", o.onlyMany, "Only ten hours against two hundred takes");
    CLI11_PARSE(app, argc, argv);
    return brisk::bench::report(o);
}

int main(int argc, char** argv) {
    return brisk::bench::guardedMain(measure, argc, argv);
}
