package tactus.sound.device;

/** A place where sound goes, in two channels of 16-bit samples, left and right in turn, at {@link tactus.sound.score.Score#RATE}. */
public interface AudioOut extends AutoCloseable {

    /** The bytes of a frame. */
    int FRAME_BYTES = 4;

    /** Takes {@code frames} frames of {@link #FRAME_BYTES} bytes, low byte first; waits while there is no room. */
    void write(byte[] samples, int frames);

    /** How many frames were taken but are not heard yet. */
    long pending();

    /** Answers whether nothing can be heard because this is the stand-in. */
    boolean isSilent();

    @Override
    void close();

    /** Opens the machine's loudspeaker, or the stand-in where there is none. */
    static AudioOut open() {
        return SpeakerOut.open().map(AudioOut.class::cast).orElseGet(SilentOut::new);
    }
}
