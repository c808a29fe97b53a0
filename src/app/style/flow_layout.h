// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// One after the other, in lines that break where the room ends, as words do: in every language and
/// at every size of text nothing is cut off.
#pragma once

#include <QLayout>
#include <QList>

namespace brisk::app {

class FlowLayout : public QLayout {
  public:
    /// \param parent  whose layout it becomes; none: it is added to another.
    explicit FlowLayout(QWidget* parent, int spacing = 8);
    ~FlowLayout() override;

    void addItem(QLayoutItem* item) override { items_ << item; }
    [[nodiscard]] int count() const override { return static_cast<int>(items_.size()); }
    [[nodiscard]] QLayoutItem* itemAt(int i) const override { return items_.value(i); }
    QLayoutItem* takeAt(int i) override;
    [[nodiscard]] Qt::Orientations expandingDirections() const override { return {}; }
    [[nodiscard]] bool hasHeightForWidth() const override { return true; }
    [[nodiscard]] int heightForWidth(int width) const override;
    [[nodiscard]] QSize sizeHint() const override { return minimumSize(); }
    /// Of the widest of them.
    [[nodiscard]] QSize minimumSize() const override;
    void setGeometry(const QRect& room) override;

  private:
    /// Returns the height; moves them only where `place`.
    int lay(const QRect& room, bool place) const;
    QList<QLayoutItem*> items_;
};

}  // namespace brisk::app
