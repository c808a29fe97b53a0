// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What the program found or did, without words: an id and its arguments. Facts travel through the
/// engine, are kept in projects and compared by code; text/ and the window make sentences of them.
/// Not for what is decided by: a status or a number that code steers by has a field of its own.
///
///     Fact f{"recording-lost", {{"seconds", 0.1}, {"at", 54.2}}};
///     f.number("seconds")                     // 0.1
///     sentence(f)                             // "The recording lost 0:00:00.100 at ..." (text/)
#pragma once

#include <cstdint>
#include <string>
#include <string_view>
#include <utility>
#include <variant>
#include <vector>

#include "core/units.h"

namespace brisk {

struct Fact;
using Facts = std::vector<Fact>;

/// Counts, amounts (the argument's name says the unit), names, and facts within facts.
using FactValue = std::variant<std::int64_t, double, std::string, Facts>;

struct FactArg {
    std::string name;
    FactValue value;

    FactArg(std::string n, int v);
    FactArg(std::string n, std::int64_t v);
    FactArg(std::string n, std::size_t v);
    FactArg(std::string n, double v);
    FactArg(std::string n, Seconds v);
    FactArg(std::string n, std::string v);
    FactArg(std::string n, const char* v);
    FactArg(std::string n, Fact v);
    FactArg(std::string n, Facts v);
    friend bool operator==(const FactArg&, const FactArg&) = default;
};

struct Fact {
    std::string id;
    std::vector<FactArg> args = {};

    [[nodiscard]] bool empty() const { return id.empty(); }
    /// Null where there is none of that name.
    [[nodiscard]] const FactValue* arg(std::string_view name) const {
        for (const FactArg& a : args) {
            if (a.name == name) return &a.value;
        }
        return nullptr;
    }
    /// A count or an amount; 0 where there is none.
    [[nodiscard]] double number(std::string_view name) const {
        const FactValue* v = arg(name);
        if (!v) return 0;
        if (const auto* whole = std::get_if<std::int64_t>(v)) return static_cast<double>(*whole);
        const auto* amount = std::get_if<double>(v);
        return amount ? *amount : 0;
    }
    friend bool operator==(const Fact&, const Fact&) = default;
};

// Here, where a Fact is whole.
inline FactArg::FactArg(std::string n, Facts v) : name(std::move(n)), value(std::move(v)) {}
inline FactArg::FactArg(std::string n, Fact v) : FactArg(std::move(n), Facts{std::move(v)}) {}
inline FactArg::FactArg(std::string n, std::int64_t v) : name(std::move(n)), value(v) {}
inline FactArg::FactArg(std::string n, int v) : FactArg(std::move(n), std::int64_t{v}) {}
inline FactArg::FactArg(std::string n, std::size_t v)
    : FactArg(std::move(n), static_cast<std::int64_t>(v)) {}
inline FactArg::FactArg(std::string n, double v) : name(std::move(n)), value(v) {}
inline FactArg::FactArg(std::string n, Seconds v) : FactArg(std::move(n), v.value) {}
inline FactArg::FactArg(std::string n, std::string v) : name(std::move(n)), value(std::move(v)) {}
inline FactArg::FactArg(std::string n, const char* v) : FactArg(std::move(n), std::string(v)) {}

/// More to say, after what was said already.
inline void add(Facts& facts, const Facts& more) {
    facts.insert(facts.end(), more.begin(), more.end());
}

/// Each with what stands between it and the one before: "a, b and c" in the phrase's form "run".
inline Facts listOf(const Facts& items) {
    Facts out;
    for (std::size_t i = 0; i < items.size(); ++i) {
        const char* id = i == 0 ? "item-first" : i + 1 == items.size() ? "item-last" : "item-next";
        out.push_back({id, {{"item", items[i]}}});
    }
    return out;
}

/// A name or a number within a list.
inline Fact named(std::string text) {
    return {"said", {{"text", std::move(text)}}};
}

/// The first fact of that id, also within others; null where it is not told.
inline const Fact* findFact(const Facts& facts, std::string_view id) {
    for (const Fact& f : facts) {
        if (f.id == id) return &f;
        for (const FactArg& a : f.args) {
            const auto* within = std::get_if<Facts>(&a.value);
            const Fact* found = within ? findFact(*within, id) : nullptr;
            if (found) return found;
        }
    }
    return nullptr;
}

}  // namespace brisk
