/**
 * Two sections, or two uses of them, side by side. Read {@link tactus.core.comparison.SideBySide} first.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.comparison;
