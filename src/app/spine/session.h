// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// The open shoot as the window sees it: the model behind its one door, what was read of each file,
/// and the work that is going on. Widgets ask it and tell it; they keep no copy.
#pragma once

#include <QObject>
#include <QString>
#include <QStringList>
#include <QTimer>
#include <map>
#include <memory>
#include <optional>
#include <set>

#include "align/assemble/match_within.h"
#include "align/measure/mark_fit.h"
#include "app/spine/gather.h"
#include "app/spine/latest_worker.h"
#include "app/spine/level_cache.h"
#include "app/spine/placed_pair.h"
#include "app/spine/work_queue.h"
#include "core/time_ranges.h"
#include "day/day_layout.h"
#include "day/take_plan.h"
#include "export/handed_take.h"
#include "export/video_export.h"
#include "features/sound_scan.h"
#include "shoot/journal.h"
#include "shoot/shoot.h"

namespace brisk::app {

/// What is known of one file so far.
struct MediaFacts {
    MediaInfo info;
    std::shared_ptr<PeakPyramid> peaks;     ///< Fills while the file is read.
    std::shared_ptr<const SoundScan> scan;  ///< Null until it is read.
    QString problem;                        ///< Why it cannot be read, if it cannot.
};

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

    [[nodiscard]] const ShootState& state() const { return shoot_.state(); }
    [[nodiscard]] const Shoot& shoot() const { return shoot_; }
    [[nodiscard]] WorkQueue& work() { return work_; }
    /// Null for an id that is not there.
    [[nodiscard]] const MediaFacts* facts(int id) const;
    /// Nothing while the take has no place, or one of the files is not read.
    [[nodiscard]] std::optional<PlacedPair> placedPair(int take) const;
    /// What the take's clean sound is made of, as it is heard; empty while it has no place or a
    /// file is not read.
    [[nodiscard]] CleanPieces heardPieces(int take) const;
    /// What the take will sound like; nothing while it has no place or a file is not read. A
    /// loudness that was not measured yet is measured behind, and factsChanged tells.
    [[nodiscard]] std::optional<TakeSoundPlan> soundPlan(int take) const;
    /// Whose scan it is; 0 = of no file of the shoot.
    [[nodiscard]] int mediaOf(const std::shared_ptr<const SoundScan>& scan) const;
    /// Where a file's own sound begins on the time that its marks count by.
    [[nodiscard]] Seconds soundStart(int media) const;
    /// What is known of a file for laying out the day.
    [[nodiscard]] DayFacts dayFacts(int id) const;
    [[nodiscard]] QString projectPath() const { return projectPath_; }
    [[nodiscard]] QString projectName() const;
    /// Sentences about files that could not be used, newest last, until dismissed.
    [[nodiscard]] const QStringList& notes() const { return notes_; }

    void addFiles(const QStringList& paths);
    void remove(int id);
    /// Measures whether a file is a repaired copy of a recording; if it is, it takes its place and
    /// every tether is kept. If not, a note says why, and nothing changes.
    void swapRecording(int media, const QString& copy);
    [[nodiscard]] bool canFindMatches() const;
    void findMatches();
    /// On the recording that the take lies on. What is found is one more step of the history;
    /// where nothing is found it stays, and `said` says why.
    void searchAgain(int take, const SearchWish& wish);
    void lock(int take);
    /// Those of them that the search is sure of, in one step.
    void lockSure(const std::vector<int>& takes);
    void setRole(int media, MediaKind role);
    void setCamera(const std::vector<int>& takes, const QString& name);
    /// The takes that go on from each other, as they could be or are treated as one.
    [[nodiscard]] std::vector<ContinuedTake> continued() const;
    void joinTakes(const std::vector<ContinuedTake>& joins);
    void partTakes(int take);
    void unlock(int take);
    /// Where a slipped take was tethered.
    void backToTether(int take);
    /// \param takes  none = all that have no choice of their own.   \param what  was done, where
    /// that says more than what changed.
    void setSound(const std::vector<int>& takes, const std::optional<SoundChoice>& choice,
                  const Fact& what = {});
    /// Brings all takes that have no choice of their own to the loudness of the one in the middle,
    /// which is measured first.
    void levelAlike();
    /// Measures the levels of those takes whose peaks may go over full scale and are not known;
    /// factsChanged says when. Nothing where there are none.
    void measurePeaks(const std::vector<int>& takes);
    /// What is kept of a take, the whole of it included.
    [[nodiscard]] TimeRange wholeTake(int take) const;
    [[nodiscard]] TimeRanges kept(int take) const;
    /// \param what  the id of what was done: "cut", "trim-start".
    void keep(int take, const TimeRanges& kept, const std::string& what);
    void moveClean(int take, Seconds by);
    void backToFound(int take);
    /// \param where  "at-moment", "mark-pairs": for the history.
    void place(int take, ClockLine line, const Fact& where);
    /// Lays a loose take on a recording, where the stamps have it or at its start.
    void layOn(int take, int recording);
    void setSoundDelay(int take, Seconds delay);
    /// The take is heard by the microphone that this recording is of; others are kept beside it.
    void hear(int take, int recording);

