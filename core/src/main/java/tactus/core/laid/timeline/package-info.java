/**
 * The whole song laid out: every bar, chord and stroke with its place and time. Read {@link
 * tactus.core.laid.timeline.Timeline} first. Screens, sound, sheets and files read it; none computes its own.
 *
 * <p>All types are immutable; null is always refused. Positions are counted from the start of the song.
 */
package tactus.core.laid.timeline;
