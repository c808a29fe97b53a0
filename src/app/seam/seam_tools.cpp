// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/seam/seam_tools.h"

#include <QHBoxLayout>

#include "app/style/app_style.h"

namespace brisk::app {
namespace {

QPushButton* add(QWidget* parent, const QString& text, const QString& what, Qt::Key key) {
    auto* b = new QPushButton(text, parent);
    const QKeySequence sequence(key);
    b->setFont(uiFont(12));
    b->setToolTip(QStringLiteral("%1 (%2)").arg(what, sequence.toString(QKeySequence::NativeText)));
    b->setAccessibleName(what);
    b->setShortcut(sequence);
    parent->layout()->addWidget(b);
    return b;
}

void layRow(QWidget* w) {
    auto* row = new QHBoxLayout(w);
    row->setContentsMargins(8, 0, 0, 0);
    row->setSpacing(0);
}

}  // namespace

SeamZooms::SeamZooms(QWidget* parent) : QWidget(parent) {
    layRow(this);
    const auto zoom = [this](const QString& text, const QString& what, Qt::Key key, auto signal) {
        auto* b = add(this, text, what, key);
        b->setProperty("arrow", true);
        connect(b, &QPushButton::clicked, this, signal);
        return b;
    };
    zoom(tr("Whole take"), tr("Show all of the take"), Qt::Key_Home, &SeamZooms::wholeTake);
    overlap_ = zoom(tr("Overlap"), tr("Show what has clean sound"), Qt::Key_O, &SeamZooms::overlap);
    marks_ = zoom(tr("Marks"), tr("Show all marks"), Qt::Key_M, &SeamZooms::marks);
    claps_ = zoom(tr("Claps"), tr("Show the pair of claps nearest to the playhead"), Qt::Key_C,
                  &SeamZooms::claps);
    zoom(tr("Close up"), tr("Show 0.4 s around the playhead"), Qt::Key_End, &SeamZooms::closeUp);
    zoom(tr("Samples"), tr("Show single samples at the playhead"), Qt::Key_PageDown,
         &SeamZooms::samples);
}

void SeamZooms::setAvailable(bool overlap, bool claps, bool marks) {
    overlap_->setVisible(overlap);
    claps_->setVisible(claps);
    marks_->setVisible(marks);
}

SeamModes::SeamModes(QWidget* parent) : QWidget(parent) {
    layRow(this);
    cut_ = add(this, tr("keep and cut"), tr("Trim the take, cut it, drop pieces, bring them back"),
               Qt::Key_Y);
    connect(cut_, &QPushButton::clicked, this, &SeamModes::cutting);
    const auto mode = [this](const QString& text, const QString& what, Qt::Key key, auto signal) {
        auto* b = add(this, text, what, key);
        b->setCheckable(true);
        b->setProperty("choice", true);
        connect(b, &QPushButton::toggled, this, signal);
        return b;
    };
    equal_ = mode(tr("equal heights"), tr("What is in view fills its room on both sides"),
                  Qt::Key_E, &SeamModes::equalHeights);
    shared_ = mode(tr("shared sound"),
                   tr("Show only what both sounds have in common: what begins when, without echo "
                      "and noise"),
                   Qt::Key_S, &SeamModes::shared);
}

void SeamModes::setSharedPossible(bool possible) {
    setVisible(possible);
}

void SeamModes::setEqualHeights(bool on) {
    const QSignalBlocker quiet(equal_);
    equal_->setChecked(on);
}

}  // namespace brisk::app
