package tactus.core.counsel.snag;

import java.util.Objects;
import tactus.core.ground.statement.Statement;
import tactus.core.music.pitch.Key;
import tactus.core.music.search.ShapeSearch;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.core.music.time.Tempo;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.ChordMove;
import tactus.core.written.song.Song;

/** What mends shapes and the tempo. */
public sealed interface SetUpFix extends Fix {

    /** A finger moves on a chord no longer. */
    record TakeMoveBack(String chord, ChordMove at) implements SetUpFix {

        public TakeMoveBack {
            Objects.requireNonNull(chord);
            Objects.requireNonNull(at);
        }

        @Override
        public Statement label() {
            return Statement.of("fix.take-move-back", at.toString());
        }

        @Override
        public Song appliedTo(Song song) {
            return song.chord(chord)
                    .map(each -> song.withChord(each.withMoves(each.moves().stream()
                            .filter(move -> !move.equals(at))
                            .toList())))
                    .orElse(song);
        }
    }

    /** A chord gets its easiest shape. */
    record TakeShape(String chord) implements SetUpFix {

        public TakeShape {
            Objects.requireNonNull(chord);
        }

        @Override
        public Statement label() {
            return Statement.of("fix.take-shape", chord);
        }

        @Override
        public Song appliedTo(Song song) {
            var neck = new Neck(Neck.USUAL.scaleLength(), 0);
            return Chord.meaning(chord)
                    .flatMap(meaning -> new ShapeSearch(song.facts().tuning(), neck, FrettingHand.USUAL).first(meaning))
                    .map(shape -> song.withChord(new Chord(chord, shape.voicing())))
                    .orElse(song);
        }
    }

    /** One name for a chord that has two. */
    record OneName(String gone, String kept) implements SetUpFix {

        public OneName {
            Objects.requireNonNull(gone);
            Objects.requireNonNull(kept);
        }

        @Override
        public Statement label() {
            return Statement.of("fix.one-name", kept);
        }

        @Override
        public Song appliedTo(Song song) {
            if (song.chord(gone).isEmpty() || song.chord(kept).isEmpty()) return song;
            return song.withoutChord(gone).withChordsRenamed(name -> name.equals(gone) ? kept : name);
        }
    }

    /** A chord is taken out of the set-up. */
    record TakeOut(String chord) implements SetUpFix {

        public TakeOut {
            Objects.requireNonNull(chord);
        }

        @Override
        public Statement label() {
            return Statement.of("fix.take-out", chord);
        }

        @Override
        public Song appliedTo(Song song) {
            return song.withoutChord(chord);
        }
    }

    /** The key in which the shapes sound. */
    record TakeKey(Key key) implements SetUpFix {

        public TakeKey {
            Objects.requireNonNull(key);
        }

        @Override
        public Statement label() {
            return Statement.of("fix.take-key", key);
        }

        @Override
        public Song appliedTo(Song song) {
            return song.withFacts(song.facts().withKey(key));
        }
    }

    /** @param perMinute in the song's beats */
    record TakeTempo(double perMinute) implements SetUpFix {

        @Override
        public Statement label() {
            return Statement.of("fix.take-tempo", Snag.rounded(perMinute, 1));
        }

        @Override
        public Song appliedTo(Song song) {
            var tempo = new Tempo(perMinute, song.facts().tempo().beat());
            return song.withFacts(song.facts().withTempo(tempo));
        }
    }
}
