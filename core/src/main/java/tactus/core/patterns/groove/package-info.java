/**
 * Drum grooves that strokes answer. Read {@link tactus.core.patterns.groove.Groove} first.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.patterns.groove;
