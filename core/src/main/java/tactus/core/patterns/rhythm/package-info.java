/**
 * What can be said of the rhythm of a pattern: its numbers, how syncopated and how hard it is, the cell that it repeats and
 * words to feel it by. Read {@link tactus.core.patterns.rhythm.PatternFacts} first, then {@link tactus.core.patterns.rhythm.Cells}.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.patterns.rhythm;
