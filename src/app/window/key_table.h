// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// All keys of the window, in words: what the page of keys shows. Those of verbs come from their
/// table; only what one place handles itself is told here.
#pragma once

#include <QKeySequence>
#include <QString>
#include <vector>

namespace brisk::app {

struct KeyRow {
    std::vector<QKeySequence> keys;
    QString does;
    /// Where the keyboard must be for it to work; empty = anywhere in the window.
    QString where = {};
};

struct KeyGroup {
    QString title;
    std::vector<KeyRow> rows;
};

std::vector<KeyGroup> keyTable();

/// "Ctrl+Left, Ctrl+Right", with arrows as arrows.
QString keysText(const KeyRow& row);

}  // namespace brisk::app
