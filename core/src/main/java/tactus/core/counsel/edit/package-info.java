/**
 * Changes of a song, each with its name and what comes of it. Read {@link tactus.core.counsel.edit.Edit} first.
 *
 * <p>All types are immutable; null is always refused.
 *
 * <h2>Another meter</h2>
 *
 * <p>Another meter ({@code ChangeMeter}): bars that had the song's own meter have the new one, and chords that filled
 * whole bars keep their number of bars; what was said of a pattern is placed anew, and a pattern that was written stays
 * in the old meter and is named.
 */
package tactus.core.counsel.edit;
