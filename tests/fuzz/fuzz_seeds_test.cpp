// SPDX-License-Identifier: GPL-3.0-or-later
// Every seed of the fuzz targets, and every file in tests/data/broken that once hurt, whole and cut
// short: they are read, or refused.
#include <gtest/gtest.h>

#include <functional>

#include "fuzz/targets.h"
#include "support/temp_folder.h"

namespace brisk {
namespace {

namespace fs = std::filesystem;

void feedAll(const std::string& name, const std::function<void(const std::string&)>& target) {
    int seeds = 0;
    for (const std::string folder : {BRISK_FUZZ_SEEDS, BRISK_TEST_DATA "/broken"}) {
        const fs::path place = fs::path(folder) / name;
        if (!fs::exists(place)) continue;
        for (const auto& entry : fs::directory_iterator(place)) {
            SCOPED_TRACE(entry.path());
            const std::string bytes = test::bytesOf(entry.path().string());
            target(bytes);
            target(bytes.substr(0, bytes.size() / 2));
            ++seeds;
        }
    }
    EXPECT_GT(seeds, 0) << name;
}

TEST(FuzzSeeds, Wav) {
    feedAll("wav", fuzz::tryWav);
}
TEST(FuzzSeeds, Media) {
    feedAll("media", fuzz::tryMedia);
}
TEST(FuzzSeeds, Edits) {
    feedAll("edits", fuzz::tryEdits);
}
TEST(FuzzSeeds, Project) {
    feedAll("project", fuzz::tryProject);
}
TEST(FuzzSeeds, Journal) {
    feedAll("journal", fuzz::tryJournal);
}
TEST(FuzzSeeds, Text) {
    feedAll("text", fuzz::tryText);
}

}  // namespace
}  // namespace brisk
