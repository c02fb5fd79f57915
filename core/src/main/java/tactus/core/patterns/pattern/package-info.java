/**
 * Strumming patterns: strokes on the slots of a grid. Read {@link tactus.core.patterns.pattern.Pattern} first.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.patterns.pattern;
