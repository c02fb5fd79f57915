package tactus.core.reading.chart;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.NotationException;
import tactus.core.music.pitch.Key;
import tactus.core.music.time.Meter;

/**
 * A chord text that was read: what it says of the song, its parts in the order in which they are played, and every line
 * with what it was taken for.
 *
 * @param capo its fret
 * @param perMinute the tempo in felt beats
 */
public record Chart(
        Optional<String> title,
        Optional<Key> key,
        OptionalInt capo,
        Optional<Meter> meter,
        OptionalInt perMinute,
        List<ChartPart> parts,
        List<ChartLine> lines) {

    /** The longest text that is read, in characters. */
    public static final int LONGEST = 100_000;

    public Chart {
        Objects.requireNonNull(title);
        Objects.requireNonNull(key);
        Objects.requireNonNull(capo);
        Objects.requireNonNull(meter);
        Objects.requireNonNull(perMinute);
        parts = List.copyOf(parts);
        lines = List.copyOf(lines);
    }

    /**
     * Reads a text. A chord without a length of its own is taken to last a bar; between bar lines the chords of a bar
     * share it, and a stroke is a beat of the chord before it: {@code | G / / D | C |}.
     *
     * @param usual the meter where the text names none
     * @throws NotationException if it is longer than {@link #LONGEST} or has no chord at all
     */
    public static Chart read(String text, Meter usual, Lexicon lexicon) {
        if (text.length() > LONGEST) throw new NotationException("chart.too-long", text, LONGEST, LONGEST / 1_000);
        return new ChartReader(text, usual, lexicon).read();
    }

    /** How many bars it has in all, each time counted. */
    public int bars() {
        return parts.stream()
                .mapToInt(part -> part.times() * part.bars().size())
                .sum();
    }
}
