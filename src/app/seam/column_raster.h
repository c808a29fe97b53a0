// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Fills thousands of columns that grow from one line, each with a body inside an outline. A
/// polygon of as many jagged corners takes the painter up to seconds; this takes milliseconds.
#pragma once

#include <QPainter>
#include <span>

namespace brisk::app {

/// Pixels from the line; bodyFrom <= body <= outline.
struct ColumnHeight {
    float outline = 0;
    float body = 0;
    float bodyFrom = 0;  ///< Above 0 the body is a stroke at the column's end.
};

/// One column a pixel, the first at `left`. Column ends are smoothed by their fraction.
/// Covers what is between the line and the tallest column with the ground's colour.
/// \param line       the pixel row that the columns grow from; it is left free.
/// \param direction  -1 grows upwards, 1 downwards.
void paintColumnRaster(QPainter& painter, int left, int line, int direction,
                       std::span<const ColumnHeight> columns, const QColor& ground,
                       const QColor& outline, const QColor& body);

}  // namespace brisk::app
