/**
 * What the program says, phrased from typed values, and the words that it reads, for one language at a time. Read {@link
 * tactus.words.Language} and {@link tactus.words.Words} first. All texts are in the resources beside it: {@code screen} for
 * the interface, {@code statements} for what the core finds, {@code lexicon} for what is typed.
 *
 * <p>Null is always refused.
 */
package tactus.words;
