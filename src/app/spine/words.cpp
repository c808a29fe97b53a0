// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/spine/words.h"

#include <QCoreApplication>
#include <QLocale>
#include <algorithm>
#include <cmath>
#include <limits>

#include "core/data_size.h"
#include "core/sound_distance.h"
#include "core/time_text.h"
#include "text/sentence.h"

namespace brisk::app {
namespace {

bool feet = false;

/// Without a translation the English one, which knows one from many.
std::string translated(const Phrase& phrase, std::int64_t count) {
    // A text without plural forms has none for any number.
    const int n =
        phrase.count
            ? static_cast<int>(std::clamp<std::int64_t>(count, 0, std::numeric_limits<int>::max()))
            : -1;
    const QString source = QString::fromUtf8(phrase.many);
    const QString words = QCoreApplication::translate("brisk", phrase.many, nullptr, n);
    return words == source ? inEnglish(phrase, count) : words.toStdString();
}

Wording wording() {
    return {translated, QLocale().decimalPoint().toStdString(), feet};
}

QString marked(const std::string& text) {
    QString out = QString::fromStdString(text);
    const auto point = out.lastIndexOf(QLatin1Char('.'));
    return point < 0 ? out : out.replace(point, 1, QLocale().decimalPoint());
}

}  // namespace

QString inWords(const Fact& fact) {
    return QString::fromStdString(sentence(fact, wording()));
}

QString inWords(const Facts& facts) {
    return QString::fromStdString(sentence(facts, wording()));
}

QString clockWords(Seconds t, int decimals) {
    return marked(clockText(t, decimals));
}

QString slipWords(Seconds slip) {
    return marked(slipText(slip));
}

QString spanWords(Seconds length) {
    return marked(spanText(length));
}

QString bytesWords(std::uintmax_t bytes) {
    return marked(bytesText(bytes));
}

QString framesWords(Seconds t, Rational frameRate) {
    const double frames = t.value * frameRate.value();
    const double hundredths = std::round(frames * 100);
    const double whole = std::floor(hundredths / 100);
    return QCoreApplication::translate("brisk::app::Words", "%1 frames + %2")
        .arg(QString::fromStdString(groupedText(std::llround(whole))),
             numberWords(hundredths / 100 - whole, 2));
}

QString numberWords(double v, int decimals) {
    return marked(signedText(v, decimals));
}

QString lengthWords(double metres) {
    return QString::fromStdString(lengthText(metres, wording()));
}

QString wayWords(Seconds sound) {
    return lengthWords(sound.value * kMetresPerSecond);
}

QString typedNumber(QString text) {
    return text.replace(QLatin1Char(','), QLatin1Char('.'))
        .replace(QChar(0x2212), QLatin1Char('-'));
}

void tellLengthsInFeet(bool wanted) {
    feet = wanted;
}

bool lengthsInFeet() {
    return feet;
}

}  // namespace brisk::app
