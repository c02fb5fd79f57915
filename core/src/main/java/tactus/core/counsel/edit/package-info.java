/**
 * Changes of a song, each with its name and what comes of it. Read {@link tactus.core.counsel.edit.Edit} first.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.counsel.edit;
