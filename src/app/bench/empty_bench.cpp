// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/empty_bench.h"

#include <QDateTime>
#include <QDir>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QLabel>
#include <QLocale>
#include <QPainter>
#include <QPainterPath>
#include <QPushButton>
#include <QVBoxLayout>
#include <cmath>

#include "app/spine/verb_button.h"
#include "app/style/colours.h"
#include "app/style/sizes.h"

namespace brisk::app {
namespace {
constexpr int kMaxOffers = 3;
constexpr int kMaxRecent = 4;
}  // namespace

EmptyBench::EmptyBench(Verbs& verbs, QWidget* parent) : QWidget(parent) {
    auto* column = new QVBoxLayout(this);
    column->addStretch(5);
    auto* title = new QLabel(tr("Drop the files of both cards here"), this);
    useFont(title, 22, true);
    title->setAlignment(Qt::AlignCenter);
    column->addWidget(title);
    words_ = new QLabel(this);
    words_->setProperty("quiet", true);
    useFont(words_, 14);
    column->addWidget(words_, 0, Qt::AlignHCenter);
    column->addSpacing(16);
    auto* add = new VerbButton(verbs, Verb::AddFiles, this);
    add->setProperty("primary", true);
    useFont(add, 13, true);
    auto* first = new QHBoxLayout;
    first->setSpacing(8);
    first->addStretch(1);
    first->addWidget(add);
    demo_ = new VerbButton(verbs, Verb::DemoShoot, this);
    first->addWidget(demo_);
    first->addWidget(new VerbButton(verbs, Verb::Guide, this));
    first->addStretch(1);
    column->addLayout(first);
    offers_ = new QVBoxLayout;
    column->addSpacing(16);
    column->addLayout(offers_);
    recent_ = new QVBoxLayout;
    column->addLayout(recent_);
    column->addStretch(2);
    setHaveRecordings(false);
}

void EmptyBench::setHaveRecordings(bool have) {
    demo_->setVisible(!have);
    words_->setText(have ? tr("The recorder's sound is here. Now add the camera's files.")
                         : tr("1  Add the camera's takes and the recorder's sound, in any order.\n"
                              "2  Find matches: every take goes to its place. Look and listen.\n"
                              "3  Tether what fits, and export it with the clean sound.\n\n"
                              "Nothing is changed on the cards."));
}

void EmptyBench::offerLeftBehind(const QStringList& journals) {
    for (const QString& journal : journals.mid(0, kMaxOffers)) {
        const QDateTime when = QFileInfo(journal).lastModified();
        auto* b = new QPushButton(tr("Go on with the unsaved shoot of %1")
                                      .arg(QLocale().toString(when, QLocale::ShortFormat)),
                                  this);
        connect(b, &QPushButton::clicked, this, [this, journal] { emit recover(journal); });
        offers_->addWidget(b, 0, Qt::AlignCenter);
    }
}

void EmptyBench::setRecent(const QStringList& shoots) {
    while (QLayoutItem* old = recent_->takeAt(0)) {
        delete old->widget();
        delete old;
    }
    for (const QString& path : shoots.mid(0, kMaxRecent)) {
        const QFileInfo file(path);
        auto* b = new QPushButton(
            tr("Open %1, in %2").arg(file.completeBaseName(), file.absoluteDir().dirName()), this);
        b->setToolTip(path);
        connect(b, &QPushButton::clicked, this, [this, path] { emit recentChosen(path); });
        recent_->addWidget(b, 0, Qt::AlignCenter);
    }
}

void EmptyBench::paintEvent(QPaintEvent*) {
    // Two sounds face to face, not yet in place.
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(Qt::NoPen);
    const double y = height() * 0.33;
    const double half = std::min(360.0, width() * 0.35);
    const auto side = [&](double direction, double shift, const QColor& colour) {
        QPainterPath path;
        path.moveTo(width() / 2.0 - half, y);
        for (double x = -half; x <= half; x += 2) {
            const double u = (x - shift) / half * 9;
            const double v = std::pow(std::sin(u), 2) * (0.55 + 0.45 * std::sin(u * 2.7)) *
                             std::exp(-std::pow(x / half, 2) * 2);
            path.lineTo(width() / 2.0 + x, y + direction * 64 * v);
        }
        path.lineTo(width() / 2.0 + half, y);
        p.setBrush(colour);
        p.drawPath(path);
    };
    side(-1, 0, colours().camera);
    side(1, 26, colours().clean);
    p.setPen(colours().ink);
    p.drawLine(QPointF(width() / 2.0 - half, y), QPointF(width() / 2.0 + half, y));
}

}  // namespace brisk::app
