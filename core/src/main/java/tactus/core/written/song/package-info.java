/**
 * A song as the teacher writes it: facts, chords, patterns, sections and their order. Read {@link
 * tactus.core.written.song.Song} first.
 *
 * <p>All types are immutable; null is always refused; everything refers to other things by id or chord name.
 */
package tactus.core.written.song;
