package tactus.core.song;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import tactus.core.chord.Chord;
import tactus.core.chord.Key;
import tactus.core.chord.Tuning;
import tactus.core.name.Slug;
import tactus.core.pattern.Pattern;
import tactus.core.pattern.PatternId;
import tactus.core.time.Meter;
import tactus.core.time.Tempo;

/**
 * A song's rhythm part, whole. Editing makes a new song that shares whatever did not change.
 *
 * @param chords the shapes, each name once
 * @param patterns each id once; names may be alike
 * @param sections each id once; the patterns they name are among {@code patterns}
 * @param order the sections as played, at most 1,000; each is among {@code sections}
 */
public record Song(
        Facts facts, List<Chord> chords, List<Pattern> patterns, List<Section> sections, List<SectionId> order) {

    public static final int LONGEST_ORDER = 1_000;

    /** @throws IllegalArgumentException if a name or id stands twice or refers to nothing, or the order is too long */
    public Song {
        Objects.requireNonNull(facts);
        chords = List.copyOf(chords);
        patterns = List.copyOf(patterns);
        sections = List.copyOf(sections);
        order = List.copyOf(order);
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
        var facts = new Facts(title, "", Key.parse("C"), Tuning.STANDARD, 0, Tempo.of(90, meter), meter);
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
        return new Song(other, chords, patterns, sections, order);
    }

    /** Puts {@code pattern} in place of the one with its id, or at the end. */
    public Song withPattern(Pattern pattern) {
        return new Song(facts, chords, put(patterns, pattern, Pattern::id), sections, order);
    }

    /** Takes a pattern away; sections that played it play nothing. */
    public Song withoutPattern(PatternId id) {
        var rest = patterns.stream().filter(pattern -> !pattern.id().equals(id)).toList();
        var freed = sections.stream().map(section -> section.withoutPattern(id)).toList();
        return new Song(facts, chords, rest, freed, order);
    }

    /** Puts {@code section} in place of the one with its id, or at the end. */
    public Song withSection(Section section) {
        return new Song(facts, chords, patterns, put(sections, section, Section::id), order);
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
                order.stream().filter(use -> !use.equals(id)).toList());
    }

    /** Puts {@code chord} in place of the one with its name, or at the end. */
    public Song withChord(Chord chord) {
        return new Song(facts, put(chords, chord, Chord::name), patterns, sections, order);
    }

    /** Takes the shape of a chord away; spans that name it are silent. */
    public Song withoutChord(String name) {
        var rest = chords.stream().filter(chord -> !chord.name().equals(name)).toList();
        return new Song(facts, rest, patterns, sections, order);
    }

    public Song withOrder(List<SectionId> other) {
        return new Song(facts, chords, patterns, sections, other);
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
