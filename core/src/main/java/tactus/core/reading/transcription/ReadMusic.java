package tactus.core.reading.transcription;

import java.util.List;
import java.util.Objects;
import tactus.core.ground.statement.Statement;
import tactus.core.music.time.Feel;
import tactus.core.written.harmony.Chord;
import tactus.core.written.song.Facts;

/**
 * Music as it was read, bar by bar in the order in which it is played.
 *
 * @param facts title, key, guitar, tempo, usual meter
 * @param shapes those that were given; a name has the first one
 * @param parts in order, at least one bar each
 * @param feel how its second slots were played late
 * @param left what could not be taken
 */
public record ReadMusic(Facts facts, List<Chord> shapes, List<Part> parts, Feel feel, List<Statement> left) {

    /** The most bars that are read, as they are played: longer than two hours of any song. */
    public static final int MOST_BARS = 2_000;

    /** The most notes that are read. */
    public static final int MOST_NOTES = 100_000;

    /**
     * Bars under a heading.
     *
     * @param name of the section; empty if it has none
     */
    public record Part(String name, List<ReadBar> bars) {
        /** @throws IllegalArgumentException if there is no bar */
        public Part {
            Objects.requireNonNull(name);
            bars = List.copyOf(bars);
            if (bars.isEmpty()) throw new IllegalArgumentException("a part has at least one bar");
        }
    }

    /** Music that is written straight. */
    public ReadMusic(Facts facts, List<Chord> shapes, List<Part> parts, List<Statement> left) {
        this(facts, shapes, parts, Feel.STRAIGHT, left);
    }

    public ReadMusic {
        Objects.requireNonNull(feel);
        Objects.requireNonNull(facts);
        shapes = List.copyOf(shapes);
        parts = List.copyOf(parts);
        left = List.copyOf(left);
    }
}
