// SPDX-License-Identifier: GPL-3.0-or-later
#include "day/permissions.h"

namespace brisk {
namespace {

Fact noPlace(const TakeView& v) {
    return v.isRecording ? Fact{"a-recording"} : Fact{"no-place-yet"};
}

}  // namespace

Fact whyNotTether(const TakeView& v) {
    if (!v.placed) return noPlace(v);
    return v.state == TetherState::Tethered ? Fact{"tethered-already"} : Fact{};
}

Fact whyNotLoosen(const TakeView& v) {
    return v.state == TetherState::Tethered ? Fact{} : Fact{"not-tethered"};
}

Fact whyNotBackToTether(const TakeView& v) {
    return v.state == TetherState::Slipped ? Fact{} : Fact{"not-slipped"};
}

Fact whyNotMove(const TakeView& v) {
    if (!v.placed) return noPlace(v);
    return v.locked() ? Fact{"loosen-it-first"} : Fact{};
}

Fact whyNotBackToFound(const TakeView& v) {
    if (Fact why = whyNotMove(v); !why.empty()) return why;
    return v.tether->movedByHand() ? Fact{} : Fact{"where-it-was-found"};
}

Fact whyNotLayByHand(const TakeView& v) {
    if (v.isRecording) return noPlace(v);
    if (v.placed) return {"has-a-place"};
    if (!v.read) return {"still-being-read"};
    return v.anyRecording ? Fact{} : Fact{"no-recording-yet"};
}

Fact whyNotHear(const TakeView& v) {
    if (!v.placed) return noPlace(v);
    return v.pair ? Fact{} : Fact{"still-being-read"};
}

}  // namespace brisk
