/**
 * What the program proposes for an arrangement: walks between chords, softer places under a voice, a part thinned for a
 * band, an easier version. Nothing here is done unasked. Read {@link tactus.core.counsel.suggestion.Suggestion} first.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.counsel.suggestion;
