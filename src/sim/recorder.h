// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A recorder with a lavalier: hears the scene close by, on a clock of its own, into a sound file.
#pragma once

#include <memory>
#include <span>
#include <string>

#include "core/result.h"
#include "sim/scene.h"

namespace brisk::sim {

class Recorder {
  public:
    static Result<Recorder> start(const RecorderSpec& spec, const RoomSpec& room,
                                  const std::string& folder, std::uint64_t seed);
    Recorder(Recorder&&) noexcept;
    ~Recorder();
    /// The scene's next samples, from its beginning on.
    Result<void> hear(std::span<const float> world);
    Result<void> stop();

  private:
    struct State;
    explicit Recorder(std::unique_ptr<State> state);
    std::unique_ptr<State> state_;
};

}  // namespace brisk::sim
