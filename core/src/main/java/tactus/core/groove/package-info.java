/**
 * Drum grooves that strokes answer. Read {@link tactus.core.groove.Groove} first.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.groove;
