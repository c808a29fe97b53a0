// SPDX-License-Identifier: GPL-3.0-or-later
// The idea: where both rates are nominally the same, one pass reads the file at the positions that
// the line asks for. Other rates need a resampler, which starts on whole input samples only, so
// that the input is first moved by the missing part of a sample. When rates are equal, there is no
// drift and the place is a whole sample, samples pass through untouched.
#include "render/placed_sound.h"

#include <algorithm>
#include <cmath>
#include <optional>
#include <vector>

#include "dsp/fractional_delay.h"
#include "dsp/polyphase.h"
#include "dsp/resampler.h"
#include "render/routing.h"

namespace brisk {
namespace {
constexpr std::int64_t kSettle = 1024;  // output frames rendered and dropped after a seek
constexpr double kWholeEnough = 1e-4;   // of a sample: two nanoseconds
constexpr std::size_t kPlacedBlock = 4096;
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

    std::optional<PolyphaseInterpolator> interpolator;
    std::optional<FractionalAdvance> fraction;
    std::optional<StreamResampler> resampler;
    std::vector<float> raw, block;
    std::vector<float> ready;  // rendered, interleaved
    std::size_t readyAt = 0;
    bool placed = false;

    /// The next `frames` of the file in our channels, silence outside of it.
    Result<void> input(std::size_t frames, std::vector<float>& out) {
        const auto in = static_cast<std::size_t>(reader.channels());
        raw.assign(frames * in, 0.0f);
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
        block.clear();
        if (auto done = input(kPlacedBlock, block); !done) return done;
        if (interpolator) {
            interpolator->push(block, ready);
            return {};
        }
        if (fraction) {
            std::vector<float> moved;
            fraction->process(block, moved);
            block = std::move(moved);
        }
        if (resampler) {
            resampler->push(block, ready);
        } else {
            ready.insert(ready.end(), block.begin(), block.end());
        }
        return {};
    }

    /// Whether one pass is enough: the same nominal rate, another clock or another phase.
    [[nodiscard]] bool sameNominalRate() const {
        return std::fabs(inputRate / outputRate.hertz - 1) < PolyphaseInterpolator::kMaxDrift;
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
    const bool onePass = s.sameNominalRate();
    const std::int64_t settle = onePass ? 0 : kSettle;
    const double at =
        s.line.toRecording(s.outputRate.seconds(n - settle)).value * s.reader.rate().hertz;
    double whole = std::floor(at);
    double part = at - whole;
    if (part > 1 - kWholeEnough) {
        whole += 1;
        part = 0;
    }
    const bool moves = part > kWholeEnough;
    s.ready.clear();
    s.readyAt = 0;
    s.fraction.reset();
    s.resampler.reset();
    s.interpolator.reset();
    auto first = static_cast<std::int64_t>(whole);
    if (onePass && (moves || !sameClock)) {
        constexpr int kBefore = PolyphaseInterpolator::kReach - 1;
        s.interpolator.emplace(s.inputRate / s.outputRate.hertz, kBefore + part, s.channels);
        first -= kBefore;
    } else if (moves) {
        s.fraction.emplace(part, s.channels);
        // Output k of the advance is input k + part - latency; its first taps look at nothing.
        first += FractionalAdvance::kLatency - kTaps;
    }
    if (auto sought = s.reader.seek(first); !sought) return sought;
    s.placed = true;
    if (s.fraction) {
        std::vector<float> in;
        std::vector<float> dropped;
        if (auto done = s.input(kTaps, in); !done) return done;
        s.fraction->process(in, dropped);
    }
    if (!onePass) {
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
