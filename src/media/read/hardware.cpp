// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/read/hardware.h"

extern "C" {
#include <libavutil/hwcontext.h>
}

#include <map>
#include <mutex>

namespace brisk::av {
namespace {

/// Opened once for each kind, also where it is not there; null then.
AVBufferRef* deviceOf(AVHWDeviceType type) {
    static std::mutex lock;
    static std::map<AVHWDeviceType, AVBufferRef*> known;
    const std::lock_guard hold(lock);
    const auto [entry, unknown] = known.try_emplace(type, nullptr);
    if (unknown) {
        const int level = av_log_get_level();
        av_log_set_level(AV_LOG_QUIET);  // that there is none is no news
        if (av_hwdevice_ctx_create(&entry->second, type, nullptr, nullptr, 0) < 0) {
            entry->second = nullptr;
        }
        av_log_set_level(level);
    }
    return entry->second;
}

AVPixelFormat formatOf(AVCodecContext* context, const AVPixelFormat* offered) {
    for (const AVPixelFormat* f = offered; *f != AV_PIX_FMT_NONE; ++f) {
        for (int i = 0; const AVCodecHWConfig* c = avcodec_get_hw_config(context->codec, i); ++i) {
            const bool ours = c->pix_fmt == *f &&
                              (c->methods & AV_CODEC_HW_CONFIG_METHOD_HW_DEVICE_CTX) != 0 &&
                              context->hw_device_ctx && deviceOf(c->device_type);
            if (ours) return *f;
        }
    }
    return avcodec_default_get_format(context, offered);
}

}  // namespace

void offerHardware(AVCodecContext* context) {
    for (int i = 0; const AVCodecHWConfig* c = avcodec_get_hw_config(context->codec, i); ++i) {
        // The others are older ways to the same decoders, and their libraries complain aloud.
        const bool known =
            c->device_type == AV_HWDEVICE_TYPE_VAAPI || c->device_type == AV_HWDEVICE_TYPE_CUDA;
        if (!known || (c->methods & AV_CODEC_HW_CONFIG_METHOD_HW_DEVICE_CTX) == 0) continue;
        AVBufferRef* device = deviceOf(c->device_type);
        if (!device) continue;
        context->hw_device_ctx = av_buffer_ref(device);
        context->get_format = formatOf;
        return;
    }
}

bool bringToMemory(Frame& frame) {
    if (!frame->hw_frames_ctx) return true;
    Frame here = makeFrame();
    if (av_hwframe_transfer_data(here.get(), frame.get(), 0) < 0) return false;
    if (av_frame_copy_props(here.get(), frame.get()) < 0) return false;
    std::swap(here, frame);
    return true;
}

}  // namespace brisk::av
