/**
 * The bars of the song as they are drawn: chords, and the hand over the strings. Read {@link tactus.app.bars.BarsView} first.
 */
package tactus.app.bars;
