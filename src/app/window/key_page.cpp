// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/key_page.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QKeySequenceEdit>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QTreeWidget>
#include <QVBoxLayout>

#include "app/style/app_style.h"
#include "app/style/sizes.h"

namespace brisk::app {
namespace {

constexpr int kKeysWide = 220;  // pixels of the keys, after the words

}  // namespace

KeyPage::KeyPage(const Verbs& verbs, Preferences& preferences, QWidget* parent)
    : StagePage(tr("Keys"), Keys::NotLinked, parent), verbs_(verbs), preferences_(preferences) {
    find_ = new QLineEdit(this);
    find_->setPlaceholderText(tr("find what it does, or a key"));
    find_->setAccessibleName(tr("Find a key by what it does, or by its name"));
    find_->setClearButtonEnabled(true);
    mostWidth(find_, 320);
    connect(find_, &QLineEdit::textChanged, this, &KeyPage::filter);
    addToHead(find_);
    tree_ = new QTreeWidget(this);
    tree_->setAccessibleName(tr("Every key of the window"));
    tree_->setColumnCount(2);
    tree_->setHeaderHidden(true);
    tree_->setRootIsDecorated(false);
    tree_->setItemsExpandable(false);
    tree_->setIndentation(16);
    tree_->setUniformRowHeights(true);
    tree_->header()->setStretchLastSection(false);
    tree_->header()->setSectionResizeMode(0, QHeaderView::Stretch);
    tree_->header()->setSectionResizeMode(1, QHeaderView::Fixed);
    connect(tree_, &QTreeWidget::currentItemChanged, this, [this] {
        new_->clear();
        tell();
    });
    // Return on a row: now press the new key.
    connect(tree_, &QTreeWidget::itemActivated, this, [this] {
        if (new_->isEnabled()) new_->setFocus();
    });
    column().addWidget(tree_, 1);
    column().addWidget(makeChanging());
    connect(&preferences, &Preferences::changed, this, &KeyPage::fill);
    setFocusProxy(find_);
    fill();
}

QWidget* KeyPage::makeChanging() {
    auto* box = new QWidget(this);
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    says_ = new QLabel(box);
    says_->setWordWrap(true);
    column->addWidget(says_);
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    new_ = new QKeySequenceEdit(box);
    new_->setAccessibleName(tr("The new key: press it"));
    mostWidth(new_, 200);
    // It takes every key while it listens, so it lets go by itself.
    connect(new_, &QKeySequenceEdit::editingFinished, this, [this] {
        tell();
        if (use_->isEnabled()) use_->setFocus();
    });
    row->addWidget(new_);
    const auto button = [&](const QString& text, auto act) {
        auto* b = new QPushButton(text, box);
        connect(b, &QPushButton::clicked, this, act);
        row->addWidget(b);
        return b;
    };
    use_ = button(tr("Use this key"), [this] { use(); });
    none_ = button(tr("No key"), [this] { giveKeys({}); });
    asItCame_ = button(tr("As it came"), [this] {
        const KeyRow* line = chosen();
        if (!line) return;
        preferences_.change([line](Preferred& p) {
            for (const Verb v : line->verbs) p.keys.remove(QLatin1String(wordsOf(v).id));
        });
    });
    row->addStretch(1);
    allAsTheyCame_ = button(tr("All as they came"),
                            [this] { preferences_.change([](Preferred& p) { p.keys.clear(); }); });
    column->addLayout(row);
    return box;
}

void KeyPage::fill() {
    const KeyRow* was = chosen();
    const QString keep = was ? was->does : QString();
    groups_ = keyTable(verbs_);
    const QSignalBlocker quiet(tree_);
    tree_->clear();
    tree_->header()->resizeSection(1, scaled(kKeysWide));
    for (std::size_t g = 0; g < groups_.size(); ++g) {
        auto* group = new QTreeWidgetItem(tree_, {groups_[g].title});
        group->setFlags(Qt::ItemIsEnabled);
        group->setFont(0, uiFont(13, true));
        for (std::size_t r = 0; r < groups_[g].rows.size(); ++r) {
            const KeyRow& row = groups_[g].rows[r];
            const QString does =
                row.where.isEmpty() ? row.does : tr("%1 (%2)").arg(row.does, row.where);
            auto* item = new QTreeWidgetItem(group, {does, keysText(row)});
            item->setFont(1, uiFont(13, true));
            item->setToolTip(0, does);
            item->setData(0, Qt::UserRole, static_cast<int>(g));
            item->setData(1, Qt::UserRole, static_cast<int>(r));
            if (row.does == keep) tree_->setCurrentItem(item);
        }
        group->setExpanded(true);
    }
    filter();
    tell();
}

void KeyPage::filter() {
    const QString text = find_->text().trimmed();
    for (int g = 0; g < tree_->topLevelItemCount(); ++g) {
        QTreeWidgetItem* group = tree_->topLevelItem(g);
        bool any = false;
        for (int r = 0; r < group->childCount(); ++r) {
            QTreeWidgetItem* item = group->child(r);
            const bool shown =
                text.isEmpty() || item->text(0).contains(text, Qt::CaseInsensitive) ||
                item->text(1).compare(text, Qt::CaseInsensitive) == 0 ||
                (text.size() > 1 && item->text(1).contains(text, Qt::CaseInsensitive));
            item->setHidden(!shown);
            any = any || shown;
        }
        group->setHidden(!any);
    }
}

const KeyRow* KeyPage::chosen() const {
    const QTreeWidgetItem* item = tree_->currentItem();
    if (!item || !item->parent()) return nullptr;
    return &groups_[static_cast<std::size_t>(item->data(0, Qt::UserRole).toInt())]
                .rows[static_cast<std::size_t>(item->data(1, Qt::UserRole).toInt())];
}

QKeySequence KeyPage::wanted() const {
    const QKeySequence all = new_->keySequence();
    return all.isEmpty() ? all : QKeySequence(all[0]);
}

void KeyPage::tell() {
    const KeyRow* row = chosen();
    const bool can = row && !row->verbs.empty();
    const QKeySequence key = wanted();
    QString says;
    bool usable = false;
    if (!row) {
        says = tr("Choose a line to change its key.");
    } else if (!can) {
        says = tr("This key belongs to its place and stays as it is.");
    } else if (key.isEmpty()) {
        says = tr("Press the new key for “%1” in the field.").arg(row->does);
    } else if (isReserved(key)) {
        says = tr("%1 is needed to move around in every window.")
                   .arg(key.toString(QKeySequence::NativeText));
    } else if (const KeyRow* other = rowOf(groups_, key); other && other != row) {
        usable = !other->verbs.empty();
        says = usable ? tr("%1 does “%2” so far, which would be without it.")
                            .arg(key.toString(QKeySequence::NativeText), other->does)
                      : tr("%1 does “%2” %3, and stays with it.")
                            .arg(key.toString(QKeySequence::NativeText), other->does, other->where);
    } else {
        usable = true;
        says = tr("%1 is free.").arg(key.toString(QKeySequence::NativeText));
    }
    says_->setText(says);
    new_->setEnabled(can);
    use_->setEnabled(usable);
    none_->setEnabled(can && !row->keys.empty());
    const auto changed = [&](Verb v) {
        return preferences_.now().keys.contains(QLatin1String(wordsOf(v).id));
    };
    asItCame_->setEnabled(can && changed(row->verbs.front()));
    allAsTheyCame_->setEnabled(!preferences_.now().keys.isEmpty());
}

void KeyPage::use() {
    const QKeySequence key = wanted();
    const KeyRow* row = chosen();
    if (!row || key.isEmpty()) return;
    const KeyRow* other = rowOf(groups_, key);
    const std::vector<Verb> mine = row->verbs;
    preferences_.change([&](Preferred& p) {
        if (other && other != row) {
            for (const Verb v : other->verbs) {
                QList<QKeySequence> left = verbs_.action(v)->shortcuts();
                left.removeAll(key);
                p.keys[QLatin1String(wordsOf(v).id)] = left;
            }
        }
        for (const Verb v : mine) p.keys[QLatin1String(wordsOf(v).id)] = {key};
    });
    new_->clear();
    tell();
}

void KeyPage::giveKeys(const QList<QKeySequence>& keys) {
    const KeyRow* row = chosen();
    if (!row) return;
    preferences_.change([&](Preferred& p) {
        for (const Verb v : row->verbs) p.keys[QLatin1String(wordsOf(v).id)] = keys;
    });
}

}  // namespace brisk::app
