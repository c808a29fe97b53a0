// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/sheet/hand_over_row.h"

#include <QAbstractItemView>
#include <QPainter>
#include <algorithm>

#include "app/sheet/hand_over_files.h"
#include "app/style/app_style.h"
#include "app/style/colours.h"
#include "app/style/sizes.h"

namespace brisk::app {
namespace {

constexpr int kSide = 8;  // pixels left and right
constexpr int kAbove = 24, kBelow = 6;
constexpr int kMaxLines = 4;

}  // namespace

int HandOverRow::sentenceHeight(const QString& sentence, int width) const {
    // Thousands of rows are laid out anew at each step of a long hand-over.
    if (width != measuredFor_) heights_.clear();
    measuredFor_ = width;
    const auto known = heights_.constFind(sentence);
    if (known != heights_.cend()) return *known;
    const QFont font = uiFont(12);
    if (font.pixelSize() != measuredAt_) heights_.clear();
    measuredAt_ = font.pixelSize();
    const QFontMetrics fm(font);
    const int most = kMaxLines * fm.lineSpacing();
    const int height =
        fm.boundingRect(QRect(0, 0, width, most), Qt::TextWordWrap, sentence).height();
    return heights_[sentence] = std::clamp(height, fm.lineSpacing(), most);
}

QSize HandOverRow::sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const {
    const auto* view = qobject_cast<const QAbstractItemView*>(option.widget);
    const int width = (view ? view->viewport()->width() : option.rect.width()) - 2 * kSide;
    const QString sentence = index.data(HandOverFiles::SentenceRole).toString();
    return {200, scaled(kAbove) + sentenceHeight(sentence, std::max(80, width)) + kBelow};
}

void HandOverRow::paint(QPainter* p, const QStyleOptionViewItem& option,
                        const QModelIndex& index) const {
    const Colours& c = colours();
    const QRect r = option.rect.adjusted(kSide, 0, -kSide, 0);
    p->save();
    if (option.state & QStyle::State_Selected) p->fillRect(option.rect, c.raised);
    p->setPen(c.hairline);
    p->drawLine(option.rect.bottomLeft(), option.rect.bottomRight());

    const QString aside = index.data(HandOverFiles::AsideRole).toString();
    p->setFont(uiFont(13));
    const int asideWidth = p->fontMetrics().horizontalAdvance(aside);
    const QRect upper(r.left(), r.top() + scaled(5), r.width(), scaled(20));
    p->setPen(c.quiet);
    p->drawText(upper, Qt::AlignRight | Qt::AlignVCenter, aside);
    p->setFont(uiFont(13, true));
    p->setPen(c.ink);
    const QRect nameRoom =
        QStyle::visualRect(option.direction, upper, upper.adjusted(0, 0, -asideWidth - 16, 0));
    p->drawText(
        nameRoom, Qt::AlignLeft | Qt::AlignVCenter,
        p->fontMetrics().elidedText(index.data().toString(), Qt::ElideMiddle, nameRoom.width()));
    p->setFont(uiFont(12));
    p->setPen(index.data(HandOverFiles::AttentionRole).toBool() ? c.attention : c.quiet);
    const QRect lower(r.left(), r.top() + scaled(kAbove), r.width(),
                      r.height() - scaled(kAbove) - kBelow);
    p->drawText(lower, Qt::TextWordWrap, index.data(HandOverFiles::SentenceRole).toString());
    const double progress = index.data(HandOverFiles::ProgressRole).toDouble();
    if (progress >= 0) {
        const QRectF bar(r.left(), r.bottom() - 3, r.width(), 3);
        p->fillRect(bar, c.hairline);
        p->fillRect(QRectF(bar.left(), bar.top(), bar.width() * progress, bar.height()), c.action);
    }
    p->restore();
}

}  // namespace brisk::app
