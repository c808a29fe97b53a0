// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/list/take_panel.h"

#include <QButtonGroup>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QMenu>
#include <QVBoxLayout>
#include <array>

#include "app/list/clean_video_ask.h"
#include "app/list/file_verbs.h"
#include "app/list/media_row_delegate.h"
#include "app/list/take_list.h"
#include "app/spine/verb_button.h"
#include "app/style/choice_group.h"
#include "app/style/sizes.h"

namespace brisk::app {
namespace {

constexpr std::array kStates{TetherState::Tethered, TetherState::Offered, TetherState::NeedsAnEar,
                             TetherState::Slipped, TetherState::Loose};

QString words(TetherState s) {
    return QLatin1String(stateText(s));
}

}  // namespace

TakePanel::TakePanel(Session& session, Verbs& verbs, QWidget* parent)
    : QWidget(parent), session_(session), verbs_(verbs) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 8, 0, 0);
    column->setSpacing(2);
    const auto inset = [] {
        auto* row = new QHBoxLayout;
        row->setContentsMargins(16, 0, 8, 0);
        row->setSpacing(2);
        return row;
    };
    auto* top = inset();
    layHeading(top);
    column->addLayout(top);
    auto* second = inset();
    layFilters(second);
    column->addLayout(second);
    auto* third = inset();
    layFind(third);
    column->addLayout(third);
    column->addSpacing(4);
    column->addWidget(new CleanVideoAsk(session_, this));
    layList(column);
    connect(&session, &Session::changed, this, &TakePanel::refresh);
    refresh();
}

void TakePanel::layHeading(QHBoxLayout* top) {
    heading_ = new QLabel(this);
    useFont(heading_, 13, true);
    top->addWidget(heading_, 1);
    verbs_.teach(
        Verb::NextToHear,
        [this] {
            jumpTo([this](int id) { return session_.stateOf(id) == TetherState::NeedsAnEar; });
        },
        [this] {
            const auto takes = session_.state().ids(MediaKind::Take);
            return standing(takes, TetherState::NeedsAnEar) > 0 ? Fact{}
                                                                : Fact{"nothing-needs-an-ear"};
        });
    verbs_.teach(
        Verb::NextUnheard, [this] { jumpTo([this](int id) { return unheard(id); }); },
        [this] {
            const auto takes = session_.state().ids(MediaKind::Take);
            return std::any_of(takes.begin(), takes.end(), [this](int id) { return unheard(id); })
                       ? Fact{}
                       : Fact{"all-were-heard"};
        });
    for (const Verb v : {Verb::NextToHear, Verb::NextUnheard}) {
        auto* jump = new VerbButton(verbs_, v, this, VerbButton::Unable::Hidden);
        jump->setProperty("arrow", true);
        useFont(jump, 12);
        top->addWidget(jump);
    }
}

void TakePanel::layFilters(QHBoxLayout* row) {
    auto* group = new ChoiceGroup(this);
    auto* one = new QButtonGroup(this);
    for (std::size_t i = 0; i < shown_.size(); ++i) {
        auto* b = new QPushButton(group);
        b->setCheckable(true);
        useFont(b, 12);
        one->addButton(b);
        group->add(b);
        shown_[i] = b;
        connect(b, &QPushButton::clicked, this, [this, i] {
            filter_.show = static_cast<TakeFilter::Show>(i);
            filterChanged();
        });
    }
    shown_[0]->setChecked(true);
    row->addWidget(group);
    row->addStretch(1);
}

void TakePanel::layFind(QHBoxLayout* row) {
    find_ = new QLineEdit(this);
    find_->setPlaceholderText(tr("find a take"));
    find_->setAccessibleName(tr("Find a take by a part of its name"));
    find_->setClearButtonEnabled(true);
    connect(find_, &QLineEdit::textChanged, this, &TakePanel::filterChanged);
    row->addWidget(find_, 1);
    order_ = new QPushButton(tr("sort"), this);
    order_->setProperty("arrow", true);
    useFont(order_, 12);
    order_->setToolTip(tr("In which order"));
    order_->setAccessibleName(order_->toolTip());
    connect(order_, &QPushButton::clicked, this, &TakePanel::chooseOrder);
    row->addWidget(order_);
}

void TakePanel::find() {
    find_->setFocus();
    find_->selectAll();
}

void TakePanel::layList(QVBoxLayout* column) {
    model_ = new MediaListModel(session_, this);
    list_ = new TakeList(this);
    list_->setModel(model_);
    list_->setItemDelegate(new MediaRowDelegate(list_));
    list_->setSelectionMode(QAbstractItemView::ExtendedSelection);
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    list_->setDragEnabled(true);
    list_->setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    list_->setContextMenuPolicy(Qt::CustomContextMenu);
    list_->setAccessibleName(tr("Takes and recordings"));
    connect(list_, &QWidget::customContextMenuRequested, this, &TakePanel::showMenu);
    connect(list_->selectionModel(), &QItemSelectionModel::selectionChanged, this, [this] {
        refresh();
        verbs_.refresh();
    });
    column->addWidget(list_, 1);
    teachFileVerbs(
        session_, verbs_, [this] { return selected(); }, this);
    verbs_.teach(
        Verb::TetherSure,
        [this] {
            const auto some = selectedTakes();
            session_.lockSure(some.size() > 1 ? some : model_->listedTakes());
        },
        [this] { return sureOnes() > 0 ? Fact{} : Fact{"nothing-is-sure"}; });
    auto* sure = new VerbButton(verbs_, Verb::TetherSure, this, VerbButton::Unable::Hidden);
    sure->setProperty("arrow", true);
    useFont(sure, 12);
    column->addWidget(sure, 0, Qt::AlignHCenter);
}

