/**
 * Rules, exceptions and places in the words of a lexicon, written and read: {@code Chorus, last pass: Driving eighths,
 * last time form}. Read {@link tactus.core.reading.sentence.RuleSentence} first.
 *
 * <p>Null is always refused.
 */
package tactus.core.reading.sentence;
