// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desktop/windows.h"

#include <QApplication>
#include <QThreadPool>
#include <algorithm>

#include "app/desktop/recent_files.h"
#include "app/window/main_window.h"
#include "app/window/window_memory.h"

namespace brisk::app {

Windows::Windows(QObject* parent) : QObject(parent) {
    connect(qApp, &QApplication::focusChanged, this, [this](QWidget*, QWidget* now) {
        const QWidget* top = now ? now->window() : nullptr;
        const auto it = std::find_if(windows_.begin(), windows_.end(),
                                     [&](const auto& w) { return w.get() == top; });
        if (it != windows_.end()) std::rotate(it, it + 1, windows_.end());
    });
}

Windows::~Windows() = default;

MainWindow* Windows::current() const {
    return windows_.empty() ? nullptr : windows_.back().get();
}

std::vector<MainWindow*> Windows::all() const {
    std::vector<MainWindow*> out;
    for (const auto& w : windows_) out.push_back(w.get());
    return out;
}

MainWindow& Windows::open() {
    MainWindow& w = *windows_.emplace_back(std::make_unique<MainWindow>());
    // One that was closed has been asked about, and holds nothing any more; its end must not come
    // while it is being closed.
    connect(&w, &MainWindow::closed, this, [this, window = &w] {
        QMetaObject::invokeMethod(
            this,
            [this, window] {
                std::erase_if(windows_, [&](const auto& o) { return o.get() == window; });
            },
            Qt::QueuedConnection);
    });
    connect(&w, &MainWindow::shootUsed, this, [](const QString& path) {
        QThreadPool::globalInstance()->start([path] {
            (void)noteRecentFile(desktopRecentList(), path, QDateTime::currentDateTime());
        });
    });
    restoreSize(w);
    emit opened(&w);
    return w;
}

MainWindow* Windows::emptyOne() const {
    const auto it = std::find_if(windows_.rbegin(), windows_.rend(),
                                 [](const auto& w) { return w->isEmpty(); });
    return it == windows_.rend() ? nullptr : it->get();
}

void Windows::show(MainWindow& window) {
    window.show();
    window.setWindowState(window.windowState() & ~Qt::WindowMinimized);
    window.raise();
    window.activateWindow();
}

void Windows::take(const QStringList& files) {
    QStringList shoots, media;
    for (const QString& f : files) {
        (f.endsWith(QLatin1String(".brisk"), Qt::CaseInsensitive) ? shoots : media) << f;
    }
    for (const QString& shoot : shoots) {
        const auto it = std::find_if(windows_.begin(), windows_.end(),
                                     [&](const auto& w) { return w->hasOpen(shoot); });
        if (it != windows_.end()) {
            show(**it);
            continue;
        }
        MainWindow* w = emptyOne();
        if (!w) w = &open();
        w->takeIn({shoot});
        show(*w);
    }
    if (!media.isEmpty()) {
        MainWindow& w = current() ? *current() : open();
        w.takeIn(media);
        show(w);
    }
    if (files.isEmpty()) {
        MainWindow* w = emptyOne();
        show(w ? *w : open());
    }
}

bool Windows::mayEnd() {
    for (const auto& w : windows_) {
        if (!w->mayEnd()) return false;
    }
    rememberOpen();
    return true;
}

void Windows::rememberOpen() const {
    QStringList shoots;
    for (const auto& w : windows_) {
        if (const QString path = w->session().document().path(); !path.isEmpty()) shoots << path;
    }
    rememberOpenShoots(shoots);
}

void Windows::comeBack() {
    take(takeOpenShoots());
}

}  // namespace brisk::app
