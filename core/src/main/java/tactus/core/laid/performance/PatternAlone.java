package tactus.core.laid.performance;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.shape.Voicing;
import tactus.core.music.time.Length;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.Span;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Assignment;
import tactus.core.written.song.Song;

/** One round of a pattern on a chord, laid out like a song so that it can be heard. */
public final class PatternAlone {

    private static final Chord FALLBACK = new Chord("E", Voicing.parse("022100"));

    private PatternAlone() {}

    /** Lays {@code pattern} out on the first chord that the song plays it on, at the song's tempo. */
    public static Timeline of(Song song, Pattern pattern) {
        Chord chord = chordFor(song, pattern).orElse(FALLBACK);
        int inBar = pattern.meter().beats().size();
        int bars = (pattern.beats() + inBar - 1) / inBar;
        var section = new Section(
                new SectionId("preview"),
                "Preview",
                Collections.nCopies(bars, pattern.meter()),
                List.of(new Span(chord.name(), SpanLength.bars(bars))),
                1);
        Section front = roomInFront(pattern, chord);
        boolean leads = pattern.frame().pickup() > 0;
        List<Section> sections = leads ? List.of(front, section) : List.of(section);
        var alone = new Song(
                song.facts().withPickup(0),
                List.of(chord),
                List.of(pattern),
                sections,
                sections.stream().map(Section::id).toList());
        return Timeline.of(Assignment.assigned(alone, Where.in(section.id()), Optional.of(pattern.id())));
    }

    /** A bar on the chord, with nothing played in it but the pick-up. */
    private static Section roomInFront(Pattern pattern, Chord chord) {
        return new Section(
                new SectionId("front"),
                "Front",
                List.of(pattern.meter()),
                List.of(new Span(chord.name(), SpanLength.bars(1))),
                1);
    }

    /** Where in the timeline the pattern starts, its pick-up first. */
    static Length start(Pattern pattern) {
        return pattern.frame().pickup() == 0
                ? Length.ZERO
                : pattern.meter().length().minus(pattern.frame().pickupLength());
    }

    private static Optional<Chord> chordFor(Song song, Pattern pattern) {
        return song.usesOf(pattern.id()).stream()
                .flatMap(section -> section.spans().stream())
                .flatMap(span -> song.chord(span.chord()).stream())
                .findFirst()
                .or(() -> song.chords().stream().findFirst());
    }
}
