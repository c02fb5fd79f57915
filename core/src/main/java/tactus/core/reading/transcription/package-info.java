/**
 * Music that was written elsewhere, brought into sections, patterns and rules. Read
 * {@link tactus.core.reading.transcription.Transcription}. All values are immutable, and null is refused.
 *
 * <h2>Brought in music</h2>
 *
 * <p>Brought in music: parts with the same chords are one section, bars with the same strokes one pattern; what most
 * bars of a section play is its rule, what all entries play in a bar a rule for the bar, and what one entry plays a
 * rule for that entry. Picked strings stay strings (they are not turned into fingers). A second part, later tempos,
 * later places of the capo and slurs are told and not taken.
 */
package tactus.core.reading.transcription;
