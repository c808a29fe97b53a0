// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The window of one shoot: header, file list, bench.
#pragma once

#include <QWidget>

#include "app/spine/preferences.h"
#include "app/spine/session.h"
#include "app/spine/verbs.h"
#include "app/style/desktop_looks.h"

class QListView;
class QStackedWidget;

namespace brisk::app {

class Bench;
class DayMap;
class EmptyBench;
class GuidePage;
class HandOverSheet;
class HeaderBar;
class KeyPage;
class MediaListModel;
class PreferencesPage;
class TakePanel;

class MainWindow : public QWidget {
    Q_OBJECT
  public:
    explicit MainWindow(QWidget* parent = nullptr);
    ~MainWindow() override;

    [[nodiscard]] Session& session() { return session_; }
    [[nodiscard]] Verbs& verbs() { return verbs_; }
    [[nodiscard]] Preferences& preferences() { return preferences_; }
    [[nodiscard]] Bench& bench() { return *bench_; }
    [[nodiscard]] HandOverSheet& handOver() { return *handOver_; }
    [[nodiscard]] DayMap& dayMap() { return *map_; }
    [[nodiscard]] TakePanel& takePanel() { return *takes_; }
    /// Media files are added, a saved shoot is opened.
    void takeIn(const QStringList& paths);
    void choose(int id);
    /// Nothing is in it, and nothing is being put into it.
    [[nodiscard]] bool isEmpty() const;
    /// Whether this saved shoot is open here, or being opened.
    [[nodiscard]] bool hasOpen(const QString& path) const;
    /// Asks what closing asks, and closes nothing; until something is done closing does not ask it
    /// again. False: somebody wants to stay.
    bool mayEnd();

  signals:
    void closed();
    void shootUsed(const QString& path);  ///< A saved shoot was opened, or saved.

  protected:
    void dragEnterEvent(QDragEnterEvent*) override;
    void dropEvent(QDropEvent*) override;
    void closeEvent(QCloseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void paintEvent(QPaintEvent*) override;

  private:
    /// The take that an export is begun for; 0 = none.
    [[nodiscard]] int exported() const;
    void refresh();
    /// What a person prefers, everywhere, now.
    void followPreferences();
    void applyLooks();
    /// A page in the place of the bench; none: the bench again. The same page once more puts it
    /// away.
    void showPage(QWidget* page);
    void addFilesByDialog();
    /// Files are read behind the window; then it takes the place of what is open.
    void openShoot(const QString& path, const QStringList& media = {});
    void openDemo();
    void teachShoot();
    void rememberRecent();
    void openByDialog();
    bool saveByDialog();
    /// Asks where something runs that would be stopped; false: let it finish.
    bool mayLeaveWork();
    /// Asks where something is not saved; false: stay.
    bool mayForgetUnsaved();
    void listen();
    void teach();

    Preferences preferences_;
    DesktopLooks looks_;
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
    PreferencesPage* preferring_;
    GuidePage* guide_;
    QWidget* page_ = nullptr;
    QString opening_;  // the saved shoot that is being read
    bool mayEnd_ = false;
    bool handingOver_ = false;
    int chosen_ = 0;  // a take, or a recording by itself
};

}  // namespace brisk::app
