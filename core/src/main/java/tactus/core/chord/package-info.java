/**
 * Pitch, tuning and the shapes of chords. Read {@link tactus.core.chord.Tuning} first, then {@link
 * tactus.core.chord.Voicing}.
 *
 * <p>All types are immutable; null is always refused. String 1 is the highest-sounding; lists of strings run from the
 * lowest-sounding to the highest, as shapes are written.
 */
package tactus.core.chord;
