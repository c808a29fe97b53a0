// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A sound device that is being played on. Some backends answer events while a device is taken
/// apart, so that whoever lets go of one in the middle of something is called again in the middle
/// of it. Here it falls silent at once, and is taken apart when nobody is in the middle of
/// anything.
#pragma once

#include <QAudioSink>
#include <memory>

namespace brisk::app {

struct SinkRetirement {
    void operator()(QAudioSink* sink) const {
        sink->disconnect();
        sink->stop();
        sink->deleteLater();
    }
};

using SinkHandle = std::unique_ptr<QAudioSink, SinkRetirement>;

inline SinkHandle makeSink(const QAudioDevice& device, const QAudioFormat& format) {
    return SinkHandle(new QAudioSink(device, format));
}

}  // namespace brisk::app
