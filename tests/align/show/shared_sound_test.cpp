// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/show/shared_sound.h"

#include <gtest/gtest.h>

#include <cmath>

#include "sim/room.h"
#include "sim/speech.h"
#include "support/facts_text.h"
#include "support/shoot_folder.h"
#include "support/signals.h"

namespace brisk {
namespace {

/// Correlation coefficient of a[n] and b[n + shift].
double alike(const std::vector<float>& a, const std::vector<float>& b, std::int64_t shift) {
    double ab = 0, aa = 0, bb = 0, ma = 0, mb = 0;
    std::int64_t count = 0;
    const auto each = [&](auto f) {
        for (std::int64_t n = 0; n < static_cast<std::int64_t>(a.size()); ++n) {
            const std::int64_t m = n + shift;
            if (m < 0 || m >= static_cast<std::int64_t>(b.size())) continue;
            f(a[static_cast<std::size_t>(n)], b[static_cast<std::size_t>(m)]);
        }
    };
    each([&](float x, float y) {
        ma += x;
        mb += y;
        ++count;
    });
    each([&](float x, float y) {
        const double p = x - ma / static_cast<double>(count);
        const double q = y - mb / static_cast<double>(count);
        ab += p * q;
        aa += p * p;
        bb += q * q;
    });
    return ab / std::sqrt(aa * bb);
}

/// RMS of every 8 ms.
std::vector<float> levels(const std::vector<float>& sound) {
    std::vector<float> out;
    for (std::size_t n = 0; n + 384 <= sound.size(); n += 384) {
        double power = 0;
        for (std::size_t i = n; i < n + 384; ++i) power += sound[i] * sound[i];
        out.push_back(static_cast<float>(std::sqrt(power / 384)));
    }
    return out;
}

/// How alike two curves are in their place, and at best within 3 s of it.
struct Reflection {
    double inPlace = 0, elsewhere = 0;
};

Reflection reflection(const std::vector<float>& a, const std::vector<float>& b,
                      std::int64_t shift) {
    Reflection r{alike(a, b, shift), 0};
    for (std::int64_t by = -375; by <= 375; by += 3) {
        if (std::abs(by) > 30) r.elsewhere = std::max(r.elsewhere, alike(a, b, shift + by));
    }
    return r;
}

TEST(SharedSound, BringsTheReflectionBackToAFarNoisyTake) {
    const auto spoken = sim::speak(
        "First we fold the sheets, eight pages at a time, and press them flat with a bone. Then "
        "the sections are sewn on four tapes. Mind the thread: pull it along the fold, never "
        "against it. The spine gets two thin coats of paste. While it dries we cut the boards, "
        "and cover them with the marbled paper that Odile made on Monday. When the press is "
        "closed, nobody opens it before the evening, however much they would like to look.",
        {});
    ASSERT_TRUE(spoken) << spoken.error().fact;
    const auto& day = *spoken;
    const double end = static_cast<double>(day.size()) / 48000 - 0.1;
    sim::Convolver room(sim::roomResponse({.rt60 = 0.9}, 6, 4));
    std::vector<float> far;
    room.process(day, far);
    for (float& v : far) v *= 4;
    const auto scratch = test::sum(test::cut(far, 4, end), test::whiteNoise(60, 48000, 0.004, 5));
    const double place = 4 - 6 / sim::kMetresPerSecond;
    test::ShootFolder shoot;
    const SoundScan take = shoot.take(scratch), recording = shoot.recording(day);
    const auto at = [&](double offset) {
        auto s = sharedSound(take.bands, recording.bands, {{offset}, {0}}, JobControl{});
        EXPECT_TRUE(s);
        return *s;
    };
    const auto shiftOf = [](const SharedSound& s, double offset) {
        return std::llround(offset * 125) + s.scratch.first - s.clean.first;
    };
    const SharedSound s = at(place);
    const Reflection shared = reflection(s.scratch.values, s.clean.values, shiftOf(s, place));
    const Reflection raw = reflection(levels(scratch), levels(test::cut(day, place, end)), 0);
    EXPECT_GT(shared.inPlace, 0.4);
    EXPECT_GT(shared.inPlace / shared.elsewhere, 1.4 * raw.inPlace / raw.elsewhere)
        << shared.inPlace << " against " << shared.elsewhere << "; outlines " << raw.inPlace
        << " against " << raw.elsewhere;
    // A wrong place gets no reflection.
    const SharedSound wrong = at(1.3);
    EXPECT_LT(alike(wrong.scratch.values, wrong.clean.values, shiftOf(wrong, 1.3)), 0.2);
}

TEST(SharedSound, IsEmptyWhereOneOfThemIs) {
    const auto s = sharedSound({}, BandLevels(400), {}, JobControl{});
    ASSERT_TRUE(s);
    EXPECT_TRUE(s->scratch.values.empty());
}

}  // namespace
}  // namespace brisk
