// SPDX-License-Identifier: GPL-3.0-or-later
// Windows are chosen where the clean sound has most to say; its noise floor is learnt from all of
// them before the first is compared. Why not window by window: in one alone nothing says which
// part of a spectrum is hiss. What is loud beside the sound, on either side, only all windows
// together can tell: where they hear little, they are compared once more, band by band as much as
// each has in common.
#include "align/measure/window_curves.h"

#include <algorithm>

#include "align/measure/band_coherence.h"
#include "align/measure/window_agreement.h"
#include "align/measure/window_choice.h"

namespace brisk {
namespace {

constexpr std::size_t kEnoughToWeigh = 8;  // windows
/// Deviations: what all of them together hear as plainly would not be heard better.
constexpr double kPlain = 12;
constexpr double kWellHeard = 0.75;  // share of the windows that agree

struct HeardWindow {
    WindowSpectrum scratch, clean;
    double time, shift;  // of its curve
};

/// Compares windows that were read; the same ones again with other weights.
class Comparison {
  public:
    Comparison(GccPhat& correlator, std::vector<HeardWindow> heard, NoiseFloor floor)
        : correlator_(correlator), heard_(std::move(heard)), floor_(std::move(floor)) {}

    /// \param worth  as GccPhat::correlate has it.
    WindowCurves curves(bool withPulse, std::span<const float> worth) {
        WindowCurves out;
        std::vector<float> pulse(withPulse ? 2 * kReach + 1 : 0);
        for (const HeardWindow& h : heard_) {
            Curve c{h.time, h.shift, std::vector<float>(2 * kReach + 1)};
            if (!correlator_.correlate(h.scratch, h.clean, {floor_, worth}, c.values, pulse)) {
                continue;
            }
            weigh(c);
            out.curves.push_back(std::move(c));
            for (std::size_t i = 0; i < pulse.size(); ++i) out.pulse[i] += pulse[i];
        }
        for (double& v : out.pulse) {
            v /= static_cast<double>(std::max<std::size_t>(1, out.curves.size()));
        }
        return out;
    }

    /// What each band has in common when the clean sound is moved by `lag` seconds over time.
    [[nodiscard]] std::vector<float> worthAlong(const LineFit& lag) const {
        BandCoherence shared(correlator_.bins());
        for (const HeardWindow& h : heard_) {
            shared.add(h.scratch, h.clean, lag.at(h.time) - h.shift);
        }
        return shared.worth();
    }

  private:
    GccPhat& correlator_;
    std::vector<HeardWindow> heard_;
    NoiseFloor floor_;
};

/// Band by band where few windows hear the sound by themselves and more do so then. Not elsewhere:
/// what is most in common may be the dull part of an echo.
WindowCurves compareClosely(Comparison& comparison) {
    WindowCurves plain = comparison.curves(true, {});
    if (plain.curves.empty()) return plain;
    plain.strongest = strongestArrival(plain.curves);
    const double noise = stackNoise(stackCurves(plain.curves, plain.strongest->line));
    const std::size_t count = plain.curves.size();
    if (count < kEnoughToWeigh || plain.strongest->height >= kPlain * noise) return plain;
    const int agreeing = agreeingAlong(plain.curves, *plain.strongest);
    if (agreeing >= kWellHeard * static_cast<double>(count)) return plain;
    const auto worth = comparison.worthAlong(plain.strongest->line);
    if (std::none_of(worth.begin(), worth.end(), [](float w) { return w > 0; })) return plain;
    WindowCurves weighed = comparison.curves(true, worth);
    if (weighed.curves.size() < count) return plain;
    weighed.strongest = strongestArrival(weighed.curves);
    const bool more = agreeingAlong(weighed.curves, *weighed.strongest) > agreeing;
    return more ? weighed : plain;
}

}  // namespace

int exactWindowSize(Seconds overlap) {
    return overlap < Seconds{4}    ? 1 << 14
           : overlap < Seconds{10} ? 1 << 15
           : overlap < Seconds{30} ? 1 << 16
                                   : 1 << 17;
}

Result<WindowCurves> windowCurves(WindowReader& reader, ClockLine line, ClockLine readAlong,
                                  const WindowsWanted& wanted, const JobControl& job) {
    const TimeRange onClean{line.toRecording(wanted.overlap.start),
                            line.toRecording(wanted.overlap.end)};
    const double seconds = static_cast<double>(wanted.size) / WindowReader::kRate;
    const auto starts =
        chooseWindows(reader.recording().bands, onClean, Seconds{seconds}, wanted.wanted);
    GccPhat correlator(wanted.size, {WindowReader::kRate}, kReach);
    std::vector<HeardWindow> heard;
    NoiseFloor floor;
    for (const Seconds start : starts) {
        if (job.stopRequested()) return cancelled();
        // Read on another slope, the window still begins where the line says.
        const ClockLine along = readAlong.through(line.toTake(start), start);
        auto w = reader.read(along, start, wanted.size);
        if (!w) return tl::unexpected(w.error());
        heard.push_back({correlator.transform(w->scratch), correlator.transform(w->clean),
                         w->middle.value, w->lagCorrection.value});
        floor.add(heard.back().clean);
        job.report(static_cast<double>(heard.size()) / static_cast<double>(starts.size()));
    }
    floor.settle();
    Comparison comparison(correlator, std::move(heard), std::move(floor));
    WindowCurves out = wanted.closely ? compareClosely(comparison) : comparison.curves(false, {});
    if (out.curves.size() < 2) {
        return fail(ErrorCode::Silent, {"silent-overlap"});
    }
    return out;
}

}  // namespace brisk
