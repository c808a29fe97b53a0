// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/read/picture_stamps.h"

#include <gtest/gtest.h>

#include <filesystem>

#include "media/read/probe.h"
#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

using namespace brisk;

namespace {

using Stamps = std::vector<std::pair<std::int64_t, bool>>;

/// As a take knows them: from its first picture on.
Stamps shown(const std::vector<PictureStamp>& stamps, const MediaInfo& info) {
    Stamps out;
    for (const auto& s : stamps) {
        if (s.pts >= info.video->firstPts) out.emplace_back(s.pts, s.key);
    }
    return out;
}

/// What else the ffmpeg program is told when it writes.
struct WrittenBy {
    const char* file;
    const char* how;
};

class IndexedPictures : public testing::TestWithParam<WrittenBy> {
  protected:
    std::string make() {
        const std::string path = folder_.file(GetParam().file);
        test::ffmpeg("-f lavfi -i testsrc2=s=96x64:r=25:d=4 -f lavfi -i sine=d=4 -c:a aac " +
                     std::string(GetParam().how) + " " + path);
        return path;
    }
    const test::TempFolder folder_;
};

}  // namespace

TEST_P(IndexedPictures, AreThoseThatThePacketsTellOf) {
    const std::string path = make();
    const auto info = probe(path);
    ASSERT_TRUE(info);
    const auto read = readPictureStamps(path, info->video->stream, {});
    const auto indexed = indexedPictureStamps(path, info->video->stream, {});
    ASSERT_TRUE(read && indexed && *indexed);
    EXPECT_GT(read->size(), 10u);
    EXPECT_EQ(shown(**indexed, *info), shown(*read, *info));
}

using IndexedPicturesFirst = IndexedPictures;  // of a movie whose index comes before its pictures

TEST_P(IndexedPicturesFirst, EndWhereACopyThatWasCutShortDoes) {
    const std::string path = make();
    std::filesystem::resize_file(path, std::filesystem::file_size(path) / 2);
    const auto info = probe(path);
    ASSERT_TRUE(info);
    const auto read = readPictureStamps(path, info->video->stream, {});
    const auto indexed = indexedPictureStamps(path, info->video->stream, {});
    ASSERT_TRUE(read && indexed && *indexed);
    EXPECT_LT(read->size(), 80u);
    EXPECT_EQ(shown(**indexed, *info), shown(*read, *info));
}

constexpr WrittenBy kReordered{"reordered.mp4", "-c:v libx264 -bf 3 -g 20 -movflags +faststart"};
constexpr WrittenBy kUneven{"uneven.mov",
                            "-vf select='not(eq(mod(n\\,5)\\,2))' -fps_mode vfr -c:v libx264 "
                            "-movflags +faststart"};
INSTANTIATE_TEST_SUITE_P(
    Writers, IndexedPictures,
    testing::Values(WrittenBy{"plain.mp4", "-c:v libx264 -bf 0"}, kReordered, kUneven,
                    WrittenBy{"cut.mp4", "-ss 0.7 -c:v libx264 -bf 2"},
                    WrittenBy{"open-groups.mov", "-c:v libx264 -x264-params open-gop=1:keyint=12"},
                    WrittenBy{"mpeg2.mov", "-c:v mpeg2video -bf 2"},
                    WrittenBy{"motion.mov", "-c:v mjpeg"}));
INSTANTIATE_TEST_SUITE_P(Writers, IndexedPicturesFirst, testing::Values(kReordered, kUneven));

TEST(IndexedPicturesOf, NothingIsClaimedWhereNoIndexIsWhole) {
    const test::TempFolder folder;
    const std::pair<const char*, const char*> made[] = {
        {"fragments.mp4", "-movflags frag_keyframe+empty_moov"},
        {"hybrid.mp4", "-movflags frag_keyframe"},
        {"take.mkv", ""},
        {"take.ts", ""}};
    for (const auto& [name, how] : made) {
        const std::string path = folder.file(name);
        test::ffmpeg("-f lavfi -i testsrc2=s=96x64:r=25:d=2 -c:v libx264 -g 10 " +
                     std::string(how) + " " + path);
        const auto none = indexedPictureStamps(path, 0, {});
        ASSERT_TRUE(none) << name;
        EXPECT_FALSE(*none) << name;
    }
    test::writeSound(folder.file("sound.wav"), test::babble(2, 48000, 1));
    EXPECT_FALSE(*indexedPictureStamps(folder.file("sound.wav"), 0, {}));
    EXPECT_FALSE(*indexedPictureStamps(folder.file("not there"), 0, {}));
}
