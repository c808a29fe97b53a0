// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A decoded picture as the interface draws it.
#pragma once

#include <QImage>
#include <QTransform>
#include <cstring>

#include "media/read/picture_reader.h"

namespace brisk::app {

/// Turned as a player would turn it.
inline QImage imageOf(const Picture& picture) {
    QImage image(picture.width, picture.height, QImage::Format_RGB32);
    for (int y = 0; y < picture.height; ++y) {
        std::memcpy(image.scanLine(y),
                    picture.pixels.data() + static_cast<std::size_t>(y) * picture.width,
                    static_cast<std::size_t>(picture.width) * 4);
    }
    return picture.rotation == 0 ? image : image.transformed(QTransform().rotate(picture.rotation));
}

}  // namespace brisk::app