    /// Puts a mark at a time of the file; unless `exactly`, it settles on the nearest onset and
    /// says by how much.
    void putMark(int media, Seconds time, bool exactly);
    void moveMark(int mark, Seconds time);
    void renameMark(int mark, const QString& name);
    void removeMark(int mark);
    [[nodiscard]] bool haveMarksOnBoth(int take) const;
    /// A file's marks, in order of time; or the strongest of the claps that were found on it.
    [[nodiscard]] std::vector<Seconds> momentsOf(int media, bool claps, std::size_t most) const;
    /// How a take's marks fit those of its recording; the claps that were found, without marks.
    [[nodiscard]] std::vector<MarkFit> markFits(int take) const;
    void undo();
    void redo();

    /// To a step of the history, 0 = before the first.
    void goToStep(std::size_t step);
    /// Keeps what is so now under a name; not a step of the history, but saved with the shoot.
    void keepSnapshot(const QString& name);
    void backToSnapshot(std::size_t snapshot);
    void takeAsInSnapshot(int take, std::size_t snapshot);

    bool save(const QString& path);
    /// With what a crash left in its journal.
    bool open(const QString& path);
    /// Shoots that were never saved, of programs that ended without being asked; newest first.
    [[nodiscard]] static QStringList leftBehind();
    /// Goes on with one of them.
    bool recover(const QString& journal);
    /// Everything is saved, or may be lost.
    void forgetUnsaved();

    /// The plan for one take, or nothing while its files are not read or it has no place.
    [[nodiscard]] std::optional<VideoExportPlan> exportPlan(int take, VideoContainer container,
                                                            const QString& folder) const;
    /// Those of these takes that can be handed over, as they will be.
    [[nodiscard]] std::vector<HandedTake> handedTakes(const std::vector<int>& takes) const;
    /// Remembered with the shoot, no step of its history. A shoot that is saved is saved again.
    void remember(const std::string& what, const std::string& value);

    void addNote(const QString& sentence);
    void dismissNotes();

  signals:
    void changed();             ///< The model.
    void factsChanged(int id);  ///< Something more is known of a file.
    void notesChanged();
    void saved();
    void said(const QString& sentence);  ///< What just happened, in passing.

  private:
    [[nodiscard]] std::shared_ptr<const SoundScan> scanOf(int media) const;
    void apply(const Command& command);
    /// Writes a step down.
    void keep(const std::function<Result<void>(Journal&)>& step);
    void beginJournal();
    void journalFailed(const Error& why);
    void takeGathered(Gathered& found);
    /// Takes in what a search found so far.
    void takeMatched(std::vector<Tether> found);
    void amend(const Command& command);
    void takeSearched(const PlacedPair& pair, const SearchWish& wish,
                      const Result<TetherEstimate>& found);
    void readMissing();
    void read(const std::string& path);
    /// What is known of a file before it has been read.
    void learn(const std::string& path, const MediaInfo& info);

    Shoot shoot_;
    std::map<std::string, MediaFacts> known_;  // by path
    QStringList notes_;
    QString projectPath_;
    /// The step that a search's results are gathered in, and whose they are.
    struct Matching {
        std::size_t step = 0;
        std::set<int> takes;
    };
    std::optional<Matching> matching_;
    mutable LevelCache levels_;
    std::optional<Journal> journal_;
    bool journalFailed_ = false;  // said once
    std::filesystem::path unsavedPlace_;
    QTimer flushSoon_;
    LatestWorker<Journal> flusher_{[](const Journal& j) { j.flush(); }};
    WorkQueue work_;  // last: it must end before what it reports to
};

}  // namespace brisk::app
