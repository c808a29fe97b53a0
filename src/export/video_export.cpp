// SPDX-License-Identifier: GPL-3.0-or-later
#include "export/video_export.h"

#include <algorithm>
#include <cctype>
#include <cmath>

#include "core/atomic_file.h"
#include "media/take_remux.h"
#include "render/clean_sound.h"

namespace brisk {
namespace fs = std::filesystem;

namespace {

constexpr SampleRate kVideoSound{48000};

bool asPcm(const VideoExportPlan& plan) {
    return plan.container != VideoContainer::SameAsTake;
}

std::string muxerOf(const VideoExportPlan& plan) {
    switch (plan.container) {
        case VideoContainer::Mov:
            return "mov";
        case VideoContainer::Mkv:
            return "matroska";
        case VideoContainer::SameAsTake:
            break;
    }
    return muxerFor(plan.take.info.path);
}

std::string endingOf(const VideoExportPlan& plan) {
    switch (plan.container) {
        case VideoContainer::Mov:
            return ".mov";
        case VideoContainer::Mkv:
            return ".mkv";
        case VideoContainer::SameAsTake:
            break;
    }
    return fs::path(plan.take.info.path).extension().string();
}

void replaceAll(std::string& text, const std::string& what, const std::string& with) {
    for (std::size_t at = text.find(what); at != std::string::npos;
         at = text.find(what, at + with.size())) {
        text.replace(at, what.size(), with);
    }
}

SoundTrackSpec trackOf(const VideoExportPlan& plan) {
    SoundTrackSpec s;
    s.channels = cleanChannels(plan.clean);
    s.rate = kVideoSound;
    s.codec = asPcm(plan) ? "pcm_s24le" : "aac";
    s.bitsPerSecond = asPcm(plan) ? 0 : 160000 * s.channels;
    s.title = "Clean sound";
    return s;
}

Seconds lengthOf(const SoundScan& take) {
    return take.pictures.empty() ? take.length() + take.info.soundStartInTake(take.sound)
                                 : take.pictures.end();
}

}  // namespace

std::string describeExport(const VideoExportPlan& plan) {
    const SoundTrackSpec s = trackOf(plan);
    std::string text = "Picture untouched; track 1 clean sound, ";
    text += s.channels == 2 ? "stereo" : "mono";
    text += asPcm(plan) ? ", 24-bit, 48 kHz" : ", AAC, 48 kHz";
    text += "; camera sound not included";
    const Seconds length = lengthOf(plan.take);
    if (!uncovered(plan.clean, {{0}, length}).empty()) {
        text += "; silence where the recording does not reach";
    }
    return text + ".";
}

fs::path exportTarget(const VideoExportPlan& plan) {
    std::string name = plan.namePattern;
    replaceAll(name, "{take}", fs::path(plan.take.info.path).stem().string());
    replaceAll(name, "{recording}",
               fs::path(plan.clean.front().recording->info.path).stem().string());
    std::replace(name.begin(), name.end(), '/', '-');
    fs::path target = plan.folder / (name + endingOf(plan));
    std::error_code ec;
    for (int n = 2; fs::exists(target, ec); ++n) {
        target = plan.folder / (name + " " + std::to_string(n) + endingOf(plan));
    }
    return target;
}

Result<WrittenVideo> exportVideo(const VideoExportPlan& plan, const JobControl& job) {
    if (!plan.take.info.video) {
        return fail(ErrorCode::NotMedia, plan.take.info.path + " has no picture to hand over.",
                    plan.take.info.path);
    }
    auto file = AtomicFile::create(exportTarget(plan));
    if (!file) return tl::unexpected(file.error());
    auto clean = CleanSound::open(plan.clean, kVideoSound);
    if (!clean) return tl::unexpected(clean.error());
    RemuxPlan remux;
    remux.source = plan.take.info;
    remux.target = file->temporaryPath().string();
    remux.format = muxerOf(plan);
    remux.sound = trackOf(plan);
    remux.soundStart = soundStartFor(remux.format, remux.sound);
    remux.soundLength = lengthOf(plan.take);
    if (auto sought = clean->seek(kVideoSound.samples(remux.soundStart)); !sought) {
        return tl::unexpected(sought.error());
    }
    auto done = remuxTake(
        remux, [&](std::span<float> out) { return clean->read(out); }, job.part(0, 0.7));
    if (!done) return tl::unexpected(done.error());

    auto check = readBack(plan, file->temporaryPath().string(), job.part(0.7, 1));
    if (!check) return tl::unexpected(check.error());
    if (auto committed = file->commit(); !committed) return tl::unexpected(committed.error());
    return WrittenVideo{file->target().string(), describeExport(plan), std::move(*check)};
}

}  // namespace brisk
