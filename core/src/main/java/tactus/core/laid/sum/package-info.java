/**
 * The sums of a song: how long its parts are in rounds, bars, beats and seconds, their phrases, and how that compares
 * with a recording. Read {@link tactus.core.laid.sum.Sums} first.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.laid.sum;
