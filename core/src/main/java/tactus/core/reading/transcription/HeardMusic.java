package tactus.core.reading.transcription;

import java.util.List;
import java.util.Objects;
import tactus.core.ground.statement.Statement;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.written.song.Facts;

/**
 * A guitar as it was played: keys with their times, over bars that are known. It is brought into chords and strokes: what
 * sounds within some milliseconds is one stroke, and the order of its strings says which way the hand went.
 *
 * @param facts key, guitar, tempo, usual meter
 * @param bars in order, at least one
 * @param chords names that somebody wrote there, as they sound; where there are none they are found from the notes
 * @param notes in any order
 * @param left what could not be taken so far
 */
public record HeardMusic(Facts facts, List<Bar> bars, List<Said> chords, List<Heard> notes, List<Statement> left) {

    /**
     * A bar.
     *
     * @param start from the start of the music
     * @param heading of the part that begins with it; empty if it has no name
     * @param startsPart whether a part begins with it
     */
    public record Bar(Meter meter, Length start, String heading, boolean startsPart) {
        public Bar {
            Objects.requireNonNull(meter);
            Objects.requireNonNull(start);
            Objects.requireNonNull(heading);
        }

        Length end() {
            return start.plus(meter.length());
        }
    }

    /** A chord's name, as it sounds, and where it begins. */
    public record Said(Length at, String name) {
        public Said {
            Objects.requireNonNull(at);
            Objects.requireNonNull(name);
        }
    }

    /**
     * A key that is struck.
     *
     * @param at from the start of the music
     * @param seconds the same in seconds
     * @param lasts for how long it is held, in seconds
     * @param key its number as MIDI counts, 60 is middle C
     * @param force how hard, over 0 to 1
     * @param string which string, if that is known; otherwise 0
     */
    public record Heard(Length at, double seconds, double lasts, int key, double force, int string) {
        public Heard {
            Objects.requireNonNull(at);
        }
    }

    /** @throws IllegalArgumentException if there is no bar */
    public HeardMusic {
        Objects.requireNonNull(facts);
        bars = List.copyOf(bars);
        chords = List.copyOf(chords);
        notes = List.copyOf(notes);
        left = List.copyOf(left);
        if (bars.isEmpty()) throw new IllegalArgumentException("music has at least one bar");
    }

    /** The music bar by bar. */
    public ReadMusic read() {
        return new Hearing(this).read();
    }
}
