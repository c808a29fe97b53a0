// SPDX-License-Identifier: GPL-3.0-or-later
// A long recording that is still being read, as far as it is known.
#include "features/read_so_far.h"

#include <gtest/gtest.h>

#include "features/sound_scan.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

TEST(ReadSoFar, IsDueAfterSomeMinutesAndWhenItHasDoubled) {
    ReadSoFar soFar(SampleRate{100}, Seconds{0});
    EXPECT_FALSE(soFar.due(17999));
    EXPECT_TRUE(soFar.due(18000));
    EXPECT_FALSE(soFar.due(35999));
    EXPECT_TRUE(soFar.due(40000));
    EXPECT_FALSE(soFar.due(79999));
    ReadSoFar quick(SampleRate{100}, Seconds{3600});
    EXPECT_FALSE(quick.due(1000000)) << "what is read at once is searched whole";
}

TEST(ReadSoFar, APartIsTheBeginningOfTheWholeAndCanBeRead) {
    const test::TempFolder folder;
    const auto sound = test::babble(400, 8000, 3);
    test::writeSound(folder.file("day.wav"), sound, {"pcm_s16le", 8000, 1, {}, {}});
    std::vector<SoundScan> parts;
    ScanOptions options;
    options.partsAfter = Seconds{0};
    options.onPart = [&](SoundScan part) { parts.push_back(std::move(part)); };
    const auto whole = scanSound(folder.file("day.wav"), options, {});
    ASSERT_TRUE(whole);
    ASSERT_EQ(parts.size(), 2u);
    EXPECT_NEAR(parts[0].length().value, 180, 2);
    EXPECT_NEAR(parts[1].length().value, 360, 4);
    for (const SoundScan& part : parts) {
        // Levels follow the sound by a window and what halving it holds back.
        EXPECT_GT(static_cast<double>(part.bands.size()),
                  (part.length().value - 0.2) * kBandFramesPerSecond);
        EXPECT_TRUE(std::equal(part.bands.begin(), part.bands.end(), whole->bands.begin()));
        auto reader = part.open();
        ASSERT_TRUE(reader);
        std::vector<float> there(100), same(100);
        constexpr std::int64_t kAt = 1360000;
        ASSERT_TRUE(readMono(*reader, kAt, there, part.channel));
        auto all = whole->open();
        ASSERT_TRUE(readMono(*all, kAt, same, whole->channel));
        EXPECT_EQ(there, same);
    }
}

TEST(ReadSoFar, ATakeIsNotTold) {
    const test::TempFolder folder;
    test::TakeRecipe recipe;
    recipe.soundRate = 16000;
    test::writeTake(folder.file("press.mov"), test::babble(200, 16000, 4), recipe);
    ScanOptions options;
    options.partsAfter = Seconds{0};
    options.onPart = [](const SoundScan&) { FAIL() << "its sound alone is soon read"; };
    EXPECT_TRUE(scanSound(folder.file("press.mov"), options, {}));
}

}  // namespace
}  // namespace brisk
