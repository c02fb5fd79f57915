/**
 * Picking with fingers: which string a finger takes on which chord. Read {@link tactus.core.patterns.picking.Fingers} first.
 *
 * <p>All types are immutable; null is always refused. String 1 is the highest-sounding.
 *
 * <h2>Picking</h2>
 *
 * <p>The root bass is the lowest string with the chord's bass note. Fingers take strings 3 2 1 on roots on 6 and 5; on
 * a root on 4 two fingers move up to 2 and 1, three stay on 3 2 1 with the thumb on 4. The other bass is the fifth if a
 * low string has it, then another chord note, then an open string that the shape leaves out, and a finger moves only
 * where nothing else is left. {@code q} for it is our letter; both thumbs are labelled {@code p} or {@code T}.
 *
 * <h2>Fingers on strings</h2>
 *
 * <p>Fingers on strings: fingers follow the root (3 2 1, one string higher on a root on string 4), or take 4 3 2 on a
 * root on string 6, or stay on 3 2 1; a song says which once for all its figures, a figure can still say otherwise for
 * a chord.
 */
package tactus.core.patterns.picking;
