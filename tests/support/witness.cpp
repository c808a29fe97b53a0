// SPDX-License-Identifier: GPL-3.0-or-later
#include "support/witness.h"

#include <gtest/gtest.h>

#include <cstdio>
#include <sstream>

namespace brisk::test {

std::string printedBy(const std::string& command) {
    std::string out;
    if (FILE* pipe = popen(command.c_str(), "r")) {
        char part[4096];
        while (const std::size_t n = std::fread(part, 1, sizeof part, pipe)) out.append(part, n);
        pclose(pipe);
    }
    return out;
}

nlohmann::json probedFile(const std::string& path) {
    const std::string said = printedBy(
        "ffprobe -v error -show_format -show_streams -show_chapters -of json '" + path + "'");
    auto j = nlohmann::json::parse(said, nullptr, false);
    EXPECT_TRUE(j.is_object()) << path << ": " << said;
    return j;
}

std::vector<std::pair<double, std::string>> decodedPictures(const std::string& path) {
    std::istringstream all(
        printedBy("ffmpeg -nostdin -v error -noautorotate -copyts -i '" + path +
                  "' -map 0:v -fps_mode passthrough -enc_time_base -1 -f framemd5 -"));
    std::vector<std::pair<double, std::string>> out;
    double tick = 0;
    for (std::string line; std::getline(all, line);) {
        int num = 0, den = 1;
        if (std::sscanf(line.c_str(), "#tb 0: %d/%d", &num, &den) == 2) {
            tick = static_cast<double>(num) / den;
        }
        if (line.empty() || line[0] == '#') continue;
        std::istringstream fields(line);
        std::string field[6];
        for (auto& f : field) std::getline(fields, f, ',');
        out.emplace_back(std::stod(field[2]) * tick, field[5]);
    }
    for (std::size_t i = out.size(); i-- > 0;) out[i].first -= out[0].first;
    return out;
}

}  // namespace brisk::test
