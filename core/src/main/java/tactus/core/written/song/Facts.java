package tactus.core.written.song;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.chord.Naming;
import tactus.core.music.pitch.Instrument;
import tactus.core.music.pitch.Key;
import tactus.core.music.pitch.Spelling;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Tempo;
import tactus.core.patterns.groove.Groove;
import tactus.core.patterns.library.Level;
import tactus.core.patterns.picking.Held;
import tactus.core.patterns.picking.PickingStyle;
import tactus.core.written.harmony.Chord;
import tactus.core.written.rule.Company;

/**
 * What is settled before any rhythm is written.
 *
 * @param key the key the song sounds in
 * @param spelling how its chords are spelled
 * @param company who plays along
 * @param recording how long the recording is that the song is learned from, in seconds, over 0 to 7,200
 * @param picking how the picking hand works
 */
public record Facts(
        Heading heading,
        Key key,
        Spelling spelling,
        Instrument instrument,
        Pulse pulse,
        Company company,
        Optional<Double> recording,
        PickingStyle picking,
        Singing singing) {

    private static final double LONGEST_RECORDING = 7_200;

    /** @throws Refusal if the recording lasts too long or no time */
    public Facts {
        Objects.requireNonNull(heading);
        Objects.requireNonNull(picking);
        Objects.requireNonNull(singing);
        Objects.requireNonNull(key);
        Objects.requireNonNull(spelling);
        Objects.requireNonNull(instrument);
        Objects.requireNonNull(pulse);
        Objects.requireNonNull(company);
        recording
                .filter(seconds -> !(seconds > 0 && seconds <= LONGEST_RECORDING))
                .ifPresent(seconds -> {
                    throw new Refusal("facts.recording-lasts", seconds);
                });
    }

    /** Facts of a song that is played alone and of which there is no recording. */
    public Facts(Heading heading, Key key, Spelling spelling, Instrument instrument, Pulse pulse) {
        this(
                heading,
                key,
                spelling,
                instrument,
                pulse,
                Company.ALONE,
                Optional.empty(),
                PickingStyle.USUAL,
                Singing.UNKNOWN);
    }

    /** Those of a song of which nothing else is known: C, standard tuning, 4/4 at 90. */
    static Facts usual(String title) {
        Meter meter = Meter.of(4, 4);
        var pulse = new Pulse(Tempo.of(90, meter), meter, 0, Optional.empty());
        return new Facts(new Heading(title, ""), Key.parse("C"), Spelling.BY_KEY, Instrument.USUAL, pulse);
    }

    /** See {@link Heading#title}. */
    public String title() {
        return heading.title();
    }

    /** See {@link Heading#note}. */
    public String note() {
        return heading.note();
    }

    /** See {@link Heading#level}. */
    public Optional<Level> level() {
        return heading.level();
    }

    /** See {@link Pulse#tempo}. */
    public Tempo tempo() {
        return pulse.tempo();
    }

    /** See {@link Pulse#meter}. */
    public Meter meter() {
        return pulse.meter();
    }

    /** See {@link Pulse#groove}. */
    public Optional<Groove> groove() {
        return pulse.groove();
    }

    /** See {@link Pulse#pickup}. */
    public int pickup() {
        return pulse.pickup();
    }

    /** What the open strings are called. */
    public Tuning tuning() {
        return instrument.tuning();
    }

    /** The fret of the capo, 0 for none. */
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

    private Facts with(Heading other) {
        return new Facts(other, key, spelling, instrument, pulse, company, recording, picking, singing);
    }

    private Facts with(Pulse other) {
        return new Facts(heading, key, spelling, instrument, other, company, recording, picking, singing);
    }

    /** @throws Refusal if the title is empty or too long */
    public Facts withTitle(String other) {
        return with(new Heading(other, heading.note(), heading.level(), heading.tags()));
    }

    /** @throws Refusal if the note is too long */
    public Facts withNote(String other) {
        return with(new Heading(heading.title(), other, heading.level(), heading.tags()));
    }

    /** The same arranged for others, or for nobody in particular. */
    public Facts withLevel(Optional<Level> other) {
        return with(new Heading(heading.title(), heading.note(), other, heading.tags()));
    }

    /** @throws Refusal if there are too many, or one is too long */
    public Facts withTags(List<String> others) {
        return with(new Heading(heading.title(), heading.note(), heading.level(), others));
    }

    /** The same in another sounding key; the capo stays. */
    public Facts withKey(Key other) {
        return new Facts(heading, other, spelling, instrument, pulse, company, recording, picking, singing);
    }

    /** The same with chords spelled otherwise. */
    public Facts withSpelling(Spelling other) {
        return new Facts(heading, key, other, instrument, pulse, company, recording, picking, singing);
    }

    /** The same on another guitar, or one with another capo. */
    public Facts withInstrument(Instrument other) {
        return new Facts(heading, key, spelling, other, pulse, company, recording, picking, singing);
    }

    /** The same quicker or slower. */
    public Facts withTempo(Tempo other) {
        return with(pulse.withTempo(other));
    }

    /** Takes another usual meter; the tempo goes on counting as many of its beats a minute. */
    public Facts withMeter(Meter other) {
        return with(pulse.withMeter(other));
    }

    /** The same with other drums, or none. */
    public Facts withGroove(Optional<Groove> other) {
        return with(pulse.withGroove(other));
    }

    /** @throws Refusal unless {@code beats} is 0 to one less than the felt beats of a bar */
    public Facts withPickup(int beats) {
        return with(pulse.withPickup(beats));
    }

    /** The same with a picking hand that works otherwise. */
    public Facts withPicking(PickingStyle other) {
        return new Facts(heading, key, spelling, instrument, pulse, company, recording, other, singing);
    }

    /** {@code chord}, which fits the tuning, as picking fingers of this song see it. */
    public Held held(Chord chord) {
        return chord.held(tuning()).with(picking.school());
    }

    /** The same for another singer, or with another tune. */
    public Facts withSinging(Singing other) {
        return new Facts(heading, key, spelling, instrument, pulse, company, recording, picking, other);
    }

    /** The same with others who play along. */
    public Facts withCompany(Company other) {
        return new Facts(heading, key, spelling, instrument, pulse, other, recording, picking, singing);
    }

    /** @throws Refusal unless {@code seconds} are over 0 to 7,200 */
    public Facts withRecording(Optional<Double> seconds) {
        return new Facts(heading, key, spelling, instrument, pulse, company, seconds, picking, singing);
    }
}
