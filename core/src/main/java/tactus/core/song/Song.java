package tactus.core.song;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import tactus.core.name.Slug;
import tactus.core.pattern.Pattern;
import tactus.core.pattern.PatternId;
import tactus.core.pitch.Instrument;
import tactus.core.pitch.Key;
import tactus.core.pitch.Spelling;
import tactus.core.time.Meter;
import tactus.core.time.Tempo;
import tactus.core.variation.Variation;

/**
 * A song's rhythm part, whole. Editing makes a new song that shares whatever did not change.
 *
 * @param chords the shapes, each name once
 * @param patterns each id once; names may be alike
 * @param sections each id once; the patterns they name are among {@code patterns}
 * @param order the sections as played, at most 1,000; each is among {@code sections}
 * @param changeCounts what a student has counted, each pair of chords once
 */
public record Song(
        Facts facts,
        List<Chord> chords,
        List<Pattern> patterns,
        List<Section> sections,
        List<SectionId> order,
        List<ChangeCount> changeCounts) {

    public static final int LONGEST_ORDER = 1_000;

    /** @throws IllegalArgumentException if a name or id stands twice or refers to nothing, or the order is too long */
    public Song {
        Objects.requireNonNull(facts);
        chords = List.copyOf(chords);
        patterns = List.copyOf(patterns);
        sections = List.copyOf(sections);
        order = List.copyOf(order);
        changeCounts = List.copyOf(changeCounts);
        once(chords, Chord::name, "chord");
        var patternIds = once(patterns, Pattern::id, "pattern");
        var sectionIds = once(sections, Section::id, "section");
        for (Section section : sections) {
            section.pattern().ifPresent(id -> known(patternIds, id, "pattern"));
            section.lastPassPattern().ifPresent(id -> known(patternIds, id, "pattern"));
        }
        order.forEach(id -> known(sectionIds, id, "section"));
        if (order.size() > LONGEST_ORDER) {
            throw new IllegalArgumentException("a running order has at most 1,000 entries, not " + order.size());
        }
    }

    /** A song in which no changes have been counted. */
    public Song(
            Facts facts, List<Chord> chords, List<Pattern> patterns, List<Section> sections, List<SectionId> order) {
        this(facts, chords, patterns, sections, order, List.of());
    }

    private static <T, K> HashSet<K> once(List<T> things, Function<T, K> key, String kind) {
        var keys = new HashSet<K>();
        for (T thing : things) {
            if (!keys.add(key.apply(thing))) {
                throw new IllegalArgumentException("the " + kind + " " + key.apply(thing) + " stands twice");
            }
        }
        return keys;
    }

    private static <K> void known(HashSet<K> keys, K key, String kind) {
        if (!keys.contains(key)) throw new IllegalArgumentException("there is no " + kind + " " + key);
    }

    /** Returns a song with nothing in it but its facts: C, standard tuning, 4/4 at 90. */
    public static Song empty(String title) {
        Meter meter = Meter.of(4, 4);
        var facts = new Facts(
                title,
                "",
                Key.parse("C"),
                Spelling.BY_KEY,
                Instrument.USUAL,
                Tempo.of(90, meter),
                meter,
                Optional.empty());
        return new Song(facts, List.of(), List.of(), List.of(), List.of());
    }

    public Optional<Pattern> pattern(PatternId id) {
        return patterns.stream().filter(pattern -> pattern.id().equals(id)).findFirst();
    }

    public Optional<Section> section(SectionId id) {
        return sections.stream().filter(section -> section.id().equals(id)).findFirst();
    }

    public Optional<Chord> chord(String name) {
        return chords.stream().filter(chord -> chord.name().equals(name)).findFirst();
    }

    /** The sections that play {@code id}, in the order in which they were written. */
    public List<Section> usesOf(PatternId id) {
        return sections.stream().filter(section -> section.uses(id)).toList();
    }

    /** An id for a new pattern called {@code name}. */
    public PatternId freshPatternId(String name) {
        return new PatternId(
                Slug.fresh(name, slug -> pattern(new PatternId(slug)).isPresent()));
    }

    /** An id for a new section called {@code name}. */
    public SectionId freshSectionId(String name) {
        return new SectionId(
                Slug.fresh(name, slug -> section(new SectionId(slug)).isPresent()));
    }

    public Song withFacts(Facts other) {
        return new Song(other, chords, patterns, sections, order, changeCounts);
    }

    /** Puts {@code pattern} in place of the one with its id, or at the end. */
    public Song withPattern(Pattern pattern) {
        Pattern kept = Variation.settled(patterns, pattern);
        List<Pattern> all = Variation.following(put(patterns, kept, Pattern::id), kept);
        return new Song(facts, chords, all, sections, order, changeCounts);
    }

    /** Takes a pattern away; sections that played it play nothing, and its forms stand for themselves. */
    public Song withoutPattern(PatternId id) {
        var rest = patterns.stream()
                .filter(pattern -> !pattern.id().equals(id))
                .map(pattern ->
                        pattern.form().filter(form -> form.of().equals(id)).isPresent()
                                ? pattern.withForm(Optional.empty())
                                : pattern)
                .toList();
        var freed = sections.stream().map(section -> section.withoutPattern(id)).toList();
        return new Song(facts, chords, rest, freed, order, changeCounts);
    }

    /** Puts {@code section} in place of the one with its id, or at the end. */
    public Song withSection(Section section) {
        return new Song(facts, chords, patterns, put(sections, section, Section::id), order, changeCounts);
    }

    /** Changes the section with {@code id}, if there is one. */
    public Song withSection(SectionId id, UnaryOperator<Section> change) {
        return section(id).map(section -> withSection(change.apply(section))).orElse(this);
    }

    /** Takes a section away, from the running order too. */
    public Song withoutSection(SectionId id) {
        var rest = sections.stream().filter(section -> !section.id().equals(id)).toList();
        return new Song(
                facts,
                chords,
                patterns,
                rest,
                order.stream().filter(use -> !use.equals(id)).toList(),
                changeCounts);
    }

    /** Puts {@code chord} in place of the one with its name, or at the end. */
    public Song withChord(Chord chord) {
        return new Song(facts, put(chords, chord, Chord::name), patterns, sections, order, changeCounts);
    }

    /** Takes the shape of a chord away; spans that name it are silent. */
    public Song withoutChord(String name) {
        var rest = chords.stream().filter(chord -> !chord.name().equals(name)).toList();
        return new Song(facts, rest, patterns, sections, order, changeCounts);
    }

    public Song withOrder(List<SectionId> other) {
        return new Song(facts, chords, patterns, sections, other, changeCounts);
    }

    public Song withChords(List<Chord> others) {
        return new Song(facts, others, patterns, sections, order, changeCounts);
    }

    /** Renames chords everywhere at once: in the list of shapes, in the sections, and in what was counted. */
    public Song withChordsRenamed(UnaryOperator<String> name) {
        var renamed = chords.stream()
                .map(chord -> chord.withName(name.apply(chord.name())))
                .toList();
        var spans = sections.stream()
                .map(section -> section.withSpans(section.spans().stream()
                        .map(span -> new Span(name.apply(span.chord()), span.length()))
                        .toList()))
                .toList();
        var counts = changeCounts.stream()
                .map(count -> new ChangeCount(name.apply(count.from()), name.apply(count.to()), count.perMinute()))
                .toList();
        return new Song(facts, renamed, patterns, spans, order, counts);
    }

    /** What the student has counted between two chords. */
    public Optional<ChangeCount> changeCount(String one, String other) {
        return changeCounts.stream()
                .filter(count -> count.isBetween(one, other))
                .findFirst();
    }

    /** Puts {@code count} in place of the one for its chords. */
    public Song withChangeCount(ChangeCount count) {
        var counts = new ArrayList<>(withoutChangeCount(count.from(), count.to()).changeCounts);
        counts.add(count);
        return new Song(facts, chords, patterns, sections, order, counts);
    }

    public Song withoutChangeCount(String one, String other) {
        var rest = changeCounts.stream()
                .filter(count -> !count.isBetween(one, other))
                .toList();
        return new Song(facts, chords, patterns, sections, order, rest);
    }

    private static <T, K> List<T> put(List<T> list, T thing, Function<T, K> key) {
        var changed = new ArrayList<>(list);
        for (int i = 0; i < changed.size(); i++) {
            if (key.apply(changed.get(i)).equals(key.apply(thing))) {
                changed.set(i, thing);
                return changed;
            }
        }
        changed.add(thing);
        return changed;
    }
}
