// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/list/file_verbs.h"

#include <QFileDialog>
#include <QFileInfo>
#include <QInputDialog>
#include <QMenu>

#include "app/list/search_channel_menu.h"
#include "app/list/slate_dialog.h"
#include "day/continued_takes.h"
#include "shoot/commands.h"

namespace brisk::app {
namespace {

/// What is selected, asked anew at each use: the list changes under it.
struct Selection {
    Session& session;
    std::function<std::vector<int>()> ids;

    [[nodiscard]] std::vector<int> takes() const {
        auto out = ids();
        std::erase_if(out, [&](int id) { return !isTake(id); });
        return out;
    }
    [[nodiscard]] bool isTake(int id) const {
        const MediaItem* m = session.state().item(id);
        return m && m->role == MediaKind::Take;
    }
    /// 0 where it is not exactly one file.
    [[nodiscard]] int single() const {
        const auto all = ids();
        return all.size() == 1 ? all.front() : 0;
    }
    /// Those that could not be read.
    [[nodiscard]] std::vector<int> unread() const {
        auto out = ids();
        std::erase_if(out, [&](int id) {
            const MediaFacts* f = session.facts(id);
            return !f || f->problem.isEmpty();
        });
        return out;
    }
    [[nodiscard]] std::vector<ContinuedTake> joinable() const {
        return joinsWithin(session.continued(), session.state(), takes());
    }
};

void nameCamera(const Selection& s, QWidget* parent) {
    const auto takes = s.takes();
    bool ok = false;
    const QString name = QInputDialog::getText(
        parent, QObject::tr("Camera"), QObject::tr("Name of the camera these takes are from:"),
        QLineEdit::Normal, {}, &ok);
    if (ok) s.session.apply(commands::setCamera(takes, name.trimmed().toStdString()));
}

void describe(const Selection& s, QWidget* parent) {
    std::vector<MediaItem> files;
    for (const int id : s.ids()) {
        if (const MediaItem* m = s.session.state().item(id)) files.push_back(*m);
    }
    SlateDialog dialog(files, parent);
    if (dialog.exec() != QDialog::Accepted) return;
    const SlateChange change = dialog.change();
    if (change.empty()) return;
    s.session.apply(commands::describe(s.session.state(), s.ids(), change));
}

void swapRecording(const Selection& s, QWidget* parent) {
    const int recording = s.single();
    const QFileInfo old(QString::fromStdString(s.session.state().item(recording)->path));
    const QString copy = QFileDialog::getOpenFileName(
        parent, QObject::tr("A repaired copy of %1").arg(old.fileName()), old.absolutePath());
    if (!copy.isEmpty()) s.session.swapRecording(recording, copy);
}

}  // namespace

void teachFileVerbs(Session& session, Verbs& verbs, std::function<std::vector<int>()> selected,
                    QWidget* dialogParent) {
    const Selection s{session, std::move(selected)};
    const auto setRole = [s](MediaKind kind) {
        s.session.apply(commands::setRole(s.session.state(), s.single(), kind));
    };
    const auto noTake = [s] { return s.takes().empty() ? Fact{"no-take-selected"} : Fact{}; };
    verbs.teach(
        Verb::Describe, [s, dialogParent] { describe(s, dialogParent); },
        [s] { return s.ids().empty() ? Fact{"nothing-selected"} : Fact{}; });
    verbs.teach(
        Verb::SearchBy,
        [s, dialogParent] {
            QMenu* menu = searchChannelMenu(s.session, s.ids(), dialogParent);
            menu->setAttribute(Qt::WA_DeleteOnClose);
            menu->popup(QCursor::pos());
        },
        [s] { return mostChannels(s.session, s.ids()) > 1 ? Fact{} : Fact{"one-channel-only"}; });
    verbs.teach(
        Verb::NameCamera, [s, dialogParent] { nameCamera(s, dialogParent); }, noTake);
    verbs.teach(
        Verb::JoinTakes,
        [s] { s.session.apply(commands::joinTakes(s.session.state(), s.joinable())); },
        [s] { return s.joinable().empty() ? Fact{"not-of-one-take"} : Fact{}; });
    verbs.teach(
        Verb::PartTakes,
        [s] { s.session.apply(commands::partTakes(s.session.state(), s.takes().front())); },
        [s] {
            const auto takes = s.takes();
            if (takes.size() != 1) return Fact{"one-file-at-a-time"};
            return s.session.state().oneWith(takes.front()).size() > 1 ? Fact{}
                                                                       : Fact{"not-joined"};
        });
    verbs.teach(
        Verb::SoundOnly, [setRole] { setRole(MediaKind::Recording); },
        [s] { return s.isTake(s.single()) ? Fact{} : Fact{"no-take-selected"}; });
    verbs.teach(
        Verb::TakeAfterAll, [setRole] { setRole(MediaKind::Take); },
        [s] {
            const MediaFacts* f = s.session.facts(s.single());
            const bool can = f && f->info.video && !s.isTake(s.single());
            return can ? Fact{} : Fact{"no-recording-with-picture"};
        });
    verbs.teach(
        Verb::SwapRecording, [s, dialogParent] { swapRecording(s, dialogParent); },
        [s] {
            const bool can = s.single() != 0 && !s.isTake(s.single());
            return can ? Fact{} : Fact{"no-recording-selected"};
        });
    verbs.teach(
        Verb::LookAgain,
        [s] {
            for (const int id : s.unread()) s.session.lookAgain(id);
        },
        [s] { return s.unread().empty() ? Fact{"all-was-read"} : Fact{}; });
    verbs.teach(
        Verb::RemoveFiles,
        [s] {
            for (const int id : s.ids()) {
                s.session.apply(commands::removeMedia(s.session.state(), id));
            }
        },
        [s] { return s.ids().empty() ? Fact{"nothing-selected"} : Fact{}; });
}

const std::vector<Verb>& fileVerbs() {
    static const std::vector<Verb> all{Verb::Describe,     Verb::SearchBy,      Verb::NameCamera,
                                       Verb::JoinTakes,    Verb::PartTakes,     Verb::SoundOnly,
                                       Verb::TakeAfterAll, Verb::SwapRecording, Verb::LookAgain,
                                       Verb::RemoveFiles};
    return all;
}

}  // namespace brisk::app
