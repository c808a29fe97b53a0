// SPDX-License-Identifier: GPL-3.0-or-later
/// \file
/// Plain values in and out of a stream, in this machine's own byte order, with a running checksum.
/// For caches only: what is to be read elsewhere has a documented format.
///
///     ByteWriter w(out); w.put(samples); w.put(values); w.put(w.checksum());
///     ByteReader r(in, bytes); bool ok = r.get(samples) && r.get(values) && r.checksumFollows();
#pragma once

#include <xxhash.h>

#include <algorithm>
#include <cstdint>
#include <cstring>
#include <istream>
#include <memory>
#include <ostream>
#include <string>
#include <type_traits>
#include <vector>

namespace brisk {

/// Notices damage, guards against nobody. Source: XXH3, 64 bits.
class RunningChecksum {
  public:
    RunningChecksum() : state_(XXH3_createState(), XXH3_freeState) {
        XXH3_64bits_reset(state_.get());
    }
    void add(const char* data, std::size_t bytes) { XXH3_64bits_update(state_.get(), data, bytes); }
    [[nodiscard]] std::uint64_t value() const { return XXH3_64bits_digest(state_.get()); }

  private:
    std::unique_ptr<XXH3_state_t, XXH_errorcode (*)(XXH3_state_t*)> state_;
};

template <class T>
concept PlainValue = std::is_trivially_copyable_v<T> && !std::is_pointer_v<T>;

class ByteWriter {
  public:
    explicit ByteWriter(std::ostream& out) : out_(out) {}

    template <PlainValue T>
    void put(const T& v) {
        bytes(reinterpret_cast<const char*>(&v), sizeof v);
    }
    template <PlainValue T>
    void put(const std::vector<T>& v) {
        put(static_cast<std::uint64_t>(v.size()));
        bytes(reinterpret_cast<const char*>(v.data()), v.size() * sizeof(T));
    }
    void put(const std::string& v) { put(std::vector<char>(v.begin(), v.end())); }
    [[nodiscard]] std::uint64_t checksum() const { return sum_.value(); }

  private:
    void bytes(const char* data, std::size_t n) {
        out_.write(data, static_cast<std::streamsize>(n));
        sum_.add(data, n);
    }
    std::ostream& out_;
    RunningChecksum sum_;
};

/// Every `get` is false, for good, once the stream does not hold what is asked for.
class ByteReader {
  public:
    /// \param bytes  that the stream holds; nothing larger is believed.
    ByteReader(std::istream& in, std::uint64_t bytes) : in_(in), left_(bytes) {}

    template <PlainValue T>
    bool get(T& v) {
        return bytes(reinterpret_cast<char*>(&v), sizeof v);
    }
    template <PlainValue T>
    bool get(std::vector<T>& v) {
        std::uint64_t n = 0;
        if (!get(n) || n > left_ / sizeof(T)) {
            left_ = 0;
            return false;
        }
        v.resize(n);
        return bytes(reinterpret_cast<char*>(v.data()), n * sizeof(T));
    }
    bool get(std::string& v) {
        std::vector<char> chars;
        if (!get(chars)) return false;
        v.assign(chars.begin(), chars.end());
        return true;
    }
    /// Reads the checksum and compares.
    bool checksumFollows() {
        const std::uint64_t is = sum_.value();
        std::uint64_t should = 0;
        return get(should) && is == should;
    }

  private:
    bool bytes(char* data, std::size_t n) {
        if (n > left_ || !in_.read(data, static_cast<std::streamsize>(n))) {
            left_ = 0;
            return false;
        }
        left_ -= n;
        sum_.add(data, n);
        return true;
    }
    std::istream& in_;
    std::uint64_t left_;
    RunningChecksum sum_;
};

}  // namespace brisk
