/**
 * What does not fit: each snag has a place, a plain sentence and the numbers behind it. Read {@link
 * tactus.core.counsel.snag.Snag} first.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.counsel.snag;
