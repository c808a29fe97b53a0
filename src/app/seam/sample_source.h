// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Single samples of a scanned file for a deep zoom, read on a thread of its own.
#pragma once

#include <QObject>
#include <memory>
#include <vector>

#include "app/spine/latest_worker.h"
#include "features/sound_scan.h"

namespace brisk::app {

/// A stretch of mono samples that has been read.
struct SampleStretch {
    std::shared_ptr<const SoundScan> scan;
    std::int64_t first = 0;
    std::vector<float> samples;

    [[nodiscard]] bool covers(const SoundScan* of, std::int64_t from, std::int64_t to) const {
        return scan.get() == of && from >= first &&
               to <= first + static_cast<std::int64_t>(samples.size());
    }
};

class SampleSource : public QObject {
    Q_OBJECT
  public:
    explicit SampleSource(QObject* parent = nullptr);
    ~SampleSource() override;

    void ask(std::shared_ptr<const SoundScan> scan, std::int64_t first, std::int64_t count);

  signals:
    void ready(std::shared_ptr<const brisk::app::SampleStretch> stretch);

  private:
    struct Request {
        std::shared_ptr<const SoundScan> scan;
        std::int64_t first = 0;
        std::int64_t count = 0;
    };
    void answer(const Request& r);
    std::shared_ptr<const SoundScan> openFor_;
    std::unique_ptr<SoundReader> reader_;
    std::unique_ptr<LatestWorker<Request>> worker_;  // last: it ends first
};

}  // namespace brisk::app
