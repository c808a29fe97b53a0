// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/spine/verbs.h"

#include <QCoreApplication>
#include <algorithm>

#include "app/spine/words.h"

namespace brisk::app {
namespace {

QString said(const char* text) {
    return QCoreApplication::translate("brisk::app", text);
}

// After every change each verb is asked anew. What takes long of that is kept with its action: its
// keys in words, and that its tip says nothing but what it always says.
constexpr const char* kKeysText = "keysText";
constexpr const char* kPlainTip = "plainTip";

void giveKeys(QAction& action, const QList<QKeySequence>& keys) {
    QStringList texts;
    for (const QKeySequence& k : keys) texts << k.toString(QKeySequence::NativeText);
    action.setShortcuts(keys);
    action.setProperty(kKeysText, texts.join(QStringLiteral(", ")));
    action.setProperty(kPlainTip, false);
}

}  // namespace

const VerbWords& wordsOf(Verb v) {
    const auto& all = verbTable();
    return *std::find_if(all.begin(), all.end(), [v](const VerbWords& w) { return w.verb == v; });
}

Verbs::Verbs(QObject* parent) : QObject(parent), all_(static_cast<std::size_t>(Verb::Count)) {
    for (const VerbWords& w : verbTable()) {
        Taught& t = all_[static_cast<std::size_t>(w.verb)];
        t.words = &w;
        t.action = new QAction(said(w.text), this);
        t.action->setObjectName(QLatin1String(w.id));
        giveKeys(*t.action, QList<QKeySequence>(w.keys.begin(), w.keys.end()));
        t.action->setCheckable(w.kind == VerbWords::Toggle);
        t.action->setAutoRepeat(w.kind == VerbWords::Repeats);
        show(t);
    }
}

QAction* Verbs::action(Verb v) const {
    return of(v).action;
}

QString Verbs::tip(Verb v) const {
    return said(of(v).words->tip);
}

QString Verbs::text(Verb v) const {
    return said(of(v).words->text);
}

void Verbs::teach(Verb v, std::function<void()> act, WhyNot whyNot) {
    Taught& t = all_[static_cast<std::size_t>(v)];
    t.whyNot = std::move(whyNot);
    connect(t.action, &QAction::triggered, this, [act = std::move(act)] { act(); });
    show(t);
}

void Verbs::teachToggle(Verb v, std::function<void(bool)> act, WhyNot whyNot) {
    Taught& t = all_[static_cast<std::size_t>(v)];
    t.whyNot = std::move(whyNot);
    connect(t.action, &QAction::toggled, this, [act = std::move(act)](bool on) { act(on); });
    show(t);
}

Fact Verbs::whyNot(Verb v) const {
    const Taught& t = of(v);
    return t.whyNot ? t.whyNot() : Fact{};
}

void Verbs::setDetail(Verb v, const Fact& detail) {
    all_[static_cast<std::size_t>(v)].detail = detail;
}

QString Verbs::keysOf(Verb v) const {
    return of(v).action->property(kKeysText).toString();
}

void Verbs::setKeys(const QMap<QString, QList<QKeySequence>>& chosen) {
    for (const Taught& t : all_) {
        const QList<QKeySequence> plain(t.words->keys.begin(), t.words->keys.end());
        giveKeys(*t.action, chosen.value(QLatin1String(t.words->id), plain));
        show(t);
    }
}

void Verbs::refresh() {
    for (const Taught& t : all_) show(t);
}

void Verbs::show(const Taught& t) {
    const Fact why = t.whyNot ? t.whyNot() : Fact{};
    t.action->setEnabled(why.empty());
    const bool plain = why.empty() && t.detail.empty();
    if (plain && t.action->property(kPlainTip).toBool()) return;
    const QString keys = keysOf(t.words->verb);
    QString tip = said(t.words->tip);
    if (!t.detail.empty()) tip += QStringLiteral(": ") + inWords(t.detail);
    if (!keys.isEmpty()) tip += QStringLiteral(" (%1)").arg(keys);
    if (!why.empty()) tip += QLatin1Char('\n') + inWords(why);
    t.action->setToolTip(tip);
    t.action->setProperty(kPlainTip, plain);
}

}  // namespace brisk::app
