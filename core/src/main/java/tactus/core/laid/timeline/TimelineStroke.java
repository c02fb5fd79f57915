package tactus.core.laid.timeline;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.time.Count;
import tactus.core.music.time.Length;
import tactus.core.patterns.pattern.FingerMove;
import tactus.core.patterns.pattern.PatternId;

/**
 * A slot of a pattern as played; misses and rings are there too, so that the hand can be drawn.
 *
 * @param at where it is played
 * @param seconds when it sounds, at the song's tempo and with the pattern's feel
 */
public record TimelineStroke(
        SlotTime at, double seconds, Stroke stroke, HandMotion motion, Sounding sound, PlayedFrom from) {

    public TimelineStroke {
        Objects.requireNonNull(at);
        Objects.requireNonNull(stroke);
        Objects.requireNonNull(motion);
        Objects.requireNonNull(sound);
        Objects.requireNonNull(from);
    }

    /** See {@link SlotTime#start}. */
    public Length start() {
        return at.start();
    }

    /** See {@link SlotTime#length}. */
    public Length length() {
        return at.length();
    }

    /** See {@link SlotTime#end}. */
    public Length end() {
        return at.end();
    }

    /** See {@link SlotTime#count}. */
    public Count count() {
        return at.count();
    }

    /** The number of its bar, from 1. */
    public int bar() {
        return at.bar();
    }

    /** See {@link HandMotion#way}. */
    public Optional<Direction> hand() {
        return motion.way();
    }

    /** See {@link HandMotion#isAgainst}. */
    public boolean isAgainst() {
        return motion.isAgainst();
    }

    /** See {@link Sounding#strings}. */
    public List<StruckString> strings() {
        return sound.strings();
    }

    /** See {@link Sounding#moves}. */
    public List<FingerMove> moves() {
        return sound.moves();
    }

    /** See {@link Sounding#slurred}. */
    public List<StruckString> slurred() {
        return sound.slurred();
    }

    /** See {@link Sounding#loudness}. */
    public double loudness() {
        return sound.loudness();
    }

    /** The index of its chord in the timeline, from 0. */
    public int span() {
        return at.span();
    }

    /** See {@link PlayedFrom#pattern}. */
    public Optional<PatternId> pattern() {
        return from.pattern();
    }

    /** See {@link PlayedFrom#slot}. */
    public int slot() {
        return from.slot();
    }
}
