// SPDX-License-Identifier: GPL-3.0-or-later
// Every sentence about a fact. PHRASE marks a text for translators and is the text itself, PHRASES
// one that has plural forms: the catalogues (translations/, ./dev catalogue) have them in the
// context of this namespace. What is said of one is English alone.
#include <algorithm>

#include "text/sentence.h"

#define PHRASE(text) text
#define PHRASES(text) text

namespace brisk {

namespace {

constexpr Phrase kPhrases[] = {
    // How two sounds agree (align/decide, align/assemble).
    {"windows-agree", PHRASE("{agreeing} of {used} spots agree within {within_ms:fixed1} ms")},
    {"claps-agree", PHRASES("{agreeing} of {claps} claps agree"),
     "{agreeing} of {claps} clap agrees", "claps"},
    {"no-rival", PHRASE("no other place comes near")},
    {"next-best", PHRASE("the next best place is {weaker_db:fixed0} dB weaker")},
    {"sure", PHRASE("{agreement}; {rival}.")},
    {"several-places", PHRASE("The same sound fits in more than one place: {agreement}; "
                              "{rival}. Listen, or mark "
                              "a clap.")},
    {"thin-evidence",
     PHRASE("The evidence is thin: {agreement}; {rival}. Listen before you trust it.")},
    {"only-background",
     PHRASE("{agreement}, but what stands out on either side is not heard on the other: the same "
            "programme may have played in two rooms. Was the recorder in the same room? Listen "
            "before you trust it.")},
    {"only-through-the-room",
     PHRASE(
         "Only what the room makes of the sound is heard here, under something louder: the place "
         "is right to about {within_ms:fixed0} ms. Listen, or mark a clap.")},
    {"no-place-at-best", PHRASE("No place where the two sounds agree: at best {agreement}. Was the "
                                "recorder running, and in the same room?")},
    {"claps-in-several-places",
     PHRASE("The claps fit in more than one place: {agreement}. Listen to each.")},
    {"thin-claps", PHRASE("The evidence is thin: {agreement}. Listen before you trust it.")},
    {"claps-among-sound",
     PHRASE("{agreement}, but the other sound in the take does not decide. Listen to it.")},
    {"claps-nowhere", PHRASE("The claps of the two do not agree anywhere.")},
    {"no-claps-in-take", PHRASE("No claps are heard in the take.")},
    {"no-claps-in-recording", PHRASE("No claps are heard in the recording.")},
    {"silent-claps", PHRASE("Nothing is heard around the claps.")},
    {"recording-lost",
     PHRASE("The recording lost {seconds:span}, or the take has it twice, at {at:clock1} of the "
            "take{doubt}.")},
    {"recording-repeats",
     PHRASE("The recording repeats {seconds:span}, or the take lost it, at {at:clock1} of the "
            "take{doubt}.")},
    {"jump-in-pause", PHRASE(", in a pause: it may be up to {doubt:span} earlier or later")},
    {"where-stamps-have-it", PHRASE("This one is where the time stamps have it.")},
    {"no-place", PHRASE("No place where the two sounds agree at all.")},
    {"matched-elsewhere",
     PHRASE("Nothing here comes near what the take is matched with elsewhere.")},
    {"too-little-shared", PHRASE("The two sounds share too little to compare.")},
    {"clock-bends",
     PHRASE("The two devices do not run equally fast all along, as happens while one warms up: "
            "the clean sound follows, and would be up to {off:span} off otherwise.")},
    {"speaker-walks",
     PHRASE("Whoever speaks comes and goes, up to {metres:length} farther from the camera. The "
            "clean sound stays with the picture.")},
    {"nothing-heard-until",
     PHRASE(
         "Until {at:clock1} of the take nothing is heard in both: what may have been lost there is "
         "not seen.")},
    {"nothing-heard-from",
     PHRASE(
         "From {at:clock1} of the take on nothing is heard in both: what may have been lost there "
         "is not seen.")},
    {"pulled-longer",
     PHRASE("The recording takes a thousandth longer than the take, as sound for 24 pictures a "
            "second does beside 23.976: it is pulled to fit.")},
    {"pulled-shorter",
     PHRASE("The recording is a thousandth shorter than the take, as sound for 23.976 pictures a "
            "second is beside 24: it is pulled to fit.")},
    {"too-short-to-tell", PHRASE("Little more than a second of sound: too little to tell.")},
    {"one-is-silent", PHRASE("Nothing is heard in one of the two sounds.")},
    // What time stamps say (align/nominate/stamp_place).
    {"timecode-and-reference", PHRASE("timecode {timecode} and time reference {reference:clock2}")},
    {"timecodes-in-sound", PHRASE("timecode in both sounds, {take} and {recording}")},
    {"timecode-against-sound",
     PHRASE("timecode {take} and timecode in the recording's sound, {recording}")},
    {"both-references", PHRASE("both time references")},
    {"both-creation-times", PHRASE("both creation times")},
    {"no-stamps", PHRASE("The two files carry no time stamps that can be compared.")},
    {"stamps-and-sound", PHRASE("By {stamps}, and the sound agrees: {agreement}")},
    {"stamps-apart", PHRASE("By {stamps} the two were not running at the same time.")},
    {"stamps-against-sound",
     PHRASE("The {stamps} put it here, but the sound fits elsewhere beyond doubt; were the "
            "clocks set?")},
    {"stamps-alone",
     PHRASE("Placed by {stamps} alone, to a picture frame at best; the sound does not decide. "
            "Listen to it.")},
    {"files-to-come", PHRASE("Other files are still being read and may speak against it.")},
    {"by-kept-stretch",
     PHRASE("Searched by what is kept of it alone, {from:clock1} to {to:clock1}.")},
    {"laid-by-starts",
     PHRASE("Placed with both starts together; nothing was measured. Listen to it.")},
    {"laid-by-claps",
     PHRASE("Placed with one clap of each side together; nothing was measured. Listen to it.")},
    {"laid-as-typed", PHRASE("Placed as typed; nothing was measured. Listen to it.")},
    {"laid-at-playhead",
     PHRASE("Placed where the playhead was on the recording; nothing was measured. Listen to it.")},
    {"laid-where-dropped",
     PHRASE("Placed where it was dropped; nothing was measured. Listen to it.")},
    {"laid-by-ends", PHRASE("Placed with both ends together; nothing was measured. Listen to it.")},
    // What several files say together (align/assemble, day).
    {"fits-two-recordings",
     PHRASE("It fits {other} as well as {recording}, and one recorder made both at different "
            "times.")},
    {"goes-on-by-stamps",
     PHRASE("It goes on from {recording} to the sample, by their time stamps.")},
    {"one-clock", PHRASE("It and {recording} continue each other: one clock.")},
    {"borrowed-drift",
     PHRASE("Its drift is that of longer takes of its camera: {drift_ppm:fixed1} ppm.")},
    {"claims-same-stretch",
     PHRASE("It claims the same stretch as {take}, and one camera cannot have shot both.")},
    {"counted-after",
     PHRASE("The camera counted it after {take}, and here it lies the other way round.")},
    {"counted-before",
     PHRASE("The camera counted it before {take}, and here it lies the other way round.")},
    {"lies-between", PHRASE("It lies between {before} and {after}, as the camera counted them.")},
    {"goes-on-from", PHRASE("It goes on from {take} and has its place.")},
    {"goes-on-in", PHRASE("{take} goes on from it, and it has that one's place.")},
    // Whether a file is a copy (align/assemble/copy_fit).
    {"not-the-same-sound", PHRASE("{copy} is not the same sound as {recording}: {why}")},
    {"copy-was-cut",
     PHRASE("{copy} is {recording} with something cut out or put in, so that not all tethers "
            "can be kept. {why}")},
    {"another-clock",
     PHRASE("it runs on another clock ({drift_ppm:fixed1} ppm), as another recorder does. Add "
            "it as a recording of its own.")},
    {"another-microphone",
     PHRASE("it was heard by another microphone. Add it as a recording of its own.")},
    // What many measured lags say of a place (align/decide/fit_verdict).
    {"nothing-compared", PHRASE("Nothing was compared yet.")},
    {"nothing-common",
     PHRASE("No spot shows common sound by itself: nothing here speaks for this place.")},
    {"little-common", PHRASE("Common sound in only {heard} of {asked} places: too little to say.")},
    {"lag-jumps",
     PHRASE("The distance jumps by {by:slip} at {at:clock0}: the recorder lost or repeated sound "
            "there.")},
    {"jumps-in-all", PHRASE("{jumps} jumps in all.")},
    {"some-off-one-line", PHRASE("{agreeing} of {heard} places agree on one line, the "
                                 "others do not: look where the "
                                 "distance jumps.")},
    {"in-place", PHRASE("In place from first to last: never more than {worst:slip} apart, worst at "
                        "{at:clock0}.")},
    {"clocks-run-apart",
     PHRASE("The clocks run apart: {start:slip} at the start, {end:slip} at the end.")},
    {"apart-all-along", PHRASE("Apart by {worst:slip} all along: {heard_as}.")},
    {"off-the-line", PHRASES("{off} places lie off the line."), "{off} place lies off the line.",
     "off"},
    {"fits-but-unsure", PHRASE("The search was not sure all the same: listen.")},
    {"way-taken-off", PHRASE("The way of whoever walks is taken off.")},
    {"heard-together", PHRASE("together")},
    {"heard-hollow", PHRASE("both together sound hollow")},
    {"heard-as-echo", PHRASE("heard as an echo")},
    {"lips-look-wrong", PHRASE("lips look wrong")},
    {"no-common-sound-here", PHRASE("no common sound here")},
    {"slip-together", PHRASE("{slip:slip}: together")},
    {"slip-hollow", PHRASE("{slip:slip}: hollow")},
    {"slip-echo", PHRASE("{slip:slip}: echo")},
    {"slip-walked", PHRASE("{slip:slip}: {metres:length} farther")},
    {"slip-apart", PHRASE("{slip:slip}: apart")},
    // Which of two sounds is the better one (features/sound_quality).
    {"recording-has", PHRASE("The recording has {what}.")},
    {"camera-has", PHRASE("The camera has {what}.")},
    {"but-camera-has", PHRASE("But the camera has {what}.")},
    {"less-noise", PHRASE("{noise_db:fixed0} dB less noise")},
    {"less-echo", PHRASE("{echo_db:fixed0} dB less echo")},
    {"less-noise-and-echo",
     PHRASE("{noise_db:fixed0} dB less noise and {echo_db:fixed0} dB less echo")},
    {"sounds-alike", PHRASE("Both sounds are about alike.")},
    {"recording-clipped", PHRASE("The recording is clipped in {samples} samples.")},
    {"camera-clipped", PHRASE("The camera's sound is clipped.")},
    {"recording-one-sided", PHRASE("The recording is on one side only.")},
    // What was wrong with a file that is used all the same (media/read, features).
    {"damaged-sound",
     PHRASE("{packets} damaged pieces of sound could not be read; the rest is used, in its "
            "place.")},
    {"sound-holes",
     PHRASE("Holes in the time stamps, {seconds:clock3} in all, are kept as silence.")},
    {"timecode-in-sound",
     PHRASE("Channel {channel} carries timecode, from {timecode} on, {rate:fixed2} a second: it is "
            "used as a time stamp, and not heard.")},
    {"one-sided", PHRASE("One-sided: only channel {channel} of {channels} carries sound.")},
    {"too-hot", PHRASE("Too hot: {samples} samples are clipped.")},
    {"header-never-completed", PHRASE("The header was never completed (the recorder lost "
                                      "power?); all {present:clock0} of "
                                      "sound that follow it are used.")},
    {"file-cut-short",
     PHRASE("Cut short: the header promises {promised:clock0} of sound, the file ends after "
            "{present:clock0}. What is there is used; copy the file again if the card still "
            "has "
            "it.")},
    {"only-first-track", PHRASE("It holds {tracks} sound tracks; only the first is used.")},
    {"tracks-side-by-side",
     PHRASE("It holds {tracks} sound tracks; they are read side by side, as {channels} "
            "channels.")},
    {"some-tracks-side-by-side",
     PHRASE("It holds {tracks} sound tracks; {read} of them are read side by side, as "
            "{channels} channels.")},
    // How far the camera was (core/sound_distance).
    {"hears-late", PHRASE("The camera hears the hands {by:slip} late: about "
                          "{metres:length} away (a picture "
                          "frame leaves {doubt_metres:length} either way).")},
    {"heard-before-picture", PHRASE("The camera heard this clap {by:slip} before that "
                                    "picture: another clap, or another "
                                    "frame.")},
    {"too-far-from-hands",
     PHRASE("{metres:length} between hands and camera is hard to believe: another clap, or "
            "another frame.")},
    {"sound-needs", PHRASE("Over {metres:length} the sound needs {by:slip}: the clean "
                           "sound comes that much "
                           "earlier.")},
    {"too-far-from-subject",
     PHRASE("{metres:length} between subject and camera is hard to believe.")},
    // What a project says when it is opened (shoot/project_file).
    {"file-not-found",
     PHRASE("{file} was not found where it was. Everything known of it is kept; put the file "
            "back, or drop the folder it is in now.")},
    {"file-changed",
     PHRASE("{file} has changed since the shoot was saved. Its tether is kept as it was; find "
            "matches again to be sure.")},
    {"history-does-not-fit", PHRASE("{file} does not hold what its own history leads to; "
                                    "it was changed elsewhere. What "
                                    "it holds counts; the steps before cannot be undone.")},
    {"speaks-of-missing-files",
     PHRASE("{file} speaks of files that it does not hold. What was on them is left out; one "
            "undo brings it back.")},
    // Why something cannot be done now (day/permissions, the window).
    {"no-place-yet", PHRASE("It has no place yet: find matches, or place it by hand.")},
    {"tethered-already", PHRASE("It is tethered already.")},
    {"not-tethered", PHRASE("It is not tethered.")},
    {"not-slipped", PHRASE("It is where its tether has it, or has none.")},
    {"loosen-it-first", PHRASE("It is tethered: untether it first.")},
    {"where-it-was-found", PHRASE("It is where it was found.")},
    {"has-a-place", PHRASE("It has a place.")},
    {"a-recording", PHRASE("A recording is on the bench: choose a take.")},
    {"no-recording-on-bench", PHRASE("Choose a recording in the list first.")},
    {"no-take-to-lay", PHRASE("Every take is tethered.")},
    {"no-clap-there", PHRASE("There is no clap and no mark on {file}.")},
    {"recording-not-looked-at",
     PHRASE("Choose the recording in the list first, and put the playhead near its clap.")},
    {"still-being-read", PHRASE("Its file is still being read.")},
    {"no-recording-yet", PHRASE("Add the recorder's file first.")},
    {"nothing-to-undo", PHRASE("There is nothing to undo.")},
    {"nothing-to-redo", PHRASE("There is nothing to do again.")},
    {"no-files-yet", PHRASE("Add files first.")},
    {"shoot-not-empty", PHRASE("There are files in the shoot already.")},
    {"nothing-to-search", PHRASE("A take and a recording are needed.")},
    {"matching-already",
     PHRASE("Takes are being matched already; what is read first comes first.")},
    {"work-goes-on", PHRASE("Something else is being done. Wait for it, or stop it.")},
    {"all-was-read", PHRASE("Every selected file could be read.")},
    {"one-channel-only", PHRASE("There is one channel only.")},
    {"no-file-selected", PHRASE("Select a file in the list.")},
    {"nothing-selected", PHRASE("Nothing is selected in the list.")},
    {"no-take-selected", PHRASE("No take is selected in the list.")},
    {"not-of-one-take", PHRASE("The selected files are not the parts of one take.")},
    {"not-joined", PHRASE("It is a take of its own.")},
    {"one-file-at-a-time", PHRASE("Select one file.")},
    {"no-recording-with-picture", PHRASE("It is no recording with a picture.")},
    {"no-recording-selected", PHRASE("Select one recording.")},
    {"nothing-to-write", PHRASE("There is nothing to write.")},
    {"is-written-already", PHRASE("The files were written, or are being written.")},
    {"nothing-failed", PHRASE("Nothing failed or was stopped.")},
    {"nothing-written-yet", PHRASE("Nothing was written yet.")},
    {"writing", PHRASE("Files are being written.")},
    {"nothing-runs", PHRASE("Nothing is running.")},
    {"nothing-needs-an-ear", PHRASE("No take is unsure.")},
    {"all-were-heard", PHRASE("Every tethered take was listened to.")},
    {"nothing-is-sure", PHRASE("No take in the list waits for its tether.")},
    {"no-take-on-bench", PHRASE("No take is on the bench.")},
    {"no-other-place", PHRASE("No other place came near.")},
    {"no-marks", PHRASE("There are no marks yet.")},
    {"no-claps", PHRASE("No claps were found.")},
    // How marks were laid upon each other (day/place_offers).
    {"marks-joined", PHRASE("{where}{more:run}")},
    {"drift-measured", PHRASE("; drift measured")},
    {"ways-that-fit-as-well", PHRASE("; {ways} other ways fit as well: N tries them")},
    // Parts of a list.
    {"item-first", PHRASE("{item}")},
    {"item-next", PHRASE(", {item}")},
    {"item-last", PHRASE(" and {item}")},
    // Which channels are heard (render/routing).
    {"all-channels-mixed", PHRASE("all channels mixed, on both sides")},
    {"channels-all-mixed", PHRASE("all {channels} channels mixed")},
    {"one-channel-in-both-ears", PHRASE("channel {channels:run} on both sides")},
    {"some-channels-mixed", PHRASE("channels {channels:run} mixed, on both sides")},
    {"channels-heard-as-stereo", PHRASE("channels {channels:run} as stereo")},
    {"one-sided-in-both-ears", PHRASE("one-sided: channel {channel} on both sides")},
    {"mono-in-both-ears", PHRASE("mono, in both channels")},
    {"stereo", PHRASE("stereo")},
    {"stereo-swapped", PHRASE("stereo, sides swapped")},
    // What becomes of peaks (render/headroom).
    {"peaks-measured-then-turned-down",
     PHRASE("; peaks may go over full scale: that is measured first, and the whole take is "
            "turned "
            "down where they do")},
    {"peaks-measured-then-limited", PHRASE("; peaks may go over full scale: that is "
                                           "measured first, and they are limited where "
                                           "they do")},
    {"peaks-measured-then-cut", PHRASE("; peaks may go over full scale: that is measured "
                                       "first, and they are CUT where they "
                                       "do, as chosen")},
    {"peaks-kept", PHRASE("; peaks {over_db:fixed1} dB over full scale are kept")},
    {"turned-down", PHRASE("; peaks would go {over_db:fixed1} dB over full scale, so the "
                           "whole take is turned "
                           "down by {by_db:fixed1} dB")},
    {"peaks-limited",
     PHRASE("; peaks would go {over_db:fixed1} dB over full scale, and are limited to "
            "{dbtp:fixed1} dBTP")},
    {"peaks-cut",
     PHRASE("; peaks go {over_db:fixed1} dB over full scale and are CUT there, as chosen")},
    {"samples-cut", PHRASES("Of the {track} {samples:grouped} samples were cut at full scale."),
     "Of the {track} {samples:grouped} sample was cut at full scale.", "samples"},
    {"samples-cut-as-chosen",
     PHRASES("Of the {track} {samples:grouped} samples were cut at full scale, as chosen."),
     "Of the {track} {samples:grouped} sample was cut at full scale, as chosen.", "samples"},
    // What a written file holds (export).
    {"video-holds", PHRASE("{range}{picture}; track 1 {sound}.")},
    {"clean-sound-track", PHRASE("clean sound, {channels}, {codec}, 48 kHz{rest:run}")},
    {"pieces-each-a-file", PHRASE("{pieces} pieces of the take, each a file. ")},
    {"range-of-take", PHRASE("From {start:clock1} to {end:clock1} of the take. ")},
    {"picture-untouched", PHRASE("Picture untouched")},
    {"picture-from-key-frame",
     PHRASE("Picture untouched, from the key frame {lead:fixed2} s before the cut on")},
    {"picture-re-encoded",
     PHRASE("Picture re-encoded ({codec}, hardly to be told from the take's; slow){why}")},
    {"container-cannot-begin-between-key-frames",
     PHRASE(" because {container} cannot begin between key frames")},
    {"pieces-begin-between-key-frames",
     PHRASE(" because pieces begin between key frames, and joined ones must be coded alike")},
    {"pictures-from-key-frames",
     PHRASE(
         "Picture untouched, each piece from the key frame before it on, up to {lead:fixed2} s")},
    {"level-brought-to",
     PHRASE(", brought to {lufs:fixed1} LUFS with peaks under {dbtp:fixed1} dBTP")},
    {"level-louder", PHRASE(", {db:fixed1} dB louder")},
    {"level-quieter", PHRASE(", {db:fixed1} dB quieter")},
    {"blended-louder", PHRASE(", camera sound mixed in, {db:fixed1} dB louder")},
    {"blended-quieter", PHRASE(", camera sound mixed in, {db:fixed1} dB quieter")},
    {"clean-sound", PHRASE("clean sound")},
    {"camera-sound", PHRASE("camera sound")},
    {"track-number", PHRASE("track {number} {what}")},
    {"other-track", PHRASE("; {tracks:run}, which does not play by itself")},
    {"other-tracks", PHRASE("; {tracks:run}, which do not play by themselves")},
    {"camera-not-included", PHRASE("; camera sound not included")},
    {"camera-where-uncovered", PHRASE("; camera sound where the recording does not reach")},
    {"silence-where-uncovered", PHRASE("; silence where the recording does not reach")},
    {"clipped-in-places", PHRASES("; the recording is clipped in {places} places"),
     "; the recording is clipped in {places} place", "places"},
    {"stretches-quiet", PHRASES("; {stretches} stretches quiet"), "; {stretches} stretch quiet",
     "stretches"},
    {"claps-quiet", PHRASES("; {claps} claps quiet"), "; {claps} clap quiet", "claps"},
    {"drift-left", PHRASE("; drift not corrected")},
    {"rotation-left-out",
     PHRASE("; that players turn the picture by {degrees} degrees is left out")},
    {"stream-left-out", PHRASE("; {stream} left out")},
    {"stream-subtitles", PHRASE("subtitles ({codec})")},
    {"stream-track", PHRASE("a {kind} track ({codec})")},
    {"stream-unknown", PHRASE("a {kind} track of an unknown kind")},
    {"sound-of-take",
     PHRASE("As long as the take{lead}, on the picture's clock: {track}, {channels}, "
            "{format}{rest:run}.")},
    {"sound-of-piece", PHRASE("As long as the piece from {start:clock1} to {end:clock1} of "
                              "the take{lead}, on the "
                              "picture's clock: {track}, {channels}, {format}{rest:run}.")},
    {"and-what-video-shows", PHRASE(", and what its video shows before")},
    {"flac-24", PHRASE("FLAC, 24-bit, 48 kHz")},
    {"wav-24", PHRASE("broadcast WAV, 24-bit, 48 kHz")},
    {"wav-float", PHRASE("broadcast WAV, 32-bit float, 48 kHz")},
    {"place-not-confirmed", PHRASE("Nobody has confirmed its place yet.")},
    {"place-not-sure", PHRASE("Its place is not sure: listen first.")},
    {"away-from-tether", PHRASE("It is away from its tether.")},
    {"timeline-holds",
     PHRASE("Every take where it was on the day, its clean sound under it{where}.")},
    {"edit-list-holds",
     PHRASE("The first camera's takes and their sound, in whole frames{where}.")},
    {"pieces-not-alike",
     PHRASE(
         "The pieces are not coded alike, so they cannot be joined without a gap. Export them as "
         "files of their own.")},
    {"pieces-joined", PHRASES("{pieces} pieces joined without gaps, {length:clock1} in all. "),
     "{pieces} piece, {length:clock1}. ", "pieces"},
    {"sound-of-pieces",
     PHRASE("{joined}On the picture's clock: {track}, {channels}, {format}{rest:run}.")},
    {"relinked-holds", PHRASE("{file}, with every clip of these takes on the new files.")},
    {"clips-relinked", PHRASES("{clips} clips are on new files."), "{clips} clip is on a new file.",
     "clips"},
    {"clip-not-written", PHRASE("{clip} is left as it was: what it uses was not exported.")},
    {"clip-says-no-time", PHRASE("{clip} is left as it was: it does not say what it uses.")},
    {"no-clip-of-these-takes", PHRASE("No clip in it is of these takes.")},
    {"no-timeline-there",
     PHRASE("That is no OpenTimelineIO timeline. Export one from where you edit, and choose it.")},
    {"manifest-holds",
     PHRASE("Every file with its check value (ASC MHL), to be checked wherever it goes.")},
    {"manifest-not-read",
     PHRASE(
         "The list of files cannot be read: it is damaged, or no ASC MHL. Nothing was changed.")},
    {"no-manifest-there", PHRASE("There is no list of files (ASC MHL) in that folder.")},
    {"recording-on-clock", PHRASE("The whole recording on the clock of {camera}: {takes}.")},
    {"take-at", PHRASE("{take} begins at {at:clock3}")},
    {"as-flac-24", PHRASE("FLAC, 24-bit, 48 kHz.")},
    {"as-wav-24", PHRASE("Broadcast WAV, 24-bit, 48 kHz.")},
    {"as-wav-float", PHRASE("Broadcast WAV, 32-bit float, 48 kHz.")},
    {"points-at-originals", PHRASE("; points at the takes and recordings as they are")},
    {"points-at-new-files", PHRASE("; points at the new files")},
    {"report-holds",
     PHRASE("What was matched to what, how well, and what was written, with pictures.")},
    {"csv-holds", PHRASE("The same as a table.")},
    {"json-holds", PHRASE("The same for scripts.")},
    {"too-many-events", PHRASE("It holds 999 events; {left_out} are left out.")},
    {"whole-frames-only",
     PHRASE("It counts whole frames: {rounded} of {sounds} sounds lie up to half a frame from "
            "their place.")},
    {"knows-no-drift",
     PHRASE("It knows no drift: export the clean sound, and point at that instead.")},
    {"microphone-left-out",
     PHRASE("{track} is left out: of several microphones an edit decision list holds the one "
            "that is heard.")},
    {"picture-track-left-out",
     PHRASES("{track} is left out: an edit decision list holds one picture track ({clips} "
             "clips)."),
     "{track} is left out: an edit decision list holds one picture track ({clips} "
     "clip).",
     "clips"},
    {"counts-other-frames",
     PHRASE("Its timecode counts {counted} frames a second; the picture has {rate}.")},
    // Why something cannot be written (export).
    {"choose-folder", PHRASE("Choose a folder to write to.")},
    {"choose-what", PHRASE("Choose what is to be written.")},
    {"no-take-has-a-place", PHRASE("No take has a place yet: find matches first.")},
    {"not-enough-room",
     PHRASE("There is not enough room: about {needed:bytes} are needed, {free:bytes} are free.")},
    {"no-such-field", PHRASE("There is no {field}: a name can hold {known}.")},
    {"nothing-kept-is-covered",
     PHRASE("No recording covers any of what is kept of it, and only what is covered was "
            "asked "
            "for. Keep more of the take, or choose silence or the camera's sound for the "
            "gaps.")},
    {"kept-less-than-a-picture",
     PHRASE("What is kept of it is shorter than one picture. Keep more of the take.")},
    {"no-picture-to-write", PHRASE("It has no picture; its clean sound alone can be written.")},
    {"is-the-card-in", PHRASE("{file} is not there: is the card in?")},
    {"codec-does-not-go", PHRASE("{codec} does not go into {container}; choose {can}.")},
    {"stopped-nothing-left", PHRASE("Stopped; nothing half-written was left.")},
    // What reading a written file back found (export, media/check).
    {"sounds-not-as-meant", PHRASE("It holds {sounds} sounds and not {meant}.")},
    {"samples-not-as-meant", PHRASE("It holds {samples:grouped} samples and not {meant:grouped}.")},
    {"samples-not-rendered-count",
     PHRASE("The {track} has {samples:grouped} samples in the file and not {meant:grouped}.")},
    {"not-as-rendered",
     PHRASE("The {track} is not what was rendered, from {from:clock0} of the file on.")},
    {"channels-not-as-meant",
     PHRASE("The {track} has {channels} channels in the file and not {meant}.")},
    {"sound-away-from-tether",
     PHRASE("The {track}{which} at {at:clock1} lies {by:slip} from where the tether says.")},
    {"in-channel", PHRASE(", channel {channel},")},
    {"picture-differs", PHRASE("The picture differs from the take: {how}.")},
    {"picture-counts-differ", PHRASE("{pictures} pictures against {against}")},
    {"another-coded-picture", PHRASE("picture packet {packet} holds another coded picture")},
    {"shown-at-another-time", PHRASE("picture packet {packet} is shown at another time")},
    {"more-pictures", PHRASE("It holds more pictures than the take does there.")},
    {"fewer-pictures", PHRASE("It holds fewer pictures than the take does there.")},
    {"picture-at-another-time",
     PHRASE("The picture at {at:clock2} is shown at another time than in the take.")},
    {"picture-seen-to-differ",
     PHRASE("The picture at {at:clock1} differs from the take's so that it is seen.")},
    {"pictures-identical", PHRASE("{pictures:grouped} pictures identical")},
    {"pictures-differ", PHRASE("{pictures:grouped} pictures DIFFER")},
    {"pictures-alike", PHRASE("{pictures:grouped} pictures alike to {db:fixed0} dB")},
    // What a person did (shoot/commands): steps of the history.
    {"add-file", PHRASE("Add {file}")},
    {"add-files", PHRASES("Add {files} files"), "Add {files} file", "files"},
    {"find-moved", PHRASES("Find {files} moved files"), "Find {files} moved file", "files"},
    {"swap-recording", PHRASE("Swap {recording} for {copy}")},
    {"remove-file", PHRASE("Remove {file}")},
    {"back-to-snapshot", PHRASE("Back to \"{snapshot}\"")},
    {"take-as-in-snapshot", PHRASE("{take} as in \"{snapshot}\"")},
    {"find-matches", PHRASES("Find matches for {takes} takes"), "Find matches for {takes} take",
     "takes"},
    {"tether", PHRASE("Tether {take}")},
    {"tether-all", PHRASES("Tether {takes} takes"), "Tether {takes} take", "takes"},
    {"use-as-take", PHRASE("Use {file} as a take")},
    {"use-as-recording", PHRASE("Use {file} as a recording")},
    {"name-camera", PHRASES("Name the camera of {takes} takes"), "Name the camera of {takes} take",
     "takes"},
    {"join-two", PHRASE("Treat {before} and {after} as one")},
    {"join-takes", PHRASE("Treat {takes} takes as one")},
    {"part-takes", PHRASE("Treat {take} as a take of its own")},
    {"loosen", PHRASE("Untether {take}")},
    {"hear", PHRASE("Hear {recording} in {take}")},
    {"move-clean", PHRASE("Move the clean sound of {take} by {by:slip}")},
    {"place", PHRASE("Place the clean sound of {take} at {where}")},
    {"at-moment", PHRASE("{at:clock6}")},
    {"best-place", PHRASE("the best place")},
    {"weaker-place", PHRASE("a place {weaker_db:fixed0} dB weaker")},
    {"mark-pairs", PHRASES("{pairs} pairs, at most {apart:slip} apart"), "1 pair", "pairs"},
    {"quiet-stretch", PHRASE("Make {take} quiet at {at:clock1}")},
    {"heard-stretch", PHRASE("Let {take} be heard at {at:clock1}")},
    {"not-quiet", PHRASE("{take} as loud as it was at {at:clock1}")},
    {"no-stretch-chosen",
     PHRASE("Select a stretch first, with Shift and the mouse, or go to a clap.")},
    {"nothing-quiet-here", PHRASE("Nothing is quiet here.")},
    {"lay-on", PHRASE("Lay {take} on {recording}")},
    {"lay-several", PHRASES("Lay {count} takes on their recordings")},
    {"back-to-found", PHRASE("Back to the found place of {take}")},
    {"back-to-tether", PHRASE("Back to the tether of {take}")},
    {"forget-distance", PHRASE("Forget the distance to the camera of {take}")},
    {"sound-on-its-way",
     PHRASE("Let the clean sound of {take} come {by:slip} earlier, as the picture has it")},
    {"leave-out-dangling", PHRASE("Leave out what is on files that are not there")},
    {"unsaved-steps", PHRASE("What could not be kept step by step")},
    {"put-mark", PHRASE("Put {mark} on {file}")},
    {"move-mark", PHRASE("Move {mark}")},
    {"rename-mark", PHRASE("Call {mark} {name}")},
    {"describe-file", PHRASE("Describe {file}")},
    {"describe-files", PHRASES("Describe {files} files"), "Describe {files} file", "files"},
    {"search-file-by", PHRASE("Search {file} by another channel")},
    {"search-files-by", PHRASES("Search {files} files by another channel"),
     "Search {files} file by another channel", "files"},
    {"remove-mark", PHRASE("Remove {mark}")},
    {"cut", PHRASE("Cut {take}")},
    {"drop-piece", PHRASE("Drop a piece of {take}")},
    {"bring-back", PHRASE("Bring back a piece of {take}")},
    {"trim-start", PHRASE("Trim the start of {take}")},
    {"trim-end", PHRASE("Trim the end of {take}")},
    {"keep-selection", PHRASE("Keep a selection of {take}")},
    {"keep-shared", PHRASE("Keep the shared part of {take}")},
    {"keep-whole", PHRASE("Keep the whole of {take}")},
    {"sound-for-all", PHRASE("For all takes: {what}")},
    {"sound-for-take", PHRASE("For {take}: {what}")},
    {"sound-for-takes", PHRASES("For {takes} takes: {what}"), "For {takes} take: {what}", "takes"},
    {"camera-left-out", PHRASE("camera's sound left out")},
    {"camera-second-track", PHRASE("camera's sound on a second track")},
    {"camera-blended", PHRASE("camera's sound mixed in")},
    {"camera-blended-by", PHRASE("camera's sound mixed in by {db:signed1} dB")},
    {"channels-as-recorded", PHRASE("channels as recorded")},
    {"channels-left", PHRASE("left channel on both sides")},
    {"channels-right", PHRASE("right channel on both sides")},
    {"channels-mixed", PHRASE("channels mixed")},
    {"channels-stereo", PHRASE("channels as stereo")},
    {"channels-swapped", PHRASE("sides swapped")},
    {"channels-chosen", PHRASE("some channels chosen")},
    {"polarity-turned", PHRASE("polarity inverted")},
    {"polarity-as-matched", PHRASE("polarity as matched")},
    {"level-to", PHRASE("level to {lufs:signed1} LUFS")},
    {"level-by", PHRASE("level by {db:signed1} dB")},
    {"peaks-under", PHRASE("peaks under {dbtp:signed1} dBTP")},
    {"gaps-silent", PHRASE("gaps silent")},
    {"gaps-camera", PHRASE("camera's sound in gaps")},
    {"gaps-trimmed", PHRASE("gaps trimmed away")},
    {"drift-corrected", PHRASE("drift corrected")},
    {"drift-not-corrected", PHRASE("offset only")},
    {"claps-heard", PHRASE("claps heard")},
    {"claps-lowered", PHRASE("claps lowered to {db:signed0} dB")},
    {"edges-soft", PHRASE("fades of {ms:fixed0} ms at edges")},
    {"sound-unchanged", PHRASE("sound as it was")},
    {"sound-as-for-all", PHRASE("sound as for all takes")},
    {"levels-alike", PHRASE("levels alike, {lufs:fixed1} LUFS")},
    // What cannot be read or written (core/result.h). {file} is the path as it was given.
    {"stopped", PHRASE("Stopped.")},
    {"not-there", PHRASE("{file} is not there any more. Was the card taken out, or the file moved? "
                         "Put it back and try again.")},
    {"is-a-folder", PHRASE("{file} is a folder, not a film or a sound.")},
    {"is-no-file", PHRASE("{file} is no file, but a device or a pipe. It was not opened.")},
    {"too-large-to-be-one", PHRASE("{file} is too large to be what it says. It was not opened.")},
    {"may-not-be-read",
     PHRASE("{file} may not be read by this user ({why}). Change its permissions and try again.")},
    {"is-empty", PHRASE("{file} is empty (0 bytes): nothing was recorded, or the copy failed. Copy "
                        "it again from the card.")},
    {"is-text", PHRASE("{file} is text, not a film or a sound, whatever its name says. It was left "
                       "alone; look for the real file on the card.")},
    {"never-finished", PHRASE("{file} was never finished: the camera did not get to write its "
                              "index, or the copy was cut short. Copy it again; if the card's own "
                              "file is like this, the camera may be able to repair it.")},
    {"not-media", PHRASE("{file} is not a film or a sound that can be read, or it is damaged from "
                         "its beginning. It was left alone; copy it again from the card.")},
    {"cannot-decode", PHRASE("{file} uses the format {codec}, which this machine cannot decode. "
                             "Convert it and add it again.")},
    {"stream-not-opened", PHRASE("{file}: the {codec} stream cannot be opened ({why}).")},
    {"no-sound-in-file", PHRASE("{file} holds no sound that can be read.")},
    {"track-without-sound", PHRASE("{file} has a sound track with no sound in it.")},
    {"film-without-sound",
     PHRASE("It has no sound of its own, so that no search can find its place: lay it by the "
            "picture in which the hands meet (mark that picture, then \"By a clap of each\"), by "
            "its time stamp, or drag it onto the recording.")},
    {"picture-without-sound",
     PHRASE("{file} has a picture but no sound, so there is nothing to match by. Turn on the "
            "camera's microphone next time; this take can only be placed by hand.")},
    {"no-such-channel", PHRASES("{file} has {channels} channels; there is no channel {channel}."),
     "{file} has one channel; there is no channel {channel}.", "channels"},
    {"not-read-further", PHRASE("{file} could not be read any further ({why}). Is the card still "
                                "in? Nothing was changed; try again.")},
    {"not-read-again", PHRASE("{file} could not be read again.")},
    {"cannot-read", PHRASE("Cannot read {file}: {why}.")},
    {"not-in-cache", PHRASE("{file} is not in the cache.")},
    {"no-picture", PHRASE("{file} has no picture.")},
    {"no-picture-here",
     PHRASE("{file}: no picture could be decoded here. Is the file still there?")},
    {"picture-format-unknown", PHRASE("{file}: the picture has an unknown format.")},
    {"no-picture-to-hand-over", PHRASE("{file} has no picture to export.")},
    {"shows-nothing-kept", PHRASE("{file} shows nothing in the stretch that is kept.")},
    {"silent-overlap", PHRASE("Nothing is heard in the overlap.")},
    {"too-short-overlap", PHRASE("The two share little more than a second here.")},
    {"cannot-write", PHRASE("Cannot write {file}: {why}.")},
    {"cannot-write-into", PHRASE("Cannot write {file} in the folder {folder}: {why}. Nothing was "
                                 "written; choose another folder or free it.")},
    {"cannot-write-take",
     PHRASE("Cannot write {file}: {why}. Nothing was left behind; the take itself is untouched.")},
    {"cannot-make-folder", PHRASE("Cannot make the folder {file}: {why}.")},
    {"take-not-read-to-end", PHRASE("{file} could not be read to its end ({why}). Is the card "
                                    "still in? No file was written.")},
    {"not-read-back", PHRASE("{file} could not be read back to its end ({why}).")},
    {"written-cannot-be-read",
     PHRASE("{file} was written, but cannot be read back, and was thrown away. The take itself is "
            "untouched. Try again; if it happens again, on another disk.")},
    {"sound-not-written",
     PHRASE("The sound could not be written ({why}). Is the disk full? Nothing was left behind.")},
    {"picture-not-encoded", PHRASE("The picture of {file} could not be re-encoded ({why}). Nothing "
                                   "was left behind; let its pieces begin at key frames instead.")},
    {"codec-not-here", PHRASE("This machine's FFmpeg cannot write {codec}.")},
    {"codec-refuses",
     PHRASE("The sound format {codec} does not take {hertz} Hz, {channels} channels.")},
    {"codec-not-in-container", PHRASE("{codec} does not go into this container ({ending}); choose "
                                      "{instead}. Nothing was written.")},
    {"no-saved-shoot", PHRASE("{file} is not a saved shoot. The file was left as it is.")},
    {"shoot-damaged",
     PHRASE("{file} is damaged and cannot be understood. The file was left as it is.")},
    {"shoot-of-newer-version", PHRASE("{file} was saved by a newer version of this program. Update "
                                      "to open it. The file was left as it is.")},
    {"journal-not-understood", PHRASE("{file} holds steps that were not saved, but cannot be "
                                      "understood. It was left as it is.")},
    {"worked-on-after-saving",
     PHRASES("{file} was worked on after it was saved: {steps} steps are not in it. What is handed "
             "over is as it was saved; open and save it to have the rest."),
     "{file} was worked on after it was saved: {steps} step is not in it. What is handed "
     "over is as it was saved; open and save it to have the rest.",
     "steps"},
    {"in-shoot-already",
     PHRASE("{file} is in the shoot already, as {as}. It was not added again.")},
    {"no-media-left-out",
     PHRASES("{files} files in the folder are neither video nor sound and were left out: {names}"),
     "{files} file in the folder is neither video nor sound and was left out: {names}", "files"},
    {"steps-not-kept", PHRASE("Steps cannot be written down in {file}. Save the shoot yourself "
                              "until there is room again.")},
    {"shoot-there-already", PHRASE("{file} is there already. Nothing is written over: give another "
                                   "name, or move it away.")},
    {"name-is-no-text", PHRASE("The name of {file} is no text (not UTF-8), and a shoot cannot keep "
                               "it. Rename the file and try again.")},
    {"no-takes-in", PHRASE("{file} holds nothing that is called as a video is: no takes. A file "
                           "that is named itself is taken as it is.")},
    {"no-recordings-in", PHRASE("{file} holds nothing that is called as a sound is: no recordings. "
                                "A file that is named itself is taken as it is.")},
    {"no-media-in", PHRASE("{file} names or holds neither videos nor sounds.")},
    {"recording-not-read",
     PHRASE("{file} is not exported: the recording it is tethered to cannot be read.")},
    {"of-file", PHRASE("{file}: {problem}")},
    {"too-many-streams",
     PHRASE("{file} holds {streams} streams; at most 128 are read. It was left alone.")},
    {"beyond-limits", PHRASE("{file} cannot be read: {why} It was left alone.")},
    {"sample-rate-beyond",
     PHRASE("A sound claims {hertz} samples a second; 4,000 to 768,000 are read.")},
    {"channels-beyond", PHRASE("A sound claims {channels} channels; 1 to 64 are read.")},
    {"claimed-silence", PHRASE("Its time stamps claim {seconds:clock1} of silence that is not to "
                               "be believed; the sound goes on without it.")},
    {"samples-no-numbers", PHRASES("{samples:grouped} samples are no numbers and were silenced."),
     "{samples} sample is no number and was silenced.", "samples"},
    {"format-changes",
     PHRASE("Its sound changes rate or channels at {at:clock1}; what follows was left out.")},
    {"no-memory",
     PHRASE("There was not enough memory. Nothing was lost; close other programs and try again.")},
    {"no-memory-for", PHRASE("There was not enough memory for {file}. It was left alone; close "
                             "other programs and try again.")},
    {"went-wrong", PHRASE("Something went wrong that nobody thought of ({why}). Nothing was lost; "
                          "please report it.")},
    {"went-wrong-with", PHRASE("Something went wrong with {file} that nobody thought of ({why}). "
                               "It was left alone; please report it.")},
    {"no-json-report", PHRASE("{file} is no JSON report.")},
    {"report-of-others", PHRASE("{file} does not speak of {written}.")},
    {"report-too-old",
     PHRASE("{file} does not hold what is needed; write it anew with this version.")},
    {"scene-not-understood", PHRASE("The scene cannot be understood: {why}")},
    {"no-such-scene", PHRASE("There is no scene named {file} and no such file.")},
    {"nothing-spoken", PHRASE("The speech synthesiser said nothing with the voice {voice}; install "
                              "the package espeak-ng.")},
    {"no-time-typed", PHRASE("“{text}” is no time. Type 0:19:27.483, or a change such as +3 ms, "
                             "−12 frames, +40 samples.")},
    // As older files hold it: a sentence that is nothing else.
    {"said", PHRASE("{text}")},
};

}  // namespace

const std::vector<Phrase>& allPhrases() {
    static const std::vector<Phrase> all = [] {
        std::vector<Phrase> p(std::begin(kPhrases), std::end(kPhrases));
        std::sort(p.begin(), p.end(),
                  [](const Phrase& x, const Phrase& y) { return std::string_view(x.id) < y.id; });
        return p;
    }();
    return all;
}

}  // namespace brisk
