package tactus.formats.musicxml;

/** What MusicXML calls note values. */
final class NoteTypes {

    private static final String[] NAMES = {"whole", "half", "quarter", "eighth", "16th", "32nd", "64th"};

    private NoteTypes() {}

    /** The name of a note value: 4 is a quarter. */
    static String of(long value) {
        return NAMES[Long.numberOfTrailingZeros(value)];
    }
}
