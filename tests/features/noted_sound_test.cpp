// SPDX-License-Identifier: GPL-3.0-or-later
#include "features/noted_sound.h"

#include <gtest/gtest.h>

#include <algorithm>
#include <filesystem>

#include "features/held_sound.h"
#include "features/scan_cache.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

constexpr std::uintmax_t kMuch = 1ull << 30;

class NotedSoundTest : public ::testing::Test {
  protected:
    ~NotedSoundTest() override { setScanCache({}, kMuch); }
    test::TempFolder folder_;
};

std::vector<float> readBy(const SoundScan& scan, std::int64_t first, std::size_t count) {
    std::vector<float> out(count);
    auto held = HeldSound::open(scan);
    EXPECT_TRUE(held && (*held)->read(first, out));
    return out;
}

TEST_F(NotedSoundTest, IsWhatTheFileSaysToTheLastBit) {
    setScanCache(folder_.file("cache"), kMuch);
    for (const char* name : {"press.mp4", "press.mkv"}) {
        test::writeTake(folder_.file(name), test::babble(8, 48000, 61), {});
        auto scan = scanSound(folder_.file(name), {}, {});
        ASSERT_TRUE(scan);
        ASSERT_NE(scan->noted, nullptr) << name;
        SoundScan plain = *scan;
        plain.noted.reset();
        const auto n = static_cast<std::size_t>(scan->samples);
        EXPECT_EQ(readBy(*scan, -500, n + 1000), readBy(plain, -500, n + 1000)) << name;
        EXPECT_EQ(readBy(*scan, 100'001, 30'000), readBy(plain, 100'001, 30'000)) << name;
    }
}

TEST_F(NotedSoundTest, TheFileIsNotReadAgain) {
    setScanCache(folder_.file("cache"), kMuch);
    test::writeTake(folder_.file("press.mp4"), test::babble(4, 48000, 62), {});
    auto scan = scanSound(folder_.file("press.mp4"), {}, {});
    ASSERT_TRUE(scan && scan->noted);
    std::filesystem::remove(folder_.file("press.mp4"));
    const auto sound = readBy(*scan, 48000, 4800);
    EXPECT_TRUE(std::any_of(sound.begin(), sound.end(), [](float v) { return v != 0; }));
}

TEST_F(NotedSoundTest, WithoutRoomTheFileIsReadAgain) {
    setScanCache(folder_.file("cache"), ScratchSpace::kBlock);
    test::writeTake(folder_.file("press.mp4"), test::babble(4, 48000, 63), {});
    auto scan = scanSound(folder_.file("press.mp4"), {}, {});
    ASSERT_TRUE(scan);
    EXPECT_EQ(scan->noted, nullptr);
    const auto sound = readBy(*scan, 48000, 4800);
    EXPECT_TRUE(std::any_of(sound.begin(), sound.end(), [](float v) { return v != 0; }));
}

TEST_F(NotedSoundTest, ARecordingIsNotNoted) {
    setScanCache(folder_.file("cache"), kMuch);
    test::writeSound(folder_.file("lavalier.wav"), test::babble(4, 48000, 64), {});
    auto scan = scanSound(folder_.file("lavalier.wav"), {}, {});
    ASSERT_TRUE(scan);
    EXPECT_EQ(scan->noted, nullptr);
}

TEST_F(NotedSoundTest, GivesItsRoomBack) {
    const auto space = ScratchSpace::create(folder_.file("cache"), 3 * ScratchSpace::kBlock);
    ASSERT_NE(space, nullptr);
    const std::vector<float> two(2 * NotedSound::kBlock, 0.25f);
    for (int i = 0; i < 3; ++i) {
        NotedSound noted(space);
        EXPECT_TRUE(noted.push(two));
        EXPECT_TRUE(noted.finish());
        NotedSound tooMuch(space);
        EXPECT_FALSE(tooMuch.push(two));
    }
}

}  // namespace
}  // namespace brisk
