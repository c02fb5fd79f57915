/**
 * What a teacher writes: sections with their chords, rules, exceptions, versions, the song with all of it, and its undo. It lays nothing out. Read {@link tactus.core.written.song.Song} first.
 */
package tactus.core.written;
