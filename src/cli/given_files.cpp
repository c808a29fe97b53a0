// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/given_files.h"

#include <filesystem>
#include <iostream>
#include <iterator>

#include "cli/console.h"
#include "media/read/media_folder.h"
#include "store/atomic_file.h"

namespace brisk::cli {
namespace {

/// \param called  which files of folders are meant.
std::vector<std::string> withoutFolders(const std::vector<std::string>& given,
                                        bool (*called)(const std::filesystem::path&)) {
    std::vector<std::string> out;
    for (const FoundFile& f : filesIn(given, programJob())) {
        if (!f.inFolder || called(f.path)) out.push_back(f.path);
    }
    return out;
}

}  // namespace

Result<std::vector<std::string>> namesIn(const std::string& list) {
    std::string text;
    if (list == "-") {
        text.assign(std::istreambuf_iterator<char>(std::cin), {});
    } else {
        auto read = readWholeFile(list);
        if (!read) return tl::unexpected(read.error());
        text = std::move(*read);
    }
    // As programs that list files have it: a name may hold a line break, but no NUL.
    const char between = text.find('\0') == std::string::npos ? '\n' : '\0';
    std::vector<std::string> out;
    std::size_t from = 0;
    while (from < text.size()) {
        const std::size_t to = std::min(text.find(between, from), text.size());
        std::string name = text.substr(from, to - from);
        if (between == '\n' && name.ends_with('\r')) name.pop_back();
        if (!name.empty()) out.push_back(std::move(name));
        from = to + 1;
    }
    return out;
}

Result<std::vector<std::string>> mediaAmong(std::vector<std::string> given,
                                            const std::string& list) {
    if (!list.empty()) {
        auto names = namesIn(list);
        if (!names) return tl::unexpected(names.error());
        given.insert(given.end(), names->begin(), names->end());
    }
    auto files = withoutFolders(
        given, [](const std::filesystem::path& p) { return calledVideo(p) || calledSound(p); });
    if (!files.empty()) return files;
    const std::string& where = given.empty() ? list : given.front();
    return failAt(ErrorCode::CannotRead, where, {"no-media-in", {{"file", where}}});
}

std::vector<CLI::Option*> GivenFiles::addTo(CLI::App& sub) {
    return {sub.add_option("--camera", cameras,
                           "Takes: files with the scratch sound, or folders of videos"),
            sub.add_option("--clean", cleans,
                           "Recordings: files with the clean sound, or folders of them"),
            sub.add_option("--files-from", list,
                           "A file that names takes and recordings, one a line (or parted by "
                           "NUL); - is standard input. What is called as videos are is a take")};
}

Result<void> GivenFiles::lookUp() {
    if (!list.empty()) {
        auto names = namesIn(list);
        if (!names) return tl::unexpected(names.error());
        for (const FoundFile& f : filesIn(*names, programJob())) {
            const bool take = calledVideo(f.path);
            if (f.inFolder && !take && !calledSound(f.path)) continue;
            (take ? cameras : cleans).push_back(f.path);
        }
    }
    const std::string where = cameras.empty() ? list : cameras.front();
    const std::string whereClean = cleans.empty() ? list : cleans.front();
    cameras = withoutFolders(cameras, calledVideo);
    cleans = withoutFolders(cleans, calledSound);
    if (cameras.empty()) {
        return failAt(ErrorCode::CannotRead, where, {"no-takes-in", {{"file", where}}});
    }
    if (cleans.empty()) {
        return failAt(ErrorCode::CannotRead, whereClean,
                      {"no-recordings-in", {{"file", whereClean}}});
    }
    return {};
}

}  // namespace brisk::cli
