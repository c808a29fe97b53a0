// SPDX-License-Identifier: GPL-3.0-or-later
// Energy of the first difference (which favours the bright crack of a clap over voices and hum) in
// hops of a millisecond. A clap rises within three of them, stands far above the 24 before, above
// everything in the half second around it, and has faded a fifth of a second later; a vowel has
// not.
#include "features/spike_detector.h"

#include <algorithm>
#include <cmath>

#include "core/decibels.h"
#include "dsp/block_sums.h"

namespace brisk {
namespace {
constexpr std::size_t kBefore = 250;      // hops looked back
constexpr std::size_t kAfterSpike = 300;  // hops looked ahead
constexpr std::size_t kSpan = kBefore + kAfterSpike;
constexpr double kMinRiseDb = 16;
constexpr double kMinFade = 12;  // dB, from the onset to 150..250 ms later
}  // namespace

SpikeDetector::SpikeDetector(SampleRate rate) : rate_(rate), hop_(std::max(1, rate.hertz / 1000)) {}

void SpikeDetector::push(std::span<const float> mono) {
    if (mono.empty()) return;
    difference_.resize(mono.size());
    difference_[0] = mono[0] - previous_;
    for (std::size_t i = 1; i < mono.size(); ++i) difference_[i] = mono[i] - mono[i - 1];
    previous_ = mono.back();
    std::span<const float> rest = difference_;
    while (!rest.empty()) {
        const auto part =
            rest.first(std::min(rest.size(), static_cast<std::size_t>(hop_ - inHop_)));
        rest = rest.subspan(part.size());
        energy_ += sumOfSquares(part);
        inHop_ += static_cast<int>(part.size());
        if (inHop_ == hop_) closeHop();
    }
}

void SpikeDetector::closeHop() {
    recent_.push_back(energy_);
    usual_ += (energy_ - usual_) * 0.0002;
    energy_ = 0;
    inHop_ = 0;
    ++hops_;
    if (recent_.size() < kSpan) return;
    examine(std::span<const double>(recent_).last(kSpan));
    // Moved to the front only now and then.
    if (recent_.size() == 4 * kSpan) {
        recent_.erase(recent_.begin(), recent_.end() - static_cast<std::ptrdiff_t>(kSpan));
    }
}

void SpikeDetector::examine(std::span<const double> recent) {
    const auto mean = [&](std::size_t from, std::size_t to) {
        double sum = 0;
        for (std::size_t i = from; i < to; ++i) sum += recent[i];
        return sum / static_cast<double>(to - from);
    };
    const double now = mean(kBefore, kBefore + 3);
    if (now <= 4 * recent[kBefore - 1] || now <= usual_) return;  // cheap, and nearly always true
    const double before = mean(kBefore - 24, kBefore) + 0.02 * usual_ + 1e-12;
    const double rise = dbOfPower(now / before);
    if (rise < kMinRiseDb) return;
    // Nothing around it is louder, bar its own first few milliseconds.
    for (std::size_t i = 0; i < kBefore - 24; ++i) {
        if (recent[i] > now / 2) return;
    }
    const double later = mean(kBefore + 150, kBefore + 250) + 1e-13;
    if (dbOfPower(now / later) < kMinFade) return;
    const auto hop = hops_ - static_cast<std::int64_t>(kAfterSpike);
    // The three hops are entered by the crack one after the other: it began in the first that
    // holds a good part of it.
    std::int64_t lead = 0;
    while (lead < 2 && recent[kBefore + static_cast<std::size_t>(lead)] < now / 4) ++lead;
    const Seconds time = rate_.seconds((hop + lead) * hop_);
    if (!found_.empty() && time - found_.back().time < Seconds{0.08}) return;
    found_.push_back({time, rise});
}

std::vector<Spike> SpikeDetector::finish() {
    for (std::size_t i = 0; i < kAfterSpike; ++i) closeHop();
    keepStrongest(found_, kMaxKept);
    return std::move(found_);
}

void keepStrongest(std::vector<Spike>& spikes, std::size_t most) {
    if (spikes.size() <= most) return;
    // Stable, so that of equals the earlier stay, whatever the library.
    std::stable_sort(spikes.begin(), spikes.end(),
                     [](const Spike& a, const Spike& b) { return a.strengthDb > b.strengthDb; });
    spikes.resize(most);
    std::sort(spikes.begin(), spikes.end(),
              [](const Spike& a, const Spike& b) { return a.time < b.time; });
}

}  // namespace brisk
