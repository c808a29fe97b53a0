// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Everything that a person can tell the window, each once: its words, its keys, what it does, and
/// whether it can be done now or why not. Buttons, menus, the page of keys, accessibility and tests
/// read it here; nothing else has keys of its own.
///
///     verbs.teach(Verb::Tether, [&] { session.lock(take); }, [&] { return whyNotTether(view());
///     }); new VerbButton(verbs, Verb::Tether, this);
#pragma once

#include <QAction>
#include <QKeySequence>
#include <QList>
#include <QMap>
#include <QObject>
#include <functional>
#include <vector>

#include "core/fact.h"

namespace brisk::app {

enum class Verb {
    AddFiles,
    FindMatches,
    Undo,
    Redo,
    History,
    NewShoot,
    Open,
    Save,
    SaveAs,
    HandOver,
    StopWork,
    Keys,
    FindTake,
    Guide,
    Preferences,
    DemoShoot,
    About,
    Quit,
    NextToHear,
    NextUnheard,
    TetherSure,
    Play,
    HearCamera,
    HearClean,
    HearBoth,
    HearSplit,
    HearFlip,
    HalfSpeed,
    PlainSpeed,
    DoubleSpeed,
    ShuttleBack,
    ShuttleOn,
    Loop,
    SameLoudness,
    FrameBack,
    FrameOn,
    WholeTake,
    Overlap,
    AllMarks,
    NearestClaps,
    CloseUp,
    Samples,
    SeamAlone,
    PictureAlone,
    EqualHeights,
    SharedSound,
    FrameEarlier,
    FrameLater,
    MillisecondEarlier,
    MillisecondLater,
    SampleEarlier,
    SampleLater,
    StepEarlier,
    StepLater,
    SearchAgain,
    NextPlace,
    BackToFound,
    HandsMeet,
    Tether,
    Loosen,
    BackToTether,
    LayByHand,
    LayByStamps,
    LayByStarts,
    LayByEnds,
    LayByPins,
    LayAsTyped,
    LayHere,
    LayPinHere,
    CopyFigures,
    MarkCamera,
    MarkClean,
    MarkCameraExactly,
    MarkCleanExactly,
    MarksTogether,
    StepPlace,
    StepCheck,
    StepSound,
    StepTrim,
    Cut,
    DropPiece,
    BringBack,
    TrimStart,
    TrimEnd,
    KeepSelection,
    KeepShared,
    KeepWhole,
    CutsSettle,
    QuietClean,
    QuietCamera,
    QuietBoth,
    LowerClean,
    LetBeHeard,
    SkipCuts,
    OtherCamera,
    Describe,
    SearchBy,
    NameCamera,
    JoinTakes,
    PartTakes,
    SoundOnly,
    TakeAfterAll,
    SwapRecording,
    LookAgain,
    RemoveFiles,
    ChooseFolder,
    ChooseEdit,
    RenameFile,
    CopyFiles,
    WriteFiles,
    StopWriting,
    TryAgain,
    StartOver,
    OpenFolder,
    OpenReport,
    BackToBench,
    Count
};

/// The families of the page of keys.
enum class VerbFamily { Shoot, Listening, Looking, Placing, Marking, Making, Files, HandingOver };

struct VerbWords {
    Verb verb;
    const char* id;    ///< "find-matches": where its keys are remembered.
    const char* text;  ///< On a button or in a menu.
    const char* tip;  ///< What it does, in full; also its accessible name where the text is a sign.
    std::vector<QKeySequence> keys;
    VerbFamily family;
    const char* row;  ///< On the page of keys; neighbours that share it share a line.
    enum Kind { Plain, Toggle, Repeats } kind = Plain;
};

/// In the order of the page of keys.
const std::vector<VerbWords>& verbTable();
const VerbWords& wordsOf(Verb v);

class Verbs : public QObject {
    Q_OBJECT
  public:
    /// Nothing: it can be done. Else the reason, as a fact.
    using WhyNot = std::function<Fact()>;

    explicit Verbs(QObject* parent = nullptr);

    [[nodiscard]] QAction* action(Verb v) const;
    /// The words, in the window's language.
    [[nodiscard]] QString tip(Verb v) const;
    [[nodiscard]] QString text(Verb v) const;

    /// What it does; once for each verb, by whoever knows.
    void teach(Verb v, std::function<void()> act, WhyNot whyNot = {});
    /// The same for one that is on or off.
    void teachToggle(Verb v, std::function<void(bool)> act, WhyNot whyNot = {});
    /// Why it cannot be done now; empty where it can.
    [[nodiscard]] Fact whyNot(Verb v) const;
    /// More about what it would do now: "Tether press-02.mov" after "Undo".
    void setDetail(Verb v, const Fact& detail);
    /// "Shift+K"; empty where it has none.
    [[nodiscard]] QString keysOf(Verb v) const;
    /// Keys that a person chose, by id; all others as in the table.
    void setKeys(const QMap<QString, QList<QKeySequence>>& chosen);
    /// Asks all of them anew. After a change of the shoot the window does, last of all, once; who
    /// changes something else that verbs ask about does it itself.
    void refresh();

  private:
    struct Taught {
        QAction* action = nullptr;
        const VerbWords* words = nullptr;
        WhyNot whyNot;
        Fact detail;
    };
    [[nodiscard]] const Taught& of(Verb v) const { return all_[static_cast<std::size_t>(v)]; }
    void show(const Taught& t);

    std::vector<Taught> all_;
};

}  // namespace brisk::app
