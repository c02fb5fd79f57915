/**
 * What a teacher keeps of students: who they are, what each lesson gave them, how they played, how fast they change chords; and
 * what follows from it. Read {@link tactus.core.taught.logbook.Progress} first.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.taught.logbook;
