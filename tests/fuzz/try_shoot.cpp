// SPDX-License-Identifier: GPL-3.0-or-later
#include "fuzz/scratch_file.h"
#include "fuzz/targets.h"
#include "shoot/journal.h"
#include "shoot/project_file.h"
#include "shoot/shoot_json.h"
#include "shoot/state_check.h"

namespace brisk::fuzz {
namespace {

/// As it was, but for what names files by the folder.
void savedIsTheSame(const Shoot& shoot) {
    checkState(shoot.state());
    const ScratchFile again({}, ".again.brisk");
    demand(saveProject(shoot, again.path(), {}).has_value());
    const auto loaded = loadShoot(again.path());
    demand(loaded.has_value());
    const auto text = [](const Shoot& s) { return shootJson(s.state(), {}).dump(); };
    demand(text(loaded->shoot) == text(shoot));
}

}  // namespace

void tryProject(const std::string& bytes) {
    const ScratchFile file(bytes, ".brisk");
    if (const auto loaded = loadShoot(file.path())) savedIsTheSame(loaded->shoot);
}

void tryJournal(const std::string& bytes) {
    const ScratchFile file(bytes, ".journal");
    const auto found = readJournal(file.path());
    if (found && *found) savedIsTheSame((*found)->shoot);
}

}  // namespace brisk::fuzz
