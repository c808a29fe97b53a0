// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/spine/words.h"

#include <QCoreApplication>
#include <algorithm>
#include <limits>

#include "text/sentence.h"

namespace brisk::app {
namespace {

/// Without a translation the English one, which knows one from many.
std::string translated(const Phrase& phrase, std::int64_t count) {
    const int n =
        static_cast<int>(std::clamp<std::int64_t>(count, 0, std::numeric_limits<int>::max()));
    const QString source = QString::fromUtf8(phrase.many);
    const QString words = QCoreApplication::translate("Facts", phrase.many, nullptr, n);
    return words == source ? inEnglish(phrase, count) : words.toStdString();
}

}  // namespace

QString inWords(const Fact& fact) {
    return QString::fromStdString(sentence(fact, translated));
}

QString inWords(const Facts& facts) {
    return QString::fromStdString(sentence(facts, translated));
}

}  // namespace brisk::app
