/**
 * Parts of a song: their bars and chords, and how a later use of one differs from it. Read {@link
 * tactus.core.written.section.Section} and {@link tactus.core.written.section.Use} first.
 *
 * <p>All types are immutable; null is always refused.
 */
package tactus.core.written.section;
