/**
 * What can be said of the rhythm of a pattern: its numbers, how syncopated and how hard it is, the cell that it repeats and
 * words to feel it by. Read {@link tactus.core.patterns.rhythm.PatternFacts} first, then {@link tactus.core.patterns.rhythm.Cells}.
 *
 * <p>All types are immutable; null is always refused.
 *
 * <h2>Cells</h2>
 *
 * <p>Cells are found by repetition from the first slot on. A form of 3+3+2 is a cell twice and once more cut short; its
 * share is that of the time. A cell that is no whole number of beats is not to be looped alone, and that is said.
 *
 * <h2>A teacher's own words for a cell</h2>
 *
 * <p>A teacher's own words for a cell are kept with the song, by the strokes of the cell, and come before ours; they
 * need a syllable for every stroke.
 */
package tactus.core.patterns.rhythm;
