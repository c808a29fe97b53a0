// SPDX-License-Identifier: GPL-3.0-or-later
// What is said of files that are read and written.
#include "text/phrase_tables.h"

namespace brisk {

namespace {

constexpr Phrase kPhrasesOfFiles[] = {
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
    {"pictures-from-key-frames", PHRASE("Picture untouched, each piece from the key frame "
                                        "before it on, up to {lead:fixed2} s")},
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
    {"pieces-not-alike", PHRASE("The pieces are not coded alike, so they cannot be joined "
                                "without a gap. Export them as "
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
    {"manifest-not-read", PHRASE("The list of files cannot be read: it is damaged, or no ASC "
                                 "MHL. Nothing was changed.")},
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

std::span<const Phrase> phrasesOfFiles() {
    return kPhrasesOfFiles;
}

}  // namespace brisk
