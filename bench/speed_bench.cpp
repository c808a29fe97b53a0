// SPDX-License-Identifier: GPL-3.0-or-later
// What matching costs against decoding the same files to nothing, measured in the same run with the
// real programs: a long day, the same again from the cache, and how it grows with the recording.
//
//     speed_bench --cli build/release/bin/brisk-tether-cli
#include <CLI/CLI.hpp>
#include <cstdio>
#include <cstdlib>
#include <filesystem>

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
};

class LongDay {
  public:
    explicit LongDay(const Options& o) : o_(o) {
        fs::create_directories(o.folder);
        ::setenv("XDG_CACHE_HOME", (o.folder + "/cache").c_str(), 1);
    }

    bool make() {
        recording_ = o_.folder + "/lavalier.wav";
        if (!fs::exists(recording_) && !writeRecording()) return false;
        for (int i = 0; i < kTakes; ++i) {
            takes_.push_back(o_.folder + "/take-" + std::to_string(i) + ".m4a");
            if (fs::exists(takes_.back())) continue;
            // Somewhere else in the recording each time, through a plain echo and some noise.
            const std::string start = std::to_string(i * 210);
            const auto made =
                measuredRun({"ffmpeg",
                             "-v",
                             "error",
                             "-ss",
                             start,
                             "-t",
                             std::to_string(kTakeSeconds),
                             "-i",
                             recording_,
                             "-f",
                             "lavfi",
                             "-i",
                             "anoisesrc=c=pink:r=48000:a=0.01:seed=" + std::to_string(i + 1),
                             "-filter_complex",
                             "[0]aecho=0.8:0.7:23|41|67:0.5|0.4|0.3,lowpass=9000[a];"
                             "[a][1]amix=2:duration=first:normalize=0",
                             "-c:a",
                             "aac",
                             "-b:a",
                             "128k",
                             "-ac",
                             "1",
                             "-y",
                             takes_.back()});
            if (made.exitCode != 0) return false;
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
    bool writeRecording() {
        auto sound = sourceSound({SourceKind::SyntheticSpeech, SourceSet::Reported, -1}, 4,
                                 kRecordingSeconds);
        if (!sound) return false;
        MovieSpec file;
        file.path = recording_;
        file.sound = SoundTrackSpec{"pcm_s16le", {48000}, 1, 0, {}};
        auto writer = MovieWriter::create(file);
        return writer && writer->sound(*sound) && writer->finish();
    }

    static double decoding(const std::string& file) {
        return measuredRun(
                   {"ffmpeg", "-v", "error", "-threads", "1", "-i", file, "-f", "null", "-"})
            .cpuSeconds;
    }

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

}  // namespace
}  // namespace brisk::bench

int main(int argc, char** argv) {
    CLI::App app("Measures what matching costs against decoding");
    brisk::bench::Options o;
    app.add_option("--cli", o.cli, "The command line program")->required();
    app.add_option("--folder", o.folder, "Where the sound files are made, and found next time");
    app.add_option("--hours", o.hours, "Longest recording");
    CLI11_PARSE(app, argc, argv);
    brisk::bench::LongDay day(o);
    if (!day.make()) {
        std::fprintf(stderr, "The long day could not be made in %s.\n", o.folder.c_str());
        return 1;
    }
    day.report();
    day.growth();
    return 0;
}
