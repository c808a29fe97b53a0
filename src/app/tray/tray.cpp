// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tray/tray.h"

#include <QActionGroup>
#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QScrollArea>
#include <QStackedWidget>

#include "app/spine/verb_button.h"
#include "app/style/choice_group.h"
#include "app/style/colours.h"
#include "app/style/sizes.h"

namespace brisk::app {
namespace {
constexpr Verb kSteps[] = {Verb::StepPlace, Verb::StepCheck, Verb::StepSound, Verb::StepTrim};
}

Step stepFor(const TakeView& v) {
    switch (v.state) {
        case TetherState::Loose:
            return Step::Place;
        case TetherState::Tethered:
            return Step::Sound;
        case TetherState::NeedsAnEar:
            return v.tether && v.tether->placedByHand ? Step::Place : Step::Check;
        case TetherState::Offered:
        case TetherState::Slipped:
            break;
    }
    return Step::Check;
}

Tray::Tray(Verbs& verbs, QWidget* parent) : QWidget(parent), verbs_(verbs) {
    setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Fixed);
    setAccessibleName(tr("Tray: four steps"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 8, 16, 4);
    column->setSpacing(4);
    auto* head = new QHBoxLayout;
    head->setSpacing(16);
    auto* steps = new ChoiceGroup(this);
    auto* one = new QActionGroup(this);
    for (std::size_t i = 0; i < std::size(kSteps); ++i) {
        one->addAction(verbs.action(kSteps[i]));
        verbs.teachToggle(kSteps[i], [this, i](bool on) {
            if (on) open(static_cast<Step>(i));
        });
        steps->add(new VerbButton(verbs, kSteps[i], steps));
    }
    head->addWidget(steps);
    sentence_ = new QLabel(this);
    sentence_->setObjectName(QStringLiteral("traySentence"));
    useFont(sentence_, 13, true);
    sentence_->setWordWrap(true);
    head->addWidget(sentence_, 3);
    aside_ = new QLabel(this);
    aside_->setProperty("quiet", true);
    aside_->setWordWrap(true);
    aside_->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    head->addWidget(aside_, 2);
    column->addLayout(head);
    pages_ = new QStackedWidget(this);
    column->addWidget(pages_, 1);
}

void Tray::addPage(QWidget* page) {
    // What does not fit can be reached all the same.
    auto* area = new QScrollArea(pages_);
    area->setFrameShape(QFrame::NoFrame);
    area->setWidgetResizable(true);
    area->setFocusPolicy(Qt::NoFocus);
    area->setWidget(page);
    pages_->addWidget(area);
}

void Tray::open(Step step) {
    const auto i = static_cast<int>(step);
    pages_->setCurrentIndex(i);
    verbs_.action(kSteps[i])->setChecked(true);
    showWords();
    emit opened(step);
}

Step Tray::step() const {
    return static_cast<Step>(pages_->currentIndex());
}

void Tray::setWords(Step step, const QString& sentence, const QString& aside) {
    auto& w = words_[static_cast<std::size_t>(step)];
    if (w == std::pair{sentence, aside}) return;
    w = {sentence, aside};
    if (step == this->step()) showWords();
}

void Tray::showWords() {
    const auto& [sentence, aside] = words_[static_cast<std::size_t>(step())];
    sentence_->setText(sentence);
    aside_->setText(aside);
    aside_->setVisible(!aside.isEmpty());
    pages_->currentWidget()->setAccessibleDescription(sentence);
}

void Tray::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setPen(colours().hairline);
    p.drawLine(0, 0, width() - 16, 0);
}

}  // namespace brisk::app
