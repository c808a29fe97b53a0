// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Which channels of a recording with many of them are heard, by the names that the recorder gave
/// them, or of its tracks. Not there for mono, and for stereo without names.
#pragma once

#include <QPushButton>
#include <vector>

#include "media/read/heard_sound.h"
#include "render/sound_choice.h"

namespace brisk::app {

class ChannelMenu : public QPushButton {
    Q_OBJECT
  public:
    explicit ChannelMenu(QWidget* parent);
    void show(const HeardSound& sound, const HeardChannels& heard);

  signals:
    /// From 0, in order; none = as recorded.
    void chosen(std::vector<int> channels);

  private:
    QMenu* menu_;
};

}  // namespace brisk::app
