// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// One program for each person and screen: a second start hands its files to the first and ends.
/// They talk through a socket in the person's own runtime folder, which nobody else may open. Who
/// cannot make it works alone.
///
///     OneInstance one;
///     if (one.handOver(files)) return 0;          // another has them
///     connect(&one, &OneInstance::asked, ...);    // somebody started the program again
#pragma once

#include <QLocalServer>
#include <QObject>
#include <QStringList>

namespace brisk::app {

class OneInstance : public QObject {
    Q_OBJECT
  public:
    /// \param name  tells screens apart; the default is this session's.
    explicit OneInstance(QString name = usualName(), QObject* parent = nullptr);

    /// True where another instance has taken the files; else this is the one from now on.
    /// \param files  absolute; may be none: the program itself is wanted.
    [[nodiscard]] bool handOver(const QStringList& files);

    /// The socket's path; of this person, and of the screen that windows open on.
    [[nodiscard]] static QString usualName();

  signals:
    void asked(const QStringList& files);

  private:
    bool tell(const QStringList& files) const;
    void listen();
    void answer();

    QString name_;
    QLocalServer server_;
};

}  // namespace brisk::app
