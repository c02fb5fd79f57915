package tactus.core.written.song;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.pitch.ConcertPitch;
import tactus.core.music.pitch.Guitar;
import tactus.core.music.pitch.Instrument;
import tactus.core.music.pitch.Key;
import tactus.core.music.pitch.Spelling;
import tactus.core.music.pitch.Tune;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.pitch.VoiceRange;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Tempo;
import tactus.core.patterns.groove.Groove;
import tactus.core.patterns.library.Level;
import tactus.core.patterns.picking.FingerSchool;
import tactus.core.patterns.picking.Strike;
import tactus.core.written.rule.Company;

/**
 * One of a song's facts, as whatever handles facts walks them: files, versions, edits, fields, texts, searches. A new fact is
 * a component of {@link Facts} and a line here; its words are {@code fact.*} in the lexicon.
 *
 * @param <T> what the fact is
 */
public final class Aspect<T> {

    public static final Aspect<String> TITLE =
            new Aspect<>("title", plainText(), Facts::title, Facts::withTitle).always("remedy.named-untitled");
    public static final Aspect<String> NOTE = new Aspect<>("note", plainText(), Facts::note, Facts::withNote);
    public static final Aspect<Optional<Level>> LEVEL = new Aspect<>(
            "level",
            FactForm.maybeCode(Level.values())
                    .found((wanted, lexicon) ->
                            lexicon.find("level", wanted, Level.values()).map(level -> Optional.of(level)::equals)),
            Facts::level,
            Facts::withLevel);
    public static final Aspect<List<String>> TAGS =
            new Aspect<>("tags", FactForm.list(), facts -> facts.heading().tags(), Facts::withTags);
    /** In which it sounds. */
    public static final Aspect<Key> KEY = new Aspect<>(
                    "key", FactForm.text(Key::parse, Key::toString), Facts::key, Facts::withKey)
            .always("remedy.c-taken")
            .otherInVersions();

    public static final Aspect<Spelling> SPELLING = new Aspect<>(
                    "spelling",
                    FactForm.code(new Spelling[] {Spelling.SHARPS, Spelling.FLATS}),
                    Facts::spelling,
                    Facts::withSpelling)
            .otherwise("remedy.spelled-by-key");
    public static final Aspect<Tuning> TUNING = ofGuitar(
                    "tuning",
                    FactForm.text(Tuning::parse, Tuning::toString)
                            .found((wanted, _) ->
                                    Optional.of(tuning -> bare(tuning.notes()).equals(bare(wanted)))),
                    Instrument::tuning,
                    Instrument::withTuning)
            .edited(Instrument::tunedTo)
            .always("remedy.standard-taken");
    public static final Aspect<Integer> TUNED_DOWN = ofGuitar(
                    "tuned-down", FactForm.WHOLE, Instrument::tunedDown, Instrument::withTunedDown)
            .otherwise("remedy.not-tuned-down");
    public static final Aspect<Integer> CAPO = ofGuitar("capo", FactForm.WHOLE, Instrument::capo, Instrument::withCapo)
            .always("remedy.no-capo-taken")
            .otherInVersions();
    public static final Aspect<Guitar> GUITAR = ofGuitar(
                    "guitar", FactForm.code(Guitar.values()), Instrument::guitar, Instrument::withGuitar)
            .edited(Instrument::playedOn);
    public static final Aspect<ConcertPitch> CONCERT_PITCH = ofGuitar(
                    "concert-pitch",
                    FactForm.decimal(
                            "number-wanted.concert", ConcertPitch::new, ConcertPitch::hertz, ConcertPitch::toString),
                    Instrument::concert,
                    Instrument::withConcert)
            .otherwise("remedy.440-taken");
    public static final Aspect<Meter> METER = new Aspect<>(
                    "meter", FactForm.text(Meter::parse, Meter::toString), Facts::meter, Facts::withMeter)
            .always("remedy.4-4-taken");
    public static final Aspect<Tempo> TEMPO = new Aspect<>("tempo", PulseForms.TEMPO, Facts::tempo, Facts::withTempo)
            .always("remedy.90-taken")
            .otherInVersions();
    public static final Aspect<Integer> PICKUP =
            new Aspect<>("pickup", FactForm.WHOLE, Facts::pickup, Facts::withPickup).otherwise("remedy.no-pick-up");
    /** Who plays along. */
    public static final Aspect<Company> COMPANY = new Aspect<>(
                    "company", FactForm.code(Company.values()), Facts::company, Facts::withCompany)
            .otherwise("remedy.played-alone")
            .otherInVersions();
    /** Which strings picking fingers take. */
    public static final Aspect<FingerSchool> FINGERS = new Aspect<>(
            "fingers",
            FactForm.code(FingerSchool.values()),
            facts -> facts.picking().school(),
            (facts, school) -> facts.withPicking(facts.picking().with(school)));
    /** What strikes the strings. */
    public static final Aspect<Optional<Strike>> STRIKE = new Aspect<>(
            "strike",
            FactForm.maybeCode(Strike.values()),
            facts -> facts.picking().strike(),
            (facts, strike) -> facts.withPicking(facts.picking().withStrike(strike)));
    /** How many seconds the recording lasts. */
    public static final Aspect<Optional<Double>> RECORDING = new Aspect<>(
            "recording",
            FactForm.decimal(
                    "file.number",
                    Optional::of,
                    seconds -> seconds.orElseThrow(),
                    seconds -> seconds.map(Object::toString).orElse("")),
            Facts::recording,
            Facts::withRecording);

