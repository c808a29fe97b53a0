// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The day map: recordings as ribbons of sound, the takes that have a place hanging under them in a
/// lane for each camera, and a shelf for those that have none.
#pragma once

#include <QVariantAnimation>
#include <QWidget>
#include <map>

#include "app/seam/column_raster.h"
#include "app/seam/time_axis.h"
#include "app/spine/session.h"
#include "app/style/spoken.h"
#include "day/day_layout.h"

namespace brisk::app {

class DayMap : public QWidget, public SpokenParts {
    Q_OBJECT
  public:
    explicit DayMap(Session& session, QWidget* parent = nullptr);
    void choose(int take);
    [[nodiscard]] const DayLayout& day() const { return day_; }
    /// Where a take is drawn; empty where it is not in view.
    [[nodiscard]] QRectF boxOf(int take) const;
    [[nodiscard]] const TimeAxis& axis() const { return axis_; }
    /// Whether takes are on their way to their places.
    [[nodiscard]] bool sliding() const { return sliding_.state() == QAbstractAnimation::Running; }

    // The takes, for those who listen: those with a place, then those without.
    [[nodiscard]] int partCount() const override;
    [[nodiscard]] Part part(int i) const override;
    void pressPart(int i) override;

  signals:
    void chosen(int media);
    /// A take was dropped on a recording, to begin at that time of it.
    void takeLaid(int take, int recording, double recordingSeconds);

  protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;
    void wheelEvent(QWheelEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    bool event(QEvent*) override;
    void dragEnterEvent(QDragEnterEvent*) override;
    void dragMoveEvent(QDragMoveEvent*) override;
    void dragLeaveEvent(QDragLeaveEvent*) override;
    void dropEvent(QDropEvent*) override;

  private:
    /// In the order of the day, those without a place last.
    [[nodiscard]] int takeNumber(int i) const;
    void refresh();
    void layOut();
    void slide();
    /// What is to be seen, as numbers: pixels, names and states. Where none of them differs by what
    /// an eye could see, nothing needs to be drawn anew.
    [[nodiscard]] std::vector<double> looks() const;
    [[nodiscard]] QRectF boxOf(const DayTake& t) const;
    [[nodiscard]] TimeRange limits() const;
    [[nodiscard]] int takeAt(QPointF at) const;
    [[nodiscard]] const DayRibbon* ribbonAt(QPointF at) const;
    /// The recording that a take would be laid on when it is dropped there: the one under the
    /// pointer, or else that which is nearest in the moment.
    [[nodiscard]] const DayRibbon* ribbonFor(QPointF at) const;
    [[nodiscard]] Seconds dayAt(QPointF at) const;
    void beginDrag();
    void paintDrop(QPainter& p) const;
    [[nodiscard]] double laneTop(int lane) const;
    [[nodiscard]] QRectF shelfBox(std::size_t i) const;
    [[nodiscard]] std::size_t shelfRows() const;
    [[nodiscard]] double shelfColumns() const;
    [[nodiscard]] double shelfBoxWidth() const;
    [[nodiscard]] double shelfLeft() const;
    /// Where it is on its way to its box.
    [[nodiscard]] QRectF shownBox(int take) const;
    [[nodiscard]] QRectF onItsWay(int take, const QRectF& box) const;
    void paintRuler(QPainter& p) const;
    /// Works out what the recordings sound like where they lie, where that is not known.
    void shapeRibbons();
    /// Where a ribbon is, in pixels.
    struct RibbonPlace {
        double left = 0;  // of its first sample; may be far outside
        int from = 0, to = 0;
        bool operator==(const RibbonPlace&) const = default;
    };
    [[nodiscard]] RibbonPlace placeOf(const DayRibbon& ribbon) const;
    void redraw();
    void paintRibbon(QPainter& p, std::size_t i) const;
    void paintTake(QPainter& p, int take, QRectF box, TimeRange day,
                   const std::vector<TimeRange>& covered) const;

    struct RibbonShape {
        int recording = 0;
        RibbonPlace place;
        double perPixel = 0, high = 0;
        std::int64_t samples = 0;
        std::vector<ColumnHeight> heights;
        [[nodiscard]] bool sameAs(const RibbonShape& o) const {
            return recording == o.recording && place == o.place && perPixel == o.perPixel &&
                   high == o.high && samples == o.samples;
        }
    };
    Session& session_;
    DayLayout day_;
    std::vector<RibbonShape> shapes_;  // one for each ribbon
    TimeAxis axis_;
    bool fitted_ = true;
    int chosen_ = 0;
    QPointF dragFrom_;
    int pressed_ = 0;  // the take that a drag would take along
    struct Drop {
        int take = 0;
        Seconds day;  // where it would begin
    };
    std::optional<Drop> drop_;
    double rowHeight_ = 30, laneHeight_ = 24, shelfBoxWidth_ = 62;
    std::vector<double> drawn_;   // the looks of what is on the screen
    std::map<int, QRectF> came_;  // where boxes slide from
    QVariantAnimation sliding_;
};

}  // namespace brisk::app
