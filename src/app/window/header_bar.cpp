// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/header_bar.h"

#include <QFileInfo>
#include <QHBoxLayout>
#include <QMenu>
#include <QPainter>
#include <QProgressBar>
#include <QPushButton>
#include <QStyle>

#include "app/spine/verb_button.h"
#include "app/spine/words.h"
#include "app/style/app_style.h"
#include "app/style/colours.h"
#include "app/style/elided_label.h"
#include "app/style/sizes.h"
#include "app/style/spoken.h"

namespace brisk::app {
namespace {
constexpr int kReadIn = 20000;  // milliseconds that a message stays
constexpr int kMark = 22;       // pixels of the program's own icon
}  // namespace

HeaderBar::HeaderBar(Session& session, Verbs& verbs, QWidget* parent)
    : QWidget(parent), session_(session) {
    fixHeight(this, 48);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(40, 1, 16, 1);  // clear of the hairline below
    row->setSpacing(4);
    name_ = new QPushButton(this);
    useFont(name_, 15, true);
    mostWidth(name_, 240);
    name_->setObjectName(QStringLiteral("shootName"));
    menu_ = new QMenu(name_);
    const auto entries = [&](std::initializer_list<Verb> all) {
        for (const Verb v : all) menu_->addAction(verbs.action(v));
    };
    entries({Verb::NewShoot, Verb::Open});
    recent_ = menu_->addMenu(tr("Open recent"));
    entries({Verb::Save, Verb::SaveAs, Verb::History});
    menu_->addSeparator();
    entries({Verb::Preferences, Verb::Keys, Verb::Guide});
    menu_->addSeparator();
    entries({Verb::About, Verb::Quit});
    name_->setMenu(menu_);
    row->addWidget(name_);
    savedWords_ = new QLabel(this);
    savedWords_->setProperty("quiet", true);
    row->addWidget(savedWords_);
    row->addSpacing(12);

    const auto button = [&](Verb verb) {
        auto* b = new VerbButton(verbs, verb, this);
        row->addWidget(b);
        return b;
    };
    for (const Verb v : {Verb::AddFiles, Verb::FindMatches, Verb::Undo, Verb::Redo}) button(v);
    row->addSpacing(8);
    message_ = new QLabel(this);
    message_->setObjectName(QStringLiteral("message"));
    message_->setAccessibleName(tr("What just happened"));
    useFont(message_, 12);
    message_->setWordWrap(true);
    row->addWidget(message_, 1);

    workArea_ = new QWidget(this);
    auto* work = new QHBoxLayout(workArea_);
    work->setContentsMargins(0, 0, 0, 0);
    workWords_ = new ElidedLabel(workArea_);
    workWords_->setProperty("quiet", true);
    leastWidth(workWords_, 120);
    mostWidth(workWords_, 280);
    workWords_->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    workWords_->setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Fixed);
    workBar_ = new QProgressBar(workArea_);
    workBar_->setRange(0, 1000);
    workBar_->setTextVisible(false);
    fixWidth(workBar_, 88);
    workBar_->setAccessibleName(tr("Progress"));
    auto* stop = new VerbButton(verbs, Verb::StopWork, workArea_);
    stop->setObjectName(QStringLiteral("stopWork"));
    work->addWidget(workWords_);
    work->addWidget(workBar_);
    work->addWidget(stop);
    row->addWidget(workArea_);
    auto* handOver = button(Verb::HandOver);
    handOver->setProperty("primary", true);
    useFont(handOver, 13, true);

    fade_.setSingleShot(true);
    connect(&fade_, &QTimer::timeout, message_, &QLabel::clear);
    connect(&session_, &Session::said, this, &HeaderBar::tell);
    connect(&session_, &Session::changed, this, &HeaderBar::refresh);
    connect(&session_, &Session::factsChanged, this, &HeaderBar::refresh);
    connect(&session_.work(), &WorkQueue::changed, this, &HeaderBar::refreshWork);
    refresh();
    refreshWork();
}

void HeaderBar::tell(const QString& sentence) {
    message_->setText(sentence);
    fade_.start(kReadIn);
    announce(message_, sentence);  // wherever the focus is
}

void HeaderBar::setRecent(const QStringList& shoots) {
    recent_->clear();
    for (const QString& path : shoots) {
        QAction* a = recent_->addAction(QFileInfo(path).completeBaseName());
        a->setToolTip(path);
        connect(a, &QAction::triggered, this, [this, path] { emit recentChosen(path); });
    }
    recent_->setToolTipsVisible(true);
    recent_->menuAction()->setVisible(!shoots.isEmpty());
}

void HeaderBar::refresh() {
    const Shoot& shoot = session_.shoot();
    const QString name = session_.document().name();
    name_->setText(name_->fontMetrics().elidedText(name, Qt::ElideMiddle, 180));
    name_->setToolTip(name);
    name_->setAccessibleName(tr("Shoot: %1").arg(name));
    savedWords_->setText(shoot.changedSinceSaved()              ? tr("not saved")
                         : session_.document().path().isEmpty() ? QString()
                                                                : tr("saved"));
}

void HeaderBar::refreshWork() {
    workArea_->setVisible(session_.work().busy());
    workWords_->setText(session_.work().summary());
    workBar_->setValue(static_cast<int>(session_.work().progress() * 1000));
}

void HeaderBar::paintEvent(QPaintEvent*) {
    QPainter p(this);
    const QRect mark(12, (height() - kMark) / 2, kMark, kMark);
    programIcon().paint(&p, QStyle::visualRect(layoutDirection(), rect(), mark));
    p.setPen(colours().hairline);
    p.drawLine(0, height() - 1, width(), height() - 1);
}

}  // namespace brisk::app
