// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What the program prints against what docs/formats/command-line.schema.json promises.
#pragma once

#include <nlohmann/json.hpp>
#include <string>

namespace brisk::test {

/// Whether the schema speaks of a command of this name.
bool isCommand(const std::string& word);
/// What is wrong with a document that this command printed; empty where nothing is.
std::string notAsPromised(const nlohmann::json& document, const std::string& command);

}  // namespace brisk::test
