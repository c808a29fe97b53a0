// SPDX-License-Identifier: GPL-3.0-or-later
/// ile
/// What the window works with, brought together: the open shoot, the library of what is known of
/// its files, and the work that is going on, which belongs to one shoot. Widgets read a TakeView
/// and tell it commands; they keep no copy.
#pragma once

#include <QObject>
#include <QString>
#include <QStringList>
#include <map>
#include <memory>
#include <optional>
#include <set>
#include <unordered_map>

#include "align/assemble/match_within.h"
#include "app/spine/gather.h"
#include "app/spine/level_cache.h"
#include "app/spine/matching.h"
#include "app/spine/media_library.h"
#include "app/spine/open_shoot.h"
#include "app/spine/work_queue.h"
#include "day/heard_takes.h"
#include "day/place_offers.h"
#include "day/place_ways.h"
#include "day/shot_order.h"
#include "day/take_view.h"
#include "export/documents/handed_take.h"
#include "export/video_export.h"

namespace brisk::app {

/// One take searched for once more, as a person narrowed it down.
struct SearchWish {
    SearchWithin within;
    MatchMethod method = MatchMethod::Auto;
    std::optional<int> takeChannel, recordingChannel;  ///< Others than were listened to at first.
    /// Only to see what is there: the clean sound is moved there, as by hand.
    std::optional<Seconds> tried = std::nullopt;
    QString where;  ///< "in this stretch of the take": goes on "Found ..."
};

class Session : public QObject {
    Q_OBJECT
  public:
    explicit Session(QObject* parent = nullptr);
    ~Session() override;

    [[nodiscard]] OpenShoot& document() { return document_; }
    [[nodiscard]] const OpenShoot& document() const { return document_; }
    [[nodiscard]] const ShootState& state() const { return document_.state(); }
    [[nodiscard]] const Shoot& shoot() const { return document_.shoot(); }
    [[nodiscard]] const MediaLibrary& library() const { return library_; }
    [[nodiscard]] MediaLibrary& library() { return library_; }
    [[nodiscard]] const MediaFacts* facts(int id) const { return library_.facts(id); }
    [[nodiscard]] WorkQueue& work() { return work_; }
    [[nodiscard]] const WorkQueue& work() const { return work_; }

    /// A take as it is now; good until the next change.
    [[nodiscard]] const TakeView& view(int take) const;
    /// Where a take stands, as state().stateOf; all of them are asked once a change.
    [[nodiscard]] TetherState stateOf(int take) const;
    /// Whether somebody listened to a take where it lies now.
    [[nodiscard]] bool heard(int take) const;
    void noteHeard(int take);
    /// What a person did: one step of the history.
    void apply(const Command& command) { document_.apply(command); }

    /// Sentences about files that could not be used, newest last, until dismissed.
    [[nodiscard]] const QStringList& notes() const { return notes_; }
    void addNote(const QString& sentence);
    /// Reads a file that could not be read: the card is in again.
    void lookAgain(int media);
    void dismissNotes();

