#!/usr/bin/env python3
"""Makes the words of the counting voice: espeak-ng speaks them, this trims them and finds where their vowel begins.

    sound/src/voice/make.py sound/src/main/resources/tactus/sound/voice

Needs espeak-ng (https://github.com/espeak-ng/espeak-ng, GPL 3; what it speaks is not covered by its licence).
"""
import math
import os
import struct
import subprocess
import sys
import tempfile
import wave

RATE = 22050
FRAME = RATE // 200
LEAD = 0.11
LONGEST = 0.5

NUMBERS = ["one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve",
           "thirteen", "fourteen", "fifteen", "sixteen"]
SPOKEN = {str(i + 1): word for i, word in enumerate(NUMBERS)}
SPOKEN |= {"&": "and", "e": "[[i:]]", "a": "[[V]]", "ta": "[[tA:]]", "ka": "[[kA:]]", "di": "[[di:]]", "mi": "[[mi:]]",
           "ki": "[[ki:]]", "da": "[[dA:]]", "va": "[[vA:]]", "ma": "[[mA:]]", "la": "[[lA:]]", "li": "[[li:]]",
           "trip": "trip", "let": "let", "down": "down", "up": "up"}
SPOKEN |= {letter: letter for letter in "BCDEFG"} | {"A": "[[eI]]"}
SPOKEN |= {word: word for word in ["sharp", "flat", "minor", "major", "diminished", "augmented", "add", "over", "no"]}
SPOKEN |= {"sus": "suss"}


def spoken(text):
    with tempfile.NamedTemporaryFile(suffix=".wav") as file:
        subprocess.run(["espeak-ng", "-v", "en-gb", "-s", "230", "-p", "42", "-g", "0", "-w", file.name, text], check=True)
        with wave.open(file.name) as sound:
            assert (sound.getframerate(), sound.getnchannels(), sound.getsampwidth()) == (RATE, 1, 2)
            data = sound.readframes(sound.getnframes())
    return [s / 32768 for s in struct.unpack(f"<{len(data) // 2}h", data)]


def levels(samples):
    return [math.sqrt(sum(s * s for s in samples[i:i + FRAME]) / FRAME) for i in range(0, len(samples) - FRAME, FRAME)]


def vowel(samples):
    """Where the voice is half as strong as it gets: voiced sound lies below a kilohertz, consonants mostly above."""
    low, smooth = [], 0.0
    factor = 1 - math.exp(-2 * math.pi * 900 / RATE)
    for sample in samples:
        smooth += factor * (sample - smooth)
        low.append(smooth)
    strengths = levels(low)
    most = max(strengths)
    return next(i for i, s in enumerate(strengths) if s >= most / 2) * FRAME


def trimmed(samples):
    at = vowel(samples)
    strengths = levels(samples)
    most = max(strengths)
    heard = [i for i, s in enumerate(strengths) if s > most * 0.02]
    start = max(heard[0] * FRAME, at - int(LEAD * RATE))
    end = min((heard[-1] + 1) * FRAME, start + int(LONGEST * RATE))
    cut = samples[start:end]
    # The same strength for each word, and no step at its ends.
    gain = 0.16 / math.sqrt(sum(s * s for s in cut) / len(cut))
    gain = min(gain, 0.9 / max(abs(s) for s in cut))
    fade = RATE // 100
    for i in range(len(cut)):
        cut[i] *= gain * min(1, (i + 1) / 40, (len(cut) - i) / fade)
    return cut, at - start


def main(folder):
    os.makedirs(folder, exist_ok=True)
    lines = ["# word,file,frame at which its vowel begins"]
    for number, (word, text) in enumerate(SPOKEN.items()):
        samples, at = trimmed(spoken(text))
        name = f"{number:02}.wav"
        with wave.open(os.path.join(folder, name), "wb") as sound:
            sound.setnchannels(1)
            sound.setsampwidth(2)
            sound.setframerate(RATE)
            sound.writeframes(struct.pack(f"<{len(samples)}h", *(round(s * 32767) for s in samples)))
        lines.append(f"{word},{name},{at}")
    with open(os.path.join(folder, "words.csv"), "w") as table:
        table.write("\n".join(lines) + "\n")


main(sys.argv[1])
