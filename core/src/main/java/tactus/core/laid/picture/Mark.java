package tactus.core.laid.picture;

import java.util.List;
import java.util.Objects;
import tactus.core.patterns.groove.Drum;

/** One shape of a picture. Marks are listed in the order in which they are painted. */
public sealed interface Mark {

    /** A string of the guitar from left to right; {@code number} is 1 for the highest-sounding. */
    record StringLine(int number, Point from, Point to, double thickness) implements Mark {

        public StringLine {
            Objects.requireNonNull(from);
            Objects.requireNonNull(to);
        }
    }

    /** Where a felt beat starts; heavier at a bar line. */
    record BeatLine(Point from, Point to, boolean isBar) implements Mark {

        public BeatLine {
            Objects.requireNonNull(from);
            Objects.requireNonNull(to);
        }
    }

    /**
     * A part of the hand's path as a cubic curve.
     *
     * @param isSilent whether the hand only returns here
     */
    record Path(Point from, Point control1, Point control2, Point to, boolean isSilent) implements Mark {

        public Path {
            Objects.requireNonNull(control1);
            Objects.requireNonNull(control2);
            Objects.requireNonNull(from);
            Objects.requireNonNull(to);
        }
    }

    /**
     * A strum: the path grown to a brush mark, thin where it enters the strings and thick where it leaves.
     *
     * @param outline a closed line
     * @param isAgainst whether it goes against the hand; then it is drawn hollow
     */
    record Brush(int slot, List<Point> outline, boolean isAccented, boolean isAgainst) implements Mark {

        public Brush {
            outline = List.copyOf(outline);
        }
    }

    /** A dead string: a cross with arms of {@code arm} length. */
    record Cross(int slot, Point middle, double arm, boolean isAccented, boolean isAgainst) implements Mark {

        public Cross {
            Objects.requireNonNull(middle);
        }
    }

    /**
     * A plucked string.
     *
     * @param label the finger or the fret; empty where the string says it all
     * @param isWrong whether the string is dead there or its note is not in the chord; then it is drawn hollow
     */
    record Finger(int slot, Point middle, double radius, String label, boolean isAccented, boolean isWrong)
            implements Mark {

        public Finger {
            Objects.requireNonNull(label);
            Objects.requireNonNull(middle);
        }
    }

    /** What is plucked at once. */
    record Tie(int slot, Point from, Point to, double thickness) implements Mark {

        public Tie {
            Objects.requireNonNull(from);
            Objects.requireNonNull(to);
        }
    }

    /** What the fretting hand changes, before the slot's stroke. */
    record MoveText(int slot, String text, Point middle, double size) implements Mark {

        public MoveText {
            Objects.requireNonNull(middle);
            Objects.requireNonNull(text);
        }
    }

    /** A drum of the groove below the strings: kick a disc, snare a cross, hat a short upright line above them. */
    record DrumHit(Drum drum, Point middle, double radius) implements Mark {

        public DrumHit {
            Objects.requireNonNull(drum);
            Objects.requireNonNull(middle);
        }
    }

    /** The name of the line of {@code drum}, centred on {@code right}; kick and snare share one. */
    record DrumName(Drum drum, Point right) implements Mark {

        public DrumName {
            Objects.requireNonNull(drum);
            Objects.requireNonNull(right);
        }
    }

    /** A stop: a bar that closes the strings. */
    record StopBar(int slot, Point from, Point to, double thickness) implements Mark {

        public StopBar {
            Objects.requireNonNull(from);
            Objects.requireNonNull(to);
        }
    }

    /** What rings on: ink trailing along a string. */
    record Trail(int slot, Point from, Point to, double thickness) implements Mark {

        public Trail {
            Objects.requireNonNull(from);
            Objects.requireNonNull(to);
        }
    }

    /**
     * The count of a slot.
     *
     * @param text with brackets if it is not played
     * @param middle the middle of its base line
     * @param size the height of its letters in the unit of the picture
     */
    record CountText(int slot, String text, Point middle, double size, boolean isPlayed, boolean isNumber)
            implements Mark {

        public CountText {
            Objects.requireNonNull(middle);
            Objects.requireNonNull(text);
        }
    }

    /** The number and note of a string beside its line, centred on {@code right}. */
    record StringName(int number, Point right, double size) implements Mark {

        public StringName {
            Objects.requireNonNull(right);
        }
    }
}
