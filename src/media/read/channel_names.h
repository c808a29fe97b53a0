// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What a recorder was told to call its channels: the iXML chunk of a broadcast WAV, an open
/// specification that many recorders follow.
#pragma once

#include <string>
#include <vector>

namespace brisk {

/// One for each channel, in the order in which they lie in the file; empty where the file says
/// nothing of them.   Errors: none, notes that make no sense are passed over.
std::vector<std::string> channelNamesOf(const std::string& path, int channels);

/// The same, from the content of the chunk.
std::vector<std::string> channelNamesIn(const std::string& ixml, int channels);

}  // namespace brisk
