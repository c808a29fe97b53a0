// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/read/picture_stamps.h"

#include "media/read/unread_movie.h"

namespace brisk {
namespace {

Result<std::vector<PictureStamp>> stampsIn(AVFormatContext* input, int videoStream,
                                           const JobControl& job) {
    av::keepOnly(input, videoStream);
    const av::Packet packet = av::makePacket();
    std::vector<PictureStamp> out;
    while (av_read_frame(input, packet.get()) >= 0) {
        const bool shown = (packet->flags & AV_PKT_FLAG_DISCARD) == 0;
        if (packet->stream_index == videoStream && packet->pts != AV_NOPTS_VALUE && shown) {
            out.push_back({packet->pts, (packet->flags & AV_PKT_FLAG_KEY) != 0});
        }
        av_packet_unref(packet.get());
        if (job.stopRequested()) return cancelled();
    }
    return out;
}

}  // namespace

Result<std::vector<PictureStamp>> readPictureStamps(const std::string& path, int videoStream,
                                                    const JobControl& job) {
    auto input = av::openInput(path, job);
    if (!input) return tl::unexpected(input.error());
    return stampsIn(input->get(), videoStream, job);
}

Result<std::optional<std::vector<PictureStamp>>> indexedPictureStamps(const std::string& path,
                                                                      int videoStream,
                                                                      const JobControl& job) {
    using Stamps = std::optional<std::vector<PictureStamp>>;
    const auto movie = av::openUnread(path, job);
    if (job.stopRequested()) return cancelled();
    if (!movie || videoStream >= static_cast<int>(movie->nb_streams)) return Stamps{};
    auto stamps = stampsIn(movie.get(), videoStream, job);
    if (!stamps) return tl::unexpected(stamps.error());
    return Stamps(std::move(*stamps));
}

}  // namespace brisk
