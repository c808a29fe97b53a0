// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <cmath>
#include <vector>

#include "fuzz/scratch_file.h"
#include "fuzz/targets.h"
#include "media/read/channel_names.h"
#include "media/read/media_limits.h"
#include "media/read/picture_reader.h"
#include "media/read/probe.h"
#include "media/read/sound_reader.h"
#include "media/read/wav_header.h"

namespace brisk::fuzz {
namespace {

/// So much of it, from where the reader is.
void readSome(SoundReader& reader, Seconds length) {
    const auto channels = static_cast<std::size_t>(reader.channels());
    std::vector<float> block(4096 * channels);
    for (Seconds done{0}; done < length;) {
        const auto got = reader.read(block);
        if (!got || *got == 0) return;
        demand(*got * channels <= block.size());
        demand(std::all_of(block.begin(), block.begin() + static_cast<long>(*got * channels),
                           [](float s) { return std::abs(s) <= limits::kMaxSample; }));
        done = done + Seconds{static_cast<double>(*got) / reader.rate().hertz};
    }
}

void readAll(const std::string& path) {
    const auto info = probe(path);
    if (!info) return;
    for (const auto& name : !info->sounds.empty() ? channelNamesOf(path, info->sounds[0].channels)
                                                  : std::vector<std::string>{}) {
        demand(name.size() <= limits::kMaxChannelName);
    }
    if (auto reader = SoundReader::open(path)) {
        demand(reader->rate().hertz >= limits::kMinSampleRate);
        demand(reader->rate().hertz <= limits::kMaxSampleRate);
        readSome(*reader, Seconds{2});
        if (reader->seek(2000)) readSome(*reader, Seconds{0.1});
    }
    if (!info->video) return;
    if (auto pictures = PictureReader::open(path)) {
        if (const auto p = pictures->at(Seconds{0.1}, 64)) {
            demand(p->pixels.size() ==
                   static_cast<std::size_t>(p->width) * static_cast<std::size_t>(p->height));
        }
    }
}

}  // namespace

void tryMedia(const std::string& bytes) {
    const ScratchFile file(bytes, ".media");
    readAll(file.path());
}

void tryWav(const std::string& bytes) {
    const ScratchFile file(bytes, ".wav");
    if (const auto header = readWavHeader(file.path())) {
        demand(header->presentBytes <= bytes.size());
        (void)wavWarning(*header);
    }
    demand(wavChunk(file.path(), "bext").size() <= bytes.size());
    demand(wavChunk(file.path(), "iXML").size() <= bytes.size());
    demand(channelNamesOf(file.path(), 8).size() <= 8);
}

void tryEdits(const std::string& bytes) {
    static const std::string good = [] {
        std::ifstream in(BRISK_FUZZ_SEEDS "/media/edits.mp4", std::ios::binary);
        return std::string(std::istreambuf_iterator<char>(in), {});
    }();
    demand(!good.empty());
    std::string movie = good;
    std::size_t next = 0;
    for (const char* box : {"elst", "stts", "ctts", "mdhd", "mvhd", "stsz"}) {
        for (auto at = movie.find(box); at != std::string::npos; at = movie.find(box, at + 4)) {
            // Length, name, version and flags; after them what is replaced.
            if (at < 4) continue;
            std::size_t size = 0;
            for (std::size_t i = at - 4; i < at; ++i) {
                size = size << 8 | static_cast<unsigned char>(movie[i]);
            }
            for (std::size_t i = at + 8; i < at + size - 4 && i < movie.size(); ++i) {
                if (next >= bytes.size()) break;
                // A zero leaves what is there, so that a few bytes can change a late place.
                if (bytes[next] != 0) movie[i] = bytes[next];
                ++next;
            }
        }
    }
    tryMedia(movie);
}

}  // namespace brisk::fuzz
