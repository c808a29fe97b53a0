// SPDX-License-Identifier: GPL-3.0-or-later
// Files that claim what no device records: each is refused, or read as far as it is true, and says
// so. What is refused is refused at once, whatever it claims.
#include <gtest/gtest.h>

#include <chrono>
#include <cmath>
#include <limits>
#include <thread>

#include "dsp/plain_lag.h"
#include "features/sound_scan.h"
#include "media/read/picture_reader.h"
#include "media/read/probe.h"
#include "media/read/sound_reader.h"
#include "media/read/wav_header.h"
#include "support/facts_text.h"
#include "support/made_wav.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

using test::TempFolder;
using test::WavClaims;

class HostileMedia : public ::testing::Test {
  protected:
    std::string wav(const WavClaims& claims, const std::string& samples,
                    const std::string& chunks = {}) {
        const std::string path = folder_.file("made.wav");
        test::writeBytes(path, test::wavBytes(claims, samples, chunks));
        return path;
    }
    static bool says(const Facts& warnings, const char* id) { return findFact(warnings, id); }
    TempFolder folder_;
};

TEST_F(HostileMedia, RatesThatNobodyRecordsAreRefused) {
    for (const std::uint32_t rate : {1u, 3999u, 768001u, 2147483647u, 4294967295u}) {
        const auto info = probe(wav({rate}, std::string(64, '\1')));
        ASSERT_FALSE(info) << rate;
        EXPECT_EQ(info.error().code, ErrorCode::NotMedia);
        EXPECT_NE(sentence(info.error().fact).find("made.wav"), std::string::npos);
        EXPECT_FALSE(scanSound(folder_.file("made.wav"), {}, {}));
    }
    for (const std::uint32_t rate : {4000u, 768000u}) {
        EXPECT_TRUE(probe(wav({rate}, std::string(8000, '\1')))) << rate;
    }
}

TEST_F(HostileMedia, SoDoChannelsThatNobodyHas) {
    EXPECT_TRUE(probe(wav({48000, 64}, std::string(12800, '\1'))));
    EXPECT_FALSE(probe(wav({48000, 65}, std::string(13000, '\1'))));
    EXPECT_FALSE(probe(wav({48000, 4096}, std::string(819200, '\1'))));
}

TEST_F(HostileMedia, WhatIsNoNumberIsSilencedAndCounted) {
    std::vector<float> sound = test::babble(6, 48000, 3);
    const std::vector<float> meant = sound;
    sound[1000] = std::numeric_limits<float>::quiet_NaN();
    sound[2000] = std::numeric_limits<float>::infinity();
    sound[3000] = -std::numeric_limits<float>::infinity();
    sound[4000] = 3e38f;
    const SoundScan scan = test::scanned(wav({48000, 1, 3, 32}, test::floatBytes(sound)));
    const Fact* f = findFact(scan.warnings, "samples-no-numbers");
    ASSERT_TRUE(f);
    EXPECT_EQ(f->number("samples"), 4);
    EXPECT_TRUE(std::isfinite(scan.level.integratedLufs));
    const auto back = test::decodeAll(folder_.file("made.wav"));
    ASSERT_EQ(back.size(), meant.size());
    for (const std::size_t n : {1000u, 2000u, 3000u, 4000u}) EXPECT_EQ(back[n], 0.0f);
    EXPECT_EQ(back[999], meant[999]);
}

// A recorder far over full scale is no damage: 32-bit float is made for that.
TEST_F(HostileMedia, LoudFloatsStay) {
    std::vector<float> sound = test::babble(4, 48000, 3);
    for (float& v : sound) v *= 100;
    const SoundScan scan = test::scanned(wav({48000, 1, 3, 32}, test::floatBytes(sound)));
    EXPECT_FALSE(says(scan.warnings, "samples-no-numbers"));
    EXPECT_EQ(test::decodeAll(folder_.file("made.wav"))[5000], sound[5000]);
}

TEST_F(HostileMedia, ATimeReferenceBeyondAWeekIsNone) {
    const auto bext = [&](std::uint64_t reference) {
        std::string chunk(602, '\0');
        chunk.replace(338, 8, test::littleBytes(reference, 8));
        return probe(
            wav({}, std::string(9600, '\1'), "bext" + test::littleBytes(chunk.size(), 4) + chunk));
    };
    EXPECT_EQ(bext(48000ull * 3600)->stamps.bextReference, Seconds{3600});
    EXPECT_FALSE(bext(UINT64_MAX / 2)->stamps.bextReference);
    EXPECT_FALSE(bext(UINT64_MAX)->stamps.bextReference);
}

