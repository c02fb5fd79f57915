/**
 * The fretting hand: how a chord is held on the neck and how hard that is. Read {@link tactus.core.music.shape.Voicing}
 * first, then {@link tactus.core.music.shape.Grip}.
 *
 * <p>All types are immutable; null is always refused. String 1 is the highest-sounding; lists of strings run from the
 * lowest to the highest, as shapes are written. Frets are counted from the capo.
 */
package tactus.core.music.shape;
