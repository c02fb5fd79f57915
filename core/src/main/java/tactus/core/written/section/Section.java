package tactus.core.written.section;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.pitch.Key;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.harmony.Loop;
import tactus.core.written.harmony.Span;

/**
 * A part of a song: bars and the chords over them. What is played there is said by the song's rules.
 *
 * @param passes how often the section goes round each time it is used, 1 to 99
 * @param tag a section whose bars follow those of the last pass
 */
public record Section(
        SectionId id, SectionNames names, Harmony harmony, int passes, Optional<SectionId> tag, Marks marks) {

    public static final int MOST_BARS = 10_000;
    public static final int MOST_PASSES = 99;

    /** @throws Refusal if there are too many passes or none */
    public Section {
        Objects.requireNonNull(id);
        Objects.requireNonNull(names);
        Objects.requireNonNull(harmony);
        Objects.requireNonNull(tag);
        Objects.requireNonNull(marks);
        checkPasses(passes);
    }

    /** A section with nothing but its bars and chords. */
    public Section(SectionId id, String name, List<Meter> bars, List<Span> spans, int passes) {
        this(id, new SectionNames(name, List.of()), new Harmony(bars, spans), passes, Optional.empty(), Marks.NONE);
    }

    /** See {@link SectionNames#name}. */
    public String name() {
        return names.name();
    }

    /** See {@link SectionNames#aliases}. */
    public List<String> aliases() {
        return names.aliases();
    }

    /** See {@link Harmony#bars}. */
    public List<Meter> bars() {
        return harmony.bars();
    }

    /** See {@link Harmony#spans}. */
    public List<Span> spans() {
        return harmony.spans();
    }

    /** See {@link Marks#voice}. */
    public List<Stretch> voice() {
        return marks.voice();
    }

    /** See {@link Marks#cues}. */
    public List<Cue> cues() {
        return marks.cues();
    }

    /** See {@link Marks#second}. */
    public List<PatternId> second() {
        return marks.second();
    }

    /** See {@link Marks#words}. */
    public List<WordLine> words() {
        return marks.words();
    }

    /** See {@link Marks#key}. */
    public Optional<Key> key() {
        return marks.key();
    }

    /** The words as far as there are bars for them. */
    public List<WordLine> wordsWithin() {
        return words().stream()
                .flatMap(line -> line.within(bars().size()).stream())
                .toList();
    }

    /** Where somebody sings: where the words are, or where it is said if there are none. */
    public List<Stretch.Bounds> sung() {
        BarLines lines = barLines();
        if (words().isEmpty())
            return voice().stream()
                    .flatMap(stretch -> stretch.in(lines).stream())
                    .toList();
        return wordsWithin().stream()
                .map(line -> line.sung(lines))
                .filter(bounds -> bounds.from().isLessThan(bounds.to()))
                .toList();
    }

    static void checkPasses(int passes) {
        if (passes < 1 || passes > MOST_PASSES) {
            throw new Refusal("section.goes-round", passes);
        }
    }

    /** Where its bars begin and end. */
    public BarLines barLines() {
        return new BarLines(harmony.bars());
    }

    /**
     * Where each span starts, counted from the start of the section, and behind them where the last one ends.
     *
     * @param round how long one round is, for spans that are counted in rounds
     */
    public List<Length> edges(Length round) {
        BarLines lines = barLines();
        var edges = new ArrayList<Length>();
        edges.add(Length.ZERO);
        for (Span span : spans()) edges.add(span.length().end(lines, edges.getLast(), round));
        return edges;
    }

    /** Whether it is called {@code wanted}, by its name or another one, whatever the case. */
    public boolean isCalled(String wanted) {
        return names.has(wanted);
    }

    private Section with(SectionNames other) {
        return new Section(id, other, harmony, passes, tag, marks);
    }

    private Section with(Harmony other) {
        return new Section(id, names, other, passes, tag, marks);
    }

    private Section with(Marks other) {
        return new Section(id, names, harmony, passes, tag, other);
    }

    /** @throws Refusal if the name is empty or too long */
    public Section withName(String other) {
        return with(new SectionNames(other, names.aliases()));
    }

    /** @throws Refusal if a name is empty or too long */
    public Section withAliases(List<String> others) {
        return with(new SectionNames(names.name(), others));
    }

    /** @throws Refusal if there are no bars or too many */
    public Section withBars(List<Meter> others) {
        return with(new Harmony(others, harmony.spans(), harmony.loops()));
    }

    /** The same bars with other chords. */
    public Section withSpans(List<Span> others) {
        return with(new Harmony(harmony.bars(), others, harmony.loops()));
    }

    /** The same bars and chords, some of them written once. */
    public Section withLoops(List<Loop> others) {
        return with(new Harmony(harmony.bars(), harmony.spans(), others));
    }

    /** Puts {@code span} at {@code index} in place of the one that is there. */
    public Section withSpan(int index, Span span) {
        var others = new ArrayList<>(spans());
        others.set(index, span);
        return withSpans(others);
    }

    /** @throws Refusal unless {@code other} is 1 to 99 */
    public Section withPasses(int other) {
        return new Section(id, names, harmony, other, tag, marks);
    }

    /** The same with another section behind its last pass, or none. */
    public Section withTag(Optional<SectionId> other) {
        return new Section(id, names, harmony, passes, other, marks);
    }

    /** The same sung elsewhere. */
    public Section withVoice(List<Stretch> others) {
        return with(new Marks(others, marks.cues(), marks.second(), marks.words(), marks.key()));
    }

    /** The same with other cues. */
    public Section withCues(List<Cue> others) {
        return with(new Marks(marks.voice(), others, marks.second(), marks.words(), marks.key()));
    }

    /** The same with other figures of a second guitar. */
    public Section withSecond(List<PatternId> others) {
        return with(new Marks(marks.voice(), marks.cues(), others, marks.words(), marks.key()));
    }

    /** The same with other words. */
    public Section withWords(List<WordLine> others) {
        return with(new Marks(marks.voice(), marks.cues(), marks.second(), others, marks.key()));
    }

    /** The same in a key of its own, or in that of the song. */
    public Section withKey(Optional<Key> other) {
        return with(new Marks(marks.voice(), marks.cues(), marks.second(), marks.words(), other));
    }

    /** Returns the same section under another id and name. */
    public Section copiedAs(SectionId otherId, String otherName) {
        return new Section(otherId, new SectionNames(otherName, List.of()), harmony, passes, tag, marks);
    }
}
