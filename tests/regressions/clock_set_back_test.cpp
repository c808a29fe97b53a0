// SPDX-License-Identifier: GPL-3.0-or-later
// A stream whose time stamps jump back must not swallow everything until the clock catches up.
#include <gtest/gtest.h>

#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

TEST(Regression, SoundGoesOnWhenTheClockIsSetBack) {
    const test::TempFolder folder;
    const auto mono = test::babble(6, 48000, 5);
    test::writeSound(folder.file("a.wav"), mono, {});
    const std::string a = folder.file("a.ts");
    test::ffmpeg("-i " + folder.file("a.wav") + " -c:a ac3 -output_ts_offset 100 " + a);
    test::ffmpeg("-i " + folder.file("a.wav") + " -c:a ac3 " + folder.file("b.ts"));
    // Two parts of a card joined byte by byte: the second starts near zero again.
    test::writeBytes(folder.file("joined.ts"),
                     test::bytesOf(a) + test::bytesOf(folder.file("b.ts")));
    const auto back = test::decodeAll(folder.file("joined.ts"));
    EXPECT_NEAR(static_cast<double>(back.size()), 12 * 48000, 9600);
}

}  // namespace
}  // namespace brisk
