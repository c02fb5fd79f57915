/**
 * A pattern as it is spoken. Read {@link tactus.core.patterns.dictation.Dictation} first, then {@link
 * tactus.core.patterns.dictation.Doubt}. It must not know slots: where strokes fall is the matter of {@code placing}.
 *
 * <p>All types are immutable or live for one reading; null is always refused.
 *
 * <h2>From words to strokes</h2>
 *
 * <p>{@code SaidSpelling} mends slips of one letter in words of five or more that leave no doubt, and says so. {@code
 * JoiningWords} divides the text into the phrases of the lexicon, the longest first, and leaves out what only joins. {@code
 * PickingSense} looks at all of them: are bare numbers counts, strings or fingers, are letters strings? {@code
 * DictationReader} then reads phrase by phrase; {@code SpokenStrokes} and {@code SpokenWords} say what each means. A word
 * that says nothing is kept with the nearest that say something ({@code Unread}); the rest stands. Lines of signs alone
 * ({@code p 4 3 2}) are read by {@code PickedLine}. Words alone that say no stroke are syllables to feel a pattern by.
 *
 * <h2>What can be meant in two ways</h2>
 *
 * <p>Each way is read ({@code Readings}). What is a habit of the one who speaks is asked once and then remembered ({@code
 * Manner}), and that it was is told each time. Numbers that only rise from 1 are counts, other numbers are strings where
 * nothing is strummed, behind a thumb they are fingers up to 3. {@code E A D G B} are the strings of the standard tuning,
 * whatever the song's is. {@code rest} is a stop. {@code twice} says the phrase since the comma again, behind a comma
 * everything, before a phrase that phrase. {@code fifth} beside a root is the chord's fifth, not string 5.
 *
 * <h2>What it understands</h2>
 *
 * <p>{@code sayings.txt} beside the tests holds what is understood, each with its meaning; how many of sayings written
 * afterwards were is in docs/benchmarks.md.
 */
package tactus.core.patterns.dictation;
