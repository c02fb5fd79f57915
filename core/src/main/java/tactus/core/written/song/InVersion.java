package tactus.core.written.song;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import tactus.core.written.rule.Rule;
import tactus.core.written.section.Use;

/**
 * A change that is made while a version is shown: it goes into that version only. What cannot differ from version to
 * version goes into the whole song: title, meter, tuning, notes for the lesson, and what is taken out of the song. An
 * edit that changes such a thing is done to the whole song altogether.
 *
 * @param written the song after it
 * @param forAll why something changed in every version; empty if nothing did
 */
public record InVersion(Song written, Set<ForAll> forAll) {

    public InVersion {
        Objects.requireNonNull(written);
        forAll = Set.copyOf(forAll);
    }

    /** Does {@code change} to {@code written}: to the version that is shown, or to the song where none is. */
    public static InVersion of(Song written, UnaryOperator<Song> change) {
        Optional<Version> version = written.versions().shownOne();
        if (version.isEmpty()) return new InVersion(change.apply(written), Set.of());
        Song seen = written.asShown().withVersions(bare(written.versions()));
        Song made = change.apply(seen);
        // An edit may have been made of the song as it is shown, with all that its versions hold.
        Song after = made.versions().equals(written.versions()) ? made.withVersions(seen.versions()) : made;
        if (!after.versions().equals(seen.versions())) return new InVersion(change.apply(written), Set.of());
        boolean isWhole =
                takesOut(written, seen, after) || !common(seen.facts()).equals(common(after.facts()));
        Song done = isWhole ? change.apply(written) : new Split(written, version.get(), seen, after).done();
        return new InVersion(done, ForAll.between(written, done, version.get().name()));
    }

    /** The facts, with those that can be other in a version as a new song has them. */
    private static Facts common(Facts facts) {
        Facts common = facts;
        for (Aspect<?> aspect : Aspect.inVersions()) common = aspect.taken(common, Facts.usual("?"));
        return common;
    }

    /** What a version says has been done to the song already. */
    private static Versions bare(Versions versions) {
        return new Versions(
                versions.all().stream()
                        .map(version -> Version.of(version.name()))
                        .toList(),
                versions.shown());
    }

    private static boolean takesOut(Song written, Song seen, Song after) {
        boolean lessChords = after.sections().equals(seen.sections())
                && seen.chords().stream()
                        .filter(chord -> !chord.isOffered()
                                && written.chord(chord.name()).isPresent())
                        .anyMatch(chord -> after.chord(chord.name()).isEmpty());
        return lessChords
                || seen.patterns().stream()
                        .anyMatch(each -> after.pattern(each.id()).isEmpty())
                || seen.sections().stream()
                        .anyMatch(each -> after.section(each.id()).isEmpty());
    }

    /** What became other is told apart: what the version holds, and what the song does. */
    private record Split(Song written, Version version, Song seen, Song after) {

        Song done() {
            Song plain = written.withVersions(written.versions().with(version.withOverlay(Overlay.NONE)))
                    .asShown();
            var patterns = new ArrayList<>(written.patterns());
            after.patterns().stream()
                    .filter(each -> written.pattern(each.id()).isEmpty())
                    .forEach(patterns::add);
            var sections = new ArrayList<>(written.sections());
            after.sections().stream()
                    .filter(each -> written.section(each.id()).isEmpty())
                    .forEach(sections::add);
            var dropped = new ArrayList<>(version.overlay().dropped());
            List<Rule> rules = rules(dropped);
            var overlay = new Overlay(
                    after.chords().stream()
                            .filter(chord -> written.chord(chord.name()).isEmpty())
                            .toList(),
                    other(after.patterns(), each -> plain.pattern(each.id())),
                    other(after.sections(), each -> written.section(each.id())),
                    otherUses(),
                    order(),
                    dropped);
            Version held = version.withOverlay(overlay)
                    .withStandIns(after.chords().stream()
                            .filter(chord -> written.chord(chord.name())
                                    .filter(same -> !same.equals(chord))
                                    .isPresent())
                            .toList())
                    .withFacts(OtherFacts.between(written.facts(), after.facts()));
            return new Song(
                    written.facts(),
                    new Materials(written.chords(), patterns),
                    new Arrangement(sections, written.uses(), rules),
                    written.versions().with(held),
                    after.changeCounts(),
                    after.lesson());
        }

        /** Patterns and sections that are new belong to the song; those that became other belong to the version. */
        private static <T> List<T> other(List<T> after, Function<T, Optional<T>> before) {
            return after.stream()
                    .filter(each -> before.apply(each)
                            .filter(same -> !same.equals(each))
                            .isPresent())
                    .toList();
        }

        private List<Use> otherUses() {
            return after.uses().stream()
                    .filter(use -> !written.use(use.id()).equals(Optional.of(use)))
                    .toList();
        }

        private Optional<List<Integer>> order() {
            List<Integer> ids = after.uses().stream().map(Use::id).toList();
            return Optional.of(ids)
                    .filter(each ->
                            !each.equals(written.uses().stream().map(Use::id).toList()));
        }

        private List<Rule> rules(List<Rule> dropped) {
            var gone = new HashSet<>(seen.rules());
            gone.removeAll(after.rules());
            List<Rule> rules = new ArrayList<>(written.rules());
            for (Rule rule : gone) {
                boolean own = rule.where().version().equals(Optional.of(version.name()));
                if (own) rules.remove(rule);
                else if (!dropped.contains(rule)) dropped.add(rule);
            }
            var before = new HashSet<>(seen.rules());
            for (Rule rule : after.rules()) {
                if (before.contains(rule)) continue;
                if (dropped.remove(rule)) continue;
                boolean own = rule.where().version().isPresent();
                rules = Assignment.with(
                        rules, own ? rule : rule.withWhere(rule.where().withVersion(Optional.of(version.name()))));
            }
            return rules;
        }
    }
}
