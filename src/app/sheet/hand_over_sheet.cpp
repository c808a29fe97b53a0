// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/sheet/hand_over_sheet.h"

#include <QClipboard>
#include <QDesktopServices>
#include <QFileDialog>
#include <QFileInfo>
#include <QGuiApplication>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QItemSelectionModel>
#include <QLineEdit>
#include <QListView>
#include <QMenu>
#include <QMimeData>
#include <QPushButton>
#include <QUrl>
#include <QVBoxLayout>
#include <algorithm>
#include <utility>

#include "app/sheet/hand_over_files.h"
#include "app/sheet/hand_over_row.h"
#include "app/spine/verb_button.h"
#include "app/spine/words.h"
#include "app/style/choice_group.h"
#include "app/style/flow_layout.h"
#include "app/style/sizes.h"

namespace brisk::app {
namespace {

constexpr int kNames = 92;  // pixels of a row's name

/// All of it, over as many lines as it takes, and nothing in it that hides the rest: a saved shoot
/// of somebody else may have chosen it.
QString wholePath(const std::string& path) {
    QString shown;
    for (const QChar c : q(path)) {
        const bool odd = c.category() == QChar::Other_Control ||
                         c.category() == QChar::Other_Format || c == QChar::LineSeparator ||
                         c == QChar::ParagraphSeparator;
        shown += odd ? QChar(0xFFFD) : c;
        if (c == '/') shown += QChar(0x200B);
    }
    return shown;
}

void open(const QString& path) {
    QDesktopServices::openUrl(QUrl::fromLocalFile(path));
}

}  // namespace

HandOverSheet::HandOverSheet(Session& session, Verbs& verbs, QWidget* parent)
    : QWidget(parent), verbs_(verbs), desk_(session) {
    teach();
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 12, 16, 12);
    column->setSpacing(4);
    auto* head = new QHBoxLayout;
    column->addLayout(head);
    auto* title = new QLabel(tr("Export"), this);
    useFont(title, 16, true);
    head->addWidget(title);
    head->addSpacing(16);
    auto* scopes = new ChoiceGroup(this);
    head->addWidget(scopes);
    const auto scope = [&](HandOverDesk::Scope which) {
        auto* b = new QPushButton(scopes);
        b->setCheckable(true);
        scopes->add(b);
        connect(b, &QPushButton::clicked, this, [this, which] { desk_.setScope(which); });
        return b;
    };
    thisTake_ = scope(HandOverDesk::Scope::ThisTake);
    tethered_ = scope(HandOverDesk::Scope::Tethered);
    placed_ = scope(HandOverDesk::Scope::Placed);
    head->addStretch(1);
    head->addWidget(new VerbButton(verbs_, Verb::BackToBench, this));

    addVideoRow();
    addPiecesRow();
    addSoundRow();
    addPeaksRow();
    addPapersRow();
    addHandOnRow();
    addCheckRow();
    addNameRow();

    files_ = new QListView(this);
    files_->setModel(new HandOverFiles(desk_, files_));
    files_->setItemDelegate(new HandOverRow(files_));
    files_->setResizeMode(QListView::Adjust);
    files_->setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    files_->setContextMenuPolicy(Qt::CustomContextMenu);
    files_->setSelectionMode(QAbstractItemView::ExtendedSelection);
    files_->setDragEnabled(true);
    files_->setDragDropMode(QAbstractItemView::DragOnly);
    files_->setAccessibleName(tr("Files to be written"));
    connect(files_, &QListView::customContextMenuRequested, this, &HandOverSheet::showMenu);
    connect(files_, &QListView::doubleClicked, verbs_.action(Verb::RenameFile), &QAction::trigger);
    connect(files_->selectionModel(), &QItemSelectionModel::selectionChanged, &verbs_,
            &Verbs::refresh);
    column->addWidget(files_, 1);
    addActions();

    const auto look = [this] {
        if (isVisible()) desk_.look();
    };
    connect(&session, &Session::changed, this, look);
    connect(&session, &Session::factsChanged, this, look);
    connect(&desk_, &HandOverDesk::planned, this, &HandOverSheet::refresh);
    connect(&desk_, &HandOverDesk::fileChanged, this, &HandOverSheet::refresh);
    connect(&desk_, &HandOverDesk::runningChanged, this, &HandOverSheet::refresh);
}

