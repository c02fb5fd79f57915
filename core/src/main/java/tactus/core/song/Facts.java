package tactus.core.song;

import java.util.Objects;
import java.util.Optional;
import tactus.core.chord.Naming;
import tactus.core.groove.Groove;
import tactus.core.pitch.Instrument;
import tactus.core.pitch.Key;
import tactus.core.pitch.Spelling;
import tactus.core.pitch.Tuning;
import tactus.core.time.Meter;
import tactus.core.time.Tempo;

/**
 * What is settled before any rhythm is written.
 *
 * @param title 1 to 100 characters
 * @param note a line for whoever plays it, at most 200 characters, may be empty
 * @param key the key the song sounds in
 * @param spelling how its chords are spelled
 * @param meter the usual meter; bars may have another
 * @param groove what the drums play, if anybody has listened to them
 */
public record Facts(
        String title,
        String note,
        Key key,
        Spelling spelling,
        Instrument instrument,
        Tempo tempo,
        Meter meter,
        Optional<Groove> groove) {

    /** @throws IllegalArgumentException if a text is too long */
    public Facts {
        title = title.strip();
        note = note.strip();
        if (title.isEmpty() || title.length() > 100) {
            throw new IllegalArgumentException("a title has 1 to 100 characters, this one " + title.length());
        }
        if (note.length() > 200) {
            throw new IllegalArgumentException("a note has at most 200 characters, this one " + note.length());
        }
        Objects.requireNonNull(key);
        Objects.requireNonNull(spelling);
        Objects.requireNonNull(instrument);
        Objects.requireNonNull(tempo);
        Objects.requireNonNull(meter);
        Objects.requireNonNull(groove);
    }

    public Tuning tuning() {
        return instrument.tuning();
    }

    public int capo() {
        return instrument.capo();
    }

    /** The key of the shapes under the fingers: the sounding key lowered by the capo. */
    public Key shapesKey() {
        return key.plus(-instrument.transposition());
    }

    /** Names shapes as the song spells them. */
    public Naming naming() {
        return new Naming(spelling, shapesKey());
    }

    public Facts withTitle(String other) {
        return new Facts(other, note, key, spelling, instrument, tempo, meter, groove);
    }

    public Facts withNote(String other) {
        return new Facts(title, other, key, spelling, instrument, tempo, meter, groove);
    }

    public Facts withKey(Key other) {
        return new Facts(title, note, other, spelling, instrument, tempo, meter, groove);
    }

    public Facts withSpelling(Spelling other) {
        return new Facts(title, note, key, other, instrument, tempo, meter, groove);
    }

    public Facts withInstrument(Instrument other) {
        return new Facts(title, note, key, spelling, other, tempo, meter, groove);
    }

    public Facts withTempo(Tempo other) {
        return new Facts(title, note, key, spelling, instrument, other, meter, groove);
    }

    /** Takes another usual meter; the tempo goes on counting as many of its beats a minute. */
    public Facts withMeter(Meter other) {
        return new Facts(title, note, key, spelling, instrument, Tempo.of(tempo.perMinute(), other), other, groove);
    }

    public Facts withGroove(Optional<Groove> other) {
        return new Facts(title, note, key, spelling, instrument, tempo, meter, other);
    }
}
