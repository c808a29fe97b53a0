// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Facts in and out of a byte stream, for caches.
#pragma once

#include "core/fact.h"
#include "store/byte_stream.h"

namespace brisk {

void putFacts(const Facts& facts, ByteWriter& out);

/// False where the stream does not hold them; what was read until then stays in `facts`.
bool getFacts(ByteReader& in, Facts& facts);

}  // namespace brisk
