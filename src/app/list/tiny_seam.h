// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The sounds of one file of the list, as small as a row: the camera's grown upwards from a line,
/// the clean sound downwards. Made when something becomes known, so that painting only draws.
#pragma once

#include <array>

#include "app/spine/session.h"

namespace brisk::app {

struct TinySeam {
    static constexpr std::size_t kColumns = 216;
    using Side = std::array<float, kColumns>;  ///< 0 to 1, of half the height.
    Side camera{}, clean{};
};

/// Silent where nothing is known of the file.
TinySeam tinySeamOf(const Session& session, int media);

}  // namespace brisk::app
