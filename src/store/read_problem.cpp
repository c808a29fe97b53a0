// SPDX-License-Identifier: GPL-3.0-or-later
// The library says "Invalid data found"; a videographer needs to know whether the card failed, the
// camera never finished the file, or it is not a film at all.
#include "store/read_problem.h"

#include <unistd.h>

#include <algorithm>
#include <array>
#include <cerrno>
#include <cstring>
#include <filesystem>
#include <fstream>
#include <string_view>

namespace brisk {
namespace fs = std::filesystem;

std::optional<Error> findReadProblem(const std::string& path) {
    std::error_code ec;
    const auto status = fs::status(path, ec);
    if (!fs::exists(status)) {
        return failAt(ErrorCode::CannotRead, path, {"not-there"}, ec.message()).value();
    }
    if (fs::is_directory(status)) {
        return failAt(ErrorCode::CannotRead, path, {"is-a-folder"}).value();
    }
    // A pipe would be waited for, a device read without end.
    if (!fs::is_regular_file(status))
        return failAt(ErrorCode::CannotRead, path, {"is-no-file"}).value();
    if (::access(path.c_str(), R_OK) != 0) {
        return failAt(ErrorCode::CannotRead, path, {"may-not-be-read"}, std::strerror(errno))
            .value();
    }
    if (fs::is_regular_file(status) && fs::file_size(path, ec) == 0) {
        return failAt(ErrorCode::CannotRead, path, {"is-empty"}).value();
    }
    return std::nullopt;
}

namespace {

bool looksLikeText(std::string_view head) {
    return !head.empty() && std::all_of(head.begin(), head.end(), [](unsigned char c) {
        return c >= 32 || c == '\n' || c == '\r' || c == '\t';
    });
}

/// Walks the top-level boxes of an MP4 or MOV file; true when there is a start but no index.
bool isMovieWithoutIndex(const std::string& path) {
    std::ifstream in(path, std::ios::binary);
    bool sawStart = false;
    std::array<unsigned char, 16> box{};
    std::uint64_t at = 0;
    for (int guard = 0; guard < 1000; ++guard) {
        in.clear();
        in.seekg(static_cast<std::streamoff>(at));
        if (!in.read(reinterpret_cast<char*>(box.data()), 8)) break;
        std::uint64_t size = (std::uint64_t{box[0]} << 24) | (std::uint64_t{box[1]} << 16) |
                             (std::uint64_t{box[2]} << 8) | box[3];
        const std::string_view type(reinterpret_cast<const char*>(box.data()) + 4, 4);
        if (type == "moov") return false;
        if (type == "ftyp") sawStart = true;
        if (size == 1 && in.read(reinterpret_cast<char*>(box.data()) + 8, 8)) {
            size = 0;
            for (int i = 8; i < 16; ++i) size = (size << 8) | box[static_cast<std::size_t>(i)];
        }
        if (size < 8) break;
        at += size;
    }
    return sawStart;
}

}  // namespace

Error explainOpenFailure(const std::string& path, const std::string& libraryWords) {
    if (auto problem = findReadProblem(path)) return *problem;
    std::ifstream in(path, std::ios::binary);
    std::string head(512, '\0');
    in.read(head.data(), static_cast<std::streamsize>(head.size()));
    head.resize(static_cast<std::size_t>(in.gcount()));
    const Fact fact = looksLikeText(head)         ? Fact{"is-text"}
                      : isMovieWithoutIndex(path) ? Fact{"never-finished"}
                                                  : Fact{"not-media"};
    return failAt(ErrorCode::NotMedia, path, fact, libraryWords).value();
}

}  // namespace brisk
