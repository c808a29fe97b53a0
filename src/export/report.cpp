// SPDX-License-Identifier: GPL-3.0-or-later
#include "export/report.h"

#include <cmath>
#include <ctime>

#include "core/data_size.h"
#include "core/number_text.h"
#include "core/plain_line.h"
#include "core/time_text.h"
#include "export/report_pictures.h"
#include "export/report_style.h"
#include "text/sentence.h"

namespace brisk {
namespace {

std::string escaped(const std::string& text) {
    std::string out;
    for (const char c : validUtf8(text)) {
        switch (c) {
            case '&':
                out += "&amp;";
                break;
            case '<':
                out += "&lt;";
                break;
            case '>':
                out += "&gt;";
                break;
            case '"':
                out += "&quot;";
                break;
            default:
                out += c;
        }
    }
    return out;
}

std::string today() {
    const std::time_t now = std::time(nullptr);
    char text[32];
    std::tm when{};
    std::strftime(text, sizeof text, "%Y-%m-%d %H:%M", localtime_r(&now, &when));
    return text;
}

std::string row(const std::string& name, const std::string& value) {
    return "<tr><th>" + name + "</th><td>" + value + "</td></tr>\n";
}

std::string driftWords(double ppm) {
    return fixedText(ppm, 1) + " ppm (" + fixedText(std::fabs(ppm) * 3.6, 1) + " ms an hour)";
}

std::string matchRows(const HandedTake& h) {
    std::string out;
    for (std::size_t i = 0; i < h.tethers.size(); ++i) {
        const Tether& t = h.tethers[i];
        const std::string name = std::filesystem::path(h.recordings[i]).filename().string();
        out += row(t.beside ? "beside it" : "falls on",
                   "<b>" + escaped(name) + "</b> at " + clockText(t.line.offset, 6));
        if (t.beside) continue;
        out += row("clocks", driftWords(t.line.drift.value));
        out += row("evidence", escaped(sentence(t.found.reason)));
        if (t.movedByHand()) {
            const Seconds by = t.found.line.offset - t.line.offset;
            out += row("moved by hand", slipText(by));
        }
        if (t.soundDelay.value != 0) {
            out += row("distance", "the sound was " + slipText(t.soundDelay) +
                                       " on its way to the camera; taken back");
        }
    }
    return out;
}

std::string checkValues(const FileResult& r) {
    std::string out;
    if (!r.xxh3.empty()) out += "<br><code>XXH3-128 " + r.xxh3 + "</code>";
    if (!r.sha256.empty()) out += "<br><code>SHA-256 " + r.sha256 + "</code>";
    return out;
}

std::string fileRow(const PlannedFile& f, const FileResult& r) {
    std::string what = "<td>" + std::string(fileKindText(f.kind)) + "</td>";
    if (r.state != FileState::Written) {
        return "<tr>" + what + "<td class=\"attention\" colspan=\"3\">" +
               escaped(f.path.filename().string()) + ": " +
               escaped(r.problem.empty() ? "not written" : sentence(r.problem)) + "</td></tr>\n";
    }
    const std::string name = std::filesystem::path(r.path).filename().string();
    std::string found = sentence(r.picture.said());
    if (!found.empty()) found += ". ";
    if (r.check.measured) {
        found += "Slip " + slipText(r.check.start) + ", " + slipText(r.check.middle) + ", " +
                 slipText(r.check.end) + ".";
    }
    if (r.check.everySample) found += " Every sample is as it was rendered.";
    if (f.asVideo && r.picture.pictures == 0) found += " Pictures were not compared.";
    if (f.take != 0)
        found += r.fromDisk ? " Read back from the disk." : " Read back as the system holds it.";
    if (!r.problem.empty())
        found += " <b class=\"attention\">" + escaped(sentence(r.problem)) + "</b>";
    return "<tr>" + what + "<td><b>" + escaped(name) + "</b><br>" + escaped(sentence(r.holds)) +
           "</td><td class=\"n\">" + bytesText(r.bytes) + "</td><td>" + found + checkValues(r) +
           "</td></tr>\n";
}

/// What a person wrote of it.
std::string slateLine(const HandedTake& h) {
    std::string out;
    const auto add = [&](const std::string& text) {
        if (!text.empty()) out += (out.empty() ? "" : ". ") + escaped(text);
    };
    add(h.slate.name);
    add(slateText(h.slate));
    add(h.slate.note);
    return out.empty() ? out : "<p>" + out + "</p>\n";
}

std::string takeSection(const HandedTake& h, const HandedOverShoot& shoot) {
    std::string state = h.names.state;
    if (h.slippedBy) state += " by " + slipText(*h.slippedBy);
    std::string out = "<section>\n<h2>" +
                      escaped(std::filesystem::path(h.scan->info.path).filename().string()) +
                      " <small>" + escaped(state) + ", " + clockText(h.sound.wholeTake().end, 1) +
                      ", " + escaped(h.names.camera) + "</small></h2>\n";
    out += slateLine(h);
    out += seamPicture(h);
    out += "<table class=\"facts\">" + matchRows(h) + "</table>\n";
    const std::string spots = spotCheckPictures(h);
    if (!spots.empty()) {
        out += "<h3>Close up, from start to end</h3>\n<div class=\"spots\">" + spots + "</div>\n";
    }
    const std::string slips = slipPicture(h);
    if (!slips.empty()) out += "<h3>Slip along the take</h3>\n" + slips;
    std::string files;
    for (std::size_t i = 0; i < shoot.results.size(); ++i) {
        if (shoot.plan.files[i].take == h.id) {
            files += fileRow(shoot.plan.files[i], shoot.results[i]);
        }
    }
    if (!files.empty()) out += "<table class=\"files\">" + files + "</table>\n";
    return out + "</section>\n";
}

}  // namespace

std::string reportText(FileKind kind, const HandedOverShoot& shoot) {
    if (kind == FileKind::CsvReport) return csvReport(shoot);
    return kind == FileKind::JsonReport ? jsonReport(shoot) : htmlReport(shoot);
}

std::string htmlReport(const HandedOverShoot& shoot) {
    const std::string name = escaped(shoot.plan.choice.shoot);
    std::size_t written = 0, marked = 0, failed = 0;
    std::string ofShoot;
    for (std::size_t i = 0; i < shoot.results.size(); ++i) {
        const FileResult& r = shoot.results[i];
        const PlannedFile& f = shoot.plan.files[i];
        // Reports are being written right now.
        if (isReport(f.kind) || f.kind == FileKind::Manifest) continue;
        written += r.state == FileState::Written;
        marked += r.marked();
        failed += r.state != FileState::Written;
        if (f.take <= 0) ofShoot += fileRow(f, r);
    }
    std::string sum = std::to_string(shoot.plan.takes.size()) + " takes, " +
                      std::to_string(written) + " files written";
    if (marked > 0) sum += ", " + std::to_string(marked) + " of them check failed";
    if (failed > 0) sum += ", " + std::to_string(failed) + " not written";
    std::string out = "<!DOCTYPE html>\n<html lang=\"en\"><head><meta charset=\"utf-8\"><title>" +
                      name + ": export</title>\n<style>" + kReportStyle +
                      "</style></head><body>\n<h1>" + name + "</h1>\n<p>" + sum + ". " + today() +
                      ".</p>\n";
    for (const HandedTake& h : shoot.plan.takes) out += takeSection(h, shoot);
    if (shoot.plan.choice.manifest) {
        ofShoot +=
            "<tr><td>manifest</td><td colspan=\"3\">The folder <code>ascmhl</code> lists "
            "every file with its check value (ASC MHL, XXH128). To check all of them: "
            "<code>brisk-tether-cli check FOLDER</code>, or any program that reads ASC MHL; "
            "one of them: <code>xxh128sum FILE</code>.</td></tr>\n";
    }
    if (!ofShoot.empty()) {
        out += "<section><h2>The whole shoot</h2><table class=\"files\">" + ofShoot +
               "</table></section>\n";
    }
    return out + "</body></html>\n";
}

}  // namespace brisk
