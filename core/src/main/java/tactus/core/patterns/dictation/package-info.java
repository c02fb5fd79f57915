/**
 * A pattern as it is spoken, and the places its strokes can have under the moving hand. Read {@link
 * tactus.core.patterns.dictation.Dictation} first, then {@link tactus.core.patterns.dictation.Placing}.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.patterns.dictation;
