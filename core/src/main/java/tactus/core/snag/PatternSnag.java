package tactus.core.snag;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.pattern.FingerMove;
import tactus.core.pattern.PatternId;
import tactus.core.pitch.NoteName;
import tactus.core.shape.Voicing;
import tactus.core.stroke.Direction;
import tactus.core.stroke.Stroke;
import tactus.core.time.Length;
import tactus.core.time.Slot;

/** A snag of a pattern, or of a pattern on a chord. */
public sealed interface PatternSnag extends Snag {

    /** The pattern it is about. */
    PatternId pattern();

    /**
     * A stroke goes another way than the hand.
     *
     * @param stroke a strum or a mute
     * @param hand which way the hand goes there; empty where it does not cross the strings
     * @param rate what the hand moves in
     */
    record AgainstTheHand(PatternId pattern, Slot slot, Stroke stroke, Optional<Direction> hand, Length rate)
            implements PatternSnag {

        public AgainstTheHand {
            Objects.requireNonNull(hand);
            Objects.requireNonNull(pattern);
            Objects.requireNonNull(rate);
            Objects.requireNonNull(slot);
            Objects.requireNonNull(stroke);
        }

        @Override
        public Kind kind() {
            return Kind.AGAINST_THE_HAND;
        }

        @Override
        public SnagPlace place() {
            return new SnagPlace.InPattern(pattern, slot.index());
        }

        @Override
        public List<Object> about() {
            return List.of(pattern, slot.index());
        }

        @Override
        public List<Number> numbers() {
            return Snag.numbers("slot", slot.index() + 1, "hand-rate", rate);
        }

        @Override
        public Optional<Fix> fix() {
            return hand.map(way -> new PatternFix.Turn(pattern, slot.index(), way));
        }
    }

    /** How a plucked string does not fit its chord. */
    enum Pluck {
        /** The guitar has no such string. */
        NO_STRING,
        /** The shape leaves it out. */
        LEFT_OUT,
        /** It sounds a note that is not in the chord. */
        OFF_CHORD
    }

    /** A plucked string does not fit its chord. */
    record WrongString(PatternId pattern, Slot slot, String chord, Voicing voicing, int string, Pluck how)
            implements PatternSnag {

        public WrongString {
            Objects.requireNonNull(chord);
            Objects.requireNonNull(how);
            Objects.requireNonNull(pattern);
            Objects.requireNonNull(slot);
            Objects.requireNonNull(voicing);
        }

        @Override
        public Kind kind() {
            return how == Pluck.OFF_CHORD ? Kind.NOTE_OFF_CHORD : Kind.DEAD_STRING;
        }

        @Override
        public SnagPlace place() {
            return new SnagPlace.InPattern(pattern, slot.index());
        }

        @Override
        public List<Object> about() {
            return List.of(pattern, chord, string);
        }

        @Override
        public List<Number> numbers() {
            return Snag.numbers("string", string, "slot", slot.index() + 1);
        }
    }

    /** The same words were said for two rhythms. */
    record SameWords(PatternId pattern, PatternId other, String said) implements PatternSnag {

        public SameWords {
            Objects.requireNonNull(other);
            Objects.requireNonNull(pattern);
            Objects.requireNonNull(said);
        }

        @Override
        public Kind kind() {
            return Kind.SAME_WORDS_OTHER_RHYTHM;
        }

        @Override
        public SnagPlace place() {
            return new SnagPlace.InPattern(pattern, 0);
        }

        @Override
        public List<Object> about() {
            return List.of(pattern, other);
        }

        @Override
        public Optional<Fix> fix() {
            return Optional.of(new PatternFix.ForgetSaying(pattern, said));
        }
    }

    /**
     * A finger is added or moved, and nothing sounds otherwise.
     *
     * @param isUnheard whether the string is not struck; otherwise the string is at that fret already
     * @param chords those on which it is not struck; empty where it is struck on none
     */
    record IdleMove(PatternId pattern, Slot slot, FingerMove move, boolean isUnheard, List<String> chords)
            implements PatternSnag {

        public IdleMove {
            chords = List.copyOf(chords);
            Objects.requireNonNull(move);
            Objects.requireNonNull(pattern);
            Objects.requireNonNull(slot);
        }

        @Override
        public Kind kind() {
            return Kind.MOVE_WITHOUT_EFFECT;
        }

        @Override
        public SnagPlace place() {
            return new SnagPlace.InPattern(pattern, slot.index());
        }

        @Override
        public List<Object> about() {
            return List.of(pattern, slot.index(), move);
        }
    }

    /**
     * A finger is moved to a note that is in neither the chord nor the key.
     *
     * @param chord the first one on which it is so
     */
    record StrayMove(PatternId pattern, Slot slot, FingerMove move, String chord, NoteName note)
            implements PatternSnag {

        public StrayMove {
            Objects.requireNonNull(chord);
            Objects.requireNonNull(move);
            Objects.requireNonNull(note);
            Objects.requireNonNull(pattern);
            Objects.requireNonNull(slot);
        }

        @Override
        public Kind kind() {
            return Kind.MOVE_OFF_KEY;
        }

        @Override
        public SnagPlace place() {
            return new SnagPlace.InPattern(pattern, slot.index());
        }

        @Override
        public List<Object> about() {
            return List.of(pattern, slot.index(), move);
        }
    }

    /**
     * One rhythm has two names.
     *
     * @param other the pattern that was there before
     * @param name what that one is called
     */
    record SameRhythm(PatternId pattern, PatternId other, String name) implements PatternSnag {

        public SameRhythm {
            Objects.requireNonNull(name);
            Objects.requireNonNull(other);
            Objects.requireNonNull(pattern);
        }

        @Override
        public Kind kind() {
            return Kind.SAME_RHYTHM_OTHER_NAME;
        }

        @Override
        public SnagPlace place() {
            return new SnagPlace.InPattern(pattern, 0);
        }

        @Override
        public List<Object> about() {
            return List.of(pattern, other);
        }

        @Override
        public Optional<Fix> fix() {
            return Optional.of(new PatternFix.CallBoth(pattern, other, name));
        }
    }
}
