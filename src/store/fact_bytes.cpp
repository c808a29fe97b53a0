// SPDX-License-Identifier: GPL-3.0-or-later
#include "store/fact_bytes.h"

namespace brisk {
namespace {

constexpr std::uint64_t kMax = 10000;  // of anything: more is damage
constexpr int kMaxDepth = 8;           // of facts within facts

bool get(ByteReader& in, Facts& facts, int depth) {
    std::uint64_t n = 0;
    if (depth > kMaxDepth || !in.get(n) || n > kMax) return false;
    for (std::uint64_t i = 0; i < n; ++i) {
        Fact& f = facts.emplace_back();
        std::uint64_t args = 0;
        if (!in.get(f.id) || !in.get(args) || args > kMax) return false;
        for (std::uint64_t k = 0; k < args; ++k) {
            std::string name, text;
            std::uint64_t kind = 0;
            std::int64_t whole = 0;
            double amount = 0;
            Facts within;
            if (!in.get(name) || !in.get(kind)) return false;
            if (kind == 0 && in.get(whole)) {
                f.args.emplace_back(name, whole);
            } else if (kind == 1 && in.get(amount)) {
                f.args.emplace_back(name, amount);
            } else if (kind == 2 && in.get(text)) {
                f.args.emplace_back(name, text);
            } else if (kind == 3 && get(in, within, depth + 1)) {
                f.args.emplace_back(name, within);
            } else {
                return false;
            }
        }
    }
    return true;
}

}  // namespace

void putFacts(const Facts& facts, ByteWriter& out) {
    out.put(static_cast<std::uint64_t>(facts.size()));
    for (const Fact& f : facts) {
        out.put(f.id);
        out.put(static_cast<std::uint64_t>(f.args.size()));
        for (const FactArg& a : f.args) {
            out.put(a.name);
            out.put(static_cast<std::uint64_t>(a.value.index()));
            if (const auto* within = std::get_if<Facts>(&a.value)) {
                putFacts(*within, out);
            } else if (const auto* text = std::get_if<std::string>(&a.value)) {
                out.put(*text);
            } else if (const auto* whole = std::get_if<std::int64_t>(&a.value)) {
                out.put(*whole);
            } else {
                out.put(std::get<double>(a.value));
            }
        }
    }
}

bool getFacts(ByteReader& in, Facts& facts) {
    return get(in, facts, 0);
}

}  // namespace brisk
