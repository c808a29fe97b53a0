// SPDX-License-Identifier: GPL-3.0-or-later
#include "shoot/fact_json.h"

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

Fact factFrom(const ordered_json& j) {
    if (j.is_string()) {
        const auto text = j.get<std::string>();
        return text.empty() ? Fact{} : Fact{"said", {{"text", text}}};
    }
    Fact f{j.at("id").get<std::string>()};
    for (const auto& [name, value] : j.items()) {
        if (name == "id") continue;
        if (value.is_array()) {
            f.args.emplace_back(name, factsFrom(value));
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

Facts factsFrom(const ordered_json& j) {
    if (j.is_string()) {
        const Fact f = factFrom(j);
        return f.empty() ? Facts{} : Facts{f};
    }
    Facts out;
    for (const auto& f : j) out.push_back(factFrom(f));
    return out;
}

}  // namespace brisk
