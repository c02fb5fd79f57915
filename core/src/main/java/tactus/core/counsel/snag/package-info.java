/**
 * What does not fit: each snag has a place, a plain sentence and the numbers behind it. Read {@link
 * tactus.core.counsel.snag.Snag} first.
 *
 * <p>All types are immutable; null is always refused.
 *
 * <h2>A snag that is accepted</h2>
 *
 * <p>A snag that is accepted is known by its kind and the ids it is about, and holds for its numbers; when these change
 * it comes back. In files of version 2 it was known by its words; it is found again by its kind and place, and one that
 * is not there any more is dropped.
 *
 * <h2>Lengths</h2>
 *
 * <p>Lengths are compared among namesakes (Verse, Verse 2, last verse), and an odd one is asked about only between
 * sections that come in fours; what leads in, links or ends is often odd (common practice). What is cut alike is one
 * snag with one fix, wherever in the song.
 */
package tactus.core.counsel.snag;
