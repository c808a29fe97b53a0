// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// A sentence that wraps, and can be selected and copied. A layout asks many times how high it is;
/// it is laid out once for each width.
#pragma once

#include <QEvent>
#include <QLabel>
#include <QMap>

namespace brisk::app {

class SentenceLabel : public QLabel {
  public:
    explicit SentenceLabel(QWidget* parent) : QLabel(parent) {
        setWordWrap(true);
        setTextInteractionFlags(Qt::TextSelectableByMouse);
    }
    void say(const QString& sentence) {
        if (sentence != text()) high_.clear();
        setText(sentence);
        setVisible(!sentence.isEmpty());
    }
    int heightForWidth(int width) const override {
        const auto known = high_.constFind(width);
        if (known != high_.constEnd()) return *known;
        return *high_.insert(width, QLabel::heightForWidth(width));
    }

  protected:
    void changeEvent(QEvent* e) override {
        high_.clear();  // its font, perhaps
        QLabel::changeEvent(e);
    }

  private:
    mutable QMap<int, int> high_;  // by width; pixels
};

}  // namespace brisk::app
