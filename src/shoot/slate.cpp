// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/slate.h"

namespace brisk {

const char* verdictText(Verdict v) {
    return v == Verdict::Good ? "good" : v == Verdict::NotGood ? "not good" : "";
}

std::string slateText(const Slate& s) {
    std::string out;
    const auto add = [&](const std::string& word) {
        if (!word.empty()) out += (out.empty() ? "" : ", ") + word;
    };
    add(s.scene.empty() ? "" : "scene " + s.scene);
    add(s.take.empty() ? "" : "take " + s.take);
    add(verdictText(s.verdict));
    return out;
}

}  // namespace brisk
