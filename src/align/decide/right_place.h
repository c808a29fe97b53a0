// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// How probable it is that a place is right: against luck, against two events that have some sound
/// in common, against a programme that played in two rooms, against an echo taken for the direct
/// sound, and against every other place where the same is heard.
///
/// Each of them is given as odds against the place, so that one half is what two equal places get.
/// Fitted on the graded pairs of the truth bench's tuning set; docs/benchmarks.md shows how often
/// answers of so much confidence are right on the reported set.
#pragma once

#include <span>

#include "align/decide/shared_by_balance.h"
#include "align/measure/first_arrival.h"

namespace brisk {

/// From here on a place is called sure.
constexpr double kSureFrom = 0.98;
/// What a place that chance does not explain has as strength where it is as good as this one, see
/// rivalStrength.
constexpr double kEqualRival = 1.75;
/// Nobody is surer.
constexpr double kMostConfident = 0.999;

/// Each as odds: 1 is as probable as the place itself.
struct Against {
    double luck = 0;
    double otherEvent = 0;
    double elsewhere = 0;
    double echo = 0;  ///< An echo was taken for the direct sound: some milliseconds late.
    /// What is common is something in the background of two rooms, see shared_by_balance.h.
    double background = 0;
    /// It is another time that the same was played: the rest does not agree.
    double otherSound = 0;

    /// More probable than the place and its equals together: there is none.
    [[nodiscard]] bool nowhere() const { return luck + otherEvent > 1 + elsewhere; }
    /// 0 to kMostConfident.
    [[nodiscard]] double probability() const;
};

/// \param log10PValue  of as many windows agreeing, see judge.h.
/// \param stack  the height of their sum, in deviations.
double oddsOfLuck(double log10PValue, double stack);

/// \param agreeing, against, used  windows, see loud_windows.h.
/// \param stack  where each window stands low by itself, it may disagree though the place is right.
/// \param onsetsAgree  those of the whole overlap do: then it is somebody who walked.
double oddsOfOtherEvent(int agreeing, int against, int used, double stack, bool onsetsAgree);

/// Whether as much begins at the same moments as does in one event heard twice.
/// \param coarse  score of the coarse search.   \param overlap  seconds.
bool onsetsOfAllAgree(double coarse, double overlap);

/// Where the sum stands low, direct sound that is weaker than its echo is not seen in it; windows
/// that point here and there are the sign of it.
/// \param noises  how high it stands, in deviations of what comes before every arrival: echoes are
///                no noise that hides anything.
double oddsOfEcho(int agreeing, int used, double noises);

/// What is heard before the arrival that was taken for the first may be the direct sound: too weak
/// to be taken, and too strong for noise or for a ghost of what comes after it. And one that was
/// taken though it hardly stands out, of the noise and beside the strongest, may be such a ghost.
double oddsOfAnotherArrival(const AroundArrival& around);

/// Where somebody walks, each place that he stands at is known from its own windows alone: those
/// that point elsewhere are the sign that one of the places is an echo's.
/// \param agreeing, used  but of windows while he is under way.
double oddsOfStrayPlace(int agreeing, int used);

/// A place is right to a millisecond only where its windows lie much closer about it.
double oddsOfSpread(double spreadMs);

/// What is loud is common on one side at least, or it is two rooms. What too few bins say is not
/// held against a place.
double oddsOfBackground(const SharedByBalance& shared);

/// \param atOneEnd  windows in a row, see loud_windows.h.
double oddsOfOtherSound(double atOneEnd);

/// \param strengths  of the other places, see rivalStrength.
double oddsOfElsewhere(std::span<const double> strengths);

/// What a take says whose claps are put upon a recording's.
struct ClapEvidence {
    double stack = 0;  ///< Height of the sum around the claps, in deviations.
    int agreeing = 0;
    int claps = 0;
    bool quiet = true;          ///< Nothing else is heard in the take; else that had to agree, too.
    AroundArrival around = {};  ///< All of them together.
};

/// \param others  other places' sums against this one's.
Against againstClaps(const ClapEvidence& e, std::span<const double> others);

}  // namespace brisk
