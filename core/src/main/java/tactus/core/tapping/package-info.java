/**
 * Patterns tapped in against the metronome. Read {@link tactus.core.tapping.Taps} first.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.tapping;
