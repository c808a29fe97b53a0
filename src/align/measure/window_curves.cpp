// SPDX-License-Identifier: GPL-3.0-or-later
// Windows are chosen where the clean sound has most to say; its noise floor is learnt from all of
// them before the first is compared. Why not window by window: in one alone nothing says which
// part of a spectrum is hiss.
#include "align/measure/window_curves.h"

#include <algorithm>

#include "align/measure/gcc_phat.h"
#include "align/measure/window_choice.h"

namespace brisk {

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
    struct Heard {
        WindowSpectrum scratch, clean;
        double time, shift;
    };
    std::vector<Heard> heard;
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
    WindowCurves out;
    std::vector<float> pulse(wanted.withPulse ? 2 * kReach + 1 : 0);
    for (const auto& h : heard) {
        Curve c{h.time, h.shift, std::vector<float>(2 * kReach + 1)};
        if (!correlator.correlate(h.scratch, h.clean, floor, c.values, pulse)) continue;
        weigh(c);
        out.curves.push_back(std::move(c));
        for (std::size_t i = 0; i < pulse.size(); ++i) out.pulse[i] += pulse[i];
    }
    for (double& v : out.pulse) {
        v /= static_cast<double>(std::max<std::size_t>(1, out.curves.size()));
    }
    if (out.curves.size() < 2) {
        return fail(ErrorCode::Silent, {"silent-overlap"});
    }
    return out;
}

}  // namespace brisk
