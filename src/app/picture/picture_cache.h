// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Decoded pictures of one take around the playhead, so that stepping back and forth is quick.
/// Holds a bounded amount and drops what lies furthest from where one looks.
#pragma once

#include <QImage>
#include <map>
#include <optional>

#include "core/units.h"

namespace brisk::app {

struct ShownPicture {
    QImage image;  ///< As it is looked at: scaled and turned.
    Seconds time;  ///< Take time at which it appears.
    Seconds end;   ///< Take time at which the next one does.
};

class PictureCache {
  public:
    explicit PictureCache(std::size_t mostBytes) : most_(mostBytes) {}

    void clear();
    void add(ShownPicture picture);
    /// The picture on screen at `t`, where it is held.
    [[nodiscard]] const ShownPicture* at(Seconds t) const;
    /// The one nearest to `t`, within `reach`.
    [[nodiscard]] const ShownPicture* near(Seconds t, Seconds reach) const;
    /// Where one looks now.
    void lookAt(Seconds t) { here_ = t; }
    [[nodiscard]] std::size_t bytes() const { return bytes_; }

  private:
    std::size_t most_;
    std::size_t bytes_ = 0;
    Seconds here_;
    std::map<double, ShownPicture> pictures_;  // by their time
};

}  // namespace brisk::app