TEST_F(HostileMedia, ReservedSpaceIsNotWalkedEightBytesAtATime) {
    const std::string path = folder_.file("made.wav");
    const std::string whole = test::wavBytes({}, "");
    test::writeBytes(path, whole.substr(0, whole.size() - 8));    // before its data
    std::filesystem::resize_file(path, std::uintmax_t{8} << 30);  // takes no room
    const auto begun = std::chrono::steady_clock::now();
    const auto header = readWavHeader(path);
    EXPECT_TRUE(header && header->promisedBytes == 0);
    // A walk over a billion chunks takes minutes on any machine.
    EXPECT_LT(std::chrono::steady_clock::now() - begun, std::chrono::seconds(20));
}

TEST_F(HostileMedia, ASoundThatChangesItsRateEndsThereAndSaysSo) {
    const auto a = test::babble(6, 48000, 1), b = test::babble(6, 44100, 2);
    test::writeSound(folder_.file("a.ts"), a, {"aac", 48000, 1, {}, {}});
    test::writeSound(folder_.file("b.ts"), b, {"aac", 44100, 1, {}, {}});
    test::writeBytes(folder_.file("both.ts"),
                     test::bytesOf(folder_.file("a.ts")) + test::bytesOf(folder_.file("b.ts")));
    const SoundScan scan = test::scanned(folder_.file("both.ts"));
    const Fact* f = findFact(scan.warnings, "format-changes");
    ASSERT_TRUE(f) << scan.warnings;
    EXPECT_NEAR(f->number("at"), 6.0, 0.1);
    EXPECT_NEAR(scan.length().value, 6.0, 0.1);
}

// Time stamps of 200 kB claim days.
TEST_F(HostileMedia, SilenceThatStampsClaimIsBounded) {
    test::writeSound(folder_.file("in.wav"), test::babble(40, 48000, 7), {});
    // Every second of sound is followed by nine minutes of nothing.
    test::ffmpeg("-i " + folder_.file("in.wav") +
                 " -af \"asetpts='PTS+floor(T)*540/TB'\" -c:a pcm_s16le " +
                 folder_.file("days.mkv"));
    const SoundScan scan = test::scanned(folder_.file("days.mkv"));
    ASSERT_TRUE(says(scan.warnings, "claimed-silence")) << scan.warnings;
    EXPECT_LT(scan.length().value, 40 + 600 + 40.5);
    EXPECT_GT(scan.length().value, 540) << "one pause is believed";
    // What reading corrected, seeking does not undo.
    const auto whole = test::decodeAll(folder_.file("days.mkv"));
    auto reader = scan.open();
    ASSERT_TRUE(reader);
    const auto last = static_cast<std::int64_t>(whole.size()) - 9600;
    std::vector<float> there(4800);
    ASSERT_TRUE(readMono(*reader, last, there));
    EXPECT_TRUE(std::equal(there.begin(), there.end(), whole.begin() + last));
}

TEST_F(HostileMedia, AClockThatIsSetAnewIsFollowedBySeekingToo) {
    test::writeSound(folder_.file("a.ts"), test::babble(9, 48000, 1), {"mp2", 48000, 1, {}, {}});
    test::writeSound(folder_.file("b.ts"), test::babble(9, 48000, 2), {"mp2", 48000, 1, {}, {}});
    test::ffmpeg("-i " + folder_.file("b.ts") + " -c copy -output_ts_offset 5000 " +
                 folder_.file("later.ts"));
    test::writeBytes(folder_.file("both.ts"),
                     test::bytesOf(folder_.file("a.ts")) + test::bytesOf(folder_.file("later.ts")));
    const SoundScan scan = test::scanned(folder_.file("both.ts"));
    const auto whole = test::decodeAll(folder_.file("both.ts"));
    ASSERT_NEAR(static_cast<double>(whole.size()) / 48000, 18, 0.2);
    auto reader = scan.open();
    ASSERT_TRUE(reader);
    for (const std::int64_t at : {48000 * 14, 48000 * 4, 48000 * 16}) {
        std::vector<float> there(4800);
        ASSERT_TRUE(readMono(*reader, at, there));
        double most = 0;
        for (std::size_t n = 0; n < there.size(); ++n) {
            most = std::max(most, std::fabs(static_cast<double>(there[n]) -
                                            whole[static_cast<std::size_t>(at) + n]));
        }
        EXPECT_LT(most, 1e-4) << at / 48000;
    }
}

