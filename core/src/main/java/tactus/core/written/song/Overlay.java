package tactus.core.written.song;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.harmony.Chord;
import tactus.core.written.rule.Rule;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Use;

/**
 * What is other in a version, beside its shapes, facts and rules. It holds for the patterns, sections and entries of the song that
 * it has another of; whatever is added to the song later is in the version too.
 *
 * @param chords shapes that only the version has
 * @param patterns those that are played otherwise, each in place of the song's with its id
 * @param sections those with other bars, chords or marks, each in place of the song's with its id
 * @param uses entries with other exceptions, and those that only the version has
 * @param order the entries in order, by their ids, if the running order is another one
 * @param dropped rules of the song that do not hold in it
 */
public record Overlay(
        List<Chord> chords,
        List<Pattern> patterns,
        List<Section> sections,
        List<Use> uses,
        Optional<List<Integer>> order,
        List<Rule> dropped) {

    /** One in which nothing is other. */
    public static final Overlay NONE =
            new Overlay(List.of(), List.of(), List.of(), List.of(), Optional.empty(), List.of());

    public Overlay {
        chords = List.copyOf(chords);
        patterns = List.copyOf(patterns);
        sections = List.copyOf(sections);
        uses = List.copyOf(uses);
        order = order.map(List::copyOf);
        dropped = List.copyOf(dropped);
    }

    /** {@code song} with what is other. */
    Song over(Song song) {
        if (equals(NONE)) return song;
        List<Pattern> playedPatterns = replaced(song.patterns(), patterns, Pattern::id);
        List<Section> playedSections = replaced(song.sections(), sections, Section::id);
        List<Use> entries = entries(song);
        var ids = new HashSet<>(entries.stream().map(Use::id).toList());
        List<Rule> rules = song.rules().stream()
                .filter(rule -> !dropped.contains(rule))
                .filter(rule -> rule.where().use().entry().map(ids::contains).orElse(true))
                .toList();
        return new Song(
                song.facts(),
                new Materials(withOwn(song.chords()), playedPatterns),
                new Arrangement(playedSections, entries, rules),
                song.versions(),
                song.changeCounts(),
                song.lesson());
    }

    private List<Chord> withOwn(List<Chord> written) {
        var all = new ArrayList<>(written);
        chords.stream()
                .filter(own -> written.stream().noneMatch(each -> each.name().equals(own.name())))
                .forEach(all::add);
        return all;
    }

    private List<Use> entries(Song song) {
        var known = new HashSet<>(song.sections().stream().map(Section::id).toList());
        List<Use> all = replaced(song.uses(), uses, Use::id);
        if (order.isEmpty()) return all;
        return order.get().stream()
                .flatMap(id -> Stream.concat(all.stream(), uses.stream())
                        .filter(use -> use.id() == id && known.contains(use.section()))
                        .findFirst()
                        .stream())
                .toList();
    }

    private static <T, K> List<T> replaced(List<T> written, List<T> others, Function<T, K> id) {
        if (others.isEmpty()) return written;
        var all = new ArrayList<>(written);
        all.replaceAll(each -> others.stream()
                .filter(other -> id.apply(other).equals(id.apply(each)))
                .findFirst()
                .orElse(each));
        return all;
    }

    /** The same with other shapes of its own. */
    public Overlay withChords(List<Chord> others) {
        return new Overlay(others, patterns, sections, uses, order, dropped);
    }

    /** The same with other patterns. */
    public Overlay withPatterns(List<Pattern> others) {
        return new Overlay(chords, others, sections, uses, order, dropped);
    }

    /** The same with other sections. */
    public Overlay withSections(List<Section> others) {
        return new Overlay(chords, patterns, others, uses, order, dropped);
    }

    /** The same with other entries in another order, or in that of the song. */
    public Overlay withUses(List<Use> others, Optional<List<Integer>> otherOrder) {
        return new Overlay(chords, patterns, sections, others, otherOrder, dropped);
    }

    /** The same with other rules of the song that do not hold. */
    public Overlay withDropped(List<Rule> others) {
        return new Overlay(chords, patterns, sections, uses, order, others);
    }

    /** The same without a pattern that the song has no longer. */
    Overlay without(PatternId gone) {
        List<Pattern> rest = patterns.stream()
                .filter(each -> !each.id().equals(gone))
                .map(each -> each.form().filter(form -> form.of().equals(gone)).isPresent()
                        ? each.withForm(Optional.empty())
                        : each)
                .toList();
        List<Section> freed = sections.stream()
                .map(each -> each.withSecond(
                        each.second().stream().filter(id -> !id.equals(gone)).toList()))
                .toList();
        return withPatterns(rest)
                .withSections(freed)
                .withDropped(dropped.stream()
                        .filter(rule -> rule.patterns().noneMatch(gone::equals))
                        .toList());
    }

    /** The same without a section that the song has no longer. */
    Overlay without(SectionId gone) {
        List<Section> rest = sections.stream()
                .filter(each -> !each.id().equals(gone))
                .map(each -> each.withTag(each.tag().filter(tag -> !tag.equals(gone))))
                .toList();
        return withSections(rest)
                .withUses(
                        uses.stream().filter(use -> !use.section().equals(gone)).toList(), order)
                .withDropped(dropped.stream()
                        .filter(rule ->
                                rule.where().section().filter(gone::equals).isEmpty())
                        .toList());
    }
}
