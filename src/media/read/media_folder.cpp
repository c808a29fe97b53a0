// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/read/media_folder.h"

#include <algorithm>
#include <cctype>
#include <set>

namespace brisk {
namespace fs = std::filesystem;
namespace {

std::string endingOf(const fs::path& path) {
    std::string ending = path.extension().string();
    std::transform(ending.begin(), ending.end(), ending.begin(),
                   [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
    return ending;
}

bool hidden(const fs::path& path) {
    return path.filename().string().starts_with('.');
}

std::vector<std::string> within(const std::string& folder, const JobControl& job) {
    std::vector<std::string> out;
    std::error_code ec;
    const auto options = fs::directory_options::skip_permission_denied;
    for (auto it = fs::recursive_directory_iterator(folder, options, ec);
         !ec && it != fs::recursive_directory_iterator(); it.increment(ec)) {
        if (job.stopRequested()) break;
        std::error_code gone;
        if (hidden(it->path())) {
            if (it->is_directory(gone)) it.disable_recursion_pending();
        } else if (it->is_regular_file(gone)) {
            out.push_back(it->path().string());
        }
    }
    std::sort(out.begin(), out.end());
    return out;
}

}  // namespace

std::vector<FoundFile> filesIn(const std::vector<std::string>& paths, const JobControl& job) {
    std::vector<FoundFile> out;
    std::set<std::string> seen;  // a file that was named beside its folder is one file
    std::error_code ec;
    for (const std::string& path : paths) {
        if (job.stopRequested()) break;
        if (!fs::is_directory(path, ec)) {
            if (seen.insert(path).second) out.push_back({path, false});
            continue;
        }
        for (std::string& file : within(path, job)) {
            if (seen.insert(file).second) out.push_back({std::move(file), true});
        }
    }
    return out;
}

bool calledVideo(const fs::path& path) {
    static const std::set<std::string> kEndings{".mp4",  ".mov", ".m4v", ".mkv", ".webm", ".mts",
                                                ".m2ts", ".ts",  ".avi", ".mxf", ".3gp"};
    return kEndings.contains(endingOf(path));
}

bool calledSound(const fs::path& path) {
    static const std::set<std::string> kEndings{".wav", ".bwf",  ".rf64", ".w64", ".flac",
                                                ".mp3", ".m4a",  ".aac",  ".ogg", ".opus",
                                                ".aif", ".aiff", ".caf"};
    return kEndings.contains(endingOf(path));
}

}  // namespace brisk
