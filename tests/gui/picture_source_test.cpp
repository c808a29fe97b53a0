// SPDX-License-Identifier: GPL-3.0-or-later
// The picture at the playhead: exact in the end, something nearby at once.
#include "app/picture/picture_source.h"

#include <gtest/gtest.h>

#include <QTest>
#include <cmath>

#include "support/media_files.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk::app {
namespace {

/// As test takes are written: frame n is one grey.
int greyWritten(int n) {
    return 40 + n * 7 % 170;
}

class PictureSourceTest : public ::testing::Test {
  protected:
    void SetUp() override {
        test::TakeRecipe recipe;
        recipe.picture.bFrames = 2;
        recipe.picture.keyInterval = 250;  // ten seconds from one key frame to the next
        test::writeTake(folder_.file("press-04.mp4"), test::babble(12, 48000, 1), recipe);
        path_ = QString::fromStdString(folder_.file("press-04.mp4"));
        QObject::connect(&source_, &PictureSource::ready, &source_,
                         [this](const QString&, const QImage& image, double time) {
                             shown_.emplace_back(time, qGreen(image.pixel(30, 15)));
                         });
    }
    /// Asks for a frame and waits until it has come.
    void expectFrame(int n) {
        shown_.clear();
        const double time = n / 25.0;
        source_.ask(path_, Seconds{time + 0.013}, 64);
        const bool came = QTest::qWaitFor(
            [&] { return !shown_.empty() && std::fabs(shown_.back().first - time) < 1e-3; }, 60000);
        ASSERT_TRUE(came) << "frame " << n;
        EXPECT_NEAR(shown_.back().second, greyWritten(n), 5) << "frame " << n;
    }
    test::TempFolder folder_;
    QString path_;
    PictureSource source_;
    std::vector<std::pair<double, int>> shown_;
};

TEST_F(PictureSourceTest, IsTheVeryFrameForwardsAndBackwards) {
    for (const int n : {0, 1, 2, 130, 129, 128, 127, 126, 125, 126, 260, 10, 299}) expectFrame(n);
}

TEST_F(PictureSourceTest, ShowsAKeyFrameBeforeTheLongWayToTheFrameItself) {
    expectFrame(245);
    ASSERT_GE(shown_.size(), 2u);
    EXPECT_EQ(shown_.front().first, 0) << "the key frame, at once";
    expectFrame(244);
    expectFrame(243);  // decoded on the way to the one before
    EXPECT_EQ(shown_.size(), 1u);
}

TEST(PictureCache, KeepsWhatIsNearAndForgetsWhatIsFar) {
    const QImage image(100, 100, QImage::Format_RGB32);  // 40,000 bytes
    PictureCache cache(10 * 40000);
    cache.lookAt({5});
    for (int n = 0; n < 250; ++n) cache.add({image, {n / 25.0}, {(n + 1) / 25.0}});
    EXPECT_LE(cache.bytes(), 400000u);
    cache.clear();
    for (int n = 100; n < 150; ++n) {
        cache.lookAt({n / 25.0});
        cache.add({image, {n / 25.0}, {(n + 1) / 25.0}});
    }
    ASSERT_TRUE(cache.at({149 / 25.0 + 0.01}));
    EXPECT_NEAR(cache.at({149 / 25.0 + 0.01})->time.value, 149 / 25.0, 1e-9);
    EXPECT_FALSE(cache.at({100 / 25.0}));
    EXPECT_FALSE(cache.at({9}));
    EXPECT_NEAR(cache.near({6.3}, {1})->time.value, 149 / 25.0, 1e-9);
    EXPECT_FALSE(cache.near({30}, {1}));
}

}  // namespace
}  // namespace brisk::app
