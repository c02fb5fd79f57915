/**
 * What a teacher keeps of students: who they are, what each lesson gave them, how they played, how fast they change chords; and
 * what follows from it. Read {@link tactus.core.taught.logbook.Progress} first.
 *
 * <p>All types are immutable; null is always refused.
 *
 * <h2>Within reach</h2>
 *
 * <p>Within reach compares what a version asks (widest stretch, most strokes a second in a bar, every change) with a
 * student's hand, counts and clean takes. A change needs as many a minute as its gap holds, but never more than 60: who
 * makes sixty makes them in time (common practice). 15 % more strokes a second than were played are within reach; ours.
 * What songs ask is kept in the index of songs.
 *
 * <h2>The logbook</h2>
 *
 * <p>The logbook speaks of songs by their titles; it knows the ids of song files and under which title each was last,
 * so that what is written follows a new one. A take counts for a tempo from a score of 80 on; a song is stuck after
 * three weeks of trying with no faster clean take. Both are ours.
 */
package tactus.core.taught.logbook;
