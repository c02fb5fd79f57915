package tactus.sound.synth;

/** Samples as bytes: 16 bits each, low byte first. */
public final class Pcm {

    private Pcm() {}

    /** Puts the first {@code count} of {@code samples}, made {@code gain} times as loud, into {@code bytes}. */
    public static void encode(float[] samples, float gain, byte[] bytes, int count) {
        for (int i = 0; i < count; i++) {
            int sample = Math.round(Math.clamp(samples[i] * gain, -1f, 1f) * 32_767);
            bytes[2 * i] = (byte) sample;
            bytes[2 * i + 1] = (byte) (sample >> 8);
        }
    }
}
