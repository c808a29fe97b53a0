// SPDX-License-Identifier: GPL-3.0-or-later
// Three ways, by zoom: outlines from the pyramid; outlines computed from single samples; below two
// samples a pixel the curve itself. Always the magnitude, so that the two sides mirror each other
// whatever their polarity.
#include "app/widgets/seam_painter.h"

#include <QPainterPath>
#include <algorithm>
#include <cmath>
#include <vector>

namespace brisk::app {
namespace {

double samplesPerPixel(const SeamSide& s, const TimeAxis& axis) {
    return axis.secondsPerPixel() * s.line.drift.factor() * s.rate.hertz;
}

double firstSample(const SeamSide& s, const TimeAxis& axis) {
    return s.line.toRecording(axis.start()).value * s.rate.hertz;
}

std::vector<PeakColumn> columnsFromSamples(const SampleStretch& st, double first, double step,
                                           int width) {
    std::vector<PeakColumn> out(static_cast<std::size_t>(width));
    for (int x = 0; x < width; ++x) {
        const auto a = static_cast<std::int64_t>(std::floor(first + x * step)) - st.first;
        const auto b = std::max(
            a + 1, static_cast<std::int64_t>(std::floor(first + (x + 1) * step)) - st.first);
        PeakColumn c;
        double power = 0;
        std::int64_t n = 0;
        for (std::int64_t i = std::max<std::int64_t>(0, a);
             i < std::min(b, static_cast<std::int64_t>(st.samples.size())); ++i) {
            const float v = st.samples[static_cast<std::size_t>(i)];
            c.low = n == 0 ? v : std::min(c.low, v);
            c.high = n == 0 ? v : std::max(c.high, v);
            power += static_cast<double>(v) * v;
            ++n;
        }
        c.known = n > 0;
        c.rms = n > 0 ? static_cast<float>(std::sqrt(power / static_cast<double>(n))) : 0;
        out[static_cast<std::size_t>(x)] = c;
    }
    return out;
}

void paintColumns(QPainter& painter, const SeamSide& s, const std::vector<PeakColumn>& columns,
                  int left, double seamY, double height) {
    QPainterPath outline;
    QPainterPath body;
    outline.moveTo(left, seamY);
    body.moveTo(left, seamY);
    for (std::size_t i = 0; i < columns.size(); ++i) {
        const PeakColumn& c = columns[i];
        const double x = left + static_cast<double>(i) + 0.5;
        const double peak = std::max(std::fabs(c.low), std::fabs(c.high));
        const auto y = [&](double v) {
            return seamY + s.direction * std::min(height, v * s.gain * height);
        };
        outline.lineTo(x, y(peak));
        body.lineTo(x, y(std::min<double>(peak, c.rms * 1.3)));
    }
    const double right = left + static_cast<double>(columns.size());
    outline.lineTo(right, seamY);
    body.lineTo(right, seamY);
    painter.setPen(Qt::NoPen);
    painter.setBrush(s.outline);
    painter.drawPath(outline);
    painter.setBrush(s.body);
    painter.drawPath(body);
}

void paintCurve(QPainter& painter, const SeamSide& s, const TimeAxis& axis, QRect clip,
                double seamY, double height) {
    const SampleStretch& st = *s.samples;
    const double step = samplesPerPixel(s, axis);
    const double first = firstSample(s, axis);
    QPainterPath curve;
    bool begun = false;
    const auto from = static_cast<std::int64_t>(std::floor(first)) - 1;
    const auto to = static_cast<std::int64_t>(std::ceil(first + step * clip.width())) + 1;
    const bool dots = step < 0.2;
    std::vector<QPointF> points;
    for (std::int64_t n = from; n <= to; ++n) {
        const std::int64_t i = n - st.first;
        if (i < 0 || i >= static_cast<std::int64_t>(st.samples.size())) continue;
        const double v = std::fabs(st.samples[static_cast<std::size_t>(i)]);
        const QPointF p(clip.left() + (static_cast<double>(n) - first) / step,
                        seamY + s.direction * std::min(height, v * s.gain * height));
        begun ? curve.lineTo(p) : curve.moveTo(p);
        begun = true;
        if (dots) points.push_back(p);
    }
    QPainterPath filled = curve;
    if (begun) {
        filled.lineTo(curve.currentPosition().x(), seamY);
        filled.lineTo(curve.elementAt(0).x, seamY);
    }
    painter.setPen(Qt::NoPen);
    painter.setBrush(s.outline);
    painter.drawPath(filled);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(s.body, 1.5));
    painter.drawPath(curve);
    painter.setBrush(s.body);
    for (const QPointF& p : points) painter.drawEllipse(p, 2, 2);
}

}  // namespace

std::pair<std::int64_t, std::int64_t> samplesNeeded(const SeamSide& s, const TimeAxis& axis,
                                                    int width) {
    const double step = samplesPerPixel(s, axis);
    if (!s.scan || step >= PeakPyramid::kBaseSamples * 2) return {0, 0};
    const double first = firstSample(s, axis);
    const auto from = std::max<std::int64_t>(0, static_cast<std::int64_t>(first) - 4);
    const auto to = std::min(s.scan->samples, static_cast<std::int64_t>(first + step * width) + 4);
    return from < to ? std::pair{from, to} : std::pair<std::int64_t, std::int64_t>{0, 0};
}

void paintSeamSide(QPainter& painter, const SeamSide& s, const TimeAxis& axis, QRect clip,
                   double seamY, double height) {
    if (!s.peaks) return;
    const double step = samplesPerPixel(s, axis);
    const double first = firstSample(s, axis);
    const auto [from, to] = samplesNeeded(s, axis, clip.width());
    const bool haveSamples = s.samples && to > from && s.samples->covers(s.scan, from, to);
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setClipRect(clip);
    if (haveSamples && step < 2) {
        paintCurve(painter, s, axis, clip, seamY, height);
    } else if (haveSamples) {
        paintColumns(painter, s, columnsFromSamples(*s.samples, first, step, clip.width()),
                     clip.left(), seamY, height);
    } else {
        paintColumns(painter, s, s.peaks->columns(first, step, clip.width()), clip.left(), seamY,
                     height);
    }
    painter.restore();
}

}  // namespace brisk::app