    void addFiles(const QStringList& paths);
    /// Measures whether a file is a repaired copy of a recording; if it is, it takes its place and
    /// every tether is kept. If not, a note says why, and nothing changes.
    void swapRecording(int media, const QString& copy);
    /// Why takes cannot be matched now; empty where they can: files need not be read yet.
    [[nodiscard]] Fact whyNotMatch() const;
    [[nodiscard]] bool canFindMatches() const { return whyNotMatch().empty(); }
    /// Whether that is wished, and not every file was asked yet.
    [[nodiscard]] bool matching() const { return matching_ != nullptr; }
    /// Every take on every recording: what is read at once, the rest as it is read.
    void findMatches();
    /// On the recording that the take lies on. What is found is one more step of the history;
    /// where nothing is found it stays, and `said` says why.
    void searchAgain(int take, const SearchWish& wish);
    /// Locks those of them that the search is sure of, in one step.
    void lockSure(const std::vector<int>& takes);
    /// \param takes  none = all that have no choice of their own.   \param what  was done, where
    /// that says more than what changed.
    void setSound(const std::vector<int>& takes, const std::optional<SoundChoice>& choice,
                  const Fact& what = {});
    /// Brings all takes that have no choice of their own to the loudness of the one in the middle,
    /// which is measured first.
    void levelAlike();
    /// Measures a take's level where it is needed and not known; factsChanged says when. A newer
    /// wish takes the place of one that is being measured.
    void wantLevel(int take);
    /// Measures the levels of all those takes whose peaks may go over full scale and are not known.
    void measurePeaks(const std::vector<int>& takes);
    /// Lays a loose take on a recording, where the stamps have it or at its start.
    void layOn(int take, int recording);
    /// Lays takes another way, in one step: those that have no place, for which that way leads
    /// somewhere. Nothing where it leads nowhere, or no file of them is read.
    /// \param recording  0 = on that which the time stamps say.
    [[nodiscard]] std::optional<Command> layWay(const std::vector<int>& takes, int recording,
                                                PlaceWay way) const;
    /// Where a person last was in a file that was on the bench; nothing where it never was.
    [[nodiscard]] std::optional<Seconds> leftAt(int media) const;
    void leave(int media, Seconds at) { leftAt_[media] = at; }
    /// The mark or the clap to be seen that is nearest to a moment of a file.
    [[nodiscard]] std::optional<Seconds> pinNear(int media, Seconds t) const;
    /// Lays a take so that the pins nearest to where a person last was in each file meet; else why
    /// not.
    Fact layByPins(int take, int recording);
    /// The take is heard by the microphone that this recording is of; others are kept beside it.
    void hear(int take, int recording);
    /// Puts a mark at a time of the file; unless `exactly`, it settles on the nearest onset and
    /// says by how much.
    void putMark(int media, Seconds time, bool exactly);
    /// How a take's marks can be laid upon those of its recording; the claps that were found, where
    /// not both have marks.
    [[nodiscard]] MarkOffers markOffers(int take) const;
    /// The mark or the clap of a take that is nearest to a moment.
    [[nodiscard]] std::optional<Seconds> clapNear(int take, Seconds t, Seconds reach) const;

    /// The takes that go on from each other, as they could be or are treated as one.
    [[nodiscard]] const std::vector<ContinuedTake>& continued() const;
    /// The plan for one take, or nothing while its files are not read or it has no place.
    [[nodiscard]] std::optional<VideoExportPlan> exportPlan(int take, VideoContainer container,
                                                            const QString& folder) const;
    /// Those of these takes that can be handed over, as they will be.
    [[nodiscard]] std::vector<HandedTake> handedTakes(const std::vector<int>& takes) const;

  signals:
    void changed();             ///< The document.
    void factsChanged(int id);  ///< Something more is known of a file; 0 = of any.
    void notesChanged();
    void said(const QString& sentence);  ///< What just happened, in passing.

  private:
    void takeGathered(Gathered& found);
    [[nodiscard]] MatchRound nextRound() const;
    /// Begins the next round of matching, where one is wished and there is something for it.
    void matchRead();
    void runRound(MatchRound round);
    /// On a worker. What it gives is done on the interface thread.
    WorkQueue::Finish searchRound(const MatchRound& round,
                                  const std::shared_ptr<Matching>& matching, int threads,
                                  const JobControl& job);
    /// Takes in what a search found so far.
    void takeMatched(std::vector<Tether> found);
    /// What the last round found, which decides.
    void takeAllMatched(std::vector<Tether>& found, bool stopped);
    void endMatching();
    void tellWithdrawn(const std::vector<Tether>& found);
    void takeSearched(const PlacedPair& pair, const SearchWish& wish,
                      const Result<TetherEstimate>& found);

    OpenShoot document_;
    QStringList notes_;
    std::shared_ptr<Matching> matching_;  // while a wish to match is on
    void forgetViews();
    mutable std::map<int, TakeView> views_;                        // until the next change
    mutable std::optional<std::vector<ContinuedTake>> continued_;  // so are these
    mutable std::optional<std::unordered_map<int, TetherState>> states_;
    mutable std::optional<HeardTakes> heard_;
    /// The order of the shots, and the files that it is of; until more is known of a file.
    mutable std::optional<std::pair<std::vector<MediaItem>, std::vector<Shot>>> shots_;
    std::map<int, Seconds> leftAt_;
    LevelCache levels_;
    MediaLibrary library_;
    WorkQueue work_;  // last: it must end before what it reports to
};

}  // namespace brisk::app
