// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A real sound server of the test's own, with a sink that goes nowhere, and its monitor: what the
/// program really plays.
///
///     SoundServer server;              // before the QApplication
///     server.record(path); play(); auto stereo = server.recorded();
#pragma once

#include <QProcess>
#include <QTemporaryDir>
#include <vector>

namespace brisk::test {

class SoundServer {
  public:
    SoundServer();
    ~SoundServer();
    [[nodiscard]] bool running() const { return running_; }
    /// As when the device is unplugged; for good.
    void goAway();

    void startRecording();
    /// Ends it. Interleaved stereo at 48 kHz.
    /// Frames that have been recorded.
    [[nodiscard]] std::size_t recordedSoFar() const;
    std::vector<float> stopRecording();

  private:
    QTemporaryDir folder_;
    QProcess server_;
    QProcess recorder_;
    bool running_ = false;
};

}  // namespace brisk::test
