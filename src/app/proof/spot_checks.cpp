// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/proof/spot_checks.h"

#include <QHBoxLayout>
#include <algorithm>
#include <cmath>

#include "app/seam/seam_painter.h"
#include "app/spine/words.h"
#include "app/style/app_style.h"
#include "app/style/colours.h"
#include "app/style/sizes.h"
#include "core/time_text.h"

namespace brisk::app {
namespace {
constexpr int kSpotCaptionHigh = 18;
constexpr double kHalfShown = 0.040;

/// Each side fills its room, whatever its level: shape is what is compared here.
double gainOf(const SampleStretch& s) {
    float most = 0.01f;
    for (const float v : s.samples) most = std::max(most, std::fabs(v));
    return 0.95 / static_cast<double>(most);
}

int spotCaptionHeight() {
    return scaled(kSpotCaptionHigh);
}
}  // namespace

SpotLens::SpotLens(const QString& where, QWidget* parent) : QAbstractButton(parent), where_(where) {
    setFocusPolicy(Qt::TabFocus);
    setCursor(Qt::PointingHandCursor);
    setMinimumHeight(76);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

void SpotLens::show(const SpotCheck& spot, const SoundScan* take, const SoundScan* recording,
                    ClockLine line, bool worst) {
    spot_ = spot;
    take_ = take;
    recording_ = recording;
    line_ = line;
    worst_ = worst;
    if (!spot.slip) {
        words_ = spot.moment ? tr("unclear") : tr("nothing in common");
    } else if (isTheWay(*spot.slip, spot.way)) {
        words_ = tr("%1 farther").arg(wayWords(spot.way));
    } else {
        words_ = slipWords({std::fabs((*spot.slip - spot.way).value)});
    }
    setEnabled(spot.moment.has_value());
    setAccessibleName(tr("Spot check, %1: %2").arg(where_, words_));
    setToolTip(spot.moment
                   ? tr("%1 of the take. Click to go there.").arg(clockWords(*spot.moment, 3))
                   : tr("Nothing sharp begins here in both sounds"));
    update();
}

void SpotLens::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setFont(uiFont(11));
    p.setPen(colours().quiet);
    p.drawText(QRect(0, 0, width(), spotCaptionHeight()), Qt::AlignLeft | Qt::AlignVCenter, where_);
    const bool much = spot_.slip && std::fabs((*spot_.slip - spot_.way).value) >= 0.001;
    p.setFont(uiFont(12, worst_ || much));
    p.setPen(much ? colours().attention : spot_.slip ? colours().ink : colours().quiet);
    p.drawText(QRect(0, 0, width(), spotCaptionHeight()), Qt::AlignRight | Qt::AlignVCenter,
               worst_ ? tr("worst %1").arg(words_) : words_);
    const QRect area(0, spotCaptionHeight() + 2, width(), height() - spotCaptionHeight() - 4);
    const double seamY = area.center().y() + 0.5;
    if (spot_.moment && spot_.camera && spot_.clean && take_ && recording_) {
        TimeAxis axis;
        axis.setWidth(width());
        axis.fit({*spot_.moment - Seconds{kHalfShown}, *spot_.moment + Seconds{kHalfShown}});
        const auto side = [&](const SoundScan& scan, const SampleStretch& samples, ClockLine line,
                              double direction, const QColor& body, const QColor& outline) {
            SeamSide s;
            s.peaks = scan.peaks.get();
            s.rate = scan.rate;
            s.length = scan.samples;
            s.samples = samples.samples;
            s.samplesFrom = samples.first;
            s.line = line;
            s.direction = direction;
            s.gain = gainOf(samples);
            s.ground = colours().paper;
            s.body = body;
            s.outline = outline;
            paintSeamSide(p, s, seamColumns(s, axis, area.width()), axis, area, seamY,
                          area.height() / 2.0);
        };
        side(*take_, *spot_.camera, {-take_->info.soundStartInTake(), {0}}, -1, colours().camera,
             colours().cameraPale);
        side(*recording_, *spot_.clean, line_, 1, colours().clean, colours().cleanPale);
    }
    p.setPen(QPen(colours().ink, 1));
    p.drawLine(QPointF(0, seamY), QPointF(width(), seamY));
    p.setPen(QPen(colours().hairline, 1));
    const double middle = std::floor(width() / 2.0) + 0.5;
    p.drawLine(QPointF(middle, area.top()), QPointF(middle, area.bottom()));
    if (hasFocus()) {
        p.setPen(QPen(colours().action, 2));
        p.setBrush(Qt::NoBrush);
        p.drawRect(rect().adjusted(1, 1, -1, -1));
    }
}

SpotChecks::SpotChecks(Session& session, Proof& proof, QWidget* parent)
    : QWidget(parent), session_(session), proof_(proof) {
    fixHeight(this, 92);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 6, 16, 4);
    row->setSpacing(12);
    const std::array names = {tr("start"), QStringLiteral("¼"), tr("middle"), QStringLiteral("¾"),
                              tr("end")};
    for (std::size_t i = 0; i < lenses_.size(); ++i) {
        lenses_[i] = new SpotLens(names[i], this);
        row->addWidget(lenses_[i]);
        connect(lenses_[i], &QAbstractButton::clicked, this, [this, i] {
            if (const auto& m = proof_.state().spots[i].moment) emit wentTo(m->value);
        });
    }
    connect(&proof, &Proof::changed, this, &SpotChecks::refresh);
    refresh();
}

void SpotChecks::showTake(int take) {
    take_ = take;
    refresh();
}

void SpotChecks::preview(Seconds later) {
    if (later == later_) return;
    later_ = later;
    refresh();
}

void SpotChecks::refresh() {
    const auto pair = session_.view(take_).pair;
    const auto worst = proof_.worstSpot();
    for (std::size_t i = 0; i < lenses_.size(); ++i) {
        SpotCheck spot = proof_.state().spots[i];
        if (!pair) {
            lenses_[i]->show({}, nullptr, nullptr, {}, false);
            continue;
        }
        const PlacedPair there = pair->at(spot.moment.value_or(Seconds{0}));
        ClockLine line = there.tether.line;
        line.offset = line.offset - later_;
        // Positive where the clean sound comes too early: later takes from it.
        if (spot.slip) spot.slip = *spot.slip - later_;
        lenses_[i]->show(spot, there.take.get(), there.recording.get(), line,
                         worst == i && later_ == Seconds{0});
    }
}

}  // namespace brisk::app
