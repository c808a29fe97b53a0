// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The model as plain data: which files, which belong together, and how. Small enough that every
/// step of the history keeps a whole copy.
#pragma once

#include <optional>
#include <string>
#include <utility>
#include <vector>

#include "align/tether_estimate.h"
#include "core/mono_mix.h"
#include "media/read/media_info.h"
#include "render/quiet_stretch.h"
#include "render/sound_choice.h"
#include "shoot/slate.h"
#include "store/file_identity.h"

namespace brisk {

/// Where a take stands.
enum class TetherState {
    Loose,       ///< No place known.
    Offered,     ///< Found by the program, confirmed by nobody.
    NeedsAnEar,  ///< Found, but the evidence is thin or contradicts.
    Tethered,    ///< Confirmed and locked.
    Slipped,     ///< Was tethered, and is away from that place.
};

/// "no place", "found", "unsure", "tethered", "moved".
const char* stateText(TetherState s);

struct MediaItem {
    int id = 0;
    std::string path;
    MediaKind role = MediaKind::Recording;  ///< What it is used as.
    FileIdentity identity;
    std::string camera = {};  ///< Of a take, as a person named it; empty: as its file tells.
    /// The take that it goes on from and is treated as one with; 0 = none.
    int goesOnFrom = 0;
    Seconds goesOnAfter = {};  ///< That one's length.
    Slate slate = {};
    /// Which of its channels is searched by, from 0; else kMeanOfChannels, or kBestChannel as the
    /// program finds it.
    int searchedBy = kBestChannel;
    /// As a person called it, else as the file is called.
    [[nodiscard]] std::string name() const;
    friend bool operator==(const MediaItem&, const MediaItem&) = default;
};

/// The relation of one take to one recording. A take may have several, on different recordings.
struct Tether {
    int take = 0;
    int recording = 0;
    TetherEstimate found;  ///< What the engine said, kept as it was.
    ClockLine line;        ///< In force; differs from found.line after a move by hand.
    int polarity = 1;
    bool locked = false;
    bool placedByHand = false;  ///< On this recording because a person said so.
    /// From another microphone than the one that is heard: kept as a track beside it.
    bool beside = false;
    /// How long the sound was on its way to the camera. The camera's sound lags behind its picture
    /// by this; the clean sound is heard this much earlier than the scratch sound has it.
    Seconds soundDelay{0};

    /// Where the clean sound is heard and written: the acoustic match, less the sound's way.
    [[nodiscard]] ClockLine heardLine() const { return line.from(soundDelay); }
    [[nodiscard]] TetherState state() const;
    [[nodiscard]] bool movedByHand() const { return !(line == found.line); }
    friend bool operator==(const Tether&, const Tether&) = default;
};

/// A moment that a person named: a clap, a word.
struct Mark {
    int id = 0;
    int media = 0;
    Seconds time;  ///< Take time on a take; recording time on a recording.
    std::string name;
    friend bool operator==(const Mark&, const Mark&) = default;
};

/// What a person made of one take, beside its place.
struct TakeEdit {
    int take = 0;
    std::optional<SoundChoice> sound;  ///< None: as the shoot's.
    std::vector<TimeRange> kept;  ///< Take time, in order, apart or touching; empty = all of it.
    std::vector<QuietStretch> quiet;  ///< By their start; they may overlap.
    /// How it was tethered, where it was loosened since: what "back to the tether" brings back.
    std::vector<Tether> tethered;
    [[nodiscard]] bool empty() const {
        return !sound && kept.empty() && quiet.empty() && tethered.empty();
    }
    friend bool operator==(const TakeEdit&, const TakeEdit&) = default;
};

struct ShootState {
    std::vector<MediaItem> media;
    std::vector<Tether> tethers;
    std::vector<Mark> marks;
    std::vector<TakeEdit> edits;  ///< At most one a take.
    SoundChoice sound;            ///< Of every take that has none of its own.
    int nextId = 1;

    [[nodiscard]] const MediaItem* item(int id) const;
    /// The tether that a take is worked on by: the first of those that are heard.
    [[nodiscard]] const Tether* tetherOf(int take) const;
    /// All of a take's: first those that are heard, one after the other where recordings continue
    /// each other; then other microphones'.
    [[nodiscard]] std::vector<const Tether*> tethersOf(int take) const;
    /// A take and all that are treated as one with it, in order of time, each with the take time of
    /// the first at which it begins.
    [[nodiscard]] std::vector<std::pair<int, Seconds>> oneWith(int take) const;
    [[nodiscard]] const Mark* mark(int id) const;
    /// In order of time.
    [[nodiscard]] std::vector<Mark> marksOf(int media) const;
    [[nodiscard]] std::vector<int> ids(MediaKind role) const;
    [[nodiscard]] TetherState stateOf(int take) const;
    [[nodiscard]] const TakeEdit* editOf(int take) const;
    [[nodiscard]] const SoundChoice& soundOf(int take) const;
    /// How far a slipped take is from its tether, in the middle of what was heard; positive where
    /// the clean sound comes too late now. Nothing where it is not slipped, or where it lies on
    /// another recording.
    [[nodiscard]] std::optional<Seconds> slippedBy(int take) const;
};

}  // namespace brisk
