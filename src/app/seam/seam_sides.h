// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What the two sides of the seam show of a take: its sound and the clean sound as they are, or
/// what they have in common; how high; and the single samples that a deep zoom needs.
#pragma once

#include <QObject>
#include <memory>
#include <optional>

#include "app/seam/sample_source.h"
#include "app/seam/seam_painter.h"
#include "app/seam/shared_sound_source.h"
#include "app/seam/time_axis.h"
#include "app/spine/session.h"

namespace brisk::app {

class SeamSides : public QObject {
    Q_OBJECT
  public:
    explicit SeamSides(Session& session, QObject* parent = nullptr);

    /// 0 = nothing.
    void showTake(int take);
    /// The clean sound is shown this much later than it is placed.
    void setDragged(Seconds by) { dragged_ = by; }
    /// A side, and what of it each pixel shows.
    struct Drawn {
        SeamSide side;
        SeamColumns columns;
        std::vector<std::shared_ptr<const void>> kept;  ///< What `side` points into.
    };
    /// Works out what is to be painted, and has what `axis` shows read where outlines are too
    /// coarse for it.
    void prepare(const TimeAxis& axis, int width);
    /// As it was prepared: the camera's, where it is known; then one for each piece that the clean
    /// sound is made of, each to be drawn where it is heard.
    [[nodiscard]] const std::vector<Drawn>& drawn() const { return drawn_; }

    /// Makes one side taller or flatter than its loudest moment allows.
    void scale(bool clean, double factor);
    [[nodiscard]] double scaleOf(bool clean) const { return clean ? cleanScale_ : cameraScale_; }
    /// What is in view fills its room on both sides.
    void setEqualHeights(bool on);
    /// Both sides show what they have in common.
    void setShared(bool on);
    [[nodiscard]] bool shared() const { return shared_; }
    /// True where shared sound is wanted and not worked out yet.
    [[nodiscard]] bool sharedIsComing() const;

  signals:
    void changed();

  private:
    /// A recording on a line, and where in the take it is heard.
    struct Laid {
        int media = 0;
        ClockLine line;
        std::optional<TimeRange> only;
    };
    [[nodiscard]] std::vector<Laid> laid() const;
    [[nodiscard]] std::optional<SeamSide> camera() const;
    void readWhatIsShown(const TimeAxis& axis, int width);
    void workOut(const TimeAxis& axis, int width);
    /// What is compared around the middle of what was prepared last.
    [[nodiscard]] std::optional<PlacedPair> shownPair() const;
    [[nodiscard]] SeamSide cleanSide(const Laid& laid, SeamSide side) const;
    [[nodiscard]] std::optional<SeamSide> sideOf(int media, const SampleStretch* samples) const;
    [[nodiscard]] std::shared_ptr<const SharedSoundSource::Curves> curves() const;
    static void showShared(SeamSide& side, const SharedSoundSource::Side& curve);
    void readSamples(const std::optional<SeamSide>& side, int media, SampleSource& source,
                     const std::shared_ptr<const SampleStretch>& have, const TimeAxis& axis,
                     int width);

    Session& session_;
    int take_ = 0;
    Seconds dragged_;
    Seconds middle_;  // of what was prepared last
    double cameraScale_ = 1, cleanScale_ = 1;
    bool equal_ = false;
    bool shared_ = false;
    SampleSource cameraSource_, cleanSource_;
    std::shared_ptr<const SampleStretch> cameraSamples_, cleanSamples_;
    SharedSoundSource sharedSource_;
    std::vector<Drawn> drawn_;
    TimeAxis drawnAxis_;
};

}  // namespace brisk::app
