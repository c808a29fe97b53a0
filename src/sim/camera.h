// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A camera: hears the scene from across the room through its automatic gain, sees the bench, and
/// writes both into one take.
#pragma once

#include <memory>
#include <span>
#include <string>

#include "core/result.h"
#include "sim/scene.h"
#include "sim/world_sound.h"

namespace brisk::sim {

class Camera {
  public:
    static Result<Camera> start(const TakeSpec& spec, const Scene& scene, const std::string& folder,
                                std::uint64_t seed);
    Camera(Camera&&) noexcept;
    ~Camera();
    /// The scene's next samples, and the world they came from (for the speaker's mouth).
    Result<void> attend(std::span<const float> block, const WorldSound& world);
    Result<void> stop();

  private:
    struct State;
    explicit Camera(std::unique_ptr<State> state);
    std::unique_ptr<State> state_;
};

}  // namespace brisk::sim
