// SPDX-License-Identifier: GPL-3.0-or-later
#include "text/sentence.h"

#include <algorithm>
#include <cmath>

#include "core/data_size.h"
#include "core/number_text.h"
#include "core/time_text.h"
#include "text/add_sentence.h"

namespace brisk {
namespace {

double amountOf(const FactValue& v) {
    if (const auto* whole = std::get_if<std::int64_t>(&v)) return static_cast<double>(*whole);
    const auto* amount = std::get_if<double>(&v);
    return amount ? *amount : 0;
}

/// A form's name without its digits, and those: "clock3" is clock, 3.
std::pair<std::string_view, int> formOf(std::string_view form) {
    int digits = 0;
    if (!form.empty() && form.back() >= '0' && form.back() <= '9') {
        digits = form.back() - '0';
        form.remove_suffix(1);
    }
    return {form, digits};
}

/// Each of these forms has one point at most.
std::string withDecimal(std::string text, const Wording& wording) {
    const auto point = text.rfind('.');
    return point == std::string::npos ? text : text.replace(point, 1, wording.decimal);
}

/// A minus as it is set, and no hyphen.
std::string withMinus(std::string text) {
    if (text.starts_with('-')) text.replace(0, 1, "\u2212");
    return text;
}

std::string inWords(const FactValue& v, std::string_view form, const Wording& wording) {
    if (const auto* text = std::get_if<std::string>(&v)) return *text;
    if (const auto* facts = std::get_if<Facts>(&v)) {
        if (form != "run") return sentence(*facts, wording);
        std::string run;
        for (const Fact& f : *facts) run += sentence(f, wording);
        return run;
    }
    const double amount = amountOf(v);
    const auto [name, digits] = formOf(form);
    const auto marked = [&](std::string text) { return withDecimal(std::move(text), wording); };
    if (name == "clock") return marked(clockText({amount}, digits));
    if (name == "slip") return marked(slipText({amount}));
    if (name == "span") return marked(spanText({amount}));
    if (name == "fixed") return marked(withMinus(fixedText(amount, digits)));
    if (name == "signed") return marked(signedText(amount, digits));
    if (name == "length") return lengthText(amount, wording);
    if (name == "bytes") return marked(bytesText(static_cast<std::uintmax_t>(amount)));
    if (name == "grouped") return groupedText(std::llround(amount));
    if (std::holds_alternative<std::int64_t>(v)) return std::to_string(std::get<std::int64_t>(v));
    return marked(fixedText(amount, 3));
}

}  // namespace

std::string lengthText(double metres, const Wording& wording) {
    return wording.feet ? withDecimal(signedText(metres / kMetresPerFoot, 1), wording) + " ft"
                        : withDecimal(signedText(metres, 1), wording) + " m";
}

const Phrase* phraseOf(std::string_view id) {
    const auto& all = allPhrases();
    const auto it = std::lower_bound(all.begin(), all.end(), id,
                                     [](const Phrase& p, std::string_view i) { return p.id < i; });
    return it != all.end() && it->id == id ? &*it : nullptr;
}

std::string inEnglish(const Phrase& phrase, std::int64_t count) {
    return count == 1 && phrase.one ? phrase.one : phrase.many;
}

std::string sentence(const Fact& fact, const Wording& wording) {
    const Phrase* phrase = phraseOf(fact.id);
    if (!phrase) return fact.id;
    const std::int64_t count =
        phrase->count ? std::llround(fact.number(phrase->count)) : std::int64_t{0};
    const std::string pattern = wording.phrase(*phrase, count);
    std::string out;
    std::size_t at = 0;
    while (at < pattern.size()) {
        const auto open = pattern.find('{', at);
        const auto close = open == std::string::npos ? open : pattern.find('}', open);
        if (close == std::string::npos) break;
        out.append(pattern, at, open - at);
        const std::string_view inside(pattern.data() + open + 1, close - open - 1);
        const auto colon = inside.find(':');
        const auto form =
            colon == std::string_view::npos ? std::string_view{} : inside.substr(colon + 1);
        if (const FactValue* v = fact.arg(inside.substr(0, colon))) {
            out += inWords(*v, form, wording);
        }
        at = close + 1;
    }
    return out.append(pattern, at, std::string::npos);
}

std::string sentence(const Facts& facts, const Wording& wording) {
    std::string out;
    for (const Fact& f : facts) addSentence(out, sentence(f, wording));
    return out;
}

}  // namespace brisk
