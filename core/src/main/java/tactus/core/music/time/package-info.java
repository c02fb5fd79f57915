/**
 * Musical time: exact lengths, meters, the slots of a beat and how they are counted. Read {@link
 * tactus.core.music.time.Length} first, then {@link tactus.core.music.time.Meter}.
 *
 * <p>All types are immutable; null is always refused. Positions and lengths are fractions of a whole note; seconds
 * appear only in {@link tactus.core.music.time.Tempo}.
 */
package tactus.core.music.time;
