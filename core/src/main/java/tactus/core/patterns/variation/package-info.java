/**
 * Patterns derived from others by rule: short, light, busier, with mutes on the backbeat. Read {@link
 * tactus.core.patterns.variation.Variation} first.
 *
 * <p>All types are immutable; null is always refused.
 *
 * <h2>Forms</h2>
 *
 * <p>Forms are patterns with a link to the one they come from. They are made anew whenever that changes, until they are
 * edited by hand; then they stay as they are and say so.
 */
package tactus.core.patterns.variation;
