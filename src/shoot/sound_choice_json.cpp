// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/sound_choice_json.h"

#include "shoot/state_check.h"

namespace brisk {

using nlohmann::ordered_json;

NLOHMANN_JSON_SERIALIZE_ENUM(CameraSound, {{CameraSound::LeftOut, "left_out"},
                                           {CameraSound::SecondTrack, "second_track"},
                                           {CameraSound::Blended, "blended"}})
NLOHMANN_JSON_SERIALIZE_ENUM(ChannelMap, {{ChannelMap::AsRecorded, "as_recorded"},
                                          {ChannelMap::Left, "left"},
                                          {ChannelMap::Right, "right"},
                                          {ChannelMap::Mix, "mix"},
                                          {ChannelMap::Stereo, "stereo"},
                                          {ChannelMap::Swapped, "swapped"},
                                          {ChannelMap::Chosen, "chosen"}})
NLOHMANN_JSON_SERIALIZE_ENUM(Uncovered, {{Uncovered::Silence, "silence"},
                                         {Uncovered::Camera, "camera"},
                                         {Uncovered::Trimmed, "trimmed"}})

ordered_json soundChoiceJson(const SoundChoice& c) {
    return {{"camera", c.camera},
            {"blend_db", c.blendDb},
            {"channel_map", c.map},
            {"channels", c.channels},
            {"turned", c.turned},
            {"to_loudness", c.toLoudness},
            {"gain_db", c.gainDb},
            {"target_lufs", c.targetLufs},
            {"ceiling_dbtp", c.ceilingDbtp},
            {"uncovered", c.uncovered},
            {"follow_clock", c.followClock},
            {"quiet_claps", c.quietClaps},
            {"claps_db", c.clapsDb},
            {"soft_edge_ms", c.softEdgeMs}};
}

SoundChoice soundChoiceFrom(const ordered_json& j) {
    SoundChoice c;
    c.camera = j.value("camera", c.camera);
    c.blendDb = j.value("blend_db", c.blendDb);
    c.map = j.value("channel_map", j.value("ears", c.map));  // as the first schema called it
    for (const auto& n : j.value("channels", ordered_json::array())) {
        c.channels.push_back(wholeFrom(n));
    }
    c.turned = j.value("turned", c.turned);
    c.toLoudness = j.value("to_loudness", c.toLoudness);
    c.gainDb = j.value("gain_db", c.gainDb);
    c.targetLufs = j.value("target_lufs", c.targetLufs);
    c.ceilingDbtp = j.value("ceiling_dbtp", c.ceilingDbtp);
    c.uncovered = j.value("uncovered", c.uncovered);
    c.followClock = j.value("follow_clock", c.followClock);
    c.quietClaps = j.value("quiet_claps", c.quietClaps);
    c.clapsDb = j.value("claps_db", c.clapsDb);
    c.softEdgeMs = j.value("soft_edge_ms", c.softEdgeMs);
    return c;
}

}  // namespace brisk
