// SPDX-License-Identifier: GPL-3.0-or-later
#include "render/clean_sound.h"

#include <cmath>

#include "day/take_pieces.h"
#include "support/media_files.h"
#include "support/pieces.h"
#include "support/shoot_folder.h"
#include "support/signals.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

constexpr std::int64_t kCut = 48000 * 4 + 1237;  // where the recorder began its next file

class CleanSoundTest : public ::testing::Test {
  protected:
    std::shared_ptr<const SoundScan> file(const std::string& name, std::vector<float> samples) {
        test::writeSound(folder_.file(name), samples, {"pcm_f32le", 48000, 1, {}, {}});
        return std::make_shared<const SoundScan>(test::scanned(folder_.file(name)));
    }
    static std::vector<float> render(const CleanPieces& pieces, std::int64_t from,
                                     std::size_t frames) {
        auto sound = CleanSound::open(pieces, {48000});
        EXPECT_TRUE(sound);
        EXPECT_TRUE(sound->seek(from));
        std::vector<float> out(frames * static_cast<std::size_t>(sound->channels()));
        // In uneven blocks, as players ask.
        for (std::size_t at = 0; at < out.size();) {
            const std::size_t n = std::min<std::size_t>(out.size() - at, 977);
            EXPECT_TRUE(sound->read(std::span(out).subspan(at, n)));
            at += n;
        }
        return out;
    }
    static double worst(const std::vector<float>& a, const std::vector<float>& b) {
        double most = 0;
        for (std::size_t i = 0; i < a.size(); ++i) {
            most = std::max(most, std::fabs(static_cast<double>(a[i]) - b[i]));
        }
        return most;
    }
    test::TempFolder folder_;
    std::vector<float> day_ = test::babble(9, 48000, 5);
};

TEST_F(CleanSoundTest, TwoFilesThatTouchAreOneSoundToTheSample) {
    const auto whole = file("whole.wav", day_);
    const auto first = file("first.wav", {day_.begin(), day_.begin() + kCut});
    const auto second = file("second.wav", {day_.begin() + kCut, day_.end()});
    // Between samples and on another clock, so that the join is resampled across.
    const ClockLine line{{1.0000071}, {37}};
    ClockLine next = line;
    next.offset = line.offset - first->length();
    const auto want = render({{whole, line}}, 0, 48000 * 6);
    const auto got = render({{first, line}, {second, next}}, 0, 48000 * 6);
    EXPECT_LT(worst(got, want), 2e-4) << "of full scale, anywhere";
    // One sample later would be plain to see: the test can fail.
    next.offset = next.offset - Seconds{1.0 / 48000};
    EXPECT_GT(worst(render({{first, line}, {second, next}}, 0, 48000 * 6), want), 5e-3);
}

TEST_F(CleanSoundTest, AGapIsSilentAndNamed) {
    const auto a = file("a.wav", test::sine(2, 48000, 300));
    const auto b = file("b.wav", test::sine(2, 48000, 300));
    const CleanPieces pieces{{a, {{0}, {0}}}, {b, {{-3.5}, {0}}}};
    const auto out = render(pieces, 0, 48000 * 6);
    const auto loudest = [&](double from, double to) {
        float most = 0;
        for (auto i = static_cast<std::size_t>(from * 48000); i < to * 48000; ++i) {
            most = std::max(most, std::fabs(out[i]));
        }
        return most;
    };
    EXPECT_GT(loudest(0.1, 1.9), 0.1f);
    EXPECT_EQ(loudest(2.01, 3.49), 0.0f);
    EXPECT_GT(loudest(3.6, 5.4), 0.1f);
    const auto holes = uncovered(pieces, {{-1}, {7}});
    ASSERT_EQ(holes.size(), 3u);
    EXPECT_NEAR(holes[1].start.value, 2, 1e-9);
    EXPECT_NEAR(holes[1].end.value, 3.5, 1e-9);
    EXPECT_NEAR(holes[2].end.value, 7, 1e-9);
}

