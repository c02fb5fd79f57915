/**
 * A song as teachers have it in a mail: headings, chords above words, bars with a stroke for each beat. Read {@link
 * tactus.core.reading.chart.Chart} first. What was understood of every line is kept beside it.
 *
 * <p>All types are immutable; null is always refused.
 *
 * <h2>Pasted chords</h2>
 *
 * <p>A name alone lasts a bar; between bar lines chords share the bar, and a stroke ({@code /}) is a beat of the chord
 * before it. A heading that comes again with the same chords is the same section; words become cues of the bars they
 * stand under. Where no key is said it is the one whose scale holds most of the notes, and in which the chords begin
 * and end.
 */
package tactus.core.reading.chart;
