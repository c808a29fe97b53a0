// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/stage_page.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/style/sizes.h"

namespace brisk::app {

StagePage::StagePage(const QString& title, Keys keys, QWidget* parent)
    : QWidget(parent), column_(new QVBoxLayout(this)), head_(new QHBoxLayout) {
    column_->setContentsMargins(16, 12, 16, 12);
    column_->setSpacing(8);
    column_->addLayout(head_);
    auto* name = new QLabel(title, this);
    useFont(name, 16, true);
    head_->addWidget(name);
    head_->addSpacing(16);
    head_->addStretch(1);
    const auto button = [&](const QString& text, auto wanted) {
        auto* b = new QPushButton(text, this);
        connect(b, &QPushButton::clicked, this, wanted);
        head_->addWidget(b);
        return b;
    };
    if (keys == Keys::Linked) button(tr("Keys…"), &StagePage::keysWanted);
    button(tr("Back"), &StagePage::closed)->setToolTip(tr("Back to where you were (Esc)"));
}

void StagePage::addToHead(QWidget* widget) {
    head_->insertWidget(2, widget, 1);
}

}  // namespace brisk::app
