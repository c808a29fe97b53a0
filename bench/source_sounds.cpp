// SPDX-License-Identifier: GPL-3.0-or-later
#include "bench/source_sounds.h"

#include <algorithm>
#include <cmath>
#include <filesystem>
#include <map>
#include <mutex>
#include <string>

#include "bench/source_decoder.h"
#include "sim/noise.h"
#include "sim/world_sound.h"

namespace brisk::bench {
namespace {

namespace fs = std::filesystem;
constexpr int kSourceRate = 48000;

/// The packages of all languages hold the very same screaming monkeys and beeps, and one piece of
/// music begins with another (sample correlation 0.87): those would make pairs true that are meant
/// to be foreign.
bool sharedByAll(const fs::path& file) {
    const std::string name = file.stem().string();
    return name.starts_with("tt-") || name.starts_with("beep") ||
           file.string().find("drascula/audio/track30.") != std::string::npos ||
           name.find("tone") != std::string::npos ||
           file.string().find("/silence/") != std::string::npos;
}

std::vector<std::string> filesIn(const std::vector<std::string>& folders, const char* extension) {
    std::vector<std::string> out;
    for (const auto& folder : folders) {
        std::error_code ec;
        for (fs::recursive_directory_iterator it(folder, ec), end; !ec && it != end;
             it.increment(ec)) {
            if (it->path().extension() == extension && !sharedByAll(it->path())) {
                out.push_back(it->path().string());
            }
        }
    }
    std::sort(out.begin(), out.end());
    return out;
}

const std::vector<std::string>& filesFor(const SourceChoice& c) {
    static const std::string voices = "/usr/share/asterisk/sounds/";
    static const auto tuningVoices =
        filesIn({voices + "en_US_f_Allison", voices + "fr_CA_f_June"}, ".g722");
    static const auto reportedVoices = [] {
        auto v = filesIn(
            {voices + "es_MX_f_Allison", voices + "it_IT_m_Carlo", voices + "ru_RU_f_IvrvoiceRU"},
            ".g722");
        const auto played = filesIn({"/usr/share/games/fillets-ng/sound"}, ".ogg");
        for (const auto& f : played) {
            if (f.find("/cs/") != std::string::npos) v.push_back(f);
        }
        return v;
    }();
    static const auto tuningMusic = filesIn({"/usr/share/hyperrogue/music"}, ".ogg");
    static const auto reportedMusic = filesIn({"/usr/share/scummvm/drascula/audio"}, ".ogg");
    if (c.kind == SourceKind::Music) {
        return c.set == SourceSet::Tuning ? tuningMusic : reportedMusic;
    }
    return c.set == SourceSet::Tuning ? tuningVoices : reportedVoices;
}

/// The beginning of a file of speech, read once: there are some thousands of a few seconds each,
/// and each pair speaks dozens of them.
std::vector<float> spoken(const std::string& path) {
    static std::mutex lock;
    static std::map<std::string, std::vector<float>> known;
    {
        const std::scoped_lock hold(lock);
        if (const auto it = known.find(path); it != known.end()) return it->second;
    }
    auto sound = decodedSource(path, 0, 20);
    const std::scoped_lock hold(lock);
    return known.emplace(path, std::move(sound)).first->second;
}

void scaleTo(std::vector<float>& v, float peak) {
    float most = 1e-6f;
    for (const float x : v) most = std::max(most, std::fabs(x));
    for (float& x : v) x *= peak / most;
}

Result<std::vector<float>> fromFiles(const SourceChoice& c, std::uint64_t seed, double seconds) {
    const auto& files = filesFor(c);
    if (files.size() < 4) {
        return fail(ErrorCode::CannotRead, named("The benchmark's sounds are not installed: see "
                                                 "scripts/bench_packages.txt."));
    }
    sim::NoiseSource random(seed);
    const auto below = [&](double n) { return static_cast<std::size_t>(random.uniform() * n); };
    const auto total = static_cast<std::size_t>(seconds * kSourceRate);
    const std::size_t parts = c.kind == SourceKind::Music ? 2 : 3;  // nobody plays in the noise
    std::vector<float> out;
    int failures = 0;
    while (out.size() < total && failures < 50) {
        const std::size_t part = c.part < 0 ? below(2) : static_cast<std::size_t>(c.part);
        const std::size_t i = parts * below(static_cast<double>(files.size() / parts)) + part;
        auto sound = c.kind == SourceKind::Music
                         ? decodedSource(files[i], 50.0 * random.uniform(), seconds)
                         : spoken(files[i]);
        if (sound.size() < 4800) {
            if (++failures == 50) {
                return fail(ErrorCode::CannotRead, named("None of these can be read: " + files[i]));
            }
            continue;
        }
        scaleTo(sound, 0.25f + 0.25f * random.uniform());
        out.insert(out.end(), sound.begin(), sound.end());
        if (c.kind == SourceKind::RealVoices) {
            out.insert(out.end(), below(0.9 * kSourceRate), 0.0f);
        }
    }
    out.resize(total);
    return out;
}

sim::Voice voiceFor(const SourceChoice& c, std::uint64_t seed) {
    static const char* tuning[] = {"en-gb", "de", "fr", "en-gb-scotland"};
    static const char* reported[] = {"en-us", "es", "it", "pl", "pt", "nl"};
    sim::NoiseSource random(seed + 17);
    const auto pick = [&](auto& names) {
        return names[static_cast<std::size_t>(random.uniform() * std::size(names))];
    };
    sim::Voice v;
    v.name = c.set == SourceSet::Tuning ? pick(tuning) : pick(reported);
    v.pitch = 20 + static_cast<int>(random.uniform() * 60);
    v.wordsPerMinute = 120 + static_cast<int>(random.uniform() * 80);
    return v;
}

}  // namespace

const char* sourceKindText(SourceKind k) {
    switch (k) {
        case SourceKind::SyntheticSpeech:
            return "synthetic speech";
        case SourceKind::RealVoices:
            return "real voices";
        case SourceKind::Music:
            break;
    }
    return "music";
}

Result<std::vector<float>> sourceSound(const SourceChoice& c, std::uint64_t seed, double seconds) {
    if (c.kind != SourceKind::SyntheticSpeech) return fromFiles(c, seed, seconds);
    sim::Scene scene;
    scene.voice = voiceFor(c, seed);
    sim::WorldSound world(scene, seed);
    return world.next(static_cast<std::size_t>(seconds * kSourceRate));
}

}  // namespace brisk::bench
