// SPDX-License-Identifier: GPL-3.0-or-later
// What is said of sounds that are compared, and of the files they are in.
#include "text/phrase_tables.h"

namespace brisk {

namespace {

constexpr Phrase kPhrasesOfMatching[] = {
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
    {"agrees-in-part",
     PHRASE("{agreement}, but at one end both are loud and nothing agrees: the same music may have "
            "been played twice, or somebody was elsewhere. Listen before you trust it.")},
    {"only-through-the-room",
     PHRASE("Only what the room makes of the sound is heard here, under something louder: the "
            "place "
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
    {"clock-or-way",
     PHRASE("Two clocks are rarely so far apart: perhaps the camera was carried away from whoever "
            "speaks, or towards them, by {metres:length} a minute. The clean sound is laid as the "
            "camera heard it.")},
    {"nothing-heard-until", PHRASE("Until {at:clock1} of the take nothing is heard in both: "
                                   "what may have been lost there is "
                                   "not seen.")},
    {"nothing-heard-from", PHRASE("From {at:clock1} of the take on nothing is heard in both: "
                                  "what may have been lost there "
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
    {"laid-at-playhead", PHRASE("Placed where the playhead was on the recording; nothing was "
                                "measured. Listen to it.")},
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
    {"timecode-in-sound", PHRASE("Channel {channel} carries timecode, from {timecode} on, "
                                 "{rate:fixed2} a second: it is "
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
};

}  // namespace

std::span<const Phrase> phrasesOfMatching() {
    return kPhrasesOfMatching;
}

}  // namespace brisk
