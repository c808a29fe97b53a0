// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Name, scene and take, whether it was good, and a note, of one file or of several at once: what
/// differs among them stays as it is unless something is written there.
#pragma once

#include <QDialog>
#include <vector>

#include "shoot/slate_commands.h"

class QButtonGroup;
class QLineEdit;
class QPlainTextEdit;

namespace brisk::app {

class SlateDialog : public QDialog {
    Q_OBJECT
  public:
    SlateDialog(const std::vector<MediaItem>& files, QWidget* parent);
    /// What a person changed.
    [[nodiscard]] SlateChange change() const;

  private:
    QLineEdit* addLine(class QFormLayout* form, const QString& label, std::string Slate::*field);
    [[nodiscard]] bool same(std::string Slate::*field) const;

    std::vector<MediaItem> files_;
    QLineEdit* name_;
    QLineEdit* scene_;
    QLineEdit* take_;
    QButtonGroup* verdict_;
    QPlainTextEdit* note_;
};

}  // namespace brisk::app
