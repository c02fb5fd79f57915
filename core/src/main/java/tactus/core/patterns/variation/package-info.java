/**
 * Patterns derived from others by rule: short, light, busier, with mutes on the backbeat. Read {@link
 * tactus.core.patterns.variation.Variation} first.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.patterns.variation;
