// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/widgets/file_notes.h"

#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

namespace brisk::app {

FileNotes::FileNotes(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 8, 8, 8);
    words_ = new QLabel;
    words_->setWordWrap(true);
    words_->setAlignment(Qt::AlignTop);
    words_->setProperty("attention", true);
    words_->setObjectName(QStringLiteral("fileNotes"));
    words_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    auto* scroll = new QScrollArea(this);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidgetResizable(true);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setWidget(words_);
    column->addWidget(scroll);
    auto* dismiss = new QPushButton(tr("Understood"), this);
    connect(dismiss, &QPushButton::clicked, &session_, &Session::dismissNotes);
    column->addWidget(dismiss, 0, Qt::AlignLeft);
    setFixedHeight(184);
    connect(&session_, &Session::notesChanged, this, &FileNotes::refresh);
    refresh();
}

void FileNotes::refresh() {
    QStringList shown = session_.notes();
    // Paths have no spaces to break at; a narrow column needs some.
    for (QString& s : shown) s.replace(QLatin1Char('/'), QStringLiteral("/\u200b"));
    words_->setText(shown.join(QStringLiteral("\n\n")));
    setVisible(!shown.isEmpty());
}

}  // namespace brisk::app
