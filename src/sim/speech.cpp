// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/speech.h"

#include <espeak-ng/speak_lib.h>

#include <algorithm>
#include <cmath>
#include <mutex>

#include "dsp/resampler.h"

namespace brisk::sim {
namespace {

std::vector<short>* collecting = nullptr;

int collect(short* wav, int samples, espeak_EVENT*) {
    if (wav && collecting) collecting->insert(collecting->end(), wav, wav + samples);
    return 0;
}

}  // namespace

Result<std::vector<float>> speak(const std::string& sentence, const Voice& voice) {
    static std::mutex oneAtATime;
    const std::lock_guard lock(oneAtATime);
    static const int rate = espeak_Initialize(AUDIO_OUTPUT_SYNCHRONOUS, 0, nullptr, 0);
    if (rate <= 0) {
        return fail(ErrorCode::CannotRead,
                    "The speech synthesiser's voices are missing; install espeak-ng-data.");
    }
    espeak_SetSynthCallback(collect);
    if (espeak_SetVoiceByName(voice.name.c_str()) != EE_OK) {
        return fail(ErrorCode::CannotRead,
                    "The speech synthesiser has no voice named " + voice.name + ".");
    }
    espeak_SetParameter(espeakRATE, voice.wordsPerMinute, 0);
    espeak_SetParameter(espeakPITCH, voice.pitch, 0);
    std::vector<short> pcm;
    collecting = &pcm;
    espeak_Synth(sentence.c_str(), sentence.size() + 1, 0, POS_CHARACTER, 0, espeakCHARS_UTF8,
                 nullptr, nullptr);
    espeak_Synchronize();
    collecting = nullptr;
    std::vector<float> mono(pcm.size());
    std::transform(pcm.begin(), pcm.end(), mono.begin(),
                   [](short v) { return static_cast<float>(v) / 32768.0f; });
    auto out = resampleBlock(mono, rate, 48000, StreamResampler::Quality::Mastering);
    float peak = 1e-6f;
    for (const float v : out) peak = std::max(peak, std::fabs(v));
    for (float& v : out) v *= 0.5f / peak;
    return out;
}

}  // namespace brisk::sim
