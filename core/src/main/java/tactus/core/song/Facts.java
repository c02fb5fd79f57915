package tactus.core.song;

import java.util.Objects;
import tactus.core.chord.Key;
import tactus.core.chord.Tuning;
import tactus.core.time.Meter;
import tactus.core.time.Tempo;

/**
 * What is settled before any rhythm is written.
 *
 * @param title 1 to 100 characters
 * @param note a line for whoever plays it, at most 200 characters, may be empty
 * @param key the key the song sounds in
 * @param capo the fret of the capo, 0 for none, to 11
 * @param meter the usual meter; bars may have another
 */
public record Facts(String title, String note, Key key, Tuning tuning, int capo, Tempo tempo, Meter meter) {

    public static final int HIGHEST_CAPO = 11;

    /** @throws IllegalArgumentException if a text is too long or the capo is outside its range */
    public Facts {
        title = title.strip();
        note = note.strip();
        if (title.isEmpty() || title.length() > 100) {
            throw new IllegalArgumentException("a title has 1 to 100 characters, this one " + title.length());
        }
        if (note.length() > 200) {
            throw new IllegalArgumentException("a note has at most 200 characters, this one " + note.length());
        }
        if (capo < 0 || capo > HIGHEST_CAPO) {
            throw new IllegalArgumentException("the capo must be at fret 0 (none) to 11, was " + capo);
        }
        Objects.requireNonNull(key);
        Objects.requireNonNull(tuning);
        Objects.requireNonNull(tempo);
        Objects.requireNonNull(meter);
    }

    /** The key of the shapes under the fingers: the sounding key lowered by the capo. */
    public Key shapesKey() {
        return key.plus(-capo);
    }

    public Facts withTitle(String other) {
        return new Facts(other, note, key, tuning, capo, tempo, meter);
    }

    public Facts withNote(String other) {
        return new Facts(title, other, key, tuning, capo, tempo, meter);
    }

    public Facts withKey(Key other) {
        return new Facts(title, note, other, tuning, capo, tempo, meter);
    }

    public Facts withTuning(Tuning other) {
        return new Facts(title, note, key, other, capo, tempo, meter);
    }

    public Facts withCapo(int other) {
        return new Facts(title, note, key, tuning, other, tempo, meter);
    }

    public Facts withTempo(Tempo other) {
        return new Facts(title, note, key, tuning, capo, other, meter);
    }

    /** Takes another usual meter; the tempo goes on counting as many of its beats a minute. */
    public Facts withMeter(Meter other) {
        return new Facts(title, note, key, tuning, capo, Tempo.of(tempo.perMinute(), other), other);
    }
}
