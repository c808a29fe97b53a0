// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/seam/sample_source.h"

namespace brisk::app {

SampleSource::SampleSource(QObject* parent)
    : QObject(parent),
      worker_(std::make_unique<LatestWorker<Request>>([this](const Request& r) { answer(r); },
                                                      [this] { reader_.reset(); })) {}

SampleSource::~SampleSource() = default;

void SampleSource::ask(std::shared_ptr<const SoundScan> scan, std::int64_t first,
                       std::int64_t count) {
    worker_->ask({std::move(scan), first, count});
}

void SampleSource::answer(const Request& r) {
    if (openFor_ != r.scan || !reader_) {
        reader_.reset();
        openFor_ = r.scan;
        auto reader = r.scan->open();
        if (!reader) return;  // the outline stays; the file list says what is wrong
        reader_ = std::make_unique<SoundReader>(std::move(*reader));
    }
    auto stretch = std::make_shared<SampleStretch>();
    stretch->scan = r.scan;
    stretch->first = r.first;
    stretch->samples.resize(static_cast<std::size_t>(r.count));
    if (!readMono(*reader_, r.first, stretch->samples, r.scan->channel)) {
        reader_.reset();
        return;
    }
    worker_->bringBack([this, stretch] { emit ready(stretch); });
}

}  // namespace brisk::app
