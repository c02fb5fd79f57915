/**
 * Strumming patterns: strokes on the slots of a grid. Read {@link tactus.core.patterns.pattern.Pattern} first.
 *
 * <p>All types are immutable; null is always refused.
 *
 * <h2>Nothing written is lost</h2>
 *
 * <p>A pattern keeps strokes that a change of meter, length or division pushes off its grid; they come back when it is
 * changed back, and are saved with it.
 */
package tactus.core.patterns.pattern;
