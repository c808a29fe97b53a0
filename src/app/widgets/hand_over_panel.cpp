// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/widgets/hand_over_panel.h"

#include <QButtonGroup>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/style/app_style.h"
#include "app/widgets/elided_label.h"

namespace brisk::app {

HandOverPanel::HandOverPanel(Session& session, QWidget* parent)
    : QWidget(parent), session_(session) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 8, 16, 8);
    column->setSpacing(8);
    title_ = new ElidedLabel(this);
    title_->setFont(uiFont(16, true));
    column->addWidget(title_);

    auto* choiceRow = new QHBoxLayout;
    containers_ = new QButtonGroup(this);
    const auto choice = [&](const QString& text, VideoContainer c) {
        auto* b = new QPushButton(text, this);
        b->setCheckable(true);
        b->setProperty("choice", true);
        containers_->addButton(b, static_cast<int>(c));
        choiceRow->addWidget(b);
        return b;
    };
    choice(tr("MOV, sound as recorded (24-bit)"), VideoContainer::Mov)->setChecked(true);
    choice(tr("as the take, smaller sound (AAC)"), VideoContainer::SameAsTake);
    choiceRow->addStretch(1);
    column->addLayout(choiceRow);
    connect(containers_, &QButtonGroup::idClicked, this, [this] { refresh(); });

    const auto words = [&](bool quiet) {
        auto* l = new QLabel(this);
        l->setWordWrap(true);
        l->setProperty("quiet", quiet);
        l->setTextInteractionFlags(Qt::TextSelectableByMouse);
        column->addWidget(l);
        return l;
    };
    holds_ = words(false);
    holds_->setObjectName(QStringLiteral("exportHolds"));
    auto* folderRow = new QHBoxLayout;
    target_ = new ElidedLabel(this);
    target_->setProperty("quiet", true);
    auto* choose = new QPushButton(tr("Choose the folder…"), this);
    connect(choose, &QPushButton::clicked, this, &HandOverPanel::chooseFolder);
    folderRow->addWidget(target_, 1);
    folderRow->addWidget(choose);
    column->addLayout(folderRow);
    result_ = words(false);
    result_->setObjectName(QStringLiteral("exportResult"));
    problem_ = words(false);
    problem_->setObjectName(QStringLiteral("exportProblem"));
    problem_->setProperty("attention", true);
    column->addStretch(1);

    auto* actions = new QHBoxLayout;
    write_ = new QPushButton(tr("Write the video"), this);
    write_->setProperty("primary", true);
    write_->setFont(uiFont(13, true));
    auto* back = new QPushButton(tr("Back"), this);
    actions->addWidget(write_);
    actions->addWidget(back);
    actions->addStretch(1);
    column->addLayout(actions);

    connect(write_, &QPushButton::clicked, this, [this] {
        result_->clear();
        problem_->clear();
        session_.handOver(take_, container(), folder_);
    });
    connect(back, &QPushButton::clicked, this, &HandOverPanel::closed);
    connect(&session_, &Session::changed, this, &HandOverPanel::refresh);
    connect(&session_, &Session::handedOver, this, &HandOverPanel::showResult);
    connect(&session_.work(), &WorkQueue::changed, this,
            [this] { write_->setEnabled(!session_.work().busy()); });
}

VideoContainer HandOverPanel::container() const {
    return static_cast<VideoContainer>(containers_->checkedId());
}

void HandOverPanel::showTake(int take) {
    if (take != take_) {
        result_->clear();
        problem_->clear();
    }
    take_ = take;
    if (const MediaItem* m = session_.state().item(take); m && folder_.isEmpty()) {
        folder_ = QFileInfo(QString::fromStdString(m->path)).absolutePath();
    }
    refresh();
}

void HandOverPanel::setFolder(const QString& folder) {
    folder_ = folder;
    refresh();
}

void HandOverPanel::chooseFolder() {
    const QString chosen =
        QFileDialog::getExistingDirectory(this, tr("Write the video to"), folder_);
    if (!chosen.isEmpty()) setFolder(chosen);
}

void HandOverPanel::refresh() {
    const auto plan = session_.exportPlan(take_, container(), folder_);
    write_->setEnabled(plan && !session_.work().busy());
    if (!plan) {
        holds_->setText(tr("This take has no place yet: find matches first."));
        return;
    }
    const QFileInfo take(QString::fromStdString(plan->take.info.path));
    title_->setText(tr("Hand over %1").arg(take.fileName()));
    const auto pieces = plansForPieces(*plan);
    QStringList holds;
    for (const VideoExportPlan& p : pieces) holds << QString::fromStdString(describeExport(p));
    if (holds.size() > 2) {
        holds = {tr("%1 files, one for each piece that is kept.").arg(pieces.size()), holds[0]};
    }
    holds_->setText(holds.join(QLatin1Char('\n')));
    target_->setText(QString::fromStdString(exportTarget(pieces.front()).string()));
}

void HandOverPanel::showResult(const HandedOver& r) {
    problem_->setText(r.problem);
    if (!r.path.isEmpty()) {
        result_->setText(tr("Written: %1\n%2").arg(r.path, r.checked));
    }
    refresh();
}

}  // namespace brisk::app
