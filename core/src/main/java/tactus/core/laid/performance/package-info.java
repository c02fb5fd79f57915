/**
 * A timeline turned into single notes in seconds, as a guitar would sound it: for the loudspeaker and for MIDI. Read
 * {@link tactus.core.laid.performance.Performance} first.
 *
 * <p>All types are immutable; null is always refused.
 *
 * <h2>A hammer-on</h2>
 *
 * <p>A hammer-on is heard on a string that was struck on that chord before. A part in another key holds the shapes
 * moved along the neck where a usual hand can, otherwise the usual shape of the name; those shapes stand on the sheet.
 *
 * <h2>Layers</h2>
 *
 * <p>Layers: the thumb has strings 4 to 6, the fingers 3 to 1 (common practice); a strum is the thumb's only where it
 * stays on the thumb's strings.
 */
package tactus.core.laid.performance;
