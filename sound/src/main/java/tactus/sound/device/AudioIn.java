package tactus.sound.device;

/** Where sound comes in: a microphone, or its stand-in. One thread reads from it. */
public interface AudioIn extends AutoCloseable {

    /** What it is called. */
    String name();

    /** Samples a second, of one channel. */
    int rate();

    /**
     * Waits for sound.
     *
     * @param samples takes it, -1 to 1
     * @return how many there are now; -1 where nothing comes any more
     */
    int read(float[] samples);

    @Override
    void close();
}
