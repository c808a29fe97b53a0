// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A shoot of one recording, and takes that a search has placed on it: as data, without files.
#pragma once

#include <gtest/gtest.h>

#include <map>
#include <string>

#include "day/day_layout.h"
#include "shoot/commands.h"
#include "shoot/shoot.h"

namespace brisk::test {

class PlacedShoot : public ::testing::Test {
  protected:
    void SetUp() override { rec = add("/recorder/lavalier.wav", MediaKind::Recording, 3000); }
    int add(const std::string& path, MediaKind role, double length) {
        MediaItem m;
        m.path = path;
        m.role = role;
        m.identity = {static_cast<std::uint64_t>(infos.size()), path};
        shoot.apply(commands::addMedia({m}));
        const int id = shoot.state().media.back().id;
        infos[id].duration = {length};
        if (role == MediaKind::Take) infos[id].video.emplace();
        return id;
    }
    Tether match(int take, double offset, double drift) {
        Tether t;
        t.take = take;
        t.recording = rec;
        t.line = t.found.line = {{offset}, {drift}};
        t.found.status = MatchStatus::Matched;
        t.found.confidence = 1;
        t.found.overlap = {{0}, infos[take].duration};
        t.found.segments = {{t.found.overlap, t.line, {0}}};
        t.found.reason = {{"said", {{"text", "All agree."}}}};
        return t;
    }
    DayFacts facts(int id) { return {&infos[id], infos[id].duration}; }
    Shoot shoot;
    std::map<int, MediaInfo> infos;
    int rec = 0;
};

}  // namespace brisk::test
