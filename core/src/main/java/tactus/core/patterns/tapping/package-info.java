/**
 * Patterns tapped in against the metronome. Read {@link tactus.core.patterns.tapping.Taps} first.
 *
 * <p>All types are immutable; null is always refused.
 *
 * <h2>Taps</h2>
 *
 * <p>Taps are put on the nearest slot of eighths, and of a finer rate only where that halves the error; taps that lie
 * no better than chance are refused. The clock between two blocks of sound is interpolated.
 */
package tactus.core.patterns.tapping;
