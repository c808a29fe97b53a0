// SPDX-License-Identifier: GPL-3.0-or-later
#include "align/decide/right_place.h"

#include <algorithm>
#include <cmath>

namespace brisk {
namespace {

// Luck: orders of magnitude against it, and what the sum of the windows adds to them.
constexpr double kStackCounts = 0.25, kStackMost = 40;
constexpr double kLuckMiddle = 7.0;  // as probable as the place
constexpr double kLuckWidth = 0.8;   // e times less probable

// Another event: share of the windows that agree, of those that could.
constexpr double kShareOfFaint = 0.40;  // as probable as the place, where windows say little
constexpr double kShareOfClear = 0.72;  // and where each could be heard by itself
constexpr double kShareWidth = 0.035;
/// Deviations a root of a second. One event had 9 to 15, two with a part in common 2 to 7.5.
constexpr double kOnsetsOfAll = 8;
constexpr double kClearMiddle = 3.2, kClearWidth = 0.4;  // deviations

// Echo: share of all windows, and how low the sum is.
constexpr double kEchoShare = 0.72, kEchoShareWidth = 0.03;
// Noise reaches 3 to 4 deviations before the arrival: direct sound half as high as its echo is not
// seen in a sum below that. Of what is seen oddsOfAnotherArrival speaks.
constexpr double kHidesDirect = 8, kHidesWidth = 0.4;  // deviations
// Sound before what was taken for the first, deviations of the noise and part of that. Of eighty
// drowned takes whose place was right one had both, 0.9 ms late; of twelve that were late eleven.
constexpr double kHeardBefore = 4.8, kHeardBeforeWidth = 0.15;
constexpr double kPartBefore = 0.31, kPartBeforeWidth = 0.015;
// A vowel's own period before the direct sound stood at 8.5 and 0.25 of it, no true one so low.
constexpr double kHardlyStands = 10, kHardlyStandsWidth = 0.4;
constexpr double kHardlyBeside = 0.32, kHardlyBesideWidth = 0.015;
constexpr double kStrayShare = 0.45, kStrayShareWidth = 0.04;
constexpr double kWideSpread = 0.35, kWideSpreadWidth = 0.05;  // milliseconds
constexpr double kMostEcho = 1;                                // of such answers half are right

// Background: agreement where one side is weak against where both are about as loud. Two rooms had
// 0.59 and less on both sides; of what is one event all had 0.8 and more on one, but for
constexpr double kWeakOfEven = 0.69;  // as probable as the other
constexpr double kWeakApart = 0.35;   // from two rooms to one event, of the middle's
constexpr double kWeakSpread = 0.1;   // of either
// two that are nearly the same (neither stands out by more than 5 dB; two rooms 10 and more), and
constexpr double kStandsOutDb = 7.5, kStandsOutWidth = 0.5;
// what is drowned all through on both sides: alike by 0.48 at best, and what is loudest on one is
// weak on the other in 0.06 of it (two rooms 0.27 and more, or a loud programme, alike by 0.75).
constexpr double kDrowned = 0.62, kDrownedWidth = 0.03;
constexpr double kLoudAlone = 0.16, kLoudAloneWidth = 0.015;
constexpr double kLeastInCommon = 1e-3;

// Other sound in a row at one end. Of 226 takes whose place was right two had one such window, none
// had more; a piece of music played twice had five. Whoever has left the room makes them, too.
constexpr double kInARow = 2.6, kInARowWidth = 0.2;
constexpr double kMostOtherSound = 0.1;  // odds

// Other places: strength against this one's, as a part of what an equal has.
constexpr double kElsewhereWidth = 0.16;

// Claps. Two single claps that are not the same reached 6.7, with other spikes about 7.7; the same
// clap in near silence 8.4 and, all but one, 12 and more.
constexpr double kOneClapMiddle = 8.0, kClapsMiddle = 6.5, kClapWidth = 0.64;
constexpr double kClapElsewhereWidth = 0.077;
constexpr double kAmongOtherSound = 4;  // odds: it had to agree, too
constexpr double kSomeClapsMissing = 1;

constexpr double kMostOdds = 1e6;

double oddsBelow(double value, double middle, double width) {
    return std::min(kMostOdds, std::exp((middle - value) / width));
}

/// 0 far below `middle`, a half there, 1 far above.
double rising(double value, double middle, double width) {
    return 1 / (1 + oddsBelow(value, middle, width));
}

/// The strongest was chosen: none of the others is more probable than it.
/// \param equal  what one that is as good has.
double oddsOfOthers(std::span<const double> strengths, double equal, double width) {
    double sum = 0;
    for (const double s : strengths) sum += std::min(1.0, oddsBelow(1, s / equal, width));
    return sum;
}

}  // namespace

double Against::probability() const {
    return std::min(kMostConfident,
                    1 / (1 + luck + otherEvent + elsewhere + echo + background + otherSound));
}

double oddsOfLuck(double log10PValue, double stack) {
    return oddsBelow(-log10PValue + kStackCounts * std::min(stack, kStackMost), kLuckMiddle,
                     kLuckWidth);
}

double oddsOfOtherEvent(int agreeing, int against, int used, double stack, bool onsetsAgree) {
    // The sum of all stands as high as one of them times the root of their number.
    const double each = stack * std::sqrt(static_cast<double>(used)) / std::max(1, agreeing);
    const double able = std::max(1, agreeing + against);
    const double clear = onsetsAgree ? 0 : rising(each, kClearMiddle, kClearWidth);
    return oddsBelow(agreeing / able, kShareOfFaint + (kShareOfClear - kShareOfFaint) * clear,
                     kShareWidth);
}

bool onsetsOfAllAgree(double coarse, double overlap) {
    return coarse > kOnsetsOfAll * std::sqrt(overlap);
}

double oddsOfEcho(int agreeing, int used, double noises) {
    const double low = rising(kHidesDirect, noises, kHidesWidth);
    const double share = static_cast<double>(agreeing) / std::max(1, used);
    return low * std::min(kMostEcho, oddsBelow(share, kEchoShare, kEchoShareWidth));
}

double oddsOfAnotherArrival(const AroundArrival& around) {
    const double earlier = rising(around.before, kHeardBefore, kHeardBeforeWidth) *
                           rising(around.beforeShare(), kPartBefore, kPartBeforeWidth);
    const double later = rising(kHardlyStands, around.noises, kHardlyStandsWidth) *
                         rising(kHardlyBeside, around.share, kHardlyBesideWidth);
    return kMostEcho * (earlier + later);
}

double oddsOfStrayPlace(int agreeing, int used) {
    const double share = static_cast<double>(agreeing) / std::max(1, used);
    return std::min(kMostEcho, oddsBelow(share, kStrayShare, kStrayShareWidth));
}

double oddsOfSpread(double spreadMs) {
    return std::min(kMostEcho, oddsBelow(kWideSpread, spreadMs, kWideSpreadWidth));
}

namespace {
/// Two bell curves, as wide as what is measured: of a few moments neither is much more probable.
/// Source: any text on signal detection, the likelihood ratio of two normal densities.
double oddsOfWeak(const SharedPart& weak, const SharedPart& even) {
    const double middle = std::max(even.agreement, kLeastInCommon);
    const double width = std::hypot(kWeakSpread * middle, weak.doubt, kWeakOfEven * even.doubt);
    return oddsBelow(weak.agreement, kWeakOfEven * middle, width * width / (kWeakApart * middle));
}
}  // namespace

double oddsOfBackground(const SharedByBalance& shared) {
    const SharedPart& even = shared.even;
    const double heard =
        std::min(oddsOfWeak(shared.takeWeak, even), oddsOfWeak(shared.recordingWeak, even));
    const double standsOutDb = std::min(shared.recordingStandsOutDb, shared.takeStandsOutDb);
    const double alone = std::min(shared.loudInTakeAlone, shared.loudInRecordingAlone);
    // Each of the three clears it.
    return std::min({heard, oddsBelow(kStandsOutDb, standsOutDb, kStandsOutWidth),
                     oddsBelow(kLoudAlone, alone, kLoudAloneWidth) +
                         oddsBelow(kDrowned, even.agreement, kDrownedWidth)});
}

double oddsOfOtherSound(double atOneEnd) {
    return kMostOtherSound * rising(atOneEnd, kInARow, kInARowWidth);
}

double oddsOfElsewhere(std::span<const double> strengths) {
    return oddsOfOthers(strengths, kEqualRival, kElsewhereWidth);
}

Against againstClaps(const ClapEvidence& e, std::span<const double> others) {
    Against a;
    a.luck = oddsBelow(e.stack, e.agreeing > 1 ? kClapsMiddle : kOneClapMiddle, kClapWidth);
    a.otherEvent =
        (e.quiet ? 0 : kAmongOtherSound) + (e.agreeing * 3 >= e.claps * 2 ? 0 : kSomeClapsMissing);
    a.elsewhere = oddsOfOthers(others, 1, kClapElsewhereWidth);
    a.echo = oddsOfAnotherArrival(e.around);
    return a;
}

}  // namespace brisk
