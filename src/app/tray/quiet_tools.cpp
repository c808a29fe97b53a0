// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tray/quiet_tools.h"

#include <QLabel>
#include <QLineEdit>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "app/spine/verb_button.h"
#include "app/spine/words.h"
#include "app/style/flow_layout.h"
#include "app/style/sizes.h"
#include "core/number_text.h"
#include "day/permissions.h"
#include "day/take_plan.h"
#include "shoot/edit_commands.h"

namespace brisk::app {
namespace {
constexpr double kLowered = 20;      // dB, unless a person says otherwise
constexpr int kField = 48;           // pixels
constexpr Seconds kAtPlayhead{0.5};  // a clap that is no farther away is meant
}  // namespace

QuietTools::QuietTools(Session& session, Verbs& verbs, QWidget* parent,
                       std::function<CutTools::Where()> where)
    : QWidget(parent), session_(session), where_(std::move(where)) {
    auto* flow = new FlowLayout(this);
    flow->setContentsMargins(0, 4, 0, 0);
    auto* words = new QLabel(tr("quiet stretches"), this);
    words->setProperty("quiet", true);
    flow->addWidget(words);
    const auto add = [&](Verb v, const std::function<void()>& act) {
        verbs.teach(v, act, [this] { return whyNotHear(session_.view(where_().take)); });
        flow->addWidget(new VerbButton(verbs, v, this));
    };
    add(Verb::QuietClean, [this] { make(QuietStretch::kSilent, QuietSide::Clean); });
    add(Verb::QuietCamera, [this] { make(QuietStretch::kSilent, QuietSide::Camera); });
    add(Verb::QuietBoth, [this] { make(QuietStretch::kSilent, QuietSide::Both); });
    add(Verb::LowerClean, [this] {
        const auto by = numberIn(lowered_->text().trimmed().replace(',', '.').toStdString());
        make(-std::clamp(by ? std::fabs(*by) : kLowered, 0.5, -QuietStretch::kSilent),
             QuietSide::Clean);
    });
    lowered_ = new QLineEdit(QString::number(kLowered), this);
    lowered_->setAccessibleName(tr("By how many dB a stretch is lowered"));
    lowered_->setToolTip(lowered_->accessibleName());
    lowered_->setMaxLength(5);
    fixWidth(lowered_, kField);
    connect(lowered_, &QLineEdit::returnPressed, verbs.action(Verb::LowerClean), &QAction::trigger);
    flow->addWidget(lowered_);
    auto* unit = new QLabel(tr("dB"), this);
    unit->setProperty("quiet", true);
    flow->addWidget(unit);
    add(Verb::LetBeHeard, [this] { letBeHeard(); });
}

std::optional<TimeRange> QuietTools::stretch(const CutTools::Where& where) const {
    if (where.selection) return where.selection;
    const TakeView& v = session_.view(where.take);
    std::optional<TimeRange> best;
    for (const TimeRange& clap : clapsIn(session_.state(), v.heard(), [this](int id) {
             return session_.library().scanOf(id);
         })) {
        const Seconds away =
            std::max({Seconds{0}, clap.start - where.playhead, where.playhead - clap.end});
        const auto awayOf = [&](const TimeRange& r) {
            return std::max({Seconds{0}, r.start - where.playhead, where.playhead - r.end});
        };
        if (away <= kAtPlayhead && (!best || away < awayOf(*best))) best = clap;
    }
    return best;
}

void QuietTools::make(double db, QuietSide side) {
    const CutTools::Where where = where_();
    const auto range = stretch(where);
    if (!range) return emit session_.said(inWords(Fact{"no-stretch-chosen"}));
    session_.apply(commands::quiet(session_.state(), where.take, {*range, db, side}));
}

std::optional<TimeRange> QuietTools::quietClapIn(const TakeView& view, TimeRange there) const {
    if (!view.sound) return std::nullopt;
    const auto& claps = view.sound->claps;
    const auto clap = std::find_if(claps.begin(), claps.end(), [&](const TimeRange& c) {
        return c.start <= there.end && there.start <= c.end;
    });
    return clap == claps.end() ? std::nullopt : std::optional(*clap);
}

void QuietTools::letBeHeard() {
    const CutTools::Where where = where_();
    const TakeView& v = session_.view(where.take);
    const TimeRange there = where.selection.value_or(
        stretch(where).value_or(TimeRange{where.playhead, where.playhead}));
    const TakeEdit* e = session_.state().editOf(where.take);
    const auto touches = [&](const QuietStretch& q) {
        return q.db < 0 && q.range.start <= there.end && there.start <= q.range.end;
    };
    if (e && std::any_of(e->quiet.begin(), e->quiet.end(), touches)) {
        session_.apply(commands::notQuiet(session_.state(), where.take, there));
    } else if (const auto clap = quietClapIn(v, there)) {
        session_.apply(commands::quiet(session_.state(), where.take, {*clap, 0, QuietSide::Both}));
    } else {
        emit session_.said(inWords(Fact{"nothing-quiet-here"}));
    }
}

}  // namespace brisk::app
