// SPDX-License-Identifier: GPL-3.0-or-later
#include "export/picture_check.h"

#include <cmath>
#include <future>

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
    if (!likeness->difference.empty()) c.problem = {likeness->difference};
    if (c.problem.empty() && likeness->leastAlikeDb < kLooksAlikeDb) {
        c.problem = {{"picture-seen-to-differ", {{"at", likeness->leastAlike}}}};
    }
    return c;
}

Facts PictureCheck::said() const {
    if (pictures == 0) return {};
    if (leastAlikeDb) {
        return {{"pictures-alike",
                 {{"pictures", pictures}, {"db", static_cast<double>(*leastAlikeDb)}}}};
    }
    return {{identical ? "pictures-identical" : "pictures-differ", {{"pictures", pictures}}}};
}

PictureCheck comparePackets(const PacketList& take, const PacketList& written) {
    PictureCheck c;
    c.pictures = static_cast<std::int64_t>(written.packets.size());
    const Fact difference = differenceBetween(take, written);
    c.identical = difference.empty();
    if (!c.identical) c.problem = {{"picture-differs", {{"how", difference}}}};
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
