// SPDX-License-Identifier: GPL-3.0-or-later
// The idea: each decoded frame says a time of day and at which sample it began. Noise decodes to a
// frame now and then; timecode decodes to a row of frames that count on by one. Only rows count.
#include "features/timecode_in_sound.h"

#include <ltc.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdio>

#include "core/mono_mix.h"
#include "core/statistics.h"
#include "media/read/timecode.h"

namespace brisk {
namespace {

constexpr std::size_t kRow = 5;               // frames that count on by one: chance does not
constexpr double kListen = 0.4, kEvery = 20;  // seconds, while none was found
constexpr int kQueue = 64;
constexpr double kUsualFrames = 1920;  // samples of a frame, to begin with
constexpr std::size_t kAnchor = 50;    // frames by which the beginning is told
constexpr Seconds kTellsSpeed{60};     // between the first and the last
constexpr double kMostDrift = 1000;    // parts per million

struct FreeDecoder {
    void operator()(LTCDecoder* d) const { ltc_decoder_free(d); }
};

struct Heard {
    std::int64_t at = 0;  // sample at which it begins
    int hours = 0, minutes = 0, seconds = 0, frame = 0;
    bool drop = false;
};

bool follows(const Heard& a, const Heard& b) {
    const int second = a.hours * 3600 + a.minutes * 60 + a.seconds;
    const int next = b.hours * 3600 + b.minutes * 60 + b.seconds;
    const bool within = second == next && b.frame == a.frame + 1;
    // Numbers that are left out begin a minute.
    const bool over = (next == second + 1 || (next == 0 && second == 86399)) &&
                      (b.frame == 0 || (b.drop && b.frame == 2)) && a.frame >= 22;
    return within || over;
}

/// One channel's decoder.
class Channel {
  public:
    Channel() : decoder_(ltc_decoder_create(static_cast<int>(kUsualFrames), kQueue)) {}

    void push(std::span<float> mono, std::int64_t at) {
        ltc_decoder_write_float(decoder_.get(), mono.data(), mono.size(),
                                static_cast<ltc_off_t>(at));
        LTCFrameExt raw;
        while (ltc_decoder_read(decoder_.get(), &raw) > 0) take(raw);
    }
    /// How many frames were in a row of several.
    [[nodiscard]] std::int64_t count() const { return count_; }
    /// Of these, those heard first, and last: some of them may be both.
    [[nodiscard]] const std::vector<Heard>& first() const { return first_; }
    [[nodiscard]] const std::vector<Heard>& last() const { return last_; }

  private:
    void take(LTCFrameExt& raw) {
        SMPTETimecode t;
        ltc_frame_to_time(&t, &raw.ltc, 0);
        const bool sound = t.hours < 24 && t.mins < 60 && t.secs < 60 && t.frame < 30;
        const Heard h{raw.off_start, t.hours, t.mins, t.secs, t.frame, raw.ltc.dfbit != 0};
        if (!sound || raw.reverse || (!row_.empty() && !follows(row_.back(), h))) row_.clear();
        if (!sound || raw.reverse) return;
        row_.push_back(h);
        if (row_.size() < kRow) return;
        if (row_.size() == kRow) {
            for (const Heard& earlier : row_) keep(earlier);
        } else {
            keep(h);
            row_.erase(row_.begin() + 1);  // its length goes on saying that it is a row
        }
    }
    void keep(const Heard& h) {
        ++count_;
        if (first_.size() < kAnchor) first_.push_back(h);
        if (last_.size() == kAnchor) last_.erase(last_.begin());
        last_.push_back(h);
    }
    std::unique_ptr<LTCDecoder, FreeDecoder> decoder_;
    std::vector<Heard> row_, first_, last_;
    std::int64_t count_ = 0;
};

/// What one channel holds.
void channelInto(std::vector<float>& mono, std::span<const float> interleaved, std::size_t channels,
                 std::size_t channel) {
    mono.resize(interleaved.size() / channels);
    mixToMono(interleaved, channels, static_cast<int>(channel), mono);
}

std::string textOf(const Heard& h) {
    char text[16];
    std::snprintf(text, sizeof text, "%02d:%02d:%02d%c%02d", h.hours, h.minutes, h.seconds,
                  h.drop ? ';' : ':', h.frame);
    return text;
}

/// The usual rate that frames come nearest to.
Rational rateOf(const std::vector<Heard>& frames, SampleRate rate) {
    constexpr std::array<Rational, 5> kUsual{
        {{24000, 1001}, {24, 1}, {25, 1}, {30000, 1001}, {30, 1}}};
    std::vector<double> lengths;
    for (std::size_t i = 1; i < frames.size(); ++i) {
        if (follows(frames[i - 1], frames[i])) {
            lengths.push_back(static_cast<double>(frames[i].at - frames[i - 1].at));
        }
    }
    // Beginnings are told to a sample or so: the mean of those near the median is finer.
    const double middle = median(lengths);
    double sum = 0, n = 0;
    for (const double l : lengths) {
        if (std::fabs(l - middle) > 0.02 * middle) continue;
        sum += l;
        ++n;
    }
    const double own = rate.hertz / (sum / std::max(1.0, n));
    return *std::min_element(kUsual.begin(), kUsual.end(), [&](Rational a, Rational b) {
        return std::fabs(a.value() - own) < std::fabs(b.value() - own);
    });
}

}  // namespace

std::vector<bool> timecodeChannels(std::span<const float> interleaved, std::size_t channels) {
    std::vector<bool> out;
    std::vector<float> mono;
    for (std::size_t c = 0; c < channels; ++c) {
        Channel listening;
        channelInto(mono, interleaved, channels, c);
        listening.push(mono, 0);
        out.push_back(listening.count() > 0);
    }
    return out;
}

struct TimecodeListener::State {
    SampleRate rate;
    std::size_t channels = 1;
    std::vector<Channel> all;
    std::optional<std::size_t> on;  // which carries it
    std::int64_t at = 0;
    std::vector<float> mono;

