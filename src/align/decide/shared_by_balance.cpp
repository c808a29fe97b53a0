// SPDX-License-Identifier: GPL-3.0-or-later
// Correlation of whole windows is whitened, and so a quiet programme counts in it as much as the
// voices over it. Short moments tell them apart: in each band one of them is louder.
#include "align/decide/shared_by_balance.h"

#include <algorithm>

#include "core/decibels.h"
#include "core/statistics.h"

namespace brisk {
namespace {

constexpr double kBandCounts = 0.3;   // of the agreement in the best band
constexpr double kHeardFrom = 0.316;  // -5 dB against the usual, on one side
constexpr double kWeak = 0.1, kEvenFrom = 0.3, kEvenTo = 0.7;  // of all, by balance
constexpr double kLoudFrom = 0.9, kMiddle = 0.5;               // of one side, by loudness
/// Neighbours of a tapered spectrum say in part the same.
constexpr double kBinsThatSayOne = 1.5;

/// One band through all frames in which both sides are heard.
struct Band {
    std::vector<BandMoment> moments;
    double bins = 0;                                ///< Of each.
    double take = 0, recording = 0, agreement = 0;  ///< Means: of power, of the cosine.
};

Band throughAll(const std::vector<MomentByBand>& frames, std::size_t number) {
    Band out;
    out.bins = static_cast<double>(bandEdgeBin(number + 1) - bandEdgeBin(number));
    for (const MomentByBand& f : frames) {
        const BandMoment& m = f[number];
        if (!m.heard()) continue;
        out.moments.push_back(m);
        out.take += m.take;
        out.recording += m.recording;
        out.agreement += m.cosine();
    }
    const auto count = static_cast<double>(std::max<std::size_t>(1, out.moments.size()));
    out.take /= count;
    out.recording /= count;
    out.agreement /= count;
    return out;
}

std::vector<Band> bandsInCommon(const std::vector<MomentByBand>& frames) {
    std::vector<Band> bands;
    double best = 0;
    for (std::size_t number = 0; number < kBandsBeside; ++number) {
        bands.push_back(throughAll(frames, number));
        best = std::max(best, bands.back().agreement);
    }
    std::erase_if(
        bands, [&](const Band& b) { return b.agreement <= 0 || b.agreement < kBandCounts * best; });
    return bands;
}

struct Balanced {
    double balance = 0;  ///< Power of the take against the recording's, each against its usual.
    double cosine = 0;
    double bins = 0;
};

/// All that is heard, where the take is weakest first.
std::vector<Balanced> byBalance(const std::vector<Band>& bands) {
    std::vector<Balanced> out;
    for (const Band& b : bands) {
        for (const BandMoment& m : b.moments) {
            const double take = m.take / b.take, recording = m.recording / b.recording;
            if (std::max(take, recording) < kHeardFrom) continue;
            out.push_back({take / recording, m.cosine(), b.bins});
        }
    }
    std::sort(out.begin(), out.end(),
              [](const Balanced& a, const Balanced& b) { return a.balance < b.balance; });
    return out;
}

std::size_t rankOf(double part, const std::vector<Balanced>& all) {
    return static_cast<std::size_t>(part * static_cast<double>(all.size()));
}

/// \param from, to   as parts of all.
/// \param distinct  part of the bins that is not heard twice.
SharedPart partOf(const std::vector<Balanced>& all, double from, double to, double distinct) {
    double sum = 0, bins = 0;
    for (std::size_t i = rankOf(from, all); i < rankOf(to, all); ++i) {
        sum += all[i].bins * all[i].cosine;
        bins += all[i].bins;
    }
    if (bins <= 0) return {};
    // The cosine of any angle has a variance of one half.
    return {sum / bins, std::min(1.0, std::sqrt(0.5 * kBinsThatSayOne / (bins * distinct)))};
}

double loudAlone(const std::vector<Band>& bands, double BandMoment::*side,
                 double BandMoment::*other) {
    double loud = 0, alone = 0;
    for (const Band& b : bands) {
        std::vector<double> here, there;
        for (const BandMoment& m : b.moments) {
            here.push_back(m.*side);
            there.push_back(m.*other);
        }
        const double loudFrom = quantile(std::move(here), kLoudFrom);
        const double middle = quantile(std::move(there), kMiddle);
        for (const BandMoment& m : b.moments) {
            if (m.*side < loudFrom) continue;
            ++loud;
            alone += m.*other < middle ? 1 : 0;
        }
    }
    return loud > 0 ? alone / loud : 0;
}

/// Windows of a short take lie over each other.
double distinctPart(const std::vector<MatchedRange>& parts, std::size_t frames) {
    Seconds length{0};
    for (const auto& p : parts) length = length + p.range.length();
    const double inAll = length.value * WindowReader::kRate / kMomentSamples;
    return std::min(1.0, inAll / static_cast<double>(frames));
}

}  // namespace

Result<SharedByBalance> sharedByBalance(WindowReader& reader,
                                        const std::vector<MatchedRange>& parts, int polarity,
                                        const JobControl& job) {
    const auto frames = momentsByBand(reader, parts, polarity, job);
    if (!frames) return tl::unexpected(frames.error());
    const std::vector<Band> bands = bandsInCommon(*frames);
    if (bands.empty()) return fail(ErrorCode::Silent, {"silent-overlap"});
    const std::vector<Balanced> all = byBalance(bands);
    const auto balanceAt = [&](double part) { return all[rankOf(part, all)].balance; };
    const double distinct = distinctPart(parts, frames->size());
    return SharedByBalance{partOf(all, 0, kWeak, distinct),
                           partOf(all, kEvenFrom, kEvenTo, distinct),
                           partOf(all, 1 - kWeak, 1, distinct),
                           dbOfPower(balanceAt(0.5) / balanceAt(kWeak)),
                           dbOfPower(balanceAt(1 - kWeak) / balanceAt(0.5)),
                           loudAlone(bands, &BandMoment::take, &BandMoment::recording),
                           loudAlone(bands, &BandMoment::recording, &BandMoment::take)};
}

}  // namespace brisk
