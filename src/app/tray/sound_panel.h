// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// What a take shall sound like in the end: what becomes of the camera's sound, channels, level,
/// gaps, claps, edges. Every choice is heard at once, and one sentence says what the file will
/// hold.
#pragma once

#include <QWidget>
#include <array>
#include <functional>
#include <vector>

#include "app/spine/session.h"

class QButtonGroup;
class QBoxLayout;
class QHBoxLayout;
class QVBoxLayout;
class QLabel;
class QLineEdit;
class QPushButton;

namespace brisk::app {

class ChannelMenu;

class SoundPanel : public QWidget {
    Q_OBJECT
  public:
    SoundPanel(Session& session, QWidget* parent);
    void showTake(int take);
    /// How far the two sounds are apart where they were measured last: blended, that may be heard.
    void setSlip(Seconds slip);
    /// What the new file will hold, in full.
    [[nodiscard]] QString holds() const;

  protected:
    bool eventFilter(QObject* of, QEvent* e) override;
    void showEvent(QShowEvent*) override;

  private:
    void fit(int room);
    using Change = std::function<void(SoundChoice&)>;
    struct Option {
        QString text, tip;
        Change change;
        std::function<bool(const SoundChoice&)> is;
    };
    struct Group {
        QButtonGroup* buttons;
        std::vector<Option> options;
    };
    struct Field {
        QLineEdit* edit;
        std::function<double(const SoundChoice&)> value;
    };
    void addChoices(QHBoxLayout* row, const QString& name, std::vector<Option> options);
    /// A number with its unit; `what` names it for those who hear the window.
    void addField(QHBoxLayout* row, const QString& what, const QString& unit, double least,
                  double most, std::function<double(const SoundChoice&)> value,
                  std::function<void(SoundChoice&, double)> set);
    QHBoxLayout* addRow();
    [[nodiscard]] const SoundChoice& choice() const;
    void layCamera();
    void layChannels();
    void layLevel();
    void layGaps();
    void layClocks();
    void change(const Change& change);
    void refresh();
    [[nodiscard]] QString warning() const;

    Session& session_;
    int take_ = 0;
    Seconds slip_;
    QBoxLayout* columns_;  ///< Beside each other where there is room, else one below the other.
    std::array<QVBoxLayout*, 2> sides_{};
    std::size_t rows_ = 0;
    QPushButton *one_, *all_, *asAll_;
    QLabel* warning_;
    ChannelMenu* channels_;
    std::vector<Group> groups_;
    std::vector<Field> fields_;
};

}  // namespace brisk::app
