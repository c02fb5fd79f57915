/**
 * Shapes that are looked for: those of a chord's name, an easier stand-in, and what is wrong with one that is held. Read
 * {@link tactus.core.music.search.ShapeSearch} first.
 *
 * <p>All types are immutable; null is always refused. Lists of strings run from the lowest to the highest.
 *
 * <h2>The first shape</h2>
 *
 * <p>The first shape of a name is the one most teachers draw (common practice): open shapes, otherwise the barre that
 * moves the open E or A, on E flat the open D; with another bass the same shape with that bass below it. It holds for
 * six strings in standard intervals, also lowered or behind a capo, and for a hand that reaches it. Of 143 first
 * positions of the open dataset (major, minor, 7, maj7, m7, sus, slash) three are inversions of three strings and not
 * compared; of the 140 others 126 (90 %) are the same from the bass on, and 14 stand with their reasons in {@code
 * ShapeSearchTest}. Where teachers are of two minds (Em7, G/B) the dataset decides. Everything else, and the list of
 * easier ones, is ordered by ease. A shape that rings on in between, or lies beyond the 15th fret with the capo, is
 * none.
 *
 * <h2>In a first lesson</h2>
 *
 * <p>In a first lesson (the song's level) a chord that is written gets the small form of a barre, strings left out at
 * its edges and four at least left ({@code xx3211} for F; common practice).
 */
package tactus.core.music.search;
