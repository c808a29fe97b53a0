// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Small real media files for tests, and readers that need no thought.
#pragma once

#include <string>
#include <vector>

#include "features/sound_scan.h"
#include "media/read/sound_reader.h"
#include "media/write/movie_writer.h"

namespace brisk::test {

struct SoundRecipe {
    std::string codec = "pcm_s16le";
    int rate = 48000;
    int channels = 1;
    std::map<std::string, std::string> metadata;
    std::map<std::string, std::string> muxerOptions;
};

/// Writes mono samples (copied to every channel); fails the test when it cannot.
void writeSound(const std::string& path, const std::vector<float>& mono,
                const SoundRecipe& recipe = {});
/// Writes samples that are interleaved already.
void writeInterleaved(const std::string& path, const std::vector<float>& samples,
                      const SoundRecipe& recipe);

struct TakeRecipe {
    PictureSpec picture{64, 36, {25, 1}, 0, 25, 0, false};
    std::string soundCodec = "aac";
    int soundRate = 48000;
    double soundStart = 0;
    std::map<std::string, std::string> metadata;
    std::map<std::string, std::string> muxerOptions;
    std::vector<double> pictureTimes;  ///< With a variable rate.
};

/// A take whose scratch is `mono`; as much picture as there is sound. Frame n is one flat grey.
void writeTake(const std::string& path, const std::vector<float>& mono,
               const TakeRecipe& recipe = {});
/// A take as cameras write them: 3840x2160, moving and noisy picture, AAC. \param fps 25 or 60.
void writeTakeOfRealSize(const std::string& path, const std::vector<float>& mono, int fps = 25);
/// A picture without sound.
void writeSilentFilm(const std::string& path, double seconds);

/// Runs the ffmpeg program to make files that the writer does not; fails the test when it does.
void ffmpeg(const std::string& arguments);

/// The whole first sound as mono.
std::vector<float> decodeAll(const std::string& path);
/// Scans or fails the test.
SoundScan scanned(const std::string& path);

}  // namespace brisk::test
