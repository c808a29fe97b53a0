// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/sound_change.h"

#include <gtest/gtest.h>

#include <functional>

#include "shoot/fact_json.h"
#include "support/facts_text.h"

namespace brisk {
namespace {

TEST(SoundChange, SaysWhatAPersonChanged) {
    const std::pair<std::function<void(SoundChoice&)>, const char*> changes[] = {
        {[](SoundChoice& c) { c.camera = CameraSound::Blended; }, "camera's sound mixed in"},
        {[](SoundChoice& c) { c.camera = CameraSound::SecondTrack; },
         "camera's sound on a second track"},
        {[](SoundChoice& c) { c.blendDb = -6; }, "camera's sound mixed in by \u22126.0 dB"},
        {[](SoundChoice& c) { c.map = ChannelMap::Swapped; }, "sides swapped"},
        {[](SoundChoice& c) { c.channels = {1}; }, "channels as recorded"},
        {[](SoundChoice& c) { c.turned = true; }, "polarity inverted"},
        {[](SoundChoice& c) { c.toLoudness = true; }, "level to \u221216.0 LUFS"},
        {[](SoundChoice& c) { c.gainDb = 3; }, "level by 3.0 dB"},
        {[](SoundChoice& c) { c.ceilingDbtp = -2; }, "peaks under \u22122.0 dBTP"},
        {[](SoundChoice& c) { c.uncovered = Uncovered::Trimmed; }, "gaps trimmed away"},
        {[](SoundChoice& c) { c.followClock = false; }, "offset only"},
        {[](SoundChoice& c) { c.quietClaps = true; }, "claps lowered to \u2212120 dB"},
        {[](SoundChoice& c) { c.softEdgeMs = 40; }, "fades of 40 ms at edges"},
    };
    for (const auto& [change, words] : changes) {
        SoundChoice after;
        change(after);
        EXPECT_EQ(sentence(soundChange({}, after)), words);
        EXPECT_NE(soundChange(after, {}).id, "sound-unchanged") << words;
    }
    EXPECT_EQ(soundChange({}, {}).id, "sound-unchanged");
}

TEST(FactJson, GoesThereAndBackAndTakesSentencesOfTheFirstSchema) {
    const Fact f{"lag-jumps",
                 {{"by", 2.0}, {"n", 3}, {"name", "a.wav"}, {"within", Facts{{"no-rival"}}}}};
    EXPECT_EQ(factFrom(factJson(f)), f);
    EXPECT_EQ(factsFrom(factsJson({f, f})), (Facts{f, f}));
    EXPECT_EQ(sentence(factFrom("Tether press-02.mov")), "Tether press-02.mov");
    EXPECT_TRUE(factFrom("").empty());
    EXPECT_TRUE(factsFrom("").empty());
}

}  // namespace
}  // namespace brisk
