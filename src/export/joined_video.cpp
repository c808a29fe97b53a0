// SPDX-License-Identifier: GPL-3.0-or-later
#include "export/joined_video.h"

#include <unistd.h>

#include <algorithm>
#include <atomic>
#include <cmath>

#include "media/check/file_contents.h"
#include "media/read/probe.h"
#include "media/write/join_pieces.h"
#include "store/atomic_file.h"
#include "store/dropped_cache.h"
#include "store/file_hash.h"

namespace brisk {
namespace fs = std::filesystem;
namespace {

constexpr double kPieces = 0.7;  // of the work

/// A hidden folder beside the file, gone with all that is in it.
class PieceFolder {
  public:
    explicit PieceFolder(const fs::path& target) {
        static std::atomic<int> number{0};
        path_ = fs::absolute(target).parent_path() /
                (".joining-" + std::to_string(::getpid()) + "-" + std::to_string(++number));
    }
    PieceFolder(const PieceFolder&) = delete;
    PieceFolder& operator=(const PieceFolder&) = delete;
    ~PieceFolder() {
        std::error_code ec;
        fs::remove_all(path_, ec);
    }
    [[nodiscard]] const fs::path& path() const { return path_; }

  private:
    fs::path path_;
};

/// What reading all pieces back found, as one.
void addPiece(ReadBack& sum, const ReadBack& piece, std::size_t index, std::size_t count) {
    add(sum.problem, piece.problem);
    sum.picture.pictures += piece.picture.pictures;
    sum.picture.identical = (index == 0 || sum.picture.identical) && piece.picture.identical;
    if (const auto& db = piece.picture.leastAlikeDb) {
        sum.picture.leastAlikeDb = std::min(sum.picture.leastAlikeDb.value_or(*db), *db);
    }
    if (index == 0) sum.stamps = piece.stamps;
    SoundCheck& s = sum.sound;
    s.measured = s.measured || piece.sound.measured;
    if (index == 0) s.start = piece.sound.start;
    if (index == count / 2) s.middle = piece.sound.middle;
    if (index + 1 == count) s.end = piece.sound.end;
}

/// Whether the joined file is what was put into it.
Result<void> lookAtJoined(const VideoExportPlan& plan, const std::string& path, const Joined& made,
                          const std::vector<FileTrack>& tracks, ReadBack& found,
                          const JobControl& job) {
    auto info = probeWithSound(path);
    if (!info) return tl::unexpected(info.error());
    found.stamps = info->stamps;
    ContentsWish wish{plan.check != CheckDepth::Sound, {}};
    for (std::size_t i = 0; i < made.sounds.size(); ++i) {
        if (made.sounds[i].digest) wish.sounds.push_back(info->sounds[i].stream);
    }
    auto held = readContents(*info, wish, job);
    if (!held) return tl::unexpected(held.error());
    if (wish.pictures) {
        const Fact differs = differenceBetween(made.pictures, held->pictures);
        if (!differs.empty()) found.problem.push_back({"picture-differs", {{"how", differs}}});
        found.picture.identical = found.picture.identical && differs.empty();
    }
    found.sound.everySample = !made.sounds.empty() && made.sounds.front().digest.has_value();
    for (std::size_t i = 0; i < made.sounds.size(); ++i) {
        if (!made.sounds[i].digest) continue;
        const Facts problem = compareSamples(tracks[i], *made.sounds[i].digest,
                                             held->sounds.at(info->sounds[i].stream));
        add(found.problem, problem);
        if (i == 0) found.sound.everySample = problem.empty();
    }
    return {};
}

}  // namespace

VideoExportPlan planOfJoinedPiece(const VideoExportPlan& joined, std::size_t piece) {
    VideoExportPlan p = joined;
    p.joined = false;
    p.stretch = joined.sound.kept[piece];
    p.piece = static_cast<int>(piece) + 1;
    p.pieces = static_cast<int>(joined.sound.kept.size());
    // All are coded alike, or they could not be joined; copied ones begin at a key frame.
    p.pieceStart =
        wayOf(joined) == PieceWay::CodedAnew ? PieceStart::CodedAnew : PieceStart::KeyFrame;
    // Containers that take plain samples; MOV keeps decoding times of its own, which joining needs.
    const bool matroska = muxerFor(p.take.info.path) == "matroska";
    p.container = matroska ? VideoContainer::Mkv : VideoContainer::Mov;
    p.codec = codecOf(joined) == SoundCodec::Float ? SoundCodec::Float : SoundCodec::Pcm24;
    p.target.reset();
    return p;
}

Result<WrittenVideo> exportJoined(const VideoExportPlan& plan, const JobControl& job) {
    auto file = AtomicFile::create(exportTarget(plan));
    if (!file) return tl::unexpected(file.error());
    const PieceFolder folder(file->target());
    const std::size_t count = plan.sound.kept.size();
    WrittenVideo out;
    JoinPlan join;
    VideoExportPlan known = plan;
    for (std::size_t i = 0; i < count; ++i) {
        VideoExportPlan p = planOfJoinedPiece(known, i);
        p.folder = folder.path();
        const auto n = static_cast<double>(i), all = static_cast<double>(count);
        auto piece = exportVideo(p, job.part(kPieces * n / all, kPieces * (n + 1) / all));
        if (!piece) return tl::unexpected(piece.error());
        known.sound.level = piece->level;  // the loudness of a take is measured once
        addPiece(out.readBack, piece->readBack, i, count);
        join.pieces.push_back(piece->path);
        out.parts.push_back(piece->held);
    }
    join.target = file->temporaryPath().string();
    join.format = muxerOf(plan.container, plan.take.info.path);
    auto tracks =
        fittedTracks(known.sound, codingOf(codecOf(plan)), plan.overFull, job.withReport({}));
    if (!tracks) return tl::unexpected(tracks.error());
    auto first = probeWithSound(join.pieces.front(), job);
    if (!first) return tl::unexpected(first.error());
    for (std::size_t i = 0; i < tracks->size(); ++i) {
        SoundTrackSpec spec =
            soundTrack(codecOf(plan), join.format, first->sounds[i].channels, (*tracks)[i].title);
        spec.language = first->sounds[i].language;
        spec.playsByItself = i == 0;
        join.sounds.push_back(std::move(spec));
    }
    auto made = joinPieces(join, job.part(kPieces, 0.85));
    if (!made) return tl::unexpected(made.error());
    if (auto synced = file->sync(); !synced) return tl::unexpected(synced.error());
    out.readBack.fromDisk = plan.check == CheckDepth::Disk && dropFromMemory(join.target);
    auto looked =
        lookAtJoined(plan, join.target, *made, *tracks, out.readBack, job.part(0.85, 0.97));
    if (!looked) return tl::unexpected(notReadBack(looked.error(), *file));
    if (plan.check != CheckDepth::Sound) {
        auto hash = xxh3Of(join.target, job.part(0.97, 1));
        if (!hash) return tl::unexpected(hash.error());
        out.xxh3 = std::move(*hash);
    }
    if (auto committed = file->commitAsNew(); !committed) return tl::unexpected(committed.error());
    out.path = file->target().string();
    out.level = known.sound.level;
    out.holds = describeExport(known);
    out.held = {out.parts.front().start, out.parts.front().start + made->length};
    return out;
}

}  // namespace brisk
