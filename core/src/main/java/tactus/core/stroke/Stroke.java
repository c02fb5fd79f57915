package tactus.core.stroke;

/** What the picking hand does at a slot. */
public sealed interface Stroke permits Strum, Mute, Miss, Ring, Stop {

    /** Answers whether the hand touches strings here so that they sound, pitched or dead. */
    default boolean isStruck() {
        return this instanceof Strum || this instanceof Mute;
    }
}
