/**
 * How a song begins: with a few facts, with pasted chords, or with one that is there. Read {@link
 * tactus.app.start.StartPage} first.
 */
package tactus.app.start;
