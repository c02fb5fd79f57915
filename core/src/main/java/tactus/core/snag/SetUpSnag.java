package tactus.core.snag;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.harmony.ChordMove;
import tactus.core.pitch.Key;
import tactus.core.pitch.NoteName;
import tactus.core.pitch.TuningAdvice;
import tactus.core.shape.Voicing;
import tactus.core.statement.Statement;

/** A snag of the tuning, the capo or a shape. */
public sealed interface SetUpSnag extends Snag {

    /**
     * A string is pulled far above what it is made for.
     *
     * @param percent how much tighter it is
     * @param instead a lower tuning with a capo that sounds the same, if there is one
     */
    record StringTooTight(int string, int semitones, int percent, Optional<TuningAdvice> instead) implements SetUpSnag {

        public StringTooTight {
            Objects.requireNonNull(instead);
        }

        @Override
        public Kind kind() {
            return Kind.STRING_TOO_TIGHT;
        }

        @Override
        public SnagPlace place() {
            return SnagPlace.InFacts.TUNING;
        }

        @Override
        public List<Object> about() {
            return List.of(string);
        }

        @Override
        public List<Number> numbers() {
            return Snag.numbers("semitones", semitones, "tension", percent);
        }
    }

    /** The capo sits where the hand is cramped. */
    record CapoTooHigh(int capo) implements SetUpSnag {

        @Override
        public Kind kind() {
            return Kind.CAPO_TOO_HIGH;
        }

        @Override
        public SnagPlace place() {
            return SnagPlace.InFacts.CAPO;
        }

        @Override
        public List<Object> about() {
            return List.of();
        }

        @Override
        public List<Number> numbers() {
            return Snag.numbers("capo", capo);
        }
    }

    /**
     * One chord has two names: the same notes spelled otherwise, F#7 and Gb7.
     *
     * @param isSameShape whether it is held alike under both
     */
    record TwoNames(String chord, String other, boolean isSameShape) implements SetUpSnag {

        public TwoNames {
            Objects.requireNonNull(chord);
            Objects.requireNonNull(other);
        }

        @Override
        public Kind kind() {
            return Kind.TWO_NAMES_OF_ONE_CHORD;
        }

        @Override
        public SnagPlace place() {
            return new SnagPlace.InChord(chord);
        }

        @Override
        public List<Object> about() {
            return List.of(chord, other);
        }

        @Override
        public Optional<Fix> fix() {
            return Optional.of(new SetUpFix.OneName(chord, other));
        }
    }

    /** A chord has a shape and is played nowhere. */
    record NotUsed(String chord) implements SetUpSnag {

        public NotUsed {
            Objects.requireNonNull(chord);
        }

        @Override
        public Kind kind() {
            return Kind.CHORD_NOT_USED;
        }

        @Override
        public SnagPlace place() {
            return new SnagPlace.InChord(chord);
        }

        @Override
        public List<Object> about() {
            return List.of(chord);
        }

        @Override
        public Optional<Fix> fix() {
            return Optional.of(new SetUpFix.TakeOut(chord));
        }
    }

    /** The easier shape of a version is not the chord it stands in for. */
    record OtherStandIn(String version, String chord, Voicing voicing) implements SetUpSnag {

        public OtherStandIn {
            Objects.requireNonNull(chord);
            Objects.requireNonNull(version);
            Objects.requireNonNull(voicing);
        }

        @Override
        public Kind kind() {
            return Kind.STAND_IN_IS_ANOTHER_CHORD;
        }

        @Override
        public SnagPlace place() {
            return new SnagPlace.InChord(chord);
        }

        @Override
        public List<Object> about() {
            return List.of(version, chord);
        }

        @Override
        public List<Number> numbers() {
            return Snag.numbers("shape", voicing);
        }
    }

    /**
     * The key that is said is not the one that shapes and capo sound in.
     *
     * @param sounding the key of the chords as they sound
     */
    record OtherKey(Key stated, Key sounding) implements SetUpSnag {

        public OtherKey {
            Objects.requireNonNull(sounding);
            Objects.requireNonNull(stated);
        }

        @Override
        public Kind kind() {
            return Kind.KEY_DOES_NOT_AGREE;
        }

        @Override
        public SnagPlace place() {
            return SnagPlace.InFacts.CAPO;
        }

        @Override
        public List<Object> about() {
            return List.of();
        }

        @Override
        public List<Number> numbers() {
            return Snag.numbers("sounding-key", sounding);
        }

        @Override
        public Optional<Fix> fix() {
            return Optional.of(new SetUpFix.TakeKey(sounding));
        }
    }

    /**
     * A finger that moves on a chord changes nothing, or leaves both the chord and the key.
     *
     * @param stray the note it leaves them for; empty if the shape has that string there already
     */
    record NeedlessMove(String chord, ChordMove at, Optional<NoteName> stray) implements SetUpSnag {

        public NeedlessMove {
            Objects.requireNonNull(chord);
            Objects.requireNonNull(at);
            Objects.requireNonNull(stray);
        }

        @Override
        public Kind kind() {
            return stray.isPresent() ? Kind.MOVE_OFF_KEY : Kind.MOVE_WITHOUT_EFFECT;
        }

        @Override
        public SnagPlace place() {
            return new SnagPlace.InChord(chord);
        }

        @Override
        public List<Object> about() {
            return List.of(chord, at);
        }

        @Override
        public Optional<Fix> fix() {
            return Optional.of(new SetUpFix.TakeMoveBack(chord, at));
        }
    }

    /**
     * Something is wrong with a shape.
     *
     * @param kind {@link Kind#NAME_UNREADABLE}, {@link Kind#SHAPE_NOT_ITS_NAME} or {@link Kind#SHAPE_NOT_PLAYABLE}
     * @param fault what
     */
    record WrongShape(Kind kind, String chord, Voicing voicing, Statement fault) implements SetUpSnag {

        public WrongShape {
            Objects.requireNonNull(chord);
            Objects.requireNonNull(fault);
            Objects.requireNonNull(kind);
            Objects.requireNonNull(voicing);
        }

        @Override
        public SnagPlace place() {
            return new SnagPlace.InChord(chord);
        }

        @Override
        public List<Object> about() {
            return List.of(chord, fault.code());
        }

        @Override
        public List<Number> numbers() {
            return Snag.numbers("shape", voicing);
        }
    }
}
