/**
 * A pattern said: in words, in counts, in the syllables of a school, and as a line to read aloud in time. What is said with
 * counts is read back as the same pattern. Read {@link tactus.core.patterns.saying.Saying} first.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.patterns.saying;
