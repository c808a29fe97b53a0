// SPDX-License-Identifier: GPL-3.0-or-later
// Memory is bounded by design: a two-hour recording and a twenty-minute take, under 400 MB.
#include <gtest/gtest.h>

#include <nlohmann/json.hpp>

#include "support/media_files.h"
#include "support/run_program.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

/// Two hours from seeds, minute by minute, never all of it in memory.
std::vector<float> minute(int m) {
    return test::babble(60, 24000, 1000 + m);
}

TEST(Memory, TwoHoursAgainstTwentyMinutes) {
    const test::TempFolder folder;
    {
        MovieSpec spec;
        spec.path = folder.file("day.wav");
        spec.sound = SoundTrackSpec{"pcm_s16le", {24000}, 1, 0, {}};
        auto day = MovieWriter::create(spec);
        ASSERT_TRUE(day);
        for (int m = 0; m < 120; ++m) ASSERT_TRUE(day->sound(minute(m)));
        ASSERT_TRUE(day->finish());

        MovieSpec film;
        film.path = folder.file("take.mp4");
        film.picture = PictureSpec{64, 36, {5, 1}, 0, 250, 0, false};
        film.sound = SoundTrackSpec{"aac", {24000}, 1, 0, {}};
        auto take = MovieWriter::create(film);
        ASSERT_TRUE(take);
        const std::vector<std::uint32_t> grey(64 * 36, 0xff808080u);
        for (int m = 70; m < 90; ++m) {
            ASSERT_TRUE(take->sound(minute(m)));
            for (int n = 0; n < 60 * 5; ++n) ASSERT_TRUE(take->picture(grey));
        }
        ASSERT_TRUE(take->finish());
    }
    const auto r = test::runCli({"align", "--quiet", "--camera", folder.file("take.mp4"), "--clean",
                                 folder.file("day.wav")});
    EXPECT_EQ(r.exitCode, 0) << r.err << r.out;
    const auto t = r.json().at("tethers")[0];
    EXPECT_NEAR(t.at("offset_seconds").get<double>(), 70 * 60, 1e-3);
    std::printf("peak memory %.0f MB\n", static_cast<double>(r.peakKilobytes) / 1024);
#if !defined(__SANITIZE_ADDRESS__) && !defined(__SANITIZE_THREAD__)
    EXPECT_LT(r.peakKilobytes, 400 * 1024);
#endif
}

}  // namespace
}  // namespace brisk
