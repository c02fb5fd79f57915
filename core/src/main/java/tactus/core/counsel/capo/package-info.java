/**
 * Where the capo goes: which shapes a song needs at every fret, what they cost, and the sums that are asked the other way
 * round. Read {@link tactus.core.counsel.capo.CapoPlan} first.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.counsel.capo;
