/**
 * A timeline turned into single notes in seconds, as a guitar would sound it: for the loudspeaker and for MIDI. Read
 * {@link tactus.core.laid.performance.Performance} first.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.laid.performance;
