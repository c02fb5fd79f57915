/**
 * The sums of a song: how long its parts are in rounds, bars, beats and seconds, their phrases, and how that compares
 * with a recording. Read {@link tactus.core.laid.sum.Sums} first.
 *
 * <p>All types are immutable; null is always refused.
 *
 * <h2>Phrases</h2>
 *
 * <p>Phrases are looked for every four bars; a new one begins where the chords start as an earlier one did.
 */
package tactus.core.laid.sum;
