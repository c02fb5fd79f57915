/**
 * What a student practises and why: changes and the time that a pattern leaves for them, and the ladder from a slow tempo to
 * the song's. Read {@link tactus.core.taught.practice.Ladder} first. All values are immutable, and null is refused.
 */
package tactus.core.taught.practice;
