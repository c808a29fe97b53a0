// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The one window: header, file list, bench.
#pragma once

#include <QWidget>

#include "app/spine/session.h"
#include "app/spine/verbs.h"

class QListView;
class QStackedWidget;

namespace brisk::app {

class Bench;
class DayMap;
class EmptyBench;
class HandOverSheet;
class HeaderBar;
class KeyPage;
class MediaListModel;
class TakePanel;

class MainWindow : public QWidget {
    Q_OBJECT
  public:
    explicit MainWindow(QWidget* parent = nullptr);
    ~MainWindow() override;

    [[nodiscard]] Session& session() { return session_; }
    [[nodiscard]] Verbs& verbs() { return verbs_; }
    [[nodiscard]] Bench& bench() { return *bench_; }
    [[nodiscard]] HandOverSheet& handOver() { return *handOver_; }
    [[nodiscard]] DayMap& dayMap() { return *map_; }
    [[nodiscard]] TakePanel& takePanel() { return *takes_; }
    /// Media files are added, a saved shoot is opened.
    void takeIn(const QStringList& paths);
    void choose(int id);

  protected:
    void dragEnterEvent(QDragEnterEvent*) override;
    void dropEvent(QDropEvent*) override;
    void closeEvent(QCloseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void paintEvent(QPaintEvent*) override;

  private:
    void refresh();
    void addFilesByDialog();
    void openByDialog();
    bool saveByDialog();
    /// Asks where something runs that would be stopped; false: let it finish.
    bool mayLeaveWork();
    void showKeys(bool shown);
    void listen();
    void teach();

    Session session_;
    Verbs verbs_;
    HeaderBar* header_;
    DayMap* map_;
    TakePanel* takes_;
    MediaListModel* model_;
    QListView* list_;
    QStackedWidget* stage_;
    EmptyBench* empty_;
    Bench* bench_;
    HandOverSheet* handOver_;
    KeyPage* keys_;
    bool handingOver_ = false;
    bool showingKeys_ = false;
    int chosen_ = 0;
};

}  // namespace brisk::app
