// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/header_bar.h"

#include <QHBoxLayout>
#include <QPainter>
#include <QProgressBar>
#include <QPushButton>

#include "app/spine/words.h"
#include "app/style/app_style.h"
#include "app/style/colours.h"
#include "app/style/elided_label.h"
#include "app/style/state_mark.h"

namespace brisk::app {

HeaderBar::HeaderBar(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setFixedHeight(48);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(40, 1, 16, 1);  // clear of the hairline below
    row->setSpacing(4);
    name_ = new ElidedLabel(this);
    name_->setFont(uiFont(15, true));
    name_->setMaximumWidth(220);
    name_->setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Fixed);
    row->addWidget(name_);
    savedWords_ = new QLabel(this);
    savedWords_->setProperty("quiet", true);
    row->addWidget(savedWords_);
    row->addSpacing(12);

    const auto button = [&](const QString& text, const QString& tip, const QKeySequence& keys) {
        auto* b = new QPushButton(text, this);
        b->setToolTip(keys.isEmpty() ? tip : tip + QStringLiteral(" (") + keys.toString() + ')');
        b->setShortcut(keys);
        row->addWidget(b);
        return b;
    };
    connect(button(tr("Add files"), tr("Add takes and recordings"), Qt::CTRL | Qt::Key_I),
            &QPushButton::clicked, this, &HeaderBar::addFiles);
    find_ = button(tr("Find matches"), tr("Place every loose take on the recordings"),
                   Qt::CTRL | Qt::Key_M);
    connect(find_, &QPushButton::clicked, &session_, &Session::findMatches);
    undo_ = button(tr("Undo"), {}, {});
    undo_->setShortcut(QKeySequence::Undo);
    connect(undo_, &QPushButton::clicked, &session_, &Session::undo);
    redo_ = button(tr("Redo"), {}, {});
    redo_->setShortcut(QKeySequence::Redo);
    connect(redo_, &QPushButton::clicked, &session_, &Session::redo);
    history_ = button(tr("History"), tr("What was done, to go back to; moments with a name"), {});
    connect(history_, &QPushButton::clicked, this, &HeaderBar::history);
    connect(button(tr("Open"), tr("Open a saved shoot"), QKeySequence::Open), &QPushButton::clicked,
            this, &HeaderBar::open);
    save_ = button(tr("Save"), tr("Save the shoot"), QKeySequence::Save);
    connect(save_, &QPushButton::clicked, this, &HeaderBar::save);
    connect(button(tr("Keys"), tr("Every key of this window, on one page"), Qt::Key_F1),
            &QPushButton::clicked, this, &HeaderBar::keys);
    row->addStretch(1);

    workArea_ = new QWidget(this);
    auto* work = new QHBoxLayout(workArea_);
    work->setContentsMargins(0, 0, 0, 0);
    workWords_ = new ElidedLabel(workArea_);
    workWords_->setProperty("quiet", true);
    workWords_->setMinimumWidth(120);
    workWords_->setMaximumWidth(280);
    workWords_->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    workWords_->setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Fixed);
    workBar_ = new QProgressBar(workArea_);
    workBar_->setRange(0, 1000);
    workBar_->setTextVisible(false);
    workBar_->setFixedWidth(88);
    workBar_->setAccessibleName(tr("Progress"));
    auto* stop = new QPushButton(tr("Stop"), workArea_);
    stop->setToolTip(tr("Stop what is running (Esc)"));
    stop->setShortcut(Qt::Key_Escape);
    stop->setObjectName(QStringLiteral("stopWork"));
    connect(stop, &QPushButton::clicked, this, [this] { session_.work().stopAll(); });
    work->addWidget(workWords_);
    work->addWidget(workBar_);
    work->addWidget(stop);
    row->addWidget(workArea_);
    handOver_ = button(tr("Hand over…"), tr("Write videos, sound, timelines and reports"),
                       Qt::CTRL | Qt::Key_E);
    handOver_->setProperty("primary", true);
    handOver_->setFont(uiFont(13, true));
    connect(handOver_, &QPushButton::clicked, this, &HeaderBar::handOver);

    connect(&session_, &Session::changed, this, &HeaderBar::refresh);
    connect(&session_, &Session::factsChanged, this, &HeaderBar::refresh);
    connect(&session_.work(), &WorkQueue::changed, this, &HeaderBar::refreshWork);
    refresh();
    refreshWork();
}

void HeaderBar::setHandOverEnabled(bool enabled) {
    handOver_->setEnabled(enabled);
}

int HeaderBar::historyX() const {
    return history_->x();
}

void HeaderBar::refresh() {
    const Shoot& shoot = session_.shoot();
    name_->setText(session_.projectName());
    savedWords_->setText(shoot.changedSinceSaved()          ? tr("not saved")
                         : session_.projectPath().isEmpty() ? QString()
                                                            : tr("saved"));
    const auto words = [](QPushButton* b, bool can, const Fact& label, const QString& verb,
                          QKeySequence::StandardKey key) {
        b->setEnabled(can);
        b->setToolTip(verb + (can ? QStringLiteral(": ") + inWords(label) : "") +
                      QStringLiteral(" (") + QKeySequence(key).toString() + ')');
    };
    words(undo_, shoot.canUndo(), shoot.undoLabel(), tr("Undo"), QKeySequence::Undo);
    words(redo_, shoot.canRedo(), shoot.redoLabel(), tr("Redo"), QKeySequence::Redo);
    save_->setEnabled(!session_.state().media.empty());
    find_->setEnabled(session_.canFindMatches());
}

void HeaderBar::refreshWork() {
    workArea_->setVisible(session_.work().busy());
    workWords_->setText(session_.work().summary());
    workBar_->setValue(static_cast<int>(session_.work().progress() * 1000));
    find_->setEnabled(session_.canFindMatches());
}

void HeaderBar::paintEvent(QPaintEvent*) {
    QPainter p(this);
    drawStateMark(p, QRectF(14, 15, 18, 18), TetherState::Tethered);
    p.setPen(colours().hairline);
    p.drawLine(0, height() - 1, width(), height() - 1);
}

}  // namespace brisk::app
