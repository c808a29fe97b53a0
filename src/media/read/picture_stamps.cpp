// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/read/picture_stamps.h"

#include "media/read/av_handles.h"

namespace brisk {

Result<std::vector<PictureStamp>> readPictureStamps(const std::string& path, int videoStream,
                                                    const JobControl& job) {
    auto input = av::openInput(path, job);
    if (!input) return tl::unexpected(input.error());
    for (unsigned i = 0; i < (*input)->nb_streams; ++i) {
        const bool wanted = static_cast<int>(i) == videoStream;
        (*input)->streams[i]->discard = wanted ? AVDISCARD_DEFAULT : AVDISCARD_ALL;
    }
    const av::Packet packet = av::makePacket();
    std::vector<PictureStamp> out;
    while (av_read_frame(input->get(), packet.get()) >= 0) {
        if (packet->stream_index == videoStream && packet->pts != AV_NOPTS_VALUE) {
            out.push_back({packet->pts, (packet->flags & AV_PKT_FLAG_KEY) != 0});
        }
        av_packet_unref(packet.get());
        if (job.stopRequested()) return cancelled();
    }
    return out;
}

}  // namespace brisk
