// SPDX-License-Identifier: GPL-3.0-or-later
#include "export/documents/mhl.h"

#include <unistd.h>

#include <algorithm>
#include <array>
#include <chrono>
#include <map>
#include <pugixml.hpp>
#include <sstream>

#include "core/number_text.h"
#include "store/atomic_file.h"
#include "store/file_hash.h"
#include "store/hasher.h"

namespace brisk {
namespace {

namespace fs = std::filesystem;

constexpr const char* kFolder = "ascmhl";
constexpr const char* kChain = "ascmhl_chain.xml";
constexpr const char* kListSpace = "urn:ASC:MHL:v2.0";
constexpr const char* kChainSpace = "urn:ASC:MHL:DIRECTORY:v2.0";

std::string utcText(std::time_t t, const char* form) {
    std::tm when{};
    char text[40];
    std::strftime(text, sizeof text, form, gmtime_r(&t, &when));
    return text;
}

std::string dateText(std::time_t t) {
    return utcText(t, "%Y-%m-%dT%H:%M:%S+00:00");
}

std::string textOf(const pugi::xml_document& doc) {
    std::ostringstream out;
    doc.save(out, "  ");
    return out.str();
}

tl::unexpected<Error> unusable(const fs::path& file) {
    return failAt(ErrorCode::CannotRead, file.string(), {"manifest-not-read"});
}

/// A document of one of the two forms, with this outermost element.
Result<void> read(const fs::path& file, const char* root, pugi::xml_document& doc) {
    const auto text = readWholeFile(file);
    if (!text) return tl::unexpected(text.error());
    if (!doc.load_buffer(text->data(), text->size()) || !doc.child(root)) return unusable(file);
    return {};
}

/// The lists that a chain names, in order; none where there is no chain.
Result<std::vector<std::string>> listsOf(const fs::path& folder) {
    const fs::path chain = folder / kFolder / kChain;
    std::error_code ec;
    std::vector<std::string> out;
    if (!fs::exists(chain, ec)) return out;
    pugi::xml_document doc;
    if (auto got = read(chain, "ascmhldirectory", doc); !got) return tl::unexpected(got.error());
    for (const auto& list : doc.child("ascmhldirectory").children("hashlist")) {
        out.emplace_back(list.child("path").text().as_string());
    }
    return out;
}

std::string listName(const fs::path& folder, std::size_t number, std::time_t now) {
    const fs::path named = fs::absolute(folder).lexically_normal();
    const fs::path last = named.has_filename() ? named.filename() : named.parent_path().filename();
    return paddedText(static_cast<std::int64_t>(number), 4) + "_" + last.string() + "_" +
           utcText(now, "%Y-%m-%d_%H%M%SZ") + ".mhl";
}

std::string listText(const fs::path& folder, const std::vector<MhlEntry>& entries,
                     std::time_t now) {
    pugi::xml_document doc;
    pugi::xml_node root = doc.append_child("hashlist");
    root.append_attribute("version") = "2.0";
    root.append_attribute("xmlns") = kListSpace;
    pugi::xml_node creator = root.append_child("creatorinfo");
    creator.append_child("creationdate").text() = dateText(now).c_str();
    std::array<char, 256> host{};
    ::gethostname(host.data(), host.size() - 1);
    creator.append_child("hostname").text() = host.data();
    pugi::xml_node tool = creator.append_child("tool");
    tool.append_attribute("version") = BRISK_VERSION;
    tool.text() = "Brisk Tether";
    pugi::xml_node process = root.append_child("processinfo");
    process.append_child("process").text() = "in-place";
    pugi::xml_node ignore = process.append_child("ignore");
    ignore.append_child("pattern").text() = kFolder;
    pugi::xml_node hashes = root.append_child("hashes");
    for (const MhlEntry& e : entries) {
        pugi::xml_node hash = hashes.append_child("hash");
        pugi::xml_node path = hash.append_child("path");
        path.append_attribute("size") = static_cast<unsigned long long>(e.bytes);
        std::error_code ec;
        const auto changed = fs::last_write_time(folder / e.path, ec);
        if (!ec) {
            const auto when = std::chrono::file_clock::to_sys(changed);
            const auto whole = std::chrono::floor<std::chrono::seconds>(when);
            path.append_attribute("lastmodificationdate") =
                dateText(whole.time_since_epoch().count()).c_str();
        }
        path.text() = e.path.c_str();
        pugi::xml_node value = hash.append_child("xxh128");
        value.append_attribute("action") = "original";
        value.append_attribute("hashdate") = dateText(now).c_str();
        value.text() = e.xxh128.c_str();
    }
    return textOf(doc);
}

/// The chain with one more list in it.
Result<std::string> chainWith(const fs::path& folder, const std::string& name,
                              const std::string& list, std::size_t number) {
    const fs::path chain = folder / kFolder / kChain;
    pugi::xml_document doc;
    std::error_code ec;
    if (fs::exists(chain, ec)) {
        if (auto got = read(chain, "ascmhldirectory", doc); !got) {
            return tl::unexpected(got.error());
        }
    } else {
        doc.append_child("ascmhldirectory").append_attribute("xmlns") = kChainSpace;
    }
    pugi::xml_node entry = doc.child("ascmhldirectory").append_child("hashlist");
    entry.append_attribute("sequencenr") = static_cast<unsigned long long>(number);
    entry.append_child("path").text() = name.c_str();
    entry.append_child("c4").text() = c4IdOf(list).c_str();
    return textOf(doc);
}

/// Within its folder, as what comes from elsewhere must be.
bool staysInside(const fs::path& path) {
    return path.is_relative() && !path.empty() &&
           std::none_of(path.begin(), path.end(), [](const fs::path& p) { return p == ".."; });
}

}  // namespace

std::string c4IdOf(std::string_view bytes) {
    constexpr std::string_view kDigits =
        "123456789ABCDEFGHJKLMNPQRSTUVWXYZabcdefghijkmnopqrstuvwxyz";
    constexpr std::size_t kLength = 88;
    Hasher sha(HashKind::Sha512);
    sha.add(bytes.data(), bytes.size());
    std::vector<unsigned char> number = sha.digest();
    std::string out(kLength, kDigits[0]);
    for (std::size_t i = kLength; i-- > 0;) {
        unsigned rest = 0;
        for (unsigned char& digit : number) {
            const unsigned v = rest * 256 + digit;
            digit = static_cast<unsigned char>(v / kDigits.size());
            rest = v % static_cast<unsigned>(kDigits.size());
        }
        out[i] = kDigits[rest];
    }
    return "c4" + out;
}

fs::path mhlPlace(const fs::path& folder) {
    return folder / kFolder / "manifest.mhl";
}

Result<fs::path> writeMhl(const fs::path& folder, const std::vector<MhlEntry>& entries,
                          std::time_t now) {
    const auto lists = listsOf(folder);
    if (!lists) return tl::unexpected(lists.error());
    const std::size_t number = lists->size() + 1;
    const std::string text = listText(folder, entries, now);
    auto written = writeNewFile(folder / kFolder / listName(folder, number, now), text);
    if (!written) return written;
    const auto chain = chainWith(folder, written->filename().string(), text, number);
    if (!chain) return tl::unexpected(chain.error());
    if (auto kept = writeWholeFile(folder / kFolder / kChain, *chain); !kept) {
        return tl::unexpected(kept.error());
    }
    return written;
}

Result<std::vector<MhlFinding>> checkMhl(const fs::path& folder, const JobControl& job) {
    const auto lists = listsOf(folder);
    if (!lists) return tl::unexpected(lists.error());
    if (lists->empty()) {
        return failAt(ErrorCode::CannotRead, folder.string(), {"no-manifest-there"});
    }
    std::map<std::string, std::string> values;
    std::vector<std::string> order;
    for (const std::string& name : *lists) {
        pugi::xml_document doc;
        const fs::path file = folder / kFolder / fs::path(name).filename();
        if (auto got = read(file, "hashlist", doc); !got) return tl::unexpected(got.error());
        for (const auto& hash : doc.child("hashlist").child("hashes").children("hash")) {
            const std::string path = hash.child("path").text().as_string();
            const std::string value = hash.child("xxh128").text().as_string();
            if (value.empty()) continue;
            if (values.emplace(path, value).second) order.push_back(path);
            values[path] = value;
        }
    }
    std::vector<MhlFinding> out;
    for (std::size_t i = 0; i < order.size(); ++i) {
        MhlFinding f{order[i]};
        const fs::path file = folder / order[i];
        std::error_code ec;
        if (!staysInside(order[i]) || !fs::exists(file, ec)) {
            f.state = MhlFinding::State::Missing;
        } else {
            const auto n = static_cast<double>(i), all = static_cast<double>(order.size());
            const auto value = xxh3Of(file.string(), job.part(n / all, (n + 1) / all));
            if (!value && value.error().code == ErrorCode::Cancelled) {
                return tl::unexpected(value.error());
            }
            f.state = !value                       ? MhlFinding::State::CannotRead
                      : *value == values[order[i]] ? MhlFinding::State::Same
                                                   : MhlFinding::State::Differs;
        }
        out.push_back(std::move(f));
    }
    return out;
}

}  // namespace brisk
