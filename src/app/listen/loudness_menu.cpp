// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/listen/loudness_menu.h"

#include <QAudioDevice>
#include <QHBoxLayout>
#include <QLabel>
#include <QMediaDevices>
#include <QMenu>
#include <QSlider>
#include <QWidgetAction>

#include "app/style/sizes.h"

namespace brisk::app {
namespace {
constexpr int kMenuWide = 150;  // of a slider
}

LoudnessMenu::LoudnessMenu(QWidget* parent) : QPushButton(parent) {
    setProperty("arrow", true);
    setToolTip(tr("How loud, the balance of camera and clean sound, and where it comes from"));
    setAccessibleName(tr("Volume, balance and sound device"));
    menu_ = new QMenu(this);
    volume_ = addSlider(tr("Volume"), tr("silent"), tr("as it is"), 0);
    balance_ = addSlider(tr("Balance of both"), tr("camera"), tr("clean"), -100);
    volume_->setValue(100);
    menu_->addSeparator();
    connect(menu_, &QMenu::aboutToShow, this, &LoudnessMenu::fillDevices);
    for (QSlider* s : {volume_, balance_}) {
        connect(s, &QSlider::valueChanged, this, [this] {
            showWords();
            emit changed();
        });
    }
    setMenu(menu_);
    showWords();
}

QSlider* LoudnessMenu::addSlider(const QString& name, const QString& low, const QString& high,
                                 int least) {
    auto* line = new QWidget(menu_);
    auto* row = new QHBoxLayout(line);
    row->setContentsMargins(12, 4, 12, 4);
    row->setSpacing(8);
    auto* title = new QLabel(name, line);
    leastWidth(title, 110);
    row->addWidget(title);
    row->addWidget(new QLabel(low, line));
    auto* slider = new QSlider(Qt::Horizontal, line);
    slider->setRange(least, 100);
    slider->setPageStep(10);
    slider->setAccessibleName(name);
    leastWidth(slider, kMenuWide);
    row->addWidget(slider, 1);
    row->addWidget(new QLabel(high, line));
    auto* action = new QWidgetAction(menu_);
    action->setDefaultWidget(line);
    menu_->addAction(action);
    return slider;
}

float LoudnessMenu::volume() const {
    // By hand twice as far is heard as twice as loud when the power goes with the square.
    const float v = static_cast<float>(volume_->value()) / 100;
    return v * v;
}

float LoudnessMenu::balance() const {
    return static_cast<float>(balance_->value()) / 100;
}

void LoudnessMenu::fillDevices() {
    for (QAction* a : devices_) delete a;
    devices_.clear();
    const auto add = [&](const QString& name, const QByteArray& id) {
        QAction* a = menu_->addAction(name, this, [this, id] { emit deviceChosen(id); });
        a->setCheckable(true);
        a->setChecked(id == device_);
        devices_ << a;
    };
    add(tr("As the desktop"), {});
    for (const QAudioDevice& d : QMediaDevices::audioOutputs()) add(d.description(), d.id());
}

void LoudnessMenu::showWords() {
    setText(volume_->value() == 100 ? tr("volume") : tr("volume %1 %").arg(volume_->value()));
}

}  // namespace brisk::app
