/**
 * A pattern as it is spoken, and the places its strokes can have under the moving hand. Read {@link
 * tactus.core.dictation.Dictation} first, then {@link tactus.core.dictation.Placing}.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.dictation;
