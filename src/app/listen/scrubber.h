// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What is heard while the playhead is dragged: short pieces of sound where it is. Made on a thread
/// of its own; only the newest place counts.
#pragma once

#include <QByteArray>
#include <QObject>
#include <QTimer>
#include <memory>
#include <optional>

#include "app/listen/sink_handle.h"
#include "app/spine/latest_worker.h"
#include "app/spine/session.h"
#include "render/transport.h"

class QIODevice;

namespace brisk::app {

class Scrubber : public QObject {
    Q_OBJECT
  public:
    explicit Scrubber(QObject* parent = nullptr);
    ~Scrubber() override;

    /// \param take  null: nothing is heard.   \param plan  what it will sound like, if it has a
    /// place.
    void load(std::shared_ptr<const SoundScan> take, std::optional<TakeSoundPlan> plan);
    void setHearing(Hearing hearing) { hearing_ = hearing; }
    void scrub(Seconds at);

  signals:
    /// Interleaved stereo floats at 48 kHz.
    void made(const QByteArray& piece);

  private:
    struct Sound {
        std::shared_ptr<const SoundScan> take;
        std::optional<TakeSoundPlan> plan;
        friend bool operator==(const Sound&, const Sound&) = default;
    };
    struct Request {
        Sound sound;
        Hearing hearing;
        Seconds at;
    };
    void work(const Request& r);
    void play(const QByteArray& piece);

    Sound sound_;
    Hearing hearing_;
    Sound openFor_;  // the worker's own
    std::optional<Transport> open_;
    SinkHandle sink_;
    QIODevice* device_ = nullptr;
    QTimer idle_;
    std::unique_ptr<LatestWorker<Request>> worker_;  // last: it ends first
};

}  // namespace brisk::app
