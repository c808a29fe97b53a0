// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/spine/dragged_take.h"

#include <QCoreApplication>
#include <QDataStream>

namespace brisk::app {
namespace {

const QString kType = QStringLiteral("application/x-brisk-tether-take");

struct Dragged {
    int take = 0;
    double grip = 0;
};

Dragged read(const QMimeData& dragged) {
    Dragged d;
    qint64 process = 0;
    QDataStream in(dragged.data(kType));
    in >> process >> d.take >> d.grip;
    // Another window's numbers mean other takes.
    const bool ours =
        in.status() == QDataStream::Ok && process == QCoreApplication::applicationPid();
    return ours ? d : Dragged{};
}

}  // namespace

std::unique_ptr<QMimeData> dragOf(int take, double grip) {
    QByteArray bytes;
    QDataStream out(&bytes, QIODevice::WriteOnly);
    out << QCoreApplication::applicationPid() << take << grip;
    auto data = std::make_unique<QMimeData>();
    data->setData(kType, bytes);
    return data;
}

int draggedTake(const QMimeData& dragged) {
    return read(dragged).take;
}

double draggedGrip(const QMimeData& dragged) {
    return read(dragged).grip;
}

}  // namespace brisk::app