QString TakePanel::counts() const {
    QStringList parts;
    const auto takes = session_.state().ids(MediaKind::Take);
    for (const TetherState s : kStates) {
        const auto n = std::count_if(takes.begin(), takes.end(),
                                     [&](int id) { return session_.stateOf(id) == s; });
        if (n > 0) parts << QStringLiteral("%1 %2").arg(n).arg(words(s));
    }
    return parts.join(QStringLiteral(", "));
}

void TakePanel::refresh() {
    const auto takes = session_.state().ids(MediaKind::Take);
    const auto n = static_cast<int>(takes.size());
    const auto listed = model_->listedTakes();
    heading_->setText(static_cast<int>(listed.size()) < n
                          ? tr("%1 of %2 takes").arg(listed.size()).arg(n)
                      : n == 1 ? tr("1 take")
                               : tr("%1 takes").arg(n));
    heading_->setVisible(n > 0);
    const QString names[] = {tr("all %1"), tr("to check %1"), tr("no place %1")};
    for (std::size_t i = 0; i < shown_.size(); ++i) {
        const auto many = std::count_if(takes.begin(), takes.end(), [&](int id) {
            return model_->shows(static_cast<TakeFilter::Show>(i), id);
        });
        shown_[i]->setText(names[i].arg(many));
        shown_[i]->setVisible(n > 1);
    }
    find_->setVisible(n > 1);
    order_->setVisible(n > 1);
    const auto sure = sureOnes();
    verbs_.action(Verb::TetherSure)
        ->setText(selectedTakes().size() > 1 ? tr("Tether %1 selected").arg(sure)
                                             : tr("Tether all found (%1)").arg(sure));
}

std::ptrdiff_t TakePanel::standing(const std::vector<int>& takes, TetherState s) const {
    return std::count_if(takes.begin(), takes.end(),
                         [&](int id) { return session_.stateOf(id) == s; });
}

/// How many "tether all found" would lock: of several selected, else of those listed, where
/// one alone needs no button of its own.
std::ptrdiff_t TakePanel::sureOnes() const {
    const auto some = selectedTakes();
    if (some.size() > 1) return standing(some, TetherState::Offered);
    const auto sure = standing(model_->listedTakes(), TetherState::Offered);
    return sure > 1 ? sure : 0;
}

void TakePanel::filterChanged() {
    filter_.text = find_->text().trimmed();
    model_->setFilter(filter_);
    refresh();
    verbs_.refresh();
}

void TakePanel::chooseOrder() {
    auto* menu = new QMenu(this);
    menu->setAttribute(Qt::WA_DeleteOnClose);
    const auto add = [&](const QString& text, TakeFilter::Order order) {
        QAction* a = menu->addAction(text);
        a->setCheckable(true);
        a->setChecked(filter_.order == order);
        connect(a, &QAction::triggered, this, [this, order] {
            filter_.order = order;
            filterChanged();
        });
    };
    add(tr("as they were added"), TakeFilter::Order::AsAdded);
    add(tr("by name"), TakeFilter::Order::Name);
    add(tr("by place in the day"), TakeFilter::Order::Place);
    add(tr("what is unsure first"), TakeFilter::Order::State);
    menu->popup(order_->mapToGlobal(QPoint(0, order_->height())));
}

bool TakePanel::unheard(int take) const {
    return session_.stateOf(take) == TetherState::Tethered && !session_.heard(take);
}

void TakePanel::jumpTo(const std::function<bool(int)>& wanted) {
    const auto takes = model_->listedTakes();
    const auto here = std::find(takes.begin(), takes.end(), current_);
    const auto n = static_cast<std::ptrdiff_t>(takes.size());
    const std::ptrdiff_t from = here == takes.end() ? -1 : here - takes.begin();
    for (std::ptrdiff_t i = 1; i <= n; ++i) {
        const int take = takes[static_cast<std::size_t>((from + i) % n)];
        if (!wanted(take)) continue;
        list_->setCurrentIndex(model_->indexOf(take));
        emit jumped(take);
        return;
    }
}

std::vector<int> TakePanel::selected() const {
    std::vector<int> out;
    for (const QModelIndex& i : list_->selectionModel()->selectedIndexes()) {
        const int id = i.data(MediaListModel::IdRole).toInt();
        if (id > 0) out.push_back(id);
    }
    return out;
}

std::vector<int> TakePanel::selectedTakes() const {
    auto out = selected();
    std::erase_if(out, [&](int id) {
        const MediaItem* m = session_.state().item(id);
        return !m || m->role != MediaKind::Take;
    });
    return out;
}

void TakePanel::showMenu(const QPoint& at) {
    auto* menu = new QMenu(this);
    menu->setAttribute(Qt::WA_DeleteOnClose);
    // What cannot be done with such files has no place in their menu.
    for (const Verb v : fileVerbs()) {
        if (verbs_.action(v)->isEnabled()) menu->addAction(verbs_.action(v));
    }
    if (menu->isEmpty()) return menu->deleteLater();
    menu->popup(list_->viewport()->mapToGlobal(at));
}

}  // namespace brisk::app
