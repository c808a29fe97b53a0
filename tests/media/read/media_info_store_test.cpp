// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/read/media_info_store.h"

#include <gtest/gtest.h>

#include <sstream>

#include "media/read/probe.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

std::string stored(const MediaInfo& info) {
    std::ostringstream out;
    ByteWriter w(out);
    saveMediaInfo(info, w);
    return out.str();
}

TEST(MediaInfoStore, GivesBackAllThatWasProbed) {
    const test::TempFolder folder;
    test::TakeRecipe recipe;
    recipe.picture.rotation = 90;
    recipe.metadata["creation_time"] = "2024-05-14T09:12:00Z";
    test::writeTake(folder.file("gold-leaf.mov"), test::babble(2, 48000, 1), recipe);
    auto info = probeWithSound(folder.file("gold-leaf.mov"));
    ASSERT_TRUE(info);
    info->warnings = {{"one", {{"n", 3}, {"by", 0.5}}},
                      {"two", {{"name", "with ü"}, {"within", Facts{{"three"}, {"four"}}}}}};
    info->stamps.bextReference = Seconds{33120.5};
    const std::string bytes = stored(*info);
    std::istringstream in(bytes);
    ByteReader r(in, bytes.size());
    MediaInfo back;
    ASSERT_TRUE(loadMediaInfo(r, back));
    EXPECT_EQ(stored(back), bytes);
    EXPECT_EQ(back.path, info->path);
    EXPECT_EQ(back.video->rotation, 90);
    EXPECT_EQ(back.warnings, info->warnings);
    EXPECT_EQ(back.soundStartInTake().value, info->soundStartInTake().value);
    EXPECT_EQ(back.stamps.bextReference->value, 33120.5);
}

TEST(MediaInfoStore, RefusesWhatIsCutShort) {
    MediaInfo info;
    info.path = "sewing.wav";
    info.sounds.resize(2);
    const std::string bytes = stored(info);
    for (std::size_t n = 0; n < bytes.size(); ++n) {
        std::istringstream in(bytes.substr(0, n));
        ByteReader r(in, n);
        MediaInfo back;
        EXPECT_FALSE(loadMediaInfo(r, back)) << n;
    }
}

}  // namespace
}  // namespace brisk
