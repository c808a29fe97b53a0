// SPDX-License-Identifier: GPL-3.0-or-later
// Two files of one recorder cannot have been recorded at the same time; one whose stamps say so
// was written by another device. Why names and formats are asked, too: two lavaliers of one make
// write the same format at the same moment, and only their names tell them apart.
#include "align/assemble/recorder_files.h"

#include <cmath>
#include <filesystem>

#include "align/nominate/stamp_place.h"

namespace brisk {
namespace {

constexpr double kSameSample = 0.01;  // of a sample
constexpr double kStampDoubt = 2;     // seconds that stamps of whole seconds may be out
constexpr Seconds kMaxShared{0.05};

}  // namespace

std::string namePattern(const std::string& path) {
    const std::string name = std::filesystem::path(path).filename().string();
    return name.substr(0, name.find_first_of("0123456789"));
}

std::string fileNameOf(const SoundScan& scan) {
    return std::filesystem::path(scan.info.path).filename().string();
}

bool sameRecorder(const MediaInfo& a, const MediaInfo& b) {
    if (a.sounds.empty() || b.sounds.empty()) return false;
    const SoundFacts& x = a.sounds.front();
    const SoundFacts& y = b.sounds.front();
    const auto folder = [](const MediaInfo& m) {
        return std::filesystem::path(m.path).parent_path();
    };
    return a.container == b.container && x.codec == y.codec && x.rate.hertz == y.rate.hertz &&
           x.channels == y.channels && x.bitsPerSample == y.bitsPerSample &&
           namePattern(a.path) == namePattern(b.path) && folder(a) == folder(b);
}

bool continuesExactly(const SoundScan& before, const SoundScan& after) {
    // Only these stamps count samples.
    const bool counted = before.info.stamps.bextReference && after.info.stamps.bextReference;
    if (!counted || !sameRecorder(before.info, after.info)) return false;
    return std::fabs(stampedGap(before, after)->value * before.rate.hertz) < kSameSample;
}

std::optional<Seconds> stampedGap(const SoundScan& before, const SoundScan& after) {
    const TimeStamps& a = before.info.stamps;
    const TimeStamps& b = after.info.stamps;
    if (a.bextReference && b.bextReference) {
        return withinHalfDay(*b.bextReference - *a.bextReference) - before.length();
    }
    const auto x = isoSeconds(a.creationTime), y = isoSeconds(b.creationTime);
    if (!x || !y) return std::nullopt;
    return *y - *x - before.length();
}

bool neverTogether(const SoundScan& a, const SoundScan& b) {
    if (!sameRecorder(a.info, b.info)) return false;
    const auto forth = stampedGap(a, b), back = stampedGap(b, a);
    // Files that touch are another matter: a take may lie across both.
    return (forth && forth->value > kStampDoubt) || (back && back->value > kStampDoubt);
}

bool ranTogether(const SoundScan& take, const SoundScan& recording) {
    const auto stamps = stampPlace(take.info, recording.info);
    const TimeRange heard = take.onTake();
    return stamps && stamps->line.toRecording(heard.end) > -stamps->doubt &&
           stamps->line.toRecording(heard.start) < recording.length() + stamps->doubt;
}

bool overlapTooMuch(TimeRange a, TimeRange b) {
    const TimeRange both = a.intersect(b);
    return !both.empty() && both.length() > kMaxShared;
}

}  // namespace brisk
