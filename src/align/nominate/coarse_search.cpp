// SPDX-License-Identifier: GPL-3.0-or-later
// The idea: the take's onset pattern, in segments of at most a minute, is correlated with the whole
// recording by overlap-save; the bands are summed in the frequency domain, so one inverse transform
// serves a block. Each segment names its best places; places vote for lines, because two clocks
// differ by at most 300 parts per million.
// Source: Oppenheim & Schafer, overlap-save; normalised correlation with running energies.
#include "align/nominate/coarse_search.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "align/clock_limits.h"
#include "core/statistics.h"
#include "dsp/fast_loop.h"
#include "dsp/fourier.h"
#include "features/onset_flux.h"

namespace brisk {
namespace {

constexpr std::size_t kPeaksKept = 48;
constexpr std::int64_t kPeakSpacing = 8;
constexpr int kTransform = CoarseRecording::kTransform;
constexpr double kLooseSeconds = 0.024;
constexpr double kDistinctSeconds = 0.1;
constexpr double kMinOverlapSeconds = 10.0;
constexpr double kMinSeconds = 1.2;
constexpr double kEdgeSeconds = 8;   // of a file's end that may be all that two share
constexpr double kEdgeWorthIt = 12;  // shorter files are searched whole, down to half of that
constexpr double kAlike = 0.5;       // of the score that a stretch has with itself
constexpr std::size_t kRepeats = 3;  // more say no more
constexpr int kHistogram = 4000;
/// Lags of which it is asked together whether a peak is among them: nearly never.
constexpr std::size_t kLagsAtOnce = 16;

struct Peak {
    double lag = 0;  // frames, fractional
    double score = 0;
};

/// What one search finds of one segment.
struct Segment {
    explicit Segment(const CoarseTake::Segment& of) : take(of) {}

    const CoarseTake::Segment& take;
    std::vector<Peak> peaks;
    /// Of lags by turns: neighbours score alike, and one counter would wait for itself.
    std::array<std::vector<std::int64_t>, 2> histograms{std::vector<std::int64_t>(kHistogram + 1),
                                                        std::vector<std::int64_t>(kHistogram + 1)};
    double previous[2] = {0, 0};
    double weakestKept = 0;  // once as many are kept as may be

    [[nodiscard]] double energyOf(std::int64_t a, std::int64_t b) const {
        const auto& energy = take.energy;
        a = std::clamp<std::int64_t>(a, 0, take.frames);
        b = std::clamp<std::int64_t>(b, 0, take.frames);
        return b <= a ? 0.0
                      : energy[static_cast<std::size_t>(b)] - energy[static_cast<std::size_t>(a)];
    }
};

/// Keeps the best local maxima, far enough apart.
void keepPeak(Segment& s, Peak p) {
    auto& peaks = s.peaks;
    const auto weakest = [&] {
        return std::min_element(peaks.begin(), peaks.end(),
                                [](const Peak& a, const Peak& b) { return a.score < b.score; });
    };
    for (auto& q : peaks) {
        if (std::fabs(q.lag - p.lag) < kPeakSpacing) {
            if (p.score > q.score) q = p;
            return;
        }
    }
    if (peaks.size() < kPeaksKept) {
        peaks.push_back(p);
    } else if (const auto least = weakest(); p.score > least->score) {
        *least = p;
    }
    if (peaks.size() == kPeaksKept) s.weakestKept = weakest()->score;
}

/// Where a score between -1 and 1 is counted.
inline std::int32_t binOf(double score) {
    const double bin = (score + 1) * kHistogram / 2;
    return static_cast<std::int32_t>(std::min(std::max(bin, 0.0), double{kHistogram}));
}

/// Correlations over the root of both energies, where each is counted, and the highest of each
/// kLagsAtOnce.
/// \param energy  running, of the recording from the first lag's frame on.
BRISK_FAST_LOOP void normalise(const float* correlations, const double* energy, std::int64_t frames,
                               float whole, std::size_t count, float* scores, std::int32_t* bins,
                               float* highest) {
    for (std::size_t i = 0; i < count; ++i) {
        const auto there =
            static_cast<float>(energy[i + static_cast<std::size_t>(frames)] - energy[i]);
        const float both = whole * std::max(there, 0.0f);
        scores[i] = both > 0 ? correlations[i] / std::sqrt(both) : 0.0f;
    }
    for (std::size_t i = 0; i < count; ++i) bins[i] = binOf(static_cast<double>(scores[i]));
    for (std::size_t i = 0; i < count / kLagsAtOnce; ++i) {
        float most = scores[i * kLagsAtOnce];
        for (std::size_t k = 1; k < kLagsAtOnce; ++k) {
            most = std::max(most, scores[i * kLagsAtOnce + k]);
        }
        highest[i] = most;
    }
}

/// Correlates one block of the recording with one segment and notes the peaks.
class BlockScorer {
  public:
    BlockScorer(RealFourier& fourier, std::int64_t cleanFrames)
        : fourier_(fourier),
          cleanFrames_(cleanFrames),
          scores_(CoarseRecording::kUsable),
          bins_(CoarseRecording::kUsable),
          highest_(CoarseRecording::kUsable / kLagsAtOnce + 1) {}