TEST_F(CleanSoundTest, ARecordingThatJumpsIsFollowedWithoutAClick) {
    // Half a second was lost at second 4; the tone's phase jumps there.
    auto tone = test::sine(9, 48000, 110);
    std::vector<float> lost = tone;
    lost.erase(lost.begin() + 4 * 48000, lost.begin() + 4 * 48000 + 23900);
    const auto scan = file("lost.wav", lost);
    Tether t;
    t.found.line = t.line = {{1}, {0}};
    t.found.segments = {{{{0}, {3}}, {{1}, {0}}, {0}},
                        {{{3 + 23900.0 / 48000}, {7}}, {{1 - 23900.0 / 48000}, {0}}, {0}}};
    const auto pieces = tetherPieces(t, scan, PieceLines::Acoustic);
    ASSERT_EQ(pieces.size(), 2u);
    const auto out = render(pieces, 0, 48000 * 7);
    for (const double at : {1.0, 2.5, 3.6, 5.0, 6.5}) {
        const auto n = static_cast<std::size_t>(at * 48000);
        EXPECT_NEAR(out[n], tone[n + 48000], 1e-4) << "at " << at;
    }
    EXPECT_EQ(out[static_cast<std::size_t>(3.25 * 48000)], 0) << "what was lost stays a gap";
    float step = 0, usual = 0;
    for (std::size_t n = 1; n < 48000; ++n) usual = std::max(usual, std::fabs(out[n] - out[n - 1]));
    for (std::size_t n = 1; n < out.size(); ++n)
        step = std::max(step, std::fabs(out[n] - out[n - 1]));
    EXPECT_LT(step, 3 * usual) << "no click where it changes lines";
}

TEST_F(CleanSoundTest, TheCutMovesWithTheCleanSoundAndWithTheSoundsWay) {
    const auto scan = file("a.wav", day_);
    Tether t;
    t.found.line = {{1}, {0}};
    t.found.segments = {{{{0}, {3}}, {{1}, {0}}, {0}}, {{{3}, {7}}, {{0.5}, {0}}, {0}}};
    t.line = {{0.75}, {0}};  // a quarter of a second later than found
    t.soundDelay = {0.02};
    const auto acoustic = tetherPieces(t, scan, PieceLines::Acoustic);
    EXPECT_NEAR(acoustic[1].from->value, 3.25, kCutFade.value);
    EXPECT_NEAR(acoustic[1].line.offset.value, 0.25, 1e-9);
    const auto heard = tetherPieces(t, scan, PieceLines::Heard);
    EXPECT_NEAR(acoustic[1].from->value - heard[1].from->value, 0.02, 1e-9);
    EXPECT_NEAR(heard[0].line.offset.value, 0.77, 1e-9);
}

TEST_F(CleanSoundTest, ATakesPiecesComeInOrderAndOtherMicrophonesAreLeftOut) {
    const auto a = file("a.wav", test::cut(day_, 0, 4));
    const auto b = file("b.wav", test::cut(day_, 4, 8));
    const auto lav = file("lav.wav", day_);
    ShootState s;
    const auto tether = [&](int recording, double offset, bool beside) {
        Tether t;
        t.take = 1;
        t.recording = recording;
        t.line = t.found.line = {{offset}, {0}};
        t.found.status = MatchStatus::Matched;
        t.beside = beside;
        s.tethers.push_back(t);
    };
    tether(3, -3.2, false);  // the second file was the surer one
    tether(4, 1, true);
    tether(2, 1, false);  // and the first reaches 0.2 s beyond where the second begins
    const ScanOf scanOf = [&](int id) { return id == 2 ? a : id == 3 ? b : lav; };
    const auto pieces = takePieces(s, 1, PieceLines::Heard, scanOf);
    ASSERT_EQ(pieces.size(), 2u);
    EXPECT_EQ(pieces[0].recording, a);
    EXPECT_FALSE(pieces[0].until);
    EXPECT_EQ(pieces[1].recording, b);
    s.tethers[0].line.offset = s.tethers[0].found.line.offset = Seconds{-2.8};
    const auto cut = takePieces(s, 1, PieceLines::Heard, scanOf);
    ASSERT_TRUE(cut[0].until && cut[1].from);
    EXPECT_NEAR((cut[0].until->value + cut[1].from->value) / 2, 2.9, 1e-9)
        << "in the middle of what both cover";
}

}  // namespace
}  // namespace brisk
