// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/help_text.h"

#include <sstream>

namespace brisk::cli {
namespace {
constexpr std::size_t kIndent = 6;  // of what is said of an option, under its name
}

std::string wrapped(const std::string& words, std::size_t indent) {
    std::istringstream in(words);
    std::string out, word;
    std::size_t column = indent;
    while (in >> word) {
        if (column > indent && column + 1 + word.size() > kHelpColumns) {
            out += '\n' + std::string(indent, ' ');
            column = indent;
        }
        if (column > indent) {
            out += ' ';
            ++column;
        }
        out += word;
        column += word.size();
    }
    return out;
}

std::string HelpText::make_option_opts(const CLI::Option* option) const {
    // What may be given, without what the parser calls it.
    const std::string type = option->get_type_name();
    const std::size_t choices = type.find('{');
    std::string out;
    if (type.empty()) return out;  // a flag
    if (choices != std::string::npos) {
        out = ' ' + type.substr(choices, type.find('}') + 1 - choices);
        if (type.find("INT") != std::string::npos) out += "|N";
    } else {
        const std::string kind = type.substr(0, type.find(':'));
        const bool number = kind == "INT" || kind == "UINT" || kind == "FLOAT";
        // Whatever has no type of its own names a file here.
        out = ' ' + (number ? "N" : kind == "TEXT" ? "FILE" : kind);
    }
    if (option->get_expected_max() == CLI::detail::expected_max_vector_size) out += " ...";
    if (option->get_required()) out += " (needed)";
    return out;
}

std::string HelpText::make_option(const CLI::Option* option, bool positional) const {
    const std::string given = wrapped(make_option_opts(option), kIndent);
    const std::string name =
        "  " + make_option_name(option, positional) + (given.empty() ? "" : " " + given);
    return name + '\n' + std::string(kIndent, ' ') + wrapped(make_option_desc(option), kIndent) +
           '\n';
}

std::string HelpText::make_subcommand(const CLI::App* sub) const {
    constexpr std::size_t kNames = 12;
    const std::string name = "  " + sub->get_name();
    return name + std::string(kNames - std::min(kNames - 1, name.size()), ' ') +
           wrapped(sub->get_description(), kNames) + '\n';
}

std::string HelpText::make_description(const CLI::App* app) const {
    return wrapped(app->get_description(), 0) + "\n\n";
}

}  // namespace brisk::cli
