// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tray/sound_panel.h"

#include <QAbstractScrollArea>
#include <QButtonGroup>
#include <QEvent>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QLocale>
#include <QPushButton>
#include <QVBoxLayout>
#include <cmath>

#include "app/spine/words.h"
#include "app/style/choice_group.h"
#include "app/style/sizes.h"
#include "app/tray/channel_menu.h"
#include "core/time_text.h"
#include "day/permissions.h"

namespace brisk::app {
namespace {

constexpr double kCombFrom = 0.0005, kCombTo = 0.015;  // seconds between two copies of one sound

QString numberText(double v) {
    QString text = numberWords(v, 1);
    if (text.endsWith(QLocale().decimalPoint() + QLatin1Char('0'))) text.chop(2);
    return text;
}

}  // namespace

SoundPanel::SoundPanel(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    auto* whole = new QVBoxLayout(this);
    whole->setContentsMargins(0, 0, 0, 0);
    whole->setSpacing(2);
    columns_ = new QBoxLayout(QBoxLayout::LeftToRight);
    columns_->setSpacing(24);
    for (QVBoxLayout*& side : sides_) {
        side = new QVBoxLayout;
        side->setSpacing(2);
        columns_->addLayout(side, 1);
    }
    whole->addLayout(columns_);
    auto* head = addRow();
    auto* scope = new QButtonGroup(this);
    auto* scopes = new ChoiceGroup(this);
    head->addWidget(scopes);
    const auto scoped = [&](const QString& text, const QString& tip) {
        auto* b = new QPushButton(text, scopes);
        useFont(b, 12);
        b->setCheckable(true);
        b->setToolTip(tip);
        scope->addButton(b);
        scopes->add(b);
        connect(b, &QPushButton::clicked, this, &SoundPanel::refresh);
        return b;
    };
    one_ = scoped(tr("for this take"), tr("What is chosen holds for this take only"));
    all_ = scoped(tr("for all takes"),
                  tr("What is chosen holds for every take that has no choice of its own"));
    all_->setChecked(true);
    asAll_ = new QPushButton(tr("as all takes"), this);
    useFont(asAll_, 12);
    asAll_->setToolTip(tr("Forget what was chosen for this take alone"));
    head->addWidget(asAll_);
    head->addStretch(1);

    layCamera();
    layChannels();
    layLevel();
    layGaps();
    layClocks();
    warning_ = new QLabel(this);
    warning_->setObjectName(QStringLiteral("soundWarning"));
    useFont(warning_, 12);
    warning_->setWordWrap(true);
    warning_->setProperty("attention", true);
    whole->addWidget(warning_);
    whole->addStretch(1);

    connect(asAll_, &QPushButton::clicked, this,
            [this] { session_.setSound({take_}, std::nullopt); });
    connect(&session_, &Session::changed, this, &SoundPanel::refresh);
    connect(&session_, &Session::factsChanged, this, &SoundPanel::refresh);
}

void SoundPanel::layCamera() {
    auto* camera = addRow();
    addChoices(camera, tr("camera's sound"),
               {{tr("left out"), tr("It stays in the take, and is not in the new file"),
                 [](SoundChoice& c) { c.camera = CameraSound::LeftOut; },
                 [](const SoundChoice& c) { return c.camera == CameraSound::LeftOut; }},
                {tr("second track"), tr("A track of its own, not the one that plays by itself"),
                 [](SoundChoice& c) { c.camera = CameraSound::SecondTrack; },
                 [](const SoundChoice& c) { return c.camera == CameraSound::SecondTrack; }},
                {tr("mixed in"), tr("Mixed under the clean sound, as loud as it says"),
                 [](SoundChoice& c) { c.camera = CameraSound::Blended; },
                 [](const SoundChoice& c) { return c.camera == CameraSound::Blended; }}});
    addField(
        camera, tr("Loudness of the camera that is mixed in against the clean sound"), tr("dB"),
        -60, 6, [](const SoundChoice& c) { return c.blendDb; },
        [](SoundChoice& c, double v) { c.blendDb = v; });
    camera->addStretch(1);
}

void SoundPanel::layChannels() {
    auto* ears = addRow();
    const auto ear = [](const QString& text, const QString& tip, ChannelMap e) {
        return Option{text, tip, [e](SoundChoice& c) { c.map = e; },
                      [e](const SoundChoice& c) { return c.map == e; }};
    };
    addChoices(ears, tr("channels"),
               {ear(tr("as it is"), tr("As recorded; one-sided and mono sound goes to both"),
                    ChannelMap::AsRecorded),
                ear(tr("left"), tr("The left channel on both sides"), ChannelMap::Left),
                ear(tr("right"), tr("The right channel on both sides"), ChannelMap::Right),
                ear(tr("mix"), tr("Both channels mixed, on both sides"), ChannelMap::Mix),
                ear(tr("swap"), tr("Left and right exchanged"), ChannelMap::Swapped)});
    channels_ = new ChannelMenu(this);
    ears->addWidget(channels_);
    connect(channels_, &ChannelMenu::chosen, this, [this](const std::vector<int>& channels) {
        change([&](SoundChoice& c) {
            c.map = channels.empty() ? ChannelMap::AsRecorded : ChannelMap::Chosen;
            c.channels = channels;
        });
    });
    addChoices(ears, tr("polarity"),
               {{tr("inverted"), tr("Upside down against what the match found"),
                 [](SoundChoice& c) { c.turned = !c.turned; },
                 [](const SoundChoice& c) { return c.turned; }}});
    ears->addStretch(1);
}

void SoundPanel::layLevel() {
    auto* level = addRow();
    addChoices(level, tr("level"),
               {{tr("by"), tr("Louder or quieter by so much"),
                 [](SoundChoice& c) { c.toLoudness = false; },
                 [](const SoundChoice& c) { return !c.toLoudness; }}});
    addField(
        level, tr("Gain of the clean sound"), tr("dB"), -60, 40,
        [](const SoundChoice& c) { return c.gainDb; },
        [](SoundChoice& c, double v) {
            c.gainDb = v;
            c.toLoudness = false;
        });
    addChoices(level, {},
               {{tr("to"), tr("To a loudness, measured after EBU R 128"),
                 [](SoundChoice& c) { c.toLoudness = true; },
                 [](const SoundChoice& c) { return c.toLoudness; }}});
    addField(
        level, tr("Loudness of every take"), tr("LUFS"), -40, -5,
        [](const SoundChoice& c) { return c.targetLufs; },
        [](SoundChoice& c, double v) {
            c.targetLufs = v;
            c.toLoudness = true;
        });
    addField(
        level, tr("True peaks stay under"), tr("dBTP at most"), -20, 0,
        [](const SoundChoice& c) { return c.ceilingDbtp; },
        [](SoundChoice& c, double v) { c.ceilingDbtp = v; });
    auto* alike = new QPushButton(tr("alike"), this);
    useFont(alike, 12);
    alike->setToolTip(tr("Every take as loud as the one in the middle, which is measured first"));
    alike->setAccessibleName(tr("level: alike"));
    level->addWidget(alike);
    connect(alike, &QPushButton::clicked, &session_, &Session::levelAlike);
    level->addStretch(1);
}

void SoundPanel::layGaps() {
    auto* gaps = addRow();
    addChoices(gaps, tr("gaps"),
               {{tr("silent"), tr("Silence where no recording covers the take"),
                 [](SoundChoice& c) { c.uncovered = Uncovered::Silence; },
                 [](const SoundChoice& c) { return c.uncovered == Uncovered::Silence; }},
                {tr("camera"), tr("The camera's sound, as loud as the clean sound, crossfaded"),
                 [](SoundChoice& c) { c.uncovered = Uncovered::Camera; },
                 [](const SoundChoice& c) { return c.uncovered == Uncovered::Camera; }},
                {tr("trimmed"), tr("The take keeps only what a recording covers"),
                 [](SoundChoice& c) { c.uncovered = Uncovered::Trimmed; },
                 [](const SoundChoice& c) { return c.uncovered == Uncovered::Trimmed; }}});
    addChoices(gaps, tr("claps"),
               {{tr("heard"), tr("As they were"), [](SoundChoice& c) { c.quietClaps = false; },
                 [](const SoundChoice& c) { return !c.quietClaps; }},
                {tr("silent"), tr("Found and marked claps are silenced; nothing moves"),
                 [](SoundChoice& c) {
                     c.quietClaps = true;
                     c.clapsDb = -120;
                 },
                 [](const SoundChoice& c) { return c.quietClaps && c.clapsDb <= -120; }},
                {tr("−20 dB"), tr("Found and marked claps are lowered; nothing moves"),
                 [](SoundChoice& c) {
                     c.quietClaps = true;
                     c.clapsDb = -20;
                 },
                 [](const SoundChoice& c) { return c.quietClaps && c.clapsDb > -120; }}});
    gaps->addStretch(1);
}

void SoundPanel::layClocks() {
    auto* clocks = addRow();
    addChoices(clocks, tr("clocks"),
               {{tr("drift corrected"), tr("The clean sound is resampled to the picture's clock"),
                 [](SoundChoice& c) { c.followClock = true; },
                 [](const SoundChoice& c) { return c.followClock; }},
                {tr("offset only"), tr("The clean sound keeps the recorder's speed"),
                 [](SoundChoice& c) { c.followClock = false; },
                 [](const SoundChoice& c) { return !c.followClock; }}});
    addField(
        clocks, tr("Length of the fades at edges"), tr("ms edges"), 0, 500,
        [](const SoundChoice& c) { return c.softEdgeMs; },
        [](SoundChoice& c, double v) { c.softEdgeMs = v; });
    clocks->addStretch(1);
}

bool SoundPanel::eventFilter(QObject* of, QEvent* e) {
    if (e->type() == QEvent::Resize) fit(static_cast<QWidget*>(of)->width());
    return QWidget::eventFilter(of, e);
}

void SoundPanel::showEvent(QShowEvent*) {
    // What scrolls it says how much room there is.
    for (QWidget* w = parentWidget(); w; w = w->parentWidget()) {
        auto* area = qobject_cast<QAbstractScrollArea*>(w);
        if (!area) continue;
        area->viewport()->installEventFilter(this);
        return fit(area->viewport()->width());
    }
}

void SoundPanel::fit(int room) {
    int both = columns_->spacing();
    for (const QVBoxLayout* side : sides_) both += side->minimumSize().width();
    const bool besides = both <= room;
    columns_->setDirection(besides ? QBoxLayout::LeftToRight : QBoxLayout::TopToBottom);
    columns_->setSpacing(besides ? 24 : 2);
}

QHBoxLayout* SoundPanel::addRow() {
    auto* row = new QHBoxLayout;
    row->setSpacing(2);
    // Side by side: the left ones are of what is heard, the right ones of how.
    sides_[rows_++ % 2]->addLayout(row);
    return row;
}

void SoundPanel::addChoices(QHBoxLayout* row, const QString& name, std::vector<Option> options) {
    if (!name.isEmpty()) {
        auto* l = new QLabel(name, this);
        l->setProperty("quiet", true);
        useFont(l, 12);
        if (row->count() > 0) row->addSpacing(8);
        row->addWidget(l);
    }
    auto* group = new QButtonGroup(this);
    auto* frame = new ChoiceGroup(this);
    row->addWidget(frame);
    for (std::size_t i = 0; i < options.size(); ++i) {
        const Option& o = options[i];
        auto* b = new QPushButton(o.text, frame);
        useFont(b, 12);
        b->setCheckable(true);
        b->setToolTip(o.tip);
        b->setAccessibleName(name.isEmpty() ? o.tip : tr("%1: %2").arg(name, o.text));
        group->addButton(b, static_cast<int>(i));
        frame->add(b);
        connect(b, &QPushButton::clicked, this,
                [this, change = o.change] { this->change(change); });
    }
    group->setExclusive(options.size() > 1);
    groups_.push_back({group, std::move(options)});
}

void SoundPanel::addField(QHBoxLayout* row, const QString& what, const QString& unit, double least,
                          double most, std::function<double(const SoundChoice&)> value,
                          std::function<void(SoundChoice&, double)> set) {
    auto* edit = new QLineEdit(this);
    fixWidth(edit, 48);
    useFont(edit, 12);
    edit->setAccessibleName(what);
    edit->setToolTip(tr("%1, %2 to %3 %4").arg(what, numberText(least), numberText(most), unit));
    auto* l = new QLabel(unit, this);
    l->setProperty("quiet", true);
    useFont(l, 12);
    row->addWidget(edit);
    row->addWidget(l);
    row->addSpacing(6);
    fields_.push_back({edit, std::move(value)});
    connect(edit, &QLineEdit::editingFinished, this, [this, edit, least, most, set] {
        bool number = false;
        const QString typed = typedNumber(edit->text().trimmed());
        const double v = typed.toDouble(&number);
        if (!number || v < least || v > most) {
            warning_->setText(tr("\"%1\" is not a number from %2 to %3. Nothing was changed.")
                                  .arg(edit->text(), numberText(least), numberText(most)));
            return;
        }
        change([&](SoundChoice& c) { set(c, v); });
    });
}

const SoundChoice& SoundPanel::choice() const {
    return all_->isChecked() ? session_.state().sound : session_.state().soundOf(take_);
}

void SoundPanel::change(const Change& change) {
    SoundChoice now = choice();
    change(now);
    if (now == choice()) return refresh();
    session_.setSound(all_->isChecked() ? std::vector<int>{} : std::vector<int>{take_}, now);
}

void SoundPanel::showTake(int take) {
    take_ = take;
    const TakeEdit* e = session_.state().editOf(take);
    (e && e->sound ? one_ : all_)->setChecked(true);
    refresh();
}

void SoundPanel::setSlip(Seconds slip) {
    slip_ = slip;
    if (isVisible()) warning_->setText(warning());
}

QString SoundPanel::warning() const {
    const SoundChoice& c = session_.state().soundOf(take_);
    const auto plan = session_.view(take_).sound;
    QStringList all;
    if (plan && c.toLoudness) {
        if (!plan->level.measured()) {
            all << tr("Its loudness is being measured.");
        } else if (std::fabs(plan->level.lufs - c.targetLufs) > 0.1) {
            all << tr("It comes to %1 LUFS only: the peaks leave no more room.")
                       .arg(numberText(plan->level.lufs));
        } else if (plan->level.limit) {
            all << tr("Peaks are turned down for some milliseconds.");
        }
    }
    const Tether* t = session_.state().tetherOf(take_);
    const double apart = std::fabs(slip_.value) + (t ? std::fabs(t->soundDelay.value) : 0);
    if (c.camera == CameraSound::Blended && apart > kCombFrom && apart < kCombTo) {
        all << tr("Mixed sounds that are %1 apart colour each other: it may sound hollow.")
                   .arg(slipWords({apart}));
    }
    if (!c.followClock && t && plan) {
        const double end = std::fabs(t->line.drift.value) * 1e-6 * plan->length().value;
        all << tr("At the end of the take it is %1 out.").arg(slipWords({end}));
    }
    return all.join(QLatin1Char(' '));
}

QString SoundPanel::holds() const {
    const auto plan = session_.exportPlan(take_, VideoContainer::Mov, {});
    if (!plan) return inWords(whyNotHear(session_.view(take_)));
    const TakeEdit* e = session_.state().editOf(take_);
    const QString said = inWords(describeExport(*plan));
    return e && e->sound && all_->isChecked()
               ? tr("This take has a choice of its own. %1").arg(said)
               : said;
}

void SoundPanel::refresh() {
    const MediaItem* m = session_.state().item(take_);
    if (!m) return;
    const TakeEdit* e = session_.state().editOf(take_);
    const bool own = e && e->sound;
    asAll_->setVisible(own);
    const SoundChoice& c = choice();
    for (const Group& g : groups_) {
        for (std::size_t i = 0; i < g.options.size(); ++i) {
            g.buttons->button(static_cast<int>(i))->setChecked(g.options[i].is(c));
        }
    }
    const Tether* t = session_.state().tetherOf(take_);
    const MediaFacts* recording = t ? session_.facts(t->recording) : nullptr;
    channels_->show(recording ? heardSound(recording->info) : HeardSound{}, c.heard());
    for (const Field& f : fields_) {
        if (!f.edit->hasFocus() || !f.edit->isModified()) f.edit->setText(numberText(f.value(c)));
    }
    warning_->setText(warning());
}

}  // namespace brisk::app
