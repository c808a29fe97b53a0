// SPDX-License-Identifier: GPL-3.0-or-later
#include "support/media_files.h"

#include <gtest/gtest.h>

#include <cmath>
#include <cstdlib>
#include <filesystem>

#include "support/facts_text.h"

#include "support/signals.h"

namespace brisk::test {
namespace {

template <class T>
T need(Result<T> r) {
    if (!r) {
        ADD_FAILURE() << r.error().fact << " " << r.error().detail;
        throw std::runtime_error(sentence(r.error().fact));
    }
    return std::move(*r);
}

void need(const Result<void>& r) {
    if (!r) throw std::runtime_error(sentence(r.error().fact));
}

std::vector<std::uint32_t> flat(const PictureSpec& p, std::int64_t n) {
    const auto grey = static_cast<std::uint32_t>(40 + (n * 7) % 170);
    return std::vector<std::uint32_t>(static_cast<std::size_t>(p.width) * p.height,
                                      0xff000000u | grey << 16 | grey << 8 | grey);
}

}  // namespace

void writeInterleaved(const std::string& path, const std::vector<float>& samples,
                      const SoundRecipe& r) {
    MovieSpec spec;
    spec.path = path;
    spec.sound = SoundTrackSpec{r.codec, {r.rate}, r.channels, 0, {}};
    spec.metadata = r.metadata;
    spec.muxerOptions = r.muxerOptions;
    MovieWriter w = need(MovieWriter::create(spec));
    need(w.sound(samples));
    need(w.finish());
}

void writeSound(const std::string& path, const std::vector<float>& mono, const SoundRecipe& r) {
    writeInterleaved(path, onChannels(mono, r.channels), r);
}

void writeTake(const std::string& path, const std::vector<float>& mono, const TakeRecipe& r) {
    MovieSpec spec;
    spec.path = path;
    spec.picture = r.picture;
    spec.sound = SoundTrackSpec{r.soundCodec, {r.soundRate}, 1, 0, {}};
    spec.soundStart = {r.soundStart};
    spec.metadata = r.metadata;
    spec.muxerOptions = r.muxerOptions;
    MovieWriter w = need(MovieWriter::create(spec));
    const double seconds = static_cast<double>(mono.size()) / r.soundRate + r.soundStart;
    const std::int64_t frames = r.pictureTimes.empty()
                                    ? std::llround(seconds * r.picture.rate.value())
                                    : static_cast<std::int64_t>(r.pictureTimes.size());
    std::size_t sent = 0;
    for (std::int64_t n = 0; n < frames; ++n) {
        const double t = r.pictureTimes.empty() ? static_cast<double>(n) / r.picture.rate.value()
                                                : r.pictureTimes[static_cast<std::size_t>(n)];
        need(w.picture(flat(r.picture, n), Seconds{t}));
        const auto due = std::min(mono.size(), static_cast<std::size_t>((t + 0.2) * r.soundRate));
        if (due > sent) {
            need(w.sound(std::span(mono).subspan(sent, due - sent)));
            sent = due;
        }
    }
    need(w.sound(std::span(mono).subspan(sent)));
    need(w.finish());
}

void writeSilentFilm(const std::string& path, double seconds) {
    MovieSpec spec;
    spec.path = path;
    spec.picture = PictureSpec{64, 36, {25, 1}, 0, 25, 0, false};
    MovieWriter w = need(MovieWriter::create(spec));
    for (std::int64_t n = 0; n < std::llround(seconds * 25); ++n) {
        need(w.picture(flat(*spec.picture, n)));
    }
    need(w.finish());
}

void ffmpeg(const std::string& arguments) {
    const std::string command = "ffmpeg -nostdin -v error -y " + arguments;
    ASSERT_EQ(std::system(command.c_str()), 0) << command;
}

void writeTakeOfRealSize(const std::string& path, const std::vector<float>& mono, int fps) {
    const std::string sound = path + ".wav";
    writeSound(sound, mono);
    ffmpeg("-f lavfi -i testsrc2=size=3840x2160:rate=" + std::to_string(fps) + " -i '" + sound +
           "' -vf noise=alls=12:allf=t -c:v libx264 -preset ultrafast -g " + std::to_string(fps) +
           " -b:v 60M -pix_fmt yuv420p -c:a aac -b:a 192k -t " +
           std::to_string(static_cast<double>(mono.size()) / 48000) + " '" + path + "'");
    std::filesystem::remove(sound);
}

std::vector<float> decodeAll(const std::string& path) {
    SoundReader reader = need(SoundReader::open(path));
    const auto channels = static_cast<std::size_t>(reader.channels());
    std::vector<float> block(4096 * channels);
    std::vector<float> out;
    for (;;) {
        const std::size_t got = need(reader.read(block));
        if (got == 0) return out;
        for (std::size_t n = 0; n < got; ++n) {
            float sum = 0;
            for (std::size_t c = 0; c < channels; ++c) sum += block[n * channels + c];
            out.push_back(sum / static_cast<float>(channels));
        }
    }
}

SoundScan scanned(const std::string& path) {
    return need(scanSound(path, {}, JobControl{}));
}

}  // namespace brisk::test
