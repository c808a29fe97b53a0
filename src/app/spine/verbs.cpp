// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/spine/verbs.h"

#include <QCoreApplication>

#include "app/spine/words.h"

namespace brisk::app {
namespace {

QString said(const char* text) {
    return QCoreApplication::translate("Verbs", text);
}

}  // namespace

Verbs::Verbs(QObject* parent) : QObject(parent), all_(static_cast<std::size_t>(Verb::Count)) {
    for (const VerbWords& w : verbTable()) {
        Taught& t = all_[static_cast<std::size_t>(w.verb)];
        t.words = &w;
        t.action = new QAction(said(w.text), this);
        t.action->setShortcuts(QList<QKeySequence>(w.keys.begin(), w.keys.end()));
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

void Verbs::refresh() {
    for (const Taught& t : all_) show(t);
}

void Verbs::show(const Taught& t) {
    const Fact why = t.whyNot ? t.whyNot() : Fact{};
    t.action->setEnabled(why.empty());
    QStringList keys;
    for (const QKeySequence& k : t.action->shortcuts())
        keys << k.toString(QKeySequence::NativeText);
    QString tip = said(t.words->tip);
    if (!t.detail.empty()) tip += QStringLiteral(": ") + inWords(t.detail);
    if (!keys.isEmpty()) tip += QStringLiteral(" (%1)").arg(keys.join(QStringLiteral(", ")));
    if (!why.empty()) tip += QLatin1Char('\n') + inWords(why);
    t.action->setToolTip(tip);
}

}  // namespace brisk::app