bool HandOverSheet::event(QEvent* e) {
    // One below the other, as wide as the longest of them.
    if (e->type() == QEvent::LayoutRequest || e->type() == QEvent::Show) {
        int most = scaled(kNames);
        for (const QLabel* l : names_) most = std::max(most, l->sizeHint().width());
        for (QLabel* l : names_) l->setMinimumWidth(most);
    }
    return QWidget::event(e);
}

QHBoxLayout* HandOverSheet::addLine(const QString& name) {
    auto* line = new QWidget(this);
    auto* row = new QHBoxLayout(line);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(2);
    auto* l = new QLabel(name, this);
    l->setProperty("quiet", true);
    leastWidth(l, kNames);
    names_.push_back(l);
    row->addWidget(l);
    layout()->addWidget(line);
    return row;
}

FlowLayout* HandOverSheet::addRow(const QString& name) {
    auto* flow = new FlowLayout(nullptr, 6);
    addLine(name)->addLayout(flow, 1);
    return flow;
}

QPushButton* HandOverSheet::addChoice(FlowLayout* row, const QString& name, const QString& text,
                                      const QString& tip, Is is, Change change) {
    // Choices of one name that follow each other share a line around them.
    if (!group_ || groupRow_ != row || group_->accessibleName() != name) {
        group_ = new ChoiceGroup(this);
        group_->setAccessibleName(name);
        groupRow_ = row;
        row->addWidget(group_);
    }
    auto* b = new QPushButton(text, group_);
    b->setCheckable(true);
    b->setToolTip(tip);
    b->setAccessibleName(tr("%1: %2").arg(name, text));
    group_->add(b);
    connect(b, &QPushButton::clicked, this,
            [this, change = std::move(change)] { desk_.change(change); });
    choices_.push_back({b, std::move(is)});
    return b;
}

void HandOverSheet::addVideoRow() {
    auto* row = addRow(tr("video"));
    const auto container = [&](const QString& text, const QString& tip, VideoContainer which) {
        addChoice(
            row, tr("video"), text, tip,
            [which](const HandOverChoice& c) { return c.video && c.container == which; },
            [which](HandOverChoice& c) {
                c.video = true;
                c.container = which;
                c.codec.reset();
            });
    };
    container(tr("MOV"), tr("QuickTime: everything that edits opens it"), VideoContainer::Mov);
    container(tr("MKV"), tr("Matroska"), VideoContainer::Mkv);
    container(tr("as the take"), tr("The container that the camera wrote"),
              VideoContainer::SameAsTake);
    addChoice(
        row, tr("video"), tr("none"), tr("No videos"),
        [](const HandOverChoice& c) { return !c.video; },
        [](HandOverChoice& c) { c.video = false; });
    auto* l = new QLabel(tr("its sound"), this);
    l->setProperty("quiet", true);
    row->addWidget(l);
    const std::pair<SoundCodec, QString> codecs[] = {{SoundCodec::Pcm24, tr("as it is, 24-bit")},
                                                     {SoundCodec::Float, tr("32-bit float")},
                                                     {SoundCodec::Flac, tr("FLAC")},
                                                     {SoundCodec::Alac, tr("ALAC")},
                                                     {SoundCodec::Aac, tr("AAC")},
                                                     {SoundCodec::Opus, tr("Opus")}};
    for (const auto& [codec, text] : codecs) {
        const bool lossless = codec != SoundCodec::Aac && codec != SoundCodec::Opus;
        auto* b = addChoice(
            row, tr("its sound"), text,
            lossless ? tr("Nothing is lost") : tr("Small, hardly to be told from the original"),
            [codec = codec](const HandOverChoice& c) {
                return c.video && c.codec.value_or(defaultCodec(c.container)) == codec;
            },
            [codec = codec](HandOverChoice& c) { c.codec = codec; });
        codecs_.emplace_back(codec, b);
    }
}

