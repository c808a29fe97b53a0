// SPDX-License-Identifier: GPL-3.0-or-later
#include "export/piece_start.h"

#include <algorithm>
#include <cctype>

#include "export/video_export.h"

namespace brisk {
namespace {

// Of what a camera writes, at a quality at which nothing is seen to be lost: it has more time to
// think than we take, and we keep what it threw away well.
constexpr double kCodedGrowth = 1.5;

std::string containerName(const VideoExportPlan& plan) {
    std::string name = endingOf(plan.container, plan.take.info.path).substr(1);
    std::transform(name.begin(), name.end(), name.begin(),
                   [](unsigned char c) { return std::toupper(c); });
    return name;
}

}  // namespace

const char* pieceStartName(PieceStart start) {
    switch (start) {
        case PieceStart::CodedAnew:
            return "coded";
        case PieceStart::KeyFrame:
            return "key-frame";
        default:
            return "exact";
    }
}

std::optional<PieceStart> pieceStartNamed(const std::string& name) {
    for (const PieceStart s : {PieceStart::Exact, PieceStart::CodedAnew, PieceStart::KeyFrame}) {
        if (name == pieceStartName(s)) return s;
    }
    return std::nullopt;
}

Seconds leadOf(const SoundScan& take, const std::optional<TimeRange>& stretch) {
    if (!stretch) return {0};
    const PictureTimes& pictures = take.pictures;
    const std::int64_t first = pictures.frameAt(stretch->start);
    return pictures.timeOf(first) - pictures.timeOf(pictures.keyFrameBefore(first));
}

namespace {

/// Of all kept pieces.
Seconds longestLead(const VideoExportPlan& plan) {
    Seconds most{0};
    for (const TimeRange& r : plan.sound.kept) most = std::max(most, leadOf(plan.take, r));
    return most;
}

/// Of pieces in one file: copied from key frames on; else all are re-encoded where one would have
/// to be, for they must be coded alike.
PieceWay wayOfJoined(const VideoExportPlan& plan) {
    if (plan.pieceStart == PieceStart::CodedAnew) return PieceWay::CodedAnew;
    if (plan.pieceStart == PieceStart::KeyFrame) return PieceWay::AtKeyFrame;
    return longestLead(plan) > Seconds{0} ? PieceWay::CodedAnew : PieceWay::AtKeyFrame;
}

}  // namespace

PieceWay wayOf(const VideoExportPlan& plan) {
    if (plan.joined) return wayOfJoined(plan);
    if (!plan.stretch) return PieceWay::Copied;
    if (plan.pieceStart == PieceStart::CodedAnew) return PieceWay::CodedAnew;
    if (plan.pieceStart == PieceStart::KeyFrame) return PieceWay::AtKeyFrame;
    if (canHidePictures(muxerOf(plan.container, plan.take.info.path))) return PieceWay::Copied;
    return leadOf(plan.take, plan.stretch) > Seconds{0} ? PieceWay::CodedAnew
                                                        : PieceWay::AtKeyFrame;
}

Fact pictureFact(const VideoExportPlan& plan) {
    const PieceWay way = wayOf(plan);
    const Seconds lead = plan.joined ? longestLead(plan) : leadOf(plan.take, plan.stretch);
    if (way == PieceWay::AtKeyFrame && lead > Seconds{0}) {
        return {plan.joined ? "pictures-from-key-frames" : "picture-from-key-frame",
                {{"lead", lead}}};
    }
    if (way != PieceWay::CodedAnew) return {"picture-untouched"};
    const bool hevc = plan.take.info.video && plan.take.info.video->codec == "hevc";
    Fact f{"picture-re-encoded", {{"codec", hevc ? "HEVC" : "H.264"}}};
    if (plan.pieceStart == PieceStart::Exact) {
        f.args.emplace_back("why", plan.joined ? Fact{"pieces-begin-between-key-frames"}
                                               : Fact{"container-cannot-begin-between-key-frames",
                                                      {{"container", containerName(plan)}}});
    }
    return f;
}

double pictureGrowth(const VideoExportPlan& plan) {
    return wayOf(plan) == PieceWay::CodedAnew ? kCodedGrowth : 1;
}

}  // namespace brisk
