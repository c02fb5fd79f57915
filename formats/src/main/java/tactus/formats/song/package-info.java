/**
 * A song as one JSON file, described by {@code docs/song.schema.json}. Read {@link tactus.formats.song.SongFile} first.
 *
 * <p>Null is always refused.
 */
package tactus.formats.song;
