// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/card/distance_row.h"

#include <QHBoxLayout>
#include <QLineEdit>
#include <QPushButton>
#include <cmath>

#include "app/spine/verb_button.h"
#include "app/spine/words.h"
#include "app/style/elided_label.h"
#include "app/style/sizes.h"
#include "core/time_text.h"
#include "day/permissions.h"
#include "shoot/commands.h"
#include "text/sentence.h"

namespace brisk::app {
namespace {
constexpr double kClapReach = 0.4;  // seconds around a frame
}

DistanceRow::DistanceRow(Session& session, Verbs& verbs, QWidget* parent)
    : QWidget(parent), session_(session) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(6);
    auto* name = new QLabel(tr("distance"), this);
    name->setProperty("quiet", true);
    fixWidth(name, 98);
    row->addWidget(name);
    metres_ = new QLineEdit(this);
    fixWidth(metres_, 64);
    metres_->setToolTip(
        tr("Sound needs 2.9 ms a metre, so a far camera hears late. With the distance the clean "
           "sound fits the picture, not the camera's microphone."));
    row->addWidget(metres_);
    verbs.teach(
        Verb::HandsMeet, [this] { fromPicture(); },
        [this] { return whyNotMove(session_.view(take_)); });
    auto* hands = new VerbButton(verbs, Verb::HandsMeet, this);
    hands->setProperty("arrow", true);
    row->addWidget(hands);
    aside_ = new ElidedLabel(this);
    aside_->setProperty("quiet", true);
    aside_->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    row->addWidget(aside_, 1);
    connect(metres_, &QLineEdit::returnPressed, this, &DistanceRow::typed);
    connect(&session, &Session::changed, this, &DistanceRow::refresh);
    refresh();
}

void DistanceRow::showTake(int take) {
    take_ = take;
    refresh();
}

void DistanceRow::refresh() {
    const Tether* t = session_.state().tetherOf(take_);
    const bool placed = t && t->state() != TetherState::Loose;
    setVisible(placed);
    if (!placed) return;
    metres_->setEnabled(!t->locked);
    metres_->setPlaceholderText(lengthsInFeet() ? tr("feet") : tr("metres"));
    metres_->setAccessibleName(lengthsInFeet()
                                   ? tr("Distance from the subject to the camera, in feet")
                                   : tr("Distance from the subject to the camera, in metres"));
    const double metres = t->soundDelay.value * kMetresPerSecond;
    metres_->setText(metres > 0 ? lengthWords(metres) : QString());
    aside_->setText(
        metres > 0
            ? tr("clean sound %1 earlier, as the picture has it").arg(slipWords(t->soundDelay))
            : tr("not set: fits the camera's microphone"));
}

void DistanceRow::take(const SoundDistance& d) {
    if (d.believable) session_.apply(commands::setSoundDelay(session_.state(), take_, d.delay));
    refresh();
    aside_->setText(inWords(d.said));
}

void DistanceRow::typed() {
    QString text = typedNumber(metres_->text().trimmed()).toLower();
    double unit = lengthsInFeet() ? kMetresPerFoot : 1;
    const std::pair<const char*, double> units[] = {
        {"ft", kMetresPerFoot}, {"'", kMetresPerFoot}, {"m", 1}};
    for (const auto& [ending, metres] : units) {
        if (!text.endsWith(QLatin1String(ending))) continue;
        text.chop(static_cast<int>(qstrlen(ending)));
        unit = metres;
        break;
    }
    bool number = false;
    const double metres = text.trimmed().toDouble(&number) * unit;
    if (text.isEmpty()) {
        session_.apply(commands::setSoundDelay(session_.state(), take_, {0}));
    } else if (number) {
        take(distanceFromMetres(metres));
    } else {
        aside_->setText(lengthsInFeet() ? tr("Type feet, such as 14")
                                        : tr("Type metres, such as %1").arg(numberWords(4.2, 1)));
    }
}

void DistanceRow::fromPicture() {
    const Seconds middle = (frame_.start + frame_.end) / 2;
    if (const auto clap = session_.clapNear(take_, middle, Seconds{kClapReach})) {
        take(distanceFromClap(frame_.start, frame_.end, *clap));
    } else {
        aside_->setText(tr("No clap or mark is near this picture: put a mark on it first."));
    }
}

}  // namespace brisk::app
