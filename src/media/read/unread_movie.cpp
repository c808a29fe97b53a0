// SPDX-License-Identifier: GPL-3.0-or-later
// The library knows from the index when each picture is shown, edit lists and reordering included,
// but tells only packet by packet, and reads each. So the bytes of the packets are made up: they
// come from a reader that, once the index is known, says that it has read and has not. Nobody looks
// at them.
#include "media/read/unread_movie.h"

#include <algorithm>
#include <cstdio>

#include "store/read_problem.h"

namespace brisk::av {
namespace {

constexpr int kBuffer = 1 << 15;
constexpr int kMostBoxes = 10000;

class Source {
  public:
    Source(std::FILE* file, std::int64_t size, const JobControl& job)
        : file_(file), size_(size), job_(job) {}
    ~Source() { std::fclose(file_); }
    Source(const Source&) = delete;
    Source& operator=(const Source&) = delete;

    static int read(void* self, std::uint8_t* to, int bytes) {
        return static_cast<Source*>(self)->readOn(to, bytes);
    }
    static std::int64_t seek(void* self, std::int64_t to, int whence) {
        return static_cast<Source*>(self)->go(to, whence);
    }
    void stopReading() { reading_ = false; }

    /// Whether a box of this name stands at the top level.
    bool hasBox(const char* name) {
        std::int64_t at = 0;
        for (int n = 0; n < kMostBoxes && at + 8 <= size_; ++n) {
            std::uint8_t head[16] = {};
            if (fseeko(file_, at, SEEK_SET) != 0 || std::fread(head, 1, 16, file_) < 8) break;
            if (std::equal(name, name + 4, head + 4)) return true;
            const auto big = [&head](int from, int count) {
                std::int64_t v = 0;
                for (int i = from; i < from + count; ++i) v = v << 8 | head[i];
                return v;
            };
            std::int64_t bytes = big(0, 4);
            if (bytes == 1) bytes = big(8, 8);
            if (bytes < 8 || bytes > size_ - at) break;  // to the end, or damaged
            at += bytes;
        }
        return false;
    }

  private:
    int readOn(std::uint8_t* to, int bytes) {
        if (job_.stopRequested()) return AVERROR_EXIT;
        const auto most = static_cast<int>(std::clamp<std::int64_t>(size_ - at_, 0, bytes));
        if (most == 0) return AVERROR_EOF;
        int got = most;
        if (reading_) {
            if (fseeko(file_, at_, SEEK_SET) != 0) return AVERROR(EIO);
            got = static_cast<int>(std::fread(to, 1, static_cast<std::size_t>(most), file_));
            if (got == 0) return AVERROR(EIO);
        }
        at_ += got;
        return got;
    }
    std::int64_t go(std::int64_t to, int whence) {
        if (whence == AVSEEK_SIZE) return size_;
        at_ = whence == SEEK_CUR ? at_ + to : whence == SEEK_END ? size_ + to : to;
        return at_;
    }

    std::FILE* file_;
    std::int64_t size_;
    std::int64_t at_ = 0;
    bool reading_ = true;
    JobControl job_;
};

}  // namespace

void UnreadMovieDeleter::operator()(AVFormatContext* c) const {
    AVIOContext* io = c->pb;
    const std::unique_ptr<Source> source(static_cast<Source*>(io->opaque));
    avformat_close_input(&c);
    av_freep(&io->buffer);
    avio_context_free(&io);
}

UnreadMovie openUnread(const std::string& path, const JobControl& job) {
    if (findReadProblem(path)) return nullptr;
    std::FILE* file = std::fopen(path.c_str(), "rb");
    if (!file) return nullptr;
    fseeko(file, 0, SEEK_END);
    auto source = std::make_unique<Source>(file, ftello(file), job);
    if (!source->hasBox("moov") || source->hasBox("moof")) return nullptr;

    AVFormatContext* raw = avformat_alloc_context();
    raw->pb = avio_alloc_context(static_cast<std::uint8_t*>(av_malloc(kBuffer)), kBuffer, 0,
                                 source.get(), Source::read, nullptr, Source::seek);
    raw->flags |= AVFMT_FLAG_NOPARSE;
    AVIOContext* io = raw->pb;
    if (avformat_open_input(&raw, nullptr, av_find_input_format("mov"), nullptr) < 0) {
        av_freep(&io->buffer);
        avio_context_free(&io);
        return nullptr;
    }
    Source* reading = source.release();  // the deleter's from here on
    reading->stopReading();
    return UnreadMovie(raw);
}

}  // namespace brisk::av
