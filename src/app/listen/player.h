// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Plays a take's sounds from the playhead on, through the same code that writes files. Without a
/// sound device it runs silently on a simulated clock, and says so; a device that goes away or
/// falls asleep while it plays is said, too, and playing goes on.
///
/// It plays as long as there is a Run, and a Run has all that playing needs. Signals are emitted
/// when that is settled, so that whoever listens may stop, play or load from within.
///
///     player.load(take, plan);
///     player.play(Seconds{8.4});
#pragma once

#include <QObject>
#include <QTimer>
#include <functional>
#include <memory>
#include <optional>

#include "features/sound_scan.h"
#include "render/transport.h"

namespace brisk::app {

class Player : public QObject {
    Q_OBJECT
  public:
    using OpenSound = std::function<Result<Transport>(const std::shared_ptr<const SoundScan>& take,
                                                      const std::optional<TakeSoundPlan>& plan)>;

    /// \param open  called on a thread of its own for what is played.
    explicit Player(QObject* parent = nullptr, OpenSound open = openTransport);
    ~Player() override;

    /// What to play; without a plan only the camera. Playing goes on in place when only what is
    /// made of the same files changed.
    void load(std::shared_ptr<const SoundScan> take, std::optional<TakeSoundPlan> plan);
    /// At the chosen speed.
    void play(Seconds from);
    void stop();
    [[nodiscard]] bool playing() const { return run_ != nullptr; }
    [[nodiscard]] Seconds position() const;
    void setHearing(Hearing hearing);
    [[nodiscard]] Hearing hearing() const { return hearing_; }
    /// 0.5, 1 or 2; the pitch stays.
    void setSpeed(double speed);
    /// Plays only these, one after the other, and ends after the last; empty = all of the take.
    void setKept(TimeRanges takeTime);
    /// Plays round and round; none = on to the end.
    void setLoop(std::optional<TimeRange> takeTime);
    /// Faster and faster with each call, on (1) or back (-1); from a time, where it stood still.
    void shuttle(int direction, Seconds from);
    /// The id of the device to play on; empty, or one that is not there: the desktop's own.
    void setDevice(const QByteArray& id);
    /// False when there is no sound device: everything works, unheard.
    [[nodiscard]] bool audible() const { return audible_; }

  signals:
    void moved(double takeSeconds);
    void playingChanged(bool playing);
    void failed(const QString& sentence);
    /// Playing goes on, but not as it was.
    void deviceChanged(const QString& sentence);
    /// Take seconds in a second of listening, from now on.
    void travelling(double speed);

  private:
    struct Run;
    void tick();
    void start(Seconds from);
    /// Without a word to anybody. True where it had played.
    bool end();
    void tellThatItEnded();
    /// On the default device where there is one, else on the simulated one.
    void openDevice(Run& run);
    /// Notices a device that does not play any more. Returns what to say of it, else nothing.
    QString keepDevice(Run& run);
    void travelChanged();
    [[nodiscard]] Travel travel() const;
    [[nodiscard]] Seconds endOfTake() const;
    /// Where playing ends by itself.
    [[nodiscard]] Seconds endOfWay() const;

    OpenSound open_;
    std::shared_ptr<const SoundScan> take_;
    std::optional<TakeSoundPlan> plan_;
    Hearing hearing_;
    double speed_ = 1;
    double shuttle_ = 0;  // 0 = does not
    std::optional<TimeRange> loop_;
    TimeRanges kept_;
    bool audible_ = false;
    QByteArray device_;
    Seconds stoodAt_;
    QTimer timer_;
    std::shared_ptr<Run> run_;
};

}  // namespace brisk::app
