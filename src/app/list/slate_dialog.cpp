// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/list/slate_dialog.h"

#include <QButtonGroup>
#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <algorithm>

#include "app/spine/words.h"
#include "app/style/choice_group.h"
#include "app/style/sizes.h"

namespace brisk::app {
namespace {

constexpr int kWide = 420, kNoteHigh = 84;  // pixels
constexpr int kMostLetters = 200;

/// What was written; nothing where it is what stood there.
std::optional<std::string> written(const QString& now, bool touched) {
    return touched ? std::optional(now.trimmed().toStdString()) : std::nullopt;
}

}  // namespace

SlateDialog::SlateDialog(const std::vector<MediaItem>& files, QWidget* parent)
    : QDialog(parent), files_(files) {
    setWindowTitle(files_.size() == 1 ? q(files_.front().name())
                                      : tr("%1 files").arg(files_.size()));
    auto* form = new QFormLayout(this);
    form->setContentsMargins(16, 16, 16, 16);
    form->setSpacing(8);
    name_ = addLine(form, tr("Name"), &Slate::name);
    if (files_.size() == 1) {
        name_->setPlaceholderText(
            q(std::filesystem::path(files_.front().path).filename().string()));
    } else {
        name_->setEnabled(false);
        name_->setPlaceholderText(tr("each its own"));
    }
    scene_ = addLine(form, tr("Scene"), &Slate::scene);
    take_ = addLine(form, tr("Take number"), &Slate::take);

    auto* choices = new ChoiceGroup(this);
    choices->setAccessibleName(tr("Good or not"));
    verdict_ = new QButtonGroup(this);
    const bool one = std::all_of(files_.begin(), files_.end(), [&](const MediaItem& m) {
        return m.slate.verdict == files_.front().slate.verdict;
    });
    const auto add = [&](Verdict v, const QString& text) {
        auto* b = new QPushButton(text, choices);
        b->setCheckable(true);
        b->setAutoDefault(false);
        b->setChecked(one && files_.front().slate.verdict == v);
        choices->add(b);
        verdict_->addButton(b, static_cast<int>(v));
    };
    add(Verdict::None, tr("not said"));
    add(Verdict::Good, tr("good"));
    add(Verdict::NotGood, tr("not good"));
    form->addRow(tr("Good or not"), choices);

    note_ = new QPlainTextEdit(this);
    note_->setAccessibleName(tr("Note"));
    note_->setTabChangesFocus(true);
    note_->setFixedHeight(scaled(kNoteHigh));
    if (same(&Slate::note)) {
        note_->setPlainText(q(files_.front().slate.note));
    } else {
        note_->setPlaceholderText(tr("several; what is written here takes their place"));
    }
    note_->document()->setModified(false);
    form->addRow(tr("Note"), note_);

    auto* buttons = new QDialogButtonBox(this);
    auto* ok = new QPushButton(tr("Write it down"), buttons);
    ok->setProperty("primary", true);  // before the style looks at it
    ok->setDefault(true);
    buttons->addButton(ok, QDialogButtonBox::AcceptRole);
    buttons->addButton(tr("Cancel"), QDialogButtonBox::RejectRole);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    form->addRow(buttons);
    setMinimumWidth(scaled(kWide));
    (files_.size() == 1 ? name_ : scene_)->setFocus();
}

bool SlateDialog::same(std::string Slate::*field) const {
    return std::all_of(files_.begin(), files_.end(), [&](const MediaItem& m) {
        return m.slate.*field == files_.front().slate.*field;
    });
}

QLineEdit* SlateDialog::addLine(QFormLayout* form, const QString& label,
                                std::string Slate::*field) {
    auto* line = new QLineEdit(this);
    line->setAccessibleName(label);
    line->setMaxLength(kMostLetters);
    if (same(field)) {
        line->setText(q(files_.front().slate.*field));
    } else {
        line->setPlaceholderText(tr("several"));
    }
    line->setModified(false);
    form->addRow(label, line);
    return line;
}

SlateChange SlateDialog::change() const {
    SlateChange c;
    if (files_.size() == 1) c.name = written(name_->text(), name_->isModified());
    c.scene = written(scene_->text(), scene_->isModified());
    c.take = written(take_->text(), take_->isModified());
    c.note = written(note_->toPlainText(), note_->document()->isModified());
    if (verdict_->checkedId() >= 0) {
        const auto v = static_cast<Verdict>(verdict_->checkedId());
        const bool changes = std::any_of(files_.begin(), files_.end(),
                                         [&](const MediaItem& m) { return m.slate.verdict != v; });
        if (changes) c.verdict = v;
    }
    return c;
}

}  // namespace brisk::app
