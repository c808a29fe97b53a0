// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Plays a take's sounds from the playhead on, through the same code that writes files. Without a
/// sound device it runs silently on a simulated clock, and says so.
///
///     player.load(take, recording, line, polarity);
///     player.play(Seconds{8.4});
#pragma once

#include <QElapsedTimer>
#include <QObject>
#include <QTimer>
#include <atomic>
#include <memory>
#include <optional>

#include "align/sound_scan.h"
#include "core/clock_line.h"
#include "render/listening_mix.h"

class QAudioSink;
class QIODevice;

namespace brisk::app {

class MixFeed;

class Player : public QObject {
    Q_OBJECT
  public:
    explicit Player(QObject* parent = nullptr);
    ~Player() override;

    /// What to play; `recording` may be null. Playing goes on in place when only the line moved.
    void load(std::shared_ptr<const SoundScan> take, std::shared_ptr<const SoundScan> recording,
              ClockLine line, int polarity);
    void play(Seconds from);
    void stop();
    [[nodiscard]] bool playing() const { return playing_; }
    [[nodiscard]] Seconds position() const;
    void setListen(Listen listen);
    [[nodiscard]] Listen listen() const { return listen_; }
    /// False when there is no sound device: everything works, unheard.
    [[nodiscard]] bool audible() const { return audible_; }

  signals:
    void moved(double takeSeconds);
    void playingChanged(bool playing);
    void failed(const QString& sentence);

  private:
    void tick();
    void closeSink();
    [[nodiscard]] Seconds endOfTake() const;

    std::shared_ptr<const SoundScan> take_;
    std::shared_ptr<const SoundScan> recording_;
    ClockLine line_;
    int polarity_ = 1;
    Listen listen_ = Listen::Both;
    bool playing_ = false;
    bool audible_ = false;
    Seconds startedAt_;
    QElapsedTimer clock_;  // the simulated device
    QTimer timer_;
    std::unique_ptr<MixFeed> feed_;
    std::unique_ptr<QAudioSink> sink_;
};

}  // namespace brisk::app
