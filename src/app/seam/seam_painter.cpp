// SPDX-License-Identifier: GPL-3.0-or-later
// Three ways, by zoom: outlines from the pyramid; from single samples; below four of them a pixel
// the curve itself, and dots on it where there is room. Always the magnitude, so that the two sides
// mirror each other whatever their polarity.
#include "app/seam/seam_painter.h"

#include <algorithm>
#include <cmath>
#include <vector>

#include "app/seam/column_raster.h"
#include "core/statistics.h"

namespace brisk::app {
namespace {

constexpr double kCurveBelow = 4;  // samples a pixel
constexpr double kDotsBelow = 0.2;
constexpr double kEqualHeight = 0.7;  // of the room
constexpr double kQuietest = 1e-4;    // below it there is nothing to make visible

double samplesPerPixel(const SeamSide& s, const TimeAxis& axis) {
    return axis.secondsPerPixel() * s.line.drift.factor() * s.rate.hertz;
}

double firstSample(const SeamSide& s, const TimeAxis& axis) {
    return s.line.toRecording(axis.start()).value * s.rate.hertz;
}

/// Extremes and RMS of what each pixel shows: the samples in it, and the curve where it enters and
/// leaves.
std::vector<PeakColumn> columnsFromSamples(const SeamSide& st, double first, double step,
                                           int width) {
    const auto count = static_cast<std::int64_t>(st.samples.size());
    const auto curveAt = [&](double position) {
        const double at = position - static_cast<double>(st.samplesFrom);
        const auto i = static_cast<std::int64_t>(std::floor(at));
        if (i < 0 || i + 1 >= count) return 0.0f;
        const auto share = static_cast<float>(at - static_cast<double>(i));
        return st.samples[static_cast<std::size_t>(i)] * (1 - share) +
               st.samples[static_cast<std::size_t>(i + 1)] * share;
    };
    std::vector<PeakColumn> out(static_cast<std::size_t>(width));
    for (int x = 0; x < width; ++x) {
        const double from = first + x * step, to = from + step;
        const auto a = static_cast<std::int64_t>(std::ceil(from)) - st.samplesFrom;
        const auto b = static_cast<std::int64_t>(std::ceil(to)) - st.samplesFrom;
        PeakColumn& c = out[static_cast<std::size_t>(x)];
        const float enters = curveAt(from), leaves = curveAt(to);
        c.low = std::min(enters, leaves);
        c.high = std::max(enters, leaves);
        c.known = from >= static_cast<double>(st.samplesFrom) &&
                  to < static_cast<double>(st.samplesFrom + count);
        double power = 0;
        std::int64_t n = 0;
        for (std::int64_t i = std::max<std::int64_t>(0, a); i < std::min(b, count); ++i) {
            const float v = st.samples[static_cast<std::size_t>(i)];
            c.low = std::min(c.low, v);
            c.high = std::max(c.high, v);
            power += static_cast<double>(v) * v;
            ++n;
        }
        c.rms = n > 0 ? static_cast<float>(std::sqrt(power / static_cast<double>(n)))
                      : std::fabs(enters + leaves) / 2;
    }
    return out;
}

/// How a column is filled.
enum class Fill {
    Body,   ///< RMS inside the peaks: speech has shape, spikes stand out.
    Curve,  ///< The curve as a stroke, pale below it.
};

void paintColumns(QPainter& painter, const SeamSide& s, const std::vector<PeakColumn>& columns,
                  Fill fill, int left, double seamY, double height) {
    constexpr float kStroke = 1.5f;
    std::vector<ColumnHeight> heights(columns.size());
    for (std::size_t i = 0; i < columns.size(); ++i) {
        const PeakColumn& c = columns[i];
        const double low = std::fabs(c.low), high = std::fabs(c.high);
        const double peak = std::max(low, high);
        const auto pixels = [&](double v) {
            return static_cast<float>(std::min(height, v * s.gain * height));
        };
        if (fill == Fill::Body) {
            heights[i] = {pixels(peak), pixels(std::min<double>(peak, c.rms * 1.3)), 0};
        } else {
            const double least = c.low < 0 && c.high > 0 ? 0 : std::min(low, high);
            heights[i] = {pixels(peak), pixels(peak), std::max(0.0f, pixels(least) - kStroke)};
        }
    }
    paintColumnRaster(painter, left, static_cast<int>(std::floor(seamY)), s.direction < 0 ? -1 : 1,
                      heights, s.ground, s.outline, s.body);
}

/// A dot for every sample, where there is room for them.
void paintDots(QPainter& painter, const SeamSide& s, const TimeAxis& axis, QRect clip, double seamY,
               double height) {
    const double step = samplesPerPixel(s, axis);
    const double first = firstSample(s, axis);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(Qt::NoPen);
    painter.setBrush(s.body);
    const auto to = static_cast<std::int64_t>(std::ceil(first + step * clip.width()));
    for (auto n = static_cast<std::int64_t>(std::floor(first)); n <= to; ++n) {
        const std::int64_t i = n - s.samplesFrom;
        if (i < 0 || i >= static_cast<std::int64_t>(s.samples.size())) continue;
        const double v = std::fabs(s.samples[static_cast<std::size_t>(i)]);
        painter.drawEllipse(QPointF(clip.left() + (static_cast<double>(n) - first) / step,
                                    seamY + s.direction * std::min(height, v * s.gain * height)),
                            2, 2);
    }
}

}  // namespace

std::pair<std::int64_t, std::int64_t> samplesNeeded(const SeamSide& s, const TimeAxis& axis,
                                                    int width) {
    const double step = samplesPerPixel(s, axis);
    if (s.length == 0 || step >= PeakPyramid::kBaseSamples * 2) return {0, 0};
    const double first = firstSample(s, axis);
    const auto from = std::max<std::int64_t>(0, static_cast<std::int64_t>(first) - 4);
    const auto to = std::min(s.length, static_cast<std::int64_t>(first + step * width) + 4);
    return from < to ? std::pair{from, to} : std::pair<std::int64_t, std::int64_t>{0, 0};
}

double equalHeightGain(const std::vector<PeakColumn>& columns) {
    std::vector<float> peaks;
    for (const PeakColumn& c : columns) {
        if (c.known) peaks.push_back(std::max(std::fabs(c.low), std::fabs(c.high)));
    }
    if (peaks.empty()) return 1;
    // A clap is often on one side only in any strength: it may stand out over the rest.
    const double high = quantile(std::move(peaks), 0.97);
    return kEqualHeight / std::max(kQuietest, high);
}

SeamColumns seamColumns(const SeamSide& s, const TimeAxis& axis, int width) {
    if (!s.peaks || width <= 0) return {};
    const double step = samplesPerPixel(s, axis);
    const double first = firstSample(s, axis);
    const auto [from, to] = samplesNeeded(s, axis, width);
    const bool haveSamples = to > from && from >= s.samplesFrom &&
                             to <= s.samplesFrom + static_cast<std::int64_t>(s.samples.size());
    return {haveSamples ? columnsFromSamples(s, first, step, width)
                        : s.peaks->columns(first, step, width),
            haveSamples};
}

void paintSeamSide(QPainter& painter, const SeamSide& s, const SeamColumns& columns,
                   const TimeAxis& axis, QRect clip, double seamY, double height) {
    const double step = samplesPerPixel(s, axis);
    painter.save();
    QRectF room = clip;
    if (s.only) {
        room = room.intersected(QRectF(QPointF(axis.xOf(s.only->start), clip.top()),
                                       QPointF(axis.xOf(s.only->end), clip.bottom() + 1)));
    }
    painter.setClipRect(room);
    SeamSide shown = s;
    if (s.equalHeight) shown.gain = equalHeightGain(columns.columns);
    const bool close = columns.fromSamples && s.curve;
    const Fill fill = close && step < kCurveBelow ? Fill::Curve : Fill::Body;
    paintColumns(painter, shown, columns.columns, fill, clip.left(), seamY, height);
    if (close && step < kDotsBelow) paintDots(painter, shown, axis, clip, seamY, height);
    painter.restore();
}

}  // namespace brisk::app
