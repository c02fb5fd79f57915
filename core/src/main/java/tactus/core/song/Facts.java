package tactus.core.song;

import java.util.Objects;
import java.util.Optional;
import tactus.core.chord.Naming;
import tactus.core.groove.Groove;
import tactus.core.pitch.Instrument;
import tactus.core.pitch.Key;
import tactus.core.pitch.Spelling;
import tactus.core.pitch.Tuning;
import tactus.core.refusal.Refusal;
import tactus.core.rule.Company;
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
 * @param pickup felt beats in front of the first bar line, fewer than a bar has
 * @param company who plays along
 * @param recording how long the recording is that the song is learned from, in seconds, over 0 to 7,200
 */
public record Facts(
        String title,
        String note,
        Key key,
        Spelling spelling,
        Instrument instrument,
        Tempo tempo,
        Meter meter,
        Optional<Groove> groove,
        int pickup,
        Company company,
        Optional<Double> recording) {

    private static final double LONGEST_RECORDING = 7_200;

    /** @throws Refusal if a text is too long */
    public Facts {
        title = title.strip();
        note = note.strip();
        if (title.isEmpty() || title.length() > 100) {
            throw new Refusal("facts.title-characters", title.length());
        }
        if (note.length() > 200) {
            throw new Refusal("facts.note-most", note.length());
        }
        Objects.requireNonNull(key);
        Objects.requireNonNull(spelling);
        Objects.requireNonNull(instrument);
        Objects.requireNonNull(tempo);
        Objects.requireNonNull(meter);
        Objects.requireNonNull(groove);
        Objects.requireNonNull(company);
        int inBar = meter.beats().size();
        if (pickup < 0 || pickup >= inBar) {
            throw new Refusal("facts.pick-up", meter, inBar - 1, pickup);
        }
        recording
                .filter(seconds -> !(seconds > 0 && seconds <= LONGEST_RECORDING))
                .ifPresent(seconds -> {
                    throw new Refusal("facts.recording-lasts", seconds);
                });
    }

    /** Facts of a song that is played alone, starts on its first bar line, and of which there is no recording. */
    public Facts(
            String title,
            String note,
            Key key,
            Spelling spelling,
            Instrument instrument,
            Tempo tempo,
            Meter meter,
            Optional<Groove> groove) {
        this(title, note, key, spelling, instrument, tempo, meter, groove, 0, Company.ALONE, Optional.empty());
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
        return new Facts(other, note, key, spelling, instrument, tempo, meter, groove, pickup, company, recording);
    }

    public Facts withNote(String other) {
        return new Facts(title, other, key, spelling, instrument, tempo, meter, groove, pickup, company, recording);
    }

    public Facts withKey(Key other) {
        return new Facts(title, note, other, spelling, instrument, tempo, meter, groove, pickup, company, recording);
    }

    public Facts withSpelling(Spelling other) {
        return new Facts(title, note, key, other, instrument, tempo, meter, groove, pickup, company, recording);
    }

    public Facts withInstrument(Instrument other) {
        return new Facts(title, note, key, spelling, other, tempo, meter, groove, pickup, company, recording);
    }

    public Facts withTempo(Tempo other) {
        return new Facts(title, note, key, spelling, instrument, other, meter, groove, pickup, company, recording);
    }

    /** Takes another usual meter; the tempo goes on counting as many of its beats a minute. */
    public Facts withMeter(Meter other) {
        int fitting = Math.min(pickup, other.beats().size() - 1);
        return new Facts(
                title,
                note,
                key,
                spelling,
                instrument,
                Tempo.of(tempo.perMinute(), other),
                other,
                groove,
                fitting,
                company,
                recording);
    }

    public Facts withGroove(Optional<Groove> other) {
        return new Facts(title, note, key, spelling, instrument, tempo, meter, other, pickup, company, recording);
    }

    public Facts withPickup(int beats) {
        return new Facts(title, note, key, spelling, instrument, tempo, meter, groove, beats, company, recording);
    }

    public Facts withCompany(Company other) {
        return new Facts(title, note, key, spelling, instrument, tempo, meter, groove, pickup, other, recording);
    }

    public Facts withRecording(Optional<Double> seconds) {
        return new Facts(title, note, key, spelling, instrument, tempo, meter, groove, pickup, company, seconds);
    }
}