TEST_F(HostileMedia, ALostPacketOfTenMillisecondsIsAHole) {
    const auto mono = test::babble(8, 48000, 5);
    test::writeSound(folder_.file("in.wav"), mono, {});
    // Packets of 480 samples, one of them lost.
    test::ffmpeg("-i " + folder_.file("in.wav") +
                 " -af \"asetnsamples=480,aselect='not(eq(n,300))'\" -c:a pcm_s16le " +
                 folder_.file("lost.mkv"));
    const SoundScan scan = test::scanned(folder_.file("lost.mkv"));
    EXPECT_TRUE(says(scan.warnings, "sound-holes"));
    const auto back = test::decodeAll(folder_.file("lost.mkv"));
    ASSERT_NEAR(static_cast<double>(back.size()), static_cast<double>(mono.size()), 50);
    EXPECT_NEAR(back[48000 * 6], mono[48000 * 6], 1e-3) << "what follows stays in its place";
}

// Whoever asks where the sound begins hears the same answer, and it is where it is read from.
TEST_F(HostileMedia, ADamagedFirstFrameMovesNothing) {
    const auto mono = test::babble(8, 48000, 5);
    for (const char* codec : {"aac", "mp2", "ac3", "libopus", "flac"}) {
        const std::string whole = folder_.file(std::string(codec) + ".mkv"),
                          damaged = folder_.file(std::string(codec) + "-damaged.mkv");
        test::writeSound(whole, mono, {codec, 48000, 1, {}, {}});
        test::ffmpeg("-i " + whole + " -c copy -bsf:a \"noise=amount='if(eq(n,0),1,0)'\" " +
                     damaged);
        const auto info = probe(damaged);
        ASSERT_TRUE(info) << codec << info.error().fact;
        auto reader = SoundReader::open(damaged);
        ASSERT_TRUE(reader) << codec << reader.error().fact;
        EXPECT_EQ(info->sounds.front().firstSample, reader->firstSample()) << codec;
        // A moment of the file, wherever its sound begins.
        const auto at = [&](const std::string& path) {
            auto r = SoundReader::open(path);
            std::vector<float> v(48000);
            EXPECT_TRUE(
                readMono(*r, std::llround((Seconds{4} - r->firstSample()).value * 48000), v));
            return v;
        };
        const auto a = at(whole), b = at(damaged);
        const auto lag = measureLag(a, b, 3000);
        EXPECT_LT(std::fabs(lag.samples), 25) << codec << ": the container counts milliseconds";
    }
}

TEST_F(HostileMedia, AMovieThatWasCutShortSaysSo) {
    test::TakeRecipe recipe;
    recipe.muxerOptions = {{"movflags", "faststart"}};
    test::writeTake(folder_.file("take.mp4"), test::babble(12, 48000, 5), recipe);
    ASSERT_TRUE(probe(folder_.file("take.mp4"))->warnings.empty());
    std::filesystem::resize_file(folder_.file("take.mp4"),
                                 std::filesystem::file_size(folder_.file("take.mp4")) * 2 / 3);
    const auto info = probe(folder_.file("take.mp4"));
    ASSERT_TRUE(info);
    const Fact* f = findFact(info->warnings, "file-cut-short");
    ASSERT_TRUE(f);
    EXPECT_NEAR(f->number("promised"), 12, 0.1);
    EXPECT_LT(f->number("present"), 11);
}

TEST_F(HostileMedia, WhatAFileNamesIsNotOpened) {
    test::writeSound(folder_.file("secret.wav"), test::babble(4, 48000, 5), {});
    const std::string there = folder_.file("secret.wav");
    const std::pair<const char*, std::string> lists[] = {
        {"list.m3u8", "#EXTM3U\n#EXT-X-TARGETDURATION:4\n#EXTINF:4,\n" + there + "\n"},
        {"list.ffconcat", "ffconcat version 1.0\nfile '" + there + "'\n"},
        {"list.sdp", "v=0\no=- 0 0 IN IP4 127.0.0.1\nc=IN IP4 127.0.0.1\nm=audio 5004 RTP/AVP 0\n"},
        {"list.mp4", "#EXTM3U\n" + there + "\n"}};
    for (const auto& [name, text] : lists) {
        test::writeBytes(folder_.file(name), text);
        EXPECT_FALSE(probe(folder_.file(name))) << name;
    }
}

