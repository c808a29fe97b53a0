// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/cut_snap.h"

#include <gtest/gtest.h>

#include "support/media_files.h"
#include "support/pieces.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

/// Words of noise over a quiet room: 2.0 to 2.8 s, 3.3 to 4.5 s, 4.56 to 6 s; then two loud seconds
/// of a steady tone, without a pause.
class CutSnap : public ::testing::Test {
  protected:
    void SetUp() override {
        auto sound = test::whiteNoise(12, 48000, 0.0005, 1);
        const auto words = test::whiteNoise(12, 48000, 0.1, 2);
        const auto add = [&](double from, double to) {
            for (auto n = static_cast<std::size_t>(from * 48000); n < to * 48000; ++n) {
                sound[n] += words[n];
            }
        };
        add(2.0, 2.8);
        add(3.3, 4.5);
        add(4.56, 6);
        const auto tone = test::sine(12, 48000, 440);
        for (std::size_t n = 6 * 48000; n < 9 * 48000; ++n) sound[n] += tone[n];
        test::writeSound(folder_.file("rec.wav"), sound, {"pcm_f32le", 48000, 1, {}, {}});
        // The take begins a second after the recording.
        heard_ = test::piece(test::scanned(folder_.file("rec.wav")), {{1}, {0}});
    }
    test::TempFolder folder_;
    CleanPieces heard_;
};

TEST_F(CutSnap, ACutInAPauseStaysWhereItIs) {
    const SnappedCut c = snapCut(heard_, {2.05});  // 3.05 s of the recording
    EXPECT_EQ(c.where, CutPlace::InPause);
    EXPECT_EQ(c.at, Seconds{2.05});
}

TEST_F(CutSnap, ACutInAWordGoesToItsNearerEnd) {
    const SnappedCut before = snapCut(heard_, {2.42});  // 120 ms into the second word
    EXPECT_LT(before.at.value, 2.3);
    EXPECT_GT(before.at.value, 2.27) << "hardly before the word begins";
    const SnappedCut after = snapCut(heard_, {1.65});  // 150 ms before the first one ends
    EXPECT_EQ(after.where, CutPlace::InPause);
    EXPECT_GT(after.at.value, 1.8);
    EXPECT_LT(after.at.value, 1.84);
}

TEST_F(CutSnap, AShortGapIsNoPauseButWhatBeginsAfterItIsAnOnset) {
    const SnappedCut c = snapCut(heard_, {3.6});  // the gap ends at 3.56 of the take
    EXPECT_EQ(c.where, CutPlace::BeforeOnset);
    EXPECT_LT(c.at.value, 3.56);
    EXPECT_GT(c.at.value, 3.53);
}

TEST_F(CutSnap, WhereNothingIsNearItStaysAsChosen) {
    const SnappedCut c = snapCut(heard_, {6.5});  // in the middle of the tone
    EXPECT_EQ(c.where, CutPlace::AsChosen);
    EXPECT_EQ(c.at, Seconds{6.5});
    EXPECT_EQ(snapCut(heard_, {-0.2}).at, Seconds{-0.2});
    EXPECT_EQ(snapCut(heard_, {50}).at, Seconds{50}) << "where no recording is";
    EXPECT_EQ(snapCut({}, {1}).at, Seconds{1});
}

}  // namespace
}  // namespace brisk
