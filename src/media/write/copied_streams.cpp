// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/write/copied_streams.h"

#include <algorithm>

#include "media/read/other_streams.h"

namespace brisk {
namespace {

void copySideData(const AVStream* from, AVStream* to, bool codedAnew) {
    for (int i = 0; i < from->nb_side_data; ++i) {
        const auto& d = from->side_data[i];
        // Buffer sizes, and corrections that lie in the coded pictures themselves.
        const bool ofCoding =
            d.type == AV_PKT_DATA_CPB_PROPERTIES || d.type == AV_PKT_DATA_DOVI_CONF;
        if (codedAnew && ofCoding) continue;
        auto* copy = av_stream_new_side_data(to, d.type, d.size);
        if (copy) std::copy_n(d.data, d.size, copy);
    }
}

/// A code that the new container knows for this codec, the source's own where it can stay.
unsigned codecTagFor(const AVOutputFormat* format, const AVCodecParameters* p) {
    if (!format->codec_tag) return 0;
    if (av_codec_get_id(format->codec_tag, p->codec_tag) == p->codec_id) return p->codec_tag;
    unsigned known = 0;
    return av_codec_get_tag2(format->codec_tag, p->codec_id, &known) ? 0 : p->codec_tag;
}

std::int64_t ticks(Seconds t, AVRational base) {
    return std::llround(t.value * base.den / base.num);
}

}  // namespace

void copyMetadata(const AVFormatContext* from, AVFormatContext* to) {
    av_dict_copy(&to->metadata, from->metadata, 0);
    for (const char* key : {"major_brand", "minor_version", "compatible_brands", "encoder"}) {
        av_dict_set(&to->metadata, key, nullptr, 0);
    }
}

AVStream* addCopiedStream(AVFormatContext* output, const AVStream* from, bool codedAnew) {
    AVStream* to = avformat_new_stream(output, nullptr);
    avcodec_parameters_copy(to->codecpar, from->codecpar);
    to->codecpar->codec_tag = codecTagFor(output->oformat, from->codecpar);
    to->time_base = from->time_base;
    to->avg_frame_rate = from->avg_frame_rate;
    to->r_frame_rate = from->r_frame_rate;
    to->sample_aspect_ratio = from->sample_aspect_ratio;
    to->disposition = from->disposition;
    av_dict_copy(&to->metadata, from->metadata, 0);
    copySideData(from, to, codedAnew);
    return to;
}

CopiedStreams::CopiedStreams(const MediaInfo& source, AVFormatContext* input,
                             AVFormatContext* output, Seconds zero, Seconds length)
    : input_(input), output_(output), zero_(zero), length_(length) {
    for (const OtherStream& s : source.others) {
        if (!containerTakes(output->oformat->name, s)) continue;
        to_[s.stream] = addCopiedStream(output, input->streams[s.stream])->index;
    }
    copyChapters();
}

bool CopiedStreams::place(AVPacket* packet) const {
    const AVStream* from = input_->streams[packet->stream_index];
    const AVStream* to = output_->streams[to_.at(packet->stream_index)];
    const std::int64_t zero = ticks(zero_, from->time_base);
    if (packet->pts != AV_NOPTS_VALUE) packet->pts -= zero;
    if (packet->dts != AV_NOPTS_VALUE) packet->dts -= zero;
    const std::int64_t at = packet->pts != AV_NOPTS_VALUE ? packet->pts : packet->dts;
    if (at < 0 || at > ticks(length_, from->time_base)) return false;
    av_packet_rescale_ts(packet, from->time_base, to->time_base);
    packet->stream_index = to->index;
    packet->pos = -1;
    return true;
}

void CopiedStreams::copyChapters() {
    const AVRational base{1, 1000};
    std::vector<AVChapter*> kept;
    for (unsigned i = 0; i < input_->nb_chapters; ++i) {
        const AVChapter* c = input_->chapters[i];
        const Seconds start{static_cast<double>(c->start) * av_q2d(c->time_base)};
        const Seconds end{static_cast<double>(c->end) * av_q2d(c->time_base)};
        const TimeRange here = TimeRange{start - zero_, end - zero_}.intersect({{0}, length_});
        if (here.empty()) continue;
        auto* copy = static_cast<AVChapter*>(av_mallocz(sizeof(AVChapter)));
        if (!copy) break;
        copy->id = c->id;
        copy->time_base = base;
        copy->start = ticks(here.start, base);
        copy->end = ticks(here.end, base);
        av_dict_copy(&copy->metadata, c->metadata, 0);
        kept.push_back(copy);
    }
    if (kept.empty()) return;
    // Freed together with the output.
    output_->chapters = static_cast<AVChapter**>(av_malloc_array(kept.size(), sizeof(AVChapter*)));
    if (!output_->chapters) return;
    std::copy(kept.begin(), kept.end(), output_->chapters);
    output_->nb_chapters = static_cast<unsigned>(kept.size());
}

}  // namespace brisk
