// SPDX-License-Identifier: GPL-3.0-or-later
#include "support/json_promise.h"

#include <fstream>
#include <valijson/adapters/nlohmann_json_adapter.hpp>
#include <valijson/schema.hpp>
#include <valijson/schema_parser.hpp>
#include <valijson/validation_results.hpp>
#include <valijson/validator.hpp>

namespace brisk::test {
namespace {

const nlohmann::json& promises() {
    static const nlohmann::json schema =
        nlohmann::json::parse(std::ifstream(BRISK_SOURCE "/docs/formats/command-line.schema.json"));
    return schema;
}

}  // namespace

bool isCommand(const std::string& word) {
    return promises().at("properties").contains(word);
}

std::string notAsPromised(const nlohmann::json& document, const std::string& command) {
    if (!isCommand(command)) return "no promise for \"" + command + "\"";
    nlohmann::json wanted{{"definitions", promises().at("definitions")}};
    wanted["allOf"] = {promises().at("properties").at(command)};
    valijson::Schema schema;
    valijson::SchemaParser().populateSchema(valijson::adapters::NlohmannJsonAdapter(wanted),
                                            schema);
    valijson::ValidationResults results;
    if (valijson::Validator().validate(schema, valijson::adapters::NlohmannJsonAdapter(document),
                                       &results)) {
        return {};
    }
    std::string out = "not as promised:";
    valijson::ValidationResults::Error e;
    while (results.popError(e)) {
        out += "\n";
        for (const std::string& step : e.context) out += step;
        out += ": " + e.description;
    }
    return out;
}

}  // namespace brisk::test
