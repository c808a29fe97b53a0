// SPDX-License-Identifier: GPL-3.0-or-later
#include "export/picture_check.h"

#include <cmath>
#include <future>

#include "core/time_text.h"
#include "export/video_export.h"
#include "media/check/packet_digest.h"
#include "media/check/picture_likeness.h"

namespace brisk {
namespace {

constexpr double kLooksAlikeDb = 30;  // below it, people see it beside the other

}  // namespace

Result<PictureCheck> checkCodedAnew(const VideoExportPlan& plan, const std::string& path,
                                    const JobControl& job) {
    auto likeness = comparePictures(plan.take.info, *plan.cut, path, job);
    if (!likeness) return tl::unexpected(likeness.error());
    PictureCheck c;
    c.pictures = likeness->pictures;
    c.leastAlikeDb = likeness->leastAlikeDb;
    c.problem = likeness->difference;
    if (c.problem.empty() && likeness->leastAlikeDb < kLooksAlikeDb) {
        c.problem = "The picture at " + clockText(likeness->leastAlike, 1) +
                    " differs from the take's so that it is seen.";
    }
    return c;
}

std::string PictureCheck::words() const {
    if (pictures == 0) return {};
    const std::string count = groupedText(pictures) + " pictures ";
    if (!leastAlikeDb) return count + (identical ? "identical" : "DIFFER");
    return count + "alike to " + std::to_string(std::lround(*leastAlikeDb)) + " dB";
}

PictureCheck comparePackets(const PacketList& take, const PacketList& written) {
    PictureCheck c;
    c.pictures = static_cast<std::int64_t>(written.packets.size());
    c.problem = differenceBetween(take, written);
    c.identical = c.problem.empty();
    if (!c.identical) c.problem = "The picture differs from the take: " + c.problem + ".";
    return c;
}

Result<PictureCheck> checkPicture(const VideoExportPlan& plan, const std::string& path,
                                  const JobControl& job) {
    if (plan.cut && plan.cut->way == PieceWay::CodedAnew) return checkCodedAnew(plan, path, job);
    // Both at the same time: reading is most of it.
    const JobControl silent = job.withReport({});
    auto reading = std::async(std::launch::async, [&] {
        return plan.cut ? pictureDigest(plan.take.info, *plan.cut, silent)
                        : pictureDigest(plan.take.info.path, silent);
    });
    auto written = pictureDigest(path, job);
    auto source = reading.get();
    if (!source) return tl::unexpected(source.error());
    if (!written) return tl::unexpected(written.error());
    return comparePackets(*source, *written);
}

}  // namespace brisk
