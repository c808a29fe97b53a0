// SPDX-License-Identifier: GPL-3.0-or-later
#include "export/report_pictures.h"

#include <algorithm>
#include <cmath>
#include <vector>

#include "core/number_text.h"
#include "core/time_text.h"

namespace brisk {
namespace {

constexpr int kWide = 900, kHigh = 120;
constexpr int kLens = 160, kLensHigh = 90;
constexpr int kSlipHigh = 90;
constexpr const char* kMiddleOfLens = "<path class=\"hair\" d=\"M80 0V90\"/>";
constexpr Seconds kLensReach{0.04};
constexpr int kMaxSlips = 400;

std::string number(double v) {
    return fixedText(v, 1);
}

std::string svg(int width, int height, const std::string& words, const std::string& inside) {
    return "<svg viewBox=\"0 0 " + std::to_string(width) + " " + std::to_string(height) +
           "\" width=\"" + std::to_string(width) + "\" height=\"" + std::to_string(height) +
           "\" role=\"img\" aria-label=\"" + words + "\">" + inside + "</svg>\n";
}

/// A body growing from the middle line, up or down: one height a column, 0 to 1.
std::string body(const std::vector<double>& heights, double middle, double room, double direction,
                 const char* kind) {
    std::string points = "M0 " + number(middle);
    for (std::size_t n = 0; n < heights.size(); ++n) {
        points += "L" + std::to_string(n) + " " +
                  number(middle - direction * room * std::min(1.0, heights[n]));
    }
    points += "L" + std::to_string(heights.size()) + " " + number(middle) + "Z";
    return "<path class=\"" + std::string(kind) + "\" d=\"" + points + "\"/>";
}

/// As tall as what is shown allows.
void fill(std::vector<double>& heights) {
    const double most = *std::max_element(heights.begin(), heights.end());
    if (most <= 0) return;
    for (double& h : heights) h /= most;
}

std::string faces(std::vector<double> camera, std::vector<double> clean, int width, int height) {
    fill(camera);
    fill(clean);
    const double middle = height / 2.0, room = middle - 3;
    return body(camera, middle, room, 1, "camera") + body(clean, middle, room, -1, "clean") +
           "<path class=\"ink\" d=\"M0 " + number(middle) + "H" + std::to_string(width) + "\"/>";
}

double tallest(const PeakColumn& c) {
    return c.known ? std::max(std::fabs(c.low), std::fabs(c.high)) : 0;
}

/// The camera's sound lies later than the picture by the sound's way to it.
Seconds delayOf(const HandedTake& h) {
    return h.tethers.empty() ? Seconds{0} : h.tethers.front().soundDelay;
}

/// Heights of `columns` stretches of a few samples around a moment of a file; empty where it cannot
/// be read.
std::vector<double> closeUp(const SoundScan& scan, Seconds from, Seconds length, int columns) {
    auto reader = scan.open();
    if (!reader) return {};
    std::vector<float> samples(static_cast<std::size_t>(scan.rate.samples(length)));
    if (!readMono(*reader, scan.rate.samples(from), samples, scan.channel)) return {};
    std::vector<double> out(static_cast<std::size_t>(columns));
    for (std::size_t n = 0; n < samples.size(); ++n) {
        double& h = out[n * out.size() / samples.size()];
        h = std::max(h, std::fabs(static_cast<double>(samples[n])));
    }
    return out;
}

const CleanPiece* pieceAt(const HandedTake& h, Seconds t) {
    for (const CleanPiece& p : h.sound.clean) {
        const TimeRange r = p.range();
        if (r.start <= t && t < r.end) return &p;
    }
    return nullptr;
}

/// By how much the clean sound was moved since it was measured; positive = later.
Seconds movedBy(const Tether& t, Seconds at) {
    return t.found.line.toRecording(at) - t.line.toRecording(at);
}

}  // namespace

std::string seamPicture(const HandedTake& h) {
    const double perColumn = h.sound.wholeTake().end.value / kWide;
    const SoundScan& take = *h.scan;
    if (!take.peaks) return {};  // read without outlines
    std::vector<double> camera(kWide), clean(kWide);
    const Seconds start = delayOf(h) - take.onTake().start;
    const auto above =
        take.peaks->columns(start.value * take.rate.hertz, perColumn * take.rate.hertz, kWide);
    for (int n = 0; n < kWide; ++n)
        camera[static_cast<std::size_t>(n)] = tallest(above[static_cast<std::size_t>(n)]);
    for (const CleanPiece& p : h.sound.clean) {
        const SoundScan& rec = *p.recording;
        if (!rec.peaks) return {};
        const auto below = rec.peaks->columns(p.line.toRecording({0}).value * rec.rate.hertz,
                                              perColumn * rec.rate.hertz, kWide);
        const TimeRange r = p.range();
        for (int n = 0; n < kWide; ++n) {
            const Seconds t{(n + 0.5) * perColumn};
            auto& column = clean[static_cast<std::size_t>(n)];
            if (r.start <= t && t < r.end) {
                column = std::max(column, tallest(below[static_cast<std::size_t>(n)]));
            }
        }
    }
    std::string inside = faces(camera, clean, kWide, kHigh);
    for (const TimeRange& away : uncovered(h.sound.clean, h.sound.wholeTake())) {
        inside += "<rect class=\"away\" x=\"" + number(away.start.value / perColumn) + "\" y=\"" +
                  number(kHigh / 2.0) + "\" width=\"" + number(away.length().value / perColumn) +
                  "\" height=\"" + number(kHigh / 2.0) + "\"/>";
    }
    return svg(kWide, kHigh, "Camera above, clean sound below, over the whole take", inside);
}

std::string spotCheckPictures(const HandedTake& h) {
    if (h.tethers.empty()) return {};
    const Tether& tether = h.tethers.front();
    std::vector<MeasuredLag> agreeing;
    for (const MeasuredLag& s : tether.found.slips) {
        if (s.agrees) agreeing.push_back(s);
    }
    if (agreeing.empty()) return {};
    std::string out;
    for (std::size_t k = 0; k < 5; ++k) {
        const MeasuredLag& s = agreeing[k * (agreeing.size() - 1) / 4];
        // On the picture's clock, where the clean sound is heard.
        const Seconds at = s.takeTime - delayOf(h);
        const CleanPiece* piece = pieceAt(h, at);
        if (!piece) continue;
        const auto above = closeUp(*h.scan, s.takeTime - h.scan->onTake().start - kLensReach,
                                   kLensReach * 2, kLens);
        const auto below = closeUp(*piece->recording, piece->line.toRecording(at) - kLensReach,
                                   kLensReach * 2, kLens);
        if (above.empty() || below.empty()) continue;
        const Seconds slip = s.slip - movedBy(tether, s.takeTime);
        out += "<figure>" +
               svg(kLens, kLensHigh, "80 milliseconds close up",
                   faces(above, below, kLens, kLensHigh) + kMiddleOfLens) +
               "<figcaption>" + clockText(at, 1) + " <b>" + slipText({std::fabs(slip.value)}) +
               "</b></figcaption></figure>\n";
    }
    return out;
}

std::string slipPicture(const HandedTake& h) {
    if (h.tethers.empty() || h.tethers.front().found.slips.empty()) return {};
    const Tether& tether = h.tethers.front();
    const auto& slips = tether.found.slips;
    double most = 0.0005;  // half a millisecond fills the picture, or more
    for (const MeasuredLag& s : slips) {
        if (s.agrees)
            most = std::max(most, std::fabs((s.slip - movedBy(tether, s.takeTime)).value));
    }
    const double end = std::max(0.04, h.sound.wholeTake().end.value);
    const double middle = kSlipHigh / 2.0, room = middle - 6;
    std::string inside =
        "<path class=\"hair\" d=\"M0 " + number(middle) + "H" + std::to_string(kWide) + "\"/>";
    const std::size_t step = slips.size() / kMaxSlips + 1;
    for (std::size_t i = 0; i < slips.size(); i += step) {
        const double slip = (slips[i].slip - movedBy(tether, slips[i].takeTime)).value;
        const double y = middle - room * std::clamp(slip / most, -1.1, 1.1);
        inside += "<circle class=\"" + std::string(slips[i].agrees ? "dot" : "faint") + "\" cx=\"" +
                  number(slips[i].takeTime.value / end * kWide) + "\" cy=\"" + number(y) +
                  "\" r=\"3\"/>";
    }
    inside += "<text x=\"" + std::to_string(kWide - 4) +
              "\" y=\"12\" text-anchor=\"end\">\xC2\xB1 " + slipText({most}) + "</text>";
    return svg(kWide, kSlipHigh, "Slip along the take", inside);
}

}  // namespace brisk
