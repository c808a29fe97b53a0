// SPDX-License-Identifier: GPL-3.0-or-later
// A take as cameras write them, 3840x2160: read, stepped through, exported, and seen by the
// witnesses.
#include <gtest/gtest.h>

#include "export/video_export.h"
#include "media/read/picture_reader.h"
#include "media/read/probe.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/pieces.h"
#include "support/second_witness.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

TEST(RealSize, IsReadSteppedThroughAndExported) {
    const test::TempFolder folder;
    const auto day = test::babble(8, 48000, 21);
    test::writeTakeOfRealSize(folder.file("real.mp4"),
                              {day.begin() + 48000, day.begin() + 4 * 48000}, 60);
    test::writeSound(folder.file("rec.wav"), day, {"pcm_s24le", 48000, 1, {}, {}});
    const SoundScan take = test::scanned(folder.file("real.mp4"));
    EXPECT_EQ(take.info.video->width, 3840);
    EXPECT_EQ(take.info.video->rate, (Rational{60, 1}));
    EXPECT_EQ(take.pictures.count(), 180);
    auto reader = PictureReader::open(folder.file("real.mp4"));
    ASSERT_TRUE(reader);
    for (const double t : {1.0, 1.0 + 1.0 / 60, 0.2, 2.5}) {
        const auto picture = reader->at({t + 0.001}, 640);
        ASSERT_TRUE(picture) << picture.error().fact;
        EXPECT_NEAR(picture->time.value, t, 1e-6) << "the picture that is shown then";
        EXPECT_EQ(picture->width, 640);
        EXPECT_EQ(picture->height, 360);
    }
    const SoundScan clean = test::scanned(folder.file("rec.wav"));
    for (const auto container : {VideoContainer::Mov, VideoContainer::Mkv}) {
        VideoExportPlan plan{take, test::soundOf(take, clean, {{1}, {0}}), container,
                             folder.file("out")};
        const auto written = exportVideo(plan, {});
        ASSERT_TRUE(written) << written.error().fact;
        EXPECT_EQ(sentence(written->readBack.problem), "");
        EXPECT_EQ(written->readBack.picture.pictures, 180);
        EXPECT_TRUE(written->readBack.picture.identical);
        EXPECT_TRUE(written->readBack.sound.everySample);
        const auto second = test::presentedByGStreamer(written->path);
        ASSERT_TRUE(second);
        EXPECT_EQ(second->pictures, 180u);
        EXPECT_NEAR(second->soundFrom, 0, 1e-3);
    }
}

}  // namespace
}  // namespace brisk