    void load(CoarseRecording& clean, std::size_t block) {
        first_ = CoarseRecording::firstFrame(block);
        block_ = clean.block(block, fourier_);
    }

    /// The block's lags within [firstLag, endLag); a lag is the clean frame at which the segment's
    /// first frame falls.
    void score(Segment& s, std::int64_t firstLag, std::int64_t endLag, std::int64_t leastOverlap) {
        sumOfProducts(block_->spectra, s.take.spectrum, fourier_.spectrum());
        fourier_.inverse();
        const std::int64_t end = std::min(CoarseRecording::kUsable, endLag - first_);
        const std::int64_t begin = std::max<std::int64_t>(0, firstLag - first_);
        // Between these the segment lies inside the recording: nearly always.
        const std::int64_t within = std::clamp(-first_, begin, std::max(begin, end));
        const std::int64_t after = std::clamp(
            std::min(cleanFrames_ - first_, std::int64_t{kTransform}) - s.take.frames + 1, within,
            std::max(within, end));
        for (std::int64_t i = begin; i < within; ++i) scoreAtEdge(s, i, leastOverlap);
        scoreWithin(s, within, after);
        for (std::int64_t i = after; i < end; ++i) scoreAtEdge(s, i, leastOverlap);
    }

  private:
    void scoreWithin(Segment& s, std::int64_t from, std::int64_t to) {
        const auto count = static_cast<std::size_t>(to - from);
        normalise(fourier_.time().data() + from, block_->energy.data() + from, s.take.frames,
                  static_cast<float>(s.energyOf(0, s.take.frames)), count, scores_.data(),
                  bins_.data(), highest_.data());
        for (std::size_t i = 0; i < count; ++i) {
            ++s.histograms[i % 2][static_cast<std::size_t>(bins_[i])];
        }
        for (std::size_t i = 0; i < count;) {
            const bool whole = i % kLagsAtOnce == 0 && i + kLagsAtOnce <= count;
            if (whole &&
                std::max<double>(highest_[i / kLagsAtOnce], s.previous[1]) <= s.weakestKept) {
                i += kLagsAtOnce;
                s.previous[0] = scores_[i - 2];
                s.previous[1] = scores_[i - 1];
            } else {
                note(s, first_ + from + static_cast<std::int64_t>(i), scores_[i]);
                ++i;
            }
        }
    }