TEST_F(HostileMedia, NamesAreNamesWhateverTheyHold) {
    const auto sound = test::babble(4, 48000, 5);
    test::writeSound(folder_.file("plain.wav"), sound, {});
    for (const char* name : {"http:x.wav", "concat:a|b.wav", "pipe:0.wav", "-i.wav", "a\nb.wav",
                             "%d.wav", "\xff\xfe.wav", "file:x.wav", "a b'c\"d.wav"}) {
        std::filesystem::copy_file(folder_.file("plain.wav"), folder_.file(name));
        const auto info = probe(folder_.file(name));
        ASSERT_TRUE(info) << name << info.error().fact;
        EXPECT_EQ(test::decodeAll(folder_.file(name)).size(), sound.size()) << name;
    }
}

TEST_F(HostileMedia, EveryReadCanBeStopped) {
    test::writeTake(folder_.file("take.mp4"), test::babble(12, 48000, 5));
    JobControl job;
    job.requestStop();
    const auto info = probe(folder_.file("take.mp4"), job);
    ASSERT_FALSE(info);
    EXPECT_EQ(info.error().code, ErrorCode::Cancelled);
    JobControl later;
    auto reader = SoundReader::open(folder_.file("take.mp4"), -1, nullptr, later);
    ASSERT_TRUE(reader);
    later.requestStop();
    std::vector<float> block(48000 * 12);
    const auto got = reader->read(block);
    ASSERT_FALSE(got);
    EXPECT_EQ(got.error().code, ErrorCode::Cancelled);
}

TEST_F(HostileMedia, SixtyFourBitsAreReadAsTheyAre) {
    std::string samples;
    for (int n = 0; n < 4800; ++n) {
        const double v = 0.25 * std::sin(n * 0.05);
        samples +=
            test::littleBytes(static_cast<std::uint64_t>(static_cast<std::int64_t>(v * 9.2e18)), 8);
    }
    auto reader = SoundReader::open(wav({48000, 1, 1, 64}, samples));
    ASSERT_TRUE(reader) << reader.error().fact;
    std::vector<float> got(4800);
    ASSERT_EQ(reader->read(got).value_or(0), 4800u);
    for (int n = 0; n < 4800; n += 100) {
        EXPECT_NEAR(got[static_cast<std::size_t>(n)], 0.25 * 9.2 / 9.223372 * std::sin(n * 0.05),
                    1e-6);
    }
}

TEST_F(HostileMedia, AStreamThatNeverDecodesIsGivenUp) {
    const std::string path = folder_.file("press-01.mp4");
    test::writeTake(path, test::babble(20, 48000, 5), {});
    std::string bytes = test::bytesOf(path);
    const auto data = bytes.find("mdat"), index = bytes.find("moov");
    ASSERT_LT(data, index);
    std::fill(bytes.begin() + static_cast<long>(data) + 4,
              bytes.begin() + static_cast<long>(index) - 4, '\xff');
    test::writeBytes(path, bytes);
    const auto info = probe(path);
    EXPECT_TRUE(!info || !info->warnings.empty()) << "it is refused, or says what is wrong";
    const auto scan = scanSound(path, {}, {});
    ASSERT_FALSE(scan);
    EXPECT_NE(sentence(scan.error().fact).find("press-01.mp4"), std::string::npos)
        << scan.error().fact;
}

TEST_F(HostileMedia, MoreStreamsThanAnyCameraHasAreRefused) {
    std::string maps;
    for (int n = 0; n < 129; ++n) maps += " -map 0";
    const std::string path = folder_.file("many.mka");
    test::ffmpeg("-f lavfi -i anullsrc=d=0.1:r=8000" + maps + " -c:a pcm_s16le " + path);
    const auto info = probe(path);
    ASSERT_FALSE(info);
    EXPECT_EQ(info.error().fact.id, "too-many-streams") << info.error().fact;
}

TEST_F(HostileMedia, APictureOfFourGigapixelsIsNotDecoded) {
    const std::string path = folder_.file("wall.avi");
    test::ffmpeg(
        "-f lavfi -i testsrc=s=64x36:r=25:d=1 -f lavfi -i anoisesrc=d=1:r=48000 -c:v "
        "mjpeg -c:a pcm_s16le " +
        path);
    std::string bytes = test::bytesOf(path);
    // The frame header of each picture: marker, length, bits, height, width.
    const std::string marker = "\xff\xc0";
    for (auto at = bytes.find(marker); at != std::string::npos; at = bytes.find(marker, at + 2)) {
        bytes.replace(at + 5, 4, "\xff\xdc\xff\xdc");
    }
    test::writeBytes(path, bytes);
    EXPECT_TRUE(probe(path)) << "its sound is as good as before";
    auto pictures = PictureReader::open(path);
    EXPECT_TRUE(!pictures || !pictures->at(Seconds{0.5}, 640));
}

}  // namespace
}  // namespace brisk
