// SPDX-License-Identifier: GPL-3.0-or-later
#include <cmath>

#include "core/time_entry.h"
#include "fuzz/scratch_file.h"
#include "fuzz/targets.h"
#include "media/read/channel_names.h"
#include "media/read/timecode.h"
#include "sim/scene.h"

namespace brisk::fuzz {

void tryText(const std::string& bytes) {
    if (const auto entry = parseTimeEntry(bytes, {})) demand(std::isfinite(entry->value.value));
    for (const Rational rate : {Rational{25, 1}, Rational{30000, 1001}, Rational{60000, 1001}}) {
        if (const auto t = readTimecode(bytes, rate)) {
            // What was read is written, and read the same.
            demand(readTimecode(timecodeText(*t, rate), rate) == t);
        }
    }
    demand(channelNamesIn(bytes, 4).size() <= 4);
    (void)sim::sceneFromJson(bytes);
}

}  // namespace brisk::fuzz
