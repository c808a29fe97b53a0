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

PieceWay wayOf(const VideoExportPlan& plan) {
    if (!plan.stretch) return PieceWay::Copied;
    if (plan.pieceStart == PieceStart::CodedAnew) return PieceWay::CodedAnew;
    if (plan.pieceStart == PieceStart::KeyFrame) return PieceWay::AtKeyFrame;
    if (canHidePictures(muxerOf(plan.container, plan.take.info.path))) return PieceWay::Copied;
    return leadOf(plan.take, plan.stretch) > Seconds{0} ? PieceWay::CodedAnew
                                                        : PieceWay::AtKeyFrame;
}

Fact pictureFact(const VideoExportPlan& plan) {
    const PieceWay way = wayOf(plan);
    if (way == PieceWay::AtKeyFrame && leadOf(plan.take, plan.stretch) > Seconds{0}) {
        return {"picture-from-key-frame", {{"lead", leadOf(plan.take, plan.stretch)}}};
    }
    if (way != PieceWay::CodedAnew) return {"picture-untouched"};
    const bool hevc = plan.take.info.video && plan.take.info.video->codec == "hevc";
    Fact f{"picture-re-encoded", {{"codec", hevc ? "HEVC" : "H.264"}}};
    if (plan.pieceStart == PieceStart::Exact) {
        f.args.emplace_back("why", Fact{"container-cannot-begin-between-key-frames",
                                        {{"container", containerName(plan)}}});
    }
    return f;
}

double pictureGrowth(const VideoExportPlan& plan) {
    return wayOf(plan) == PieceWay::CodedAnew ? kCodedGrowth : 1;
}

}  // namespace brisk
