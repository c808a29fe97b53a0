// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/list/clean_video_ask.h"

#include <QLabel>
#include <QMenu>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>

#include "app/style/sizes.h"
#include "features/sound_quality.h"
#include "shoot/commands.h"

namespace brisk::app {
namespace {

/// How much a sound is like one from close by: little echo, little noise under it.
double closeness(const SoundScan& scan) {
    const SoundQuality q = qualityOf(scan);
    return q.clarityDb + (q.levelLufs - q.noiseDb);
}

}  // namespace

CleanVideoAsk::CleanVideoAsk(Session& session, QWidget* parent)
    : QWidget(parent), session_(session) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 4, 8, 8);
    column->setSpacing(6);
    words_ = new QLabel(this);
    words_->setWordWrap(true);
    useFont(words_, 12);
    column->addWidget(words_);
    guess_ = new QPushButton(this);
    another_ = new QPushButton(tr("another one…"), this);
    for (QPushButton* b : {guess_, another_}) {
        useFont(b, 12);
        column->addWidget(b, 0, Qt::AlignLeft);
    }
    connect(guess_, &QPushButton::clicked, this, [this] {
        if (!asked_.empty()) use(asked_.front());
    });
    connect(another_, &QPushButton::clicked, this, [this] {
        auto* menu = new QMenu(this);
        menu->setAttribute(Qt::WA_DeleteOnClose);
        for (std::size_t i = 1; i < asked_.size(); ++i) {
            const int take = asked_[i];
            menu->addAction(QString::fromStdString(session_.state().item(take)->name()), this,
                            [this, take] { use(take); });
        }
        menu->popup(another_->mapToGlobal(QPoint(0, another_->height())));
    });
    connect(&session, &Session::changed, this, &CleanVideoAsk::refresh);
    connect(&session, &Session::factsChanged, this, &CleanVideoAsk::refresh);
    refresh();
}

std::vector<int> CleanVideoAsk::candidates() {
    const ShootState& s = session_.state();
    if (!s.ids(MediaKind::Recording).empty()) {
        closeness_.clear();
        return {};
    }
    const std::vector<int> takes = s.ids(MediaKind::Take);
    std::vector<std::pair<double, int>> known;
    for (const int id : takes) {
        const MediaFacts* f = session_.facts(id);
        if (!f || (!f->scan && f->problem.isEmpty())) return {};  // not until all are read
        if (!f->scan || f->scan->silent()) continue;
        auto heard = closeness_.find(f->scan);
        if (heard == closeness_.end()) {
            heard = closeness_.emplace(f->scan, closeness(*f->scan)).first;
        }
        known.emplace_back(heard->second, id);
    }
    if (known.size() < 2) return {};
    std::stable_sort(known.begin(), known.end(),
                     [](const auto& a, const auto& b) { return a.first > b.first; });
    std::vector<int> out;
    for (const auto& [close, id] : known) out.push_back(id);
    return out;
}

void CleanVideoAsk::refresh() {
    asked_ = candidates();
    setVisible(!asked_.empty());
    if (asked_.empty()) return;
    words_->setText(
        tr("There is no recording yet. Is the clean sound in one of these videos? Its "
           "sound is then used, and its picture left out."));
    guess_->setText(tr("In %1: it sounds closest")
                        .arg(QString::fromStdString(session_.state().item(asked_[0])->name())));
}

void CleanVideoAsk::use(int take) {
    session_.apply(commands::setRole(session_.state(), take, MediaKind::Recording));
}

}  // namespace brisk::app
