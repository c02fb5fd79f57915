package tactus.core.counsel.advice;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import tactus.core.ground.statement.Statement;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.core.written.harmony.Chord;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Song;

/**
 * The next useful step of the work on a song, in the order in which it is really done: chords, shapes, patterns, their
 * places, the capo, the order, what does not fit, hearing it, handing it out (common practice).
 *
 * @param said what is said of it
 */
public record NextStep(Kind kind, Statement said) {

    /** The steps in their order. */
    public enum Kind {
        SECTION,
        CHORDS,
        SHAPES,
        PATTERN,
        ASSIGN,
        CAPO,
        ORDER,
        SNAGS,
        HEAR,
        SHEET
    }

    public NextStep {
        Objects.requireNonNull(kind);
        Objects.requireNonNull(said);
    }

    /**
     * The first step that is still to be done; empty if there is none.
     *
     * @param snags how many are not accepted
     * @param dismissed the kinds that nobody wants to be told of
     */
    public static Optional<NextStep> of(
            Song song, Timeline timeline, int snags, SinceOpened progress, Set<Kind> dismissed) {
        return Stream.of(Kind.values())
                .filter(kind -> !dismissed.contains(kind))
                .flatMap(kind ->
                        statement(kind, song, timeline, snags, progress).map(said -> new NextStep(kind, said)).stream())
                .findFirst();
    }

    private static Optional<Statement> statement(
            Kind kind, Song song, Timeline timeline, int snags, SinceOpened progress) {
        return switch (kind) {
            case SECTION -> when(song.sections().isEmpty(), "next.section");
            case CHORDS ->
                song.sections().stream()
                        .filter(section -> section.spans().isEmpty())
                        .findFirst()
                        .map(section -> Statement.of("next.chords", section.name()));
            case SHAPES -> counted("next.shapes", unshaped(song));
            case PATTERN -> when(song.patterns().isEmpty(), "next.pattern");
            case ASSIGN -> counted("next.assign", silent(song, timeline));
            case CAPO -> when(song.facts().capo() == 0 && !progress.capoCompared() && hasBarre(song), "next.capo");
            case ORDER ->
                song.sections().stream()
                        .filter(section -> !isPlayed(song, section))
                        .findFirst()
                        .map(section -> Statement.of("next.order", section.name()));
            case SNAGS -> counted("next.snags", snags);
            case HEAR -> when(!progress.heard(), "next.hear");
            case SHEET -> when(!progress.sheetSeen(), "next.sheet");
        };
    }

    private static Optional<Statement> when(boolean wanted, String code) {
        return wanted ? Optional.of(Statement.of(code)) : Optional.empty();
    }

    private static Optional<Statement> counted(String code, long count) {
        return count > 0 ? Optional.of(Statement.of(code, count)) : Optional.empty();
    }

    private static long unshaped(Song song) {
        return song.sections().stream()
                .flatMap(section -> section.spans().stream())
                .map(span -> span.chord())
                .filter(name ->
                        Chord.meaning(name).isPresent() && song.chord(name).isEmpty())
                .distinct()
                .count();
    }

    /** How many sections have chords over which nothing is said. */
    private static long silent(Song song, Timeline timeline) {
        List<SectionId> order = song.order();
        return timeline.spans().stream()
                .filter(span ->
                        span.inSection().isPresent() && span.played().what().isEmpty())
                .map(TimelineSpan::use)
                .map(order::get)
                .distinct()
                .count();
    }

    private static boolean isPlayed(Song song, Section section) {
        return song.order().contains(section.id())
                || song.sections().stream()
                        .anyMatch(other ->
                                other.tag().filter(section.id()::equals).isPresent());
    }

    /** A shape that one finger holds several strings of is what a capo can save. */
    private static boolean hasBarre(Song song) {
        Neck neck = Neck.USUAL;
        return song.chords().stream()
                .anyMatch(chord -> chord.grip(neck, FrettingHand.USUAL)
                        .filter(grip -> !grip.barres().isEmpty())
                        .isPresent());
    }
}
