/**
 * Musical time: exact lengths, meters, the slots of a beat and how they are counted. Read {@link
 * tactus.core.music.time.Length} first, then {@link tactus.core.music.time.Meter}.
 *
 * <p>All types are immutable; null is always refused. Positions and lengths are fractions of a whole note; seconds
 * appear only in {@link tactus.core.music.time.Tempo}.
 *
 * <h2>Felt beats</h2>
 *
 * <p>The unit in simple meters, groups of three in compound ones, the groups of eighths in additive ones (2+2+3/8). In
 * additive meters with quarters (5/4) every quarter is a beat.
 *
 * <h2>Seconds</h2>
 *
 * <p>Seconds appear in {@code Tempo}, and from there in times computed from the start of the song, never by adding up.
 */
package tactus.core.music.time;
