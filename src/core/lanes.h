// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What begins next, where pieces of work share a few slow things: cards, disks. Each lane is one
/// of them; a slow card fills its own lane and never holds up another.
///
///     Lanes lanes(2);                          // pieces at once
///     if (auto i = lanes.next(waiting)) { lanes.begun(waiting[*i]); ... lanes.ended(lane); }
#pragma once

#include <map>
#include <optional>
#include <span>
#include <string>

namespace brisk {

/// Threads: whoever shares one holds a lock.
class Lanes {
  public:
    /// More lanes than that are not seen to at once beyond `atOnce`.
    static constexpr int kMostBeyond = 3;

    /// \param atOnce  pieces at once; beyond them one each of lanes in which nothing runs.
    explicit Lanes(int atOnce) : atOnce_(atOnce) {}
    void setAtOnce(int n) { atOnce_ = n; }
    /// Pieces that may ever run together.
    [[nodiscard]] int most() const { return atOnce_ + kMostBeyond; }

    /// Which of those that wait may begin now: of the lane in which least runs, the one that waits
    /// longest. None: wait until something ends.
    /// \param waiting  the lane of each, in the order of coming.
    [[nodiscard]] std::optional<std::size_t> next(std::span<const std::string> waiting) const {
        std::optional<std::size_t> best;
        for (std::size_t i = 0; i < waiting.size(); ++i) {
            if (!best || runningIn(waiting[i]) < runningIn(waiting[*best])) best = i;
        }
        const bool room =
            running_ < atOnce_ || (best && running_ < most() && runningIn(waiting[*best]) == 0);
        return room ? best : std::nullopt;
    }
    void begun(const std::string& lane) {
        ++lanes_[lane];
        ++running_;
    }
    void ended(const std::string& lane) {
        if (--lanes_[lane] == 0) lanes_.erase(lane);
        --running_;
    }

  private:
    [[nodiscard]] int runningIn(const std::string& lane) const {
        const auto it = lanes_.find(lane);
        return it == lanes_.end() ? 0 : it->second;
    }
    int atOnce_;
    int running_ = 0;
    std::map<std::string, int> lanes_;
};

}  // namespace brisk
