// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/assemble/take_places.h"

#include "align/assemble/match_all.h"
#include "align/assemble/recorder_files.h"
#include "support/facts_text.h"
#include "support/shoot_folder.h"
#include "support/signals.h"

namespace brisk {
namespace {

using test::cut;

/// One recorder's files of one talk, and a take of it.
class TakePlacesTest : public ::testing::Test {
  protected:
    static test::SoundRecipe stamped(std::int64_t sample) {
        test::SoundRecipe r;
        r.muxerOptions = {{"write_bext", "1"}};
        r.metadata = {{"time_reference", std::to_string(sample)}};
        return r;
    }
    /// What the take of seconds [from, to) of the talk lies on.
    std::vector<TakePlace> placesOf(double from, double to) {
        take_.push_back(shoot_.take(
            test::sum(cut(talk_, from, to), test::whiteNoise(to - from, 48000, 0.004, 9))));
        std::vector<const SoundScan*> clean;
        for (const auto& s : files_) clean.push_back(&s);
        auto all = matchAll({&take_.back()}, clean, {}, 2, {});
        EXPECT_TRUE(all.problems.empty());
        return all.places.front();
    }
    static std::vector<float> samples(const std::vector<float>& v, std::size_t from,
                                      std::size_t to) {
        return {v.begin() + static_cast<std::ptrdiff_t>(from),
                v.begin() + static_cast<std::ptrdiff_t>(to)};
    }
    static double endOf(const TakePlace& p, const SoundScan& file) {
        return p.estimate.line.toTake(file.length()).value;
    }
    test::ShootFolder shoot_;
    std::vector<float> talk_ = test::babble(90, 48000, 61);
    std::vector<SoundScan> files_, take_;
    const std::size_t seam_ = 45 * 48000 + 333;
};

TEST_F(TakePlacesTest, ByTheirStampsTheNextFileGoesOnToTheSample) {
    files_ = {shoot_.recording(samples(talk_, 0, seam_), stamped(48000 * 60)),
              shoot_.recording(samples(talk_, seam_, talk_.size()),
                               stamped(48000 * 60 + static_cast<std::int64_t>(seam_)))};
    EXPECT_TRUE(continuesExactly(files_[0], files_[1]));
    EXPECT_FALSE(continuesExactly(files_[1], files_[0]));
    // Two seconds on the second file would never be found alone.
    const auto places = placesOf(20, 47);
    ASSERT_EQ(places.size(), 2u);
    EXPECT_EQ(places[0].recording, 0u);
    EXPECT_EQ(places[1].recording, 1u);
    EXPECT_FALSE(places[1].beside);
    EXPECT_NEAR(places[1].estimate.line.toRecording({endOf(places[0], files_[0])}).value, 0, 1e-12)
        << "to the sample, not to what was measured";
    EXPECT_EQ(places[1].estimate.status, MatchStatus::Matched);
    EXPECT_NEAR(places[0].estimate.line.offset.value, 20, 5e-5);
}

TEST_F(TakePlacesTest, StampsThatTheSoundContradictsAreNotBelieved) {
    // The second file is another recorder's, half a second late, with stamps that touch.
    files_ = {shoot_.recording(samples(talk_, 0, seam_), stamped(48000 * 60)),
              shoot_.recording(samples(talk_, seam_ + 24000, talk_.size()),
                               stamped(48000 * 60 + static_cast<std::int64_t>(seam_)))};
    const auto places = placesOf(20, 70);
    for (const TakePlace& p : places) {
        const double is = p.recording == 0 ? 20 : 20 - (seam_ + 24000) / 48000.0;
        EXPECT_NEAR(p.estimate.line.offset.value, is, 1e-3) << p.recording;
    }
}

TEST_F(TakePlacesTest, WithoutStampsWhatIsMeasuredTellsThatTheyTouch) {
    files_ = {shoot_.recording(samples(talk_, 0, seam_)),
              shoot_.recording(samples(talk_, seam_, talk_.size()))};
    for (const auto& [from, to] : {std::pair{15.0, 70.0}, {20.0, 55.0}, {36.0, 80.0}}) {
        const auto places = placesOf(from, to);
        ASSERT_EQ(places.size(), 2u) << from;
        const std::size_t a = places[0].recording == 0 ? 0 : 1;
        const double end = endOf(places[a], files_[0]);
        EXPECT_NEAR(places[1 - a].estimate.line.toRecording({end}).value, 0, 1e-12) << from;
        EXPECT_NEAR(end, seam_ / 48000.0 - from, 5e-5) << from;
    }
}

TEST_F(TakePlacesTest, AStoppedRecorderLeavesAnHonestGap) {
    files_ = {shoot_.recording(samples(talk_, 0, seam_)),
              shoot_.recording(samples(talk_, seam_ + 3 * 48000, talk_.size()))};
    const auto places = placesOf(15, 80);
    ASSERT_EQ(places.size(), 2u);
    const std::size_t a = places[0].recording == 0 ? 0 : 1;
    const double end = endOf(places[a], files_[0]);
    EXPECT_NEAR(places[1 - a].estimate.line.toTake({0}).value - end, 3, 2e-4);
}

TEST_F(TakePlacesTest, AFileOfAnotherTalkIsNotAttached) {
    files_ = {shoot_.recording(samples(talk_, 0, seam_)),
              shoot_.recording(test::babble(45, 48000, 62))};
    const auto places = placesOf(15, 80);
    ASSERT_EQ(places.size(), 1u);
    EXPECT_EQ(places[0].recording, 0u);
}

TEST_F(TakePlacesTest, AnotherMicrophoneStandsBeside) {
    files_ = {shoot_.recording(talk_), shoot_.recording(talk_, {"pcm_s24le", 48000, 1, {}, {}})};
    const auto places = placesOf(20, 60);
    ASSERT_EQ(places.size(), 2u);
    EXPECT_FALSE(places[0].beside);
    EXPECT_TRUE(places[1].beside);
}

TEST_F(TakePlacesTest, OneRecorderCannotHaveMadeBothAtDifferentTimes) {
    // The same song, played in the morning and in the evening.
    files_ = {shoot_.recording(talk_, stamped(48000LL * 3600 * 9)),
              shoot_.recording(talk_, stamped(48000LL * 3600 * 19))};
    const auto places = placesOf(20, 60);
    ASSERT_EQ(places.size(), 1u);
    EXPECT_EQ(places[0].estimate.status, MatchStatus::Unsure);
    EXPECT_NE(sentence(places[0].estimate.reason).find("different times"), std::string::npos)
        << places[0].estimate.reason;
}

// Its card was pulled after it had been read: the others go on from each other all the same.
TEST_F(TakePlacesTest, ARecordingThatIsGoneHindersNoOther) {
    const auto end = static_cast<std::int64_t>(48000 * 60 + seam_);
    files_ = {shoot_.recording(samples(talk_, 0, seam_), stamped(48000 * 60)),
              shoot_.recording(test::babble(30, 48000, 62), stamped(end)),
              shoot_.recording(samples(talk_, seam_, talk_.size()), stamped(end))};
    const SoundScan take =
        shoot_.take(test::sum(cut(talk_, 20, 60), test::whiteNoise(40, 48000, 0.004, 9)));
    const auto first = matchPair(take, files_[0], {}, {});
    ASSERT_TRUE(first && first->status == MatchStatus::Matched);
    std::filesystem::remove(files_[1].info.path);
    std::vector<Error> unreadable;
    const auto places =
        takePlaces(take, {&files_[0], &files_[1], &files_[2]}, {{0, *first}}, unreadable, {});
    ASSERT_TRUE(places);
    ASSERT_EQ(places->size(), 2u);
    EXPECT_EQ((*places)[1].recording, 2u);
    ASSERT_FALSE(unreadable.empty()) << "it is said";
    EXPECT_EQ(unreadable.front().path, files_[1].info.path);
}

}  // namespace
}  // namespace brisk
