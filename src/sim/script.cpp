// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/script.h"

#include <array>

namespace brisk::sim {
namespace {

constexpr std::array kOpenings{
    "Now I",           "First you",           "Then we",           "After that I",
    "Here you",        "In winter we",        "My mother used to", "On a good day I",
    "Before lunch we", "With a new knife you"};
constexpr std::array kActs{"fold", "press", "sew", "glue", "trim", "round", "sand",   "polish",
                           "wet",  "mark",  "cut", "turn", "open", "line",  "stretch"};
constexpr std::array kThings{"the signatures",   "the spine",   "the boards",    "the end papers",
                             "the linen thread", "the leather", "the gold leaf", "the headband",
                             "the text block",   "the cover",   "the corners",   "the old pages",
                             "the grey paper",   "the joint"};
constexpr std::array kManners{"slowly",
                              "twice",
                              "with the bone folder",
                              "along the grain",
                              "without any water",
                              "until it shines",
                              "between two boards",
                              "against the ruler",
                              "from the middle outwards",
                              "by eye, never by number",
                              "as thin as it will go"};
constexpr std::array kReasons{"because paper remembers every crease.",
                              "or the book will not lie flat.",
                              "and let it rest overnight.",
                              "so that the thread can bite.",
                              "which takes about an hour.",
                              "and nobody will ever see it.",
                              "then count the sheets again.",
                              "while the glue is still warm.",
                              "and that is the whole secret, really.",
                              "just like the one from the parish library."};

template <std::size_t N>
std::string pick(const std::array<const char*, N>& from, std::mt19937_64& random) {
    return from[random() % N];
}

}  // namespace

std::string nextSentence(std::mt19937_64& random) {
    std::string s = pick(kOpenings, random) + " " + pick(kActs, random) + " ";
    s += pick(kThings, random) + " " + pick(kManners, random) + ", " + pick(kReasons, random);
    return s;
}

}  // namespace brisk::sim
