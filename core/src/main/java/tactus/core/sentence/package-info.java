/**
 * Rules and exceptions as sentences that can be read and written: {@code Chorus, last pass: Driving eighths, last time
 * form}. Read {@link tactus.core.sentence.RuleSentence} first.
 */
package tactus.core.sentence;
