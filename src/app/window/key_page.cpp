// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/key_page.h"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/style/app_style.h"
#include "app/window/key_table.h"

namespace brisk::app {
namespace {

constexpr int kKeys = 150;  // pixels of the keys, before the words

/// A group's title and rows, one below the other.
QWidget* groupOf(const KeyGroup& group, QWidget* parent) {
    auto* box = new QWidget(parent);
    auto* grid = new QGridLayout(box);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(8);
    grid->setVerticalSpacing(2);
    grid->setColumnMinimumWidth(0, kKeys);
    grid->setColumnStretch(1, 1);
    auto* title = new QLabel(group.title, box);
    title->setFont(uiFont(13, true));
    grid->addWidget(title, 0, 0, 1, 2);
    int line = 1;
    for (const KeyRow& r : group.rows) {
        auto* keys = new QLabel(keysText(r), box);
        keys->setFont(uiFont(12, true));
        auto* does = new QLabel(
            r.where.isEmpty() ? r.does : QObject::tr("%1 (%2)").arg(r.does, r.where), box);
        does->setFont(uiFont(12));
        does->setProperty("quiet", true);
        does->setWordWrap(true);
        grid->addWidget(keys, line, 0, Qt::AlignTop);
        grid->addWidget(does, line++, 1, Qt::AlignTop);
    }
    return box;
}

}  // namespace

KeyPage::KeyPage(QWidget* parent) : QWidget(parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 12, 16, 12);
    column->setSpacing(12);
    auto* head = new QHBoxLayout;
    auto* title = new QLabel(tr("Keys"), this);
    title->setFont(uiFont(16, true));
    head->addWidget(title);
    head->addStretch(1);
    auto* back = new QPushButton(tr("Back"), this);
    back->setToolTip(tr("Back to where you were (F1)"));
    connect(back, &QPushButton::clicked, this, &KeyPage::closed);
    head->addWidget(back);
    column->addLayout(head);

    auto* columns = new QHBoxLayout;
    columns->setSpacing(24);
    column->addLayout(columns, 1);
    QVBoxLayout* halves[] = {new QVBoxLayout, new QVBoxLayout};
    for (QVBoxLayout* half : halves) {
        half->setSpacing(14);
        columns->addLayout(half, 1);
    }
    const auto groups = keyTable();
    for (std::size_t i = 0; i < groups.size(); ++i) {
        halves[i % 2]->addWidget(groupOf(groups[i], this));
    }
    for (QVBoxLayout* half : halves) half->addStretch(1);
}

}  // namespace brisk::app
