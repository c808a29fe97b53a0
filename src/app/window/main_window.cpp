// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/main_window.h"

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
#include "app/style/colours.h"
#include "app/window/dropped_files.h"
#include "app/window/header_bar.h"
#include "app/window/history_menu.h"
#include "app/window/key_page.h"
#include "day/permissions.h"

namespace brisk::app {
namespace {
constexpr int kListWidth = 252;
const QString kShootFilter = QStringLiteral("Brisk Tether shoot (*.brisk)");
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
    takes_->setFixedWidth(kListWidth);
    list_ = &takes_->list();
    model_ = &takes_->model();
    left->addWidget(takes_, 1);
    auto* notes = new FileNotes(session_, this);
    notes->setFixedWidth(kListWidth);
    left->addWidget(notes);
    row->addLayout(left);
    row->addSpacing(1);  // the hairline

    stage_ = new QStackedWidget(this);
    empty_ = new EmptyBench(stage_);
    bench_ = new Bench(session_, verbs_, stage_);
    stage_->addWidget(empty_);
    stage_->addWidget(bench_);
    handOver_ = new HandOverSheet(session_, verbs_, stage_);
    stage_->addWidget(handOver_);
    keys_ = new KeyPage(stage_);
    stage_->addWidget(keys_);
    row->addWidget(stage_, 1);

    listen();
    teach();
    refresh();
}

void MainWindow::listen() {
    connect(empty_, &EmptyBench::addFiles, this, &MainWindow::addFilesByDialog);
    connect(empty_, &EmptyBench::recover, this, [this](const QString& journal) {
        if (mayLeaveWork()) session_.document().recover(journal);
    });
    empty_->offerLeftBehind(OpenShoot::leftBehind());
    connect(handOver_, &HandOverSheet::closed, this, [this] {
        handingOver_ = false;
        refresh();
    });
    connect(keys_, &KeyPage::closed, this, [this] { showKeys(false); });
    connect(list_->selectionModel(), &QItemSelectionModel::currentChanged, this,
            [this](const QModelIndex& now) { choose(now.data(MediaListModel::IdRole).toInt()); });
    connect(map_, &DayMap::chosen, this, &MainWindow::choose);
    connect(takes_, &TakePanel::jumped, this, &MainWindow::choose);
    connect(&session_, &Session::changed, this, &MainWindow::refresh);
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
        [this] { return session_.canFindMatches() ? Fact{} : Fact{"nothing-to-search"}; });
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
    const auto noFiles = [this] {
        return session_.state().media.empty() ? Fact{"no-files-yet"} : Fact{};
    };
    verbs_.teach(
        Verb::Save,
        [this, &shoot] { shoot.path().isEmpty() ? saveByDialog() : shoot.save(shoot.path()); },
        noFiles);
    verbs_.teach(
        Verb::HandOver,
        [this] {
            handOver_->begin(chosen_);
            handingOver_ = true;
            showingKeys_ = false;
            refresh();
        },
        [this] { return chosen_ ? whyNotHear(session_.view(chosen_)) : Fact{"no-take-on-bench"}; });
    verbs_.teach(
        Verb::StopWork, [this] { session_.work().stopAll(); },
        [this] { return session_.work().busy() ? Fact{} : Fact{"nothing-runs"}; });
    verbs_.teach(Verb::Keys, [this] { showKeys(!showingKeys_); });
}

MainWindow::~MainWindow() = default;

void MainWindow::takeIn(const QStringList& paths) {
    QStringList media;
    for (const QString& p : paths) {
        if (p.endsWith(QLatin1String(".brisk"), Qt::CaseInsensitive)) {
            if (mayLeaveWork()) session_.document().open(p);
        } else {
            media << p;
        }
    }
    if (!media.isEmpty()) session_.addFiles(media);
}

void MainWindow::choose(int id) {
    const MediaItem* m = session_.state().item(id);
    if (m && m->role == MediaKind::Take) {
        // Who turns to another take wants to see it.
        if (id != chosen_) handingOver_ = showingKeys_ = false;
        chosen_ = id;
    }
    refresh();
}

void MainWindow::refresh() {
    const auto takes = session_.state().ids(MediaKind::Take);
    if (std::find(takes.begin(), takes.end(), chosen_) == takes.end()) {
        chosen_ = takes.empty() ? 0 : takes.front();
    }
    const QModelIndex index = model_->indexOf(chosen_);
    if (index.isValid() && list_->currentIndex() != index) {
        const bool onTake = list_->currentIndex().data(MediaListModel::IsTakeRole).toBool();
        if (onTake || !list_->currentIndex().isValid()) list_->setCurrentIndex(index);
    }
    bench_->showTake(chosen_);
    map_->choose(chosen_);
    map_->setVisible(!session_.state().media.empty());
    takes_->setCurrent(chosen_);
    empty_->setHaveRecordings(!session_.state().ids(MediaKind::Recording).empty());
    stage_->setCurrentWidget(showingKeys_   ? static_cast<QWidget*>(keys_)
                             : !chosen_     ? static_cast<QWidget*>(empty_)
                             : handingOver_ ? static_cast<QWidget*>(handOver_)
                                            : bench_);
    verbs_.setDetail(Verb::Undo, session_.shoot().undoLabel());
    verbs_.setDetail(Verb::Redo, session_.shoot().redoLabel());
    verbs_.refresh();
}

void MainWindow::showKeys(bool shown) {
    showingKeys_ = shown;
    refresh();
}

void MainWindow::addFilesByDialog() {
    takeIn(QFileDialog::getOpenFileNames(
        this, tr("Add takes and recordings"), {},
        tr("Video and sound (*.mp4 *.mov *.mkv *.mts *.m2ts *.ts *.wav *.flac *.mp3 *.m4a *.ogg "
           "*.opus *.MP4 *.MOV *.MTS *.WAV);;All files (*)")));
}

void MainWindow::openByDialog() {
    const QString path = QFileDialog::getOpenFileName(this, tr("Open a shoot"), {}, kShootFilter);
    if (!path.isEmpty() && mayLeaveWork()) session_.document().open(path);
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
    QWidget::keyPressEvent(e);
}

void MainWindow::closeEvent(QCloseEvent* e) {
    if (!mayLeaveWork()) return e->ignore();
    if (!session_.shoot().changedSinceSaved() || session_.state().media.empty()) {
        session_.document().forgetUnsaved();
        return;
    }
    const auto answer = QMessageBox::question(
        this, tr("Close the shoot"),
        tr("The shoot has changes that were not saved. Your files are untouched either way."),
        QMessageBox::Save | QMessageBox::Discard | QMessageBox::Cancel, QMessageBox::Save);
    bool close = answer == QMessageBox::Discard;
    if (answer == QMessageBox::Save) {
        close = session_.document().path().isEmpty()
                    ? saveByDialog()
                    : session_.document().save(session_.document().path());
    }
    close ? session_.document().forgetUnsaved() : e->ignore();
}

void MainWindow::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.fillRect(rect(), colours().paper);
    p.setPen(colours().hairline);
    p.drawLine(kListWidth, takes_->y(), kListWidth, height());
}

}  // namespace brisk::app
