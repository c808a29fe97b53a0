// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Plays a take's sounds from the playhead on, through the same code that writes files. Without a
/// sound device it runs silently on a simulated clock, and says so.
///
///     player.load(take, plan);
///     player.play(Seconds{8.4});
#pragma once

#include <QElapsedTimer>
#include <QObject>
#include <QTimer>
#include <atomic>
#include <memory>
#include <optional>

#include "align/sound_scan.h"
#include "render/transport.h"

class QAudioSink;
class QIODevice;

namespace brisk::app {

class MixFeed;

class Player : public QObject {
    Q_OBJECT
  public:
    explicit Player(QObject* parent = nullptr);
    ~Player() override;

    /// What to play; without a plan only the camera. Playing goes on in place when only what is
    /// made of the same files changed.
    void load(std::shared_ptr<const SoundScan> take, std::optional<TakeSoundPlan> plan);
    /// At the chosen speed.
    void play(Seconds from);
    void stop();
    [[nodiscard]] bool playing() const { return playing_; }
    [[nodiscard]] Seconds position() const;
    void setHearing(Hearing hearing);
    [[nodiscard]] Hearing hearing() const { return hearing_; }
    /// 0.5, 1 or 2; the pitch stays.
    void setSpeed(double speed);
    /// Plays round and round; none = on to the end.
    void setLoop(std::optional<TimeRange> takeTime);
    /// Faster and faster with each call, on (1) or back (-1); from a time, where it stood still.
    void shuttle(int direction, Seconds from);
    /// False when there is no sound device: everything works, unheard.
    [[nodiscard]] bool audible() const { return audible_; }

  signals:
    void moved(double takeSeconds);
    void playingChanged(bool playing);
    void failed(const QString& sentence);
    /// Take seconds in a second of listening, from now on.
    void travelling(double speed);

  private:
    void tick();
    void closeSink();
    void start(Seconds from);
    void travelChanged();
    [[nodiscard]] Travel travel() const;
    [[nodiscard]] std::int64_t playedFrames() const;
    [[nodiscard]] Seconds endOfTake() const;

    std::shared_ptr<const SoundScan> take_;
    std::optional<TakeSoundPlan> plan_;
    Hearing hearing_;
    double speed_ = 1;
    double shuttle_ = 0;  // 0 = does not
    std::optional<TimeRange> loop_;
    bool playing_ = false;
    bool audible_ = false;
    Seconds startedAt_;
    QElapsedTimer clock_;  // the simulated device
    QTimer timer_;
    std::unique_ptr<MixFeed> feed_;
    std::unique_ptr<QAudioSink> sink_;
};

}  // namespace brisk::app
