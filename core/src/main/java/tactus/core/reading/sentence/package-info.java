/**
 * Rules, exceptions and places in the words of a lexicon, written and read: {@code Chorus, last pass: Driving eighths,
 * last time form}. Read {@link tactus.core.reading.sentence.RuleSentence} first.
 *
 * <p>Null is always refused.
 *
 * <h2>The running order as a line</h2>
 *
 * <p>The running order as a line: {@code x2} is two entries, not two passes. Entries keep what is other in them: those
 * that stay in order first (longest common subsequence), then those that were moved. In a song without sections the
 * names become sections.
 *
 * <h2>Bars have two numbers</h2>
 *
 * <p>Bars have two numbers where they differ: {@code 13 (5)} is song bar 13 and bar 5 of its section. Typed, {@code bar
 * 5} is the section's and {@code song bar 13} the song's.
 *
 * <h2>Hints</h2>
 *
 * <p>Hints are sentences with their place in front ({@code C - F: push with the second}). They go with what is renamed,
 * and away with what is taken out. A hint in front of whose colon stands nothing of the song is refused, and its text
 * stays.
 */
package tactus.core.reading.sentence;
