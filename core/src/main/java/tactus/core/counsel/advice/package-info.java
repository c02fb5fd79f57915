/**
 * What a song needs next, computed from the song. Read {@link tactus.core.counsel.advice.NextStep} first.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.counsel.advice;
