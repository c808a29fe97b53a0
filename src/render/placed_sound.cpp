// SPDX-License-Identifier: GPL-3.0-or-later
// The idea: the resampler starts on whole input samples only, so the input is first moved by the
// missing part of a sample, then resampled at the ratio of the two clocks. When rates are equal and
// there is no drift, samples pass through untouched.
#include "render/placed_sound.h"

#include <algorithm>
#include <cmath>
#include <optional>
#include <vector>

#include "dsp/fractional_delay.h"
#include "dsp/resampler.h"
#include "render/routing.h"

namespace brisk {
namespace {
constexpr std::int64_t kSettle = 1024;  // output frames rendered and dropped after a seek
constexpr double kWholeEnough = 1e-4;   // of a sample: two nanoseconds
constexpr std::size_t kBlock = 4096;
constexpr int kTaps = 2 * FractionalAdvance::kLatency;
}  // namespace

struct PlacedSound::State {
    SoundReader reader;
    ClockLine line;
    SampleRate outputRate;
    double inputRate = 48000;  // on take time
    int polarity = 1;
    Routing routing;
    int channels = 1;

    std::optional<FractionalAdvance> fraction;
    std::optional<StreamResampler> resampler;
    std::vector<float> ready;  // rendered, interleaved
    std::size_t readyAt = 0;
    bool placed = false;

    /// The next `frames` of the file in our channels, silence outside of it.
    Result<void> input(std::size_t frames, std::vector<float>& out) {
        const auto in = static_cast<std::size_t>(reader.channels());
        std::vector<float> raw(frames * in, 0.0f);
        auto got = reader.read(raw);
        if (!got) return tl::unexpected(got.error());
        const std::size_t had = out.size();
        out.resize(had + frames * routing.size());
        route(routing, raw, std::span(out).subspan(had));
        if (polarity < 0) {
            for (float& v : std::span(out).subspan(had)) v = -v;
        }
        return {};
    }

    Result<void> renderMore() {
        ready.erase(ready.begin(), ready.begin() + static_cast<std::ptrdiff_t>(readyAt) * channels);
        readyAt = 0;
        std::vector<float> a;
        if (auto done = input(kBlock, a); !done) return done;
        std::vector<float> b;
        if (fraction) {
            fraction->process(a, b);
        } else {
            b = std::move(a);
        }
        if (resampler) {
            resampler->push(b, ready);
        } else {
            ready.insert(ready.end(), b.begin(), b.end());
        }
        return {};
    }

    [[nodiscard]] std::size_t readyFrames() const {
        return ready.size() / static_cast<std::size_t>(channels) - readyAt;
    }

    Result<void> drop(std::size_t frames) {
        while (frames > 0) {
            const std::size_t n = std::min(frames, readyFrames());
            readyAt += n;
            frames -= n;
            if (frames > 0) {
                if (auto more = renderMore(); !more) return more;
            }
        }
        return {};
    }
};

PlacedSound::PlacedSound(std::unique_ptr<State> state) : state_(std::move(state)) {}
PlacedSound::PlacedSound(PlacedSound&&) noexcept = default;
PlacedSound& PlacedSound::operator=(PlacedSound&&) noexcept = default;
PlacedSound::~PlacedSound() = default;

int placedChannels(const SoundScan& scan, const HeardChannels& heard) {
    return static_cast<int>(routingOf(scan, heard).size());
}

ClockLine scratchLine(const SoundScan& take) {
    return {-take.info.soundStartInTake(), {0}};
}

Result<PlacedSound> PlacedSound::open(const SoundScan& scan, ClockLine line, SampleRate outputRate,
                                      int polarity, const HeardChannels& heard) {
    auto reader = scan.open();
    if (!reader) return tl::unexpected(reader.error());
    const double inputRate = reader->rate().hertz * line.drift.factor();
    auto state = std::unique_ptr<State>(new State{std::move(*reader),
                                                  line,
                                                  outputRate,
                                                  inputRate,
                                                  polarity,
                                                  routingOf(scan, heard),
                                                  placedChannels(scan, heard),
                                                  {},
                                                  {},
                                                  {},
                                                  0,
                                                  false});
    return PlacedSound(std::move(state));
}

int PlacedSound::channels() const {
    return state_->channels;
}

Result<void> PlacedSound::seek(std::int64_t n) {
    State& s = *state_;
    const bool sameClock = std::fabs(s.inputRate / s.outputRate.hertz - 1) < 1e-12;
    const std::int64_t settle = sameClock ? 0 : kSettle;
    const double at =
        s.line.toRecording(s.outputRate.seconds(n - settle)).value * s.reader.rate().hertz;
    double whole = std::floor(at);
    double part = at - whole;
    if (part > 1 - kWholeEnough) {
        whole += 1;
        part = 0;
    }
    s.ready.clear();
    s.readyAt = 0;
    s.fraction.reset();
    s.resampler.reset();
    auto first = static_cast<std::int64_t>(whole);
    std::size_t spoilt = 0;
    if (part > kWholeEnough) {
        s.fraction.emplace(part, s.channels);
        // Output k of the advance is input k + part - latency; its first taps look at nothing.
        first += FractionalAdvance::kLatency - kTaps;
        spoilt = kTaps;
    }
    if (auto sought = s.reader.seek(first); !sought) return sought;
    s.placed = true;
    if (s.fraction) {
        std::vector<float> in;
        std::vector<float> dropped;
        if (auto done = s.input(spoilt, in); !done) return done;
        s.fraction->process(in, dropped);
    }
    if (!sameClock) {
        s.resampler.emplace(s.inputRate, static_cast<double>(s.outputRate.hertz), s.channels);
        return s.drop(static_cast<std::size_t>(settle));
    }
    return {};
}

Result<void> PlacedSound::read(std::span<float> out) {
    State& s = *state_;
    if (!s.placed) {
        if (auto sought = seek(0); !sought) return sought;
    }
    const auto channels = static_cast<std::size_t>(s.channels);
    std::size_t done = 0;
    while (done < out.size() / channels) {
        if (s.readyFrames() == 0) {
            if (auto more = s.renderMore(); !more) return more;
            continue;
        }
        const std::size_t n = std::min(s.readyFrames(), out.size() / channels - done);
        std::copy_n(s.ready.begin() + static_cast<std::ptrdiff_t>(s.readyAt * channels),
                    n * channels, out.begin() + static_cast<std::ptrdiff_t>(done * channels));
        s.readyAt += n;
        done += n;
    }
    return {};
}

}  // namespace brisk
