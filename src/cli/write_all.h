// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Writes what was asked for, or says what would be written, and what became of each file.
#pragma once

#include "cli/export_work.h"
#include "cli/json_output.h"

namespace brisk::cli {

struct Answer {
    ordered_json json;  ///< Fields of the document that is printed.
    int code = 0;       ///< The program's exit code.
};

/// Writes all of it; with --dry-run nothing. What stops all of it was said, and leaves no fields.
Answer writeAll(const ExportOptions& o, Work work, const Console& console);

}  // namespace brisk::cli
