// SPDX-License-Identifier: GPL-3.0-or-later
// Files that come out of a sandbox: a key, and a portal on a bus of the test's own that knows it.
#include <gtest/gtest.h>
#include <signal.h>

#include <QDBusConnection>
#include <QDBusMessage>
#include <QDBusVirtualObject>
#include <QTest>

#include "app/window/dropped_files.h"
#include "private_bus.h"

namespace brisk {
namespace {

using app::filesOf;
using test::PrivateBus;

/// Knows one key.
class Portal : public QDBusVirtualObject {
  public:
    QString introspect(const QString&) const override { return {}; }
    bool handleMessage(const QDBusMessage& m, const QDBusConnection& bus) override {
        if (m.member() != QLatin1String("RetrieveFiles")) return false;
        const bool known = m.arguments().at(0).toString() == QLatin1String("key-7");
        bus.send(known ? m.createReply(QStringList{QStringLiteral("/run/doc/7/press-01.mp4")})
                       : m.createErrorReply(QDBusError::AccessDenied, QStringLiteral("no")));
        return true;
    }
};

TEST(DroppedFiles, OfASandboxComeFromThePortal) {
    const PrivateBus bus;
    ASSERT_FALSE(bus.address().isEmpty());
    const auto ours = QDBusConnection::connectToBus(bus.address(), QStringLiteral("drop"));
    auto portals = QDBusConnection::connectToBus(bus.address(), QStringLiteral("portal"));
    ASSERT_TRUE(portals.isConnected());
    Portal portal;
    ASSERT_TRUE(portals.registerVirtualObject(QStringLiteral("/org/freedesktop/portal/documents"),
                                              &portal));
    ASSERT_TRUE(portals.registerService(QStringLiteral("org.freedesktop.portal.Documents")));

    QObject context;
    QList<QStringList> told;
    const auto tell = [&](const QStringList& files) { told << files; };
    QMimeData drag;
    drag.setData(QStringLiteral("application/vnd.portal.filetransfer"), QByteArray("key-7\0", 6));
    drag.setUrls({QUrl::fromLocalFile(QStringLiteral("/inside/press-01.mp4"))});
    EXPECT_TRUE(app::holdsFiles(drag));
    filesOf(drag, &context, tell, ours);
    ASSERT_TRUE(QTest::qWaitFor([&] { return told.size() == 1; }, 60000));
    EXPECT_EQ(told[0], QStringList{QStringLiteral("/run/doc/7/press-01.mp4")});

    // A key that the portal does not know: the paths that came with it.
    drag.setData(QStringLiteral("application/vnd.portal.filetransfer"), "key-8");
    filesOf(drag, &context, tell, ours);
    ASSERT_TRUE(QTest::qWaitFor([&] { return told.size() == 2; }, 60000));
    EXPECT_EQ(told[1], QStringList{QStringLiteral("/inside/press-01.mp4")});
    QDBusConnection::disconnectFromBus(QStringLiteral("portal"));
    QDBusConnection::disconnectFromBus(QStringLiteral("drop"));
}

TEST(DroppedFiles, PlainOnesAreToldAtOnce) {
    QMimeData drag;
    EXPECT_FALSE(app::holdsFiles(drag));
    drag.setUrls({QUrl::fromLocalFile(QStringLiteral("/card/press-01.mp4")),
                  QUrl(QStringLiteral("https://example.org/a.mp4"))});
    QStringList told;
    QObject context;
    filesOf(drag, &context, [&](const QStringList& files) { told = files; });
    EXPECT_EQ(told, QStringList{QStringLiteral("/card/press-01.mp4")});
}

}  // namespace
}  // namespace brisk
