// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/main_window.h"

#include <QApplication>
#include <QCloseEvent>
#include <QDir>
#include <QDragEnterEvent>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QItemSelectionModel>
#include <QKeyEvent>
#include <QListView>
#include <QMenu>
#include <QMessageBox>
#include <QMimeData>
#include <QPainter>
#include <QPushButton>
#include <QStackedWidget>
#include <QVBoxLayout>

#include "app/bench/bench.h"
#include "app/bench/empty_bench.h"
#include "app/list/file_notes.h"
#include "app/list/take_panel.h"
#include "app/map/day_map.h"
#include "app/sheet/hand_over_sheet.h"
#include "app/spine/words.h"
#include "app/style/app_style.h"
#include "app/style/colours.h"
#include "app/style/sizes.h"
#include "app/window/dropped_files.h"
#include "app/window/focus_keys.h"
#include "app/window/guide_page.h"
#include "app/window/header_bar.h"
#include "app/window/history_menu.h"
#include "app/window/key_page.h"
#include "app/window/preferences_page.h"
#include "app/window/window_memory.h"
#include "day/permissions.h"
#include "features/scan_cache.h"
#include "sim/scene.h"
#include "sim/shoot_simulator.h"
#include "store/user_folder.h"

namespace brisk::app {
namespace {
constexpr int kListWidth = 252;
constexpr std::uint64_t kDemoSeed = 7;
const QString kShootFilter = QStringLiteral("Brisk Tether shoot (*.brisk)");

Fact whyNoFiles(const Session& session) {
    return session.state().media.empty() ? Fact{"no-files-yet"} : Fact{};
}

}  // namespace

MainWindow::MainWindow(QWidget* parent) : QWidget(parent), verbs_(this) {
    setWindowTitle(tr("Brisk Tether"));
    setAcceptDrops(true);
    setMinimumSize(960, 600);
    resize(1280, 800);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    header_ = new HeaderBar(session_, verbs_, this);
    column->addWidget(header_);
    map_ = new DayMap(session_, this);
    column->addWidget(map_);
    auto* row = new QHBoxLayout;
    row->setSpacing(0);
    column->addLayout(row, 1);

    auto* left = new QVBoxLayout;
    left->setSpacing(0);
    takes_ = new TakePanel(session_, verbs_, this);
    fixWidth(takes_, kListWidth);
    list_ = &takes_->list();
    model_ = &takes_->model();
    left->addWidget(takes_, 1);
    auto* notes = new FileNotes(session_, this);
    fixWidth(notes, kListWidth);
    left->addWidget(notes);
    row->addLayout(left);
    row->addSpacing(1);  // the hairline

    stage_ = new QStackedWidget(this);
    empty_ = new EmptyBench(verbs_, stage_);
    bench_ = new Bench(session_, verbs_, stage_);
    stage_->addWidget(empty_);
    stage_->addWidget(bench_);
    handOver_ = new HandOverSheet(session_, verbs_, stage_);
    stage_->addWidget(handOver_);
    keys_ = new KeyPage(verbs_, preferences_, stage_);
    preferring_ = new PreferencesPage(preferences_, stage_);
    guide_ = new GuidePage(stage_);
    for (QWidget* page : std::initializer_list<QWidget*>{keys_, preferring_, guide_}) {
        stage_->addWidget(page);
    }
    row->addWidget(stage_, 1);

    new FocusKeys(this);
    listen();
    teach();
    teachShoot();
    followPreferences();
    refresh();
}

void MainWindow::listen() {
    connect(empty_, &EmptyBench::recover, this, [this](const QString& journal) {
        if (mayLeaveWork()) session_.document().recover(journal);
    });
    connect(empty_, &EmptyBench::recentChosen, this,
            [this](const QString& path) { openShoot(path); });
    connect(&session_.document(), &OpenShoot::saved, this, &MainWindow::rememberRecent);
    empty_->offerLeftBehind(OpenShoot::leftBehind());
    connect(handOver_, &HandOverSheet::closed, this, [this] {
        handingOver_ = false;
        refresh();
    });
    for (StagePage* page : std::initializer_list<StagePage*>{keys_, preferring_, guide_}) {
        connect(page, &StagePage::closed, this, [this] { showPage(nullptr); });
        connect(page, &StagePage::keysWanted, this, [this] { showPage(keys_); });
    }
    connect(header_, &HeaderBar::recentChosen, this,
            [this](const QString& path) { openShoot(path); });
    connect(&preferences_, &Preferences::changed, this, &MainWindow::followPreferences);
    connect(&looks_, &DesktopLooks::changed, this, &MainWindow::applyLooks);
    connect(list_->selectionModel(), &QItemSelectionModel::currentChanged, this,
            [this](const QModelIndex& now) { choose(now.data(MediaListModel::IdRole).toInt()); });
    connect(map_, &DayMap::chosen, this, &MainWindow::choose);
    connect(takes_, &TakePanel::jumped, this, &MainWindow::choose);
    connect(bench_, &Bench::takeWanted, this, &MainWindow::choose);
    connect(bench_, &Bench::deviceChosen, this, [this](const QByteArray& id) {
        preferences_.change([&](Preferred& p) { p.soundDevice = id; });
    });
    bench_->setSelected([this] { return takes_->selectedTakes(); });
    connect(map_, &DayMap::takeLaid, this, [this](int take, int recording, double at) {
        session_.apply(
            layAt(session_.state(), take, recording, Seconds{at}, {"laid-where-dropped"}));
        choose(take);
    });
    connect(&session_, &Session::changed, this, [this] {
        mayEnd_ = false;  // what was answered before does not hold for what is done since
        refresh();
    });
    connect(&session_, &Session::factsChanged, this, &MainWindow::refresh);
    connect(&session_.work(), &WorkQueue::changed, list_->viewport(),
            qOverload<>(&QWidget::update));
    connect(&session_.work(), &WorkQueue::changed, &verbs_, &Verbs::refresh);
}

void MainWindow::teach() {
    OpenShoot& shoot = session_.document();
    verbs_.teach(Verb::AddFiles, [this] { addFilesByDialog(); });
    verbs_.teach(
        Verb::FindMatches, [this] { session_.findMatches(); },
        [this] { return session_.whyNotMatch(); });
    verbs_.teach(
        Verb::Undo, [&shoot] { shoot.undo(); },
        [&shoot] { return shoot.shoot().canUndo() ? Fact{} : Fact{"nothing-to-undo"}; });
    verbs_.teach(
        Verb::Redo, [&shoot] { shoot.redo(); },
        [&shoot] { return shoot.shoot().canRedo() ? Fact{} : Fact{"nothing-to-redo"}; });
    verbs_.teach(Verb::History, [this] {
        QMenu* menu = historyMenu(session_, chosen_, this);
        menu->setAttribute(Qt::WA_DeleteOnClose);
        menu->popup(header_->mapToGlobal(
            QPoint(header_->shootMenu().parentWidget()->x(), header_->height())));
    });
    verbs_.teach(Verb::Open, [this] { openByDialog(); });
    const auto noFiles = [this] { return whyNoFiles(session_); };
    verbs_.teach(
        Verb::Save,
        [this, &shoot] { shoot.path().isEmpty() ? saveByDialog() : shoot.save(shoot.path()); },
        noFiles);
    verbs_.teach(
        Verb::HandOver,
        [this] {
            handOver_->begin(exported());
            handingOver_ = true;
            page_ = nullptr;
            refresh();
        },
        [this] {
            const int take = exported();
            return take ? whyNotHear(session_.view(take)) : Fact{"no-take-on-bench"};
        });
    verbs_.teach(
        Verb::StopWork, [this] { session_.work().stopAll(); },
        [this] { return session_.work().busy() ? Fact{} : Fact{"nothing-runs"}; });
    verbs_.teach(Verb::Keys, [this] { showPage(keys_); });
    verbs_.teach(Verb::Preferences, [this] { showPage(preferring_); });
    verbs_.teach(Verb::Guide, [this] { showPage(guide_); });
    verbs_.teach(
        Verb::FindTake, [this] { takes_->find(); }, noFiles);
}

void MainWindow::teachShoot() {
    // Their keys, whatever is shown.
    for (const VerbWords& w : verbTable()) {
        if (w.family == VerbFamily::Shoot) addAction(verbs_.action(w.verb));
    }
    const auto noFiles = [this] { return whyNoFiles(session_); };
    verbs_.teach(
        Verb::NewShoot,
        [this] {
            if (mayLeaveWork()) session_.document().beginAnew();
        },
        noFiles);
    verbs_.teach(
        Verb::SaveAs, [this] { saveByDialog(); }, noFiles);
    verbs_.teach(
        Verb::DemoShoot, [this] { openDemo(); },
        [this] { return session_.state().media.empty() ? Fact{} : Fact{"shoot-not-empty"}; });
    verbs_.teach(Verb::Quit, [this] { close(); });
    verbs_.teach(Verb::About, [this] {
        QMessageBox::about(
            this, tr("About Brisk Tether"),
            tr("<b>Brisk Tether %1</b><p>Puts clean sound to picture.<p>Free software under the "
               "GNU General Public License, version 3 or later. It comes without any warranty.")
                .arg(QApplication::applicationVersion()));
    });
}

void MainWindow::followPreferences() {
    const Preferred& p = preferences_.now();
    verbs_.setKeys(p.keys);
    setScanCache(p.cacheFolder.toStdString(), static_cast<std::uintmax_t>(p.cacheMegabytes) << 20);
    session_.work().setAtOnce(p.atOnce);
    bench_->setSoundDevice(p.soundDevice);
    handOver_->desk().setUsualFolder(p.exportFolder);
    header_->setRecent(p.recent);
    empty_->setRecent(p.recent);
    if (lengthsInFeet() != (p.unit == LengthUnit::Feet)) {
        tellLengthsInFeet(p.unit == LengthUnit::Feet);
        emit session_.changed();
    }
    applyLooks();
}

void MainWindow::applyLooks() {
    const Preferred& p = preferences_.now();
    setMotionWanted(looks_.motion());
    const Theme wanted = p.theme == ThemeChoice::Day     ? Theme::Day
                         : p.theme == ThemeChoice::Night ? Theme::Night
                                                         : looks_.theme();
    const double scale = desktopTextScale() * p.textPercent / 100.0;
    if (wanted == theme() && scale == textScale()) return;
    setTheme(wanted);
    setTextScale(scale);
    applyStyle();
    takes_->list().doItemsLayout();
    emit session_.changed();
    update();  // all of it
}

void MainWindow::rememberRecent() {
    const QString path = session_.document().path();
    if (!path.isEmpty()) emit shootUsed(path);
    if (path.isEmpty() || preferences_.now().recent.value(0) == path) return;
    preferences_.change([&](Preferred& p) {
        p.recent.removeAll(path);
        p.recent.prepend(path);
    });
}

MainWindow::~MainWindow() = default;

void MainWindow::takeIn(const QStringList& paths) {
    QStringList media;
    QString shoot;
    for (const QString& p : paths) {
        if (p.endsWith(QLatin1String(".brisk"), Qt::CaseInsensitive)) {
            shoot = p;
        } else {
            media << p;
        }
    }
    if (!shoot.isEmpty()) return openShoot(shoot, media);
    if (!media.isEmpty()) session_.addFiles(media);
}

void MainWindow::openShoot(const QString& path, const QStringList& media) {
    if (!mayLeaveWork()) return;
    const QString full = QFileInfo(path).absoluteFilePath();
    opening_ = full;
    session_.work().startForAny(
        tr("Opening %1").arg(QFileInfo(path).completeBaseName()),
        [this, full, media, held = session_.document().held()](const JobControl&) {
            auto loaded = OpenShoot::load(full, held);
            return [this, full, media, loaded] {
                opening_.clear();
                if (session_.document().adopt(full, loaded)) rememberRecent();
                if (!media.isEmpty()) session_.addFiles(media);
            };
        });
}

void MainWindow::openDemo() {
    const auto own = userFolder("XDG_DATA_HOME", ".local/share");
    const auto folder = (own.empty() ? std::filesystem::temp_directory_path() : own) / "demo";
    session_.work().startForAny(
        tr("Making the demo shoot"), [this, folder](const JobControl& job) -> WorkQueue::Finish {
            std::error_code ec;
            if (!std::filesystem::exists(folder / "truth.json", ec)) {
                std::filesystem::create_directories(folder, ec);
                auto scene = sim::findScene("demo");
                if (!scene)
                    return [this, why = inWords(scene.error().fact)] { session_.addNote(why); };
                auto made = sim::simulateShoot(*scene, kDemoSeed, folder.string(), job);
                if (!made)
                    return [this, why = inWords(made.error().fact)] { session_.addNote(why); };
            }
            QStringList files;
            for (const auto& entry : std::filesystem::directory_iterator(folder, ec)) {
                if (entry.path().extension() != ".json") {
                    files << QString::fromStdString(entry.path().string());
                }
            }
            files.sort();
            return [this, files] { takeIn(files); };
        });
}

int MainWindow::exported() const {
    if (!session_.view(chosen_).isRecording) return chosen_;
    const auto takes = session_.state().ids(MediaKind::Take);
    const auto ready = std::find_if(takes.begin(), takes.end(), [this](int id) {
        return whyNotHear(session_.view(id)).empty();
    });
    return ready != takes.end() ? *ready : takes.empty() ? 0 : takes.front();
}

void MainWindow::choose(int id) {
    if (session_.state().item(id)) {
        // Who turns to another file wants to see it.
        if (id != chosen_) {
            handingOver_ = false;
            page_ = nullptr;
        }
        chosen_ = id;
    }
    refresh();
}

void MainWindow::refresh() {
    setWindowTitle(QStringLiteral("%1[*] \u2013 Brisk Tether").arg(session_.document().name()));
    setWindowModified(session_.shoot().changedSinceSaved());
    if (!session_.state().item(chosen_)) {
        const auto takes = session_.state().ids(MediaKind::Take);
        chosen_ = takes.empty() ? 0 : takes.front();
    }
    const QModelIndex index = model_->indexOf(chosen_);
    if (index.isValid() && list_->currentIndex() != index) list_->setCurrentIndex(index);
    bench_->showTake(chosen_);
    map_->choose(chosen_);
    map_->setVisible(!session_.state().media.empty());
    // Nothing that cannot be seen has the keyboard.
    list_->setFocusPolicy(session_.state().media.empty() ? Qt::NoFocus : Qt::StrongFocus);
    takes_->setCurrent(chosen_);
    empty_->setHaveRecordings(!session_.state().ids(MediaKind::Recording).empty());
    stage_->setCurrentWidget(page_          ? page_
                             : !chosen_     ? static_cast<QWidget*>(empty_)
                             : handingOver_ ? static_cast<QWidget*>(handOver_)
                                            : bench_);
    verbs_.setDetail(Verb::Undo, session_.shoot().undoLabel());
    verbs_.setDetail(Verb::Redo, session_.shoot().redoLabel());
    verbs_.refresh();
    const MediaFacts* facts = session_.facts(chosen_);
    if (!preferences_.now().shownAround && stage_->currentWidget() == bench_ && facts &&
        facts->scan) {
        bench_->lookAround(
            [this] { preferences_.change([](Preferred& p) { p.shownAround = true; }); });
    }
}

void MainWindow::showPage(QWidget* page) {
    page_ = page == page_ ? nullptr : page;
    refresh();
    if (page_) page_->setFocus();
}

void MainWindow::addFilesByDialog() {
    const QStringList files = QFileDialog::getOpenFileNames(
        this, tr("Add takes and recordings"), lastFolder(),
        tr("Video and sound (*.mp4 *.mov *.mkv *.mts *.m2ts *.ts *.wav *.flac *.mp3 *.m4a *.ogg "
           "*.opus *.MP4 *.MOV *.MTS *.WAV);;All files (*)"));
    if (files.isEmpty()) return;
    rememberFolder(files.front());
    takeIn(files);
}

void MainWindow::openByDialog() {
    const QString path =
        QFileDialog::getOpenFileName(this, tr("Open a shoot"), lastFolder(), kShootFilter);
    if (path.isEmpty()) return;
    rememberFolder(path);
    openShoot(path);
}

bool MainWindow::mayLeaveWork() {
    if (!session_.work().busyForShoot()) return true;
    QMessageBox box(QMessageBox::Question, tr("Still at work"),
                    tr("%1. What is whole stays; the rest is stopped, and nothing half-written is "
                       "left.")
                        .arg(session_.work().summary()),
                    QMessageBox::NoButton, this);
    QPushButton* stop = box.addButton(tr("Stop it"), QMessageBox::DestructiveRole);
    QPushButton* stay = box.addButton(tr("Let it finish"), QMessageBox::RejectRole);
    box.setDefaultButton(stay);
    box.setEscapeButton(stay);
    box.exec();
    if (box.clickedButton() != stop) return false;
    session_.work().stopAll();
    return true;
}

bool MainWindow::saveByDialog() {
    // The ending belongs to the name that is asked about: what is there is asked about, too.
    QFileDialog dialog(this, tr("Save the shoot"));
    dialog.setAcceptMode(QFileDialog::AcceptSave);
    dialog.setNameFilter(kShootFilter);
    dialog.setDefaultSuffix(QStringLiteral("brisk"));
    const auto takes = session_.state().ids(MediaKind::Take);
    const MediaItem* first = takes.empty() ? nullptr : session_.state().item(takes.front());
    if (first) {
        const QDir card = QFileInfo(QString::fromStdString(first->path)).absoluteDir();
        dialog.setDirectory(card);
        dialog.selectFile(card.dirName() + QStringLiteral(".brisk"));
    }
    if (dialog.exec() != QDialog::Accepted || dialog.selectedFiles().isEmpty()) return false;
    return session_.document().save(dialog.selectedFiles().front());
}

void MainWindow::dragEnterEvent(QDragEnterEvent* e) {
    if (!holdsFiles(*e->mimeData())) return;
    // Never "move": the other program would take the original away.
    e->setDropAction(Qt::CopyAction);
    e->accept();
}

void MainWindow::dropEvent(QDropEvent* e) {
    e->setDropAction(Qt::CopyAction);
    e->accept();
    filesOf(*e->mimeData(), this, [this](const QStringList& paths) { takeIn(paths); });
}

void MainWindow::keyPressEvent(QKeyEvent* e) {
    if (e->key() == Qt::Key_Delete && list_->hasFocus()) {
        if (QAction* a = verbs_.action(Verb::RemoveFiles); a->isEnabled()) a->trigger();
        return;
    }
    // Leaves what is open, one after the other; never stops work.
    if (e->key() == Qt::Key_Escape) {
        for (const Verb v : {Verb::SeamAlone, Verb::PictureAlone}) {
            QAction* a = verbs_.action(v);
            if (!page_ && !handingOver_ && a->isChecked()) return a->setChecked(false);
        }
        if (page_) return showPage(nullptr);
        if (handingOver_) return handOver_->closed();
    }
    QWidget::keyPressEvent(e);
}

bool MainWindow::isEmpty() const {
    return session_.state().media.empty() && session_.document().path().isEmpty() &&
           opening_.isEmpty() && !session_.work().busy();
}

bool MainWindow::hasOpen(const QString& path) const {
    const auto same = [&](const QString& mine) {
        return !mine.isEmpty() && QFileInfo(mine) == QFileInfo(path);
    };
    return same(session_.document().path()) || same(opening_);
}

void MainWindow::closeEvent(QCloseEvent* e) {
    if (!mayEnd()) return e->ignore();
    rememberSize(*this);
    emit closed();
}

bool MainWindow::mayEnd() {
    if (!mayLeaveWork()) return false;
    if (mayEnd_) return true;
    if (!mayForgetUnsaved()) return false;
    session_.document().forgetUnsaved();
    mayEnd_ = true;
    return true;
}

bool MainWindow::mayForgetUnsaved() {
    if (!session_.shoot().changedSinceSaved() || session_.state().media.empty()) return true;
    const auto answer = QMessageBox::question(
        this, tr("Close the shoot"),
        tr("The shoot has changes that were not saved. Your files are untouched either way."),
        QMessageBox::Save | QMessageBox::Discard | QMessageBox::Cancel, QMessageBox::Save);
    if (answer != QMessageBox::Save) return answer == QMessageBox::Discard;
    return session_.document().path().isEmpty()
               ? saveByDialog()
               : session_.document().save(session_.document().path());
}

void MainWindow::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.fillRect(rect(), colours().paper);
    p.setPen(colours().hairline);
    const int x = layoutDirection() == Qt::RightToLeft ? takes_->x() - 1 : takes_->width();
    p.drawLine(x, takes_->y(), x, height());
}

}  // namespace brisk::app