    [[nodiscard]] bool listensNow() const {
        return std::fmod(rate.seconds(at).value, kEvery) < kListen;
    }
    void listenTo(std::size_t c, std::span<const float> interleaved) {
        channelInto(mono, interleaved, channels, c);
        all[c].push(mono, at);
        if (all[c].count() > 0) on = c;
    }
};

TimecodeListener::TimecodeListener(SampleRate rate, int channels)
    : state_(std::make_unique<State>()) {
    state_->rate = rate;
    state_->channels = static_cast<std::size_t>(std::max(1, channels));
    state_->all.resize(state_->channels);
}
TimecodeListener::TimecodeListener(TimecodeListener&&) noexcept = default;
TimecodeListener::~TimecodeListener() = default;

void TimecodeListener::push(std::span<const float> interleaved) {
    State& s = *state_;
    if (s.on) {
        s.listenTo(*s.on, interleaved);
    } else if (s.listensNow()) {
        for (std::size_t c = 0; c < s.channels && !s.on; ++c) s.listenTo(c, interleaved);
    }
    s.at += static_cast<std::int64_t>(interleaved.size() / s.channels);
}

std::optional<TimecodeInSound> TimecodeListener::found() const {
    const State& s = *state_;
    if (!s.on) return std::nullopt;
    const Channel& heard = s.all[*s.on];
    const Rational rate = rateOf(heard.first(), s.rate);
    // Seconds of the day at the file's beginning, and seconds of the file of which that is told.
    const auto begins = [&](const std::vector<Heard>& frames) {
        std::vector<double> apart, at;
        for (const Heard& h : frames) {
            const auto t = readTimecode(textOf(h), rate);
            if (!t) continue;
            at.push_back(s.rate.seconds(h.at).value);
            apart.push_back(ticksToSeconds(t->frame, rate.inverse()) - at.back());
        }
        return std::pair{median(apart), median(at)};
    };
    const auto [first, early] = begins(heard.first());
    const auto [last, late] = begins(heard.last());
    TimecodeInSound out;
    if (late - early > kTellsSpeed.value) {
        const double ppm = (last - first) / (late - early) * 1e6;
        if (std::fabs(ppm) < kMostDrift) out.drift = {ppm};
    }
    out.channel = static_cast<int>(*s.on);
    out.atFirstSample = {first - early * out.drift.value * 1e-6};
    out.frameRate = rate.value();
    out.dropFrame = heard.first().front().drop;
    out.text = textOf(heard.first().front());
    out.frames = heard.count();
    return out;
}

}  // namespace brisk