    void scoreAtEdge(Segment& s, std::int64_t i, std::int64_t leastOverlap) {
        const std::int64_t lag = first_ + i;
        const auto& energy = block_->energy;
        const std::int64_t from = std::max<std::int64_t>(0, -lag);
        const std::int64_t to = std::min(s.take.frames, cleanFrames_ - lag);
        if (to - from < std::min(leastOverlap, s.take.frames)) {
            note(s, lag, 0);
            return;
        }
        const double a = s.energyOf(from, to);
        const double r =
            energy[static_cast<std::size_t>(std::min<std::int64_t>(i + to, kTransform))] -
            energy[static_cast<std::size_t>(i + from)];
        // Less overlap scatters more: scaled so that chance looks alike everywhere.
        const double share =
            std::sqrt(static_cast<double>(to - from) / static_cast<double>(s.take.frames));
        const double v =
            a > 0 && r > 0 ? fourier_.time()[static_cast<std::size_t>(i)] / std::sqrt(a * r) * share
                           : 0.0;
        ++s.histograms[0][static_cast<std::size_t>(binOf(v))];
        note(s, lag, v);
    }

    /// Finds local maxima over a running window of three.
    static void note(Segment& s, std::int64_t lag, double v) {
        const double a = s.previous[0];
        const double b = s.previous[1];
        if (b > s.weakestKept && b >= a && b > v) {
            const double bend = a - 2 * b + v;
            const double shift = bend < 0 ? 0.5 * (a - v) / bend : 0.0;
            keepPeak(s, {static_cast<double>(lag) - 1 + shift, b});
        }
        s.previous[0] = b;
        s.previous[1] = v;
    }