void HandOverSheet::addPiecesRow() {
    auto* row = addRow(tr("pieces begin"));
    pieces_ = row->parentWidget();
    const auto start = [&](const QString& text, const QString& tip, PieceStart which) {
        addChoice(
            row, tr("pieces begin"), text, tip,
            [which](const HandOverChoice& c) { return c.pieces == which; },
            [which](HandOverChoice& c) { c.pieces = which; });
    };
    start(tr("at the cut"),
          tr("Picture untouched in MOV and MP4, which can hide what comes before; in others it is "
             "re-encoded where the cut is not at a key frame"),
          PieceStart::Exact);
    start(
        tr("at the cut, re-encoded"),
        tr("For programs that show what a MOV hides: slow, and the picture is not the take's own, "
           "though hardly to be told from it"),
        PieceStart::CodedAnew);
    start(tr("at the key frame before"),
          tr("Picture untouched, quick; a piece begins a little before its cut"),
          PieceStart::KeyFrame);
    const auto files = [&](const QString& text, const QString& tip, bool joined) {
        addChoice(
            row, tr("pieces are"), text, tip,
            [joined](const HandOverChoice& c) { return c.joined == joined; },
            [joined](HandOverChoice& c) { c.joined = joined; });
    };
    files(tr("each a file"), tr("A file for each piece that is kept"), false);
    files(
        tr("joined"),
        tr("All pieces of a take in one file without gaps; re-encoded where a piece begins between "
           "key frames"),
        true);
}

void HandOverSheet::addSoundRow() {
    auto* row = addRow(tr("sound alone"));
    const auto format = [&](const QString& text, const QString& tip,
                            std::optional<SoundFormat> which) {
        addChoice(
            row, tr("sound alone"), text, tip,
            [which](const HandOverChoice& c) { return c.sound == which; },
            [which](HandOverChoice& c) { c.sound = which; });
    };
    format(tr("none"), tr("No sound files"), std::nullopt);
    format(tr("WAV"), tr("The clean sound alone, as long as each take"), SoundFormat::Wav);
    format(tr("WAV, 32-bit float"), tr("The same; peaks over full scale are kept"),
           SoundFormat::WavFloat);
    format(tr("FLAC"), tr("The same, half as large, nothing lost"), SoundFormat::Flac);
}

void HandOverSheet::addPeaksRow() {
    auto* row = addRow(tr("peaks too high"));
    peaks_ = row->parentWidget();
    const auto how = [&](const QString& text, const QString& tip, OverFull which) {
        addChoice(
            row, tr("peaks too high"), text, tip,
            [which](const HandOverChoice& c) { return c.overFull == which; },
            [which](HandOverChoice& c) { c.overFull = which; });
    };
    how(tr("turn the take down"),
        tr("The whole take becomes quieter, so that its highest peak fits; nothing else changes"),
        OverFull::TurnDown);
    how(tr("limit the peaks"),
        tr("Each peak is turned down for some milliseconds; the rest stays as loud as it is"),
        OverFull::Limit);
    how(tr("let them be cut"), tr("Peaks are cut at full scale: they will be distorted"),
        OverFull::Clip);
}

void HandOverSheet::addPapersRow() {
    auto* row = addRow(tr("also write"));
    const auto toggle = [&](const QString& text, const QString& tip, bool HandOverChoice::*what) {
        addChoice(
            row, tr("also write"), text, tip, [what](const HandOverChoice& c) { return c.*what; },
            [what](HandOverChoice& c) { c.*what = !(c.*what); });
    };
    toggle(tr("timeline (OTIO)"), tr("Every take in its place on the day, for other programs"),
           &HandOverChoice::timeline);
    toggle(tr("edit list (EDL)"),
           tr("For programs that open no timeline: one camera, whole frames"),
           &HandOverChoice::editList);
    toggle(
        tr("gaps closed"),
        tr("In timeline and edit list, what no camera keeps takes no time: the pieces follow each "
           "other"),
        &HandOverChoice::closeGaps);
    toggle(tr("pointing at the originals"),
           tr("Timeline and edit list point at the takes and recordings as they are"),
           &HandOverChoice::pointAtOriginals);
    toggle(tr("report"), tr("A page with pictures: what was matched, how well, what was written"),
           &HandOverChoice::htmlReport);
    toggle(tr("table"), tr("The same as CSV"), &HandOverChoice::csvReport);
    toggle(tr("JSON"), tr("The same for scripts"), &HandOverChoice::jsonReport);
}

void HandOverSheet::addHandOnRow() {
    auto* row = addRow(tr("to hand on"));
    const auto toggle = [&](const QString& text, const QString& tip, bool HandOverChoice::*what) {
        addChoice(
            row, tr("to hand on"), text, tip, [what](const HandOverChoice& c) { return c.*what; },
            [what](HandOverChoice& c) { c.*what = !(c.*what); });
    };
    toggle(
        tr("recordings as a whole"),
        tr("Each recorder's day as one sound on the clock of the camera, for an edit of your own; "
           "where each take begins in it is said"),
        &HandOverChoice::wholeRecordings);
    toggle(tr("a folder of its own"),
           tr("Everything in one folder, named for the shoot, that names its files from there"),
           &HandOverChoice::package);
    toggle(tr("manifest (ASC MHL)"),
           tr("A list of all files with their check values, for whoever gets them"),
           &HandOverChoice::manifest);
    row->addWidget(new VerbButton(verbs_, Verb::ChooseEdit, this));
    row->addWidget(new VerbButton(verbs_, Verb::RenameFile, this, VerbButton::Unable::Hidden));
    row->addWidget(new VerbButton(verbs_, Verb::CopyFiles, this, VerbButton::Unable::Hidden));
}

