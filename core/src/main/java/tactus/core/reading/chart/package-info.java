/**
 * A song as teachers have it in a mail: headings, chords above words, bars with a stroke for each beat. Read {@link
 * tactus.core.reading.chart.Chart} first. What was understood of every line is kept beside it.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.reading.chart;
