/**
 * What the program proposes for an arrangement: walks between chords, softer places under a voice, a part thinned for a
 * band, an easier version. Nothing here is done unasked. Read {@link tactus.core.counsel.suggestion.Suggestion} first.
 *
 * <p>All types are immutable; null is always refused.
 *
 * <h2>A bass walk</h2>
 *
 * <p>A bass walk takes scale notes if there are enough between the roots, otherwise every semitone, and plays the root
 * on where even these are too few.
 */
package tactus.core.counsel.suggestion;
