// SPDX-License-Identifier: GPL-3.0-or-later
// An exported video's own sound is the clean sound again, so the ordinary matching measures it. It
// cannot see the picture: for that the take is needed, or what the report says of the file.
#include <cmath>
#include <filesystem>
#include <memory>

#include "align/assemble/match.h"
#include "cli/commands.h"
#include "cli/json_output.h"
#include "cli/match_files.h"
#include "core/json_text.h"
#include "core/time_text.h"
#include "export/together_check.h"
#include "store/atomic_file.h"
#include "store/file_hash.h"
#include "text/sentence.h"

namespace brisk::cli {
namespace {

struct VerifyOptions {
    std::string file, clean, take, report;
    bool json = false;
};

/// What is known of a file beside its sound.
// NOLINTNEXTLINE(bugprone-exception-escape): moving JSON allocates in this library version
struct Known {
    std::optional<ClockLine> meant;   ///< From take time to the recording, as it is to be heard.
    std::optional<Seconds> startsAt;  ///< Take time of the file's beginning.
    ordered_json picture;
    std::string words;  ///< What was seen, or why it could not be.
};

/// From the take itself: which of its pictures the file holds, and where its scratch sound lies.
Result<Known> fromTake(const VerifyOptions& o, const SoundScan& written, const SoundScan& recording,
                       const Console& console) {
    auto files = scanAll({o.take}, {o.clean}, {}, console);
    if (!files) return tl::unexpected(files.error());
    auto scratch =
        matchPair(files->takes.front(), recording, {}, console.job("Measuring " + o.take));
    if (!scratch) return tl::unexpected(scratch.error());
    auto picture =
        findPicture(files->takes.front().info, written.info, console.job("Comparing pictures"));
    if (!picture) return tl::unexpected(picture.error());
    Known k;
    k.picture = {{"compared_with", o.take},
                 {"pictures", picture->pictures},
                 {"identical", picture->identical}};
    k.startsAt = picture->startsAt;
    if (!picture->startsAt) {
        k.words =
            "None of its pictures is the take's as it was coded: they were re-encoded, or are "
            "of another take, and nothing can be said of them and the sound.";
        return k;
    }
    k.picture["starts_at_take_seconds"] = picture->startsAt->value;
    k.words = groupedText(picture->identical) + " of " + groupedText(picture->pictures) +
              " pictures are the take's, from " + clockText(*picture->startsAt, 3) + " of it on.";
    if (scratch->status != MatchStatus::Matched) {
        k.words += " But where the take's own sound lies on the recording is not sure: " +
                   sentence(scratch->reason);
        return k;
    }
    k.meant = scratch->line;
    return k;
}

/// What a report says of a file of this name; null where it says nothing.
const ordered_json* inReport(const ordered_json& report, const std::string& file,
                             const ordered_json** take) {
    namespace fs = std::filesystem;
    if (!report.contains("takes")) return nullptr;
    for (const auto& t : report["takes"]) {
        for (const auto& f : t.at("files")) {
            const std::string path = f.at("path");
            if (fs::path(path).filename() != fs::path(file).filename()) continue;
            *take = &t;
            return &f;
        }
    }
    return nullptr;
}

/// From the report that was written with it: the tether, the piece, and the check value.
Result<Known> fromReport(const VerifyOptions& o, const Console& console) {
    auto text = readWholeFile(o.report);
    if (!text) return tl::unexpected(text.error());
    const ordered_json report = jsonFrom<ordered_json>(*text);
    const auto useless = [&](Fact why) {
        why.args.emplace_back("written", o.file);
        return failAt(ErrorCode::CannotRead, o.report, std::move(why));
    };
    if (report.is_discarded()) return useless({"no-json-report"});
    Known k;
    try {
        const ordered_json* take = nullptr;
        const ordered_json* file = inReport(report, o.file, &take);
        if (!file) return useless({"report-of-others"});
        const ordered_json& tether = take->at("tethers").at(0);
        const double delay = tether.at("sound_delay_ms").get<double>() * 1e-3;
        const ClockLine line{{tether.at("offset_seconds").get<double>()},
                             {tether.at("drift_ppm").get<double>()}};
        k.meant = line.from({delay});
        k.startsAt = Seconds{file->at("take_range").at("start").get<double>()};
        const ordered_json& value = file->at("xxh3_128");
        k.picture = {{"compared_with", o.report}, {"unchanged", nullptr}};
        k.words = "By the report.";
        if (value.is_string()) {
            auto now = xxh3Of(o.file, console.job("Reading " + o.file));
            if (!now) return tl::unexpected(now.error());
            const bool same = *now == value.get<std::string>();
            k.picture["unchanged"] = same;
            k.words =
                same ? "It is to the last bit the file that the report speaks of."
                     : "It is NOT the file that the report speaks of any more: it was changed.";
            if (!same) k.startsAt.reset();
        }
    } catch (const ordered_json::exception&) {
        return useless({"report-too-old"});
    }
    return k;
}

ordered_json milliseconds(Seconds start, Seconds middle, Seconds end) {
    return {{"start", start.milliseconds()},
            {"middle", middle.milliseconds()},
            {"end", end.milliseconds()}};
}

int verify(const VerifyOptions& o, const Console& console) {
    auto files = scanAll({o.file}, {o.clean}, {}, console);
    if (!files) return console.report(files.error());
    const SoundScan& written = files->takes.front();
    const SoundScan& recording = files->recordings.front();
    auto e = matchPair(written, recording, {}, console.job("Measuring " + o.file));
    if (!e) return console.report(e.error());
    Known known;
    known.words =
        "Only its sound was compared with the recording: whether sound and picture belong together "
        "cannot be seen from that. Give --take, or the --report that was written with it.";
    if (!o.take.empty() || !o.report.empty()) {
        auto more =
            o.take.empty() ? fromReport(o, console) : fromTake(o, written, recording, console);
        if (!more) return console.report(more.error());
        known = std::move(*more);
    }
    ordered_json j;
    j["file"] = o.file;
    j["clean"] = o.clean;
    j["status"] = statusText(e->status);
    j["offset_seconds"] = e->line.offset.value;
    j["drift_ppm"] = e->line.drift.value;
    j["polarity"] = e->polarity;
    // Against the straight line through all that was measured.
    j["slip_ms"] = milliseconds(e->residualStart, e->residualMiddle, e->residualEnd);
    j["overlap"] = {{"start", e->overlap.start.value}, {"end", e->overlap.end.value}};
    j["reason"] = sentence(e->reason);
    j["picture"] = known.picture;
    j["picture_apart_ms"] = nullptr;
    j["together"] = nullptr;
    bool together = true;
    if (e->status == MatchStatus::Matched && known.meant && known.startsAt) {
        const Apart apart = apartFromPicture(*known.meant, e->line, *known.startsAt, e->overlap);
        together = apart.worst() <= kStillTogether;
        j["picture_apart_ms"] = milliseconds(apart.start, apart.middle, apart.end);
        j["together"] = together;
        known.words += together ? " Picture and sound belong together: "
                                : " Picture and sound do NOT belong together: the sound is ";
        known.words += slipText(apart.start) + " from the picture at the start, " +
                       slipText(apart.end) + " at the end.";
    } else if (!o.take.empty() || !o.report.empty()) {
        together = false;
    }
    j["picture_reason"] = known.words;
    console.say(o.file + ": " + known.words);
    const bool good = e->status == MatchStatus::Matched && together;
    return print(j, good ? kAllDone : kNeedsAttention);
}

}  // namespace

Run addVerify(CLI::App& sub) {
    auto o = std::make_shared<VerifyOptions>();
    sub.add_option("file", o->file, "A video that was exported")->required();
    sub.add_option("--clean", o->clean, "The recording its sound came from")->required();
    auto* take = sub.add_option("--take", o->take,
                                "The take it was made of: tells whether picture and sound still "
                                "belong together");
    sub.add_option("--report", o->report, "Instead of the take: the JSON report written with it")
        ->excludes(take);
    sub.add_flag("--json", o->json, "Print JSON (always on; accepted for clarity)");
    return [o](const Console& console) { return verify(*o, console); };
}

}  // namespace brisk::cli
