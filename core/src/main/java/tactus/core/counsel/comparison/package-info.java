/**
 * Two sections, or two uses of them, side by side. Read {@link tactus.core.counsel.comparison.SideBySide} first.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.counsel.comparison;
