// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The buffer between the mixing thread and the sound device. The device takes from it at its own
/// pace and always gets what it asks for: silence where nothing is ready yet, because the file is
/// still being opened or the disk hesitates. `takeTimeAt` tells what part of the take it has
/// played; while it plays silence of that kind, the take stands still.
#pragma once

#include <QIODevice>
#include <QString>
#include <atomic>
#include <condition_variable>
#include <deque>
#include <functional>
#include <memory>
#include <mutex>
#include <thread>

#include "render/transport.h"

namespace brisk::app {

class MixFeed : public QIODevice {
  public:
    using Open = std::function<Result<Transport>()>;
    using OpenClean = std::function<Result<TakeSound>()>;

    /// \param open  called on the mixing thread.
    MixFeed(Open open, std::int64_t from, Hearing hearing, Travel travel);
    ~MixFeed() override;

    void setHearing(Hearing h);
    void setTravel(const Travel& t);
    /// The clean sound at another place, from the next block on.
    void replaceClean(OpenClean open);
    [[nodiscard]] QString problem() const;
    /// Whether there is something to hear, so that a device can begin without silence before it; at
    /// least so many frames.
    [[nodiscard]] bool ready(std::size_t frames = 1) const;
    /// Output frames that were taken so far, silence included.
    [[nodiscard]] std::int64_t taken() const;
    /// The take time of an output frame, counted from the start; of the last that was taken, where
    /// it is further on.
    [[nodiscard]] Seconds takeTimeAt(std::int64_t outputFrame) const;
    /// Plays to nobody: takes frames up to this one. For the simulated device.
    void discardUpTo(std::int64_t outputFrame);

    bool isSequential() const override { return true; }
    qint64 bytesAvailable() const override;

  protected:
    qint64 readData(char* data, qint64 most) override;
    qint64 writeData(const char*, qint64) override { return -1; }

  private:
    /// From an output frame on, the take runs like this.
    struct Placed {
        std::int64_t output = 0;
        Seconds at;
        double speed = 1;
    };
    struct Made {
        Transport::Block block;
        std::size_t used = 0;  ///< frames of it
    };
    /// What the mixing thread and this share. It outlives whichever ends first: a thread that waits
    /// for a slow disk is not waited for.
    struct Shared {
        mutable std::mutex mutex;
        std::condition_variable wake;
        Hearing hearing;
        Travel travel;
        std::deque<Made> made;
        std::size_t madeFrames = 0;  // of them, not taken yet
        std::deque<Placed> placed;   // in order; never empty
        Seconds next;                // take time of what is taken next
        std::int64_t taken = 0;      // output frames
        OpenClean nextClean;
        QString problem;
        bool ending = false;
    };
    static void run(Shared& shared, const Open& open, std::int64_t from);
    static Result<void> mixOn(Shared& shared, Transport& transport);
    /// The next frames into `out` (null: to nobody), silence where none are made. Locked already.
    void take(float* out, std::int64_t frames);
    void place(Seconds at, double speed);

    std::shared_ptr<Shared> shared_;
    std::thread thread_;
};

}  // namespace brisk::app
