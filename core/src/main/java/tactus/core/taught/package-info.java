/**
 * How it is learnt: practice, what is kept of students, the songs on the shelf. Days are values here; nothing reads a clock. Read {@link tactus.core.taught.practice.Ladder} first.
 */
package tactus.core.taught;
