// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/history_menu.h"
#include "app/spine/words.h"

#include <QInputDialog>
#include <algorithm>

namespace brisk::app {
namespace {

constexpr std::size_t kMaxSteps = 16;

void keepAs(Session& session, QWidget* parent) {
    bool ok = false;
    const QString name = QInputDialog::getText(parent, QObject::tr("Keep this moment"),
                                               QObject::tr("What is it called?"), QLineEdit::Normal,
                                               QObject::tr("before the cut"), &ok)
                             .trimmed();
    if (ok && !name.isEmpty()) session.document().keepSnapshot(name);
}

}  // namespace

QMenu* historyMenu(Session& session, int take, QWidget* parent) {
    auto* menu = new QMenu(parent);
    const auto add = [&](const QString& text, auto what) {
        QAction* a = menu->addAction(text);
        QObject::connect(a, &QAction::triggered, parent, what);
        return a;
    };
    add(QObject::tr("Keep this moment…"), [&session, parent] { keepAs(session, parent); });
    const auto& kept = session.shoot().snapshots();
    for (std::size_t i = 0; i < kept.size(); ++i) {
        const QString name = QString::fromStdString(kept[i].name);
        add(QObject::tr("Back to \"%1\"").arg(name),
            [&session, i] { session.document().backToSnapshot(i); });
        if (take > 0) {
            add(QObject::tr("This take as in \"%1\"").arg(name),
                [&session, take, i] { session.document().takeAsInSnapshot(take, i); });
        }
    }
    menu->addSeparator();
    const auto& steps = session.shoot().steps();
    const std::size_t at = session.shoot().at();
    const std::size_t last = std::min(steps.size() - 1, at + kMaxSteps / 2);
    const std::size_t first = last > kMaxSteps ? last - kMaxSteps : 0;
    for (std::size_t i = last + 1; i-- > first;) {
        const QString text = i == 0 ? QObject::tr("as it was at first") : inWords(steps[i].label);
        QAction* a = add(text, [&session, i] { session.document().goToStep(i); });
        a->setCheckable(true);
        a->setChecked(i == at);
    }
    return menu;
}

}  // namespace brisk::app
