package tactus.app.fetch;

import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.harmony.Chord;
import tactus.core.written.song.Fetch;
import tactus.core.written.song.Song;
import tactus.formats.font.ChordText;

/** Something of a song that another one can have as well. */
sealed interface Fetchable {

    /** A pattern. */
    record OfPattern(Pattern pattern) implements Fetchable {

        public OfPattern {
            Objects.requireNonNull(pattern);
        }

        @Override
        public String name() {
            return pattern.name();
        }

        @Override
        public String facts() {
            return pattern.meter() + " · " + pattern.line();
        }

        @Override
        public Song into(Song song) {
            return Fetch.pattern(song, pattern);
        }
    }

    /**
     * A shape.
     *
     * @param from the title of its song
     */
    record OfShape(Chord chord, String from) implements Fetchable {

        public OfShape {
            Objects.requireNonNull(chord);
            Objects.requireNonNull(from);
        }

        @Override
        public String name() {
            return ChordText.of(chord.name());
        }

        @Override
        public String facts() {
            return chord.voicing().toString();
        }

        @Override
        public Song into(Song song) {
            return Fetch.shape(song, chord, from);
        }
    }

    String name();

    String facts();

    /** @throws tactus.core.ground.refusal.Refusal if it is there already, or cannot be there */
    Song into(Song song);

    /** What there is to be fetched of {@code song}: its patterns, then its shapes. */
    static List<Fetchable> of(Song song) {
        return Stream.<Fetchable>concat(
                        song.patterns().stream().map(OfPattern::new),
                        song.chords().stream()
                                .map(chord -> new OfShape(chord, song.facts().title())))
                .toList();
    }
}
