// SPDX-License-Identifier: GPL-3.0-or-later
// What reads data from elsewhere, each fed with any bytes. A target ends the program where what it
// promises does not hold; the sanitizers end it for the rest. libFuzzer drives them (`./dev fuzz`),
// and fuzz_seeds_test puts every seed and every file that once hurt through them.
#pragma once

#include <string>

namespace brisk::fuzz {

/// WAV chunks, the names in iXML, and whether the header tells the truth.
void tryWav(const std::string& bytes);
/// A file of any container: what it is, two seconds of its sound, a jump, a picture.
void tryMedia(const std::string& bytes);
/// The tables of times of a good MP4 (edit list, time to sample, composition offsets), replaced.
void tryEdits(const std::string& bytes);
/// A saved shoot. What opens can be saved, and opens again as it was.
void tryProject(const std::string& bytes);
/// A journal without its project.
void tryJournal(const std::string& bytes);
/// What a person types, a timecode, the content of an iXML chunk, a simulator's scene.
void tryText(const std::string& bytes);

}  // namespace brisk::fuzz
