// SPDX-License-Identifier: GPL-3.0-or-later
#include "bench/pair_groups.h"

#include <algorithm>
#include <cmath>

#include "sim/noise.h"

namespace brisk::bench {
namespace {

/// Draws the traits that every group shares, and those that a group asks for.
class Dice {
  public:
    explicit Dice(std::uint64_t seed) : random_(seed) {}
    double between(double a, double b) { return a + (b - a) * random_.uniform(); }
    bool chance(double p) { return random_.uniform() < p; }
    template <class T>
    T oneOf(std::initializer_list<T> values) {
        const auto i =
            static_cast<std::size_t>(random_.uniform() * static_cast<double>(values.size()));
        return *(values.begin() + static_cast<std::ptrdiff_t>(i));
    }

  private:
    sim::NoiseSource random_;
};

PairSpec ordinary(Dice& d, SourceSet set, std::uint64_t seed) {
    PairSpec s;
    s.seed = seed;
    s.source.set = set;
    s.source.kind = static_cast<SourceKind>(seed % 3);
    s.takeSeconds = d.between(30, 120);
    s.recordingSeconds = d.between(150, 600);
    s.takeStart = d.between(0, s.recordingSeconds - s.takeSeconds);
    s.rt60 = d.oneOf({0.0, 0.3, 0.45, 0.6, 0.9, 1.2});
    s.distance = d.oneOf({1.0, 2.0, 3.0, 5.0, 8.0, 15.0});
    s.snrDb = d.between(0, 20);
    s.noise = d.oneOf({Noise::Room, Noise::Room, Noise::Wind, Noise::Voices});
    s.automaticGain = d.chance(0.5);
    s.ppm = d.between(-120, 120);
    s.upsideDown = d.chance(0.2);
    s.takeRate = d.oneOf({48000, 48000, 44100});
    s.recordingRate = d.oneOf({48000, 44100, 96000});
    s.takeCodec = d.oneOf<const char*>({"aac", "pcm_s16le"});
    s.recordingCodec = d.oneOf<const char*>({"pcm_s24le", "pcm_s24le", "flac"});
    return s;
}

using Change = void (*)(PairSpec&, Dice&);

Group group(const char* name, const char* about, int count, SourceSet set, double share,
            Change change) {
    Group g;
    g.name = name;
    g.about = about;
    const int pairs = std::max(3, static_cast<int>(std::lround(count * share)));
    std::uint64_t base = set == SourceSet::Tuning ? 1000000 : 6000000;
    for (const char* c = name; *c; ++c) base = base * 31 % 1000003 + static_cast<unsigned char>(*c);
    for (int i = 0; i < pairs; ++i) {
        const std::uint64_t seed = base * 1000 + static_cast<std::uint64_t>(i);
        Dice d(seed);
        PairSpec s = ordinary(d, set, seed);
        change(s, d);
        s.group = name;
        if (s.recordingCodec == "libmp3lame" && s.recordingRate > 48000) s.recordingRate = 48000;
        g.pairs.push_back(s);
    }
    return g;
}

void placeInside(PairSpec& s, Dice& d) {
    s.takeStart = d.between(0, std::max(0.0, s.recordingSeconds - s.takeSeconds));
}

std::vector<double> unevenClaps(Dice& d, double from, int count) {
    std::vector<double> at{from};
    for (int i = 1; i < count; ++i) at.push_back(at.back() + d.between(0.35, 1.6));
    return at;
}

/// A near-silent take with `count` claps, and other claps elsewhere in the recording.
void clapTake(PairSpec& s, Dice& d, int count, bool even) {
    s.takeSeconds = d.between(10, 30);
    s.recordingSeconds = d.between(90, 240);
    placeInside(s, d);
    s.snrDb = d.between(30, 45);
    s.noise = Noise::Room;
    s.automaticGain = false;
    s.rt60 = d.oneOf({0.3, 0.45, 0.6});
    s.distance = d.oneOf({1.0, 2.0, 4.0});
    const double first = s.takeStart + d.between(1.5, 4);
    if (even) {
        const double step = d.between(0.4, 0.9);
        for (int i = 0; i < count; ++i) s.claps.push_back(first + step * i);
    } else {
        s.claps = unevenClaps(d, first, count);
    }
}

void nearby(PairSpec& s, Dice& d) {
    placeInside(s, d);
    s.snrDb = d.between(8, 25);
    s.distance = d.oneOf({1.0, 2.0, 4.0});
}

/// `count` losses spread over the take, on either side.
void loseSome(PairSpec& s, Dice& d, int count, double least, double most, double silent) {
    const bool inTake = d.chance(0.5);
    for (int i = 0; i < count; ++i) {
        sim::Loss l;
        l.inTake = inTake;
        l.at = s.takeStart + s.takeSeconds * (i + d.between(0.25, 0.75)) / count;
        l.seconds = d.between(least, most);
        l.silent = d.chance(silent);
        s.losses.push_back(l);
    }
}

/// What real shoots do.
void addTroubles(std::vector<Group>& g, SourceSet set, double share) {
    g.push_back(group("two losses", "20 to 60 ms lost twice, by either side", 60, set, share,
                      [](PairSpec& s, Dice& d) {
                          s.takeSeconds = d.between(45, 240);
                          nearby(s, d);
                          s.ppm = d.between(-60, 60);
                          loseSome(s, d, 2, 0.02, 0.06, 0.3);
                      }));
    g.push_back(group("small losses", "1 to 8 ms lost, one to three times", 60, set, share,
                      [](PairSpec& s, Dice& d) {
                          s.takeSeconds = d.between(45, 240);
                          nearby(s, d);
                          s.ppm = d.between(-60, 60);
                          loseSome(s, d, d.oneOf({1, 2, 3}), 0.001, 0.008, 0);
                          if (d.chance(0.3)) {
                              for (sim::Loss& l : s.losses) l.seconds = -l.seconds;
                          }
                      }));
    g.push_back(group("lost buffer", "256 or 512 samples lost once", 60, set, share,
                      [](PairSpec& s, Dice& d) {
                          s.takeSeconds = d.between(30, 300);
                          s.recordingSeconds = d.between(320, 600);
                          nearby(s, d);
                          s.ppm = d.between(-60, 60);
                          const double lost = d.oneOf({256, 512}) / 48000.0;
                          loseSome(s, d, 1, lost, lost, 0);
                      }));
    g.push_back(group("warm clock", "the clock goes over by 10 to 30 ppm in 10 to 30 min", 18, set,
                      share, [](PairSpec& s, Dice& d) {
                          s.takeSeconds = d.between(600, 1800);
                          s.recordingSeconds = s.takeSeconds + d.between(30, 200);
                          nearby(s, d);
                          s.takeRate = s.recordingRate = 48000;
                          const double least = d.between(-20, 0);
                          const double most = least + d.between(10, 30);
                          const bool up = d.chance(0.5);
                          // As a body warms: quickly first.
                          for (double x = 0; x <= 1.001; x += 0.05) {
                              const double warm = 1 - std::exp(-3 * x);
                              s.warmth.emplace_back(x * s.recordingSeconds,
                                                    up ? least + (most - least) * warm
                                                       : most - (most - least) * warm);
                          }
                      }));
    g.push_back(group("walking", "the speaker walks between 1 and 6 m", 45, set, share,
                      [](PairSpec& s, Dice& d) {
                          s.takeSeconds = d.between(30, 150);
                          nearby(s, d);
                          if (s.source.kind == SourceKind::Music) {
                              s.source.kind = SourceKind::RealVoices;
                          }
                          s.takeRate = 48000;
                          double at = s.takeStart - 1, where = d.between(1, 6);
                          s.distance = where;
                          while (at < s.takeStart + s.takeSeconds) {
                              s.metres.emplace_back(at, where);
                              at += d.between(2, 15);  // stands
                              s.metres.emplace_back(at, where);
                              const double next = d.between(1, 6);
                              at += std::fabs(next - where) / d.between(0.6, 1.4) + 0.1;
                              where = next;
                          }
                      }));
    g.push_back(group("camera leaves", "carried away at 0.02 to 0.3 m/s", 30, set, share,
                      [](PairSpec& s, Dice& d) {
                          s.takeSeconds = d.between(20, 60);
                          nearby(s, d);
                          s.takeRate = 48000;
                          s.distance = 1;
                          const double speed = d.between(0.02, 0.3);
                          s.metres = {{s.takeStart, 1.0},
                                      {s.takeStart + s.takeSeconds, 1 + speed * s.takeSeconds}};
                      }));
    g.push_back(group("1.5 to 3 s", "takes as short as a sentence", 60, set, share,
                      [](PairSpec& s, Dice& d) {
                          s.takeSeconds = d.between(1.5, 3);
                          nearby(s, d);
                      }));
    g.push_back(
        group("5 s shared", "4 to 7 s shared at one end", 30, set, share, [](PairSpec& s, Dice& d) {
            const double shared = d.between(4, 7);
            s.snrDb = d.between(8, 25);
            s.distance = d.oneOf({1.0, 2.0, 4.0});
            s.takeStart = d.chance(0.5) ? shared - s.takeSeconds : s.recordingSeconds - shared;
        }));
    g.push_back(group("under cloth", "lavalier dull above 2 kHz, with rustle", 45, set, share,
                      [](PairSpec& s, Dice& d) {
                          nearby(s, d);
                          if (s.source.kind == SourceKind::Music) {
                              s.source.kind = SourceKind::RealVoices;
                          }
                          s.underCloth = true;
                      }));
    g.push_back(group("venue", "music, 20 m away, under voices at -10 dB", 30, set, share,
                      [](PairSpec& s, Dice& d) {
                          s.takeSeconds = d.between(60, 180);
                          placeInside(s, d);
                          s.source.kind = SourceKind::Music;
                          s.distance = 20;
                          s.rt60 = d.oneOf({0.9, 1.2, 1.6});
                          s.noise = Noise::Voices;
                          s.snrDb = d.between(-12, -6);
                      }));
    g.push_back(group("pulled rate", "a thousandth off: 47.952 or 48.048 kHz", 45, set, share,
                      [](PairSpec& s, Dice& d) {
                          nearby(s, d);
                          s.ppm = d.oneOf({-1000.0, -999.0, 1000.0, 1001.0}) + d.between(-30, 30);
                      }));
}

/// From what anybody hears to what nobody does: only here are there answers that are nearly sure.
Group graded(SourceSet set, double share) {
    return group("graded", "3 to 60 s, 4 to -26 dB: from heard to drowned", 300, set, share,
                 [](PairSpec& s, Dice& d) {
                     s.takeSeconds = 3 * std::pow(20.0, d.between(0, 1));
                     s.recordingSeconds = d.between(70, 240);
                     placeInside(s, d);
                     s.distance = d.oneOf({1.0, 2.0, 4.0, 8.0});
                     s.snrDb = d.between(-26, 4);
                 });
}

/// Takes that do not belong to their recording, and have more in common with it than two days do.
void addElsewhere(std::vector<Group>& g, SourceSet set, double share) {
    const auto add = [&](const char* name, const char* about, int count, Change change) {
        g.push_back(group(name, about, count, set, share, change));
        g.back().mustRefuse = true;
    };
    add("another day", "the same voices in the same room, other words", 90,
        [](PairSpec& s, Dice& d) {
            s.elsewhere = Elsewhere::OtherDay;
            s.source = {SourceKind::RealVoices, s.source.set, 0};
            s.takeSeconds = d.between(3, 90);
            nearby(s, d);
        });
    add("another moment", "the same music, after the recording has ended", 90,
        [](PairSpec& s, Dice& d) {
            s.source.kind = SourceKind::Music;
            s.takeSeconds = d.between(3, 60);
            s.recordingSeconds = d.between(40, 120);
            nearby(s, d);
            s.takeStart = s.recordingSeconds + d.between(2, 10);
        });
    add("one programme", "the same music in two rooms, 6 to 20 dB under other voices", 90,
        [](PairSpec& s, Dice& d) {
            s.elsewhere = Elsewhere::Programme;
            s.source = {SourceKind::RealVoices, s.source.set, 0};
            s.programmeDb = d.between(-20, -6);
            s.takeSeconds = d.between(5, 90);
            nearby(s, d);
        });
}

}  // namespace

std::vector<Group> pairGroups(SourceSet set, double share, double loopShare) {
    std::vector<Group> g;
    g.push_back(group("ordinary", "takes of 30 to 120 s, 0 to 20 dB, 1 to 15 m, RT60 0 to 1.2 s",
                      90, set, share, [](PairSpec&, Dice&) {}));
    g.push_back(group("noisy", "the same at 0 to -6 dB", 45, set, share,
                      [](PairSpec& s, Dice& d) { s.snrDb = d.between(-6, 0); }));
    g.push_back(group("echo", "direct sound 12 dB under its echo", 45, set, share,
                      [](PairSpec& s, Dice& d) {
                          s.directDb = -12.0;
                          s.rt60 = d.oneOf({0.45, 0.6, 0.9, 1.2});
                          s.distance = d.between(4, 12);
                          s.snrDb = d.between(10, 25);
                      }));
    g.push_back(group("8 to 30 s", "short takes", 60, set, share, [](PairSpec& s, Dice& d) {
        s.takeSeconds = d.between(8, 30);
        placeInside(s, d);
        s.snrDb = d.between(5, 25);
        s.distance = d.oneOf({1.0, 2.0, 3.0, 5.0});
    }));
    g.push_back(group("3 to 8 s", "very short takes", 60, set, share, [](PairSpec& s, Dice& d) {
        s.takeSeconds = d.between(3, 8);
        placeInside(s, d);
        s.snrDb = d.between(5, 25);
        s.distance = d.oneOf({1.0, 2.0, 3.0, 5.0});
    }));
    g.push_back(group("drift 60 s", "overlap of a minute, up to 300 ppm", 30, set, share,
                      [](PairSpec& s, Dice& d) {
                          s.takeSeconds = 60;
                          placeInside(s, d);
                          s.ppm = d.between(-300, 300);
                          s.snrDb = d.between(5, 25);
                          s.distance = d.oneOf({1.0, 2.0, 4.0});
                      }));
    g.push_back(group("drift 5 min", "overlap of five minutes, up to 300 ppm", 18, set, share,
                      [](PairSpec& s, Dice& d) {
                          s.takeSeconds = 300;
                          s.recordingSeconds = 400;
                          placeInside(s, d);
                          s.ppm = d.between(-300, 300);
                          s.snrDb = d.between(5, 25);
                          s.distance = d.oneOf({1.0, 2.0, 4.0});
                      }));
    g.push_back(
        group("partial", "10 to 25 s shared at one end", 30, set, share, [](PairSpec& s, Dice& d) {
            const double shared = d.between(10, 25);
            s.takeStart = d.chance(0.5) ? shared - s.takeSeconds : s.recordingSeconds - shared;
            s.snrDb = d.between(8, 25);
            s.distance = d.oneOf({1.0, 2.0, 4.0});
        }));
    g.push_back(group(
        "repaired", "clean sound equalised, gated, compressed or coded again", 45, set, share,
        [](PairSpec& s, Dice& d) {
            s.repair =
                d.oneOf({Repair::Equalised, Repair::Gated, Repair::Compressed, Repair::Compressed});
            s.recordingCodec = d.oneOf<const char*>({"libmp3lame", "aac", "libopus", "pcm_s16le"});
            if (s.recordingCodec == "libopus") s.recordingRate = 48000;
            s.snrDb = d.between(5, 20);
            s.distance = d.oneOf({1.0, 2.0, 3.0, 5.0});
        }));
    g.push_back(group("narrow band", "scratch of a telephone's width or 8 kHz", 30, set, share,
                      [](PairSpec& s, Dice& d) {
                          if (d.chance(0.5)) {
                              s.lowpassHz = 2500;
                          } else {
                              s.takeRate = 8000;
                              s.takeCodec = "pcm_s16le";
                          }
                          s.snrDb = d.between(5, 20);
                          s.distance = d.oneOf({1.0, 2.0, 4.0});
                      }));
    g.push_back(group("lost samples", "0.1 to 2 s lost or repeated in the recording", 45, set,
                      share, [](PairSpec& s, Dice& d) {
                          s.takeSeconds = d.between(90, 240);
                          s.recordingSeconds = d.between(300, 500);
                          placeInside(s, d);
                          sim::Loss lost;
                          lost.at = s.takeStart + s.takeSeconds * d.between(0.2, 0.8);
                          lost.seconds = d.between(0.1, 0.6) * (d.chance(0.3) ? -1 : 1);
                          if (d.chance(0.2)) lost.seconds *= 4;
                          s.losses = {lost};
                          s.ppm = d.between(-60, 60);
                          s.snrDb = d.between(8, 25);
                          s.distance = d.oneOf({1.0, 2.0, 4.0});
                      }));
    g.push_back(group("one clap", "near silence, one clap", 24, set, share,
                      [](PairSpec& s, Dice& d) { clapTake(s, d, 1, false); }));
    g.push_back(group("3 or 5 claps", "near silence, uneven spacing", 30, set, share,
                      [](PairSpec& s, Dice& d) { clapTake(s, d, d.chance(0.5) ? 3 : 5, false); }));
    g.push_back(group("even claps", "near silence, equal spacing", 24, set, share,
                      [](PairSpec& s, Dice& d) { clapTake(s, d, d.chance(0.5) ? 3 : 5, true); }));
    addTroubles(g, set, share);
    g.push_back(graded(set, share));
    addElsewhere(g, set, share);
    // A take inside an endless loop: nothing in the sound says which round it is.
    for (const char* name : {"loops", "loops, short takes"}) {
        Group loops = group(name, "the world repeats exactly: no place is better than the next",
                            150, set, std::max(share, loopShare), [](PairSpec& s, Dice& d) {
                                s.loopSeconds = d.between(2, 20);
                                s.takeSeconds = d.between(20, 60);
                                s.recordingSeconds = d.between(90, 180);
                                s.ppm = d.between(-40, 40);
                                placeInside(s, d);
                            });
        if (loops.name != "loops") {
            for (auto& s : loops.pairs) s.takeSeconds = 4 + s.takeSeconds / 8;
        }
        loops.mustRefuse = true;
        g.push_back(std::move(loops));
    }
    return g;
}

}  // namespace brisk::bench
