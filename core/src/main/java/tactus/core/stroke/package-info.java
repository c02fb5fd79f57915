/**
 * What the picking hand does at a slot, how the hand swings, and how strokes are written on a line. Read {@link
 * tactus.core.stroke.Stroke} first, then {@link tactus.core.stroke.Hand}.
 *
 * <p>All types are immutable; null is always refused. String 1 is the highest-sounding.
 */
package tactus.core.stroke;
