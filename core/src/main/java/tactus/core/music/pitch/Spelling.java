package tactus.core.music.pitch;

/** Whether a note between two letters is called by the lower one with a sharp or the upper one with a flat. */
public enum Spelling {

    /** As the key has it: B flat in F, A sharp in B. */
    BY_KEY,
    /** With sharps whatever the key. */
    SHARPS,
    /** With flats whatever the key. */
    FLATS;

    /**
     * The name of a pitch class in {@code key}. By key, a note takes the spelling that lies on the line of fifths from
     * the lowered second to the raised fourth of a major key, and from the lowered fifth to the leading note of a minor
     * one; notes outside the key take no sign where a plain letter does (common practice).
     */
    public NoteName name(int pitchClass, Key key) {
        int position = switch (this) {
            case BY_KEY -> byKey(pitchClass, key);
            case SHARPS -> within(pitchClass, -1);
            case FLATS -> within(pitchClass, -6);
        };
        return NoteName.ofFifths(position);
    }

    private static int byKey(int pitchClass, Key key) {
        int position = within(pitchClass, key.fifths() + (key.minor() ? -3 : -5));
        boolean inKey = position >= key.fifths() - 1 && position <= key.fifths() + 5;
        boolean leading = key.minor() && position == key.fifths() + 8 && position <= 12;
        boolean plain = position >= -6 && position <= 10;
        return plain || inKey || leading
                ? position
                : NoteName.ofFifths(position).simplest().fifths();
    }

    /** The position on the line of fifths of a pitch class, from {@code lowest} on. */
    private static int within(int pitchClass, int lowest) {
        int position = pitchClass * 7 % 12;
        return lowest + Math.floorMod(position - lowest, 12);
    }
}
