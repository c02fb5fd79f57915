/**
 * The song laid out: bars, chords and strokes in time, and what is made of these: a page, notes, sound, sums. It judges nothing. Read {@link tactus.core.laid.timeline.Timeline} first.
 */
package tactus.core.laid;
