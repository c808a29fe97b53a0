// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/card/microphone_row.h"

#include <QFileInfo>
#include <QHBoxLayout>
#include <QMenu>
#include <QPushButton>

#include "app/style/elided_label.h"
#include "app/style/sizes.h"

namespace brisk::app {
namespace {

QString nameOf(const ShootState& s, int id) {
    const MediaItem* m = s.item(id);
    return m ? QFileInfo(QString::fromStdString(m->path)).completeBaseName() : QString();
}

}  // namespace

MicrophoneRow::MicrophoneRow(Session& session, QWidget* parent)
    : QWidget(parent), session_(session) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(6);
    auto* name = new QLabel(tr("microphone"), this);
    name->setProperty("quiet", true);
    fixWidth(name, 98);
    row->addWidget(name);
    heard_ = new QPushButton(this);
    heard_->setProperty("arrow", true);
    heard_->setAccessibleName(tr("Microphone that is heard"));
    heard_->setToolTip(
        tr("Several microphones ran during this take. Choose which one is heard; the "
           "others are kept beside it."));
    row->addWidget(heard_);
    aside_ = new ElidedLabel(this);
    aside_->setProperty("quiet", true);
    aside_->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    row->addWidget(aside_, 1);
    connect(heard_, &QPushButton::clicked, this, &MicrophoneRow::choose);
    connect(&session, &Session::changed, this, &MicrophoneRow::refresh);
    refresh();
}

void MicrophoneRow::showTake(int take) {
    take_ = take;
    refresh();
}

void MicrophoneRow::refresh() {
    QStringList beside;
    const ShootState& s = session_.state();
    for (const Tether* t : s.tethersOf(take_)) {
        if (t->beside) beside << nameOf(s, t->recording);
    }
    setVisible(!beside.isEmpty());
    if (beside.isEmpty()) return;
    heard_->setText(tr("%1 is heard").arg(nameOf(s, s.tetherOf(take_)->recording)));
    aside_->setText(tr("kept beside it: %1").arg(beside.join(tr(", "))));
}

void MicrophoneRow::choose() {
    auto* menu = new QMenu(this);
    menu->setAttribute(Qt::WA_DeleteOnClose);
    for (const Tether* t : session_.state().tethersOf(take_)) {
        if (!t->beside) continue;
        const int recording = t->recording;
        menu->addAction(tr("Hear %1 instead").arg(nameOf(session_.state(), recording)), this,
                        [this, recording] { session_.hear(take_, recording); });
    }
    menu->popup(heard_->mapToGlobal(QPoint(0, heard_->height())));
}

}  // namespace brisk::app
