// SPDX-License-Identifier: GPL-3.0-or-later
#include "features/scan_cache.h"

#include <algorithm>
#include <fstream>
#include <mutex>

#include "core/guarded.h"
#include "media/read/media_info_store.h"
#include "media/read/probe.h"
#include "store/atomic_file.h"
#include "store/byte_stream.h"
#include "store/fact_bytes.h"
#include "store/file_identity.h"
#include "store/user_folder.h"

namespace brisk {
namespace {

namespace fs = std::filesystem;

/// Changes whenever anything that is kept is computed or laid out differently.
constexpr std::uint64_t kVersion = 0x42'54'53'43'00'00'00'0d;
constexpr std::uintmax_t kMaxBytes = 2ull << 30;  // some 180 hours of sound

std::mutex chosenLock;
fs::path chosenFolder;
std::uintmax_t chosenBytes = kMaxBytes;

/// Of one file, its time of change included, which a card counts in seconds: what was read of it
/// does not show everything, either.
fs::path placeFor(const std::string& path, int channel) {
    const fs::path folder = scanCacheFolder();
    if (folder.empty()) return {};
    auto print = identityOf(path);
    std::error_code ec;
    const auto changed = fs::last_write_time(path, ec).time_since_epoch().count();
    if (!print || ec) return {};
    return folder /
           (print->hash + print->middle.substr(0, 16) + "-" + std::to_string(print->bytes) + "-" +
            std::to_string(changed) + "-" + std::to_string(channel) + ".scan");
}

void write(const SoundScan& scan, bool loudness, std::ostream& out) {
    ByteWriter w(out);
    w.put(kVersion);
    w.put(decoderVersion());
    w.put(loudness);
    MediaInfo info = scan.info;
    // What reading the sound showed is kept apart.
    info.warnings.resize(info.warnings.size() -
                         std::min(info.warnings.size(), scan.warnings.size()));
    saveMediaInfo(info, w);
    scan.peaks->save(w);  // first, so that something can be drawn while the rest is read
    w.put(scan.channel);
    w.put(scan.samples);
    w.put(scan.rate);
    w.put(scan.bands);
    w.put(scan.spikes);
    w.put(scan.level.integratedLufs);
    w.put(scan.level.samplePeak);
    w.put(scan.level.clippedSamples);
    w.put(scan.level.channelRmsDb);
    w.put(scan.level.clipped);
    putFacts(scan.warnings, w);
    scan.pictures.save(w);
    saveSeekIndex(*scan.seekIndex, w);
    w.put(w.checksum());
}

/// False where the file is not whole, of another version, or lacks the loudness asked for.
bool read(const fs::path& from, const std::string& path, const ScanOptions& options,
          SoundScan& scan) {
    std::error_code ec;
    const auto bytes = fs::file_size(from, ec);
    std::ifstream in(from, std::ios::binary);
    if (ec || !in) return false;
    ByteReader r(in, bytes);
    std::uint64_t version = 0, decoder = 0;
    bool hasLoudness = false;
    if (!r.get(version) || version != kVersion || !r.get(decoder) || decoder != decoderVersion() ||
        !r.get(hasLoudness) || (options.loudness && !hasLoudness)) {
        return false;
    }
    if (!loadMediaInfo(r, scan.info) || (scan.silent() && !options.silentTakes)) return false;
    if (scan.info.path != path) {
        // Its words name the file where it was.
        auto probed = scan.silent() ? probe(path) : probeWithSound(path);
        if (!probed) return false;
        probed->stamps.inSound = scan.info.stamps.inSound;
        scan.info = std::move(*probed);
    }
    if (options.onInfo) options.onInfo(scan.info);
    // Drawn before the checksum is known: a damaged file is read anew, and drawn anew.
    PeakPyramid peaks;
    if (!peaks.load(r)) return false;
    scan.peaks->take(std::move(peaks));
    bool whole = r.get(scan.channel) && r.get(scan.samples) && r.get(scan.rate) &&
                 r.get(scan.bands) && r.get(scan.spikes) && r.get(scan.level.integratedLufs) &&
                 r.get(scan.level.samplePeak) && r.get(scan.level.clippedSamples) &&
                 r.get(scan.level.channelRmsDb) && r.get(scan.level.clipped) &&
                 getFacts(r, scan.warnings);
    whole = whole && scan.pictures.load(r);
    if (whole) scan.seekIndex = loadSeekIndex(r);
    return whole && scan.seekIndex && r.checksumFollows();
}

Result<SoundScan> fromCache(const fs::path& place, const std::string& path,
                            const ScanOptions& options) {
    SoundScan scan;
    scan.peaks = options.peaks ? options.peaks : std::make_shared<PeakPyramid>();
    if (!read(place, path, options, scan)) {
        scan.peaks->take(PeakPyramid());
        return failAt(ErrorCode::CannotRead, place.string(), {"not-in-cache"});
    }
    scan.info.warnings.insert(scan.info.warnings.end(), scan.warnings.begin(), scan.warnings.end());
    std::error_code ec;
    fs::last_write_time(place, fs::file_time_type::clock::now(), ec);  // used just now
    return scan;
}

void keep(const SoundScan& scan, bool loudness, const fs::path& place) {
    auto file = AtomicFile::create(place);
    if (!file) return;
    std::ofstream out(file->temporaryPath(), std::ios::binary);
    write(scan, loudness, out);
    out.close();
    if (out && file->commit()) trimScanCache(scanCacheLimit());
}

}  // namespace

std::uintmax_t scanCacheLimit() {
    const std::lock_guard hold(chosenLock);
    return chosenBytes;
}

fs::path scanCacheFolder() {
    const std::lock_guard hold(chosenLock);
    if (!chosenFolder.empty()) return chosenFolder;
    const fs::path own = userFolder("XDG_CACHE_HOME", ".cache");
    return own.empty() ? own : own / "scans";
}

void setScanCache(const fs::path& folder, std::uintmax_t mostBytes) {
    const std::lock_guard hold(chosenLock);
    chosenFolder = folder;
    chosenBytes = mostBytes;
}

Result<SoundScan> scanKept(const std::string& path, const ScanOptions& options,
                           const JobControl& job) {
    const fs::path place = placeFor(path, options.channel);
    std::error_code ec;
    if (!place.empty() && fs::exists(place, ec)) {
        if (auto scan = fromCache(place, path, options)) {
            job.report(1);
            return scan;
        }
    }
    auto scan = guarded(path, [&] { return scanSound(path, options, job); });
    if (scan && !place.empty()) keep(*scan, options.loudness, place);
    return scan;
}

void trimScanCache(std::uintmax_t most) {
    struct Kept {
        fs::file_time_type used;
        std::uintmax_t bytes;
        fs::path path;
    };
    std::vector<Kept> all;
    std::uintmax_t sum = 0;
    std::error_code ec;
    for (const auto& entry : fs::directory_iterator(scanCacheFolder(), ec)) {
        std::error_code gone;  // another process may be at it
        const Kept k{entry.last_write_time(gone), entry.file_size(gone), entry.path()};
        if (gone || k.path.extension() != ".scan") continue;
        all.push_back(k);
        sum += k.bytes;
    }
    std::sort(all.begin(), all.end(), [](const Kept& a, const Kept& b) { return a.used < b.used; });
    for (const Kept& k : all) {
        if (sum <= most) break;
        fs::remove(k.path, ec);
        sum -= k.bytes;
    }
}

}  // namespace brisk
