// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// All keys of the window, in words: what the page of keys shows. Those of verbs come from their
/// table and are as they are now; only what one place handles itself is told here.
#pragma once

#include <QKeySequence>
#include <QString>
#include <vector>

#include "app/spine/verbs.h"

namespace brisk::app {

struct KeyRow {
    std::vector<QKeySequence> keys;
    QString does;
    /// Where the keyboard must be for it to work; empty = anywhere in the window.
    QString where = {};
    /// What it does: one, or two that are never possible at once. None: a key of a place.
    std::vector<Verb> verbs = {};
};

struct KeyGroup {
    QString title;
    std::vector<KeyRow> rows;
};

std::vector<KeyGroup> keyTable(const Verbs& verbs);
/// Which line has this key; null where none has.
const KeyRow* rowOf(const std::vector<KeyGroup>& groups, const QKeySequence& key);
/// Keys that every window needs, so that no verb may have them.
bool isReserved(const QKeySequence& key);

/// "Ctrl+Left, Ctrl+Right", with arrows as arrows.
QString keysText(const KeyRow& row);

}  // namespace brisk::app
