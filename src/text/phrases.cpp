// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>

#include "text/phrase_tables.h"

namespace brisk {

const std::vector<Phrase>& allPhrases() {
    static const std::vector<Phrase> all = [] {
        std::vector<Phrase> p;
        for (const auto table : {phrasesOfMatching(), phrasesOfDoing(), phrasesOfFiles()}) {
            p.insert(p.end(), table.begin(), table.end());
        }
        std::sort(p.begin(), p.end(),
                  [](const Phrase& x, const Phrase& y) { return std::string_view(x.id) < y.id; });
        return p;
    }();
    return all;
}

}  // namespace brisk