    public static final Aspect<Optional<Groove>> GROOVE =
            new Aspect<>("groove", PulseForms.GROOVE, Facts::groove, Facts::withGroove);

    /** What the singer sings well. */
    public static final Aspect<Optional<VoiceRange>> VOICE = new Aspect<>(
                    "voice",
                    FactForm.maybeText(VoiceRange::parse, VoiceRange::toString),
                    facts -> facts.singing().voice(),
                    (facts, voice) ->
                            facts.withSinging(new Singing(voice, facts.singing().tune())))
            .otherInVersions();
    /** What is sung. */
    public static final Aspect<Optional<Tune>> TUNE = new Aspect<>(
            "tune",
            FactForm.maybeText(Tune::parse, Tune::toString),
            facts -> facts.singing().tune(),
            (facts, tune) -> facts.withSinging(new Singing(facts.singing().voice(), tune)));

    private static final List<Aspect<?>> ALL = List.of(
            TITLE,
            NOTE,
            LEVEL,
            TAGS,
            KEY,
            SPELLING,
            TUNING,
            TUNED_DOWN,
            CAPO,
            GUITAR,
            CONCERT_PITCH,
            METER,
            TEMPO,
            PICKUP,
            COMPANY,
            FINGERS,
            STRIKE,
            RECORDING,
            GROOVE,
            VOICE,
            TUNE);

    private static final List<Aspect<?>> IN_VERSIONS = ALL.stream()
            .filter(each -> each.isOtherInVersions)
            // A capo moves the key, so it goes first.
            .sorted((one, other) -> Boolean.compare(one == KEY, other == KEY))
            .toList();

    private final String code;
    private final FactForm<T> form;
    private final Function<Facts, T> got;
    private final BiFunction<Facts, T, Facts> put;
    private final BiFunction<Facts, T, Facts> edit;
    private final boolean isAlwaysWritten;
    private final String remedy;
    private final boolean isOtherInVersions;

    private Aspect(
            String code,
            FactForm<T> form,
            Function<Facts, T> got,
            BiFunction<Facts, T, Facts> put,
            BiFunction<Facts, T, Facts> edit,
            boolean isAlwaysWritten,
            String remedy,
            boolean isOtherInVersions) {
        this.code = code;
        this.form = form;
        this.got = got;
        this.put = put;
        this.edit = edit;
        this.isAlwaysWritten = isAlwaysWritten;
        this.remedy = remedy;
        this.isOtherInVersions = isOtherInVersions;
    }

    private Aspect(String code, FactForm<T> form, Function<Facts, T> got, BiFunction<Facts, T, Facts> put) {
        this(code, form, got, put, put, false, "remedy.left-out", false);
    }

