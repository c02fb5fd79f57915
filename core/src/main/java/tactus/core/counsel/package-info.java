/**
 * What there is to say of a song, and what mends it: snags, comparisons, suggestions, capo, edits. It knows no student. Read {@link tactus.core.counsel.snag.Snags} first.
 */
package tactus.core.counsel;
