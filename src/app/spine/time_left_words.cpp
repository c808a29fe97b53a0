// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/spine/time_left_words.h"

#include <QObject>
#include <cmath>

namespace brisk::app {

QString timeLeftWords(Seconds left) {
    const auto seconds = static_cast<long>(std::ceil(left.value));
    if (seconds <= 90) return QObject::tr("%1 s left").arg(seconds);
    const long minutes = (seconds + 59) / 60;
    if (minutes <= 90) return QObject::tr("%1 min left").arg(minutes);
    return QObject::tr("%1 h %2 min left").arg(minutes / 60).arg(minutes % 60);
}

}  // namespace brisk::app
