// SPDX-License-Identifier: GPL-3.0-or-later
// Source: the iXML specification, TRACK_LIST: INTERLEAVE_INDEX counts from 1 in the order of the
// file's channels, CHANNEL_INDEX counts the recorder's inputs.
#include "media/read/channel_names.h"

#include <algorithm>
#include <pugixml.hpp>

#include "media/read/media_limits.h"
#include "media/read/wav_header.h"

namespace brisk {
namespace {

/// Not longer than a name is, and no letter cut in two.
std::string shortened(std::string name) {
    if (name.size() <= limits::kMaxChannelName) return name;
    auto end = limits::kMaxChannelName;
    while (end > 0 && (static_cast<unsigned char>(name[end]) & 0xC0) == 0x80) --end;
    name.resize(end);
    return name;
}

}  // namespace

std::vector<std::string> channelNamesIn(const std::string& ixml, int channels) {
    pugi::xml_document notes;
    if (!notes.load_buffer(ixml.data(), ixml.size())) return {};
    std::vector<std::string> names(static_cast<std::size_t>(channels));
    int count = 0;
    for (const auto& track : notes.child("BWFXML").child("TRACK_LIST").children("TRACK")) {
        ++count;  // where it has no index, its place in the list is one
        const int index = track.child("INTERLEAVE_INDEX").text().as_int(count);
        if (index < 1 || index > channels) continue;
        names[static_cast<std::size_t>(index - 1)] =
            shortened(track.child("NAME").text().as_string());
    }
    const bool none = std::all_of(names.begin(), names.end(),
                                  [](const std::string& name) { return name.empty(); });
    return none ? std::vector<std::string>{} : names;
}

std::vector<std::string> channelNamesOf(const std::string& path, int channels) {
    const std::string ixml = wavChunk(path, "iXML");
    return ixml.empty() ? std::vector<std::string>{} : channelNamesIn(ixml, channels);
}

}  // namespace brisk
