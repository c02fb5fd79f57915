/**
 * The fretting hand: how a chord is held on the neck, how hard that is, and what else would do. Read {@link
 * tactus.core.shape.Voicing} first, then {@link tactus.core.shape.Grip} and {@link tactus.core.shape.ShapeSearch}.
 *
 * <p>All types are immutable; null is always refused. String 1 is the highest-sounding; lists of strings run from the
 * lowest to the highest, as shapes are written. Frets are counted from the capo.
 */
package tactus.core.shape;
