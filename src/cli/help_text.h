// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// `--help` in 80 columns, whatever the options are called.
#pragma once

#include <CLI/CLI.hpp>
#include <string>

namespace brisk::cli {

constexpr std::size_t kHelpColumns = 80;

class HelpText : public CLI::Formatter {
  public:
    std::string make_option(const CLI::Option* option, bool positional) const override;
    std::string make_option_opts(const CLI::Option* option) const override;
    std::string make_subcommand(const CLI::App* sub) const override;
    std::string make_description(const CLI::App* app) const override;
};

/// Words in lines of at most so many columns; all but the first are set in.
std::string wrapped(const std::string& words, std::size_t indent);

}  // namespace brisk::cli
