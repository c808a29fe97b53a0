// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/fact_json.h"

#include "shoot/state_check.h"

namespace brisk {
using nlohmann::ordered_json;

ordered_json factJson(const Fact& fact) {
    ordered_json j{{"id", fact.id}};
    for (const FactArg& a : fact.args) {
        j[a.name] = std::visit(
            [](const auto& v) -> ordered_json {
                if constexpr (std::is_same_v<std::decay_t<decltype(v)>, Facts>) {
                    return factsJson(v);
                } else {
                    return v;
                }
            },
            a.value);
    }
    return j;
}

ordered_json factsJson(const Facts& facts) {
    ordered_json j = ordered_json::array();
    for (const Fact& f : facts) j.push_back(factJson(f));
    return j;
}

namespace {

/// Facts within facts; sentences of people go three deep.
constexpr int kMaxDepth = 16;

Facts factsWithin(const ordered_json& j, int depth);

Fact factWithin(const ordered_json& j, int depth) {
    if (j.is_string()) {
        const auto text = j.get<std::string>();
        return text.empty() ? Fact{} : Fact{"said", {{"text", text}}};
    }
    Fact f{j.at("id").get<std::string>()};
    for (const auto& [name, value] : j.items()) {
        if (name == "id") continue;
        if (value.is_array()) {
            f.args.emplace_back(name, factsWithin(value, depth + 1));
        } else if (value.is_number_float()) {
            f.args.emplace_back(name, value.get<double>());
        } else if (value.is_number_integer()) {
            f.args.emplace_back(name, value.get<std::int64_t>());
        } else {
            f.args.emplace_back(name, value.get<std::string>());
        }
    }
    return f;
}

Facts factsWithin(const ordered_json& j, int depth) {
    if (depth > kMaxDepth) throw UnsoundState("facts within facts without end");
    if (j.is_string()) {
        const Fact f = factWithin(j, depth);
        return f.empty() ? Facts{} : Facts{f};
    }
    Facts out;
    for (const auto& f : j) out.push_back(factWithin(f, depth));
    return out;
}

}  // namespace

Fact factFrom(const ordered_json& j) {
    return factWithin(j, 0);
}

Facts factsFrom(const ordered_json& j) {
    return factsWithin(j, 0);
}

}  // namespace brisk
