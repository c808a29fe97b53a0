// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/spine/inbox.h"

#include <QCoreApplication>
#include <QEvent>

namespace brisk::app {

void Inbox::leave(std::function<void()> deed) {
    {
        const std::lock_guard hold(lock_);
        left_.push_back(std::move(deed));
    }
    QCoreApplication::postEvent(this, new QEvent(QEvent::User));
}

bool Inbox::event(QEvent* e) {
    if (e->type() != QEvent::User) return QObject::event(e);
    std::function<void()> deed;
    {
        const std::lock_guard hold(lock_);
        deed = std::move(left_.front());
        left_.pop_front();
    }
    deed();  // may be the end of this
    return true;
}

}  // namespace brisk::app
