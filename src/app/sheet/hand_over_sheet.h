// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The hand-over on one sheet: what is to be written and called what, each file with the sentence
/// of what it will hold, before anything is done; then how far it is, and what became of it.
#pragma once

#include <QWidget>
#include <functional>
#include <vector>

#include "app/sheet/hand_over_desk.h"
#include "app/spine/verbs.h"

class QHBoxLayout;
class QLabel;
class QLineEdit;
class QListView;
class QPushButton;

namespace brisk::app {

class ChoiceGroup;
class FlowLayout;

class HandOverSheet : public QWidget {
    Q_OBJECT
  public:
    HandOverSheet(Session& session, Verbs& verbs, QWidget* parent = nullptr);
    /// For this take, or for all that are tethered.
    void begin(int take);
    void setFolder(const QString& folder);
    /// An edit that was begun on the takes, to be laid on what is written.
    void setEdit(const QString& path);
    [[nodiscard]] HandOverDesk& desk() { return desk_; }

  signals:
    void closed();

  protected:
    bool event(QEvent*) override;

  private:
    ChoiceGroup* group_ = nullptr;  // the one that was begun last
    FlowLayout* groupRow_ = nullptr;
    using Change = std::function<void(HandOverChoice&)>;
    using Is = std::function<bool(const HandOverChoice&)>;
    QHBoxLayout* addLine(const QString& name);
    /// One that breaks where there is no room.
    FlowLayout* addRow(const QString& name);
    /// A button that is down while something is so.
    QPushButton* addChoice(FlowLayout* row, const QString& name, const QString& text,
                           const QString& tip, Is is, Change change);
    void addVideoRow();
    void addPiecesRow();
    void addSoundRow();
    void addPeaksRow();
    void addPapersRow();
    void addHandOnRow();
    void addCheckRow();
    void addNameRow();
    void addActions();
    void teach();
    void chooseFolder();
    void chooseEdit();
    void rename();
    /// Rows of the list.
    [[nodiscard]] std::vector<std::size_t> selected() const;
    void refresh();
    void showMenu(const QPoint& at);
    [[nodiscard]] QString summary() const;

    Verbs& verbs_;
    HandOverDesk desk_;
    struct Choice {
        QPushButton* button;
        Is is;
    };
    std::vector<Choice> choices_;
    std::vector<QLabel*> names_;  ///< Of the rows.
    std::vector<std::pair<SoundCodec, QPushButton*>> codecs_;
    QWidget* pieces_;  // only where a take is cut
    QWidget* peaks_;   // only where peaks do not fit
    QPushButton *thisTake_, *tethered_, *placed_;
    QLineEdit* pattern_;
    QLabel* folder_;
    QListView* files_ = nullptr;
    QLabel* summary_;
    QPushButton* write_;
};

}  // namespace brisk::app