void HandOverSheet::addCheckRow() {
    auto* row = addRow(tr("read back"));
    const auto depth = [&](const QString& text, const QString& tip, CheckDepth which) {
        addChoice(
            row, tr("read back"), text, tip,
            [which](const HandOverChoice& c) { return c.check == which; },
            [which](HandOverChoice& c) { c.check = which; });
    };
    depth(tr("every picture"), tr("Every picture and every sound, as the system holds the file"),
          CheckDepth::Pictures);
    depth(tr("from the disk"),
          tr("The same, after the file was written out and dropped from memory: slower"),
          CheckDepth::Disk);
    depth(tr("sounds only"), tr("Quicker: pictures are not compared"), CheckDepth::Sound);
    addChoice(
        row, tr("read back"), tr("SHA-256, too"),
        tr("A slow check value for those who ask for it; a quick one is always taken"),
        [](const HandOverChoice& c) { return c.sha256; },
        [](HandOverChoice& c) { c.sha256 = !c.sha256; });
}

void HandOverSheet::addNameRow() {
    auto* row = addLine(tr("names"));
    pattern_ = new QLineEdit(this);
    leastWidth(pattern_, 220);
    pattern_->setAccessibleName(tr("Pattern of the files' names"));
    QStringList fields;
    for (const std::string& f : patternFields()) fields << q(f);
    pattern_->setToolTip(tr("A name for every file; it can hold %1").arg(fields.join(tr(", "))));
    row->addWidget(pattern_, 1);
    row->addSpacing(16);
    auto* l = new QLabel(tr("in"), this);
    l->setProperty("quiet", true);
    row->addWidget(l);
    row->addSpacing(6);
    folder_ = new QLabel(this);
    folder_->setWordWrap(true);
    folder_->setTextFormat(Qt::PlainText);
    folder_->setObjectName(QStringLiteral("handOverFolder"));
    row->addWidget(folder_, 2);
    row->addWidget(new VerbButton(verbs_, Verb::ChooseFolder, this));
    connect(pattern_, &QLineEdit::textEdited, this, [this](const QString& text) {
        desk_.change([&](HandOverChoice& c) { c.pattern = text.toStdString(); });
    });
}

void HandOverSheet::addActions() {
    auto* actions = new QHBoxLayout;
    static_cast<QVBoxLayout*>(layout())->addLayout(actions);
    for (const Verb v : {Verb::WriteFiles, Verb::StopWriting, Verb::TryAgain, Verb::StartOver,
                         Verb::OpenFolder, Verb::OpenReport}) {
        auto* b = new VerbButton(
            verbs_, v, this,
            v == Verb::WriteFiles ? VerbButton::Unable::Greyed : VerbButton::Unable::Hidden);
        if (v == Verb::WriteFiles) {
            b->setProperty("primary", true);
            useFont(b, 13, true);
            write_ = b;
        }
        actions->addWidget(b);
    }
    summary_ = new QLabel(this);
    summary_->setWordWrap(true);
    summary_->setObjectName(QStringLiteral("handOverSummary"));
    actions->addSpacing(8);
    actions->addWidget(summary_, 1);
}

