/**
 * The whole song as one page of bars: headings, chords, ribbons of what is played, and the hand over the strings. Read
 * {@link tactus.app.arrangement.bars.SongPage} first.
 *
 * <h2>The whole song is one page</h2>
 *
 * <p>Rows (headings, lines of bars) have heights that follow from what they hold, so that only what is in sight is
 * built. A line carries as many bars as the window has room for, in whole phrases (16, 8, 4, 2 or 1), and a bar is
 * wider where its chords need it. A use that is played as an earlier one of its section is folded to its heading; what
 * is the same is decided by the timeline (strokes, strings, loudness, chords, pauses), and cues in front of the next
 * section do not count.
 */
package tactus.app.arrangement.bars;
