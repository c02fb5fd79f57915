package tactus.core.patterns.dictation;

import java.util.Optional;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Stroke;

/** What makes strokes come more than once, or last. */
sealed interface SpokenTimes {

    /** {@code six downs}. */
    record Several(int number, Stroke stroke, Optional<Direction> direction) implements SpokenTimes {}

    /** {@code three times}: what was said comes so often in all. */
    record Times(int number) implements SpokenTimes {}

    /**
     * {@code hold for two}, {@code rest for two}.
     *
     * @param stroke what is held; the stroke before if empty
     */
    record Held(Optional<Stroke> stroke, int beats) implements SpokenTimes {}

    /** {@code and again}, {@code same again but}, {@code without the last}. */
    record Again(How how) implements SpokenTimes {}

    /** How what was said comes again. */
    enum How {
        ALL,
        BUT,
        WITHOUT_LAST
    }
}