void HandOverSheet::teach() {
    const auto idle = [this] { return desk_.running() ? Fact{"writing"} : Fact{}; };
    verbs_.teach(Verb::BackToBench, [this] { emit closed(); });
    verbs_.teach(
        Verb::ChooseFolder, [this] { chooseFolder(); }, idle);
    verbs_.teach(
        Verb::ChooseEdit, [this] { chooseEdit(); }, idle);
    verbs_.teach(
        Verb::RenameFile, [this] { rename(); },
        [this] {
            if (desk_.running() || desk_.begun()) return Fact{"is-written-already"};
            return selected().size() == 1 ? Fact{} : Fact{"no-file-selected"};
        });
    verbs_.teach(
        Verb::CopyFiles,
        [this] {
            auto data = std::make_unique<QMimeData>();
            data->setUrls(desk_.written(selected()));
            QGuiApplication::clipboard()->setMimeData(data.release());
        },
        [this] {
            return desk_.written(selected()).isEmpty() ? Fact{"nothing-written-yet"} : Fact{};
        });
    verbs_.teach(
        Verb::WriteFiles, [this] { desk_.write(); },
        [this] {
            if (desk_.running() || desk_.begun()) return Fact{"is-written-already"};
            if (desk_.left() == 0) return Fact{"nothing-to-write"};
            return desk_.plan().problem();
        });
    verbs_.teach(
        Verb::StopWriting, [this] { desk_.stopAll(); },
        [this] { return desk_.running() ? Fact{} : Fact{"nothing-runs"}; });
    verbs_.teach(
        Verb::TryAgain, [this] { desk_.tryAgain(); },
        [this, idle] {
            return desk_.begun() && desk_.unfinished() > 0 ? idle() : Fact{"nothing-failed"};
        });
    verbs_.teach(
        Verb::StartOver, [this] { desk_.startOver(); },
        [this, idle] { return desk_.begun() ? idle() : Fact{"nothing-written-yet"}; });
    verbs_.teach(
        Verb::OpenFolder, [this] { open(q(desk_.plan().folder().string())); },
        [this, idle] {
            const bool some = desk_.begun() && desk_.count(FileState::Written) > 0;
            return some ? idle() : Fact{"nothing-written-yet"};
        });
    verbs_.teach(
        Verb::OpenReport, [this] { open(desk_.reportPath()); },
        [this, idle] {
            return desk_.reportPath().isEmpty() ? Fact{"nothing-written-yet"} : idle();
        });
}

void HandOverSheet::begin(int take) {
    if (!desk_.openToAttention()) desk_.begin(take);
    refresh();
}

void HandOverSheet::setFolder(const QString& folder) {
    desk_.change([&](HandOverChoice& c) { c.folder = folder.toStdString(); });
}

void HandOverSheet::chooseFolder() {
    const QString chosen =
        QFileDialog::getExistingDirectory(this, tr("Write to"), q(desk_.choice().folder.string()));
    if (!chosen.isEmpty()) setFolder(chosen);
}

void HandOverSheet::chooseEdit() {
    const QString chosen = QFileDialog::getOpenFileName(this, tr("An edit begun on the takes"),
                                                        q(desk_.choice().folder.string()),
                                                        tr("OpenTimelineIO timeline (*.otio)"));
    if (!chosen.isEmpty()) setEdit(chosen);
}

void HandOverSheet::setEdit(const QString& path) {
    desk_.change([&](HandOverChoice& c) { c.relink = path.toStdString(); });
}

std::vector<std::size_t> HandOverSheet::selected() const {
    std::vector<std::size_t> out;
    if (!files_) return out;
    for (const QModelIndex& i : files_->selectionModel()->selectedIndexes()) {
        out.push_back(static_cast<std::size_t>(i.row()));
    }
    return out;
}

void HandOverSheet::rename() {
    const auto files = selected();
    if (files.size() != 1) return;
    const auto& path = desk_.plan().files[files.front()].path;
    bool ok = false;
    const QString name = QInputDialog::getText(
        this, tr("Call it"),
        tr("Name of this file, without its ending; empty: as the pattern has it"),
        QLineEdit::Normal, q(path.stem().string()), &ok);
    if (ok) desk_.rename(files.front(), name);
}

QString HandOverSheet::summary() const {
    const HandOverPlan& plan = desk_.plan();
    if (desk_.begun()) {
        QStringList parts;
        const auto say = [&](FileState state, const QString& one, const QString& many) {
            const std::size_t n = desk_.count(state);
            if (n > 0) parts << (n == 1 ? one : many.arg(n));
        };
        say(FileState::Written, tr("1 file written"), tr("%1 files written"));
        say(FileState::Writing, tr("1 being written"), tr("%1 being written"));
        say(FileState::Waiting, tr("1 waits"), tr("%1 wait"));
        say(FileState::Failed, tr("1 could not be written"), tr("%1 could not be written"));
        say(FileState::Stopped, tr("1 stopped"), tr("%1 stopped"));
        const auto marked = std::count_if(desk_.results().begin(), desk_.results().end(),
                                          [](const FileResult& r) { return r.marked(); });
        if (marked > 0) parts << tr("%1 check failed").arg(marked);
        return parts.join(tr(", ")) + QLatin1Char('.');
    }
    if (!plan.problem().empty()) return inWords(plan.problem());
    QString text =
        tr("About %1; %2 are free.").arg(bytesWords(plan.bytes()), bytesWords(plan.free));
    if (const std::size_t n = desk_.count(FileState::Failed); n > 0) {
        text += n == 1 ? tr(" 1 file cannot be written, see there.")
                       : tr(" %1 files cannot be written, see there.").arg(n);
    }
    return text;
}

