// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/seam/column_raster.h"

#include <QImage>
#include <algorithm>
#include <vector>

namespace brisk::app {
namespace {

QRgb mixed(const QColor& over, const QColor& under, float share) {
    const auto part = [share](int a, int b) {
        return static_cast<int>(static_cast<float>(a) * share +
                                static_cast<float>(b) * (1 - share) + 0.5f);
    };
    return qRgba(part(over.red(), under.red()), part(over.green(), under.green()),
                 part(over.blue(), under.blue()), 255);
}

}  // namespace

void paintColumnRaster(QPainter& painter, int left, int line, int direction,
                       std::span<const ColumnHeight> columns, const QColor& ground,
                       const QColor& outline, const QColor& body) {
    const auto width = columns.size();
    float most = 0;
    for (const auto& c : columns) most = std::max(most, c.outline);
    const int rows = static_cast<int>(most) + 1;
    if (width == 0 || most <= 0) return;
    // Whole pixels first, row by row, which the compiler takes several at once.
    std::vector<int> fullOutline(width), fullBody(width), from(width);
    for (std::size_t x = 0; x < width; ++x) {
        fullOutline[x] = static_cast<int>(columns[x].outline);
        fullBody[x] = static_cast<int>(columns[x].body);
        from[x] = static_cast<int>(columns[x].bodyFrom);
    }
    // Kept from picture to picture: fresh memory of this size costs more than filling it.
    thread_local std::vector<QRgb> pixels;
    pixels.resize(std::max(pixels.size(), width * static_cast<std::size_t>(rows)));
    const auto rowAt = [&](int r) {
        return pixels.data() + width * static_cast<std::size_t>(direction > 0 ? r : rows - 1 - r);
    };
    const QRgb g = ground.rgb(), o = outline.rgb(), b = body.rgb();
    for (int r = 0; r < rows; ++r) {
        QRgb* out = rowAt(r);
        for (std::size_t x = 0; x < width; ++x) {
            QRgb v = r < fullOutline[x] ? o : g;
            v = r < fullBody[x] ? b : v;
            out[x] = r < from[x] ? o : v;
        }
    }
    for (std::size_t x = 0; x < width; ++x) {
        const int top = fullOutline[x], inner = fullBody[x];
        const float rest = columns[x].outline - static_cast<float>(top);
        const float innerRest = columns[x].body - static_cast<float>(inner);
        rowAt(top)[x] = mixed(inner == top ? body : outline, ground, rest);
        if (inner < top) rowAt(inner)[x] = mixed(body, outline, innerRest);
    }
    const QImage image(reinterpret_cast<const uchar*>(pixels.data()), static_cast<int>(width), rows,
                       static_cast<qsizetype>(width * sizeof(QRgb)), QImage::Format_RGB32);
    painter.drawImage(QPoint(left, direction > 0 ? line + 1 : line - rows), image);
}

}  // namespace brisk::app