    private static <T> Aspect<T> ofGuitar(
            String code, FactForm<T> form, Function<Instrument, T> got, BiFunction<Instrument, T, Instrument> put) {
        return new Aspect<>(
                code,
                form,
                facts -> got.apply(facts.instrument()),
                (facts, value) -> facts.withInstrument(put.apply(facts.instrument(), value)));
    }

    private Aspect<T> edited(BiFunction<Instrument, T, Instrument> by) {
        BiFunction<Facts, T, Facts> edited =
                (facts, value) -> facts.withInstrument(by.apply(facts.instrument(), value));
        return new Aspect<>(code, form, got, put, edited, isAlwaysWritten, remedy, isOtherInVersions);
    }

    private Aspect<T> always(String missing) {
        return new Aspect<>(code, form, got, put, edit, true, missing, isOtherInVersions);
    }

    private Aspect<T> otherwise(String wrong) {
        return new Aspect<>(code, form, got, put, edit, isAlwaysWritten, wrong, isOtherInVersions);
    }

    private Aspect<T> otherInVersions() {
        return new Aspect<>(code, form, got, put, edit, isAlwaysWritten, remedy, true);
    }

    private static FactForm<String> plainText() {
        return FactForm.text(Function.identity(), Function.identity());
    }

    private static String bare(String notes) {
        return notes.replace(" ", "").toLowerCase(Locale.ROOT);
    }

    /** Every fact, in the order in which files have them. */
    public static List<Aspect<?>> all() {
        return ALL;
    }

    /** Those that can be other in a version, each behind those that change it. */
    public static List<Aspect<?>> inVersions() {
        return IN_VERSIONS;
    }

    /** How it is called in words and edits: {@code tuned-down}. */
    public String code() {
        return code;
    }

    /** How it is called in files: {@code tunedDown}. */
    public String field() {
        String[] parts = code.split("-");
        return parts[0]
                + String.join(
                        "",
                        Arrays.stream(parts)
                                .skip(1)
                                .map(part -> part.substring(0, 1).toUpperCase(Locale.ROOT) + part.substring(1))
                                .toList());
    }

    /** How it is written, typed and looked for. */
    public FactForm<T> form() {
        return form;
    }

    /** The statement of what is taken where a file has something wrong for it. */
    public String remedy() {
        return remedy;
    }

    /** Whether a file must have it, the usual one too. */
    public boolean isAlwaysWritten() {
        return isAlwaysWritten;
    }

    /** What {@code facts} have for it. */
    public T of(Facts facts) {
        return got.apply(facts);
    }

    /** Whether {@code facts} have for it what a new song has. */
    public boolean isUsual(Facts facts) {
        return of(facts).equals(of(Facts.usual("Untitled")));
    }

    /**
     * {@code facts} with {@code value}; nothing else becomes other.
     *
     * @throws Refusal if the song cannot have it
     */
    public Facts put(Facts facts, T value) {
        return put.apply(facts, value);
    }

    /**
     * {@code facts} with {@code value} as an edit has them: where capo or tuning move the same shapes, the song sounds in
     * another key.
     *
     * @throws Refusal if the song cannot have it
     */
    public Facts edited(Facts facts, T value) {
        Facts after = edit.apply(facts, value);
        int moved = after.instrument().transposition() - facts.instrument().transposition();
        return moved == 0 ? after : after.withKey(after.key().plus(moved));
    }

    /**
     * {@code facts} with what stands in a file for it.
     *
     * @throws Refusal if that cannot be read, or the song cannot have it
     */
    public Facts read(Facts facts, Written at) {
        return put(facts, form.read(at, facts));
    }

    /** What {@code facts} have for it, as it is written. */
    public Object written(Facts facts) {
        return form.written(of(facts));
    }

    /** Whether {@code one} and {@code other} have the same for it. */
    boolean isSame(Facts one, Facts other) {
        return of(one).equals(of(other));
    }

    /** {@code facts} with what {@code from} has for it. */
    Facts taken(Facts facts, Facts from) {
        return put(facts, of(from));
    }

    @Override
    public String toString() {
        return code;
    }
}
