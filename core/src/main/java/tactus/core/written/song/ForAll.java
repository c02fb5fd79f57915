package tactus.core.written.song;

import java.util.EnumSet;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Why an edit that is made while a version is shown reaches the song and all of its versions. Whatever is not listed here is changed in the
 * version alone.
 */
public enum ForAll {
    /** Title, note, tags, level, meter, pick-up, tuning, spelling, the recording and how the hand picks are facts of the song. */
    FACTS,
    /** What is taken out of the song is nowhere any longer. */
    TAKEN_OUT,
    /** A pattern or a section that is new can be played by every version; only this one does. */
    NEW,
    /** Hints, what is planned, snags that are meant so, words for cells, counts of changes and the sheet belong to the lesson with the song. */
    LESSON;

    /** In which of these ways two songs differ where the version called {@code name} is not shown. */
    static Set<ForAll> between(Song before, Song after, String name) {
        Song from = without(before, name);
        Song to = without(after, name);
        Set<ForAll> why = EnumSet.noneOf(ForAll.class);
        if (from.equals(to)) return why;
        if (!from.facts().equals(to.facts())) why.add(FACTS);
        if (!ids(to).containsAll(ids(from))) why.add(TAKEN_OUT);
        if (!ids(from).containsAll(ids(to))) why.add(NEW);
        boolean isOfLesson =
                !from.lesson().equals(to.lesson()) || !from.changeCounts().equals(to.changeCounts());
        if (isOfLesson) why.add(LESSON);
        // Whatever else became other did so together with something that is the whole song's.
        if (why.isEmpty()) why.add(FACTS);
        return why;
    }

    /** The song as it is where that version is not shown. */
    static Song without(Song song, String name) {
        var versions = new Versions(
                song.versions().all().stream()
                        .filter(version -> !version.name().equals(name))
                        .toList(),
                Optional.empty());
        return song.withRules(song.rules().stream()
                        .filter(rule -> !rule.where().version().equals(Optional.of(name)))
                        .toList())
                .withVersions(versions);
    }

    private static Set<String> ids(Song song) {
        return new HashSet<>(Stream.of(
                        song.patterns().stream()
                                .map(each -> "pattern " + each.id().value()),
                        song.sections().stream()
                                .map(each -> "section " + each.id().value()),
                        song.chords().stream().map(each -> "chord " + each.name()))
                .flatMap(each -> each)
                .toList());
    }
}
