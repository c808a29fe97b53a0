// SPDX-License-Identifier: GPL-3.0-or-later
// Each rule of what a take sounds like, against arithmetic of its own on known signals.
#include "render/take_sound.h"

#include <cmath>
#include <numbers>

#include "dsp/programme_loudness.h"
#include "render/routing.h"
#include "support/facts_text.h"
#include "support/media_files.h"
#include "support/pieces.h"
#include "support/shoot_folder.h"
#include "support/signals.h"

namespace brisk {
namespace {

constexpr int kRate = 48000;

class TakeSoundTest : public ::testing::Test {
  protected:
    std::shared_ptr<const SoundScan> sound(const std::string& name, const std::vector<float>& mono,
                                           int channels = 1, int rate = kRate) {
        test::writeInterleaved(folder_.file(name), mono, {"pcm_f32le", rate, channels, {}, {}});
        return std::make_shared<const SoundScan>(test::scanned(folder_.file(name)));
    }
    std::shared_ptr<const SoundScan> take(const std::vector<float>& scratch) {
        test::TakeRecipe r;
        r.soundCodec = "pcm_s16le";
        test::writeTake(folder_.file("take.mov"), scratch, r);
        return std::make_shared<const SoundScan>(test::scanned(folder_.file("take.mov")));
    }
    static std::vector<float> render(const TakeSoundPlan& plan, double from, double to,
                                     std::size_t block = 1024) {
        auto s = TakeSound::open(plan, {kRate});
        EXPECT_TRUE(s);
        const auto first = static_cast<std::int64_t>(std::llround(from * kRate));
        EXPECT_TRUE(s->seek(first));
        const auto frames = static_cast<std::size_t>(std::llround(to * kRate) - first);
        std::vector<float> out(frames * static_cast<std::size_t>(s->channels()));
        for (std::size_t at = 0; at < out.size();) {
            const std::size_t n =
                std::min(out.size() - at, block * static_cast<std::size_t>(s->channels()));
            EXPECT_TRUE(s->read(std::span(out).subspan(at, n)));
            at += n;
        }
        return out;
    }
    /// A plan whose take is silent, ten seconds, with the recording on it from the start.
    TakeSoundPlan planFor(const std::shared_ptr<const SoundScan>& recording) {
        return {take(std::vector<float>(10 * kRate, 0.0f)), {{recording, {}}}};
    }
    static double rms(const std::vector<float>& v, double from, double to) {
        double sum = 0;
        const auto a = static_cast<std::size_t>(from * kRate);
        const auto b = static_cast<std::size_t>(to * kRate);
        for (std::size_t n = a; n < b; ++n) sum += static_cast<double>(v[n]) * v[n];
        return std::sqrt(sum / static_cast<double>(b - a));
    }
    test::TempFolder folder_;
};

TEST_F(TakeSoundTest, OfManyChannelsThoseThatWereChosenAreMixed) {
    std::vector<float> four;
    for (int n = 0; n < 10 * kRate; ++n) four.insert(four.end(), {0.1f, 0.2f, -0.3f, 0.05f});
    TakeSoundPlan plan = planFor(sound("four.wav", four, 4));
    const auto at = [&](std::vector<int> channels) {
        plan.choice.map = ChannelMap::Chosen;
        plan.choice.channels = std::move(channels);
        const auto all = render(plan, 4, 4.01);
        EXPECT_EQ(all.size(), 480u) << "to both ears";
        return all.front();
    };
    EXPECT_EQ(at({2}), -0.3f) << "untouched";
    EXPECT_NEAR(at({1, 3}), 0.125, 1e-7);
    EXPECT_NEAR(at({1, 9}), 0.2, 1e-7) << "what it does not have is passed over";
    EXPECT_NEAR(at({9}), 0.0125, 1e-7) << "as recorded: all mixed";
    SoundScan scan = *plan.clean[0].recording;
    scan.info.sounds[0].channelNames = {"Ines", "", "Bench", "Room"};
    EXPECT_EQ(sentence(routingFact(scan, {ChannelMap::Chosen, {0, 1, 2}})),
              "channels 1 Ines, 2 and 3 Bench mixed, on both sides");
    EXPECT_EQ(sentence(routingFact(scan, {ChannelMap::Chosen, {3}})),
              "channel 4 Room on both sides");
}

TEST_F(TakeSoundTest, TracksOfARecordingAreMixedLikeChannels) {
    std::vector<std::string> files;
    for (const float level : {0.1f, 0.2f, -0.3f, 0.05f}) {
        const std::string name = "one" + std::to_string(files.size()) + ".wav";
        sound(name, std::vector<float>(10 * kRate, level));
        files.push_back(folder_.file(name));
    }
    const auto tracks = [&](const std::string& name, const std::string& dispositions) {
        std::string inputs, maps;
        for (std::size_t i = 0; i < files.size(); ++i) {
            inputs += " -i " + files[i];
            maps += " -map " + std::to_string(i);
        }
        test::ffmpeg(inputs + maps + " -c:a pcm_f32le -metadata:s:a:2 title=Bench " + dispositions +
                     folder_.file(name));
        return std::make_shared<const SoundScan>(test::scanned(folder_.file(name)));
    };
    TakeSoundPlan plan = planFor(tracks("all.mka", "-disposition:a default "));
    const auto frame = [&](std::vector<int> channels) {
        plan.choice.map = channels.empty() ? ChannelMap::AsRecorded : ChannelMap::Chosen;
        plan.choice.channels = std::move(channels);
        const auto all = render(plan, 4, 4.01);
        return std::vector<float>(all.begin(), all.begin() + static_cast<long>(all.size() / 480));
    };
    const SoundScan all = *plan.clean[0].recording;
    EXPECT_EQ(frame({2}), std::vector<float>{-0.3f}) << "untouched";
    EXPECT_NEAR(frame({1, 3}).at(0), 0.125, 1e-7);
    EXPECT_NEAR(frame({}).at(0), 0.0125, 1e-7) << "all play: all mixed";
    EXPECT_EQ(sentence(routingFact(all, {ChannelMap::Chosen, {1, 2}})),
              "channels 2 and 3 Bench mixed, on both sides");
    EXPECT_EQ(sentence(routingFact(all, {})), "all 4 channels mixed");

    plan = planFor(tracks("third.mka", "-disposition:a 0 -disposition:a:2 default "));
    EXPECT_EQ(frame({}), (std::vector<float>{0.1f, -0.3f}))
        << "what plays by itself, and the first";
    EXPECT_EQ(sentence(routingFact(*plan.clean[0].recording, {})),
              "channels 1 and 3 Bench as stereo");
    EXPECT_EQ(frame({1}), std::vector<float>{0.2f}) << "the others can be chosen";
}

TEST_F(TakeSoundTest, WhereTheRecordingIsClippedIsKnownOnTakeTime) {
    auto hot = test::babble(10, kRate, 4);
    for (const double at : {1.0, 6.0}) {
        for (int n = 0; n < 50; ++n) hot[static_cast<std::size_t>(at * kRate) + n] = 1.0f;
    }
    TakeSoundPlan plan = planFor(sound("hot.wav", hot));
    plan.clean[0].line = {{2}, {0}};  // its first clip lies before the take
    const auto where = clippedIn(plan.clean, plan.stretches()[0]);
    ASSERT_EQ(where.size(), 1u);
    EXPECT_NEAR(where[0].start.value, 4, 1e-4);
    EXPECT_NEAR(where[0].length().value, 50.0 / kRate, 1e-4);
    EXPECT_TRUE(clippedIn(plan.clean, {{0}, {3.9}}).empty());
}

TEST_F(TakeSoundTest, ChannelsGoToTheEarsThatWereChosen) {
    std::vector<float> stereo;
    for (int n = 0; n < 10 * kRate; ++n) stereo.insert(stereo.end(), {0.1f, -0.3f});
    TakeSoundPlan plan = planFor(sound("stereo.wav", stereo, 2));
    const auto at = [&](ChannelMap ears) {
        plan.choice.map = ears;
        const auto all = render(plan, 4, 4.01);
        const std::size_t channels = all.size() / 480;
        return std::vector<float>(all.begin(), all.begin() + static_cast<long>(channels));
    };
    EXPECT_EQ(at(ChannelMap::AsRecorded), (std::vector<float>{0.1f, -0.3f}));
    EXPECT_EQ(at(ChannelMap::Left), std::vector<float>{0.1f});
    EXPECT_EQ(at(ChannelMap::Right), std::vector<float>{-0.3f});
    EXPECT_NEAR(at(ChannelMap::Mix).at(0), -0.1, 1e-7);
    EXPECT_EQ(at(ChannelMap::Stereo), (std::vector<float>{0.1f, -0.3f}));
    EXPECT_EQ(at(ChannelMap::Swapped), (std::vector<float>{-0.3f, 0.1f}));
    plan.choice.turned = true;
    EXPECT_EQ(at(ChannelMap::Left), std::vector<float>{-0.1f});
}

TEST_F(TakeSoundTest, OneSidedSoundGoesToBothEarsUnasked) {
    std::vector<float> oneSided;
    for (int n = 0; n < 10 * kRate; ++n) oneSided.insert(oneSided.end(), {0.0f, 0.25f});
    const auto scan = sound("one.wav", oneSided, 2);
    TakeSoundPlan plan = planFor(scan);
    const auto out = render(plan, 4, 4.01);
    ASSERT_EQ(out.size(), 480u) << "one channel, for both ears";
    EXPECT_EQ(out[0], 0.25f);
}

TEST_F(TakeSoundTest, AGainIsThatGain) {
    const auto tone = test::sine(10, kRate, 440);
    TakeSoundPlan plan = planFor(sound("tone.wav", tone));
    plan.choice.gainDb = -7.3;
    plan.level = *resolveLevel(plan, {});
    const auto out = render(plan, 0, 10);
    EXPECT_NEAR(20 * std::log10(rms(out, 1, 9) / rms(tone, 1, 9)), -7.3, 1e-4);
}

TEST_F(TakeSoundTest, SpeechComesToItsLoudnessAndStaysUnderTheCeiling) {
    const auto speech = test::babble(20, kRate, 4);
    TakeSoundPlan plan{take(std::vector<float>(20 * kRate, 0.0f)),
                       {{sound("talk.wav", speech), {}}}};
    plan.choice.toLoudness = true;
    for (const auto& [target, ceiling, limits] :
         {std::tuple{-30.0, -1.0, false}, {-16.0, -1.0, true}, {-14.0, -3.0, true}}) {
        plan.choice.targetLufs = target;
        plan.choice.ceilingDbtp = ceiling;
        plan.level = *resolveLevel(plan, {});
        EXPECT_EQ(plan.level.limit, limits) << target;
        ProgrammeLoudness meter({kRate}, 1);
        meter.push(render(plan, 0, 20));
        EXPECT_NEAR(meter.lufs(), target, 0.1);
        EXPECT_LE(meter.truePeakDb(), ceiling);
        EXPECT_NEAR(plan.level.lufs, meter.lufs(), 0.02) << "what is said is what is so";
    }
}

TEST_F(TakeSoundTest, TheLimiterIsTheSameFromWhereverOneBegins) {
    TakeSoundPlan plan = planFor(sound("talk.wav", test::babble(10, kRate, 8)));
    plan.level = {18, true, -1};
    const auto whole = render(plan, 0, 10, 4800);
    for (const auto& [from, block] : {std::pair{3.0, 333u}, {3.123, 4096u}, {7.5, 17u}}) {
        const auto part = render(plan, from, from + 0.5, block);
        const auto first = static_cast<std::size_t>(std::llround(from * kRate));
        double most = 0;
        for (std::size_t n = 0; n < part.size(); ++n) {
            most = std::max(most, std::fabs(static_cast<double>(part[n]) - whole[first + n]));
        }
        EXPECT_LT(most, 1e-6) << from;
    }
}

TEST_F(TakeSoundTest, TheCameraFillsWhatIsUncoveredAtEqualPower) {
    const auto clean = test::whiteNoise(6, kRate, 0.05, 1);
    const auto far = test::whiteNoise(10, kRate, 0.0125, 2);
    TakeSoundPlan plan{take(far), {{sound("clean.wav", clean), {{-2}, {0}}}}};  // covers 2 to 8
    plan.choice.uncovered = Uncovered::Camera;
    plan.choice.softEdgeMs = 0;
    const auto out = render(plan, 0, 10);
    for (double t = 0.1; t < 9.8; t += 0.025) {
        const double db = 20 * std::log10(rms(out, t, t + 0.05) / 0.05);
        EXPECT_NEAR(db, 0, 0.6) << "at " << t;  // of noise, in windows of 2400 samples
    }
    // The edges in the mean over many: half a decibel at most.
    double power = 0;
    for (int seed = 0; seed < 6; ++seed)
        power += std::pow(rms(out, 2.0 + 0.008 * seed, 2.008 + 0.008 * seed), 2);
    EXPECT_NEAR(10 * std::log10(power / 6 / 0.0025), 0, 0.5);
    plan.choice.uncovered = Uncovered::Silence;
    const auto silent = render(plan, 0, 10);
    EXPECT_EQ(rms(silent, 0, 1.99), 0);
    EXPECT_EQ(rms(silent, 8.01, 9.9), 0);
}

TEST_F(TakeSoundTest, ABlendedCameraLiesUnderTheCleanSound) {
    const auto clean = test::whiteNoise(10, kRate, 0.05, 1);
    const auto far = test::whiteNoise(10, kRate, 0.0125, 2);
    TakeSoundPlan plan{take(far), {{sound("clean.wav", clean), {}}}};
    const auto dry = render(plan, 1, 9);
    plan.choice.camera = CameraSound::Blended;
    plan.choice.blendDb = -12;
    const auto wet = render(plan, 1, 9);
    std::vector<float> added(wet.size());
    for (std::size_t n = 0; n < wet.size(); ++n) added[n] = wet[n] - dry[n];
    EXPECT_NEAR(20 * std::log10(rms(added, 0, 8) / rms(dry, 0, 8)), -12, 0.2);
}

TEST_F(TakeSoundTest, QuietClapsAreGoneAndNothingElseIsTouched) {
    const auto talk = test::babble(10, kRate, 9);
    TakeSoundPlan plan = planFor(sound("talk.wav", talk));
    const auto before = render(plan, 0, 10);
    plan.claps = {{{2.5}, {2.64}}, {{6}, {6.14}}};
    const auto after = render(plan, 0, 10);
    for (std::size_t n = 0; n < after.size(); ++n) {
        const double t = static_cast<double>(n) / kRate;
        const bool inside = (t >= 2.5 && t < 2.64) || (t >= 6 && t < 6.14);
        if (!inside) {
            ASSERT_EQ(after[n], before[n]) << t;
        } else if ((t > 2.505 && t < 2.635) || (t > 6.005 && t < 6.135)) {
            ASSERT_EQ(after[n], 0) << t;
        }
    }
    plan.choice.clapsDb = -20;
    const auto lowered = render(plan, 0, 10);
    EXPECT_NEAR(20 * std::log10(rms(lowered, 2.51, 2.63) / rms(before, 2.51, 2.63)), -20, 0.01);
}

TEST_F(TakeSoundTest, EdgesOfWhatIsKeptAreSoftAndTheRestIsUntouched) {
    std::vector<float> flat(10 * kRate, 0.5f);
    TakeSoundPlan plan = planFor(sound("flat.wav", flat));
    plan.kept = {{{1}, {3}}, {{5}, {8}}};
    const auto out = render(plan, 0, 10);
    EXPECT_EQ(rms(out, 0, 1), 0);
    EXPECT_EQ(rms(out, 3, 5), 0);
    EXPECT_EQ(out[kRate], 0);
    EXPECT_NEAR(out[kRate + 240], 0.25, 1e-3) << "half way through ten milliseconds";
    for (std::size_t n = kRate + 480; n < 3 * kRate - 480; ++n) ASSERT_EQ(out[n], 0.5f) << n;
    EXPECT_LT(std::fabs(out[3 * kRate - 1]), 1e-4);
    plan.choice.softEdgeMs = 0;
    const auto hard = render(plan, 0, 10);
    EXPECT_EQ(hard[kRate], 0.5f);
    EXPECT_EQ(plan.length(), Seconds{5});
}

TEST_F(TakeSoundTest, AnHourLaterAToneIsWhereItBelongsAndClean) {
    // A recorder 63 ppm fast heard a tone of 440 Hz for an hour.
    constexpr int kLow = 8000;
    const double drift = 63e-6, offset = 1.234567;
    std::vector<float> heard(static_cast<std::size_t>(3603) * kLow);
    for (std::size_t n = 0; n < heard.size(); ++n) {
        const double t = (static_cast<double>(n) / kLow - offset) / (1 + drift);
        heard[n] = static_cast<float>(0.5 * std::sin(2 * std::numbers::pi * 440 * t));
    }
    TakeSoundPlan plan = planFor(sound("hour.wav", heard, 1, kLow));
    plan.clean[0].line = {{offset}, {63}};
    plan.kept = {{{0}, {3601}}};
    const auto out = render(plan, 3599, 3600);
    // The best sine of that frequency, and what is left beside it.
    double s = 0, c = 0;
    for (std::size_t n = 0; n < out.size(); ++n) {
        const double w = 2 * std::numbers::pi * 440 * (static_cast<double>(n) / kRate);
        s += out[n] * std::sin(w);
        c += out[n] * std::cos(w);
    }
    s *= 2.0 / static_cast<double>(out.size());
    c *= 2.0 / static_cast<double>(out.size());
    const double late = -std::atan2(c, s) / (2 * std::numbers::pi * 440);
    EXPECT_LT(std::fabs(late), 1e-4) << "seconds";
    double left = 0;
    for (std::size_t n = 0; n < out.size(); ++n) {
        const double w = 2 * std::numbers::pi * 440 * (static_cast<double>(n) / kRate);
        left += std::pow(out[n] - s * std::sin(w) - c * std::cos(w), 2);
    }
    const double artefacts = 10 * std::log10(left / static_cast<double>(out.size()) / (0.125));
    EXPECT_LT(artefacts, -100) << "dB against the tone";
    RecordProperty("artefacts_db", std::to_string(artefacts));
    // With the recorder's own speed it is out by what its clock is fast.
    plan.choice.followClock = false;
    const auto pieces = withoutDrift(plan.clean);
    EXPECT_NEAR(pieces[0].line.toTake({offset + 3600 * (1 + drift)}).value - 3600, 3600 * drift,
                1e-6);
}

TEST_F(TakeSoundTest, AStretchIsQuietOnTheSoundThatWasMeantWithSoftEdges) {
    const auto recording = sound("r.wav", std::vector<float>(10 * kRate, 0.5f));
    TakeSoundPlan plan{take(std::vector<float>(10 * kRate, 0.25f)), {{recording, {}}}};
    plan.choice.camera = CameraSound::Blended;
    plan.choice.blendDb = 0;
    plan.choice.softEdgeMs = 0;
    const auto all = render(plan, 0, 10);
    const double both = all[static_cast<std::size_t>(4.5 * kRate)];
    const double camera = both - 0.5;
    ASSERT_GT(camera, 0.1);
    const auto at = [](const std::vector<float>& v, double t) {
        return static_cast<double>(v[static_cast<std::size_t>(t * kRate)]);
    };
    plan.quiet = {{{{4}, {5}}, QuietStretch::kSilent, QuietSide::Clean}};
    const auto clean = render(plan, 0, 10);
    EXPECT_NEAR(at(clean, 4.5), camera, 1e-3) << "the camera stays";
    EXPECT_NEAR(at(clean, 3.9), both, 1e-5);
    EXPECT_NEAR(at(clean, 5.1), both, 1e-5);
    for (std::size_t n = 1; n < clean.size(); ++n) {
        ASSERT_LT(std::abs(clean[n] - clean[n - 1]), 0.002f) << n;
    }
    plan.quiet[0].side = QuietSide::Camera;
    EXPECT_NEAR(at(render(plan, 0, 10), 4.5), 0.5, 1e-3);
    plan.quiet[0].side = QuietSide::Both;
    EXPECT_NEAR(at(render(plan, 0, 10), 4.5), 0, 1e-5);
    plan.quiet[0] = {{{4}, {5}}, -20, QuietSide::Both};
    EXPECT_NEAR(at(render(plan, 0, 10), 4.5), both / 10, 1e-3);
    // In blocks of any size it sounds the same.
    EXPECT_EQ(render(plan, 3, 6, 64), render(plan, 3, 6, 4096));
}

}  // namespace
}  // namespace brisk
