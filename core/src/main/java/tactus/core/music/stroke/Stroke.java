package tactus.core.music.stroke;

import java.util.Optional;

/** What the picking hand does at a slot. */
public sealed interface Stroke permits Strum, Pluck, Mute, Miss, Ring, Stop {

    /** Answers whether the hand touches strings here so that they sound, pitched or dead. */
    default boolean isStruck() {
        return switch (this) {
            case Strum _, Pluck _, Mute _ -> true;
            case Miss _, Ring _, Stop _ -> false;
        };
    }

    /** Which way the stroke goes over the strings; empty if it goes neither way. */
    default Optional<Direction> way() {
        return switch (this) {
            case Strum strum -> Optional.of(strum.direction());
            case Mute mute -> Optional.of(mute.direction());
            case Pluck _, Miss _, Ring _, Stop _ -> Optional.empty();
        };
    }

    /** The same going {@code other} over the strings, where it has a way. */
    default Stroke withWay(Direction other) {
        return this;
    }

    /** How hard it is; plain where nothing is struck. */
    default Force force() {
        return Force.PLAIN;
    }

    /** The same with another force, where strings are struck. */
    default Stroke withForce(Force other) {
        return this;
    }

    /** How the strings are touched. */
    default Touch touch() {
        return Touch.PLAIN;
    }

    /** The same with another touch, where strings sound with a pitch. */
    default Stroke withTouch(Touch other) {
        return this;
    }
}
