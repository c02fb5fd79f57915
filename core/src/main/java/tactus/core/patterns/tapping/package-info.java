/**
 * Patterns tapped in against the metronome. Read {@link tactus.core.patterns.tapping.Taps} first.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.patterns.tapping;
