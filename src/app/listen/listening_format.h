// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What the sound device gets: a transport's stereo.
#pragma once

#include <QAudioFormat>

#include "render/transport.h"

namespace brisk::app {

inline QAudioFormat listeningFormat() {
    QAudioFormat format;
    format.setSampleRate(Transport::kRate.hertz);
    format.setChannelCount(ListeningMix::kChannels);
    format.setSampleFormat(QAudioFormat::Float);
    return format;
}

}  // namespace brisk::app
