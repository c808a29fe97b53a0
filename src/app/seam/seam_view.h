// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The seam: the camera's sound grows upwards, the clean sound downwards, on one time axis. In
/// place they are a reflection. Pins are claps, short ticks on the line the picture's frame
/// borders, threads across it the measured windows.
#pragma once

#include <QWidget>
#include <memory>
#include <optional>

#include "align/decide/fit_verdict.h"
#include "app/seam/seam_pins.h"
#include "app/seam/seam_sides.h"
#include "app/seam/seam_tools.h"
#include "app/seam/take_brackets.h"
#include "app/seam/time_axis.h"
#include "app/spine/session.h"
#include "app/style/sizes.h"
#include "app/style/spoken.h"

namespace brisk::app {

class SeamView : public QWidget, public SpokenValue {
    Q_OBJECT
  public:
    SeamView(Session& session, Verbs& verbs, QWidget* parent);

    /// 0 = nothing.
    void showTake(int take);
    void setPlayhead(Seconds t, bool follow);
    /// What the stitches show: measured for the place in force.
    void setSlips(std::vector<SlipPoint> slips);
    [[nodiscard]] Seconds playhead() const { return playhead_; }
    [[nodiscard]] const TimeAxis& axis() const { return axis_; }
    void zoomToAll();
    void zoomToPlayhead(double secondsAcross);
    void zoomBy(double factor);
    void zoomToOverlap();
    void zoomToMarks();
    void zoomToClaps();
    [[nodiscard]] SeamSides& sides() { return sides_; }
    /// A stretch that a person chose, to loop or to search by.
    [[nodiscard]] std::optional<TimeRange> selection() const;

    QSize minimumSizeHint() const override { return {400, 140}; }

    // The playhead, for those who listen.
    [[nodiscard]] QString spokenValue() const override;
    [[nodiscard]] double spokenNow() const override { return playhead_.value; }
    [[nodiscard]] double spokenLeast() const override { return limits().start.value; }
    [[nodiscard]] double spokenMost() const override { return limits().end.value; }
    [[nodiscard]] double spokenStep() const override;
    void speakTo(double takeSeconds) override;

  signals:
    void playheadMoved(double takeSeconds);
    /// What can be cut here is wanted as a menu.
    void cutWanted(const QPoint& globalPos);
    /// A drag of the clean sound ended; positive = later in the take.
    void cleanMoved(double seconds);
    void selectionChanged();
    /// The clean sound is being dragged, so far by this much; 0 when that is over.
    void cleanDragged(double seconds);
    /// The bracket of a take was clicked.
    void takeWanted(int take);
    /// A take was dropped on the recording, to begin there.
    void takeDropped(int take, double recordingSeconds);
    /// Another stretch of the take is shown.
    void viewChanged();
    /// The pointer rests over a moment; `x` in this widget.
    void hovered(double takeSeconds, int x);
    void left();

  protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;
    void wheelEvent(QWheelEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void leaveEvent(QEvent*) override;
    void dragEnterEvent(QDragEnterEvent*) override;
    void dragMoveEvent(QDragMoveEvent*) override;
    void dragLeaveEvent(QDragLeaveEvent*) override;
    void dropEvent(QDropEvent*) override;
    void contextMenuEvent(QContextMenuEvent*) override;

  private:
    /// Pixels above the sounds, for the times.
    [[nodiscard]] static int ruler() { return scaled(28); }
    void addTools();
    enum class Drag { None, Ruler, Playhead, Clean, Mark, CameraHeight, CleanHeight, Select };

    [[nodiscard]] const Tether* tether() const;
    [[nodiscard]] Seconds cleanDrag() const { return drag_ == Drag::Clean ? dragBy_ : Seconds{0}; }
    [[nodiscard]] TimeRange limits() const;
    [[nodiscard]] QRect seamArea() const;
    [[nodiscard]] double seamY() const;
    void zoomTo(TimeRange range);
    void scaleSide(bool clean, double factor);
    void layTools();
    /// Pixels that a picture frame takes; 0 where there are none.
    [[nodiscard]] double framePixels() const;
    void paintRuler(QPainter& p) const;
    void paintFrames(QPainter& p) const;
    void paintStitches(QPainter& p) const;
    [[nodiscard]] std::vector<SeamPin> pins() const;
    [[nodiscard]] PinPlaces pinPlaces() const;
    void nameMark(int mark);
    /// The slip of the stitch under the pointer, in words.
    [[nodiscard]] QString stitchWords(QPointF pointer) const;
    void paintUncovered(QPainter& p) const;
    void paintClipped(QPainter& p) const;
    /// ", clipped in 3 places" of the whole take; nothing where it is not.
    [[nodiscard]] QString clippedWords() const;
    void paintCuts(QPainter& p) const;
    /// Where whoever speaks stands farther from the camera.
    void paintWay(QPainter& p) const;
    /// What of the take is cut away, and where it was cut.
    void paintKept(QPainter& p) const;
    /// Claps and stretches that are silent or lowered in the new file.
    void paintQuietClaps(QPainter& p) const;
    void paintQuiet(QPainter& p, TimeRange stretch, double top, double high, const QColor& pale,
                    const QColor& edge) const;
    void paintSelection(QPainter& p) const;
    /// A recording by itself: what lies on it, and what is being dropped.
    void paintRecording(QPainter& p) const;
    [[nodiscard]] BracketPlaces bracketPlaces() const;
    /// Its nearest pin, where a pointer is near enough; else the moment itself.
    [[nodiscard]] Seconds onPin(double x) const;
    void paintPlayhead(QPainter& p) const;
    void paintCaptions(QPainter& p) const;
    void paintDragNumbers(QPainter& p) const;
    /// What there is to see is another; what can be done with it, too.
    void changedView();

    Session& session_;
    Verbs& verbs_;
    int take_ = 0;
    TimeAxis axis_;
    bool fitted_ = true;  // shows the whole take, also after a resize
    Seconds playhead_;
    std::vector<SlipPoint> slips_;
    SeamSides sides_;
    SeamTools* zooms_ = nullptr;
    SeamTools* modes_ = nullptr;
    Drag drag_ = Drag::None;
    QPointF dragFrom_;
    Seconds dragBy_;
    int chosenMark_ = 0;
    std::vector<TakeBracket> brackets_;  // of a recording by itself
    std::optional<Seconds> dropAt_;      // where a take is about to be dropped
    std::optional<Seconds> selectedFrom_, selectedTo_;
};

}  // namespace brisk::app
