/**
 * What the picking hand does at a slot, how the hand swings, and how strokes are written on a line. Read {@link
 * tactus.core.music.stroke.Stroke} first, then {@link tactus.core.music.stroke.Hand}.
 *
 * <p>All types are immutable; null is always refused. String 1 is the highest-sounding.
 *
 * <h2>The hand</h2>
 *
 * <p>The hand starts every bar with a down. In 6/8 that is strict alternation; the school of six downs is the <i>all
 * down</i> hand. In a bar with an odd number of crossings the hand comes back quickly and silently.
 *
 * <h2>A beat that is divided otherwise</h2>
 *
 * <p>A beat that is divided otherwise turns the hand slot by slot, a down first.
 */
package tactus.core.music.stroke;
