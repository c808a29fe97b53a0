// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/list/file_notes.h"

#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>
#include <algorithm>

namespace brisk::app {
namespace {
constexpr int kMaxHigh = 184;
constexpr int kAround = 64;  // the button and the margins
}  // namespace

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
    auto* dismiss = new QPushButton(tr("Dismiss"), this);
    connect(dismiss, &QPushButton::clicked, &session_, &Session::dismissNotes);
    column->addWidget(dismiss, 0, Qt::AlignLeft);
    connect(&session_, &Session::notesChanged, this, &FileNotes::refresh);
    refresh();
}

void FileNotes::refresh() {
    QStringList shown = session_.notes();
    // Paths have no spaces to break at; a narrow column needs some.
    for (QString& s : shown) s.replace(QLatin1Char('/'), QStringLiteral("/\u200b"));
    words_->setText(shown.join(QStringLiteral("\n\n")));
    fit();
    setVisible(!shown.isEmpty());
}

void FileNotes::resizeEvent(QResizeEvent*) {
    fit();
}

void FileNotes::fit() {
    // As high as what is said, up to a third of a small window.
    const int wanted = words_->heightForWidth(std::max(60, width() - 40));
    setFixedHeight(std::clamp(wanted + kAround, 0, kMaxHigh));
}

}  // namespace brisk::app
