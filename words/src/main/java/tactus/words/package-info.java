/**
 * What the program says, phrased from typed values, and the words that it reads, for one language at a time. Read {@link
 * tactus.words.Language} and {@link tactus.words.Words} first. All texts are in the resources beside it: {@code screen} for
 * the interface, {@code statements} for what the core finds, {@code lexicon} for what is typed.
 *
 * <p>Null is always refused.
 *
 * <h2>Bars on paper have both numbers</h2>
 *
 * <p>Bars on paper have both numbers, {@code 9·17 (1)}: those in the song of each time that they come, and that in
 * their section, since headings count in the song and exceptions and hints in the section. The chart in plain letters
 * counts in the section alone.
 */
package tactus.words;