    RealFourier& fourier_;
    std::int64_t cleanFrames_;
    std::int64_t first_ = 0;
    std::shared_ptr<const CoarseRecording::Block> block_;
    std::vector<float> scores_;
    std::vector<std::int32_t> bins_;
    std::vector<float> highest_;
};

/// Turns raw scores into deviations above the segment's usual, by median and MAD.
void standardise(Segment& s) {
    auto& histogram = s.histograms[0];
    for (int i = 0; i <= kHistogram; ++i) {
        histogram[static_cast<std::size_t>(i)] += s.histograms[1][static_cast<std::size_t>(i)];
    }
    std::int64_t total = 0;
    for (const auto h : histogram) total += h;
    const auto quantile = [&](double q) {
        std::int64_t seen = 0;
        for (int i = 0; i <= kHistogram; ++i) {
            seen += histogram[static_cast<std::size_t>(i)];
            if (static_cast<double>(seen) >= q * static_cast<double>(total)) {
                return 2.0 * i / kHistogram - 1.0;
            }
        }
        return 0.0;
    };
    const double median = quantile(0.5);
    // For a symmetric middle, half the distance between the quartiles is the MAD.
    const double mad = std::max(1e-3, (quantile(0.75) - quantile(0.25)) / 2);
    for (auto& p : s.peaks) p.score = (p.score - median) / (kDeviationOfMedian * mad);
}

/// The line through the segments' own places, by weighted least squares.
CoarsePlace lineThrough(const std::vector<std::pair<double, Peak>>& votes) {
    CoarsePlace place;
    double w = 0, wt = 0, wo = 0;
    for (const auto& [t, p] : votes) {
        place.score += p.score;
        w += p.score;
        wt += p.score * t;
        wo += p.score * p.lag;
    }
    place.segmentsAgreeing = static_cast<int>(votes.size());
    const double meanT = wt / w;
    const double meanO = wo / w;
    double cov = 0, var = 0;
    for (const auto& [t, p] : votes) {
        cov += p.score * (t - meanT) * (p.lag - meanO);
        var += p.score * (t - meanT) * (t - meanT);
    }
    const double slope = votes.size() >= 3 && var > 0 ? cov / var : 0.0;
    place.driftKnown = votes.size() >= 3 && std::fabs(slope) < kMaxClockDrift;
    const double used = std::clamp(slope, -kMaxClockDrift, kMaxClockDrift);
    place.line = {{meanO - used * meanT}, {used * 1e6}};
    return place;
}

/// Every named place gathers the segments that agree with it.
std::vector<CoarsePlace> vote(const std::vector<Segment>& segments) {
    const auto startOf = [](const Segment& s) {
        return static_cast<double>(s.take.first) / kBandFramesPerSecond;
    };
    std::vector<CoarsePlace> places;
    for (const auto& anchorSegment : segments) {
        for (const auto& anchor : anchorSegment.peaks) {
            const double t0 = startOf(anchorSegment);
            const double o0 = anchor.lag / kBandFramesPerSecond - t0;
            std::vector<std::pair<double, Peak>> votes;
            for (const auto& s : segments) {
                const double t = startOf(s);
                const double reach = kLooseSeconds + kMaxClockDrift * std::fabs(t - t0);
                Peak best{0, 0};
                for (const auto& p : s.peaks) {
                    const double o = p.lag / kBandFramesPerSecond - t;
                    if (std::fabs(o - o0) <= reach && p.score > best.score) best = {o, p.score};
                }
                if (best.score > 0) {
                    votes.emplace_back(
                        t + static_cast<double>(s.take.frames) / 2 / kBandFramesPerSecond, best);
                }
            }
            if (!votes.empty()) places.push_back(lineThrough(votes));
        }
    }
    std::sort(places.begin(), places.end(),
              [](const CoarsePlace& a, const CoarsePlace& b) { return a.score > b.score; });
    return places;
}

}  // namespace

Result<CoarseResult> coarseSearch(const BandLevels& scratch, const BandLevels& clean,
                                  const JobControl& job) {
    CoarseRecording searched(clean);
    return coarseSearch(scratch, searched, job);
}

Result<CoarseResult> coarseSearch(const BandLevels& scratch, CoarseRecording& clean,
                                  const JobControl& job, std::size_t most) {
    return coarseSearch(CoarseTake(scratch), clean, job, most);
}

Result<CoarseResult> coarseSearch(const CoarseTake& take, CoarseRecording& clean,
                                  const JobControl& job, std::size_t most) {
    const OnsetFlux& r = clean.flux();
    const auto atLeast = static_cast<std::int64_t>(kMinSeconds * kBandFramesPerSecond);
    if (take.frames() < atLeast || r.frames() < atLeast) {
        return fail(ErrorCode::TooShort, {"too-short-to-tell"});
    }
    if (take.featureless() || r.featureless()) {
        return fail(ErrorCode::Silent, {"one-is-silent"});
    }
    RealFourier fourier(kTransform);
    std::vector<Segment> segments;
    for (const CoarseTake::Segment& s : take.segments()) segments.push_back(Segment{s});
    const std::int64_t length = segments.front().take.frames;
    const auto leastOverlap =
        std::min(static_cast<std::int64_t>(kMinOverlapSeconds * kBandFramesPerSecond),
                 std::max<std::int64_t>(length / 2, 1));
    BlockScorer scorer(fourier, r.frames());
    const std::int64_t firstLag = leastOverlap - length;
    const std::int64_t endLag = r.frames() - leastOverlap + 2;
    for (std::size_t block = 0; block < clean.blocks(); ++block) {
        const std::int64_t from = CoarseRecording::firstFrame(block);
        if (from + CoarseRecording::kUsable <= firstLag || from >= endLag) continue;
        if (job.stopRequested()) return cancelled();
        scorer.load(clean, block);
        for (auto& s : segments) scorer.score(s, firstLag, endLag, leastOverlap);
        job.report(static_cast<double>(block + 1) / static_cast<double>(clean.blocks()));
    }
    for (auto& s : segments) standardise(s);

    CoarseResult result;
    result.segments = static_cast<int>(segments.size());
    const Seconds middle{static_cast<double>(take.frames()) / kBandFramesPerSecond / 2};
    for (const auto& p : vote(segments)) {
        const bool known =
            std::any_of(result.places.begin(), result.places.end(), [&](const CoarsePlace& q) {
                return std::fabs((p.line.toRecording(middle) - q.line.toRecording(middle)).value) <
                       kDistinctSeconds;
            });
        if (!known) result.places.push_back(p);
        if (result.places.size() == most) break;
    }
    return result;
}

namespace {
/// The frames of a stretch of a file, as if it were a file of its own.
BandLevels partOf(const BandLevels& levels, TimeRange r, Seconds& start) {
    const auto frame = [&](Seconds t) {
        return std::clamp<std::int64_t>(std::llround(t.value * kBandFramesPerSecond), 0,
                                        static_cast<std::int64_t>(levels.size()));
    };
    const auto a = frame(r.start), b = std::max(a, frame(r.end));
    start = Seconds{static_cast<double>(a) / kBandFramesPerSecond};
    return BandLevels(levels.begin() + a, levels.begin() + b);
}
}  // namespace

Result<std::vector<CoarsePlace>> placesNear(const BandLevels& scratch, const BandLevels& clean,
                                            TimeRange stretch, ClockLine line, Seconds reach,
                                            const JobControl& job) {
    Seconds takeFrom, cleanFrom;
    const BandLevels a = partOf(scratch, stretch, takeFrom);
    const BandLevels r = partOf(
        clean, {line.toRecording(stretch.start) - reach, line.toRecording(stretch.end) + reach},
        cleanFrom);
    auto coarse = coarseSearch(a, r, job);
    if (!coarse) return tl::unexpected(coarse.error());
    const Seconds middle = (stretch.start + stretch.end) / 2;
    std::vector<CoarsePlace> out;
    for (CoarsePlace p : coarse->places) {
        // From the parts' own zeros back to the files'.
        const Seconds at = p.line.toRecording(middle - takeFrom) + cleanFrom;
        if (std::fabs((at - line.toRecording(middle)).value) > reach.value) continue;
        p.line = line.through(middle, at);
        p.driftKnown = true;
        out.push_back(p);
    }
    return out;
}

Result<std::vector<Seconds>> repeatsOf(const BandLevels& recording, TimeRange stretch,
                                       const JobControl& job) {
    const Seconds middle = (stretch.start + stretch.end) / 2;
    const Seconds reach = std::min(stretch.length(), Seconds{CoarseRecording::kMaxSegmentLength /
                                                             kBandFramesPerSecond}) /
                          2;
    Seconds from;
    const BandLevels part = partOf(recording, {middle - reach, middle + reach}, from);
    auto coarse = coarseSearch(part, recording, job);
    std::vector<Seconds> out;
    if (!coarse) {
        if (coarse.error().code == ErrorCode::Cancelled) return tl::unexpected(coarse.error());
        return out;
    }
    for (const CoarsePlace& p : coarse->places) {
        const Seconds later = p.line.toRecording({0}) - from;
        if (p.score < kAlike * coarse->places.front().score || out.size() == kRepeats) break;
        if (std::fabs(later.value) >= kDistinctSeconds) out.push_back(later);
    }
    return out;
}

Result<std::vector<CoarsePlace>> placesAtEdges(const BandLevels& scratch, const BandLevels& clean,
                                               const JobControl& job) {
    const auto lengthOf = [](const BandLevels& levels) {
        return Seconds{static_cast<double>(levels.size()) / kBandFramesPerSecond};
    };
    const Seconds take = lengthOf(scratch), recording = lengthOf(clean), edge{kEdgeSeconds};
    std::vector<CoarsePlace> out;
    if (std::min(take, recording).value < kEdgeWorthIt) return out;
    const std::pair<TimeRange, TimeRange> edges[] = {
        {{take - edge, take}, {{0}, edge}},             // the recorder was started late
        {{{0}, edge}, {recording - edge, recording}}};  // or stopped early
    for (const auto& [ofTake, ofRecording] : edges) {
        Seconds takeFrom, cleanFrom;
        const BandLevels a = partOf(scratch, ofTake, takeFrom);
        const BandLevels r = partOf(clean, ofRecording, cleanFrom);
        auto coarse = coarseSearch(a, r, job.withReport({}));
        if (!coarse) {
            if (coarse.error().code == ErrorCode::Silent) continue;
            return tl::unexpected(coarse.error());
        }
        for (CoarsePlace p : coarse->places) {
            p.line = p.line.from(-takeFrom).shifted(cleanFrom);
            out.push_back(p);
        }
    }
    std::stable_sort(out.begin(), out.end(),
                     [](const CoarsePlace& a, const CoarsePlace& b) { return a.score > b.score; });
    return out;
}

}  // namespace brisk
