// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The buffer between the mixing thread and the sound device. The device takes from it at its own
/// pace; `takeTimeAt` tells what part of the take it has played.
#pragma once

#include <QIODevice>
#include <QString>
#include <atomic>
#include <condition_variable>
#include <deque>
#include <functional>
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
    /// The take time of an output frame, counted from the start; of the last that is known, where
    /// it is further on.
    [[nodiscard]] Seconds takeTimeAt(std::int64_t outputFrame) const;
    /// Plays to nobody: drops frames up to this one, as far as they are ready. For the simulated
    /// device.
    void discardUpTo(std::int64_t outputFrame);

    bool isSequential() const override { return true; }
    qint64 bytesAvailable() const override;

  protected:
    qint64 readData(char* data, qint64 most) override;
    qint64 writeData(const char*, qint64) override { return -1; }

  private:
    struct Placed {
        std::int64_t output = 0;
        Seconds at;
        double speed = 1;
    };
    void run(const Open& open, std::int64_t from);
    Result<void> mixOn(Transport& transport);

    mutable std::mutex mutex_;
    std::condition_variable wake_;
    Hearing hearing_;
    Travel travel_;
    std::deque<float> ready_;
    std::deque<Placed> placed_;
    std::int64_t made_ = 0;   // output frames
    std::int64_t taken_ = 0;  // of them
    OpenClean nextClean_;
    QString problem_;
    bool ending_ = false;
    std::thread thread_;
};

}  // namespace brisk::app
