// SPDX-License-Identifier: GPL-3.0-or-later
#include "support/second_witness.h"

#include <gst/app/gstappsink.h>
#include <gst/audio/audio.h>
#include <gst/gst.h>

#include <algorithm>
#include <cmath>
#include <cstring>
#include <memory>

namespace brisk::test {
namespace {

constexpr int kRate = 48000;
constexpr double kOneSound = 0.003;  // seconds: what stamps in milliseconds may jump by

struct Unref {
    void operator()(GstElement* e) const {
        gst_element_set_state(e, GST_STATE_NULL);
        gst_object_unref(e);
    }
};

/// Time of a buffer on the common clock of all streams.
double runningSeconds(GstSample* sample, GstBuffer* buffer) {
    const GstSegment* segment = gst_sample_get_segment(sample);
    const guint64 t = gst_segment_to_running_time(segment, GST_FORMAT_TIME, GST_BUFFER_PTS(buffer));
    return t == GST_CLOCK_TIME_NONE ? NAN : static_cast<double>(t) * 1e-9;
}

struct Collected {
    std::vector<double> pictures;
    std::vector<float> sound;
    double soundAt = NAN;
};

/// Samples one after the other; where stamps jump, silence is what a player gives.
void addSound(Collected& c, GstSample* sample) {
    GstBuffer* clipped = gst_audio_buffer_clip(gst_buffer_ref(gst_sample_get_buffer(sample)),
                                               gst_sample_get_segment(sample), kRate, 4);
    if (!clipped) return;
    const double at = runningSeconds(sample, clipped);
    GstMapInfo map;
    if (!std::isnan(at) && gst_buffer_map(clipped, &map, GST_MAP_READ)) {
        if (std::isnan(c.soundAt)) c.soundAt = at;
        const double due = c.soundAt + static_cast<double>(c.sound.size()) / kRate;
        if (at - due > kOneSound) {
            c.sound.resize(c.sound.size() + static_cast<std::size_t>((at - due) * kRate), 0.0f);
        }
        const std::size_t had = c.sound.size();
        c.sound.resize(had + map.size / sizeof(float));
        std::memcpy(c.sound.data() + had, map.data, map.size / sizeof(float) * sizeof(float));
        gst_buffer_unmap(clipped, &map);
    }
    gst_buffer_unref(clipped);
}

GstFlowReturn onSound(GstAppSink* sink, gpointer data) {
    GstSample* sample = gst_app_sink_pull_sample(sink);
    if (!sample) return GST_FLOW_EOS;
    addSound(*static_cast<Collected*>(data), sample);
    gst_sample_unref(sample);
    return GST_FLOW_OK;
}

GstFlowReturn onPicture(GstAppSink* sink, gpointer data) {
    GstSample* sample = gst_app_sink_pull_sample(sink);
    if (!sample) return GST_FLOW_EOS;
    const double t = runningSeconds(sample, gst_sample_get_buffer(sample));
    if (!std::isnan(t)) static_cast<Collected*>(data)->pictures.push_back(t);
    gst_sample_unref(sample);
    return GST_FLOW_OK;
}

/// Links the first sound and the first picture; whatever else there is goes nowhere.
void onPad(GstElement* decode, GstPad* pad, gpointer pipeline) {
    GstCaps* caps = gst_pad_query_caps(pad, nullptr);
    const std::string name = gst_structure_get_name(gst_caps_get_structure(caps, 0));
    gst_caps_unref(caps);
    const char* to = name.starts_with("audio")   ? "sound"
                     : name.starts_with("video") ? "picture"
                                                 : "";
    GstElement* entry = *to ? gst_bin_get_by_name(GST_BIN(pipeline), to) : nullptr;
    GstPad* sink = entry ? gst_element_get_static_pad(entry, "sink") : nullptr;
    if (!sink || gst_pad_is_linked(sink)) {
        GstElement* nowhere = gst_element_factory_make("fakesink", nullptr);
        g_object_set(nowhere, "sync", FALSE, nullptr);
        gst_bin_add(GST_BIN(pipeline), nowhere);
        gst_element_sync_state_with_parent(nowhere);
        gst_element_link(decode, nowhere);
    } else {
        gst_pad_link(pad, sink);
    }
    if (sink) gst_object_unref(sink);
    if (entry) gst_object_unref(entry);
}

}  // namespace

std::optional<Presented> presentedByGStreamer(const std::string& path) {
    gst_init(nullptr, nullptr);
    const std::unique_ptr<GstElement, Unref> pipeline(gst_parse_launch(
        "filesrc name=file ! decodebin name=decode "
        "audioconvert name=sound ! audio/x-raw,format=F32LE,channels=1 ! audioresample ! "
        "audio/x-raw,rate=48000 ! appsink name=heard sync=false emit-signals=false "
        "queue name=picture max-size-time=0 max-size-buffers=0 max-size-bytes=0 ! "
        "appsink name=seen sync=false emit-signals=false",
        nullptr));
    if (!pipeline) return std::nullopt;
    Collected c;
    const auto named = [&](const char* name) {
        GstElement* e = gst_bin_get_by_name(GST_BIN(pipeline.get()), name);
        gst_object_unref(e);  // the pipeline holds it
        return e;
    };
    g_object_set(named("file"), "location", path.c_str(), nullptr);
    GstAppSinkCallbacks heard{}, seen{};
    heard.new_sample = onSound;
    seen.new_sample = onPicture;
    gst_app_sink_set_callbacks(GST_APP_SINK(named("heard")), &heard, &c, nullptr);
    gst_app_sink_set_callbacks(GST_APP_SINK(named("seen")), &seen, &c, nullptr);
    g_signal_connect(named("decode"), "pad-added", G_CALLBACK(onPad), pipeline.get());
    gst_element_set_state(pipeline.get(), GST_STATE_PLAYING);
    GstBus* bus = gst_element_get_bus(pipeline.get());
    GstMessage* end = gst_bus_timed_pop_filtered(
        bus, 120 * GST_SECOND, static_cast<GstMessageType>(GST_MESSAGE_EOS | GST_MESSAGE_ERROR));
    const bool whole = end && GST_MESSAGE_TYPE(end) == GST_MESSAGE_EOS;
    if (end) gst_message_unref(end);
    gst_object_unref(bus);
    gst_element_set_state(pipeline.get(), GST_STATE_NULL);
    if (!whole || c.pictures.empty() || c.sound.empty()) return std::nullopt;
    Presented p;
    p.pictures = c.pictures.size();
    p.soundFrom = c.soundAt - *std::min_element(c.pictures.begin(), c.pictures.end());
    const auto shift = std::llround(p.soundFrom * kRate);
    if (shift >= 0) {
        p.sound.assign(static_cast<std::size_t>(shift), 0.0f);
        p.sound.insert(p.sound.end(), c.sound.begin(), c.sound.end());
    } else {
        p.sound.assign(c.sound.begin() + std::min<std::ptrdiff_t>(-shift, std::ssize(c.sound)),
                       c.sound.end());
    }
    return p;
}

}  // namespace brisk::test