void HandOverSheet::refresh() {
    const HandOverChoice& c = desk_.choice();
    const HandOverPlan& plan = desk_.plan();
    using Scope = HandOverDesk::Scope;
    thisTake_->setText(tr("this take"));
    tethered_->setText(tr("all tethered (%1)").arg(desk_.takesIn(Scope::Tethered)));
    placed_->setText(tr("all with a place (%1)").arg(desk_.takesIn(Scope::Placed)));
    thisTake_->setChecked(desk_.scope() == Scope::ThisTake);
    tethered_->setChecked(desk_.scope() == Scope::Tethered);
    placed_->setChecked(desk_.scope() == Scope::Placed);
    tethered_->setVisible(desk_.takesIn(Scope::Tethered) > 0);
    placed_->setVisible(desk_.takesIn(Scope::Placed) > desk_.takesIn(Scope::Tethered));
    for (const Choice& choice : choices_) {
        choice.button->setChecked(choice.is(c));
        choice.button->setEnabled(!desk_.running());
    }
    const std::string path =
        plan.takes.empty() ? std::string() : plan.takes.front().scan->info.path;
    const auto can = codecsFor(c.container, path);
    for (const auto& [codec, button] : codecs_) {
        button->setVisible(c.video && std::find(can.begin(), can.end(), codec) != can.end());
    }
    const auto cut = [](const PlannedFile& f) {
        return (f.asVideo && (f.asVideo->stretch || f.asVideo->joined)) ||
               (f.asSound && f.asSound->sound.kept.size() > 1);
    };
    pieces_->setVisible(std::any_of(plan.files.begin(), plan.files.end(), cut));
    peaks_->setVisible(plan.goesOverFull());
    if (pattern_->text() != q(c.pattern)) pattern_->setText(q(c.pattern));
    pattern_->setEnabled(!desk_.running());
    folder_->setText(wholePath(plan.files.empty() ? c.folder.string() : plan.folder().string()));
    const std::string edit = c.relink.filename().string();
    verbs_.action(Verb::ChooseEdit)
        ->setText(edit.empty() ? verbs_.text(Verb::ChooseEdit) : tr("Relinks %1").arg(q(edit)));

    const std::size_t left = desk_.left();
    verbs_.action(Verb::WriteFiles)
        ->setText(left == 1 ? tr("Write 1 file") : tr("Write %1 files").arg(left));
    write_->setVisible(!desk_.running() && !desk_.begun());
    verbs_.action(Verb::TryAgain)->setText(tr("Try again (%1)").arg(desk_.unfinished()));
    verbs_.refresh();
    summary_->setText(summary());
    summary_->setProperty("attention", !desk_.begun() && !plan.problem().empty());
}

void HandOverSheet::showMenu(const QPoint& at) {
    // From the keyboard: of the row that is current.
    const QModelIndex under = files_->indexAt(at);
    const QModelIndex index = under.isValid() ? under : files_->currentIndex();
    if (!index.isValid()) return;
    const auto file = static_cast<std::size_t>(index.row());
    const FileResult& r = desk_.results()[file];
    auto* menu = new QMenu(this);
    menu->setAttribute(Qt::WA_DeleteOnClose);
    if (r.state == FileState::Writing || (desk_.running() && r.state == FileState::Waiting)) {
        menu->addAction(tr("Stop this file"), this, [this, file] { desk_.stop(file); });
    }
    if (r.state == FileState::Written) {
        menu->addAction(tr("Open this file"), this, [path = q(r.path)] { open(path); });
        menu->addAction(tr("Open its folder"), this,
                        [path = q(r.path)] { open(QFileInfo(path).absolutePath()); });
        menu->addAction(verbs_.action(Verb::CopyFiles));
    }
    if (verbs_.action(Verb::RenameFile)->isEnabled()) {
        menu->addAction(verbs_.action(Verb::RenameFile));
    }
    if (menu->isEmpty()) return menu->deleteLater();
    menu->popup(files_->viewport()->mapToGlobal(at));
}

}  // namespace brisk::app
