package tactus.formats.midi;

/**
 * What goes along in a MIDI file.
 *
 * @param countsIn whether a bar is counted in front, on a track of its own; everything else begins after it
 * @param clicks whether a track clicks on the felt beats
 * @param drums whether a track plays the groove
 * @param eachString whether each string of a guitar has a channel of its own
 */
public record MidiLook(boolean countsIn, boolean clicks, boolean drums, boolean eachString) {

    /** The guitars alone. */
    public static final MidiLook PLAIN = new MidiLook(false, false, false, false);
}
