// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What the card says of a recording by itself.
#pragma once

#include <QString>

#include "app/spine/session.h"

namespace brisk::app {

struct RecordingWords {
    QString lies;   ///< Which takes lie on it.
    QString sound;  ///< Its format and length; when it began.
    QString pins;   ///< Claps found, marks put.
    QString notes;  ///< What reading it showed.
};

RecordingWords recordingWords(const Session& session, int recording);

}  // namespace brisk::app
