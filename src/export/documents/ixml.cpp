// SPDX-License-Identifier: GPL-3.0-or-later
#include "export/documents/ixml.h"

#include <pugixml.hpp>
#include <sstream>

namespace brisk {

std::string ixmlText(const Slate& slate, const std::string& project) {
    if (slate.empty()) return {};
    pugi::xml_document doc;
    pugi::xml_node root = doc.append_child("BWFXML");
    const auto put = [&](const char* name, const std::string& text) {
        if (!text.empty()) root.append_child(name).text().set(text.c_str());
    };
    put("IXML_VERSION", "2.0");
    put("PROJECT", project);
    put("SCENE", slate.scene);
    put("TAKE", slate.take);
    if (slate.verdict != Verdict::None) {
        put("CIRCLED", slate.verdict == Verdict::Good ? "TRUE" : "FALSE");
    }
    if (slate.verdict == Verdict::NotGood) put("TAKE_TYPE", "NO_GOOD");
    const bool both = !slate.name.empty() && !slate.note.empty();
    put("NOTE", slate.name + (both ? ": " : "") + slate.note);
    std::ostringstream out;
    doc.save(out, "", pugi::format_raw);
    return out.str();
}

}  // namespace brisk
