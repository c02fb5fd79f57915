/**
 * The whole song as one page of bars: headings, chords, ribbons of what is played, and the hand over the strings. Read
 * {@link tactus.app.arrangement.bars.SongPage} first.
 */
package tactus.app.arrangement.bars;
