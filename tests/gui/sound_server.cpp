// SPDX-License-Identifier: GPL-3.0-or-later
#include "sound_server.h"

#include <QFile>
#include <QFileInfo>
#include <QThread>
#include <cstring>

namespace brisk::test {

SoundServer::SoundServer() {
    const QByteArray runtime = folder_.path().toUtf8();
    qputenv("XDG_RUNTIME_DIR", runtime);
    qputenv("PULSE_RUNTIME_PATH", runtime);
    qputenv("HOME", runtime);
    qputenv("PULSE_SERVER", "unix:" + runtime + "/native");
    server_.start(QStringLiteral("pulseaudio"),
                  {"-n", "--exit-idle-time=-1", "--use-pid-file=no", "-L",
                   "module-native-protocol-unix socket=" + folder_.filePath("native"), "-L",
                   "module-null-sink sink_name=sim rate=48000 channels=2 format=float32le"});
    if (!server_.waitForStarted(3000)) return;
    for (int i = 0; i < 100 && !running_; ++i) {
        QThread::msleep(50);
        running_ = QProcess::execute(QStringLiteral("pactl"), {"info"}) == 0;
    }
}

SoundServer::~SoundServer() {
    recorder_.kill();
    recorder_.waitForFinished(2000);
    server_.kill();
    server_.waitForFinished(2000);
}

void SoundServer::goAway() {
    server_.kill();
    server_.waitForFinished(5000);
    running_ = false;
}

void SoundServer::startRecording() {
    recorder_.setStandardOutputFile(folder_.filePath("heard.raw"), QIODevice::Truncate);
    recorder_.start(QStringLiteral("parec"), {"-d", "sim.monitor", "--raw", "--format=float32le",
                                              "--rate=48000", "--channels=2", "--latency-msec=5"});
    recorder_.waitForStarted(3000);
    QThread::msleep(300);
}

std::size_t SoundServer::recordedSoFar() const {
    return static_cast<std::size_t>(QFileInfo(folder_.filePath("heard.raw")).size()) / 8;
}

std::vector<float> SoundServer::stopRecording() {
    QThread::msleep(200);
    recorder_.terminate();
    recorder_.waitForFinished(3000);
    QFile file(folder_.filePath("heard.raw"));
    if (!file.open(QIODevice::ReadOnly)) return {};
    const QByteArray bytes = file.readAll();
    std::vector<float> out(static_cast<std::size_t>(bytes.size()) / sizeof(float));
    std::memcpy(out.data(), bytes.constData(), out.size() * sizeof(float));
    return out;
}

}  // namespace brisk::test
