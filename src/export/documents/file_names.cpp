// SPDX-License-Identifier: GPL-3.0-or-later
#include "export/documents/file_names.h"

#include <algorithm>
#include <cstdio>

namespace brisk {
namespace {

constexpr std::size_t kMaxLength = 180;  // bytes; file systems stop at 255

std::string fieldOf(const std::string& field, const NameFacts& f) {
    if (field == "{take}") return f.take;
    if (field == "{recording}") return f.recording;
    if (field == "{camera}") return f.camera;
    if (field == "{date}") return f.date;
    if (field == "{state}") return f.state;
    if (field == "{name}") return f.name.empty() ? f.take : f.name;
    if (field == "{scene}") return f.scene;
    if (field == "{take-number}") return f.slateTake;
    if (field == "{verdict}") return f.verdict;
    char number[16];
    std::snprintf(number, sizeof number, "%03d", f.number);
    return number;
}

/// Cuts where a letter of several bytes ends.
void shorten(std::string& text, std::size_t bytes) {
    if (text.size() <= bytes) return;
    while (bytes > 0 && (static_cast<unsigned char>(text[bytes]) & 0xC0) == 0x80) --bytes;
    text.resize(bytes);
}

}  // namespace

std::vector<std::string> patternFields() {
    return {"{take}",  "{recording}", "{camera}", "{date}",        "{number}",
            "{state}", "{name}",      "{scene}",  "{take-number}", "{verdict}"};
}

std::string possibleName(std::string name) {
    for (char& c : name) {
        // Neither a path nor what other systems refuse.
        if (static_cast<unsigned char>(c) < 0x20 ||
            std::string("/\\:*?\"<>|").find(c) != std::string::npos)
            c = '-';
    }
    shorten(name, kMaxLength);
    const auto first = name.find_first_not_of(" ."), last = name.find_last_not_of(" .");
    return first == std::string::npos ? std::string() : name.substr(first, last - first + 1);
}

std::string fileName(const std::string& pattern, const NameFacts& facts) {
    const auto parts = [](char c) { return c == ' ' || c == '-' || c == '_'; };
    const auto fields = patternFields();
    std::string name;
    for (std::size_t at = 0; at < pattern.size();) {
        const auto field = std::find_if(fields.begin(), fields.end(), [&](const std::string& f) {
            return pattern.compare(at, f.size(), f) == 0;
        });
        if (field == fields.end()) {
            name += pattern[at++];
            continue;
        }
        const std::string text = fieldOf(*field, facts);
        at += field->size();
        const bool begins = name.empty() || parts(name.back());
        if (text.empty() && begins && at < pattern.size() && parts(pattern[at])) ++at;
        if (text.empty() && at >= pattern.size()) {
            while (!name.empty() && parts(name.back())) name.pop_back();
        }
        name += text;
    }
    name = possibleName(std::move(name));
    return name.empty() ? facts.take : name;
}

Fact patternProblem(const std::string& pattern) {
    const auto fields = patternFields();
    for (std::size_t at = pattern.find('{'); at != std::string::npos;
         at = pattern.find('{', at + 1)) {
        const auto end = pattern.find('}', at);
        const std::string field = pattern.substr(at, end == std::string::npos ? end : end - at + 1);
        if (std::find(fields.begin(), fields.end(), field) != fields.end()) continue;
        std::string known;
        for (const std::string& f : fields) known += (known.empty() ? "" : ", ") + f;
        return {"no-such-field", {{"field", field}, {"known", known}}};
    }
    return {};
}

}  // namespace brisk
