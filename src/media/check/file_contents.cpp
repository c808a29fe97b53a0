// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/check/file_contents.h"

#include <algorithm>
#include <condition_variable>
#include <cstring>
#include <deque>
#include <exception>
#include <mutex>
#include <thread>

#include "media/check/picture_digester.h"
#include "media/read/av_handles.h"
#include "media/read/codec_turns.h"

namespace brisk {
namespace {

constexpr std::size_t kMaxWaiting = 512;  // packets of sound

/// Decodes packets of one lossless stream and digests the samples.
class SampleReader {
  public:
    static Result<SampleReader> open(const AVStream* stream, const std::string& path) {
        auto codec = av::openDecoder(stream, path);
        if (!codec) return tl::unexpected(codec.error());
        SampleReader r(stream->codecpar->ch_layout.nb_channels);
        r.codec_ = std::move(*codec);
        return r;
    }
    /// \param packet  null after the last.
    void push(const AVPacket* packet) {
        // What does not decode is missing in the digest, and so found.
        (void)av::decode(codec_.get(), packet, frame_.get(), [this](AVFrame*) {
            add();
            return true;
        });
        if (!packet) digest.finish();
    }

    SampleDigest digest;

  private:
    explicit SampleReader(int channels) : digest(channels) {}

    void add() {
        const AVFrame* f = frame_.get();
        const auto format = static_cast<AVSampleFormat>(f->format);
        const auto channels = static_cast<std::size_t>(f->ch_layout.nb_channels);
        const auto frames = static_cast<std::size_t>(f->nb_samples);
        const int bytes = av_get_bytes_per_sample(format);
        const bool planar = av_sample_fmt_is_planar(format) != 0;
        words_.resize(channels * frames);
        for (std::size_t c = 0; c < channels; ++c) {
            const std::uint8_t* from = f->extended_data[planar ? c : 0];
            for (std::size_t n = 0; n < frames; ++n) {
                const std::size_t at = planar ? n : n * channels + c;
                std::int32_t& word = words_[n * channels + c];
                if (bytes == 4) {
                    std::memcpy(&word, from + at * 4, 4);
                } else {
                    std::int16_t half = 0;
                    std::memcpy(&half, from + at * 2, 2);
                    word = static_cast<std::int32_t>(static_cast<std::uint32_t>(half) << 16);
                }
            }
        }
        digest.add(words_);
    }

    av::Codec codec_;
    av::Frame frame_ = av::makeFrame();
    std::vector<std::int32_t> words_;
};

/// The second thread: takes packets as they are read.
class SoundWorker {
  public:
    explicit SoundWorker(std::map<int, SampleReader>& readers)
        : readers_(readers), thread_([this] { run(); }) {}
    ~SoundWorker() { join(); }
    SoundWorker(const SoundWorker&) = delete;
    SoundWorker& operator=(const SoundWorker&) = delete;

    void take(AVPacket* packet) {
        std::unique_lock lock(mutex_);
        changed_.wait(lock, [&] { return waiting_.size() < kMaxWaiting; });
        waiting_.push_back(av::makePacket());
        av_packet_move_ref(waiting_.back().get(), packet);
        changed_.notify_all();
    }
    /// Waits until all of it is decoded. Throws what decoding threw.
    void end() {
        join();
        if (thrown_) std::rethrow_exception(thrown_);
    }

  private:
    void join() {
        {
            const std::lock_guard lock(mutex_);
            ended_ = true;
        }
        changed_.notify_all();
        if (thread_.joinable()) thread_.join();
    }

    void run() {
        for (;;) {
            av::Packet packet;
            {
                std::unique_lock lock(mutex_);
                changed_.wait(lock, [&] { return ended_ || !waiting_.empty(); });
                if (waiting_.empty()) break;
                packet = std::move(waiting_.front());
                waiting_.pop_front();
            }
            changed_.notify_all();
            if (!thrown_) push(packet->stream_index, packet.get());
        }
        for (auto& [stream, reader] : readers_) {
            if (!thrown_) push(stream, nullptr);
        }
    }

    void push(int stream, const AVPacket* packet) {
        try {
            readers_.at(stream).push(packet);
        } catch (...) {
            thrown_ = std::current_exception();
        }
    }

    std::map<int, SampleReader>& readers_;
    std::mutex mutex_;
    std::condition_variable changed_;
    std::deque<av::Packet> waiting_;
    bool ended_ = false;
    std::exception_ptr thrown_;  // the thread's, until it has ended
    std::thread thread_;
};

}  // namespace

Result<FileContents> readContents(const MediaInfo& info, const ContentsWish& wish,
                                  const JobControl& job) {
    auto input = av::openInput(info.path);
    if (!input) return tl::unexpected(input.error());
    AVFormatContext* file = input->get();
    const int picture = wish.pictures && info.video ? info.video->stream : -1;
    std::map<int, SampleReader> readers;
    for (unsigned i = 0; i < file->nb_streams; ++i) {
        const int stream = static_cast<int>(i);
        const bool sound =
            std::find(wish.sounds.begin(), wish.sounds.end(), stream) != wish.sounds.end();
        if (sound) {
            auto reader = SampleReader::open(file->streams[i], info.path);
            if (!reader) return tl::unexpected(reader.error());
            readers.emplace(stream, std::move(*reader));
        } else if (stream != picture) {
            file->streams[i]->discard = AVDISCARD_ALL;
        }
    }
    FileContents out;
    std::optional<PictureDigester> digester;
    if (picture >= 0) {
        digester.emplace(file->streams[picture]->codecpar);
        out.pictures.timeBase = info.video->timeBase;
    }
    {
        SoundWorker worker(readers);
        const auto bytes = static_cast<double>(std::max<std::int64_t>(1, avio_size(file->pb)));
        auto packet = av::makePacket();
        int code = 0;
        while ((code = av_read_frame(file, packet.get())) >= 0) {
            if (job.stopRequested()) return cancelled();
            if (packet->pos > 0) job.report(static_cast<double>(packet->pos) / bytes);
            if (packet->stream_index == picture) {
                out.pictures.packets.push_back(digester->of(*packet, info.video->firstPts));
            } else if (readers.count(packet->stream_index) > 0) {
                worker.take(packet.get());
            }
            av_packet_unref(packet.get());
        }
        if (code != AVERROR_EOF) {
            return failAt(ErrorCode::CannotRead, info.path, {"not-read-back"}, av::errorText(code));
        }
        worker.end();
    }
    for (auto& [stream, reader] : readers) {
        out.sounds.emplace(stream, std::move(reader.digest));
    }
    return out;
}

}  // namespace brisk
