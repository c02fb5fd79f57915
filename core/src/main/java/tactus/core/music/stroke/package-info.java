/**
 * What the picking hand does at a slot, how the hand swings, and how strokes are written on a line. Read {@link
 * tactus.core.music.stroke.Stroke} first, then {@link tactus.core.music.stroke.Hand}.
 *
 * <p>All types are immutable; null is always refused. String 1 is the highest-sounding.
 */
package tactus.core.music.stroke;
