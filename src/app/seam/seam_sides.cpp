// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/seam/seam_sides.h"

#include <algorithm>
#include <cmath>

#include "app/style/colours.h"

namespace brisk::app {
namespace {

constexpr double kMinScale = 0.1, kMaxScale = 1000;

/// Brings the loudest moment of a side to nine tenths of its room.
double gainFor(const PeakPyramid& peaks) {
    return 0.92 / std::max(0.02, static_cast<double>(peaks.largest()));
}

/// The same sound at the same places; what is still being read is never the same.
bool sameSound(const SeamSide& a, const SeamSide& b) {
    return a.length > 0 && a.length == b.length && a.peaks == b.peaks && a.rate == b.rate &&
           a.line == b.line && a.samples.data() == b.samples.data() &&
           a.samples.size() == b.samples.size() && a.samplesFrom == b.samplesFrom;
}

}  // namespace

SeamSides::SeamSides(Session& session, QObject* parent) : QObject(parent), session_(session) {
    const auto keep = [this](std::shared_ptr<const SampleStretch>& into) {
        return [this, &into](const std::shared_ptr<const SampleStretch>& s) {
            into = s;
            emit changed();
        };
    };
    connect(&cameraSource_, &SampleSource::ready, this, keep(cameraSamples_));
    connect(&cleanSource_, &SampleSource::ready, this, keep(cleanSamples_));
    connect(&sharedSource_, &SharedSoundSource::ready, this, &SeamSides::changed);
}

void SeamSides::showTake(int take) {
    take_ = take;
    cameraScale_ = cleanScale_ = 1;
}

std::vector<SeamSides::Laid> SeamSides::laid() const {
    const TakeView& view = session_.view(take_);
    if (!view.placed) return {};
    const Tether* t = &*view.tether;
    const auto& pair = view.pair;
    // While a file is still being read, what is known of it is drawn all the same.
    if (!pair || pair->more.empty()) return {{t->recording, t->line, std::nullopt}};
    std::vector<Laid> out;
    for (const CleanPiece& p : pair->more) {
        out.push_back({session_.library().mediaOf(p.recording), p.line, p.range()});
    }
    return out;
}

std::optional<PlacedPair> SeamSides::shownPair() const {
    const auto& pair = session_.view(take_).pair;
    return pair ? std::optional(pair->at(middle_)) : std::nullopt;
}

std::optional<SeamSide> SeamSides::sideOf(int media, const SampleStretch* samples) const {
    const MediaFacts* f = session_.facts(media);
    if (!f || !f->peaks || f->info.sounds.empty()) return std::nullopt;
    SeamSide s;
    s.peaks = f->peaks.get();
    s.rate = f->info.sounds.front().rate;
    s.gain = gainFor(*f->peaks);
    s.ground = colours().paper;
    if (f->scan) s.length = f->scan->samples;
    if (f->scan && samples && samples->scan == f->scan) {
        s.samples = samples->samples;
        s.samplesFrom = samples->first;
    }
    return s;
}

std::shared_ptr<const SharedSoundSource::Curves> SeamSides::curves() const {
    const auto pair = shared_ ? shownPair() : std::nullopt;
    return pair ? sharedSource_.of(*pair) : nullptr;
}

bool SeamSides::sharedIsComing() const {
    return shared_ && shownPair() && !curves();
}

void SeamSides::showShared(SeamSide& s, const SharedSoundSource::Side& side) {
    s.peaks = &side.outline;
    s.rate = {static_cast<int>(kBandFramesPerSecond)};
    s.length = static_cast<std::int64_t>(side.curve.values.size());
    s.samples = side.curve.values;
    s.samplesFrom = 0;
    s.curve = false;
    s.gain = gainFor(side.outline);
    s.line.offset = s.line.offset - Seconds{kBandFrameCentre} -
                    Seconds{static_cast<double>(side.curve.first) / kBandFramesPerSecond};
}

std::optional<SeamSide> SeamSides::camera() const {
    auto s = sideOf(take_, cameraSamples_.get());
    if (!s) return s;
    s->line = {-session_.library().soundStart(take_), {0}};
    if (const auto c = curves()) showShared(*s, c->camera);
    // A recording by itself grows the way of the clean sound, from the same line.
    const bool own = session_.view(take_).isRecording;
    s->direction = own ? 1 : -1;
    s->gain *= own ? cleanScale_ : cameraScale_;
    s->equalHeight = equal_;
    s->body = own ? colours().clean : colours().camera;
    s->outline = own ? colours().cleanPale : colours().cameraPale;
    return s;
}

void SeamSides::workOut(const TimeAxis& axis, int width) {
    std::vector<Drawn> now;
    const auto c = curves();
    const auto add = [&](int media, const SeamSide& side,
                         const std::shared_ptr<const SampleStretch>& samples) {
        now.push_back({side, {}, {session_.facts(media)->peaks, samples, c}});
    };
    if (const auto side = camera()) add(take_, *side, cameraSamples_);
    for (const Laid& l : laid()) {
        if (auto s = sideOf(l.media, cleanSamples_.get())) {
            add(l.media, cleanSide(l, *s), cleanSamples_);
        }
    }
    // Moving the clean sound leaves the camera's as it was.
    const bool sameAxis = drawnAxis_ == axis;
    for (Drawn& d : now) {
        const auto was = std::find_if(drawn_.begin(), drawn_.end(), [&](const Drawn& old) {
            return sameAxis && std::ssize(old.columns.columns) == width &&
                   sameSound(old.side, d.side);
        });
        d.columns =
            was == drawn_.end() ? seamColumns(d.side, axis, width) : std::move(was->columns);
    }
    drawn_ = std::move(now);
    drawnAxis_ = axis;
}

SeamSide SeamSides::cleanSide(const Laid& laid, SeamSide s) const {
    s.line = laid.line;
    s.line.offset = s.line.offset - dragged_;
    if (laid.only) s.only = TimeRange{laid.only->start + dragged_, laid.only->end + dragged_};
    const auto c = curves();
    if (c && session_.library().mediaOf(c->recording) == laid.media) showShared(s, c->clean);
    s.direction = 1;
    s.gain *= cleanScale_;
    s.equalHeight = equal_;
    s.body = colours().clean;
    s.outline = colours().cleanPale;
    return s;
}

void SeamSides::readSamples(const std::optional<SeamSide>& side, int media, SampleSource& source,
                            const std::shared_ptr<const SampleStretch>& have, const TimeAxis& axis,
                            int width) {
    const MediaFacts* f = session_.facts(media);
    if (!side || !f || !f->scan) return;
    const auto [from, to] = samplesNeeded(*side, axis, width);
    if (to <= from || (have && have->covers(f->scan.get(), from, to))) return;
    // Some more on both sides, so that small movements need no reading.
    const std::int64_t more = (to - from) / 2;
    const std::int64_t first = std::max<std::int64_t>(0, from - more);
    const std::int64_t last = std::min(side->length, to + more);
    source.ask(f->scan, first, last - first);
}

void SeamSides::prepare(const TimeAxis& axis, int width) {
    readWhatIsShown(axis, width);
    workOut(axis, width);
}

void SeamSides::readWhatIsShown(const TimeAxis& axis, int width) {
    middle_ = (axis.start() + axis.end()) / 2;
    if (shared_) {
        if (const auto pair = shownPair()) sharedSource_.want(*pair);
        if (curves()) return;
    }
    readSamples(camera(), take_, cameraSource_, cameraSamples_, axis, width);
    // One piece's samples at a time: that in the middle.
    const auto pieces = laid();
    const Laid* shown = nullptr;
    for (const Laid& l : pieces) {
        if (!shown || !l.only || l.only->start <= middle_) shown = &l;
    }
    const auto side = shown ? sideOf(shown->media, cleanSamples_.get()) : std::nullopt;
    if (side) {
        readSamples(cleanSide(*shown, *side), shown->media, cleanSource_, cleanSamples_, axis,
                    width);
    }
}

void SeamSides::scale(bool clean, double factor) {
    double& s = clean ? cleanScale_ : cameraScale_;
    s = std::clamp(s * factor, kMinScale, kMaxScale);
    equal_ = false;
    emit changed();
}

void SeamSides::setEqualHeights(bool on) {
    equal_ = on;
    if (!on) cameraScale_ = cleanScale_ = 1;
    emit changed();
}

void SeamSides::setShared(bool on) {
    shared_ = on;
    emit changed();
}

}  // namespace brisk::app
