// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/preferences_page.h"

#include <QAudioDevice>
#include <QButtonGroup>
#include <QComboBox>
#include <QFileDialog>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLocale>
#include <QMediaDevices>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include "app/style/choice_group.h"
#include "app/style/sizes.h"
#include "features/scan_cache.h"

namespace brisk::app {
namespace {

constexpr int kListWide = 320;  // pixels

/// A row: what it is, and what is chosen.
void addRow(QGridLayout& grid, const QString& name, QWidget* value) {
    const int row = grid.rowCount();
    auto* label = new QLabel(name, value->parentWidget());
    label->setBuddy(value);
    grid.addWidget(label, row, 0, Qt::AlignVCenter);
    grid.addWidget(value, row, 1);
}

QLabel* quietLabel(const QString& text, QWidget* parent) {
    auto* l = new QLabel(text, parent);
    l->setProperty("quiet", true);
    l->setWordWrap(true);
    return l;
}

}  // namespace

PreferencesPage::PreferencesPage(Preferences& preferences, QWidget* parent)
    : StagePage(tr("Preferences"), Keys::Linked, parent), preferences_(preferences) {
    auto* area = new QScrollArea(this);
    area->setFrameShape(QFrame::NoFrame);
    area->setWidgetResizable(true);
    area->setFocusPolicy(Qt::NoFocus);
    auto* inside = new QWidget(area);
    auto* grid = new QGridLayout(inside);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(24);
    grid->setVerticalSpacing(12);
    grid->setColumnStretch(1, 1);
    addLooks(*grid);
    addExports(*grid);
    addSound(*grid);
    addReading(*grid);
    grid->setRowStretch(grid->rowCount(), 1);
    area->setWidget(inside);
    column().addWidget(area, 1);
    connect(&preferences, &Preferences::changed, this, &PreferencesPage::refresh);
    refresh();
}

void PreferencesPage::addLooks(QGridLayout& grid) {
    addRow(grid, tr("Theme"),
           choices(
               tr("Theme"), {tr("as the desktop"), tr("day"), tr("night")},
               [this] { return static_cast<int>(preferences_.now().theme); },
               [](Preferred& p, int i) { p.theme = static_cast<ThemeChoice>(i); }));
    addRow(grid, tr("Size of text"),
           numbers(
               tr("Size of text"), {80, 90, 100, 110, 125, 150, 175, 200},
               [](int n) { return tr("%1 % of the desktop's").arg(n); },
               [this] { return preferences_.now().textPercent; },
               [](Preferred& p, int n) { p.textPercent = n; }));
    addRow(grid, tr("Distances in"),
           choices(
               tr("Distances in"), {tr("metres"), tr("feet")},
               [this] { return static_cast<int>(preferences_.now().unit); },
               [](Preferred& p, int i) { p.unit = static_cast<LengthUnit>(i); }));
}

void PreferencesPage::addExports(QGridLayout& grid) {
    addRow(grid, tr("Exports go"),
           folder(
               tr("Exports go"), tr("beside the takes"),
               [this] { return preferences_.now().exportFolder; },
               [](Preferred& p, const QString& f) { p.exportFolder = f; }));
    addRow(grid, {},
           quietLabel(tr("A shoot that was exported before remembers its own folder."), this));
}

void PreferencesPage::addSound(QGridLayout& grid) {
    devices_ = new QComboBox(this);
    devices_->setAccessibleName(tr("Sound comes from"));
    mostWidth(devices_, kListWide);
    connect(devices_, &QComboBox::activated, this, [this](int i) {
        const QByteArray id = devices_->itemData(i).toByteArray();
        preferences_.change([&](Preferred& p) { p.soundDevice = id; });
    });
    auto* watch = new QMediaDevices(this);
    connect(watch, &QMediaDevices::audioOutputsChanged, this, &PreferencesPage::fillDevices);
    refreshers_.push_back([this] { fillDevices(); });
    addRow(grid, tr("Sound comes from"), devices_);
}

void PreferencesPage::addReading(QGridLayout& grid) {
    addRow(
        grid, tr("Files read at once"),
        numbers(
            tr("Files read at once"), {0, 1, 2, 4, 8},
            [](int n) { return n == 0 ? tr("as many as there are cores") : QLocale().toString(n); },
            [this] { return preferences_.now().atOnce; },
            [](Preferred& p, int n) { p.atOnce = n; }));
    addRow(grid, tr("What was read is kept, at most"),
           numbers(
               tr("What was read is kept, at most"), {256, 512, 1024, 2048, 4096, 8192, 16384},
               [](int n) { return QLocale().formattedDataSize(qint64{n} << 20, 0); },
               [this] { return preferences_.now().cacheMegabytes; },
               [](Preferred& p, int n) { p.cacheMegabytes = n; }));
    addRow(grid, tr("It is kept"),
           folder(
               tr("It is kept"), tr("where the desktop keeps such things"),
               [this] { return preferences_.now().cacheFolder; },
               [](Preferred& p, const QString& f) { p.cacheFolder = f; }));
    addRow(grid, {},
           quietLabel(tr("So that a file is read once and not at every start. Your files and "
                         "shoots are not in it; it may be emptied at any time."),
                      this));
    auto* empty = new QPushButton(tr("Empty it now"), this);
    empty->setSizePolicy(QSizePolicy::Maximum, QSizePolicy::Fixed);
    connect(empty, &QPushButton::clicked, this, [] { trimScanCache(0); });
    addRow(grid, {}, empty);
}

QWidget* PreferencesPage::choices(const QString& name, const QStringList& texts,
                                  std::function<int()> now,
                                  std::function<void(Preferred&, int)> choose) {
    auto* row = new QWidget(this);
    auto* layout = new QHBoxLayout(row);
    layout->setContentsMargins(0, 0, 0, 0);
    auto* group = new ChoiceGroup(row);
    group->setAccessibleName(name);
    auto* one = new QButtonGroup(group);
    for (int i = 0; i < texts.size(); ++i) {
        auto* b = new QPushButton(texts[i], group);
        b->setCheckable(true);
        b->setAccessibleName(tr("%1: %2").arg(name, texts[i]));
        one->addButton(b, i);
        group->add(b);
        connect(b, &QPushButton::clicked, this,
                [this, i, choose] { preferences_.change([&](Preferred& p) { choose(p, i); }); });
    }
    layout->addWidget(group);
    layout->addStretch(1);
    refreshers_.push_back([one, now = std::move(now)] { one->button(now())->setChecked(true); });
    return row;
}

QWidget* PreferencesPage::numbers(const QString& name, const std::vector<int>& values,
                                  std::function<QString(int)> words, std::function<int()> now,
                                  std::function<void(Preferred&, int)> choose) {
    auto* list = new QComboBox(this);
    list->setAccessibleName(name);
    mostWidth(list, kListWide);
    for (const int n : values) list->addItem(words(n), n);
    connect(list, &QComboBox::activated, this, [this, list, choose = std::move(choose)](int i) {
        const int n = list->itemData(i).toInt();
        preferences_.change([&](Preferred& p) { choose(p, n); });
    });
    refreshers_.push_back([list, words = std::move(words), now = std::move(now)] {
        if (list->findData(now()) < 0) list->addItem(words(now()), now());
        list->setCurrentIndex(list->findData(now()));
    });
    return list;
}

QWidget* PreferencesPage::folder(const QString& name, const QString& usual,
                                 std::function<QString()> now,
                                 std::function<void(Preferred&, const QString&)> choose) {
    auto* row = new QWidget(this);
    auto* layout = new QHBoxLayout(row);
    layout->setContentsMargins(0, 0, 0, 0);
    auto* where = new QLabel(row);
    layout->addWidget(where);
    auto* other = new QPushButton(tr("Choose…"), row);
    other->setAccessibleName(tr("%1: choose a folder").arg(name));
    connect(other, &QPushButton::clicked, this, [this, name, now, choose] {
        const QString picked = QFileDialog::getExistingDirectory(this, name, now());
        if (!picked.isEmpty()) preferences_.change([&](Preferred& p) { choose(p, picked); });
    });
    layout->addWidget(other);
    auto* back = new QPushButton(usual, row);
    connect(back, &QPushButton::clicked, this,
            [this, choose] { preferences_.change([&](Preferred& p) { choose(p, {}); }); });
    layout->addWidget(back);
    layout->addStretch(1);
    refreshers_.push_back([where, back, usual, now = std::move(now)] {
        where->setText(now().isEmpty() ? usual : now());
        back->setVisible(!now().isEmpty());
    });
    return row;
}

void PreferencesPage::fillDevices() {
    const QByteArray chosen = preferences_.now().soundDevice;
    const QSignalBlocker quiet(devices_);
    devices_->clear();
    devices_->addItem(tr("as the desktop"), QByteArray());
    for (const QAudioDevice& d : QMediaDevices::audioOutputs()) {
        devices_->addItem(d.description(), d.id());
    }
    int at = devices_->findData(chosen);
    if (at < 0) {
        devices_->addItem(tr("%1 (not there now)").arg(QString::fromUtf8(chosen)), chosen);
        at = devices_->count() - 1;
    }
    devices_->setCurrentIndex(at);
}

void PreferencesPage::refresh() {
    for (const auto& r : refreshers_) r();
}

}  // namespace brisk::app
